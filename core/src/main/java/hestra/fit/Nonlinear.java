package hestra.fit;

import java.util.List;

/**
 * A curve that is not linear in its parameters, in the form in which it is fitted: as a function of u, which is x, or ln x,
 * taken from the middle of the data in units of half its range.
 */
sealed interface Nonlinear {

    /** The number of parameters. */
    int size();

    double value(double[] parameters, double u);

    /** u at an x for which the curve is defined. */
    double u(double x);

    /** The value, with its derivatives by each parameter put into an array. */
    double valueAndGradient(double[] parameters, double u, double[] into);

    /** How many cycles the data show; very many for what is no wave. */
    double cycles(double[] parameters);

    boolean isDefined(double x);

    /** From which x the equation is written. */
    default Reference reference() {
        return Reference.NONE;
    }

    /** The equation's coefficients with their derivatives by the parameters. */
    List<Named> coefficients(double[] parameters);

    /** What a coefficient is a measure of, and so how it changes with the scale of y. */
    enum Measure {
        /** A level of y. */
        LEVEL,
        /** A size in the unit of y, which is never 0. */
        SIZE,
        /** Something else than y. */
        OTHER
    }

    /**
     * A coefficient of the equation.
     *
     * @param value on the scale of y on which the curve was fitted
     * @param scale what the derivatives are to be multiplied by, so that those of a very small coefficient are not too small
     * @param gradient its derivatives by the parameters, divided by the scale
     */
    record Named(String name, Measure measure, double value, double scale, double[] gradient) {}

    /**
     * A e^(q u) with u = (x − c) ÷ w, or (ln x − c) ÷ w for the power curve.
     *
     * @param logX whether ln x stands for x
     * @param centre c
     * @param width w, above 0
     * @param reference from which x the equation is written
     */
    record Growth(boolean logX, double centre, double width, Reference reference) implements Nonlinear {

        /** Written from no x, or where its a cannot be computed with, from a round one in the middle of the data. */
        Growth inReach(double[] parameters, Interval range) {
            return Reference.holds(a(parameters)) ? this
                    : new Growth(logX, centre, width, Reference.roundNear(logX ? Math.exp(centre) : centre, range, logX));
        }

        /** In logarithms: the factor at the centre may be far larger or smaller than a itself. */
        private double a(double[] parameters) {
            return Math.signum(parameters[0])
                    * Math.exp(Math.log(Math.abs(parameters[0])) + parameters[1] / width * fromCentre());
        }

        /** How far from the centre a is read, in x or in ln x. */
        private double fromCentre() {
            double from = reference.x().orElse(logX ? 1 : 0);
            return (logX ? Math.log(from) : from) - centre;
        }

        @Override
        public double u(double x) {
            return ((logX ? Math.log(x) : x) - centre) / width;
        }

        @Override
        public int size() {
            return 2;
        }

        @Override
        public double value(double[] parameters, double u) {
            return parameters[0] * Math.exp(parameters[1] * u);
        }

        @Override
        public double valueAndGradient(double[] parameters, double u, double[] into) {
            into[0] = Math.exp(parameters[1] * u);
            into[1] = parameters[0] * u * into[0];
            return parameters[0] * into[0];
        }

        @Override
        public double cycles(double[] parameters) {
            return Double.POSITIVE_INFINITY;
        }

        @Override
        public boolean isDefined(double x) {
            return !logX || x > 0;
        }

        @Override
        public List<Named> coefficients(double[] parameters) {
            double k = parameters[1] / width;
            double a = a(parameters);
            Named first = new Named("a", Measure.SIZE, a, Math.abs(a), new double[] {1 / parameters[0], fromCentre() / width});
            double b = Math.exp(k);
            double[] ofRate = {0, 1 / width};
            return logX ? List.of(first, new Named("b", Measure.OTHER, k, 1, ofRate))
                    : List.of(first, new Named("b", Measure.OTHER, b, b, ofRate), new Named("k", Measure.OTHER, k, 1, ofRate));
        }
    }

    /**
     * m + P sin(w u) + Q cos(w u) with u = (x − c) ÷ h.
     *
     * @param centre c
     * @param half h, half the range of x, above 0
     */
    record Oscillation(double centre, double half) implements Nonlinear {

        @Override
        public double u(double x) {
            return (x - centre) / half;
        }

        @Override
        public int size() {
            return 4;
        }

        @Override
        public double value(double[] parameters, double u) {
            double angle = parameters[3] * u;
            return parameters[0] + parameters[1] * Math.sin(angle) + parameters[2] * Math.cos(angle);
        }

        @Override
        public double valueAndGradient(double[] parameters, double u, double[] into) {
            double sin = Math.sin(parameters[3] * u);
            double cos = Math.cos(parameters[3] * u);
            into[0] = 1;
            into[1] = sin;
            into[2] = cos;
            into[3] = u * (parameters[1] * cos - parameters[2] * sin);
            return parameters[0] + parameters[1] * sin + parameters[2] * cos;
        }

        @Override
        public double cycles(double[] parameters) {
            return Math.abs(parameters[3]) / Math.PI;
        }

        @Override
        public boolean isDefined(double x) {
            return true;
        }

        /** b ≥ 0, c &gt; 0 and d between −π and π: the one way of writing a wave. */
        @Override
        public List<Named> coefficients(double[] parameters) {
            double sign = Math.signum(parameters[3]);
            double p = parameters[1] * sign;
            double q = parameters[2];
            double c = Math.abs(parameters[3]) / half;
            double b = Math.hypot(p, q);
            double d = Math.IEEEremainder(Math.atan2(q, p) - c * centre, 2 * Math.PI);
            return List.of(new Named("a", Measure.LEVEL, parameters[0], 1, new double[] {1, 0, 0, 0}),
                    new Named("b", Measure.SIZE, b, 1, new double[] {0, sign * p / b, q / b, 0}),
                    new Named("c", Measure.OTHER, c, 1, new double[] {0, 0, 0, sign / half}),
                    new Named("d", Measure.OTHER, d, 1, new double[] {0, -sign * q / (b * b), p / (b * b),
                            -sign * centre / half}));
        }
    }
}
