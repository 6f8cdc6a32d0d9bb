package hestra.units;

import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

/**
 * The units in which the same could have been measured, where one is not a power of ten of the other: those are told apart by the
 * digits already.
 */
public final class OtherUnits {

    /** Of each kind those that people use side by side. */
    private static final List<List<Unit>> KIN = Stream.of(List.of("s", "min", "h", "day", "week"),
            List.of("month", "year", "decade"), List.of("m", "inch", "foot", "yard", "mile"), List.of("g", "ounce", "pound"))
            .map(words -> words.stream().map(word -> UnitReader.ofWord(word).orElseThrow()).toList()).toList();
    private static final double HAIR = 1e-9;

    private OtherUnits() {}

    /** How many of each other unit one of this unit is; none where it has no such kin. */
    public static DoubleStream ratios(Unit unit) {
        return KIN.stream().filter(kin -> kin.getFirst().isOfSameKind(unit))
                .flatMap(List::stream).flatMapToDouble(other -> DoubleStream.of(unit.scale() / other.scale()))
                .filter(ratio -> !isPowerOfTen(ratio));
    }

    /** The same of each of several powers of a unit: of one for which something is measured, the ratio turned round. */
    public static DoubleStream ratios(Unit unit, int power) {
        return power == 0 ? DoubleStream.empty() : ratios(unit).map(ratio -> Math.pow(ratio, power));
    }

    private static boolean isPowerOfTen(double ratio) {
        double power = Math.log10(ratio);
        return Math.abs(power - Math.rint(power)) < HAIR;
    }
}
