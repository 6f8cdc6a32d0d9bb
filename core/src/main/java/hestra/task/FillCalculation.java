package hestra.task;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

import hestra.data.TableEdit;
import hestra.feedback.Outcome;
import hestra.feedback.Quantity;
import hestra.feedback.Verdict;
import hestra.fit.Fit;
import hestra.numbers.Counted;
import hestra.numbers.NumberReading;
import hestra.numbers.Rounding;
import hestra.numbers.Words;
import hestra.working.CalculationCells;

/**
 * The student fills in cells of the hand calculation. What was made rightly from an own wrong cell counts.
 *
 * @param way by sums or by matrices
 * @param asked the groups of cells that are left out for the student, see {@link CalculationCells#groups}
 * @param rows the rows of the data, from 0, in which columns are left out; empty for all
 * @param places to how many decimal places
 */
public record FillCalculation(Terms terms, CalculationCells.Way way, Set<String> asked, Set<Integer> rows, int places)
        implements Task, NamesRows, RestsOnGiven, Rounded {

    /** The most cells that one task asks for. */
    public static final int MOST_CELLS = 200;
    public static final int MOST_PLACES = 8;
    private static final int MOST_NAMED = 3;
    /** A double may be off the half of a last place by its own rounding. */
    private static final double HAIR = 1e-9;

    static final Kind KIND = new Kind("fill-calculation", "Fill the calculation", Kind.Group.NUMBERS, FillCalculation.class,
            (id, _) -> new FillCalculation(
            Terms.of(id, "Calculate it by hand", "Fill the empty cells of the calculation, column by column.", 4),
                    CalculationCells.Way.SUMS, Set.of("sum-dxx", "sum-dxy", "slope", "intercept"),
            Set.of(), 2));

    public FillCalculation {
        asked = Collections.unmodifiableSet(new TreeSet<>(asked));
        rows = Collections.unmodifiableSet(new TreeSet<>(rows));
        if (places < 0 || places > MOST_PLACES || rows.stream().anyMatch(row -> row < 0)) {
            throw new IllegalArgumentException(places + " places, rows " + rows);
        }
    }

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new FillCalculation(other, way, asked, rows, places);
    }

    @Override
    public AnswerPlace place() {
        return AnswerPlace.CALCULATION;
    }

    /** Its groups are called as values are. */
    @Override
    public boolean asksFor(Quantity quantity) {
        return asked.contains(Words.dashed(quantity.name()));
    }

    @Override
    public Rounding rounding() {
        return new Rounding.Places(places);
    }

    @Override
    public Task following(TableEdit change) {
        return new FillCalculation(terms, way, asked, rows.stream().map(change::rowAfter).filter(row -> row >= 0)
                .collect(Collectors.toSet()), places);
    }

    @Override
    public Optional<FillIn> fillIn(Truth truth) {
        return CalculationCells.of(way, truth.pairs())
                .map(cells -> new FillIn(way, cells, cells.cells().stream().filter(cell -> isAsked(cell, truth))
                        .map(CalculationCells.Cell::id).toList(), rounding()))
                .filter(it -> !it.asked().isEmpty() && it.asked().size() <= MOST_CELLS);
    }

    private boolean isAsked(CalculationCells.Cell cell, Truth truth) {
        if (!asked.contains(cell.group()) || CalculationCells.isGiven(cell.group())) {
            return false;
        }
        String[] parts = cell.id().split(":");
        boolean inColumn = way == CalculationCells.Way.SUMS && parts.length == 2;
        return !inColumn || rows.isEmpty() || rows.contains(truth.pairs().row(Integer.parseInt(parts[1]) - 1));
    }

    @Override
    public Answer standing(Bench bench) {
        return bench.draft(this, Filled.NOTHING);
    }

    @Override
    public boolean takes(Answer answer) {
        return answer instanceof Filled;
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        Filled filled = answer.as(Filled.class);
        Optional<FillIn> fill = fillIn(truth);
        if (fill.isEmpty()) {
            return Optional.of("There is nothing to fill in.");
        }
        long empty = fill.get().asked().stream().filter(id -> filled.text(id).isBlank()).count();
        if (empty > 0) {
            return Optional.of(empty == fill.get().asked().size()
                    ? "Fill in the empty cells of the calculation below the plot."
                    : Counted.of(empty, "cell is", "cells are") + " still empty.");
        }
        return fill.get().asked().stream().filter(id -> number(filled, id, truth).isEmpty()).findFirst()
                .map(id -> name(fill.get(), id) + ": type a number.");
    }

    private static String name(FillIn fill, String id) {
        return fill.cells().cells().stream().filter(cell -> cell.id().equals(id)).findFirst()
                .map(CalculationCells.Cell::name).orElse(id);
    }

    private static OptionalDouble number(Filled filled, String id, Truth truth) {
        return NumberReading.ofAnswer(filled.text(id), truth.mark()) instanceof NumberReading.Value value
                ? OptionalDouble.of(value.value()) : OptionalDouble.empty();
    }

    private boolean fits(double typed, double value) {
        return Math.abs(typed - value) <= 0.5 * Math.pow(10, -places) + HAIR * Math.max(1e-3, Math.abs(value));
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        Filled filled = attempt.answer().as(Filled.class);
        Optional<FillIn> fill = fillIn(truth);
        if (fill.isEmpty()) {
            return Verdict.wrong("There is nothing to fill in.");
        }
        CalculationCells cells = fill.get().cells();
        Map<String, Double> own = new HashMap<>();
        fill.get().asked().forEach(id -> number(filled, id, truth).ifPresent(value -> own.put(id, value)));
        Map<String, Outcome> groups = new LinkedHashMap<>();
        List<String> wrong = new ArrayList<>();
        int right = 0;
        int carried = 0;
        for (String id : fill.get().asked()) {
            boolean isRight = own.containsKey(id) && fits(own.get(id), cells.value(id));
            boolean isCarried = !isRight && own.containsKey(id) && fits(own.get(id), cells.from(id, own));
            right += isRight || isCarried ? 1 : 0;
            carried += isCarried ? 1 : 0;
            if (!isRight && !isCarried) {
                wrong.add(name(fill.get(), id) + slip(own.get(id), cells.from(id, own)));
            }
            String group = cells.group(id.contains(":") ? id.substring(0, id.indexOf(':')) : id).title();
            groups.merge(group, isRight || isCarried ? Outcome.RIGHT : Outcome.WRONG,
                    (one, other) -> one == other ? one : Outcome.NEARLY);
        }
        int all = fill.get().asked().size();
        List<Verdict.Part> parts = groups.entrySet().stream()
                .map(it -> new Verdict.Part(it.getKey(), it.getValue(), "")).toList();
        String allRight = all == 1 ? "The cell is right." : "All " + all + " cells are right.";
        String message = right == all ? allRight
                : right + " of " + all + " cells are right. Look again at "
                + String.join("; ", wrong.subList(0, Math.min(MOST_NAMED, wrong.size())))
                + (wrong.size() > MOST_NAMED ? "; and " + (wrong.size() - MOST_NAMED) + " more" : "") + ".";
        String counted = carried == 0
                ? ""
                : " " + Counted.of(carried, "cell counts", "cells count")
                + " because what went wrong before was taken on rightly.";
        Outcome outcome = right == all ? Outcome.RIGHT : right == 0 ? Outcome.WRONG : Outcome.NEARLY;
        return new Verdict(outcome, terms.marks() * (double) right / all, message + counted, "", List.of(), parts);
    }

    /** What went wrong, where that can be told. */
    private String slip(Double typed, double value) {
        if (typed == null || fits(0, value)) {
            return "";
        } else if (fits(-typed, value)) {
            return " (its sign)";
        }
        return fits(Math.rint(typed * Math.pow(10, places)) / Math.pow(10, places), value)
                || Math.abs(typed - value) <= 0.01 * Math.abs(value) ? " (its rounding)" : "";
    }

    @Override
    public Key key(Truth truth) {
        if (truth.pairs().size() > CalculationCells.MOST_PAIRS) {
            return Key.missing("more than " + CalculationCells.MOST_PAIRS + " points are too many to calculate by hand");
        }
        Optional<CalculationCells> cells = CalculationCells.of(way, truth.pairs());
        if (cells.isEmpty()) {
            return Key.missing(truth.evidence().fit() instanceof Fit.None(String reason) ? reason
                    : truth.pairs().hasCounts() ? "points that were observed several times are not calculated by hand"
                    : "these values are too large or too small to be written out");
        }
        long count = cells.get().cells().stream().filter(cell -> isAsked(cell, truth)).count();
        if (count == 0 || count > MOST_CELLS) {
            return Key.missing(count == 0
                    ? "choose what is left out for the student"
                    : count + " cells are asked for; " + MOST_CELLS + " may be. Choose fewer columns, or rows");
        }
        FillIn fill = fillIn(truth).orElseThrow();
        List<String> shown = fill.asked().stream().filter(id -> !id.contains(":") || way == CalculationCells.Way.MATRICES)
                .map(id -> name(fill, id) + " " + truth.style().show(cells.get().value(id), rounding())).toList();
        return Key.of(Counted.of(count, "cell") + (shown.isEmpty() ? "" : ": " + String.join(" \u00b7 ", shown)));
    }

    /** It stands in the calculation itself. */
    @Override
    public String rightAnswer(Truth truth) {
        return fillIn(truth).map(fill -> fill.asked().stream().filter(id -> !id.contains(":"))
                .map(id -> name(fill, id) + " is " + truth.style().show(fill.cells().value(id), rounding()))
                .collect(Collectors.joining(", "))).orElse("");
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        Filled filled = answer.as(Filled.class);
        return fillIn(truth).map(fill -> fill.asked().stream().map(id -> name(fill, id) + ": "
                + (filled.text(id).isBlank() ? "\u2013" : filled.text(id))).toList()).orElse(List.of());
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        return fillIn(truth).map(it -> new PaperCalculation(it, truth.style()).grids()).orElse(List.of());
    }
}
