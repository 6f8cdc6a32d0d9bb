package hestra.feedback;

import java.util.OptionalDouble;

import hestra.fit.Curve;

/** A number that a task asks for, whatever the data are. */
public sealed interface Sought {

    /** What it is in a set of data; nothing where they do not define it. */
    OptionalDouble in(Evidence data);

    /** What it is measured in. */
    Measured measured();

    /** A value of the data or of a curve. */
    record Value(Reading reading) implements Sought {

        /** A value of the data or their line. */
        public Value(Quantity quantity) {
            this(Reading.of(quantity));
        }

        @Override
        public OptionalDouble in(Evidence data) {
            return data.value(reading);
        }

        @Override
        public Measured measured() {
            return reading.quantity().measured();
        }
    }

    /** What a curve predicts at x. */
    record Prediction(double x, Curve curve) implements Sought {

        /** What the line predicts at x. */
        public Prediction(double x) {
            this(x, new Curve.Line());
        }

        @Override
        public OptionalDouble in(Evidence data) {
            return data.predicted(curve, x);
        }

        @Override
        public Measured measured() {
            return Measured.Y;
        }
    }

    /** A number that the author gave, whatever the data say, with the unit that was given for it. */
    record Given(double value, String unit) implements Sought {
        @Override
        public OptionalDouble in(Evidence data) {
            return OptionalDouble.of(value);
        }

        @Override
        public Measured measured() {
            return Measured.OPEN;
        }
    }

    /** The same number in another unit. */
    record InUnit(Sought inner, double ratio) implements Sought {
        @Override
        public OptionalDouble in(Evidence data) {
            OptionalDouble value = inner.in(data);
            return value.isPresent() ? OptionalDouble.of(value.getAsDouble() / ratio) : value;
        }

        @Override
        public Measured measured() {
            return Measured.OPEN;
        }
    }

    /** Which quantity it is; null where it is none. */
    default Quantity quantity() {
        return this instanceof Value(Reading reading) ? reading.quantity() : null;
    }
}
