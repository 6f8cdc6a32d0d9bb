package hestra.targets;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

import hestra.numbers.NumberStyle;

/**
 * One condition of a target.
 *
 * @param measure what it looks at
 * @param band where its value must lie
 * @param fromStart whether not the value itself is meant but by how much it has changed from the start, either way
 * @param label the author's own words for it; nothing for the usual ones
 */
public record Condition(Measure measure, Band band, boolean fromStart, Optional<String> label) {

    public Condition(Measure measure, Band band) {
        this(measure, band, false, Optional.empty());
    }

    /** The same in the author's own words. */
    public Condition called(String words) {
        return new Condition(measure, band, fromStart, words.isBlank() ? Optional.empty() : Optional.of(words));
    }

    /** The value that it looks at as things stand; nothing where there is none. */
    public OptionalDouble value(Situation now) {
        OptionalDouble value = measure.of(now);
        if (!fromStart || value.isEmpty()) {
            return value;
        }
        OptionalDouble before = measure.of(now.atStart());
        return before.isEmpty() ? before : OptionalDouble.of(Math.abs(value.getAsDouble() - before.getAsDouble()));
    }

    public boolean holds(Situation now) {
        OptionalDouble value = value(now);
        return value.isPresent() && band.holds(value.getAsDouble());
    }

    /** What it asks for, as a short text. */
    public String inWords(NumberStyle style) {
        return label.orElseGet(() -> {
            if (measure instanceof Measure.Touched(Set<Integer> but) && band.most() < 1) {
                return but.isEmpty() ? "the given points stay where they are"
                        : "only point " + String.join(", ", but.stream().sorted().map(row -> Integer.toString(row + 1)).toList())
                        + " is moved or removed";
            }
            return fromStart
                    ? measure.inWords() + " changed by " + band.inWords(style) : measure.inWords() + ": " + band.inWords(style);
        });
    }

    /** Whether its value is never below 0. */
    boolean isSize() {
        return fromStart || measure.isSize();
    }
}
