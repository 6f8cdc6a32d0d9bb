package hestra.data;

import java.util.Optional;
import java.util.OptionalDouble;

import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;

/**
 * A measured variable: a column of the table.
 *
 * @param name short name for headings and equations, such as "length"
 * @param label what it is, for the axis, such as "blade length"; the name where empty
 * @param unit unit of measurement, such as "cm"; empty for none
 * @param possible which values its unit and nature allow, such as 0 to 100 for a percentage; nothing where none is ruled out
 * @param dates how its numbers stand for dates; nothing where they are just numbers
 */
public record Variable(String name, String label, String unit, Optional<Limits> possible, Optional<Dates> dates) {

    /**
     * Which values are possible.
     *
     * @param least finite
     * @param greatest finite, not below {@code least}
     */
    public record Limits(double least, double greatest) {
        public Limits {
            if (!Double.isFinite(least) || !Double.isFinite(greatest) || least > greatest) {
                throw new IllegalArgumentException("possible from " + least + " to " + greatest);
            }
        }

        public boolean allow(double value) {
            return value >= least && value <= greatest;
        }
    }

    public Variable {
        name = name.strip();
        label = label.strip();
        unit = unit.strip();
    }

    /** A variable of which no value is ruled out. */
    public Variable(String name, String label, String unit) {
        this(name, label, unit, Optional.empty(), Optional.empty());
    }

    /** A variable of dates, called by what it counts: "days since 1 Mar 2024". */
    public static Variable ofDates(String heading, Dates dates) {
        return new Variable(dates.since(), heading, dates.step().inWords(), Optional.empty(), Optional.of(dates));
    }

    public static Variable named(String name) {
        return new Variable(name, "", "");
    }

    /** A heading read as a variable: "length (cm)" or "length [cm]" gives a name and a unit. */
    public static Variable fromHeading(String heading) {
        String text = heading.strip();
        for (String brackets : new String[] {"()", "[]"}) {
            int open = text.lastIndexOf(brackets.charAt(0));
            if (open > 0 && text.endsWith(brackets.substring(1))) {
                return new Variable(text.substring(0, open), "", text.substring(open + 1, text.length() - 1));
            }
        }
        return named(text);
    }

    /**
     * The same called as a heading says, "length (cm)". Dates stay dates: the heading is what they are of, and their unit what
     * they are counted in.
     */
    public Variable called(String heading) {
        Variable typed = fromHeading(heading);
        return dates.isPresent() ? withLabel(typed.name) : withName(typed.name).withUnit(typed.unit);
    }

    /** What {@link #called} would read as this name and unit. */
    public String heading() {
        return dates.isPresent() ? described() : unit.isEmpty() ? name : name + " (" + unit + ")";
    }

    /** What stands above its column where that is only read: "length (cm)", and "days" where its unit is its name. */
    public String columnTitle() {
        return unit.equals(name) ? name : heading();
    }

    /**
     * The same called as a heading with what it is says, "length (cm): blade length"; without a colon what it is stays. Dates as
     * in {@link #called}.
     */
    public Variable calledInFull(String heading) {
        String typed = heading + " ";
        int colon = dates.isPresent() ? -1 : typed.indexOf(": ");
        return colon < 0 ? called(heading) : called(typed.substring(0, colon)).withLabel(typed.substring(colon + 2));
    }

    /** What {@link #calledInFull} would read as this name, unit and label. */
    public String headingInFull() {
        return dates.isPresent() || label.isEmpty() ? heading() : heading() + ": " + label;
    }

    public Variable withName(String other) {
        return new Variable(other, label, unit, possible, dates);
    }

    public Variable withLabel(String other) {
        return new Variable(name, other, unit, possible, dates);
    }

    public Variable withUnit(String other) {
        return new Variable(name, label, other, possible, dates);
    }

    public Variable withPossible(Optional<Limits> other) {
        return new Variable(name, label, unit, other, dates);
    }

    /** The label, or the name where there is none. */
    public String described() {
        return label.isEmpty() ? name : label;
    }

    /** What an axis says: "blade length (cm)". */
    public String axisTitle() {
        return unit.isEmpty() || dates.isPresent() ? described() : described() + " (" + unit + ")";
    }

    /** The title of an axis whose ticks stand for so many powers of ten of the unit; the same as without where that is empty. */
    public String axisTitle(String powers) {
        return powers.isEmpty() || dates.isPresent()
                ? axisTitle() : described() + " (" + powers + (unit.isEmpty() ? "" : " " + unit) + ")";
    }

    /** The unit with a space before it, for setting after a number; empty for none. */
    public String unitAfterNumber() {
        return unit.isEmpty() ? "" : " " + unit;
    }

    /** A value as it is read on the axis: a number, or the date that it stands for. */
    public String shown(double value, NumberStyle style) {
        return dates.map(it -> it.show(value)).orElseGet(() -> style.shortest(value));
    }

    /** The same with the unit after a number. */
    public String shownWithUnit(double value, NumberStyle style) {
        return shown(value, style) + (dates.isPresent() ? "" : unitAfterNumber());
    }

    /** What a typed text is in a column of this variable: a date stands for its number. */
    String typed(String text, DecimalMark mark) {
        return dates.map(it -> it.read(text)).filter(OptionalDouble::isPresent)
                .map(it -> Cell.of(it.getAsDouble(), mark).text()).orElse(text);
    }
}
