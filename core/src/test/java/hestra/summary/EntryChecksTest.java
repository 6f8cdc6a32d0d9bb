package hestra.summary;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.numbers.DecimalMark;
import hestra.summary.Suspicion.Kind;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

class EntryChecksTest {

    private static DataTable table(String... rows) {
        return new DataTable(List.of(new Variable("days", "", ""), new Variable("length", "", "cm")), Arrays.stream(rows)
                .map(row -> Row.of(Arrays.stream(row.split("\\|", -1)).map(text -> Cell.of(text, DecimalMark.POINT))
                .toArray(Cell[]::new))).toList());
    }

    /** Kelp that grows 0.8 cm a day from 5 cm, give or take 1 cm. */
    private static List<String> kelp(int n) {
        Random random = new Random(24);
        return new ArrayList<>(IntStream.range(0, n)
                .mapToObj(i -> (4 + 2 * i) + "|" + Math.round((5 + 0.8 * (4 + 2 * i) + 2 * random.nextDouble() - 1) * 10) / 10.0)
                .toList());
    }

    private static List<Suspicion> check(List<String> rows) {
        return EntryChecks.of(table(rows.toArray(String[]::new)), Roles.FIRST_EXPLAINS, DecimalMark.POINT);
    }

    private static List<Kind> kinds(List<Suspicion> found) {
        return found.stream().map(Suspicion::kind).toList();
    }

    @Test
    void goodDataRaiseNoSuspicion() {
        for (int n : new int[] {0, 1, 2, 7, 24, 300}) {
            assertThat(check(kelp(n))).isEmpty();
        }
    }

    @Test
    void ordinaryScatterRaisesSuspicionOnceInAThousandRowsAtTheMost() {
        Random random = new Random(7);
        int suspicions = 0;
        for (int set = 0; set < 300; set++) {
            double slope = random.nextGaussian();
            double noise = Math.exp(3 * random.nextGaussian());
            List<String> rows = IntStream.range(0, 30)
                    .mapToObj(i -> random.nextInt(1000) / 10.0 + "|"
                    + Math.round((40 + slope * i + noise * random.nextGaussian()) * 100) / 100.0).toList();
            suspicions += check(rows).size();
        }
        assertThat(suspicions).isLessThanOrEqualTo(9);
    }

    @Test
    void everySlippedPointOfAResponseIsFoundAndNothingElse() {
        for (double factor : new double[] {10, 100, 1000, 0.1, 0.01, 0.001}) {
            for (int row = 0; row < 24; row++) {
                List<String> rows = kelp(24);
                String[] cells = rows.get(row).split("\\|");
                double slipped = Double.parseDouble(cells[1]) * factor;
                rows.set(row, cells[0] + "|" + slipped);
                // A tenth of a small value lies no further off than the others among themselves.
                if (factor < 1 && row < 6) {
                    continue;
                }
                List<Suspicion> found = check(rows);
                assertThat(found).as("row %d times %s", row + 1, factor).hasSize(1);
                assertThat(found.getFirst().kind()).isEqualTo(Kind.SCALE);
                assertThat(found.getFirst().row()).isEqualTo(row);
                assertThat(found.getFirst().column()).isEqualTo(1);
            }
        }
    }

    @Test
    void aSlippedPointInTheExplanatoryVariableIsFoundToo() {
        List<String> rows = kelp(24);
        rows.set(10, "240|" + rows.get(10).split("\\|")[1]);
        List<Suspicion> found = check(rows);
        assertThat(found).hasSize(1);
        assertThat(found.getFirst().message()).contains("Row 11: days 240").contains("24 would fit");
    }

    @Test
    void aPointFarBeyondTheOthersIsNotJudgedByTheLineThroughThem() {
        List<String> rows = kelp(20);
        rows.add("200|29.4");
        assertThat(kinds(check(rows))).as("165 would lie on the line, but nobody measured near there").doesNotContain(Kind.SCALE);
    }

    @Test
    void wordsAndGapsLeadToTheirCells() {
        List<String> rows = kelp(8);
        rows.set(3, "broken|9.1");
        rows.set(5, "14|");
        List<Suspicion> found = check(rows);
        assertThat(kinds(found)).containsExactly(Kind.NOT_A_NUMBER, Kind.INCOMPLETE);
        assertThat(found.get(0).row()).isEqualTo(3);
        assertThat(found.get(0).column()).isZero();
        assertThat(found.get(1).column()).isEqualTo(1);
        assertThat(found.get(1).message()).isEqualTo("Row 6 has no length.");
    }

    @Test
    void manyOfOneKindAreOneRemarkThatLeadsToTheFirst() {
        List<String> rows = kelp(12);
        for (int i = 2; i < 8; i++) {
            rows.set(i, "?" + i + "|9.1");
        }
        assertThat(check(rows)).singleElement().satisfies(it -> {
            assertThat(it.message()).isEqualTo("6 rows hold something that is not a number, the first is row 3.");
            assertThat(it.row()).isEqualTo(2);
        });
    }

    @Test
    void headingsAmongTheDataAreToldAsSuch() {
        List<String> rows = kelp(8);
        rows.add(4, "days|length (cm)");
        assertThat(kinds(check(rows))).containsExactly(Kind.HEADING_INSIDE);
    }

    @Test
    void columnsOfUnequalLengthAreOneRemarkAndNotMany() {
        List<String> rows = kelp(10);
        for (int i = 6; i < 10; i++) {
            rows.set(i, rows.get(i).split("\\|")[0] + "|");
        }
        List<Suspicion> found = check(rows);
        assertThat(kinds(found)).containsExactly(Kind.UNEQUAL_LENGTHS);
        assertThat(found.getFirst().message()).contains("days goes down to row 10, length only to row 6");
        assertThat(found.getFirst().row()).isEqualTo(6);
    }

    @Test
    void theSamePairTwiceIsToldAndManySuchInOneSentence() {
        List<String> rows = kelp(8);
        rows.add(rows.get(2));
        assertThat(check(rows).getFirst().message()).isEqualTo("Row 9 is the same pair as row 3.");
        rows.addAll(kelp(8));
        assertThat(check(rows)).singleElement().satisfies(it -> assertThat(it.message()).startsWith("9 rows repeat"));
    }

    @Test
    void columnsThatSlippedAgainstEachOtherAreSeenInTheCorrelation() {
        // A wave, so that a slip by one row takes most of the correlation away.
        double[] x = IntStream.range(0, 30).mapToDouble(i -> 50 + 20 * Math.sin(i * 1.9)).toArray();
        List<String> slipped = new ArrayList<>();
        for (int i = 0; i < 29; i++) {
            slipped.add(x[i] + "|" + (3 + 2 * x[i + 1]));
        }
        assertThat(kinds(check(slipped))).contains(Kind.SLIPPED);
        List<String> straight = IntStream.range(0, 30).mapToObj(i -> x[i] + "|" + (3 + 2 * x[i])).toList();
        assertThat(kinds(check(straight))).doesNotContain(Kind.SLIPPED);
    }

    @Test
    void whatIsSetAsideHasBeenLookedAt() {
        List<String> rows = kelp(24);
        rows.set(10, rows.get(10).split("\\|")[0] + "|242");
        DataTable table = table(rows.toArray(String[]::new));
        assertThat(EntryChecks.of(table, Roles.FIRST_EXPLAINS, DecimalMark.POINT)).hasSize(1);
        assertThat(EntryChecks.of(table.withSetAside(10, Optional.of("misread")), Roles.FIRST_EXPLAINS, DecimalMark.POINT))
                .isEmpty();
    }

    @Test
    void aValueFarFromAllOthersIsToldWhateverStandsBesideIt() {
        List<String> rows = new ArrayList<>(List.of("10|21", "15|24", "20|22", "12|12345.6", "25|31", "30|28", "45|26"));
        assertThat(check(rows)).singleElement().satisfies(it -> {
            assertThat(it.kind()).isEqualTo(Kind.FAR);
            assertThat(it.row()).isEqualTo(3);
            assertThat(it.message())
                    .isEqualTo("Row 4: length 12345.6 is far from all others, which go from 21 to 31. Is it right?");
        });
        rows.set(3, "12345.6|25");
        assertThat(check(rows)).singleElement().satisfies(it -> assertThat(it.column()).isZero());
    }

    @Test
    void aLongTailIsNoReasonToAsk() {
        Random random = new Random(11);
        int asked = 0;
        for (int set = 0; set < 200; set++) {
            List<String> rows = IntStream.range(0, 40).mapToObj(i -> i + "|"
                    + Math.round(Math.exp(2 + 1.2 * random.nextGaussian()) * 1000) / 1000.0).toList();
            asked += kinds(check(rows)).contains(Kind.FAR) ? 1 : 0;
        }
        assertThat(asked).isLessThanOrEqualTo(2);
    }

    @Test
    void whatIsOddAccusesNoneOfItsNeighbours() {
        Random random = new Random(3);
        for (int time = 0; time < 60; time++) {
            List<String> rows = kelp(24);
            List<Integer> odd = random.ints(6, 24).distinct().limit(3).boxed().toList();
            odd.forEach(row -> rows.set(row, rows.get(row).split("\\|")[0] + "|" + 12_345.6));
            assertThat(check(rows)).extracting(Suspicion::row).as("odd are " + odd).isSubsetOf(odd);
        }
    }

    @Test
    void severalSlippedPointsAreAllTold() {
        List<String> rows = kelp(24);
        rows.set(8, rows.get(8).split("\\|")[0] + "|" + 10 * Double.parseDouble(rows.get(8).split("\\|")[1]));
        rows.set(17, rows.get(17).split("\\|")[0] + "|" + 10 * Double.parseDouble(rows.get(17).split("\\|")[1]));
        assertThat(check(rows)).extracting(Suspicion::kind, Suspicion::row)
                .containsExactly(tuple(Kind.SCALE, 8), tuple(Kind.SCALE, 17));
    }

    @Test
    void manySlippedPointsOfALongTableAreAllTold() {
        List<String> rows = kelp(300);
        List<Integer> slipped = IntStream.range(0, 20).mapToObj(i -> 7 + 14 * i).toList();
        slipped.forEach(row -> rows.set(row, rows.get(row).split("\\|")[0] + "|"
                + 100 * Double.parseDouble(rows.get(row).split("\\|")[1])));
        assertThat(check(rows)).extracting(Suspicion::row).containsExactlyElementsOf(slipped);
    }
}
