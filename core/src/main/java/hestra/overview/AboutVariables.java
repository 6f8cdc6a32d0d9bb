package hestra.overview;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;

import hestra.data.Fineness;
import hestra.data.Variable;
import hestra.desk.Findings;
import hestra.numbers.Counted;
import hestra.numbers.NumberStyle;
import hestra.numbers.Words;
import hestra.overview.Section.Line;
import hestra.summary.Summary;

/** The two variables by themselves: where their values lie, and how far apart. */
final class AboutVariables {

    private static final int FINER = 2;

    private final One x;
    private final One y;

    AboutVariables(Findings findings) {
        this.x = new One(findings.x(), Summary.ofX(findings.pairs()), findings.numbers().precision()
                .x(), findings.numbers().style());
        this.y = new One(findings.y(), Summary.ofY(findings.pairs()), findings.numbers().precision()
                .y(), findings.numbers().style());
    }

    Section section() {
        List<Line> lines = new ArrayList<>();
        lines.add(line("n", (one, summary) -> new Entry(Integer.toString(summary.n()),
                "The number of points: " + Counted.of(summary.n(), "pair") + " of values.")));
        lines.add(line("mean", (one, summary) -> new Entry(one.fine(summary.mean()),
                "All values of " + one.name() + " together come to " + one.plain(summary.sum())
                + "; shared out evenly, each would be " + one.fineUnit(summary.mean()) + ".")));
        lines.add(line("least", (one, summary) -> new Entry(one.plainNumber(summary.least()),
                "No value of " + one.name() + " is below " + one.plain(summary.least()) + ".")));
        lines.add(line("lower quartile", (one, summary) -> new Entry(one.fine(summary.lowerQuartile()),
                "About a quarter of the values of " + one.name() + " lie below "
                + one.fineUnit(summary.lowerQuartile()) + ". " + Summary.QUARTILES)));
        lines.add(line("median", (one, summary) -> new Entry(one.fine(summary.median()),
                "Half of the values of " + one.name() + " lie below "
                + one.fineUnit(summary.median()) + ", half above" + one.tail(summary) + ".")));
        lines.add(line("upper quartile", (one, summary) -> new Entry(one.fine(summary.upperQuartile()),
                "About a quarter of the values of " + one.name() + " lie above "
                + one.fineUnit(summary.upperQuartile()) + ". " + Summary.QUARTILES)));
        lines.add(line("greatest", (one, summary) -> new Entry(one.plainNumber(summary.greatest()),
                "No value of " + one.name() + " is above " + one.plain(summary.greatest()) + ".")));
        lines.add(line("standard deviation (n − 1)",
                (one, summary) -> one.deviation(summary.standardDeviation(),
                        "The squared distances are divided by n − 1, as is usual for a sample.")));
        lines.add(line("standard deviation (n)",
                (one, summary) -> one.deviation(OptionalDouble.of(summary.standardDeviationOfAll()),
                "The squared distances are divided by n, as for values that are all there are.")));
        lines.add(line("sum", (one, summary) -> new Entry(one.plainNumber(summary.sum()),
                "All values of " + one.name() + " added up.")));
        lines.add(line("sum of squares", (one, summary) -> new Entry(one.style.show(summary.sumOfSquares()),
                "Each value of " + one.name() + " times itself, all added up.")));
        return new Section("The two variables", List.of(heading(x), heading(y)), lines);
    }

    private static String heading(One one) {
        return one.variable.columnTitle();
    }

    private Line line(String name, BiFunction<One, Summary, Entry> entry) {
        return new Line(name, List.of(x.entry(entry), y.entry(entry)));
    }

    /** One of the two. */
    private record One(Variable variable, Optional<Summary> summary, Fineness fineness, NumberStyle style) {

        Entry entry(BiFunction<One, Summary, Entry> entry) {
            return summary.map(it -> entry.apply(this, it))
                    .orElse(new Entry(NumberStyle.UNDEFINED, "There are no pairs of numbers yet."));
        }

        String name() {
            return variable.name();
        }

        /** A value as precise as the data and a little more. */
        String fine(double value) {
            return variable.dates().isPresent() ? variable.shown(value, style) : fineness.show(value, FINER, style);
        }

        String fineUnit(double value) {
            return fine(value) + (variable.dates().isPresent() ? "" : variable.unitAfterNumber());
        }

        /** A value that was measured, or a sum of such: with the places of the data. */
        String plainNumber(double value) {
            return variable.dates().isPresent() ? variable.shown(value, style) : fineness.show(value, 0, style);
        }

        String plain(double value) {
            return plainNumber(value) + (variable.dates().isPresent() ? "" : variable.unitAfterNumber());
        }

        /** What the mean and the median say together. */
        String tail(Summary summary) {
            double spread = summary.upperQuartile() - summary.lowerQuartile();
            double apart = summary.mean() - summary.median();
            return !(spread > 0) || Math.abs(apart) < spread / 4 ? ""
                    : apart > 0 ? ". The mean is larger: a few large values pull it up"
                    : ". The mean is smaller: a few small values pull it down";
        }

        Entry deviation(OptionalDouble value, String rule) {
            return value.isEmpty() ? new Entry(NumberStyle.UNDEFINED, "A single value has no spread.")
                    : new Entry(fineness.show(value.getAsDouble(), FINER, style),
                    "Values of " + name() + " typically lie about " + fineness.show(value.getAsDouble(), FINER, style)
                            + variable.unitAfterNumber() + " from their mean. " + Words.capitalized(rule));
        }
    }
}
