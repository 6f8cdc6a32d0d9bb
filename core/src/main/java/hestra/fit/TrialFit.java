package hestra.fit;

import java.util.List;
import java.util.OptionalDouble;

import hestra.data.Pairs;
import hestra.numbers.Accumulator;

/** A curve tried by eye, set against data: judged by the sum of its squared residuals. */
public final class TrialFit implements CurveOnData {

    private static final Interval NOWHERE = new Interval(0, 0);

    private final CurveFit through;
    private final Interval support;
    private final double sumOfSquares;
    private final boolean everywhere;

    TrialFit(CurveFit through, Pairs pairs) {
        this.through = through;
        this.support = pairs.n() == 0 ? NOWHERE : Interval.support(pairs);
        Accumulator squares = new Accumulator();
        boolean defined = true;
        for (int i = 0; i < pairs.size(); i++) {
            OptionalDouble residual = through.residual(pairs.x(i), pairs.y(i));
            defined &= residual.isPresent();
            if (residual.isPresent()) {
                squares.addProduct(residual.getAsDouble() * residual.getAsDouble(), pairs.count(i));
            }
        }
        this.everywhere = defined;
        this.sumOfSquares = squares.sum().toDouble();
    }

    /** Where the curve has a value, inside and outside the data. */
    public Inverse where(double y) {
        Inverse found = Inverse.of(through, y);
        return new Inverse(found.solutions().stream()
                .map(it -> new Inverse.Solution(it.x(), support.contains(it.x()), support.distanceTo(it.x()))).toList(),
                found.everywhere(), found.within());
    }

    @Override
    public Curve curve() {
        return through.curve();
    }

    @Override
    public String inWords() {
        String family = curve().familyInWords();
        // How a family is fitted says nothing of one that is not.
        int fitted = family.indexOf(',');
        return (fitted < 0 ? family : family.substring(0, fitted)) + " by eye";
    }

    @Override
    public List<Coefficient> coefficients() {
        return through.coefficients();
    }

    @Override
    public Reference reference() {
        return through.reference();
    }

    @Override
    public Interval support() {
        return support;
    }

    @Override
    public OptionalDouble fitted(double x) {
        return through.fitted(x);
    }

    @Override
    public OptionalDouble residual(double x, double y) {
        return through.residual(x, y);
    }

    /** Over the pairs at which the curve is defined; see {@link #isDefinedOnAll}. */
    @Override
    public double sumOfSquares() {
        return sumOfSquares;
    }

    /** Whether the curve is defined at every pair, so that its sum of squares can be compared. */
    public boolean isDefinedOnAll() {
        return everywhere;
    }
}
