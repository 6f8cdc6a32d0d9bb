package hestra.summary;

import java.util.Optional;
import java.util.OptionalDouble;

import hestra.data.Pairs;
import hestra.numbers.Accumulator;
import hestra.numbers.DoubleDouble;
import hestra.numbers.Probability;

/**
 * How two variables go together.
 *
 * @param n the number of observations
 * @param sumOfProducts Σxy
 * @param sxx Σ(x − x̄)²
 * @param syy Σ(y − ȳ)²
 * @param sxy Σ(x − x̄)(y − ȳ)
 * @param covariance Sxy ÷ (n − 1)
 * @param covarianceOfAll Sxy ÷ n
 * @param r Pearson's r = Sxy ÷ √(Sxx Syy); nothing where all x or all y are equal
 * @param p two-sided p of r under no correlation, by t = r √((n − 2) ÷ (1 − r²)); nothing when n &lt; 3 or |r| = 1
 * @param spearman r of the ranks, with mid-ranks for equal values; nothing where all x or all y are equal
 */
public record Association(int n, double sumOfProducts, double sxx, double syy, double sxy, double covariance,
        double covarianceOfAll,
        OptionalDouble r, OptionalDouble p, OptionalDouble spearman) {

    /**
     * The association of pairs; nothing where there are fewer than two or the sums leave the range of a double.
     */
    public static Optional<Association> of(Pairs pairs) {
        if (pairs.n() < 2) {
            return Optional.empty();
        }
        PairSums sums = PairSums.of(pairs);
        int n = pairs.n();
        double sxx = sums.sxx().scaled(2 * sums.xPower()).toDouble();
        double syy = sums.syy().scaled(2 * sums.yPower()).toDouble();
        DoubleDouble both = sums.sxy().scaled(sums.xPower() + sums.yPower());
        double products = products(pairs);
        if (!Double.isFinite(sxx + syy + both.hi() + products)) {
            return Optional.empty();
        }
        OptionalDouble r = r(sums);
        return Optional.of(new Association(n, products, sxx, syy, both.toDouble(), both.dividedBy(n - 1).toDouble(),
                both.dividedBy(n).toDouble(), r, r.isPresent()
                        ? p(sums, n) : OptionalDouble.empty(), r(PairSums.of(Ranks.of(pairs)))));
    }

    private static double products(Pairs pairs) {
        Accumulator sum = new Accumulator();
        for (int i = 0; i < pairs.size(); i++) {
            sum.add(DoubleDouble.product(pairs.x(i), pairs.y(i)).times(pairs.count(i)));
        }
        return sum.sum().toDouble();
    }

    private static OptionalDouble r(PairSums sums) {
        DoubleDouble sxx = sums.sxx();
        DoubleDouble syy = sums.syy();
        return sxx.hi() > 0 && syy.hi() > 0
                ? OptionalDouble.of(Math.clamp(sums.sxy().dividedBy(sxx.sqrt().times(syy.sqrt())).toDouble(), -1,
                1)) : OptionalDouble.empty();
    }

    private static OptionalDouble p(PairSums sums, int n) {
        DoubleDouble product = sums.sxx().times(sums.syy());
        DoubleDouble rest = product.minus(sums.sxy().squared());
        if (n < 3 || !(rest.hi() > 0)) {
            return OptionalDouble.empty();
        }
        double t = sums.sxy().dividedBy(rest.dividedBy(n - 2).sqrt()).toDouble();
        return Double.isFinite(t) ? OptionalDouble.of(Probability.twoSidedT(t, n - 2)) : OptionalDouble.empty();
    }

    /**
     * The interval of r at a level between 0 and 1 by Fisher's z = artanh r with standard error 1 ÷ √(n − 3); nothing when
     * n &lt; 4, r is undefined or |r| = 1.
     *
     * @see "R. A. Fisher, On the probable error of a coefficient of correlation deduced from a small sample, Metron 1 (1921)"
     */
    public Optional<double[]> intervalOfR(double level) {
        if (n < 4 || r.isEmpty() || Math.abs(r.getAsDouble()) == 1) {
            return Optional.empty();
        }
        double value = r.getAsDouble();
        double z = 0.5 * (Math.log1p(value) - Math.log1p(-value));
        double reach = -Probability.normalQuantile((1 - level) / 2) / Math.sqrt(n - 3);
        return Optional.of(new double[] {Math.tanh(z - reach), Math.tanh(z + reach)});
    }
}
