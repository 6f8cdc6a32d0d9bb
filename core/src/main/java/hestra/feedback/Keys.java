package hestra.feedback;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

import hestra.data.Pairs;
import hestra.exercise.Description;
import hestra.exercise.Exercise;
import hestra.exercise.Task;
import hestra.fit.Fit;
import hestra.fit.LineFit;
import hestra.numbers.Counted;
import hestra.numbers.NumberStyle;

/** The right answers in words, computed from the data, as an instructor sees them beside each task. */
public final class Keys {

    private Keys() {}

    /**
     * The key of a task in a few words.
     *
     * @param text the key, or what is missing for one
     * @param computed whether there is a key
     */
    public record Key(String text, boolean computed) {
        private static Key missing(String why) {
            return new Key(why, false);
        }
    }

    /** The key of a task from this exercise's data. */
    public static Key of(Exercise exercise, Task task) {
        NumberStyle style = new NumberStyle(exercise.mark(), 4);
        return switch (task) {
            case Task.EnterData enter -> exercise.data().size() < enter.count()
                    ? Key.missing("needs at least " + Counted.of(enter.count(), "row") + " of data")
                    : new Key(enter.count() == 1 ? "the last pair" : "the last " + enter.count() + " pairs", true);
            case Task.ChooseRoles _ -> new Key(exercise.x().name() + " → " + exercise.y().name(), true);
            case Task.Describe describe -> new Key(describe.key().inWords(), true);
            case Task.FindSlip slip -> slip(exercise, slip);
            case Task.ReadValue read -> value(exercise, read, style);
            case Task.Predict predict -> predictions(exercise, predict, style);
            case Task.ExplainSlope _ -> Basis.truth(exercise).fit() instanceof Fit.None(String reason)
                    ? Key.missing(reason)
                    : new Key("6 checks, the rest by you", true);
        };
    }

    /** The key of a value in full, before rounding; nothing where the data do not define it. */
    public static OptionalDouble inFull(Exercise exercise, Task.ReadValue task) {
        return Basis.truth(exercise).value(task.quantity());
    }

    private static Key slip(Exercise exercise, Task.FindSlip slip) {
        if (slip.row() >= exercise.data().size() || slip.column() >= exercise.data().width()) {
            return Key.missing("row " + (slip.row() + 1) + " is not in the data");
        }
        return new Key("row " + (slip.row() + 1) + ": " + slip.shown() + " → "
                + exercise.data().cell(slip.row(), slip.column()).text(), true);
    }

    private static Key value(Exercise exercise, Task.ReadValue read, NumberStyle style) {
        Basis truth = Basis.truth(exercise);
        OptionalDouble value = truth.value(read.quantity());
        if (value.isEmpty()) {
            return Key.missing(truth.fit() instanceof Fit.None(String reason) ? reason : "not defined for this data");
        }
        String unit = read.quantity().unit(exercise.x(), exercise.y());
        return new Key(style.show(value.getAsDouble(), read.rounding()) + (unit.isEmpty() ? "" : " " + unit), true);
    }

    private static Key predictions(Exercise exercise, Task.Predict predict, NumberStyle style) {
        Fit fit = Basis.truth(exercise).fit();
        if (!(fit instanceof LineFit line)) {
            return Key.missing(((Fit.None) fit).reason());
        }
        List<String> texts = new ArrayList<>();
        for (double x : predict.at()) {
            texts.add(style.show(line.at(x), predict.rounding()) + (line.support().contains(x) ? " ✓" : " ✗"));
        }
        return new Key(String.join(" · ", texts), true);
    }

    /**
     * A description proposed from the data, for the instructor to confirm: direction from the sign of r, strength from
     * |r| (strong from 0.8, weak below 0.5), form straight unless the pattern is too weak to tell. A point more than three
     * residual standard errors off the line counts as unusual.
     */
    public static Description proposedDescription(Pairs pairs) {
        if (!(Basis.of(pairs).fit() instanceof LineFit line) || line.r().isEmpty()) {
            return new Description(Description.Direction.NEITHER, Description.Form.NONE, Description.Strength.WEAK,
                    Description.Unusual.NONE);
        }
        double r = line.r().getAsDouble();
        double size = Math.abs(r);
        boolean pattern = size >= 0.3;
        double s = line.residualStandardError().orElse(0);
        long unusual = 0;
        for (int i = 0; i < pairs.size(); i++) {
            unusual += Math.abs(line.residualOf(pairs.x(i), pairs.y(i))) > 3 * s ? 1 : 0;
        }
        return new Description(
                !pattern ? Description.Direction.NEITHER
                        : r > 0 ? Description.Direction.RISING : Description.Direction.FALLING,
                pattern ? Description.Form.STRAIGHT : Description.Form.NONE,
                size >= 0.8 ? Description.Strength.STRONG
                        : size >= 0.5 ? Description.Strength.MODERATE : Description.Strength.WEAK,
                s == 0 || unusual == 0 ? Description.Unusual.NONE
                        : unusual == 1 ? Description.Unusual.ONE : Description.Unusual.SEVERAL);
    }
}
