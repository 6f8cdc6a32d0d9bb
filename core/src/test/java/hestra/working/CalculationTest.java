package hestra.working;

import hestra.data.Pairs;
import hestra.fit.Curve;
import hestra.fit.LeastSquares;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class CalculationTest {

    /** n = 4, x̄ = 3, ȳ = 5, Sxx = 14, Syy = 18, Sxy = 15. */
    private static final Pairs PAIRS = Pairs.of(new double[] {1, 2, 3, 6}, new double[] {2, 5, 5, 8});
    private static final Results RESULTS = new Results(LeastSquares.line(PAIRS), PAIRS);

    private static Calculation.Outcome of(String text) {
        return Calculation.read(text, DecimalMark.POINT).of(RESULTS);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "2 + 3 * 4 | 14", "(2 + 3) · 4 | 20", "2 - 3 - 4 | -5", "24 / 4 / 2 | 3", "2^3^2 | 512", "-2^2 | -4", "2^-1 | 0.5",
                "1.5e3 | 1500", "2 × 3 ÷ 4 | 1.5",
        "ln(exp(2)) | 2", "log10(1000) | 3", "sqrt(9) + abs(−4) | 7", "slope * 14 | 15", "intercept + slope * mean_x | 5",
                "n | 4", "sxx | 14", "Syy | 18",
        "r^2 * 14 * 18 | 225", "r2 * 252 | 225", "sum(x) | 12", "mean(y) | 5",
                "sum((x - mean_x)*(y - mean_y)) / sum((x - mean_x)^2) - slope | 0",
        "sqrt(sse / (n - 2)) - s | 0", "sst - sse - ssr | 0", "a + b * 3 | 5", "sd_x^2 * 3 | 14", "max_x - min_x | 5",
                "median_y | 5", "2e | 0"})
    void formulasGiveWhatTheyGiveOnPaper(String text, double expected) {
        if (text.equals("2e")) {
            assertThat(of(text)).isInstanceOf(Calculation.Problem.class);
            return;
        }
        assertThat(of(text)).isInstanceOfSatisfying(Calculation.Value.class, it -> assertThat(it.value())
                .isEqualTo(expected, within(1e-12)));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "2 + | 3 | ends too soon", "(2 + 3 | 0 | not closed", "2 3 | 2 | not expected", "2 + 3) | 5 | no opening",
                "slop * 2 | 0 | not known", "x + 1 | 0 | belongs inside",
        "sum(x | 3 | not closed", "sum(sum(x)) | 4 | inside another", "ln 2 | 0 | brackets", "1 / (n - 4) | 2 | divides by zero",
                "sqrt(0 - 1) | 0 | no square root",
        "ln(0) | 0 | above 0", "exp(1000) | 0 | larger", "(0-8)^0.5 | 5 | negative number", "0^(0-1) | 1 | divides by zero",
                "c | 0 | has no c", "k | 0 | has no k",
        "1.2.3 | 0 | not a number", "$ | 0 | not expected", "1e999 | 0 | larger"})
    void whatIsWrongIsSaidWithItsPlace(String text, int at, String says) {
        assertThat(of(text)).isInstanceOfSatisfying(Calculation.Problem.class, problem -> {
            assertThat(problem.message()).contains(says);
            assertThat(problem.at()).isEqualTo(at);
        });
    }

    @Test
    void anEmptyOrEndlessFormulaIsToldSo() {
        assertThat(Calculation.read("  ", DecimalMark.POINT).problem()).isPresent();
        assertThat(Calculation.read("(".repeat(500), DecimalMark.POINT).problem().orElseThrow().message()).contains("too many");
        assertThat(Calculation.read("1+".repeat(1500) + "1", DecimalMark.POINT).problem().orElseThrow().message())
                .contains("too long");
    }

    @Test
    void theDecimalMarkIsTheExercises() {
        assertThat(Calculation.read("0,5 * 4", DecimalMark.COMMA).of(RESULTS)).isEqualTo(new Calculation.Value(2));
    }

    @Test
    void coefficientsOfACurveGoByTheirLetters() {
        Pairs doubling = Pairs.of(new double[] {0, 1, 2}, new double[] {3, 6, 12});
        Results growth = new Results(LeastSquares.fit(new Curve.Exponential(Curve.FittedOn.LOGARITHMS), doubling), doubling);
        assertThat(Calculation.read("a * b^2", DecimalMark.POINT).of(growth)).isInstanceOfSatisfying(Calculation.Value.class,
                it -> assertThat(it.value()).isEqualTo(12, within(1e-12)));
        assertThat(Calculation.read("exp(k)", DecimalMark.POINT).of(growth)).isInstanceOfSatisfying(Calculation.Value.class,
                it -> assertThat(it.value()).isEqualTo(2, within(1e-14)));
        assertThat(Calculation.read("slope", DecimalMark.POINT).of(growth)).isInstanceOf(Calculation.Problem.class);
    }

    @Test
    void withoutAFitTheReasonIsGiven() {
        Pairs none = Pairs.of(new double[0], new double[0]);
        Results nothing = new Results(LeastSquares.line(none), none);
        assertThat(Calculation.read("slope", DecimalMark.POINT).of(nothing)).isInstanceOfSatisfying(Calculation.Problem.class,
                problem -> assertThat(problem.message()).contains("none yet"));
        assertThat(Calculation.read("sum(x)", DecimalMark.POINT).of(nothing)).isInstanceOfSatisfying(Calculation.Problem.class,
                problem -> assertThat(problem.message()).contains("no pairs"));
    }

    @Test
    void aSumOverManyPairsLooksNamesUpOnce() {
        double[] x = new java.util.Random(1).doubles(50_000).toArray();
        Pairs many = Pairs.of(x, x);
        assertThat(Calculation.read("sum((x - mean_x)^2) - sxx", DecimalMark.POINT)
                .of(new Results(LeastSquares.line(many), many)))
                .isInstanceOfSatisfying(Calculation.Value.class, it -> assertThat(it.value()).isEqualTo(0, within(1e-9)));
    }
}
