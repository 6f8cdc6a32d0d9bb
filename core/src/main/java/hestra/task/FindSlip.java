package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.TableEdit;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.numbers.DecimalMark;

/**
 * One value of the printed table stands wrongly in the student's table. The student finds it and mends it, or sets
 * the row aside with a reason.
 *
 * @param row the row, from 0
 * @param column the column, from 0
 * @param shown what stands there instead, as text
 */
public record FindSlip(Terms terms, int row, int column, String shown)
        implements Task, ChangesTable, Conceals, KeepsInStep, NamesRows {

    static final Kind KIND = new Kind("find-slip", "Find the mistyped value", Kind.Group.DATA, FindSlip.class, FindSlip::fresh);

    public FindSlip {
        if (row < 0 || column < 0) {
            throw new IllegalArgumentException("row " + row + ", column " + column);
        }
    }

    /** The value in the middle of the response, its decimal mark left out: ten or more times too large. */
    private static Task fresh(String id, Truth truth) {
        int row = truth.data().size() / 2;
        int column = truth.roles().response();
        String text = truth.data().cell(row, column).text();
        String shown = text.matches(".*[.,].*") ? text.replaceAll("[.,]", "") : text + "0";
        return new FindSlip(Terms.of(id, "Find the mistyped value",
                "One value in the table is wrong. Find it, compare it with the printed table, and correct it. "
                        + "Or set it aside and give your reason.", 2).withTries(0), row, column, shown);
    }

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new FindSlip(other, row, column, shown);
    }

    @Override
    public DataTable givenOut(DataTable table, DecimalMark mark) {
        return isIn(table) ? table.withCell(row, column, Cell.of(shown, mark)) : table;
    }

    /** Whether the value is in a table: it may have been made smaller since, or its author names a place beyond its end. */
    private boolean isIn(DataTable table) {
        return row < table.size() && column < table.width();
    }

    @Override
    public Set<Integer> slips() {
        return Set.of(row);
    }

    @Override
    public Set<Integer> namedRows() {
        return slips();
    }

    @Override
    public Set<Integer> toFind(Truth truth) {
        return slips();
    }

    @Override
    public boolean hidesSuspicions() {
        return true;
    }

    /** Where its row or column is gone it stays at the place where that stood. */
    @Override
    public Task following(TableEdit change) {
        int rowAfter = change.rowAfter(row);
        int columnAfter = change.columnAfter(column);
        return rowAfter < 0 || columnAfter < 0 ? this : new FindSlip(terms, rowAfter, columnAfter, shown);
    }

    @Override
    public AnswerPlace place() {
        return AnswerPlace.TABLE;
    }

    @Override
    public Subject subject() {
        return Subject.POINTS;
    }

    @Override
    public Answer standing(Bench bench) {
        Placement placement = bench.placement();
        int place = column < bench.table().width() ? placement.placeOf(row) : -1;
        return new Answer.Treated(place < 0 ? "" : bench.table().cell(place, column).text(),
                place < 0 ? Optional.empty() : bench.table().row(place).setAside(), List.copyOf(othersChanged(bench, placement)));
    }

    /** The rows that no longer agree with the printed table, but those with a slip and those left to type. */
    private static Set<Integer> othersChanged(Bench bench, Placement placement) {
        Truth truth = bench.truth();
        DataTable table = bench.table();
        Set<Integer> own = new TreeSet<>(truth.leftToType());
        own.addAll(truth.slips());
        Set<Integer> others = new TreeSet<>();
        for (int printed = 0; printed < truth.data().size(); printed++) {
            int place = placement.placeOf(printed);
            if (!own.contains(printed) && (place < 0 || table.row(place).isSetAside()
                    || !agrees(truth.data(), printed, table, place))) {
                others.add(printed);
            }
        }
        for (int place = 0; place < table.size(); place++) {
            if (placement.printedAt(place) < 0 && !table.row(place).isEmpty()) {
                others.add(place);
            }
        }
        return others;
    }

    private static boolean agrees(DataTable data, int printed, DataTable table, int place) {
        for (int column = 0; column < data.width(); column++) {
            Cell key = data.cell(printed, column);
            Cell now = table.cell(place, column);
            if (!now.saysTheSameAs(key) && !(key instanceof Cell.Unreadable && now.text().equals(key.text()))) {
                return false;
            }
        }
        return true;
    }

    @Override
    public boolean takes(Answer answer) {
        return answer instanceof Answer.Treated;
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        return isIn(truth.data()) ? Optional.empty()
                : Optional.of("The value that this task is about is not in the data. Tell your instructor.");
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        Answer.Treated given = attempt.answer().as(Answer.Treated.class);
        if (!isIn(truth.data())) {
            return Verdict.wrong("The value that this task is about is not in the data.");
        }
        Cell now = Cell.of(given.now(), truth.mark());
        boolean mended = now.saysTheSameAs(truth.data().cell(row, column));
        boolean excused = given.reason().filter(reason -> !reason.isBlank()).isPresent();
        if (!mended && !excused) {
            return now.saysTheSameAs(Cell.of(shown, truth.mark()))
                    ? Verdict.wrong("One value still differs from the printed table.")
                    .advising("Which point stands far from the others?")
                    : Verdict.wrong("You found the row. Its value is not yet what the printed table says.");
        }
        if (!given.othersChanged().isEmpty()) {
            String rows = String.join(", ", given.othersChanged().stream().map(it -> Integer.toString(it + 1)).toList());
            return Verdict.of(Outcome.NEARLY, terms.marks() / 2.0,
                    "You found the mistyped value, but something else no longer agrees with the printed table: row " + rows
                            + ".");
        }
        return Verdict.right(terms.marks(), mended ? "Row " + (row + 1) + " now agrees with the printed table."
                : "Row " + (row + 1) + " is set aside, and your reason is kept.");
    }

    @Override
    public Key key(Truth truth) {
        if (!isIn(truth.data())) {
            String beyond = row < truth.data().size() ? "column " + (column + 1) : "row " + (row + 1);
            return Key.missing(beyond + " is not in the data");
        }
        return Key.of("row " + (row + 1) + ": " + shown + " → " + truth.data().cell(row, column).text());
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        Answer.Treated treated = answer.as(Answer.Treated.class);
        return List.of(treated.reason().map(reason -> "set aside: " + reason).orElse("the value is now " + treated.now()));
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        boolean isIn = isIn(truth.data());
        return List.of(new OnPaper.Blank("row", "", Integer.toString(row + 1)),
                new OnPaper.Blank("should be", isIn ? truth.data().variable(column).unit() : "",
                        isIn ? truth.data().cell(row, column).text() : ""));
    }

    /** A slip that was the proposed one is so for other data too. */
    @Override
    public Task inStep(Truth before, Truth now) {
        return now.data().size() > 0 && before.data().size() > 0 && equals(fresh(id(), before).with(terms))
                ? fresh(id(), now).with(terms) : this;
    }

    @Override
    public Task rewritten(UnaryOperator<String> written) {
        return new FindSlip(terms, row, column, written.apply(shown));
    }
}
