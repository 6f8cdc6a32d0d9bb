package hestra.feedback;

import java.util.OptionalDouble;
import java.util.stream.DoubleStream;

import hestra.fit.Curve;
import hestra.fit.Inverse;

/** A number that a task asks for, whatever the data are. */
public sealed interface Sought {

    /** What it is in a set of data; nothing where they do not define it. */
    OptionalDouble in(Evidence data);

    /** All that is right for it in a set of data: a curve may reach a value at several places. */
    default DoubleStream all(Evidence data) {
        return in(data).stream();
    }

    /** What it is measured in. */
    Dimensions measured();

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
        public Dimensions measured() {
            return reading.quantity().measured(reading.curve());
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
        public Dimensions measured() {
            return Dimensions.Y;
        }
    }

    /** The x at which a curve has a given value. */
    record Reached(double y, Curve curve) implements Sought {
        @Override
        public OptionalDouble in(Evidence data) {
            return all(data).findFirst();
        }

        @Override
        public DoubleStream all(Evidence data) {
            return data.curve(curve).map(it -> Inverse.of(it, y).solutions().stream().mapToDouble(Inverse.Solution::x))
                    .orElse(DoubleStream.empty());
        }

        @Override
        public Dimensions measured() {
            return Dimensions.X;
        }
    }

    /** A number that the author gave, whatever the data say, with the unit that was given for it. */
    record Given(double value, String unit) implements Sought {
        @Override
        public OptionalDouble in(Evidence data) {
            return OptionalDouble.of(value);
        }

        @Override
        public Dimensions measured() {
            return Dimensions.OPEN;
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
        public DoubleStream all(Evidence data) {
            return inner.all(data).map(value -> value / ratio);
        }

        @Override
        public Dimensions measured() {
            return Dimensions.OPEN;
        }
    }

    /** Which quantity it is; null where it is none. */
    default Quantity quantity() {
        return this instanceof Value(Reading reading) ? reading.quantity() : null;
    }
}
