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

    /** Whether the parameters have gone where no minimum can be any more, only ever smaller squares. */
    boolean hasRunAway(double[] parameters);

    boolean isDefined(double x);

    /** The equation's coefficients with their derivatives by the parameters. */
    List<Named> coefficients(double[] parameters);

    /**
     * A coefficient of the equation.
     *
     * @param gradient its derivatives by the parameters
     */
    record Named(String name, double value, double[] gradient) {}

    /**
     * A e^(q u) with u = (x − c) ÷ w, or (ln x − c) ÷ w for the power curve.
     *
     * @param logX whether ln x stands for x
     * @param centre c
     * @param width w, above 0
     */
    record Growth(boolean logX, double centre, double width) implements Nonlinear {

        /** Growth by e to this power over half the range is a jump at its end. */
        private static final double STEEPEST = 300;

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
        public boolean hasRunAway(double[] parameters) {
            return Math.abs(parameters[1]) > STEEPEST;
        }

        @Override
        public boolean isDefined(double x) {
            return !logX || x > 0;
        }

        @Override
        public List<Named> coefficients(double[] parameters) {
            double k = parameters[1] / width;
            double a = parameters[0] * Math.exp(-k * centre);
            Named first = new Named("a", a, new double[] {a / parameters[0], -a * centre / width});
            double b = Math.exp(k);
            return logX ? List.of(first, new Named("b", k, new double[] {0, 1 / width}))
                    : List.of(first, new Named("b", b, new double[] {0, b / width}), new Named("k", k, new double[] {0, 1 / width}));
        }
    }

    /**
     * m + P sin(w u) + Q cos(w u) with u = (x − c) ÷ h.
     *
     * @param centre c
     * @param half h, half the range of x, above 0
     */
    record Oscillation(double centre, double half) implements Nonlinear {

        /** A wave of which the data show less than a fifth cannot be told from a parabola. */
        private static final double LONGEST = Math.PI / 5;

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
        public boolean hasRunAway(double[] parameters) {
            return Math.abs(parameters[3]) < LONGEST;
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
            return List.of(new Named("a", parameters[0], new double[] {1, 0, 0, 0}),
                    new Named("b", b, new double[] {0, sign * p / b, q / b, 0}),
                    new Named("c", c, new double[] {0, 0, 0, sign / half}),
                    new Named("d", d, new double[] {0, -sign * q / (b * b), p / (b * b), -sign * centre / half}));
        }
    }
}
