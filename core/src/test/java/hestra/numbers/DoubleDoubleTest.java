package hestra.numbers;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Random;

import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class DoubleDoubleTest {

    private static final BigDecimal TOLERANCE = new BigDecimal("1e-30");
    private static final MathContext DIGITS = new MathContext(60);
    private final Random random = new Random(20_26);

    private static BigDecimal exact(DoubleDouble value) {
        return new BigDecimal(value.hi()).add(new BigDecimal(value.lo()));
    }

    private static void assertClose(DoubleDouble actual, BigDecimal expected) {
        BigDecimal error = exact(actual).subtract(expected).abs();
        assertThat(error).isLessThanOrEqualTo(expected.abs().max(new BigDecimal("1e-20")).multiply(TOLERANCE));
    }

    private DoubleDouble any() {
        return DoubleDouble.sum(random.nextGaussian() * 1e6, random.nextGaussian() * 1e-10);
    }

    @Test
    void sumOfTwoDoublesKeepsWhatADoubleWouldDrop() {
        DoubleDouble sum = DoubleDouble.sum(1e16, 1.25);
        assertThat(exact(sum)).isEqualByComparingTo(new BigDecimal("10000000000000001.25"));
    }

    @Test
    void productOfTwoDoublesIsExact() {
        double a = 1 + Math.ulp(1.0);
        DoubleDouble product = DoubleDouble.product(a, a);
        assertThat(exact(product)).isEqualByComparingTo(new BigDecimal(a).multiply(new BigDecimal(a)));
    }

    @RepeatedTest(50)
    void arithmeticAgreesWithDecimalsToThirtyDigits() {
        DoubleDouble a = any();
        DoubleDouble b = any();
        assertClose(a.plus(b), exact(a).add(exact(b)));
        assertClose(a.minus(b), exact(a).subtract(exact(b)));
        assertClose(a.times(b), exact(a).multiply(exact(b)));
        assertClose(a.times(3.7), exact(a).multiply(new BigDecimal(3.7)));
        assertClose(a.dividedBy(b), exact(a).divide(exact(b), DIGITS));
        assertClose(a.squared().sqrt(), exact(a).abs());
    }

    @Test
    void rootOfZeroIsZeroAndOfTwoHasThirtyDigits() {
        assertThat(DoubleDouble.ZERO.sqrt()).isEqualTo(DoubleDouble.ZERO);
        assertClose(DoubleDouble.of(2).sqrt(), new BigDecimal(2).sqrt(DIGITS));
    }

    @Test
    void scalingByAPowerOfTwoIsExact() {
        DoubleDouble third = DoubleDouble.of(1).dividedBy(3);
        assertThat(third.scaled(40).scaled(-40)).isEqualTo(third);
    }
}
