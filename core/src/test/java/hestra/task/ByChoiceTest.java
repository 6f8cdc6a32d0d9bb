package hestra.task;

import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.feedback.KeptPoints;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Tasks that are answered by choices: questions, choosing a curve, checking the conditions. */
class ByChoiceTest {

    private static final Terms TERMS = Terms.of("ask", "Ask", "Ask.", 4);
    private static final Truth TRUTH = Kelp.truth(Kelp.exercise());
    private static final List<Question.Option> OPTIONS = List.of(new Question.Option("how close the points are", true, ""),
            new Question.Option("how steep the line is", false, "That is the slope."),
            new Question.Option("which way it goes", true, "Its sign says that."));

    private static Verdict judge(Task task, Answer answer) {
        return task.judge(new Attempt(answer, Set.of()), TRUTH);
    }

    private static Chosen chosen(int... picks) {
        Chosen chosen = Chosen.NOTHING;
        for (int row = 0; row < picks.length; row++) {
            chosen = chosen.with(row, Set.of(picks[row]));
        }
        return chosen;
    }

    private static Question question(Question.Sort sort) {
        return new Question(TERMS, sort, OPTIONS, false, List.of("outlier", "unusual point"));
    }

    @Test
    void oneOfSeveral() {
        Question one = question(Question.Sort.ONE);
        assertThat(judge(one, chosen(0)).earned()).isEqualTo(4);
        assertThat(judge(one, chosen(1)).message()).isEqualTo("That is the slope.");
        assertThat(one.unfinished(Chosen.NOTHING, TRUTH)).isPresent();
        assertThat(one.unfinished(chosen(7), TRUTH)).isPresent();
        assertThat(one.key(TRUTH).text()).contains("how close the points are");
    }

    @Test
    void severalOfSeveralCountOptionByOption() {
        Question several = question(Question.Sort.SEVERAL);
        assertThat(judge(several, Chosen.NOTHING.with(0, Set.of(0, 2))).isRight()).isTrue();
        Verdict half = judge(several, Chosen.NOTHING.with(0, Set.of(0, 1)));
        assertThat(half.outcome()).isEqualTo(Outcome.NEARLY);
        assertThat(half.message()).contains("1 of 3", "That is the slope.", "Its sign says that.");
    }

    @Test
    void aStatementWithItsReason() {
        Question statement = question(Question.Sort.TRUE_BECAUSE);
        assertThat(judge(statement, chosen(1, 0)).isRight()).isTrue();
        assertThat(judge(statement, chosen(0, 0)).message()).contains("Think again");
        assertThat(judge(statement, chosen(1, 1)).message()).isEqualTo("That is the slope.");
        assertThat(statement.key(TRUTH).text()).startsWith("not true, because");
    }

    @Test
    void shortAndLongTexts() {
        Question word = question(Question.Sort.SHORT_TEXT);
        assertThat(judge(word, new Chosen(List.of(), " The Outlier. ")).isRight()).isTrue();
        assertThat(judge(word, new Chosen(List.of(), "unusual  point")).isRight()).isTrue();
        assertThat(judge(word, new Chosen(List.of(), "line")).outcome()).isEqualTo(Outcome.WRONG);
        assertThat(word.unfinished(Chosen.NOTHING, TRUTH)).hasValue("Write something first.");
        assertThat(judge(question(Question.Sort.LONG_TEXT), new Chosen(List.of(), "I think so.")).message())
                .contains("instructor reads it");
    }

    @Test
    void choicesAreTypedByTheirTextOrLetter() {
        assertThat(question(Question.Sort.ONE).typed("How steep the line is", TRUTH)).hasValue(chosen(1));
        assertThat(question(Question.Sort.ONE).typed("steep", TRUTH)).hasValue(chosen(1));
        assertThat(question(Question.Sort.ONE).typed("B", TRUTH)).hasValue(chosen(1));
        assertThat(question(Question.Sort.ONE).typed("the", TRUTH)).as("two hold it").isEmpty();
        assertThat(question(Question.Sort.SEVERAL).typed("a, c", TRUTH)).hasValue(Chosen.NOTHING.with(0, Set.of(0, 2)));
        assertThat(question(Question.Sort.TRUE_BECAUSE).typed("not true; how close the points are", TRUTH))
                .hasValue(chosen(1, 0));
        Task one = question(Question.Sort.ONE);
        Response response = Response.to("something else", one, TRUTH, attempt -> one.judge(attempt, TRUTH));
        assertThat(response.outcome()).isEqualTo("unreadable");
        assertThat(response.message()).contains("how steep the line is");
    }

    @Test
    void theCurveOfTheGreatestAdjustedRSquared() {
        double[] x = {1, 2, 3, 4, 5, 6, 7};
        double[] y = {2.1, 3.9, 9.2, 15.8, 25.1, 36.2, 48.9};
        Truth bent = Truth.of(table(x, y), Roles.FIRST_EXPLAINS, DecimalMark.POINT, List.of(), KeptPoints.FULL);
        ChooseCurve task = new ChooseCurve(TERMS, List.of(new Curve.Line(), new Curve.Polynomial(2)),
                ChooseCurve.By.ADJUSTED_R_SQUARED, 0, EnumSet.of(CurveReason.RESIDUALS), false);
        assertThat(task.key(bent).text()).startsWith("quadratic curve, because");
        assertThat(task.judge(new Attempt(chosen(1, CurveReason.RESIDUALS.ordinal()), Set.of()), bent).isRight()).isTrue();
        assertThat(task.judge(new Attempt(chosen(1, CurveReason.SIMPLE.ordinal()), Set.of()), bent).outcome())
                .isEqualTo(Outcome.NEARLY);
        assertThat(task.judge(new Attempt(chosen(0, CurveReason.RESIDUALS.ordinal()), Set.of()), bent).message())
                .contains("Another one");
        ChooseCurve none = task.with(ChooseCurve.By.AUTHOR).choosing(2);
        assertThat(none.key(bent).text()).startsWith("none: the data do not say");
        assertThat(none.offering(List.of(new Curve.Line())).chosen()).as("none stays none").isEqualTo(1);
        assertThatThrownBy(() -> task.choosing(3)).isInstanceOf(IllegalArgumentException.class);
    }

    private static hestra.data.DataTable table(double[] x, double[] y) {
        return new DataTable(List.of(Variable.named("x"), Variable.named("y")), IntStream.range(0, x.length)
                .mapToObj(i -> Row.of(Cell.of(x[i], DecimalMark.POINT), Cell.of(y[i], DecimalMark.POINT))).toList());
    }

    @Test
    void brokenConditionsAreProposedFromTheResiduals() {
        Random random = new Random(11);
        double[] x = new double[60];
        double[] plain = new double[60];
        double[] bent = new double[60];
        double[] fan = new double[60];
        double[] tail = new double[60];
        for (int i = 0; i < 60; i++) {
            x[i] = i;
            double noise = random.nextGaussian();
            plain[i] = 3 + 2 * i + noise;
            bent[i] = 3 + 2 * i + 0.05 * i * i + noise;
            fan[i] = 3 + 2 * i + noise * (0.2 + 0.2 * i);
            tail[i] = plain[i] + (i == 20 ? 15 : 0);
        }
        assertThat(CheckConditions.proposed(Pairs.of(x, plain))).isEmpty();
        assertThat(CheckConditions.proposed(Pairs.of(x, bent))).containsExactly(FitCondition.LINEARITY);
        assertThat(CheckConditions.proposed(Pairs.of(x, fan))).contains(FitCondition.EQUAL_SPREAD);
        assertThat(CheckConditions.proposed(Pairs.of(x, tail))).containsExactly(FitCondition.NORMALITY);
    }

    @Test
    void conditionsAreJudgedOneByOneAndByWhatIsSeen() {
        CheckConditions task = new CheckConditions(TERMS, EnumSet.of(FitCondition.LINEARITY, FitCondition.EQUAL_SPREAD),
                EnumSet.of(FitCondition.LINEARITY), true);
        assertThat(task.rows(TRUTH)).extracting(ChoiceRow::name).containsExactly("straight", "equal spread", "seen by");
        assertThat(judge(task, chosen(1, 0, 0)).isRight()).isTrue();
        assertThat(judge(task, chosen(1, 1, 0)).message()).isEqualTo("4 of 5 are right.");
        assertThat(judge(task, chosen(1, 0, 2)).advice()).isEqualTo("Look again at what in the pictures says so.");
        assertThat(judge(task, chosen(1, 0, 2)).earned()).as("each tick by itself").isEqualTo(TERMS.marks() * 3 / 5.0);
        CheckConditions allHold = task.failing(Set.of());
        assertThat(judge(allHold, chosen(0, 0, 2)).isRight()).isTrue();
        assertThat(judge(allHold, chosen(0, 0, 0)).isRight()).isFalse();
        assertThat(task.pieces(chosen(1, 0, 0), TRUTH)).containsExactly("1", "0", "1", "0", "0");
        assertThat(task.key(TRUTH).text()).isEqualTo("straight \u2717 \u00b7 equal spread \u2713");
        assertThat(task.inWords(chosen(1, 0, 0), TRUTH))
                .containsExactly("straight: does not hold", "equal spread: holds", "seen by: the residuals against x are bent");
    }
}
