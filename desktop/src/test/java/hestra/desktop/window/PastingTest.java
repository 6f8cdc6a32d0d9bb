package hestra.desktop.window;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.input.KeyCode;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.desk.WorkEdit;
import hestra.desktop.demo.KelpBlades;
import hestra.exercise.Exercise;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** Pasting in the real window: understood at once, each guess changed by one click, taken back by one undo. */
class PastingTest {

    @TempDir
    Path folder;

    private static List<String> lastRows(Person person, int from) throws IOException {
        DataTable table = person.model().findings().work().table();
        return table.rows().subList(from, table.size()).stream()
                .map(row -> row.cell(0).text() + "|" + row.cell(1).text()).toList();
    }

    private static void paste(Person person, String cell, String text) throws IOException {
        person.copied(text);
        person.click(cell);
        person.press(KeyCode.CONTROL, KeyCode.V);
    }

    @Test
    void plainCellsArePastedWithoutAWord() throws IOException {
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            paste(person, "cell-21-0", "38\t34.1\n40\t37.3\n");
            assertThat(lastRows(person, 21)).containsExactly("38|34.1", "40|37.3");
            assertThat(person.sees("paste-strip")).isFalse();
        }
    }

    @Test
    void aGuessIsChangedByOneClickAndAllIsTakenBackByOneUndo() throws IOException {
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            paste(person, "cell-21-0", "38;34,1 cm\n40;37,3 cm\n");
            assertThat(lastRows(person, 21)).containsExactly("38|34.1", "40|37.3");
            assertThat(person.sees("paste-strip")).isTrue();
            assertThat(person.text("paste-notes")).contains("“cm” removed");
            person.click("paste-by-none");
            assertThat(lastRows(person, 21)).containsExactly("38;34,1 cm|", "40;37,3 cm|");
            person.click("paste-by-semicolon");
            assertThat(lastRows(person, 21)).containsExactly("38|34.1", "40|37.3");
            person.click("paste-headed-names");
            assertThat(lastRows(person, 21)).containsExactly("40|37.3");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().findings().work().table().size()).isEqualTo(21);
            assertThat(person.sees("paste-strip")).isFalse();
        }
    }

    @Test
    void aLongTextIsReadBesideTheWindowsWorkAndStandsThereAfterwards() throws IOException {
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            person.copied("38;34,12\n".repeat(30_000));
            person.click("cell-21-0");
            person.press(KeyCode.CONTROL, KeyCode.V);
            waitForRows(person, 30_021);
            assertThat(lastRows(person, 30_020)).containsExactly("38|34.12");
            assertThat(person.text("notice")).isEqualTo("Read: 30000 rows.");
            person.click("paste-by-none");
            person.until("the rows are read in the other way", () -> !(lastRows(person, 30_020).contains("38|34.12")));
            assertThat(lastRows(person, 30_020)).containsExactly("38;34,12|");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().findings().work().table().size()).isEqualTo(21);
        }
    }

    @Test
    void aShortPasteAfterALongOneDoesNotDropIt() throws IOException {
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            person.copied("38;34,12\n".repeat(300_000));
            person.click("cell-21-0");
            person.press(KeyCode.CONTROL, KeyCode.V);
            person.copied("77\t7.5\n");
            person.press(KeyCode.UP);
            person.press(KeyCode.CONTROL, KeyCode.V);
            waitForRows(person, 300_021);
            assertThat(lastRows(person, 300_020)).containsExactly("38|34.12");
            assertThat(person.model().findings().work().table().cell(20, 0).text()).isEqualTo("77");
        }
    }

    @Test
    void ofAWideTableTheNamedColumnsAreTakenAndOthersCanBe() throws IOException {
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            paste(person, "cell-21-0", "rope\tlength\tmass\tdays\nA\t34.1\t12\t38\nB\t37.3\t15\t40\n");
            assertThat(lastRows(person, 21)).as("by their headings").containsExactly("38|34.1", "40|37.3");
            person.click("paste-column-3");
            person.click("paste-column-2");
            assertThat(lastRows(person, 21)).containsExactly("34.1|12", "37.3|15");
        }
    }

    @Test
    void typingAfterwardsPutsTheStripAway() throws IOException {
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            paste(person, "cell-21-0", "38;34,1\n40;37,3\n");
            assertThat(person.sees("paste-strip")).isTrue();
            person.click("cell-23-0");
            person.type("43");
            person.press(KeyCode.ENTER);
            assertThat(person.sees("paste-strip")).isFalse();
            assertThat(lastRows(person, 21)).containsExactly("38|34.1", "40|37.3", "43|");
        }
    }

    @Test
    void anEmptyExerciseTakesTheColumnsAsTheyCome() throws IOException {
        try (Person person = Person.at(Exercise.blank("blank"), folder)) {
            person.choose("menu", "New exercise");
            person.click("write-data");
            paste(person, "cell-0-0", "Eelgrass, counted in May\n\ntray,salinity,shoots\nA,5,\"1,210\"\nB,10,\"1,380\"\n");
            DataTable data = person.model().findings().part().data();
            assertThat(data.variables().stream().map(it -> it.name())).containsExactly("tray", "salinity", "shoots");
            assertThat(data.cell(1, 2).text()).isEqualTo("1380");
            assertThat(person.model().findings().part().x().name()).as("labels explain nothing").isEqualTo("salinity");
            assertThat(person.model().findings().part().y().name()).isEqualTo("shoots");
            assertThat(person.sees("paste-strip")).isTrue();
            person.click("paste-column-0");
            assertThat(person.model().findings().part().data().width()).isEqualTo(2);
            assertThat(person.model().findings().part().x().name()).isEqualTo("salinity");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().findings().part().data().size()).isZero();
        }
    }

    /** Twelve pairs pasted over a plan's twenty-four: the plan's last twelve are not left standing below them. */
    @Test
    void whatIsPastedOverAllOfAPartsDataTakesItsPlace() throws IOException {
        String twelve = IntStream.rangeClosed(1, 12).mapToObj(i -> i + "\t" + (40 - i)).collect(Collectors.joining("\n"));
        try (Person person = Person.at(KelpBlades.exercise(), folder)) {
            person.click("view-write");
            person.click("write-data");
            DataTable kelp = person.model().findings().part().data();
            Roles roles = person.model().findings().part().roles();
            paste(person, "cell-0-0", twelve);
            assertThat(person.model().findings().part().data().size()).isEqualTo(12);
            assertThat(person.model().findings().part().data().variables())
                    .as("without headings they are called as before").isEqualTo(kelp.variables());
            assertThat(person.model().findings().part().roles()).isEqualTo(roles);
            assertThat(person.firstLabel("paste-strip")).contains("12 rows in the place of the 24 that were here.");
            person.click("paste-replaces-go-among-them");
            assertThat(person.model().findings().part().data().size()).as("the other reading is one click away").isEqualTo(24);
            assertThat(person.model().findings().part().data().rows().subList(12, 24)).isEqualTo(kelp.rows().subList(12, 24));
            person.click("paste-replaces-replace-all");
            assertThat(person.model().findings().part().data().size()).isEqualTo(12);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().findings().part().data()).isEqualTo(kelp);

            paste(person, "cell-0-0", "crates\twage\n3\t40\n5\t46\n8\t70\n");
            assertThat(person.model().findings().part().data().size())
                    .as("other variables are no rows of these, however few").isEqualTo(3);
            assertThat(person.model().findings().part().x().name()).isEqualTo("crates");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            paste(person, "cell-0-0", "1\t2\n3\t4");
            assertThat(person.model().findings().part().data().size()).as("two rows written over two of many").isEqualTo(24);
            person.click("paste-replaces-replace-all");
            assertThat(person.model().findings().part().data().size()).isEqualTo(2);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            paste(person, "cell-3-0", twelve);
            assertThat(person.model().findings().part().data().size())
                    .as("in the middle they go in where they are put").isEqualTo(24);
            assertThat(person.sees("paste-strip")).isFalse();
        }
    }

    @Test
    void aFileOpenedIntoAFilledTableTakesItsPlace() throws IOException {
        Path file = Files.writeString(folder.resolve("quay.csv"), "crates,wage\n" + "3,40\n5,46\n".repeat(20));
        try (Person person = Person.at(KelpBlades.exercise(), folder)) {
            person.click("view-write");
            person.click("write-data");
            person.willChoose(file);
            person.press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.O);
            person.until("the file is there", () -> person.sees("paste-strip"));
            assertThat(person.model().findings().part().data().size()).isEqualTo(40);
            assertThat(person.model().findings().part().y().name()).isEqualTo("wage");
            person.click("paste-replaces-go-among-them");
            assertThat(person.model().findings().part().data().size()).as("below the 24").isEqualTo(64);
        }
    }

    private static void waitForRows(Person person, int rows) throws IOException {
        person.until("the rows are there", () -> person.model().findings().work().table().size() >= rows);
        person.pause();
    }

    @Test
    void aWorkbookIsOpenedFromTheMenuAndItsSheetsCanBeTurned() throws IOException {
        Path file = folder.resolve("blades.xlsx");
        try (XSSFWorkbook workbook = new XSSFWorkbook(); OutputStream out = Files.newOutputStream(file)) {
            for (String name : List.of("May", "June")) {
                XSSFSheet sheet = workbook.createSheet(name);
                sheet.createRow(0).createCell(0).setCellValue("length");
                sheet.getRow(0).createCell(1).setCellValue("days");
                sheet.createRow(1).createCell(0).setCellValue(name.equals("May") ? 34.1 : 35.5);
                sheet.getRow(1).createCell(1).setCellValue(38);
            }
            workbook.write(out);
        }
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            person.willChoose(file);
            person.press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.O);
            waitForRows(person, 22);
            assertThat(lastRows(person, 21)).containsExactly("38|34.1");
            assertThat(person.sees("paste-by-tab")).as("a workbook has its columns").isFalse();
            person.click("paste-sheet-1");
            assertThat(lastRows(person, 21)).containsExactly("38|35.5");
            person.click("paste-close");
            assertThat(person.sees("paste-strip")).isFalse();
        }
    }

    @Test
    void whatLooksWrongInTheInstructorsDataLeadsToItsCell() throws IOException {
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            person.click("view-write");
            person.click("write-data");
            assertThat(person.sees("check-list")).as("good data").isFalse();
            person.click("cell-9-1");
            person.type("179");
            person.press(KeyCode.ENTER);
            assertThat(person.text("check-line-0")).contains("Row 10: length 179").contains("17.9 would fit");
            person.click("cell-0-0");
            person.click("check-line-0");
            person.type("17.9");
            person.press(KeyCode.ENTER);
            assertThat(person.sees("check-list")).isFalse();
            assertThat(person.model().findings().part().data().cell(9, 1).text()).isEqualTo("17.9");
        }
    }

    @Test
    void theTableInViewIsSavedForOtherProgramsAndOpensAgain() throws IOException {
        Path file = folder.resolve("blades.ods");
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            person.willChoose(file);
            person.choose("menu", "Save data as…");
            assertThat(person.text("notice")).contains("blades.ods");
            int last = person.model().findings().work().table().size() - 1;
            person.apply(new WorkEdit.ChangeTable(new TableEdit.Type(last, 1, "1")));
            person.click("grid");
            person.press(KeyCode.CONTROL, KeyCode.HOME);
            person.willChoose(file);
            person.press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.O);
            person.until("the file is read", () -> lastLength(person).equals("35.2"));
            assertThat(lastLength(person)).as("as it was saved").isEqualTo("35.2");
        }
    }

    private static String lastLength(Person person) {
        DataTable table = person.model().findings().work().table();
        return table.row(table.size() - 1).cell(1).text();
    }

    @Test
    void aFileThatIsNoDataIsToldAndLosesNothing() throws IOException {
        Path file = Files.write(folder.resolve("picture.png"),
                new byte[] {(byte) 0x89, 'P', 'N', 'G', 1, 2, 3, 4, 5, 6, 0, 0, 0, 1});
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            person.willChoose(file);
            person.choose("menu", "Open data…");
            person.until("the notice", () -> person.text("notice").contains("not a text"));
            assertThat(person.text("notice")).contains("picture.png is not a text");
            assertThat(person.model().findings().work().table().size()).isEqualTo(21);
        }
    }

    @Test
    void onlySomeRowsAreTakenWhereThatIsSaid() throws IOException {
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            paste(person, "cell-21-0", "days;length\n36;35\n38;34,1\n40;37,3\n" + "41;99\n".repeat(9));
            assertThat(lastRows(person, 21)).hasSize(12).startsWith("36|35", "38|34.1", "40|37.3", "41|99");
            person.click("paste-first-row", 2);
            person.type("2");
            person.press(KeyCode.ENTER);
            assertThat(lastRows(person, 21)).hasSize(11).startsWith("38|34.1", "40|37.3", "41|99");
            person.click("paste-last-row", 2);
            person.type("3");
            person.press(KeyCode.TAB);
            assertThat(lastRows(person, 21)).containsExactly("38|34.1", "40|37.3");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().findings().work().table().size()).isEqualTo(21);
        }
    }

    @Test
    void aSecondTableIsJoinedByItsLabelsAndWhatDidNotMatchIsListed() throws IOException {
        try (Person person = Person.at(AxesTest.trays(), folder)) {
            person.willChoose(Files.writeString(folder.resolve("light.csv"), "name,light\nash,12\nBirch,15\nElm,9\nYew,7\n"));
            person.choose("menu", "Join data\u2026");
            person.until("the columns are joined", () -> person.model().findings().part().data().width() >= 7);
            assertThat(person.text("join-told"))
                    .isEqualTo("3 of 6 rows matched. Not in the file: Cedar, Fir, Gorse. Only in the file: Yew.");
            assertThat(person.model().findings().part().data().cell(3, 6).text()).isEqualTo("9");
            assertThat(person.model().findings().part().roles()).as("the old columns keep their uses")
                    .isEqualTo(AxesTest.trays().first().roles());
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().findings().part().data()).isEqualTo(AxesTest.trays().first().data());
            assertThat(person.sees("join-strip")).isFalse();
        }
    }
}
