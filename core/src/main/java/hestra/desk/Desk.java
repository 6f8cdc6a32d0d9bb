package hestra.desk;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Variable;
import hestra.exercise.Answer;
import hestra.exercise.Attempt;
import hestra.exercise.Exercise;
import hestra.exercise.Task;
import hestra.feedback.Judge;
import hestra.numbers.NumberStyle;

/**
 * The state of the working window: immutable. Everything shown follows from it, see {@link Findings}.
 *
 * @param exercise what is asked
 * @param work what has been done
 * @param selected the selected row, in every view
 * @param hovered the row under the pointer, in every view
 * @param task the id of the task that was turned to; nothing for the first that is not done
 */
public record Desk(
        Exercise exercise, Work work, OptionalInt selected, OptionalInt hovered, Optional<String> task) {

    /** The desk with the exercise just opened. */
    public static Desk open(Exercise exercise) {
        return new Desk(exercise, Work.begin(exercise), OptionalInt.empty(), OptionalInt.empty(), Optional.empty());
    }

    /**
     * The desk after an edit. An edit that names a row or task that is not there changes nothing: so a journal can be
     * replayed whatever it holds. Undo and redo are {@link History}'s.
     */
    public Desk apply(Edit edit) {
        return switch (edit) {
            case Edit.Passing passing -> point(passing);
            case Edit.Step _ -> this;
            case Edit.Lasting lasting -> change(lasting);
        };
    }

    private Desk point(Edit.Passing edit) {
        return switch (edit) {
            case Edit.Select(OptionalInt row) -> new Desk(exercise, work, row, hovered, task);
            case Edit.Hover(OptionalInt row) -> new Desk(exercise, work, selected, row, task);
            case Edit.TurnTo(Optional<String> id) -> new Desk(exercise, work, selected, hovered, id);
        };
    }

    private Desk change(Edit.Lasting edit) {
        return switch (edit) {
            case Edit.TypeCell(int row, int column, String text) when fits(row, column) ->
                table(work.table().withCell(row, column, cell(text)));
            case Edit.Paste(int row, int column, List<List<String>> block) when fits(row, column) ->
                table(work.table().withBlock(row, column, cells(block, DataTable.MOST_ROWS - row)));
            case Edit.ClearCells clear -> table(cleared(clear));
            case Edit.DeleteRows(List<Integer> rows) -> table(work.table().withoutRows(rows)).withNothingSelected();
            case Edit.InsertRow(int row) when work.table().size() < DataTable.MOST_ROWS ->
                table(work.table().withInsertedRow(row)).withNothingSelected();
            case Edit.SetAside(int row, String reason) -> table(work.table().withSetAside(row, Optional.of(reason)));
            case Edit.TakeBack(int row) -> table(work.table().withSetAside(row, Optional.empty()));
            case Edit.MovePoint(int row, double x, double y, long _) when row < work.table().size() -> moved(row, x, y);
            case Edit.ChooseRoles(Roles roles) when hasColumns(roles) -> with(work.withRoles(Optional.of(roles)));
            case Edit.ShowLayer show -> with(work.withLayer(show.layer(), show.shown()));
            case Edit.ReadAt(OptionalDouble x) when Double.isFinite(x.orElse(0)) -> with(work.withReadingAt(x));
            case Edit.ShowFrame show -> with(work.withFrame(show.frame()));
            case Edit.Draft(String task, Answer answer) when exercise.task(task).isPresent() -> with(work.withDraft(task, answer));
            case Edit.Check(String task) -> checked(task);
            case Edit.Name(String student) -> with(work.withStudent(student));
            case Edit.StartAgain _ -> open(exercise);
            case Edit.WriteTexts(String title, String place, String heading) -> with(exercise.withTexts(title, place, heading));
            case Edit.WriteProse(String prose) -> with(exercise.withProse(prose));
            case Edit.WriteVariable(int column, Variable variable) when column < exercise.data().width() ->
                with(exercise.withData(exercise.data().withVariable(column, variable)));
            case Edit.WriteData(DataTable data) when data.width() > Math.max(exercise.roles().explanatory(),
                    exercise.roles().response()) -> with(exercise.withData(data));
            case Edit.WriteColumns(DataTable data, Roles roles) when data.width() > Math.max(roles.explanatory(), roles.response()) ->
                with(exercise.withColumns(data, roles));
            case Edit.WriteRoles(Roles roles) when hasColumns(roles) -> with(exercise.withRoles(roles));
            case Edit.WriteHeld write -> with(exercise.withHeld(write.held()));
            case Edit.AddTask(int index, Task task) when exercise.task(task.id()).isEmpty()
                    && exercise.tasks().size() < Exercise.MOST_TASKS -> with(exercise.withTaskAt(index, task));
            case Edit.ChangeTask(Task task) -> with(exercise.withTask(task));
            case Edit.MoveTask(String task, int index) -> exercise.task(task)
                    .map(it -> with(exercise.withoutTask(task).withTaskAt(index, it))).orElse(this);
            case Edit.RemoveTask(String task) -> with(exercise.withoutTask(task));
            case Edit.TypeCell _, Edit.Paste _, Edit.InsertRow _, Edit.ReadAt _, Edit.MovePoint _, Edit.ChooseRoles _, Edit.Draft _,
                    Edit.WriteVariable _, Edit.WriteData _, Edit.WriteColumns _, Edit.WriteRoles _, Edit.AddTask _ -> this;
        };
    }

    /** The answer to a task as it stands on the desk now. */
    public Answer answerAsItStands(Task task) {
        return switch (task) {
            case Task.EnterData enter -> new Answer.Entered(textsOfRows(exercise.leftToType(), enter.count()));
            case Task.ChooseRoles _ -> new Answer.RolesChosen(work.roles());
            case Task.Describe _ -> draft(task, Answer.Described.NOTHING);
            case Task.FindSlip slip -> treated(slip);
            case Task.ReadValue _ -> draft(task, new Answer.Typed(""));
            case Task.Predict _ -> draft(task, new Answer.Predictions(List.of()));
            case Task.ExplainSlope _ -> draft(task, new Answer.Sentence(""));
        };
    }

    private <T extends Answer> T draft(Task task, T nothing) {
        Answer draft = work.drafts().get(task.id());
        @SuppressWarnings("unchecked")
        T answer = nothing.getClass().isInstance(draft) ? (T) draft : nothing;
        return answer;
    }

    private List<List<String>> textsOfRows(List<Integer> rows, int count) {
        List<List<String>> texts = new ArrayList<>();
        for (int row : rows.subList(Math.max(0, rows.size() - count), rows.size())) {
            List<String> cells = new ArrayList<>();
            for (int column = 0; column < work.table().width(); column++) {
                cells.add(work.table().cell(row, column).text());
            }
            texts.add(cells);
        }
        return texts;
    }

    private Answer treated(Task.FindSlip slip) {
        Set<Integer> others = new TreeSet<>();
        Set<Integer> own = new TreeSet<>(exercise.leftToType());
        exercise.tasks().stream().filter(Task.FindSlip.class::isInstance).forEach(task -> own.add(((Task.FindSlip) task).row()));
        for (int row = 0; row < Math.max(work.table().size(), exercise.data().size()); row++) {
            if (!own.contains(row) && (work.table().row(row).isSetAside() || !agrees(row))) {
                others.add(row);
            }
        }
        return new Answer.Treated(work.table().cell(slip.row(), slip.column()).text(),
                work.table().row(slip.row()).setAside(), List.copyOf(others));
    }

    private boolean agrees(int row) {
        for (int column = 0; column < exercise.data().width(); column++) {
            boolean same = switch (exercise.data().cell(row, column)) {
                case Cell.Measured key -> work.table().cell(row, column) instanceof Cell.Measured it && it.value() == key.value();
                case Cell.Empty _ -> work.table().cell(row, column).isEmpty();
                case Cell.Unreadable key -> work.table().cell(row, column).text().equals(key.text());
            };
            if (!same) {
                return false;
            }
        }
        return true;
    }

    private Desk checked(String taskId) {
        Optional<Task> task = exercise.task(taskId);
        if (task.isEmpty() || triesLeft(task.get()) == 0) {
            return this;
        }
        Answer answer = answerAsItStands(task.get());
        if (new Judge(exercise).unfinished(task.get(), answer).isPresent()) {
            return this;
        }
        Set<Integer> setAside = new TreeSet<>();
        for (int row = 0; row < work.table().size(); row++) {
            if (work.table().row(row).isSetAside()) {
                setAside.add(row);
            }
        }
        return with(work.withAttempt(taskId, new Attempt(answer, setAside)));
    }

    /** How often a task may still be checked; a large number where it is not limited. */
    public int triesLeft(Task task) {
        int tries = task.terms().tries();
        return tries == 0 ? Integer.MAX_VALUE : Math.max(0, tries - work.attemptsAt(task.id()).size());
    }

    private DataTable cleared(Edit.ClearCells clear) {
        DataTable table = work.table();
        List<List<Cell>> block = new ArrayList<>();
        int last = Math.min(clear.lastRow(), table.size() - 1);
        for (int row = clear.firstRow(); row <= last; row++) {
            block.add(Collections.nCopies(Math.max(0, clear.lastColumn() - clear.firstColumn() + 1), Cell.EMPTY));
        }
        return block.isEmpty() ? table : table.withBlock(clear.firstRow(), clear.firstColumn(), block);
    }

    private Desk moved(int row, double x, double y) {
        if (!Double.isFinite(x) || !Double.isFinite(y)) {
            return this;
        }
        Roles roles = work.drawnRoles();
        return table(work.table()
                .withCell(row, roles.explanatory(), Cell.of(x, exercise.mark()))
                .withCell(row, roles.response(), Cell.of(y, exercise.mark())));
    }

    private boolean fits(int row, int column) {
        return row >= 0 && row < DataTable.MOST_ROWS && column >= 0 && column < work.table().width();
    }

    private boolean hasColumns(Roles roles) {
        return roles.explanatory() < exercise.data().width() && roles.response() < exercise.data().width();
    }

    private Cell cell(String text) {
        return Cell.of(text, exercise.mark());
    }

    private List<List<Cell>> cells(List<List<String>> block, int most) {
        return block.stream().limit(most).map(row -> row.stream().map(this::cell).toList()).toList();
    }

    private Desk table(DataTable table) {
        return with(work.withTable(table));
    }

    private Desk with(Work changed) {
        return new Desk(exercise, changed, selected, hovered, task);
    }

    /**
     * With another exercise. Where the data that it gives out or the roles it starts with change, the work starts again
     * from them; new names of variables are taken over.
     */
    private Desk with(Exercise changed) {
        Work fresh = Work.begin(changed);
        boolean sameStart = fresh.table().rows().equals(exercise.given().rows())
                && fresh.roles().equals(Work.begin(exercise).roles());
        return sameStart
                ? new Desk(changed, work.withTable(new DataTable(changed.data().variables(), work.table().rows())), selected, hovered, task)
                : open(changed);
    }

    private Desk withNothingSelected() {
        return new Desk(exercise, work, OptionalInt.empty(), OptionalInt.empty(), task);
    }

    /** How numbers look in this exercise. */
    public NumberStyle style() {
        return new NumberStyle(exercise.mark(), 4);
    }
}
