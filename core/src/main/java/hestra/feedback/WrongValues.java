package hestra.feedback;

import java.util.EnumMap;
import java.util.Map;
import java.util.stream.DoubleStream;

/**
 * What mistakes give for what is asked of some data: each worked out once, since a class is asked the same. Used by one thread at
 * a time.
 */
final class WrongValues {

    private final NumberCriteria asked;
    private final Map<Mistake, double[]> known = new EnumMap<>(Mistake.class);

    WrongValues(NumberCriteria asked) {
        this.asked = asked;
    }

    /** The values that a mistake gives, for each set of data from which the answer may come; not to be changed. */
    double[] by(Mistake mistake) {
        return known.computeIfAbsent(mistake, it -> it.wrongValues(asked).toArray());
    }

    /** Those of them that are numbers at all. */
    DoubleStream finite(Mistake mistake) {
        return DoubleStream.of(by(mistake)).filter(Double::isFinite);
    }
}
