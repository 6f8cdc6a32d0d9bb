package hestra.overview;

import java.util.List;
import java.util.Set;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.exercise.Exercise;
import hestra.fit.Curve;
import hestra.numbers.DecimalMark;
import hestra.sentences.Aspect;
import hestra.task.Aid;
import hestra.task.Answer;
import hestra.task.Explain;
import hestra.task.Terms;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

class OverviewTest {

    private static final Exercise OPEN = Kelp.exercise().withFirst(part -> part.withHeld(Set.of()));

    private static Entry entry(Section section, String name, int column) {
        return section.lines().stream().filter(line -> line.name().equals(name)).findFirst()
                .orElseThrow(() -> new AssertionError(name + " is not in " + section)).entries().get(column);
    }

    @Test
    void theNumbersAreThoseThatCanBeWorkedOutByHand() {
        Overview overview = Overview.of(Findings.of(Desk.open(OPEN)));
        // x = 2, 4, 6, 8, 10; y = 3.1, 3.9, 5.0, 6.0, 7.2; see Kelp.
        assertThat(entry(overview.variables(), "mean", 0).text()).isEqualTo("6.00");
        assertThat(entry(overview.variables(), "median", 1).text()).isEqualTo("5.000");
        assertThat(entry(overview.variables(), "lower quartile", 1).text()).as("(3.1 + 3.9) / 2").isEqualTo("3.500");
        assertThat(entry(overview.variables(), "standard deviation (n − 1)", 0).text()).as("√(40 / 4)").isEqualTo("3.16");
        assertThat(entry(overview.variables(), "standard deviation (n)", 0).text()).as("√(40 / 5)").isEqualTo("2.83");
        assertThat(entry(overview.variables(), "sum", 1).text()).isEqualTo("25.2");
        assertThat(entry(overview.association(), "Sxy", 0).text()).isEqualTo("20.60");
        assertThat(entry(overview.association(), "covariance (n − 1)", 0).text()).isEqualTo("5.150");
        assertThat(entry(overview.association(), "rank correlation", 0).text()).isEqualTo("1.000");
        assertThat(entry(overview.coefficients(), "estimate", 1).text()).isEqualTo("0.5150");
        // s² = 0.043 / 3, so the standard error of the slope is √(0.043 / 3 / 40) = 0.0189297.
        assertThat(entry(overview.coefficients(), "standard error", 1).text()).isEqualTo("0.0189");
        assertThat(entry(overview.fit(), "degrees of freedom", 0).text()).isEqualTo("3");
        assertThat(entry(overview.fit(), "SSE, left over", 0).text()).isEqualTo("0.04300");
        assertThat(entry(overview.residuals(), "mean", 0).text()).isEqualTo("0.000");
        // Residuals of 1.95 + 0.515 x: 0.12, −0.11, −0.04, −0.07, 0.10.
        assertThat(entry(overview.residuals(), "least", 0).text()).isEqualTo("−0.110");
    }

    @Test
    void eachSentenceIsAboutTheseData() {
        Overview overview = Overview.of(Findings.of(Desk.open(OPEN)));
        assertThat(entry(overview.coefficients(), "estimate", 1).meaning())
                .isEqualTo("For each day more, the predicted value of length is 0.5150 cm higher.");
        assertThat(entry(overview.coefficients(), "estimate", 0).meaning()).contains("Where the value of days is 0")
                .contains("No point is near there");
        assertThat(entry(overview.coefficients(), "p", 1).meaning()).startsWith("A slope this far from 0 would come up about")
                .endsWith("if the two were unrelated.");
        assertThat(entry(overview.variables(), "median", 1).meaning())
                .isEqualTo("Half of the values of length lie below 5.000 cm, half above.");
        assertThat(entry(overview.fit(), "R²", 0).meaning()).contains("99.6 % of the variation in length goes with days");
        assertThat(entry(overview.residuals(), "least", 0).meaning()).contains("lies 0.110 cm below it");
        assertThat(entry(overview.association(), "r", 0).meaning()).as("r is 0.998: near a line, and not on it")
                .startsWith("The points lie close to a line that goes up.");
        overview.sections().forEach(section -> section.lines().forEach(line -> assertThat(line.entries()).as(line.name())
                .allSatisfy(it -> {
            assertThat(it.meaning()).endsWith(".");
            assertThat(it.text()).isNotBlank();
        })));
    }

    @Test
    void whatIsHeldBackIsADashThatSaysWhatOpensIt() {
        Overview overview = Overview.of(Findings.of(Desk.open(Kelp.whole())));
        assertThat(entry(overview.association(), "r", 0)).isEqualTo(new Entry("–", "Opens with task 3, Describe."));
        assertThat(entry(overview.association(), "Sxy", 0).text()).as("r could be worked out from it").isEqualTo("–");
        assertThat(overview.coefficients().lines()).isEmpty();
        assertThat(overview.fit().lines()).isEmpty();
        assertThat(overview.residuals().lines()).isEmpty();
        assertThat(overview.sections()).hasSize(2);
        Overview half = Overview.of(Findings.of(Desk.open(Kelp.exercise()
                .withFirst(part -> part.withHeld(Set.of(Aid.R_SQUARED))))));
        assertThat(entry(half.fit(), "R²", 0).text()).isEqualTo("–");
        assertThat(entry(half.fit(), "F", 0).text()).as("R² follows from F").isEqualTo("–");
        assertThat(entry(half.fit(), "s", 0).text()).isNotEqualTo("–");
    }

    @Test
    void noDataAndOnePointAndEqualValuesAreSaidInWords() {
        Overview none = Overview.of(Findings.of(Desk.open(Exercise.study("s", "S", DecimalMark.POINT))));
        assertThat(entry(none.variables(), "mean", 0).meaning()).contains("no pairs");
        assertThat(entry(none.association(), "r", 0).meaning()).contains("two points");
        Overview one = Overview.of(Findings.of(Desk.open(OPEN.withFirst(part -> part.withData(Kelp.table()
                .withRows(Kelp.table().rows().subList(0, 1)))))));
        assertThat(entry(one.variables(), "standard deviation (n − 1)", 0))
                .isEqualTo(new Entry("–", "A single value has no spread."));
        List<Row> equal = List.of(Row.of(Cell.of(1, DecimalMark.POINT), Cell.of(5, DecimalMark.POINT)),
                Row.of(Cell.of(2, DecimalMark.POINT), Cell.of(5, DecimalMark.POINT)),
                Row.of(Cell.of(3, DecimalMark.POINT), Cell.of(5, DecimalMark.POINT)));
        Overview flat = Overview.of(Findings.of(Desk.open(OPEN.withFirst(part ->
                part.withData(new DataTable(List.of(Variable.named("x"), Variable.named("y")), equal))))));
        assertThat(entry(flat.association(), "r", 0).meaning()).contains("the same");
        assertThat(entry(flat.coefficients(), "estimate", 1).meaning()).endsWith("the predicted value of y is the same.");
    }

    /** The sentence that a task asks for is not handed out before. */
    @Test
    void aSentenceThatATaskAsksForAsksInsteadUntilTheTaskIsKnownToBeDone() {
        Explain slope = new Explain(Terms.of("say", "Say it", "What does the slope mean?", 3).withTries(2));
        Exercise asking = Kelp.exercise(slope).withFirst(part -> part.withHeld(Set.of()));
        Desk desk = Desk.open(asking);
        Overview overview = Overview.of(Findings.of(desk));
        assertThat(entry(overview.coefficients(), "estimate", 1))
                .isEqualTo(new Entry("0.5150", "What does this say? Task 1 asks."));
        assertThat(entry(overview.coefficients(), "estimate", 0).meaning()).as("nobody asks")
                .startsWith("Where the value of days");
        assertThat(entry(overview.fit(), "R²", 0).meaning()).startsWith("99.6 %");
        Desk wrong = desk.apply(new Edit.Draft("say", new Answer.Sentence("It grows."))).apply(new Edit.Check("say"));
        assertThat(Findings.of(wrong).whatAsks(Aspect.About.SLOPE)).isPresent();
        Desk twice = wrong.apply(new Edit.Draft("say", new Answer.Sentence("It grows a lot."))).apply(new Edit.Check("say"));
        assertThat(Findings.of(twice).whatAsks(Aspect.About.SLOPE)).as("no tries are left").isEmpty();
        Explain later = new Explain(slope.terms().withVerdict(Terms.Showing.AFTER_HANDING_IN).withTries(0));
        Desk right = Desk.open(Kelp.exercise(later)).apply(new Edit.Draft("say", new Answer.Sentence(
                "For each day more, the blade length goes up by 0.515 cm on average."))).apply(new Edit.Check("say"));
        assertThat(Findings.of(right).task("say").right()).isTrue();
        assertThat(Findings.of(right).whatAsks(Aspect.About.SLOPE)).as("or it would tell the verdict").isPresent();
    }

    @Test
    void anotherCurveHasItsOwnCoefficients() {
        Overview overview = Overview.of(Findings.of(Desk.open(OPEN).apply(new PlotEdit.AddCurve(new Curve.Polynomial(2)))));
        assertThat(overview.coefficients().title()).isEqualTo("Coefficients of the quadratic curve");
        assertThat(overview.coefficients().headings()).hasSize(3);
        assertThat(entry(overview.fit(), "degrees of freedom", 0).meaning()).isEqualTo("5 points less 3 coefficients.");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            1        | every time
            0.97     | almost every time
            0.5      | about 5 times in 10
            0.21     | about 2 times in 10
            0.353    | about 35 times in 100
            0.034    | about 34 times in 1,000
            0.04     | about 4 times in 100
            0.01     | about once in 100
            0.0003   | about 3 times in 10,000
            0.000001 | about once in a million
            1e-9     | less than once in a million times""")
    void chancesAreSaidInRoundNumbers(double p, String words) {
        assertThat(Chance.inWords(p)).isEqualTo(words);
    }
}
