package hestra.review;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.LiveText;
import hestra.exercise.Part;
import hestra.feedback.Quantity;
import hestra.figure.Layer;
import hestra.task.Aid;
import hestra.task.Hint;
import hestra.task.NamesRows;
import hestra.task.Task;
import hestra.task.Truth;

/**
 * Looks for what tells the answer to a task before it is given: the whole sheet of a part can be read from the beginning, and any
 * task be taken in hand.
 */
final class Told {

    /** A thing with a name: "the boulder". */
    private static final Pattern THING = Pattern.compile("\\bthe ([\\p{L}]{3,})",
            Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CHARACTER_CLASS);
    /** What every plot has. */
    private static final Set<String> PLAIN = Set.of("point", "points", "pair", "pairs", "row", "rows", "value", "values", "line",
            "slope", "plot", "table", "data", "last", "first", "middle", "start", "two", "other",
            "same", "mean", "most", "curve", "equation", "residuals", "residual", "leverage", "highest", "largest", "unusual");

    private final Exercise exercise;
    private final Part part;
    private final Task task;
    private final Truth truth;
    private final Set<String> told = new LinkedHashSet<>();

    private Told(Exercise exercise, Part part, Task task, Truth truth) {
        this.exercise = exercise;
        this.part = part;
        this.task = task;
        this.truth = truth;
    }

    /** What tells the answer to a task, a remark for each thing. */
    static List<Remark> of(Exercise exercise, Part part, Task task, Truth truth) {
        Told found = new Told(exercise, part, task, truth);
        part.blocks().forEach(found::look);
        return found.told.stream().map(message -> new Remark(Remark.Sort.TOLD, Optional.of(part.id()), Optional.of(task.id()),
                message, Optional.empty())).toList();
    }

    private String name() {
        return "Task " + (exercise.indexOf(task.id()) + 1);
    }

    private void look(Block block) {
        switch (block) {
            case Block.Prose(String _, String text) -> value("A text of this part", text);
            case Block.Formula(String _, String formula) -> value("A formula of this part", formula);
            case Block.Printed(String _, String caption) -> value("The text below the printed table", caption);
            case Block.Illustration(String _, var _, String caption, String alternative) ->
                    value("The text below a picture", caption + " " + alternative);
            case Block.Plot plot -> {
                value("The text below a figure", plot.caption());
                figure(plot);
            }
            case Block.Asked(Task other) when other.id().equals(task.id()) ->
                    value("Its own prompt", other.terms().title() + " " + other.terms().prompt());
            case Block.Asked(Task other) -> other(other);
            case Block.Strange _ -> { }
        }
    }

    private void other(Task other) {
        String called = "task " + (exercise.indexOf(other.id()) + 1);
        String texts = Stream.concat(Stream.of(other.terms().title(), other.terms().prompt(), other.terms().hint(),
                other.terms().why()), other.terms().helps().stream().map(Hint::text)).collect(Collectors.joining(" "));
        value("What " + called + " says", texts);
        Set<Integer> found = NamesRows.toFind(task, truth);
        if (found.stream().anyMatch(NamesRows.namedRows(other)::contains) && NamesRows.toFind(other, truth).isEmpty()) {
            List<String> things = things(other);
            if (!things.isEmpty()) {
                told.add(name() + " asks for a point to be found, and " + called + " speaks of it: " + String.join(", ", things)
                        + ". Students can read that first.");
            }
        }
    }

    /** How a task calls the point that it is about, in words that the task to be done does not use: a row, or a thing. */
    private List<String> things(Task other) {
        String own = (task.terms().title() + " " + task.terms().prompt()).toLowerCase(Locale.ROOT);
        String says = other.terms().title() + " " + other.terms().prompt();
        List<String> things = new ArrayList<>(THING.matcher(says).results()
                .filter(it -> !PLAIN.contains(it.group(1).toLowerCase(Locale.ROOT))
                        && !own.contains(it.group(1).toLowerCase(Locale.ROOT)))
                .map(MatchResult::group).map(it -> "\u201c" + it + "\u201d").distinct().toList());
        NamesRows.toFind(task, truth).stream().sorted().map(row -> row + 1)
                .filter(row -> Pattern.compile("(?i)\\b(?:row|point|no\\.) ?" + row + "\\b").matcher(says).find())
                .forEach(row -> things.add("row " + row));
        return things.stream().limit(1).toList();
    }

    private void value(String where, String text) {
        List<String> tells = LiveText.told(text).stream().filter(task::asksFor).sorted().map(Quantity::inWords).toList();
        if (!tells.isEmpty()) {
            told.add(name() + ": its answer can be read before it is given. " + where + " tells the "
                    + String.join(" and the ", tells) + ".");
        }
    }

    private void figure(Block.Plot plot) {
        Set<Aid> drawn = EnumSet.noneOf(Aid.class);
        plot.layers().forEach(layer -> aid(layer).ifPresent(drawn::add));
        if (!drawn.contains(Aid.LINE)) {
            drawn.remove(Aid.EQUATION);
        }
        if (task.isToldByPlot(drawn)) {
            told.add(name() + ": its answer can be seen before it is given. A figure of this part shows the true data"
                    + (drawn.contains(Aid.LINE) ? " and their line" : "") + ".");
        }
    }

    private static Optional<Aid> aid(Layer layer) {
        return switch (layer) {
            case LINE -> Optional.of(Aid.LINE);
            case RESIDUALS, SQUARES -> Optional.of(Aid.RESIDUALS);
            case EQUATIONS -> Optional.of(Aid.EQUATION);
            default -> Optional.empty();
        };
    }
}
