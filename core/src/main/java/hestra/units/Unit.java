package hestra.units;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * A unit of measurement: a number of base units, each to a power. What is counted ("shoots") is a base unit of its own.
 *
 * @param scale how many of the base units it is, above 0: 0.01 for the centimetre
 * @param powers the power of each base unit; none is 0
 */
public record Unit(double scale, Map<String, Integer> powers) {

    /** No unit at all: that of a share, or of a plain number. */
    public static final Unit NONE = new Unit(1, Map.of());

    /** How far two scales may differ by rounding alone. */
    private static final double HAIR = 1e-9;

    /** The base units that are measured; all others are what is counted. */
    private static final Set<String> MEASURED = Set.of("m", "g", "s", "month", "K", "\u00b0C", "\u00b0F", "A", "mol");

    public Unit {
        powers = Map.copyOf(powers);
    }

    static Unit counted(String word) {
        return new Unit(1, Map.of(word, 1));
    }

    /** The product of the two, the other to a power. */
    public Unit times(Unit other, int power) {
        Map<String, Integer> all = new TreeMap<>(powers);
        other.powers.forEach((base, p) -> all.merge(base, p * power, Integer::sum));
        all.values().removeIf(it -> it == 0);
        return new Unit(scale * Math.pow(other.scale, power), all);
    }

    /** Whether one can be turned into the other: both lengths, or both lengths in a time. */
    public boolean isOfSameKind(Unit other) {
        return powers.equals(other.powers);
    }

    /** Whether it is the same unit. */
    public boolean equalTo(Unit other) {
        return isOfSameKind(other) && Math.abs(scale / other.scale - 1) < HAIR;
    }

    /** Without what is counted, and all that is a plain number. */
    public Unit measured() {
        Map<String, Integer> kept = new TreeMap<>(powers);
        kept.keySet().retainAll(MEASURED);
        return new Unit(scale, kept);
    }

    /** Differences of temperatures are the same on both scales: kelvins for degrees Celsius. */
    public Unit ofDifference() {
        if (!powers.containsKey("\u00b0C")) {
            return this;
        }
        Map<String, Integer> changed = new TreeMap<>(powers);
        changed.merge("K", changed.remove("\u00b0C"), Integer::sum);
        changed.values().removeIf(it -> it == 0);
        return new Unit(scale, changed);
    }
}
