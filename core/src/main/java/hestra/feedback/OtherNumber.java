package hestra.feedback;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

import hestra.numbers.Rounding;

/** Another quantity of the same data that a number is the value of, as it would be read off. */
final class OtherNumber {

    /** Two numbers share fewer digits by chance. */
    private static final int TELLING_DIGITS = 3;

    /** What can be read off the readings, all numbers and the working of a line, the most looked at first. */
    private static final List<Quantity> READ = List.of(Quantity.SLOPE, Quantity.INTERCEPT, Quantity.R, Quantity.R_SQUARED,
            Quantity.RESIDUAL_STANDARD_ERROR, Quantity.MEAN_X, Quantity.MEAN_Y, Quantity.DEVIATION_X, Quantity.DEVIATION_Y,
            Quantity.SLOPE_ERROR, Quantity.INTERCEPT_ERROR, Quantity.SLOPE_T, Quantity.INTERCEPT_T, Quantity.SLOPE_P,
            Quantity.INTERCEPT_P, Quantity.ADJUSTED_R_SQUARED, Quantity.RANK_CORRELATION, Quantity.F, Quantity.SSE, Quantity.SST,
            Quantity.SSR, Quantity.SUM_X, Quantity.SUM_Y, Quantity.SXX, Quantity.SYY, Quantity.SXY, Quantity.SUM_X_SQUARED,
            Quantity.SUM_Y_SQUARED, Quantity.SUM_OF_PRODUCTS, Quantity.COVARIANCE, Quantity.MEDIAN_X, Quantity.MEDIAN_Y,
            Quantity.LOWER_QUARTILE_X, Quantity.UPPER_QUARTILE_X, Quantity.LOWER_QUARTILE_Y, Quantity.UPPER_QUARTILE_Y,
            Quantity.LEAST_X, Quantity.GREATEST_X, Quantity.LEAST_Y, Quantity.GREATEST_Y);

    private OtherNumber() {}

    /** The quantity that a number is a value of, rounded as it was typed; nothing where there is none beside what is asked. */
    static Optional<Quantity> of(BigDecimal typed, Rounding asTyped, NumberCriteria asked) {
        if (!(asked.what() instanceof Sought.Value || asked.what() instanceof Sought.Prediction) || typed.signum() == 0
                || typed.precision() < TELLING_DIGITS) {
            return Optional.empty();
        }
        Evidence data = asked.accepted().getFirst();
        return READ.stream().filter(it -> it != asked.what().quantity())
                .filter(it -> data.value(it).stream().anyMatch(value -> NumberJudge.fits(typed, value, asTyped))).findFirst();
    }
}
