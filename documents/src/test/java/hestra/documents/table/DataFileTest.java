package hestra.documents.table;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

import com.github.miachm.sods.Sheet;
import com.github.miachm.sods.SpreadSheet;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Variable;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.numbers.DecimalMark;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

class DataFileTest {

    @TempDir
    Path folder;

    private static List<DataFile.Part> parts(Path file) {
        Result<List<DataFile.Part>> reading = DataFile.read(file);
        assertThat(reading).as("%s", reading).isInstanceOf(Result.Done.class);
        return ((Result.Done<List<DataFile.Part>>) reading).value();
    }

    private static String refusal(Path file) {
        Result<List<DataFile.Part>> reading = DataFile.read(file);
        assertThat(reading).isInstanceOf(Result.Refused.class);
        return ((Result.Refused<?>) reading).message();
    }

    private static TextData understood(DataFile.Part part, DecimalMark own) {
        return ((Result.Done<TextData>) part.understand(own)).value();
    }

    private Path written(String name, byte[] bytes) throws IOException {
        return Files.write(folder.resolve(name), bytes);
    }

    @Test
    void aTextIsReadInWhateverEncodingItCame() throws IOException {
        String text = "Tage;Länge (µm)\n4;8,1\n6;11,4\n";
        List<byte[]> encoded = List.of(text.getBytes(StandardCharsets.UTF_8), ("\ufeff" + text).getBytes(StandardCharsets.UTF_8),
                ("\ufeff" + text).getBytes(StandardCharsets.UTF_16LE), ("\ufeff" + text).getBytes(StandardCharsets.UTF_16BE),
                text.getBytes(StandardCharsets.UTF_16LE), text.getBytes(StandardCharsets.UTF_16BE),
                        text.getBytes(Charset.forName("windows-1252")));
        for (byte[] bytes : encoded) {
            TextData data = understood(parts(written("lengths.csv", bytes)).getFirst(), DecimalMark.POINT);
            assertThat(data.block().headings()).contains(List.of("Tage", "Länge (µm)"));
            assertThat(data.block().rows()).containsExactly(List.of("4", "8.1"), List.of("6", "11.4"));
        }
    }

    private Path workbook() throws IOException {
        Path file = folder.resolve("kelp.xlsx");
        try (XSSFWorkbook workbook = new XSSFWorkbook(); OutputStream out = Files.newOutputStream(file)) {
            XSSFSheet sheet = workbook.createSheet("Blades");
            sheet.createRow(1).createCell(1).setCellValue("days");
            sheet.getRow(1).createCell(2).setCellValue("length (cm)");
            sheet.getRow(1).createCell(3).setCellValue("on");
            CellStyle shown = workbook.createCellStyle();
            shown.setDataFormat(workbook.createDataFormat().getFormat("0.0"));
            CellStyle date = workbook.createCellStyle();
            date.setDataFormat(workbook.createDataFormat().getFormat("d/m/yy"));
            for (int i = 0; i < 3; i++) {
                Row row = sheet.createRow(2 + i);
                row.createCell(1).setCellValue(4 + i);
                row.createCell(2).setCellValue(8.123456789 + i);
                row.getCell(2).setCellStyle(shown);
                row.createCell(3).setCellValue(LocalDate.of(2026, 5, 3 + i));
                row.getCell(3).setCellStyle(date);
            }
            sheet.getRow(4).getCell(1).setCellFormula("3+3");
            workbook.getCreationHelper().createFormulaEvaluator().evaluateAll();
            workbook.createSheet("Empty");
            workbook.createSheet("Notes").createRow(0).createCell(0).setCellValue("Ida\tFenn\nwrote these");
            workbook.write(out);
        }
        return file;
    }

    @Test
    void aWorkbookGivesItsSheetsWithStoredValuesInFull() throws IOException {
        List<DataFile.Part> parts = parts(workbook());
        assertThat(parts).extracting(DataFile.Part::name).containsExactly("Blades", "Notes");
        for (DecimalMark own : DecimalMark.values()) {
            TextData data = understood(parts.getFirst(), own);
            assertThat(data.block().headings()).contains(List.of("days", "length (cm)", "on"));
            assertThat(data.block().rows().getFirst()).containsExactly("4", "8" + own.sign() + "123456789", "2026-05-03");
            assertThat(data.block().rows().getLast().getFirst()).as("a formula's stored value").isEqualTo("6");
        }
        assertThat(parts.getLast().text()).isEqualTo("Ida Fenn wrote these\n");
    }

    @Test
    void anOpenDocumentSpreadsheetIsReadLikewise() throws IOException {
        Path file = folder.resolve("kelp.ods");
        SpreadSheet sheets = new SpreadSheet();
        Sheet sheet = new Sheet("Blades", 3, 2);
        sheet.getDataRange().setValues("days", "length", 4.0, 8.125, 6.0, 11.5);
        sheets.appendSheet(sheet);
        sheets.save(file.toFile());
        TextData data = understood(parts(file).getFirst(), DecimalMark.POINT);
        assertThat(data.block().headings()).contains(List.of("days", "length"));
        assertThat(data.block().rows()).containsExactly(List.of("4", "8.125"), List.of("6", "11.5"));
    }

    private Path zipped(String name, String entry, String content) throws IOException {
        Path file = folder.resolve(name);
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            zip.putNextEntry(new ZipEntry(entry));
            zip.write(content.getBytes(StandardCharsets.UTF_8));
            zip.closeEntry();
        }
        return file;
    }

    private static String content(String rows) {
        return "<?xml version=\"1.0\"?><office:document-content xmlns:office=\"o\" xmlns:table=\"t\" "
                + "xmlns:text=\"x\"><office:body><office:spreadsheet>"
                + "<table:table table:name=\"Blades\">" + rows
                + "</table:table></office:spreadsheet></office:body></office:document-content>";
    }

    @Test
    void repeatedCellsAreTakenAndEmptyRepetitionsPassedOver() throws IOException {
        String row =
                "<table:table-row table:number-rows-repeated=\"2\"><table:table-cell office:value-type=\"float\" "
                + "office:value=\"7\""
                + " table:number-columns-repeated=\"2\"/><table:table-cell "
                + "table:number-columns-repeated=\"16000\"/></table:table-row>"
                + "<table:table-row table:number-rows-repeated=\"1048574\"><table:table-cell "
                + "table:number-columns-repeated=\"16384\"/></table:table-row>";
        assertThat(parts(zipped("r.ods", "content.xml", content(row))).getFirst().text()).isEqualTo("7\t7\n7\t7\n");
    }

    @Test
    void filesThatWouldFillTheMemoryAreRefused() throws IOException {
        String bomb =
                "<table:table-row table:number-rows-repeated=\"90000\"><table:table-cell office:value-type=\"float\" "
                + "office:value=\"7\""
                + " table:number-columns-repeated=\"199\"/></table:table-row>";
        assertThat(refusal(zipped("b.ods", "content.xml", content(bomb)))).contains("cells");
        assertThat(refusal(zipped("w.ods", "content.xml", content(bomb.replace("199", "1000000"))))).contains("more than");
        assertThat(refusal(zipped("t.ods", "content.xml", content(bomb.replace("90000", "9000000"))))).contains("more than");
        String wide =
                "<table:table-row><table:table-cell office:value-type=\"float\" office:value=\"7\" "
                + "table:number-columns-repeated=\"300\"/></table:table-row>";
        assertThat(refusal(zipped("c.ods", "content.xml", content(wide)))).contains("columns");
        String number =
                "<table:table-row><table:table-cell office:value-type=\"float\" office:value=\"1E999999999\"/></table:table-row>";
        assertThat(parts(zipped("n.ods", "content.xml", content(number))).getFirst().text()).isEqualTo("1E999999999\n");
        String wordy =
                "<table:table-row table:number-rows-repeated=\"900000\"><table:table-cell "
                + "table:number-columns-repeated=\"2\"><text:p>" + "kelp ".repeat(400)
                + "</text:p></table:table-cell></table:table-row>";
        assertThat(refusal(zipped("l.ods", "content.xml", content(wordy)))).contains("too much text");
        assertThat(refusal(zipped("o.ods", "content.xml",
                content("<table:table-row><table:table-cell><text:p>" + "x".repeat(40_000)
                        + "</text:p></table:table-cell></table:table-row>")))).contains("letters");
        String far =
                "<table:table-row table:number-rows-repeated=\"60000\"><table:table-cell "
                + "table:number-columns-repeated=\"198\"/><table:table-cell office:value-type=\"float\" "
                + "office:value=\"7\"/></table:table-row>";
        assertThat(refusal(zipped("f.ods", "content.xml", content(far)))).as("empty cells take room too").contains("cells");
        Path wideText = written("wide.csv", "1,".repeat(199).concat("1\n").repeat(20_100).getBytes(StandardCharsets.UTF_8));
        assertThat(((Result.Refused<DataFile.Taken>) DataFile.take(wideText, DecimalMark.POINT, Progress.UNWATCHED)).message())
                .contains("4020001 cells");
        assertThat(refusal(zipped("x.xlsx", "xl/workbook.xml", "0".repeat(30_000_000)))).contains("no workbook");
    }

    @Test
    void entitiesFromOutsideAreNotFetched() throws IOException {
        Path secret = Files.writeString(folder.resolve("secret.txt"), "12345");
        String cell = "<table:table-row><table:table-cell><text:p>&s;</text:p></table:table-cell></table:table-row>";
        String hostile = content(cell).replace("<office:document-content",
                "<!DOCTYPE d [<!ENTITY s SYSTEM \"" + secret.toUri() + "\">]><office:document-content");
        Result<List<DataFile.Part>> reading = DataFile.read(zipped("h.ods", "content.xml", hostile));
        assertThat(reading.toString()).doesNotContain("12345");
        assertThat(reading).isInstanceOf(Result.Refused.class);
    }

    @Test
    void whatIsNoDataIsRefusedWithAWordOnWhatToDo() throws IOException {
        byte[] noise = new byte[5000];
        new Random(4).nextBytes(noise);
        assertThat(refusal(written("noise.csv", noise))).contains("not a text");
        assertThat(refusal(written("empty.csv", new byte[0]))).contains("is empty");
        assertThat(refusal(written("blank.csv", "  \n\n".getBytes(StandardCharsets.UTF_8)))).contains("is empty");
        assertThat(refusal(written("old.xls", new byte[] {(byte) 0xD0, (byte) 0xCF, 0x11, (byte) 0xE0, 0, 0})))
                .contains("password");
        assertThat(refusal(written("cut.xlsx", java.util.Arrays.copyOf(Files.readAllBytes(workbook()), 900))))
                .contains("damaged");
        assertThat(refusal(zipped("none.ods", "other.xml", "<a/>"))).contains("no OpenDocument");
        assertThat(refusal(folder.resolve("none.csv"))).contains("not there");
        assertThat(refusal(folder)).contains("folder");
    }

    @Test
    void aTableWrittenForOtherProgramsReadsBackTheSame() throws IOException {
        DataTable table = new DataTable(List.of(new Variable("days", "", "days"), new Variable("length", "", "cm"),
                Variable.named("note")), List.of(
                hestra.data.Row.of(Cell.of("4", DecimalMark.COMMA), Cell.of("8,125", DecimalMark.COMMA),
                        Cell.of("=1+1", DecimalMark.COMMA)),
                hestra.data.Row.of(Cell.of("-6", DecimalMark.COMMA), Cell.EMPTY, Cell.of("fine, \"so\"", DecimalMark.COMMA)),
                hestra.data.Row.of(Cell.of("1e-7", DecimalMark.COMMA), Cell.of("1234567,5", DecimalMark.COMMA))));
        for (String ending : List.of(".csv", ".xlsx", ".ods")) {
            Path file = folder.resolve("data" + ending);
            DataExport.write(table, file);
            TextData data = understood(parts(file).getFirst(), DecimalMark.POINT);
            assertThat(data.block().headings()).as(ending).contains(List.of("days", "length (cm)", "note"));
            assertThat(data.block().rows().get(0).subList(0, 2)).as(ending).containsExactly("4", "8.125");
            assertThat(data.block().rows().get(0).get(2)).as(ending).isEqualTo(ending.equals(".csv") ? "'=1+1" : "=1+1");
            assertThat(data.block().rows().get(1).subList(0, 2)).as(ending).containsExactly("-6", "");
            assertThat(data.block().rows().get(2).subList(0, 2)).as(ending).containsExactly("0.0000001", "1234567.5");
        }
        try (var files = Files.list(folder)) {
            assertThat(files).as("nothing is left beside them").hasSize(3);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+1+1", "-sum", "@sum"})
    void whatAnotherProgramWouldTakeForAFormulaIsWrittenAsText(String text) throws IOException {
        Path file = folder.resolve("data.csv");
        DataExport.write(new DataTable(List.of(Variable.named("a"), Variable.named("b")),
                List.of(hestra.data.Row.of(Cell.of("2", DecimalMark.POINT), Cell.of(text, DecimalMark.POINT)))), file);
        assertThat(Files.readString(file)).contains(",'" + text);
    }

    @Test
    void aBadByteInASpreadsheetIsRefusedWithoutAWordOnTheTerminal() throws IOException {
        PrintStream terminal = System.err;
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        System.setErr(new PrintStream(said, true, StandardCharsets.UTF_8));
        try {
            Path file = folder.resolve("bad.ods");
            try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
                zip.putNextEntry(new ZipEntry("content.xml"));
                zip.write("<a>\u00e9</a>".getBytes(StandardCharsets.ISO_8859_1));
                zip.closeEntry();
            }
            assertThat(refusal(file)).contains("damaged");
        } finally {
            System.setErr(terminal);
        }
        assertThat(said.toString(StandardCharsets.UTF_8)).isEmpty();
    }

    @Test
    void openingTellsHowFarItHasComeAndStopsWhenAsked() throws IOException {
        Path file = written("long.csv", ("days,length\n" + "4,8.1\n".repeat(50_000)).getBytes(StandardCharsets.UTF_8));
        List<Double> told = new ArrayList<>();
        Result<DataFile.Taken> whole = DataFile.take(file, DecimalMark.POINT, share -> told.add(share));
        assertThat(((Result.Done<DataFile.Taken>) whole).value().first().block().rows()).hasSize(50_000);
        assertThat(told).hasSizeGreaterThan(10).allMatch(share -> share >= 0 && share <= 1);
        Result<DataFile.Taken> stopped = DataFile.take(file, DecimalMark.POINT, share -> share < 0.5);
        assertThat(((Result.Refused<DataFile.Taken>) stopped).message())
                .isEqualTo("long.csv was not opened; nothing has changed.");
    }

    @Test
    void aLongTextSplitInPiecesIsTheSameAsWhole() throws IOException {
        StringBuilder text = new StringBuilder("days,length\r\n");
        for (int i = 0; i < 300_000; i++) {
            text.append(i).append(',').append(i % 7 == 0 ? "" : Integer.toString(i * 3)).append(i % 2 == 0 ? "\r\n" : "\n");
        }
        List<List<String>> rows = understood(parts(written("long.csv", text.toString().getBytes(StandardCharsets.UTF_8)))
                .getFirst(), DecimalMark.POINT).block().rows();
        assertThat(rows).hasSize(300_000);
        for (int i = 0; i < rows.size(); i += 997) {
            assertThat(rows.get(i)).containsExactly(Integer.toString(i), i % 7 == 0 ? "" : Integer.toString(i * 3));
        }
        List<List<String>> quoted = understood(parts(written("quoted.csv", (text + "1,\"2\"\n").getBytes(StandardCharsets.UTF_8)))
                .getFirst(), DecimalMark.POINT).block().rows();
        assertThat(quoted.subList(0, rows.size())).isEqualTo(rows);
        assertThat(quoted.getLast()).containsExactly("1", "2");
    }
}
