package hestra.fit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.numbers.Accumulator;
import hestra.numbers.DoubleDouble;
import hestra.numbers.TriangularFactor;

/**
 * A curve that is a sum of given terms, each with a coefficient: polynomials, the line through the origin, the logarithmic
 * curve and own terms. Solved by Householder reflections in double-double arithmetic, never by the normal equations.
 *
 * <p>Failure is a {@link Fit.None} with the reason: no points, fewer different x than coefficients, x outside a term's
 * domain (rows named), terms that cannot be told apart on these x, values that leave the range of a double.
 *
 * @see TriangularFactor
 * @see Basis
 */
public final class BasisFit implements LinearFit {

    /** A column with a smaller share of its own than this is a mixture of those before it, as far as 32 digits tell. */
    private static final double LEAST_SHARE = 1e-22;

    private final Curve curve;
    private final Basis basis;
    private final DoubleDouble[] ofColumns;
    /** R⁻¹ of the columns. */
    private final DoubleDouble[][] inverse;
    private final int yPower;
    private final List<Coefficient> coefficients;
    private final Goodness goodness;
    private final Interval support;

    private BasisFit(Curve curve, Basis basis, DoubleDouble[] ofColumns, DoubleDouble[][] inverse, int yPower,
            List<Coefficient> coefficients, Goodness goodness, Interval support) {
        this.curve = curve;
        this.basis = basis;
        this.ofColumns = ofColumns;
        this.inverse = inverse;
        this.yPower = yPower;
        this.coefficients = List.copyOf(coefficients);
        this.goodness = goodness;
        this.support = support;
    }

    /** Fits a line through the origin, a polynomial, a logarithmic curve or own terms. */
    static Fit of(Curve curve, Pairs pairs) {
        String tooFew = Domain.tooFew(pairs, curve, pairs.xs().distinct().limit(curve.coefficients()).count());
        if (!tooFew.isEmpty()) {
            return new Fit.None(tooFew);
        }
        Basis basis = basis(curve, pairs);
        String outside = Domain.refusal(pairs, curve, basis.domain(), i -> basis.isDefined(pairs.x(i)));
        if (!outside.isEmpty()) {
            return new Fit.None(outside);
        }
        return fit(curve, basis, pairs);
    }

    private static Basis basis(Curve curve, Pairs pairs) {
        return switch (curve) {
            case Curve.Polynomial(int degree) -> Basis.Powers.of(pairs, degree);
            case Curve.ThroughOrigin _ -> Basis.Terms.of(pairs, List.of(Term.X), List.of("slope"));
            case Curve.Logarithmic _ -> Basis.Terms.of(pairs, List.of(Term.ONE, Term.LN), List.of("a", "b"));
            case Curve.OwnTerms(List<Term> terms) -> Basis.Terms.of(pairs, terms, terms.stream().map(Term::code).toList());
            case Curve.Line _, Curve.Exponential _, Curve.Power _, Curve.Wave _ ->
                throw new IllegalArgumentException(curve.code() + " is fitted elsewhere");
        };
    }

    private static Fit fit(Curve curve, Basis basis, Pairs pairs) {
        int p = basis.size();
        double greatest = pairs.ys().map(Math::abs).max().orElse(0);
        int yPower = greatest == 0 ? 0 : Math.getExponent(greatest) + 1;
        TriangularFactor factor = new TriangularFactor(p + 1);
        double[] hi = new double[p + 1];
        double[] lo = new double[p + 1];
        for (int i = 0; i < pairs.size(); i++) {
            basis.at(pairs.x(i), hi, lo);
            hi[p] = Math.scalb(pairs.y(i), -yPower);
            lo[p] = 0;
            if (pairs.count(i) > 1) {
                weigh(hi, lo, pairs.count(i));
            }
            factor.add(hi, lo);
        }
        for (int j = 0; j < p; j++) {
            Optional<Fit> trouble = trouble(factor, j);
            if (trouble.isPresent()) {
                return trouble.get();
            }
        }
        DoubleDouble[][] inverse = inverse(factor, p);
        DoubleDouble[] ofColumns = new DoubleDouble[p];
        for (int i = 0; i < p; i++) {
            ofColumns[i] = DoubleDouble.ZERO;
            for (int j = i; j < p; j++) {
                ofColumns[i] = ofColumns[i].plus(inverse[i][j].times(factor.at(j, p)));
            }
        }
        DoubleDouble corner = factor.at(p, p);
        DoubleDouble sst = totalAboutMean(pairs, yPower);
        double noise = LeastSquares.NOISE * Math.sqrt(pairs.n());
        boolean exact = pairs.n() == p || Math.abs(corner.hi()) <= noise || sst.hi() == 0 && basis.hasConstant();
        DoubleDouble sse = exact ? DoubleDouble.ZERO : corner.squared();
        Optional<Goodness> goodness = Goodness.of(pairs.n(), p, sse, sst, yPower);
        Optional<List<Coefficient>> coefficients = coefficients(basis, ofColumns, inverse, sse, pairs.n() - p, yPower);
        return goodness.isEmpty() || coefficients.isEmpty() ? LeastSquares.TOO_LARGE
                : new BasisFit(curve, basis, ofColumns, inverse, yPower, coefficients.get(), goodness.get(),
                Interval.support(pairs));
    }

    private static void weigh(double[] hi, double[] lo, int count) {
        DoubleDouble root = DoubleDouble.of(count).sqrt();
        for (int j = 0; j < hi.length; j++) {
            DoubleDouble weighed = new DoubleDouble(hi[j], lo[j]).times(root);
            hi[j] = weighed.hi();
            lo[j] = weighed.lo();
        }
    }

    private static Optional<Fit> trouble(TriangularFactor factor, int j) {
        double column = 0;
        for (int i = 0; i <= j; i++) {
            column = Math.hypot(column, factor.at(i, j).hi());
        }
        if (!Double.isFinite(column)) {
            return Optional.of(LeastSquares.TOO_LARGE);
        }
        return Math.abs(factor.at(j, j).hi()) > LEAST_SHARE * column ? Optional.empty()
                : Optional.of(new Fit.None("On these x the terms of the curve cannot be separated: one of them is a "
                + "combination of the others. "
                        + "Leave a term out, or take x over a wider range."));
    }

    private static DoubleDouble[][] inverse(TriangularFactor factor, int p) {
        DoubleDouble[][] inverse = new DoubleDouble[p][p];
        for (DoubleDouble[] row : inverse) {
            Arrays.fill(row, DoubleDouble.ZERO);
        }
        for (int j = 0; j < p; j++) {
            inverse[j][j] = DoubleDouble.of(1).dividedBy(factor.at(j, j));
            for (int i = j - 1; i >= 0; i--) {
                DoubleDouble sum = DoubleDouble.ZERO;
                for (int k = i + 1; k <= j; k++) {
                    sum = sum.plus(factor.at(i, k).times(inverse[k][j]));
                }
                inverse[i][j] = sum.dividedBy(factor.at(i, i)).negated();
            }
        }
        return inverse;
    }

    /** Σ (y − ȳ)², divided by 2^(2 · power). */
    static DoubleDouble totalAboutMean(Pairs pairs, int power) {
        Accumulator sum = new Accumulator();
        for (int i = 0; i < pairs.size(); i++) {
            sum.addProduct(Math.scalb(pairs.y(i), -power), pairs.count(i));
        }
        DoubleDouble mean = sum.sum().dividedBy(pairs.n());
        Accumulator squares = new Accumulator();
        boolean flat = true;
        for (int i = 0; i < pairs.size(); i++) {
            squares.add(mean.negated().plus(Math.scalb(pairs.y(i), -power)).squared().times(pairs.count(i)));
            flat &= pairs.y(i) == pairs.y(0);
        }
        return flat ? DoubleDouble.ZERO : squares.sum();
    }

    private static Optional<List<Coefficient>> coefficients(Basis basis, DoubleDouble[] ofColumns, DoubleDouble[][] inverse,
            DoubleDouble sse, int degrees, int yPower) {
        int p = ofColumns.length;
        DoubleDouble[] values = basis.toEquation(ofColumns);
        // Row k of T R⁻¹ has the length that the k-th coefficient's standard error is s times.
        DoubleDouble[][] turned = new DoubleDouble[p][];
        for (int j = 0; j < p; j++) {
            DoubleDouble[] column = new DoubleDouble[p];
            for (int i = 0; i < p; i++) {
                column[i] = inverse[i][j];
            }
            turned[j] = basis.toEquation(column);
        }
        List<Coefficient> coefficients = new ArrayList<>();
        for (int k = 0; k < p; k++) {
            double value = values[k].scaled(yPower).toDouble();
            OptionalDouble error = OptionalDouble.empty();
            DoubleDouble length = DoubleDouble.ZERO;
            for (int j = 0; j < p; j++) {
                length = length.plus(turned[j][k].squared());
            }
            if (degrees > 0) {
                error = OptionalDouble.of(sse.dividedBy(degrees).sqrt().times(length.sqrt()).scaled(yPower).toDouble());
            }
            if (!Double.isFinite(value) || !Double.isFinite(error.orElse(0))) {
                return Optional.empty();
            }
            coefficients.add(new Coefficient(basis.names().get(k), value, error, degrees,
                    Coefficient.rounding(Math.scalb(1.0, yPower), degrees + p, length.sqrt().toDouble())));
        }
        return Optional.of(coefficients);
    }

    @Override
    public Curve curve() {
        return curve;
    }

    @Override
    public List<Coefficient> coefficients() {
        return coefficients;
    }

    @Override
    public Goodness goodness() {
        return goodness;
    }

    @Override
    public Interval support() {
        return support;
    }

    /** ŷ as an unevaluated sum, divided by 2^yPower. */
    private DoubleDouble value(double x) {
        double[] hi = new double[basis.size()];
        double[] lo = new double[basis.size()];
        basis.at(x, hi, lo);
        DoubleDouble sum = DoubleDouble.ZERO;
        for (int j = basis.size() - 1; j >= 0; j--) {
            sum = sum.plus(ofColumns[j].times(new DoubleDouble(hi[j], lo[j])));
        }
        return sum;
    }

    @Override
    public OptionalDouble fitted(double x) {
        return basis.isDefined(x) ? Finite.of(value(x).scaled(yPower).toDouble()) : OptionalDouble.empty();
    }

    @Override
    public OptionalDouble residual(double x, double y) {
        return basis.isDefined(x)
                ? Finite.of(value(x).negated().plus(Math.scalb(y, -yPower)).scaled(yPower).toDouble()) : OptionalDouble.empty();
    }

    /** R⁻ᵀ v for the columns v at x. */
    private double[] whitened(double x) {
        int p = basis.size();
        double[] hi = new double[p];
        double[] lo = new double[p];
        basis.at(x, hi, lo);
        return IntStream.range(0, p).mapToDouble(j -> {
            DoubleDouble sum = DoubleDouble.ZERO;
            for (int i = 0; i <= j; i++) {
                sum = sum.plus(inverse[i][j].times(new DoubleDouble(hi[i], lo[i])));
            }
            return sum.toDouble();
        }).toArray();
    }

    @Override
    public OptionalDouble leverage(double x, double other) {
        if (!basis.isDefined(x) || !basis.isDefined(other)) {
            return OptionalDouble.empty();
        }
        double[] a = whitened(x);
        double[] b = x == other ? a : whitened(other);
        return Finite.of(IntStream.range(0, a.length).mapToDouble(j -> a[j] * b[j]).sum());
    }

    @Override
    public Optional<double[]> pull(double x) {
        if (!basis.isDefined(x)) {
            return Optional.empty();
        }
        double[] whitened = whitened(x);
        DoubleDouble[] solved = new DoubleDouble[basis.size()];
        for (int i = 0; i < solved.length; i++) {
            solved[i] = DoubleDouble.ZERO;
            for (int j = i; j < solved.length; j++) {
                solved[i] = solved[i].plus(inverse[i][j].times(whitened[j]));
            }
        }
        double[] pull = Arrays.stream(basis.toEquation(solved)).mapToDouble(DoubleDouble::toDouble).toArray();
        return Arrays.stream(pull).allMatch(Double::isFinite) ? Optional.of(pull) : Optional.empty();
    }

    @Override
    public Optional<double[][]> inverse() {
        int p = basis.size();
        DoubleDouble[][] turned = new DoubleDouble[p][];
        for (int j = 0; j < p; j++) {
            int column = j;
            turned[j] = basis.toEquation(IntStream.range(0, p).mapToObj(i -> inverse[i][column]).toArray(DoubleDouble[]::new));
        }
        double[][] entries = new double[p][p];
        for (int a = 0; a < p; a++) {
            for (int b = 0; b < p; b++) {
                DoubleDouble sum = DoubleDouble.ZERO;
                for (int j = 0; j < p; j++) {
                    sum = sum.plus(turned[j][a].times(turned[j][b]));
                }
                entries[a][b] = sum.toDouble();
            }
        }
        boolean finite = Arrays.stream(entries).flatMapToDouble(Arrays::stream).allMatch(Double::isFinite);
        return finite ? Optional.of(entries) : Optional.empty();
    }

    /** Of a polynomial: ŷ less a value, for finding where it is reached. */
    Inverse.Shifted polynomialLess(double y) {
        Basis.Powers powers = (Basis.Powers) basis;
        DoubleDouble[] shifted = ofColumns.clone();
        shifted[0] = shifted[0].plus(-Math.scalb(y, -yPower));
        return new Inverse.Shifted(shifted, powers.centre(), powers.power());
    }

    @Override
    public boolean hasConstant() {
        return basis.hasConstant();
    }

    @Override
    public List<String> remarks() {
        return Remarks.of(this, hasConstant());
    }
}
