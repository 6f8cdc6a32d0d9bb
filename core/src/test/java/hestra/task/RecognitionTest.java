package hestra.task;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.ToDoubleFunction;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Row;
import hestra.exercise.Exercise;
import hestra.feedback.Mistake;
import hestra.feedback.Quantity;
import hestra.feedback.Verdict;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * On many generated data sets: a mistake is recognised where its value can be told from the key, and a right answer is
 * never called a mistake. The right and the wrong values are worked out here, by the textbook's sums.
 */
class RecognitionTest {

    private static final int DATA_SETS = Integer.getInteger("hestra.data-sets", 400);
    private static final Rounding ROUNDING = new Rounding.Significant(4);

    private final Random random = new Random(10_000);

    /** The textbook's values of one data set. */
    private record Values(double slope, double intercept, double r, double slopeOfXonY, double slopeThroughOrigin) {
        static Values of(double[] x, double[] y) {
            int n = x.length;
            double meanX = 0;
            double meanY = 0;
            for (int i = 0; i < n; i++) {
                meanX += x[i] / n;
                meanY += y[i] / n;
            }
            double sxx = 0;
            double sxy = 0;
            double syy = 0;
            double products = 0;
            double squares = 0;
            for (int i = 0; i < n; i++) {
                sxx += (x[i] - meanX) * (x[i] - meanX);
                sxy += (x[i] - meanX) * (y[i] - meanY);
                syy += (y[i] - meanY) * (y[i] - meanY);
                products += x[i] * y[i];
                squares += x[i] * x[i];
            }
            return new Values(sxy / sxx, meanY - sxy / sxx * meanX, sxy / Math.sqrt(sxx * syy), sxy / syy, products / squares);
        }
    }

    private record DataSet(Exercise exercise, Values values) {}

    private DataSet generated() {
        int n = 6 + random.nextInt(30);
        double slope = random.nextGaussian() * 3;
        double noise = Math.exp(random.nextGaussian());
        double[] x = new double[n];
        double[] y = new double[n];
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            x[i] = Math.round(random.nextDouble() * 1000) / 10.0;
            y[i] = Math.round((20 + slope * x[i] + 10 * noise * random.nextGaussian()) * 10) / 10.0;
            rows.add(Row.of(Cell.of(x[i], DecimalMark.POINT), Cell.of(y[i], DecimalMark.POINT)));
        }
        return new DataSet(Kelp.exercise().withFirst(part -> part.withData(new DataTable(Kelp.table().variables(), rows))),
                Values.of(x, y));
    }

    private static Verdict answered(Exercise exercise, Quantity quantity, String text) {
        Task task = Kelp.read(quantity, ROUNDING);
        return task.judge(new Attempt(new Answer.Typed(text), Set.of()), Kelp.truth(exercise));
    }

    private static String rounded(double value) {
        return ROUNDING.apply(value).toPlainString();
    }

    @Test
    void aRightAnswerIsNeverCalledAMistake() {
        for (int i = 0; i < DATA_SETS; i++) {
            DataSet set = generated();
            assertThat(answered(set.exercise, Quantity.SLOPE, rounded(set.values.slope)).isRight()).isTrue();
            assertThat(answered(set.exercise, Quantity.INTERCEPT, rounded(set.values.intercept)).isRight()).isTrue();
            assertThat(answered(set.exercise, Quantity.R, rounded(set.values.r)).isRight()).isTrue();
            assertThat(answered(set.exercise, Quantity.R_SQUARED, rounded(set.values.r * set.values.r)).isRight()).isTrue();
        }
    }

    private void assertRecognised(Mistake mistake, Quantity quantity, ToDoubleFunction<Values> key,
            ToDoubleFunction<Values> wrong) {
        int told = 0;
        int recognised = 0;
        for (int i = 0; i < DATA_SETS; i++) {
            DataSet set = generated();
            String text = rounded(wrong.applyAsDouble(set.values));
            if (text.equals(rounded(key.applyAsDouble(set.values)))) {
                continue;
            }
            told++;
            recognised += answered(set.exercise, quantity, text).mistakes().contains(mistake) ? 1 : 0;
        }
        assertThat(told).isGreaterThan(DATA_SETS / 2);
        assertThat((double) recognised / told).as("%s, %d of %d", mistake, recognised, told).isGreaterThanOrEqualTo(0.99);
    }

    @Test
    void exchangedAxesAreRecognised() {
        assertRecognised(Mistake.AXES_EXCHANGED, Quantity.SLOPE, Values::slope, Values::slopeOfXonY);
    }

    @Test
    void exchangedSlopeAndInterceptAreRecognised() {
        assertRecognised(Mistake.SLOPE_AND_INTERCEPT_EXCHANGED, Quantity.SLOPE, Values::slope, Values::intercept);
        assertRecognised(Mistake.SLOPE_AND_INTERCEPT_EXCHANGED, Quantity.INTERCEPT, Values::intercept, Values::slope);
    }

    @Test
    void aLineForcedThroughTheOriginIsRecognised() {
        assertRecognised(Mistake.FORCED_THROUGH_ORIGIN, Quantity.SLOPE, Values::slope, Values::slopeThroughOrigin);
    }

    @Test
    void rForRSquaredAndBackAreRecognised() {
        assertRecognised(Mistake.R_FOR_R_SQUARED, Quantity.R_SQUARED, it -> it.r * it.r, Values::r);
        assertRecognised(Mistake.R_SQUARED_FOR_R, Quantity.R, Values::r, it -> it.r * it.r);
    }

    @Test
    void digitsCutOffInsteadOfRoundedAreRecognised() {
        int told = 0;
        int recognised = 0;
        for (int i = 0; i < DATA_SETS; i++) {
            DataSet set = generated();
            String cut = ROUNDING.apply(new BigDecimal(set.values.slope), RoundingMode.DOWN).toPlainString();
            if (!cut.equals(rounded(set.values.slope))) {
                told++;
                recognised += answered(set.exercise, Quantity.SLOPE, cut).mistakes().contains(Mistake.CUT_OFF) ? 1 : 0;
            }
        }
        assertThat((double) recognised / told).isGreaterThanOrEqualTo(0.99);
    }
}
