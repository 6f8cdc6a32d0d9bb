package hestra.task;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.feedback.KeptPoints;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Predictions on many data sets: what the key says is right, however it is typed, and what is off is not. */
class PredictingPropertiesTest {

    private static final int DATA_SETS = 150;
    private static final List<Curve> CURVES = List.of(new Curve.Line(), new Curve.Polynomial(2),
            new Curve.Exponential(Curve.FittedOn.LOGARITHMS), new Curve.Power(Curve.FittedOn.LOGARITHMS),
            new Curve.Logarithmic());

    private static Truth truth(Random random, DecimalMark mark) {
        double slope = (random.nextBoolean() ? 1 : -1) * (0.2 + random.nextDouble());
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < 6 + random.nextInt(12); i++) {
            double x = 1 + i + random.nextInt(2);
            double y = 40 + slope * x + random.nextGaussian();
            rows.add(Row.of(Cell.of(Double.toString(x).replace('.', mark.sign()), mark),
                    Cell.of(String.format(Locale.ROOT, "%.2f", y).replace('.', mark.sign()), mark)));
        }
        return Truth.of(DataTable.empty(new Variable("days", "", "days"), new Variable("length", "", "cm")).withRows(rows),
                Roles.FIRST_EXPLAINS, mark, List.of(), KeptPoints.FULL);
    }

    private static Predict task(Curve curve, Predicting asks, List<Double> at) {
        return new Predict(Terms.of("predict", "Predict", "Predict.", 6), at, new Rounding.Places(2))
                .with(Asking.USUAL.of(curve)).with(asks);
    }

    /** The key as a student would type it: the first of several x, words for the signs. */
    private static String typed(String key) {
        List<String> pieces = new ArrayList<>();
        for (String place : key.split(" \u00b7 ")) {
            pieces.add(place.split(" or ")[0].replace("\u2713", "yes").replace("\u2717", "no")
                    .replace(" (the residuals show a pattern)", ""));
        }
        return String.join("; ", pieces);
    }

    private static Verdict judge(Predict task, String text, Truth truth) {
        Answer answer = task.typed(text, truth).orElseThrow();
        assertThat(task.unfinished(answer, truth)).as(text).isEmpty();
        return task.judge(new Attempt(answer, Set.of()), truth);
    }

    @Test
    void theKeyIsRightWhicheverWayAndByWhicheverCurve() {
        for (int seed = 0; seed < DATA_SETS; seed++) {
            Random random = new Random(seed);
            Truth truth = truth(random, seed % 3 == 0 ? DecimalMark.COMMA : DecimalMark.POINT);
            Curve curve = CURVES.get(seed % CURVES.size());
            Predict forward = task(curve, Predicting.USUAL, List.of(3.0, 5.5, 40.0));
            if (!forward.key(truth).computed()) {
                continue;
            }
            assertThat(judge(forward, typed(forward.key(truth).text()), truth).earned())
                    .as("%d, %s: %s", seed, curve.inWords(), forward.key(truth).text()).isEqualTo(6);
            Predict back = task(curve, Predicting.USUAL.with(Predicting.Way.X_FROM_Y).withMeaning(true), List.of(38.0, 42.0));
            assertThat(judge(back, typed(back.key(truth).text()), truth).earned())
                    .as("%d, %s back: %s", seed, curve.inWords(), back.key(truth).text()).isEqualTo(6);
        }
    }

    @Test
    void aPlaceThatIsOffCostsItsOwnShareAndIsNamed() {
        for (int seed = 0; seed < DATA_SETS; seed++) {
            Truth truth = truth(new Random(seed), DecimalMark.POINT);
            Predict task = task(new Curve.Line(), Predicting.USUAL, List.of(3.0, 5.0, 40.0));
            String[] pieces = typed(task.key(truth).text()).split("; ");
            int wrong = seed % 3;
            double value = Double.parseDouble(pieces[wrong].split(" ")[0].replace('\u2212', '-'));
            pieces[wrong] = String.format(Locale.ROOT, "%.2f ", value + 3.37) + pieces[wrong].split(" ")[1];
            Verdict verdict = judge(task, String.join("; ", pieces), truth);
            assertThat(verdict.earned()).isEqualTo(5);
            assertThat(verdict.parts()).filteredOn(it -> it.outcome() != Outcome.RIGHT).extracting(Verdict.Part::name)
                    .containsExactly("at " + List.of("3", "5", "40").get(wrong));
            assertThat(verdict.message()).contains("At " + List.of("3", "5", "40").get(wrong) + ":");
        }
    }

    @Test
    void bothEndsOfEveryIntervalAreRightAndThoseOfTheOtherAreNot() {
        for (int seed = 0; seed < DATA_SETS; seed++) {
            Truth truth = truth(new Random(seed), DecimalMark.POINT);
            Predict mean = task(new Curve.Line(), Predicting.USUAL.with(Optional.of(Predicting.Band.MEAN)), List.of(4.0));
            Predict single = mean.with(mean.asks().with(Optional.of(Predicting.Band.SINGLE)));
            assertThat(judge(mean, typed(mean.key(truth).text()), truth).isRight()).isTrue();
            assertThat(judge(single, typed(single.key(truth).text()), truth).isRight()).isTrue();
            assertThat(judge(mean, typed(single.key(truth).text()), truth).isRight())
                    .as("%d: %s for %s", seed, single.key(truth).text(), mean.key(truth).text()).isFalse();
        }
    }

    @Test
    void anOwnEquationCarriesExactlyWhatItGives() {
        for (int seed = 0; seed < DATA_SETS; seed++) {
            Random random = new Random(seed);
            Truth truth = truth(random, DecimalMark.POINT);
            double a = 10 + random.nextInt(20);
            double b = 1 + random.nextInt(9) / 8.0;
            Predict task = task(new Curve.Line(), Predicting.USUAL.judging(false).counting(OwnEquation.FULL), List.of(4.0, 9.0));
            String text = String.format(Locale.ROOT, "%.2f; %.2f", a + 4 * b, a + 9 * b);
            Attempt own = new Attempt(task.typed(text, truth).orElseThrow(), Set.of())
                    .from(Optional.of("length = " + a + " + " + b + " days"));
            assertThat(task.judge(own, truth).isRight()).as("%d: %s + %s x", seed, a, b).isTrue();
            Attempt other = new Attempt(task.typed(text, truth).orElseThrow(), Set.of())
                    .from(Optional.of("length = " + (a + 1) + " + " + b + " days"));
            assertThat(task.judge(other, truth).isRight()).isFalse();
        }
    }
}
