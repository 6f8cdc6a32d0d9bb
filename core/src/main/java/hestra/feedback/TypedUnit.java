package hestra.feedback;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

import hestra.data.Variable;
import hestra.numbers.NumberReading;
import hestra.units.Unit;
import hestra.units.UnitReader;

/** What the unit behind a number says, beside the unit in which the number is asked for. */
sealed interface TypedUnit {

    /** None was typed, or none that could be judged. */
    record None() implements TypedUnit {}

    /** The right one. */
    record Same() implements TypedUnit {}

    /** Another of the same kind; one of it is so many of the right one. */
    record Other(double ratio) implements TypedUnit {}

    /** One in which this cannot be measured. */
    record Wrong() implements TypedUnit {}

    /** A percent sign behind what is no share. */
    record Percent() implements TypedUnit {}

    /** Words that are no unit that is known. */
    record Unknown(String word) implements TypedUnit {}

    /** How a unit begins of which only what it is for one of is said. */
    Pattern FOR_ONE = Pattern.compile("(?i)(?:per|each|a|an|every|for each|for every)\\b|/");

    /** What stands between words. */
    Pattern NO_WORD = Pattern.compile("[^\\p{L}]+");

    /** Percent of percent: how many of one are the other. */
    double HUNDREDTH = 0.01;

    /** What the unit of a number says. */
    static TypedUnit of(NumberReading.Value typed, Sought what, Variable x, Variable y) {
        if (!typed.percent() && typed.unit().isEmpty()) {
            return new None();
        }
        Optional<Unit> right = what instanceof Sought.Given(double _, String unit) ? ofGiven(unit) : what.measured().asUnit(x, y);
        String text = typed.percent() ? "% " + typed.unit() : typed.unit();
        if (WrittenUnit.isAsked(text, what.measured(), x, y)) {
            return new Same();
        }
        if (typed.percent() && !isInPercent(what.measured(), x, y)) {
            return percent(what, right);
        }
        if (right.isEmpty()) {
            return new None();
        }
        Optional<UnitReader.Reading> read = UnitReader.read(text, words(x, y));
        if (read.isEmpty()) {
            return new Unknown(text);
        }
        boolean counts = what instanceof Sought.Given ? false : what.measured().restsOnCounts(x, y);
        Unit unit = what.measured().difference() ? read.get().unit().ofDifference() : read.get().unit();
        Unit asked = right.get();
        List<String> strange = read.get().unknown().stream()
                .filter(it -> !asked.powers().containsKey("~" + UnitReader.stem(it))).toList();
        if (counts) {
            // Of an amount that has a unit, only what it is for one of may be called anything.
            String numerator = what.measured().y() != 0 ? y.unit() : what.measured().x() != 0 ? x.unit() : "";
            Unit typedUnit = read.get().unit();
            List<String> above = strange.stream().filter(it -> typedUnit.powers().getOrDefault("~" + UnitReader.stem(it), 0) > 0)
                    .toList();
            if (!numerator.isBlank() && !above.isEmpty() && unit.measured().powers().isEmpty()) {
                return new Unknown(above.getFirst());
            }
            unit = unit.measured();
            return unit.equals(Unit.NONE) || unit.isOfSameKind(asked.measured()) || isLessOfCount(unit, what, x, y)
                    ? compared(unit, asked.measured()) : new Wrong();
        }
        if (!strange.isEmpty()) {
            return new Unknown(strange.getFirst());
        }
        if (!unit.isOfSameKind(asked) && FOR_ONE.matcher(text).lookingAt()) {
            // "−2.55 per hour": the unit of the response is left out.
            Unit whole = unit.times(UnitReader.ofVariable(y.unit()), what.measured().y());
            unit = what.measured().difference() ? whole.ofDifference() : whole;
        }
        return unit.isOfSameKind(asked) ? compared(unit, asked) : new Wrong();
    }

    /** "mm" behind a slope in mm for one step of an index. */
    private static boolean isLessOfCount(Unit unit, Sought what, Variable x, Variable y) {
        return what.measured().y() != 0 && unit.isOfSameKind(UnitReader.ofVariable(y.unit()).measured());
    }

    private static TypedUnit compared(Unit unit, Unit asked) {
        return unit.equalTo(asked) || !unit.isOfSameKind(asked) ? new Same() : new Other(unit.scale() / asked.scale());
    }

    private static Optional<Unit> ofGiven(String unit) {
        return unit.isBlank() ? Optional.empty() : Optional.of(UnitReader.ofVariable(unit));
    }

    /** Whether what is asked is measured in percent of something, which is a unit like others then. */
    private static boolean isInPercent(Dimensions asked, Variable x, Variable y) {
        return asked.y() != 0 && isPercent(y) || asked.x() != 0 && isPercent(x);
    }

    private static boolean isPercent(Variable variable) {
        Unit unit = UnitReader.ofVariable(variable.unit());
        return unit.powers().isEmpty() && unit.scale() == HUNDREDTH;
    }

    private static TypedUnit percent(Sought what, Optional<Unit> right) {
        if (what.quantity() != null && what.quantity().mayBePercent() || right.isEmpty()) {
            return new None();
        }
        // What is measured in percent, or in percent of something.
        return right.get().powers().isEmpty() && right.get().scale() == HUNDREDTH ? new Same() : new Percent();
    }

    private static Set<String> words(Variable x, Variable y) {
        Set<String> all = new HashSet<>();
        for (Variable variable : List.of(x, y)) {
            for (String word : NO_WORD.split(variable.name() + " " + variable.label())) {
                all.add(UnitReader.stem(word));
            }
        }
        return all;
    }
}
