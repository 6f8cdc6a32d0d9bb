package hestra.chance;

import hestra.fit.CurveFit;

/** Deals for a curve that must be fitted anew each time: one that is not linear in its coefficients. */
record Refits(Observations observed, CurveFit fit, Watched watched, double centre) implements Way {

    @Override
    public Outcome outcome(long run, long draw) {
        return draw(run, draw).fit() instanceof CurveFit dealt
                ? Outcome.ofCurve(watched.of(dealt).orElse(Double.NaN) - centre) : Outcome.NONE;
    }

    @Override
    public Draw draw(long run, long draw) {
        return Deals.dealt(observed, fit, run, draw);
    }
}
