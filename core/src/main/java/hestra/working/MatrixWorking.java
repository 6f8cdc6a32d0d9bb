package hestra.working;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.data.Pairs;
import hestra.fit.Coefficient;
import hestra.fit.Curve;
import hestra.fit.LinearFit;
import hestra.fit.Term;
import hestra.numbers.DoubleDouble;
import hestra.numbers.NumberStyle;

/**
 * The calculation of a curve by matrices, as it stands in a textbook: X, X'X, its inverse, X'y, the coefficients
 * (X'X)⁻¹X'y and the hat matrix X(X'X)⁻¹X'. It is for reading along: the fit itself is made in a way that loses no digits,
 * and inverse, coefficients and hat matrix are taken from it. Each pair stands as often as it was observed.
 *
 * @param terms the columns of X as they are written, such as "1", "x", "x²"
 * @param x X, a row for each observation
 * @param xx X'X
 * @param inverse (X'X)⁻¹
 * @param xy X'y, a column
 * @param coefficients (X'X)⁻¹X'y
 * @param hat the hat matrix H, a row and a column for each observation
 * @param y y, a column
 */
public record MatrixWorking(List<String> terms, List<List<Double>> x, List<List<Double>> xx, List<List<Double>> inverse,
        List<Double> xy, List<Double> coefficients, List<List<Double>> hat, List<Double> y) {

    /** The most observations for which the matrices are written out. */
    public static final int MOST = 200;

    /**
     * The matrices of a curve that is linear in its coefficients; nothing with more than {@value #MOST} observations or where
     * an entry leaves the range of a double.
     */
    public static Optional<MatrixWorking> of(LinearFit fit, Pairs pairs) {
        if (pairs.n() > MOST) {
            return Optional.empty();
        }
        int[] order = IntStream.range(0, pairs.size()).flatMap(i -> IntStream.range(0, pairs.count(i)).map(_ -> i)).toArray();
        List<List<DoubleDouble>> rows = IntStream.of(order).mapToObj(i -> row(fit.curve(), pairs.x(i))).toList();
        int p = fit.coefficients().size();
        List<List<Double>> xx = new ArrayList<>();
        List<Double> xy = new ArrayList<>();
        for (int a = 0; a < p; a++) {
            int column = a;
            xx.add(IntStream.range(0, p).mapToObj(b -> rows.stream().map(row -> row.get(column).times(row.get(b)))
                    .reduce(DoubleDouble.ZERO, DoubleDouble::plus).toDouble()).toList());
            xy.add(IntStream.range(0, order.length).mapToObj(k -> rows.get(k).get(column).times(pairs.y(order[k])))
                    .reduce(DoubleDouble.ZERO, DoubleDouble::plus).toDouble());
        }
        List<List<Double>> hat = IntStream.of(order).mapToObj(i -> IntStream.of(order)
                .mapToObj(k -> fit.leverage(pairs.x(i), pairs.x(k)).orElse(Double.NaN)).toList()).toList();
        List<List<Double>> x = rows.stream().map(row -> row.stream().map(DoubleDouble::toDouble).toList()).toList();
        return fit.inverse().map(MatrixWorking::lists)
                .map(inverse -> new MatrixWorking(terms(fit.curve()), x, xx, inverse, List.copyOf(xy),
                        fit.coefficients().stream().map(Coefficient::value).toList(), hat,
                        IntStream.of(order).mapToObj(pairs::y).toList()))
                .filter(MatrixWorking::isFinite);
    }

    /** The sum of the diagonal of the hat matrix: as many as there are coefficients, but for rounding. */
    public double trace() {
        return IntStream.range(0, hat.size()).mapToObj(i -> DoubleDouble.of(hat.get(i).get(i)))
                .reduce(DoubleDouble.ZERO, DoubleDouble::plus).toDouble();
    }

    /** ŷ = H y, a column. */
    public List<Double> fitted() {
        return hat.stream().map(row -> IntStream.range(0, row.size()).mapToObj(k -> DoubleDouble.product(row.get(k), y.get(k)))
                .reduce(DoubleDouble.ZERO, DoubleDouble::plus).toDouble()).toList();
    }

    /**
     * The entry of H H − H that is largest in size: 0 but for rounding, since what has been projected once is not moved by
     * projecting it again.
     */
    public double unevenness() {
        double largest = 0;
        for (int i = 0; i < hat.size(); i++) {
            for (int k = i; k < hat.size(); k++) {
                double entry = -hat.get(i).get(k);
                for (int j = 0; j < hat.size(); j++) {
                    entry = Math.fma(hat.get(i).get(j), hat.get(j).get(k), entry);
                }
                largest = Math.max(largest, Math.abs(entry));
            }
        }
        return largest;
    }

    private boolean isFinite() {
        return Stream.of(x, xx, inverse, hat, List.of(xy, coefficients))
                .flatMap(List::stream).flatMap(List::stream).allMatch(Double::isFinite);
    }

    private static List<List<Double>> lists(double[][] entries) {
        return Arrays.stream(entries).map(row -> Arrays.stream(row).boxed().toList()).toList();
    }

    private static List<DoubleDouble> row(Curve curve, double x) {
        if (curve instanceof Curve.Polynomial(int degree)) {
            List<DoubleDouble> powers = new ArrayList<>(List.of(DoubleDouble.of(1)));
            for (int j = 1; j <= degree; j++) {
                powers.add(powers.getLast().times(x));
            }
            return powers;
        }
        return chosen(curve).stream().map(term -> term.at(x)).toList();
    }

    private static List<String> terms(Curve curve) {
        if (curve instanceof Curve.Polynomial(int degree)) {
            return IntStream.rangeClosed(0, degree)
                    .mapToObj(j -> j == 0 ? "1" : j == 1 ? "x" : "x" + NumberStyle.raised(Integer.toString(j))).toList();
        }
        return chosen(curve).stream().map(Term::symbol).toList();
    }

    private static List<Term> chosen(Curve curve) {
        return switch (curve) {
            case Curve.Line _ -> List.of(Term.ONE, Term.X);
            case Curve.ThroughOrigin _ -> List.of(Term.X);
            case Curve.Logarithmic _ -> List.of(Term.ONE, Term.LN);
            case Curve.OwnTerms(List<Term> terms) -> terms;
            case Curve.Polynomial _, Curve.Exponential _, Curve.Power _, Curve.Wave _ ->
                throw new IllegalArgumentException(curve.code() + " has no matrix of terms");
        };
    }
}
