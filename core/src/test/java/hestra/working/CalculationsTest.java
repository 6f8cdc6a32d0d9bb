package hestra.working;

import java.util.List;
import java.util.stream.Stream;

import hestra.data.Pairs;
import hestra.fit.LeastSquares;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class CalculationsTest {

    // The line through (1, 3) and (2, 5) is 1 + 2 x.
    private static final Pairs PAIRS = Pairs.of(new double[] {1, 2}, new double[] {3, 5});
    private static final Results RESULTS = new Results(LeastSquares.line(PAIRS), PAIRS);

    private static Calculations of(String... lines) {
        return Calculations.of(Stream.of(lines).map(CalculationLine::typed).toList(), RESULTS, DecimalMark.POINT);
    }

    private static String problem(Calculation.Outcome outcome) {
        return ((Calculation.Problem) outcome).message();
    }

    @Test
    void aLineUsesTheNamesOfThoseBeforeItWhateverTheirLetters() {
        assertThat(of("At10 = slope * 10 + intercept", "half = at10 / 2", "AT10 - half").outcomes())
                .containsExactly(new Calculation.Value(21), new Calculation.Value(10.5), new Calculation.Value(10.5));
    }

    @Test
    void aLineDoesNotKnowThoseBelowIt() {
        List<Calculation.Outcome> outcomes = of("later + 1", "later = 2").outcomes();
        assertThat(problem(outcomes.getFirst())).contains("“later” is not known");
        assertThat(outcomes.getLast()).isEqualTo(new Calculation.Value(2));
    }

    @Test
    void aNameMustBeFreeAndAName() {
        List<Calculation.Outcome> outcomes = of("slope = 3", "2x = 3", "q = 1", "Q = 2", "sum = 1", "é_1 = 4").outcomes();
        assertThat(outcomes.subList(0, 2)).extracting(CalculationsTest::problem)
                .satisfiesExactly(it -> assertThat(it).contains("stands for something already"),
                it -> assertThat(it).contains("a letter first"));
        assertThat(outcomes.get(2)).isEqualTo(new Calculation.Value(1));
        assertThat(problem(outcomes.get(3))).contains("a line above");
        assertThat(problem(outcomes.get(4))).contains("stands for something already");
        assertThat(outcomes.get(5)).isEqualTo(new Calculation.Value(4));
        assertThat(of("q = 1", "Q = 2", "q + 1").outcomes().getLast()).as("the name stays with the line that had it first")
                .isEqualTo(new Calculation.Value(2));
    }

    @Test
    void aLineOnOneWithoutAValueSaysWhichItIs() {
        List<Calculation.Outcome> outcomes = of("q = 1 / 0", "q + 1").outcomes();
        assertThat(problem(outcomes.getLast())).isEqualTo("“q” has no value: see its own line.");
    }

    @Test
    void aLineThatIsNotAmongThemMayUseAllNames() {
        Calculations calculations = of("q = 4", "w = q + 1");
        assertThat(calculations.outcome(CalculationLine.typed("w * 2"))).isEqualTo(new Calculation.Value(10));
        assertThat(calculations.outcome(CalculationLine.typed("again = w"))).isEqualTo(new Calculation.Value(5));
        assertThat(calculations.outcome(CalculationLine.typed("q = 4"))).isEqualTo(new Calculation.Value(4));
    }

    @Test
    void whatStandsBeforeTheFirstEqualsSignIsTheName() {
        assertThat(CalculationLine.typed(" b20 =slope*20 ")).isEqualTo(new CalculationLine("b20", "slope*20"));
        assertThat(CalculationLine.typed("n")).isEqualTo(new CalculationLine("", "n"));
        assertThat(CalculationLine.typed("b20 = n").text()).isEqualTo("b20 = n");
    }
}
