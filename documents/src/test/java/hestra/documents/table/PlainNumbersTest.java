package hestra.documents.table;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.data.DataTable;
import hestra.data.Row;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** What is read in the quick way is what the usual way makes of the same text. */
class PlainNumbersTest {

    private static final int TEXTS = Integer.getInteger("hestra.texts", 600);

    private static final List<String> PLAIN = List.of("0", "7", "-3", "007", "1.5", "1.50", "-0.25", "-0", "123456789012345",
            "1234567890123456", "0.12345678901234567890", " 4", "5 ", "2015");
    private static final List<String> WORDS = List.of("", "", "NA", "n/a", "-", "Pool A", "data", "Source", "cm");
    private static final List<String> ODD = List.of("1e5", "5 cm", "1,234", "1 234", "½", "3rd", "2024-01-05", "+4", "x2",
            "\"6\"", "\"a", "1.", ".5", "7\u00a0", "-", "1/2", "[5]", "NA[1]", "٣", "(8)", "5%", "−9");
    private static final List<Separator> SEPARATORS = List.of(Separator.TAB, Separator.SEMICOLON, Separator.COMMA, Separator.BAR);

    private static TextData read(String text, Separator separator) {
        return ((Result.Done<TextData>) TextData.read(text, new TextShape(separator, DecimalMark.POINT, false, 0),
                DecimalMark.POINT)).value();
    }

    private static DataTable usual(String text, Separator separator) {
        TextData data = read(text, separator);
        assertThat(data.block().rows()).as("a short text is read in the usual way").isNotInstanceOf(PlainRows.class);
        return DelimitedText.table(data.block(), List.of(), DecimalMark.POINT);
    }

    private static Optional<PlainRows> quick(String text, Separator separator, int letters) {
        return PlainNumbers.read(text, 0, separator.sign(), DecimalMark.POINT, letters, Progress.UNWATCHED);
    }

    private static String text(Random random, Separator separator, List<String> cells, boolean each) {
        StringBuilder text = new StringBuilder();
        String end = List.of("\n", "\r\n", "\r").get(random.nextInt(3));
        int width = 1 + random.nextInt(4);
        int lines = 1 + random.nextInt(30);
        boolean ragged = !each && random.nextBoolean();
        for (int line = 0; line < lines; line++) {
            int numbered = random.nextInt(width);
            for (int column = 0; column < width; column++) {
                text.append(column == 0 ? "" : String.valueOf(separator.sign()));
                List<String> from = each && column == numbered ? PLAIN : cells;
                text.append(from.get(random.nextInt(from.size())));
            }
            text.append(ragged && random.nextInt(9) == 0 ? separator.sign() + "1" : "");
            text.append(line == lines - 1 && random.nextBoolean() ? "" : end);
        }
        return text + (random.nextInt(4) == 0 ? end + end : "");
    }

    private static List<String> together(List<String> one, List<String> other) {
        return Stream.concat(one.stream(), other.stream()).toList();
    }

    @Test
    void bothWaysComeToTheSame() {
        int compared = 0;
        for (int seed = 0; seed < TEXTS; seed++) {
            compared += isTheSame(new Random(seed)) ? 1 : 0;
        }
        assertThat(compared).as("texts that were read in both ways").isGreaterThan(TEXTS / 4);
    }

    /** Whether a random text is read in both ways, and then to the same rows. */
    private static boolean isTheSame(Random random) {
        Separator separator = SEPARATORS.get(random.nextInt(4));
        List<String> cells = random.nextInt(3) == 0 ? together(together(PLAIN, WORDS), ODD) : together(PLAIN, WORDS);
        String text = text(random, separator, cells.stream().filter(cell -> cell.indexOf(separator.sign()) < 0).toList(),
                random.nextBoolean());
        Optional<PlainRows> quick = quick(text, separator, 1 + random.nextInt(60));
        boolean both = quick.isPresent() && !Surroundings.endInNotes(quick.get(), DecimalMark.POINT);
        if (both) {
            DataTable usual = usual(text, separator);
            assertThat(quick.get().rows()).as(text).isEqualTo(usual.rows());
            assertThat(Math.max(2, quick.get().width())).as(text).isEqualTo(usual.width());
            assertThat(quick.get()).as(text).isEqualTo(read(text, separator).block().rows());
        }
        return both;
    }

    @Test
    void numbersAndWordsAreReadInTheQuickWay() {
        for (int seed = 0; seed < 500; seed++) {
            String text = text(new Random(seed), Separator.SEMICOLON, together(PLAIN, WORDS), true);
            assertThat(quick(text, Separator.SEMICOLON, 20)).as(text).isPresent();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"1e5", "5 cm", "1,234", "½", "3rd", "2024-01-05", "+4", "\"6\"", "\"a", "1.", ".5", "7\u00a0", "1/2",
            "[5]", "NA[1]", "٣", "(8)", "5%"})
    void whatIsToBeLookedAtMoreCloselyIsLeftToTheUsualWay(String cell) {
        assertThat(quick("1;2\n" + cell + ";2\n3;4", Separator.SEMICOLON, 100)).isEmpty();
    }

    @Test
    void aLineWithoutANumberMayBeAUnitANoteOrABlank() {
        for (String line : List.of("", ";", "cm;days", "   ")) {
            assertThat(quick("1;2\n" + line + "\n3;4", Separator.SEMICOLON, 100)).as(line).isEmpty();
        }
    }

    @Test
    void linesOfDifferentLengthsMayWriteOverDifferentCells() {
        assertThat(quick("1;2\n3\n4;5", Separator.SEMICOLON, 100)).isEmpty();
        assertThat(quick("1;2\n3\n4\n", Separator.SEMICOLON, 4)).as("in another piece").isEmpty();
    }

    @Test
    void numbersThatAreWrittenDifferentlyStayAsTheyAreWritten() {
        List<String> written = List.of("1", "01", "1.0", "10", "-1", "1.00", "0.1", "-01", "1", "00.1", "0.01", "10.0", "1.00");
        PlainRows rows = quick(String.join("\n", written), Separator.TAB, 100).orElseThrow();
        assertThat(rows.stream().map(List::getFirst)).isEqualTo(written);
    }

    @Test
    void moreDifferentNumbersThanAreRememberedStayApart() {
        List<String> written = IntStream.range(0, 100_000).mapToObj(i -> Integer.toString(i % 50_000)).toList();
        assertThat(quick(String.join("\n", written), Separator.TAB, 1 << 20).orElseThrow().stream().map(List::getFirst))
                .isEqualTo(written);
    }

    @Test
    void aLongTextIsReadInTheQuickWayWithItsHeadingsAndWhatStandsAboveThem() {
        String lines = "days,length [cm] [1]\n" + "4,10.5\n".repeat(200_000);
        TextData data = ((Result.Done<TextData>) TextData.understand("Kelp at Orrin Bay\n" + lines, DecimalMark.POINT)).value();
        assertThat(data.block().rows()).isInstanceOf(PlainRows.class).hasSize(200_000);
        assertThat(data.block().headings()).contains(List.of("days", "length [cm]"));
        assertThat(data.notes()).containsExactly("the line above the table left out");
        assertThat(DelimitedText.table(data.block(), List.of(), DecimalMark.POINT).rows().getLast())
                .isEqualTo(DelimitedText.row(List.of("4", "10.5"), DecimalMark.POINT));
    }

    @Test
    void theOtherDecimalMarkIsBroughtIntoTheOwnOne() {
        TextData data = ((Result.Done<TextData>) TextData.understand("4;10,5\n".repeat(200_000), DecimalMark.POINT)).value();
        assertThat(data.block().rows().getLast()).containsExactly("4", "10.5");
    }

    @Test
    void moreThanCanBeTakenInIsLeftToTheUsualWayWhichSaysSo() {
        String wide = "1" + ",1".repeat(TextData.MOST_COLUMNS);
        assertThat(quick((wide + "\n").repeat(3), Separator.COMMA, 100)).isEmpty();
        assertThat(quick("1\n".repeat(DataTable.MOST_ROWS + 1), Separator.TAB, 1 << 20)).isEmpty();
        assertThat(quick("1,1,1,1,1\n".repeat(DataTable.MOST_CELLS / 5 + 1), Separator.COMMA, 1 << 20)).isEmpty();
    }

    @Test
    void itCanBeStopped() {
        assertThatThrownBy(() -> PlainNumbers.read("1\n".repeat(10_000), 0, '\t', DecimalMark.POINT, 1 << 20, _ -> false))
                .isInstanceOf(Progress.Stopped.class);
    }

    @Test
    void rowsAreNotGivenOut() {
        PlainRows rows = quick("1;2\n3;4", Separator.SEMICOLON, 100).orElseThrow();
        assertThat(rows.rows()).extracting(Row::origin).containsOnly(Row.OWN);
        assertThat(rows).containsExactly(List.of("1", "2"), List.of("3", "4"));
    }

    @Test
    void someOfTheRowsAreRowsToo() {
        PlainRows rows = quick("1;2\n3;\n5;6", Separator.SEMICOLON, 100).orElseThrow();
        assertThat(rows.subList(0, 3)).isSameAs(rows);
        assertThat(rows.subList(1, 3)).containsExactly(List.of("3", ""), List.of("5", "6"));
        assertThat(rows.subList(1, 2).rows()).isEqualTo(rows.rows().subList(1, 2));
    }
}
