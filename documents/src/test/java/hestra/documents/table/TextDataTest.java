package hestra.documents.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import hestra.data.DataTable;
import hestra.documents.file.Result;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import static hestra.numbers.DecimalMark.COMMA;
import static hestra.numbers.DecimalMark.POINT;
import static org.assertj.core.api.Assertions.assertThat;

class TextDataTest {

    /** A text as people bring it, with the rows it must give under a decimal point. */
    private record Shape(String name, String text, String headings, String rows) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static Shape shape(String name, String text, String headings, String rows) {
        return new Shape(name, text, headings, rows);
    }

    /** Rows are parted by / and cells by |. */
    static Stream<Shape> shapes() {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(shape("two columns from a spreadsheet", "4\t8.1\n6\t11.4\n", "", "4|8.1/6|11.4"));
        shapes.add(shape("with headings", "days\tlength\n4\t8.1\n6\t11.4\n", "days|length", "4|8.1/6|11.4"));
        shapes.add(shape("with headings and units", "days\tlength (cm)\n4\t8.1\n", "days|length (cm)", "4|8.1"));
        shapes.add(shape("Windows line ends", "4\t8.1\r\n6\t11.4\r\n", "", "4|8.1/6|11.4"));
        shapes.add(shape("old Macintosh line ends", "4,8.1\r6,11.4\r", "", "4|8.1/6|11.4"));
        shapes.add(shape("a byte order mark", "\ufeff4\t8.1\n6\t11.4", "", "4|8.1/6|11.4"));
        shapes.add(shape("commas", "4,8.1\n6,11.4\n", "", "4|8.1/6|11.4"));
        shapes.add(shape("commas and spaces", "4, 8.1\n6, 11.4\n", "", "4|8.1/6|11.4"));
        shapes.add(shape("commas with headings", "days,length\n4,8.1\n6,11.4", "days|length", "4|8.1/6|11.4"));
        shapes.add(shape("semicolons", "4;8.1\n6;11.4\n", "", "4|8.1/6|11.4"));
        shapes.add(shape("semicolons with decimal commas", "4;8,1\n6;11,4\n", "", "4|8.1/6|11.4"));
        shapes.add(shape("tabs with decimal commas", "4\t8,1\n6\t11,4\n", "", "4|8.1/6|11.4"));
        shapes.add(shape("tabs with decimal commas and headings", "Tage\tLänge\n4\t8,1\n6\t11,4\n", "Tage|Länge",
                "4|8.1/6|11.4"));
        shapes.add(shape("bars", "4|8.1\n6|11.4\n", "", "4|8.1/6|11.4"));
        shapes.add(shape("single spaces", "4 8.1\n6 11.4\n", "", "4|8.1/6|11.4"));
        shapes.add(shape("aligned with spaces", "  4    8.1\n 16   11.4\n", "", "4|8.1/16|11.4"));
        shapes.add(shape("aligned, headings of two words", "days out   blade length\n   4          8.1\n  16         11.4\n",
                "days out|blade length", "4|8.1/16|11.4"));
        shapes.add(shape("spaces with decimal commas", "4,5 8,1\n6,5 11,4\n", "", "4.5|8.1/6.5|11.4"));
        shapes.add(shape("one column", "4\n6\n7.5\n", "", "4/6/7.5"));
        shapes.add(shape("one column with a heading", "days\n4\n6\n7.5\n", "days", "4/6/7.5"));
        shapes.add(shape("one column of decimal commas with semicolons nowhere", "length\n4,5\n6,25\n7,125\n", "length",
                "4.5/6.25/7.125"));
        shapes.add(shape("one cell", "42", "", "42"));
        shapes.add(shape("pairs in brackets", "(1, 2.5), (2, 3.7), (4, 6.1)", "", "1|2.5/2|3.7/4|6.1"));
        shapes.add(shape("pairs in brackets, a line each", "(1, 2.5)\n(2, 3.7)\n(4, 6.1)\n", "", "1|2.5/2|3.7/4|6.1"));
        shapes.add(shape("pairs with decimal commas", "(1; 2,5) (2; 3,7) (4; 6,1)", "", "1|2.5/2|3.7/4|6.1"));
        shapes.add(shape("a list of pairs", "[(1, 2), (2, 3), (4, 6)]", "", "1|2/2|3/4|6"));
        shapes.add(shape("named lists", "x = 1, 2, 3, 4\ny = 5, 7, 9.5, 11…\n", "x|y", "1|5/2|7/3|9.5/4|11"));
        shapes.add(shape("named lists with colons and spaces", "depth: 1 2 3 4\nshells: 5 7 9.5 11\n", "depth|shells",
                "1|5/2|7/3|9.5/4|11"));
        shapes.add(shape("named lists with decimal commas", "x = 1,5; 2; 3\ny = 5; 7,25; 9\n", "x|y", "1.5|5/2|7.25/3|9"));
        shapes.add(shape("series across, named", "depth (m)\t2\t4\t6\t8\t10\nshells\t14\t11\t9\t6\t5\n", "depth (m)|shells",
                "2|14/4|11/6|9/8|6/10|5"));
        shapes.add(shape("series across, without names", "2,4,6,8,10\n14,11,9,6,5\n", "", "2|14/4|11/6|9/8|6/10|5"));
        shapes.add(shape("series across with a gap", "depth;2;4;6;8;10\nshells;14;;9;6;5\n", "depth|shells",
                "2|14/4|/6|9/8|6/10|5"));
        shapes.add(shape("few rows of many columns with headings stay", "a,b,c,d,e\n1,2,3,4,5\n6,7,8,9,10\n", "a|b|c|d|e",
                "1|2|3|4|5/6|7|8|9|10"));
        shapes.add(shape("units on a second line", "depth\tshells\tweight\nm\t\tg\n2\t14\t3.5\n4\t11\t3.1\n",
                "depth (m)|shells|weight (g)", "2|14|3.5/4|11|3.1"));
        shapes.add(shape("units in brackets on a second line", "depth,weight\n(m),[g]\n2,3.5\n4,3.1\n", "depth (m)|weight (g)",
                "2|3.5/4|3.1"));
        shapes.add(shape("rule lines", "depth  shells\n-----  ------\n2      14\n4      11\n=============\n", "depth|shells",
                "2|14/4|11"));
        shapes.add(shape("a frame of signs", "+-------+--------+\ndepth|shells\n-----|------\n2|14\n4|11\n", "depth|shells",
                "2|14/4|11"));
        shapes.add(shape("notes and blank lines",
                "depth\tshells\n2\t14\n\n4\t11\n\nSource: harbour office, 2024\nCounted by two people\n", "depth|shells",
                "2|14/4|11"));
        shapes.add(shape("a note with commas in it", "depth,shells\n2,14\n4,11\nSource: harbour office, 2024\n", "depth|shells",
                "2|14/4|11"));
        shapes.add(shape("footnote marks", "town\tpeople\nOrrin[a]\t1,709,037[2]\nFell [b]\t1,012,450\n", "town|people",
                "Orrin|1709037/Fell|1012450"));
        shapes.add(shape("a unit in square brackets is no footnote", "depth [m]\tshells[1]\n2\t14\n4\t11\n", "depth [m]|shells",
                "2|14/4|11"));
        shapes.add(shape("points and commas in one paste", "depth\tshells\n1.5\t14,2\n2.25\t11,75\n", "depth|shells",
                "1.5|14.2/2.25|11.75"));
        shapes.add(shape("ranks", "place\tboats\n1st\t14\n2nd\t11\n23rd\t3\n", "place|boats", "1|14/2|11/23|3"));
        shapes.add(shape("dates", "day\tlength\n2024-03-01\t8.1\n2024-03-04\t11.4\n", "day|length",
                "2024-03-01|8.1/2024-03-04|11.4"));
        shapes.add(shape("dates with points", "day\tlength\n1.3.2024\t8.1\n14.3.2024\t11.4\n", "day|length",
                "2024-03-01|8.1/2024-03-14|11.4"));
        shapes.add(shape("dates with the month first", "day\tlength\n3/1/2024\t8.1\n3/14/2024\t11.4\n", "day|length",
                "2024-03-01|8.1/2024-03-14|11.4"));
        shapes.add(shape("dates in words", "day;length\n1 Mar 2024;8.1\n14 Mar 2024;11.4\n", "day|length",
                "2024-03-01|8.1/2024-03-14|11.4"));
        shapes.add(shape("dates and times", "when\tlength\n2024-03-01 06:00\t8.1\n2024-03-01 18:30\t11.4\n", "when|length",
                "2024-03-01 06:00:00|8.1/2024-03-01 18:30:00|11.4"));
        shapes.add(shape("years are numbers", "year\tlength\n2019\t8.1\n2020\t11.4\n", "year|length", "2019|8.1/2020|11.4"));
        shapes.add(shape("a word that ends like a rank", "street\tboats\n4th\t14\nmain\t11\n", "street|boats", "4th|14/main|11"));
        shapes.add(shape("missing values are no rule", "depth\tshells\n-\t-\n2\t14\n4\t-\n", "depth|shells", "-|-/2|14/4|-"));
        shapes.add(shape("one row", "4\t8.1", "", "4|8.1"));
        shapes.add(shape("a quoted heading with a comma", "\"days, since settling\",length\n4,8.1\n6,11.4\n",
                "days, since settling|length", "4|8.1/6|11.4"));
        shapes.add(shape("quoted numbers", "\"4\",\"8.1\"\n\"6\",\"11.4\"\n", "", "4|8.1/6|11.4"));
        shapes.add(shape("quoted decimal commas", "\"4,5\",\"8,1\"\n\"6,5\",\"11,4\"\n", "", "4.5|8.1/6.5|11.4"));
        shapes.add(shape("a quotation mark left open", "4\t8.1\n6\t\"11.4\n", "", "4|8.1/6|11.4"));
        shapes.add(shape("inches", "width\tmass\n5\"\t2\n6\"\t3\n", "width (\")|mass", "5|2/6|3"));
        shapes.add(shape("thousands with commas", "1,200\t3\n14,500\t4\n", "", "1200|3/14500|4"));
        shapes.add(shape("thousands with commas and decimals", "1,200.5\t3\n14,500.25\t4\n", "", "1200.5|3/14500.25|4"));
        shapes.add(shape("thousands with points and decimal commas", "1.200,5\t3\n14.500,25\t4\n", "", "1200.5|3/14500.25|4"));
        shapes.add(shape("thousands with spaces", "1 200\t3\n14 500\t4\n", "", "1200|3/14500|4"));
        shapes.add(shape("thousands with narrow spaces", "1\u202f200\t3\n14\u202f500\t4\n", "", "1200|3/14500|4"));
        shapes.add(shape("thousands with apostrophes", "1'200\t3\n14’500\t4\n", "", "1200|3/14500|4"));
        shapes.add(shape("a true minus", "−3\t2\n−1.5\t4\n", "", "-3|2/-1.5|4"));
        shapes.add(shape("a dash for a minus", "–3\t2\n–1.5\t4\n", "", "-3|2/-1.5|4"));
        shapes.add(shape("brackets for a minus", "(3)\t2\n(1.5)\t4\n", "", "-3|2/-1.5|4"));
        shapes.add(shape("plus signs", "+3\t2\n+1.5\t4\n", "", "3|2/1.5|4"));
        shapes.add(shape("percent", "4\t12 %\n6\t15.5%\n", "", "4|12/6|15.5"));
        shapes.add(shape("percent under a heading", "days\tshare\n4\t12 %\n6\t15.5%\n", "days|share (%)", "4|12/6|15.5"));
        shapes.add(shape("currency before", "kilos\tprice\n4\t$12.50\n6\t$15\n", "kilos|price ($)", "4|12.50/6|15"));
        shapes.add(shape("currency behind", "kilos\tprice\n4\t12,50 €\n6\t15,00 €\n", "kilos|price (€)", "4|12.50/6|15.00"));
        shapes.add(shape("negative currency", "kilos\tprice\n4\t-$12.50\n6\t$-15\n", "kilos|price ($)", "4|-12.50/6|-15"));
        shapes.add(shape("units in the cells", "days\tlength\n4\t8.1 cm\n6\t11.4 cm\n", "days|length (cm)", "4|8.1/6|11.4"));
        shapes.add(shape("units in the cells and the heading", "days\tlength (cm)\n4\t8.1cm\n6\t11.4cm\n", "days|length (cm)",
                "4|8.1/6|11.4"));
        shapes.add(shape("degrees", "minutes\twarmth\n4\t21.5 °C\n6\t20 °C\n", "minutes|warmth (°C)", "4|21.5/6|20"));
        shapes.add(shape("two units in one column", "days\tlength\n4\t8.1 cm\n6\t114 mm\n7\t9\n", "days|length",
                "4|8.1 cm/6|114 mm/7|9"));
        shapes.add(shape("powers of ten", "1.5e3\t2\n2E-4\t3\n", "", "1.5e3|2/2E-4|3"));
        shapes.add(shape("no-break spaces around numbers", "\u00a04\u00a0\t\u00a08.1\n6\t11.4\u00a0\n", "", "4|8.1/6|11.4"));
        shapes.add(shape("decimals without a nought", ".5\t2\n.75\t3\n", "", "0.5|2/0.75|3"));
        shapes.add(shape("an empty cell", "4\t8.1\n6\t\n7\t12\n", "", "4|8.1/6|/7|12"));
        shapes.add(shape("an empty line within", "4\t8.1\n\n6\t11.4\n", "", "4|8.1/6|11.4"));
        shapes.add(shape("empty lines at the end", "4\t8.1\n6\t11.4\n\n\n", "", "4|8.1/6|11.4"));
        shapes.add(shape("a separator at every end", "4,8.1,\n6,11.4,\n", "", "4|8.1|/6|11.4|"));
        shapes.add(shape("lines of different lengths", "4\t8.1\n6\n7\t12\n", "", "4|8.1/6/7|12"));
        shapes.add(shape("a title above", "Kelp at Orrin Bay\n\ndays\tlength\n4\t8.1\n6\t11.4\n", "days|length", "4|8.1/6|11.4"));
        shapes.add(shape("a title with cells beside it", "Kelp at Orrin Bay,,\nday,length,note\n4,8.1,a\n6,11.4,b\n",
                "day|length|note", "4|8.1|a/6|11.4|b"));
        shapes.add(shape("a title with a comma above", "Kelp, counted in May\n\nday,length,note\n4,8.1,a\n6,11.4,b\n",
                "day|length|note", "4|8.1|a/6|11.4|b"));
        shapes.add(shape("labels in the first column", "site\tdays\tlength\nPier\t4\t8.1\nSlip\t6\t11.4\n", "site|days|length",
                "Pier|4|8.1/Slip|6|11.4"));
        shapes.add(shape("labels without headings", "Pier\t4\t8.1\nSlip\t6\t11.4\n", "", "Pier|4|8.1/Slip|6|11.4"));
        shapes.add(shape("years as headings are no headings", "2024\t2025\n3\t4\n", "", "2024|2025/3|4"));
        shapes.add(shape("a word among numbers", "4\t8.1\n6\tbroken\n7\t12\n", "", "4|8.1/6|broken/7|12"));
        shapes.add(shape("a heading with an empty corner", "\tdays\tlength\n1\t4\t8.1\n2\t6\t11.4\n", "|days|length",
                "1|4|8.1/2|6|11.4"));
        shapes.add(shape("a wide table", "a,b,c,d\n1,2,3,4\n5,6,7,8\n", "a|b|c|d", "1|2|3|4/5|6|7|8"));
        return shapes.stream();
    }

    private static TextData understood(String text, DecimalMark own) {
        return ((Result.Done<TextData>) TextData.understand(text, own)).value();
    }

    private static String rows(TextData data) {
        return String.join("/", data.block().rows().stream().map(row -> String.join("|", row)).toList());
    }

    @ParameterizedTest
    @MethodSource("shapes")
    void isUnderstood(Shape shape) {
        TextData data = understood(shape.text, POINT);
        assertThat(rows(data)).isEqualTo(shape.rows);
        assertThat(data.block().headings().map(headings -> String.join("|", headings)).orElse("")).isEqualTo(shape.headings);
    }

    @ParameterizedTest
    @MethodSource("shapes")
    void givesTheSameNumbersUnderADecimalComma(Shape shape) {
        TextData data = understood(shape.text, COMMA);
        if (!shape.name.equals("thousands with commas")) {
            assertThat(rows(data).replaceAll("(\\d),(\\d)", "$1.$2")).isEqualTo(shape.rows);
        }
    }

    @Test
    void thereAreAtLeastSixtyShapes() {
        assertThat(shapes()).hasSizeGreaterThanOrEqualTo(60);
    }

    @Test
    void threeDigitsBehindAMarkFollowTheExercisesOwnMark() {
        assertThat(rows(understood("1,200\t3\n14,500\t4\n", POINT))).isEqualTo("1200|3/14500|4");
        assertThat(rows(understood("1,200\t3\n14,500\t4\n", COMMA))).isEqualTo("1,200|3/14,500|4");
        assertThat(rows(understood("1,200\t3\n14,5\t4\n", POINT))).as("one cell tells for all").isEqualTo("1.200|3/14.5|4");
    }

    @Test
    void aGroupNeverFollowsALeadingNoughtAndAColumnThatReadsOneWayOnlyIsReadThatWay() {
        TextData commas = understood("days\tlength\n4\t0,123\n6\t1,234\n", POINT);
        assertThat(rows(commas)).isEqualTo("4|0.123/6|1.234");
        assertThat(rows(understood("4\t0.123\n6\t1.234\n", COMMA))).isEqualTo("4|0,123/6|1,234");
        assertThat(rows(understood("0,123\n0,5\n", POINT))).isEqualTo("0.123/0.5");
        assertThat(rows(understood("1,05\n2,5\n", POINT))).isEqualTo("1.05/2.5");
        assertThat(rows(understood("4\t1 234,567\n", POINT))).as("as it is when it is typed").isEqualTo("4|1234.567");
        TextData mixed = understood("days\tlength\tmass\n4.5\t8,1\t1.25\n6.5\t11,45\t3.5\n7.5\t12,4\t3.75\n", POINT);
        assertThat(rows(mixed)).isEqualTo("4.5|8.1|1.25/6.5|11.45|3.5/7.5|12.4|3.75");
        assertThat(mixed.notes()).containsExactly("length is read with decimal commas");
    }

    @Test
    void noCellBecomesAnotherNumber() {
        for (String cell : List.of("3*100", "20x100", "2 x 105", "0.123.456", "10/20/2020", "3²", "5 thousand", "--5", "-(5)")) {
            assertThat(rows(understood("4\t8\n5\t9\n6\t" + cell + "\n", POINT))).as(cell).isEqualTo("4|8/5|9/6|" + cell);
        }
    }

    @Test
    void aLongLineIsNotTriedForEver() {
        String line = "x (".repeat(350_000);
        assertThat(TextData.understand(line, POINT)).isInstanceOf(Result.class);
    }

    @Test
    void everyGuessCanBeSaidOtherwise() {
        String text = "1,5\n2,5\n";
        TextData guessed = understood(text, POINT);
        assertThat(guessed.shape().separator()).isEqualTo(Separator.COMMA);
        TextData said = ((Result.Done<TextData>) TextData.read(text, guessed.shape().withSeparator(Separator.NONE)
                .withMark(COMMA), POINT)).value();
        assertThat(rows(said)).isEqualTo("1.5/2.5");
        TextData headed = ((Result.Done<TextData>) TextData.read("2024\t2025\n3\t4\n",
                new TextShape(Separator.TAB, POINT, true, 0), POINT)).value();
        assertThat(headed.block().headings()).isEqualTo(Optional.of(List.of("2024", "2025")));
        assertThat(headed.withColumns(List.of(1)).rows()).containsExactly(List.of("4"));
    }

    @Test
    void whatWasTakenOffIsTold() {
        assertThat(understood("Kelp\n\ndays\tlength\n4\t8.1 cm\n6\t11.4 cm\n", POINT).notes())
                .containsExactly("2 lines above the table left out", "“cm” removed from length");
        assertThat(understood("days\tlength\n4\t8.1 cm\n6\t114 mm\n7\t9\n", POINT).notes()).singleElement()
                .asString().contains("cm and mm");
        assertThat(understood("4\t8.1\n6\t11.4\n", POINT).notes()).isEmpty();
    }

    @Test
    void nothingAndTooMuchAreRefusedInWords() {
        assertThat(TextData.understand(" \n ", POINT))
                .isInstanceOfSatisfying(Result.Refused.class, it -> assertThat(it.message()).contains("no text"));
        assertThat(TextData.understand("1,2\n".repeat(DataTable.MOST_ROWS + 2), POINT))
                .isInstanceOfSatisfying(Result.Refused.class, it -> assertThat(it.message()).contains("rows"));
        assertThat(TextData.understand("1,".repeat(300), POINT))
                .isInstanceOfSatisfying(Result.Refused.class, it -> assertThat(it.message()).contains("columns"));
    }

    @Test
    void datesAreCountedFromTheFirstAndSaySo() {
        TextData read = understood("day\tlength\n2024-03-04\t11.4\n2024-03-01\t8.1\n", POINT);
        assertThat(read.notes()).containsExactly("day is read as dates: days since 1 Mar 2024");
        DataTable table = DelimitedText.table(read.block(), List.of(), POINT);
        assertThat(table.variable(0).name()).isEqualTo("days since 1 Mar 2024");
        assertThat(table.variable(0).axisTitle()).isEqualTo("day");
        assertThat(table.cell(0, 0).text()).isEqualTo("3");
        assertThat(table.shown(0, 0)).isEqualTo("2024-03-04");
        DataTable years = DelimitedText.table(understood("day\tlength\n1990-01-01\t8\n2010-01-01\t9\n", DecimalMark.COMMA)
                .block(), List.of(), DecimalMark.COMMA);
        assertThat(years.variable(0).unit()).isEqualTo("years");
        assertThat(years.cell(1, 0).text()).isEqualTo("20");
    }
}
