package hestra.documents.table;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

import hestra.documents.file.Result;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

class NameListTest {

    @TempDir
    private Path folder;

    private static List<String> names(String text) {
        return list(text).names();
    }

    private static NameList list(String text) {
        assertThat(NameList.of(text)).isInstanceOf(Result.Done.class);
        return ((Result.Done<NameList>) NameList.of(text)).value();
    }

    @Test
    void aNameALine() {
        assertThat(names("Ida Fenn\nTavi Roon\r\n  Bo   Lind \n")).containsExactly("Ida Fenn", "Tavi Roon", "Bo Lind");
        assertThat(names("\ufeffname\nIda Fenn\nTavi Roon")).containsExactly("Ida Fenn", "Tavi Roon");
        assertThat(names("Fenn, Ida\nRoon, Tavi\n")).containsExactly("Fenn, Ida", "Roon, Tavi");
    }

    @Test
    void theColumnOfNamesOfATable() {
        assertThat(names("id,student,group\n17,Ida Fenn,A\n18,Tavi Roon,B\n")).containsExactly("Ida Fenn", "Tavi Roon");
        assertThat(names("Surname;First name;id\nFenn;Ida;17\nRoon;Tavi;18\n")).containsExactly("Ida Fenn", "Tavi Roon");
        assertThat(names("17\tIda Fenn\n18\tTavi Roon\n")).as("without headings the first that holds words")
                .containsExactly("Ida Fenn", "Tavi Roon");
    }

    @Test
    void blanksDoublesAndLongNamesAreSaid() {
        NameList odd = list("Ida Fenn\n\nida fenn\n" + "x".repeat(300) + "\n\n");
        assertThat(odd.names()).hasSize(3);
        assertThat(odd.names().getLast()).hasSize(NameList.MOST_LETTERS);
        assertThat(odd.notes()).containsExactly("1 line without a name left out.", "1 name cut to 100 letters.",
                "More than once in the list: Ida Fenn, ida fenn. Each gets a copy of their own.");
    }

    @Test
    void signsThatAreNotSeenGoAndOthersStay() {
        assertThat(names("Ida\u202e nneF\nTavi/Roon\n\ud83e\udd80 Bo\n"))
                .containsExactly("Ida nneF", "Tavi/Roon", "\ud83e\udd80 Bo");
    }

    @Test
    void aWorkbookIsReadToo() throws IOException {
        Path file = folder.resolve("class.xlsx");
        try (XSSFWorkbook book = new XSSFWorkbook(); var out = Files.newOutputStream(file)) {
            var sheet = book.createSheet();
            sheet.createRow(0).createCell(0).setCellValue("name");
            sheet.createRow(1).createCell(0).setCellValue("Ida Fenn");
            sheet.createRow(2).createCell(0).setCellValue("Tavi Roon");
            book.write(out);
        }
        assertThat(((Result.Done<NameList>) NameList.read(file)).value().names()).containsExactly("Ida Fenn", "Tavi Roon");
    }

    @Test
    void anEmptyListIsRefused() {
        assertThat(NameList.of(" \n\n")).isEqualTo(Result.refused("There are no names in it. Put one name on each line."));
        assertThat(NameList.of("x\n".repeat(5001))).isEqualTo(Result.refused("There are 5001 names; up to 5000 can be taken."));
    }

    @Test
    void theOtherColumnsAreKept() {
        NameList list = list("number;first name;last name;group\n12;Ida;Fenn;B\n;Tavi;Roon;\n");
        assertThat(list.names()).containsExactly("Ida Fenn", "Tavi Roon");
        assertThat(list.list().headings()).containsExactly("number", "group");
        assertThat(list.list().entries().getFirst().further()).containsExactly("12", "B");
        assertThat(list.list().entries().getLast().further()).containsExactly("", "");
        assertThat(list(list.text()).list()).as("as a text it reads as the same").isEqualTo(list.list());
        assertThat(list("Ida Fenn\t12\nTavi Roon\t13\n").list().headings()).as("without headings").containsExactly("column 2");
        assertThat(list("name,,x,x\nIda,,1,2\n").list().headings()).as("an empty column is none, and two of one name are two")
                .containsExactly("x", "x (4)");
    }
}
