package hestra.fit;

import java.math.BigDecimal;
import java.math.MathContext;

import static org.assertj.core.api.Assertions.assertThat;

/** Agreement with an exact value in significant digits. */
final class Digits {

    /** What a double can agree in at the most. */
    private static final double MOST = 16;

    private Digits() {}

    /** How many significant digits agree: −log₁₀ of twice the relative error, at most 16. */
    static double agreeing(double actual, BigDecimal exact) {
        BigDecimal error = new BigDecimal(actual).subtract(exact).abs();
        if (error.signum() == 0) {
            return MOST;
        }
        if (exact.signum() == 0) {
            return 0;
        }
        double relative = error.divide(exact.abs(), MathContext.DECIMAL64).doubleValue();
        return Math.min(MOST, -Math.log10(2 * relative));
    }

    static void assertAgree(double least, String what, double actual, BigDecimal exact) {
        assertThat(agreeing(actual, exact)).as("%s: %s, exactly %s", what, actual, exact.round(new MathContext(18)))
                .isGreaterThanOrEqualTo(least);
    }
}
