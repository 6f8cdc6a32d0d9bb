package hestra.chance;

import java.util.Optional;

import hestra.data.Pairs;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Fit;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;

/** Another sample from the same truth, with what the formula makes of each. */
record Samples(Source source, Curve curve, Watched watched, double level, double meanX) implements Way {

    private static final Draw IMPOSSIBLE =
            new Draw(Pairs.of(new double[0], new double[0]), new Fit.None("No sample can be made by this recipe."));

    @Override
    public Outcome outcome(long run, long draw) {
        Draw made = draw(run, draw);
        return made.fit() instanceof CurveFit fit
                ? outcome(fit, made.pairs()) : Outcome.NONE;
    }

    private Outcome outcome(CurveFit fit, Pairs pairs) {
        double value = watched.of(fit).orElse(Double.NaN);
        boolean line = fit instanceof LineFit;
        return new Outcome(value, line ? fit.coefficients().get(1).value() : Double.NaN,
                line ? fit.fitted(meanX).orElse(Double.NaN) : Double.NaN, Formula.interval(fit, pairs, watched, level));
    }

    @Override
    public Draw draw(long run, long draw) {
        Optional<Pairs> sample = source.sample(Stream.seed(run, draw));
        return sample.map(pairs -> new Draw(pairs, LeastSquares.fit(curve, pairs))).orElse(IMPOSSIBLE);
    }
}
