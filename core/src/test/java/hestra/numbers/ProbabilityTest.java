package hestra.numbers;

import java.math.BigDecimal;
import java.math.MathContext;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class ProbabilityTest {

    private static final MathContext MANY = new MathContext(400);

    /**
     * The upper tail of F for an even number of degrees of freedom above, as a finite sum: with x = d₂ ÷ (d₂ + d₁ F),
     * x^(d₂/2) Σ (d₂/2)(d₂/2 + 1)…/j! (1 − x)ʲ for j below d₁/2. Worked out to 400 digits.
     */
    private static BigDecimal upperF(String f, int above, int below) {
        BigDecimal d2 = BigDecimal.valueOf(below);
        BigDecimal x = d2.divide(d2.add(BigDecimal.valueOf(above).multiply(new BigDecimal(f))), MANY);
        BigDecimal term = BigDecimal.ONE;
        BigDecimal sum = BigDecimal.ZERO;
        for (int j = 0; j < above / 2; j++) {
            sum = sum.add(term);
            term = term.multiply(BigDecimal.valueOf(below / 2.0 + j)).divide(BigDecimal.valueOf(j + 1), MANY)
                    .multiply(BigDecimal.ONE.subtract(x), MANY);
        }
        BigDecimal power = x.pow(below / 2, MANY);
        return (below % 2 == 0 ? power : power.multiply(x.sqrt(MANY), MANY)).multiply(sum, MANY);
    }

    /** Two-sided p of t for an even number of degrees of freedom: 1 − sin θ (1 + ½ cos² θ + …), tan θ = t ÷ √ν. */
    private static BigDecimal twoSidedT(String t, int degrees) {
        BigDecimal squared = new BigDecimal(t).pow(2);
        BigDecimal cosSquared = BigDecimal.valueOf(degrees).divide(BigDecimal.valueOf(degrees).add(squared), MANY);
        BigDecimal sin = BigDecimal.ONE.subtract(cosSquared).sqrt(MANY);
        BigDecimal term = BigDecimal.ONE;
        BigDecimal sum = BigDecimal.ZERO;
        for (int j = 1; j <= degrees / 2; j++) {
            sum = sum.add(term);
            term = term.multiply(BigDecimal.valueOf(2L * j - 1))
                    .divide(BigDecimal.valueOf(2L * j), MANY).multiply(cosSquared, MANY);
        }
        return BigDecimal.ONE.subtract(sin.multiply(sum, MANY));
    }

    private static void assertTenDigits(double actual, BigDecimal exact) {
        BigDecimal relative = new BigDecimal(actual).subtract(exact).abs().divide(exact, MathContext.DECIMAL64);
        assertThat(relative.doubleValue()).as("%s, exactly %s", actual, exact.round(MathContext.DECIMAL64)).isLessThan(5e-11);
    }

    @ParameterizedTest
    @CsvSource({"0.3,2", "2.5,4", "12,10", "1E+30,10", "1E+60,4", "1E+75,4", "1E+149,2", "45,400", "55,1000", "95,100", "300,120",
            "2.6,9998"})
    void twoSidedPOfTHasTenDigitsFarIntoTheTail(String t, int degrees) {
        assertTenDigits(Probability.twoSidedT(Double.parseDouble(t), degrees), twoSidedT(t, degrees));
        assertTenDigits(Probability.twoSidedT(-Double.parseDouble(t), degrees), twoSidedT(t, degrees));
    }

    @ParameterizedTest
    @CsvSource({"0.5,2,7", "4,2,20", "9.25,4,11", "1E+6,6,30", "1E+40,2,15", "1E+80,4,7", "700,2,500", "3000,2,400",
            "1500,4,391"})
    void upperPOfFHasTenDigitsFarIntoTheTail(String f, int above, int below) {
        assertTenDigits(Probability.upperF(Double.parseDouble(f), above, below), upperF(f, above, below));
    }

    @Test
    void aTWhoseSquareLeavesTheRangeOfADoubleStillHasItsP() {
        // With 1 degree of freedom p is 2 ÷ (π t) to all digits so far out.
        assertThat(Probability.twoSidedT(1e250, 1)).isEqualTo(2 / Math.PI * 1e-250, within(1e-262));
        assertThat(Probability.twoSidedT(Double.POSITIVE_INFINITY, 3)).isZero();
    }

    @Test
    void noDistanceIsCertainAndQuantilesTurnProbabilitiesRound() {
        assertThat(Probability.twoSidedT(0, 5)).isEqualTo(1);
        assertThat(Probability.quantileOfT(0.5, 1)).as("tan π/4").isEqualTo(1, within(1e-12));
        assertThat(Probability.normalQuantile(0.5)).isZero();
        assertThat(Probability.normalQuantile(0.975)).as("from tables").isEqualTo(1.959963984540054, within(1e-12));
    }
}
