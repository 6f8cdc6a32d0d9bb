package hestra.feedback;

import java.util.Optional;
import java.util.stream.DoubleStream;

import hestra.data.Variable;
import hestra.fit.Curve;
import hestra.numbers.NumberStyle;
import hestra.units.OtherUnits;
import hestra.units.Spellings;
import hestra.units.Unit;
import hestra.units.UnitReader;

/**
 * What a quantity is measured in, in the units of the two variables.
 *
 * @param y the power of the response's unit
 * @param x the power of the explanatory variable's unit
 * @param difference whether it is a difference, which is the same in kelvins and degrees Celsius
 * @param kind whether it is a plain number, a count of things, a measurement, or something whose unit is not worked out
 */
public record Dimensions(int y, int x, boolean difference, Kind kind) {

    /** What sort of unit it has. */
    public enum Kind {
        /** None: a share or a ratio. */
        NUMBER,
        /** A count: what is counted may be said. */
        COUNT,
        /** That of the variables. */
        MEASURED,
        /** One that is not worked out, so that one that is typed is not judged. */
        OPEN
    }

    /** A plain number. */
    public static final Dimensions NUMBER = new Dimensions(0, 0, false, Kind.NUMBER);
    /** How many there are. */
    public static final Dimensions COUNT = new Dimensions(0, 0, false, Kind.COUNT);
    /** In the unit of the response. */
    public static final Dimensions Y = new Dimensions(1, 0, false, Kind.MEASURED);
    /** In the unit of the explanatory variable. */
    public static final Dimensions X = new Dimensions(0, 1, false, Kind.MEASURED);
    /** A difference, in the unit of the response. */
    public static final Dimensions DIFFERENCE_Y = new Dimensions(1, 0, true, Kind.MEASURED);
    /** A difference, in the unit of the explanatory variable. */
    public static final Dimensions DIFFERENCE_X = new Dimensions(0, 1, true, Kind.MEASURED);
    public static final Dimensions Y_SQUARED = new Dimensions(2, 0, true, Kind.MEASURED);
    public static final Dimensions X_SQUARED = new Dimensions(0, 2, true, Kind.MEASURED);
    public static final Dimensions PRODUCT = new Dimensions(1, 1, true, Kind.MEASURED);
    /** In a unit that depends on the curve. */
    public static final Dimensions OPEN = new Dimensions(0, 0, false, Kind.OPEN);

    /** In the response's unit for one of the explanatory variable's. */
    public static Dimensions slope() {
        return new Dimensions(1, -1, true, Kind.MEASURED);
    }

    /** What the coefficients of a curve are measured in, by their places in its equation; k of an exponential is at 2. */
    static Dimensions ofCoefficient(Curve curve, int place) {
        return switch (curve) {
            case Curve.Line _ -> place == 0 ? Y : slope();
            case Curve.ThroughOrigin _ -> slope();
            case Curve.Polynomial _ -> place == 0 ? Y : new Dimensions(1, -place, true, Kind.MEASURED);
            case Curve.Logarithmic _ -> place == 0 ? Y : DIFFERENCE_Y;
            case Curve.Exponential _ -> place == 0 ? Y : place == 1 ? NUMBER : new Dimensions(0, -1, true, Kind.MEASURED);
            // What a measures depends on b.
            case Curve.Power _ -> place == 1 ? NUMBER : OPEN;
            case Curve.Wave _ -> switch (place) {
                case 0 -> Y;
                case 1 -> DIFFERENCE_Y;
                case 2 -> new Dimensions(0, -1, true, Kind.MEASURED);
                default -> NUMBER;
            };
            case Curve.OwnTerms _ -> OPEN;
        };
    }

    /** The unit in words, such as "cm per day"; empty where it has none, or one of the variables has none. */
    public String unit(Variable xs, Variable ys) {
        if (x < 0) {
            String one = Spellings.singular(xs.unit());
            String per = " per " + (x == -1 ? one : one.matches("\\p{L}+") ? one + NumberStyle.raised(Integer.toString(-x))
                    : "(" + one + ")" + NumberStyle.raised(Integer.toString(-x)));
            return xs.unit().isEmpty() || y != 0 && ys.unit().isEmpty() ? "" : ((y == 0 ? "" : ys.unit()) + per).strip();
        }
        if (y == 1 && x == 1) {
            return ys.unit().isEmpty() || xs.unit().isEmpty() ? "" : ys.unit() + " \u00b7 " + xs.unit();
        }
        String of = y != 0 ? ys.unit() : x != 0 ? xs.unit() : "";
        int power = Math.max(y, x);
        return of.isEmpty() || power < 2 ? of : of.matches("\\p{L}+|\u00b0[CF]") ? of + "\u00b2" : "(" + of + ")\u00b2";
    }

    /** The same as a unit to be compared; nothing where it is not known. */
    public Optional<Unit> asUnit(Variable xs, Variable ys) {
        if (kind == Kind.OPEN) {
            return Optional.empty();
        }
        Unit unit = Unit.NONE.times(UnitReader.ofVariable(ys.unit()), y).times(UnitReader.ofVariable(xs.unit()), x);
        return Optional.of(difference ? unit.ofDifference() : unit);
    }

    /** The same amount in other units of x, or of y; none where it is not known what it is measured in. */
    DoubleStream inOtherUnits(double value, Variable xs, Variable ys) {
        return kind != Kind.MEASURED ? DoubleStream.empty()
                : DoubleStream.concat(OtherUnits.ratios(UnitReader.ofVariable(xs.unit()), x),
                OtherUnits.ratios(UnitReader.ofVariable(ys.unit()), y)).map(ratio -> value * ratio);
    }

    /** Whether it has a unit to be given. */
    boolean hasUnit(Variable xs, Variable ys) {
        return !unit(xs, ys).isEmpty();
    }

    /** Whether it rests on a variable without a unit, so that words for what is counted may stand for that. */
    public boolean restsOnCounts(Variable xs, Variable ys) {
        return kind == Kind.COUNT || y != 0 && ys.unit().isEmpty() || x != 0 && xs.unit().isEmpty();
    }
}
