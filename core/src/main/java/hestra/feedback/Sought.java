package hestra.feedback;

import java.util.OptionalDouble;

/** A number that a task asks for, whatever the data are. */
public sealed interface Sought {

    /** What it is in a set of data; nothing where they do not define it. */
    OptionalDouble in(Evidence data);

    /** A value of the data or their line. */
    record Value(Quantity quantity) implements Sought {
        @Override
        public OptionalDouble in(Evidence data) {
            return data.value(quantity);
        }
    }

    /** What the line predicts at x. */
    record Prediction(double x) implements Sought {
        @Override
        public OptionalDouble in(Evidence data) {
            return data.predicted(x);
        }
    }

    /** A number that the author gave, whatever the data say. */
    record Given(double value) implements Sought {
        @Override
        public OptionalDouble in(Evidence data) {
            return OptionalDouble.of(value);
        }
    }
}
