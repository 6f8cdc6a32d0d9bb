package hestra.fit;

import java.util.OptionalDouble;

/** A value that is given only where it is a number within the range of a double. */
final class Finite {

    private Finite() {}

    static OptionalDouble of(double value) {
        return Double.isFinite(value) ? OptionalDouble.of(value) : OptionalDouble.empty();
    }
}
