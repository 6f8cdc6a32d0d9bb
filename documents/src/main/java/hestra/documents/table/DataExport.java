package hestra.documents.table;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import com.github.miachm.sods.Sheet;
import com.github.miachm.sods.SpreadSheet;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Variable;
import hestra.documents.file.FileReading;
import hestra.documents.file.FileWriting;
import org.apache.commons.compress.archivers.zip.Zip64Mode;
import org.apache.poi.xssf.streaming.SXSSFRow;
import org.apache.poi.xssf.streaming.SXSSFSheet;
import org.apache.poi.xssf.streaming.SXSSFWorkbook;

/**
 * Writes a table for other programs: as CSV, .xlsx or .ods, by the ending of the name. Headings carry the unit in brackets.
 * Numbers are numbers; what is no number is a text, and in CSV a text that a program would take for a formula gets a mark
 * before it that stops that.
 */
public final class DataExport {

    private static final String SHEET = "Data";
    private static final int ROWS_HELD = 100;
    private static final String FORMULA_STARTS = "=+-@\t\r";

    private DataExport() {}

    /** Writes the table. */
    public static void write(DataTable table, Path file) throws IOException {
        String name = FileReading.name(file).toLowerCase(Locale.ROOT);
        if (name.endsWith(".xlsx")) {
            FileWriting.write(file, out -> workbook(table, out));
        } else if (name.endsWith(".ods")) {
            FileWriting.write(file, out -> openDocument(table, out));
        } else {
            FileWriting.write(file, csv(table));
        }
    }

    /** The table as comma-separated text, numbers with a decimal point. */
    static String csv(DataTable table) {
        Stream<List<String>> rows = table.rows().stream()
                .map(row -> IntStream.range(0, table.width()).mapToObj(column -> stored(row.cell(column))).toList());
        return DelimitedText.text(Stream.concat(Stream.of(headings(table).stream().map(DataExport::harmless).toList()), rows));
    }

    private static String stored(Cell cell) {
        return switch (cell) {
            case Cell.Measured(String _, double value) -> StoredNumber.of(value);
            case Cell.Empty _ -> "";
            case Cell.Unreadable(String typed, String _) -> harmless(typed);
        };
    }

    /** A text that a program which opens the table does not take for a formula. */
    public static String harmless(String text) {
        return !text.isEmpty() && FORMULA_STARTS.indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }

    private static List<String> headings(DataTable table) {
        return table.variables().stream().map(DataExport::heading).toList();
    }

    private static String heading(Variable variable) {
        return variable.unit().isEmpty() || variable.unit().equals(variable.name())
                ? variable.name() : variable.name() + " (" + variable.unit() + ")";
    }

    private static void workbook(DataTable table, OutputStream out) throws IOException {
        // Rows leave the memory as they are written: a million of them would fill it.
        try (SXSSFWorkbook workbook = new SXSSFWorkbook(ROWS_HELD)) {
            // Plain ZIP, which every program reads.
            workbook.setZip64Mode(Zip64Mode.Never);
            SXSSFSheet sheet = workbook.createSheet(SHEET);
            SXSSFRow first = sheet.createRow(0);
            List<String> headings = headings(table);
            for (int column = 0; column < headings.size(); column++) {
                first.createCell(column).setCellValue(headings.get(column));
            }
            for (int i = 0; i < table.size(); i++) {
                SXSSFRow row = sheet.createRow(i + 1);
                for (int column = 0; column < table.width(); column++) {
                    switch (table.cell(i, column)) {
                        case Cell.Measured(String _, double value) -> row.createCell(column).setCellValue(value);
                        case Cell.Unreadable(String typed, String _) -> row.createCell(column).setCellValue(typed);
                        case Cell.Empty _ -> { }
                    }
                }
            }
            workbook.write(out);
        }
    }

    private static void openDocument(DataTable table, OutputStream out) throws IOException {
        Sheet sheet = new Sheet(SHEET, table.size() + 1, Math.max(1, table.width()));
        List<String> headings = headings(table);
        for (int column = 0; column < headings.size(); column++) {
            sheet.getRange(0, column).setValue(headings.get(column));
            for (int i = 0; i < table.size(); i++) {
                switch (table.cell(i, column)) {
                    case Cell.Measured(String _, double value) -> sheet.getRange(i + 1, column).setValue(value);
                    case Cell.Unreadable(String typed, String _) -> sheet.getRange(i + 1, column).setValue(typed);
                    case Cell.Empty _ -> { }
                }
            }
        }
        SpreadSheet sheets = new SpreadSheet();
        sheets.appendSheet(sheet);
        sheets.save(out);
    }
}
