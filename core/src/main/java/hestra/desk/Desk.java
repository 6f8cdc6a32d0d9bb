package hestra.desk;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Selection;
import hestra.data.TableEdit;
import hestra.exercise.Exercise;
import hestra.exercise.PlotRules;
import hestra.exercise.PointChange;
import hestra.exercise.Provenance;
import hestra.numbers.NumberStyle;
import hestra.recipe.Recipe;
import hestra.recipe.Sample;
import hestra.task.Answer;
import hestra.task.Attempt;
import hestra.task.Bench;
import hestra.task.Task;
import hestra.tracing.Picture;
import hestra.tracing.PictureAxes;
import hestra.tracing.Tracing;

/**
 * The state of the working window: immutable. Everything shown follows from it, see {@link Findings}.
 *
 * @param exercise what is asked
 * @param work what has been done
 * @param pointing what is pointed at
 */
public record Desk(Exercise exercise, Work work, Pointing pointing) {

    private static final int USUAL_DIGITS = 4;

    /** The desk with the exercise just opened. */
    public static Desk open(Exercise exercise) {
        return new Desk(exercise, Work.begin(exercise), Pointing.AT_NOTHING);
    }

    /**
     * The desk after an edit. An edit that names a row or task that is not there changes nothing: so a journal can be
     * replayed whatever it holds. Undo and redo are {@link History}'s.
     */
    public Desk apply(Edit edit) {
        return switch (edit) {
            case Edit.Passing passing -> new Desk(exercise, work, pointing.after(passing));
            case Edit.Step _ -> this;
            case Edit.Check(String task) -> checked(task);
            case Edit.Lasting lasting -> change(lasting);
        };
    }

    private Desk change(Edit.Lasting edit) {
        return switch (edit) {
            case PlotEdit plot -> with(plot.appliedTo(work));
            case Edit.Pasted(long _, Edit.Lasting pasted) -> change(pasted);
            case Edit.ChangeTable(TableEdit table) -> changed(table);
            case Edit.Restore(int row) -> restored(row);
            case Edit.MovePoint(int row, double x, double y, long _) when exercise.rules().allows(PointChange.MOVE) && row >= 0 && row < work.table().size() -> moved(row, x, y);
            case Edit.AddPoint(double x, double y) when exercise.rules().allows(PointChange.ADD) -> pointAdded(x, y);
            case Edit.RemovePoints(List<Integer> rows) when exercise.rules().allows(PointChange.REMOVE) -> changed(new TableEdit.RemoveRows(rows));
            case Edit.ChooseRoles(Roles roles) when hasColumns(roles) -> with(work.withRoles(Optional.of(roles)));
            case Edit.Draft(String task, Answer answer, Optional<String> _) when exercise.task(task).isPresent() -> with(work.withDraft(task, answer));
            case Edit.Name(String student) -> with(work.withStudent(student));
            case Edit.StartAgain _ -> new Desk(exercise, Work.begin(exercise, work.checks().begunAgain()), Pointing.AT_NOTHING);
            case Edit.WriteTexts(String title, String place, String heading, Optional<String> _) -> with(exercise.withTexts(title, place, heading));
            case Edit.WriteProse(String prose) -> with(exercise.withProse(prose));
            case Edit.WriteTable(TableEdit change) -> with(exercise.withTableEdited(change));
            case Edit.WriteColumns(DataTable data, Roles roles) when roles.isWithin(data.width()) -> with(exercise.withColumns(data, roles, new Provenance.ByHand()));
            case Edit.WriteRecipe(Recipe recipe) -> made(recipe);
            case Edit.LayPicture(Picture picture, PictureAxes axes) ->
                with(exercise.withColumns(exercise.data(), exercise.roles(), new Provenance.Traced(picture, new Tracing(axes, List.of()))));
            case Edit.Trace(Tracing tracing, long _) -> traced(tracing);
            case Edit.WriteRoles(Roles roles) when hasColumns(roles) -> with(exercise.withRoles(roles));
            case Edit.WriteHeld write -> with(exercise.withHeld(write.held()));
            case Edit.WriteRules(PlotRules rules) -> with(exercise.withRules(rules));
            case Edit.AddTask(int index, Task task) when exercise.task(task.id()).isEmpty()
                    && exercise.tasks().size() < Exercise.MOST_TASKS -> with(exercise.withTaskAt(index, task));
            case Edit.ChangeTask(Task task, Optional<String> _) -> with(exercise.withTask(task));
            case Edit.MoveTask(String task, int index) -> exercise.task(task)
                    .map(it -> with(exercise.withoutTask(task).withTaskAt(index, it))).orElse(this);
            case Edit.RemoveTask(String task) -> with(exercise.withoutTask(task));
            case Edit.MovePoint _, Edit.AddPoint _, Edit.RemovePoints _, Edit.ChooseRoles _, Edit.Draft _, Edit.WriteColumns _, Edit.WriteRoles _, Edit.AddTask _ -> this;
        };
    }

    /** What the tasks may see of the work. */
    public Bench bench() {
        return new Bench(exercise.truth(), work.table(), work.roles(), work.drafts());
    }

    /** The answer to a task as it stands now. */
    public Answer standing(Task task) {
        return task.standing(bench());
    }

    private Desk checked(String taskId) {
        Optional<Task> task = exercise.task(taskId).filter(it -> triesLeft(it) > 0);
        Bench bench = bench();
        Optional<Attempt> attempt = task.map(bench::attempt).filter(it -> task.orElseThrow().unfinished(it.answer(), bench.truth()).isEmpty());
        return attempt.map(it -> with(work.withAttempt(taskId, it))).orElse(this);
    }

    /** How often a task may still be checked; a large number where it is not limited. */
    public int triesLeft(Task task) {
        int tries = task.terms().tries();
        return tries == 0 ? Integer.MAX_VALUE : Math.max(0, tries - work.attemptsAt(task.id()).size());
    }

    private Desk made(Recipe recipe) {
        return switch (Sample.of(recipe, exercise.x(), exercise.y(), exercise.mark())) {
            case Sample.Refused _ -> this;
            case Sample.Done(Sample sample) -> with(exercise.withColumns(sample.table(), sample.roles(), new Provenance.Made(recipe)));
        };
    }

    /** Points in the picture become the data, in two columns; while none has been placed the data stay as they are. */
    private Desk traced(Tracing tracing) {
        if (!(exercise.provenance() instanceof Provenance.Traced(Picture picture, Tracing before)) || tracing.points().size() > Tracing.MOST_POINTS) {
            return this;
        }
        Provenance.Traced now = new Provenance.Traced(picture, tracing);
        if (tracing.points().isEmpty() && before.points().isEmpty()) {
            return with(exercise.withColumns(exercise.data(), exercise.roles(), now));
        }
        DataTable read = new DataTable(List.of(exercise.x(), exercise.y()), tracing.rows(exercise.mark()));
        return with(exercise.withColumns(read, Roles.FIRST_EXPLAINS, now));
    }

    /** The student's table after a change; its columns are the exercise's and stay as they are. What is selected follows its row. */
    private Desk changed(TableEdit change) {
        DataTable changed = change.appliedTo(work.table(), exercise.mark());
        if (!changed.variables().equals(work.table().variables())) {
            return this;
        }
        return changed == work.table() ? this
                : new Desk(exercise, work.withTable(changed).with(work.curves().following(change)), pointing.following(change));
    }

    /** The row as it was given out; nothing where it was not given. */
    public Optional<Row> asGiven(int row) {
        return asGiven(exercise.given(), work.table().row(row));
    }

    static Optional<Row> asGiven(DataTable given, Row row) {
        return row.origin() == Row.OWN ? Optional.empty() : Optional.of(given.row(row.origin())).filter(it -> it.origin() == row.origin());
    }

    private Desk restored(int row) {
        return asGiven(row).map(given -> {
            List<Row> rows = new ArrayList<>(work.table().rows());
            rows.set(row, given);
            return table(work.table().withRows(rows));
        }).orElse(this);
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

    private Desk pointAdded(double x, double y) {
        if (!Double.isFinite(x) || !Double.isFinite(y)) {
            return this;
        }
        DataTable table = work.table();
        int row = 0;
        while (row < table.size() && !table.row(row).isEmpty()) {
            row++;
        }
        List<String> texts = new ArrayList<>(Collections.nCopies(table.width(), ""));
        texts.set(work.drawnRoles().explanatory(), Cell.of(x, exercise.mark()).text());
        texts.set(work.drawnRoles().response(), Cell.of(y, exercise.mark()).text());
        return changed(new TableEdit.Paste(row, 0, List.of(texts)));
    }

    private boolean hasColumns(Roles roles) {
        return roles.isWithin(exercise.data().width());
    }

    private Desk table(DataTable table) {
        return with(work.withTable(table));
    }

    private Desk with(Work changed) {
        return new Desk(exercise, changed, pointing);
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
                ? new Desk(changed, work.withTable(new DataTable(changed.data().variables(), work.table().rows())), pointing)
                : new Desk(changed, Work.begin(changed, work.checks().forAnotherExercise()), Pointing.AT_NOTHING);
    }

    /** The selected rows. */
    public Selection selection() {
        return pointing.selection();
    }

    /** The row in hand, of those that are selected; nothing where none is. */
    public OptionalInt selected() {
        return selection().inHand();
    }

    /** The row under the pointer. */
    public OptionalInt hovered() {
        return pointing.hovered();
    }

    /** The id of the task that was turned to; nothing for the first that is not done. */
    public Optional<String> task() {
        return pointing.task();
    }

    /** How numbers look in this exercise. */
    public NumberStyle style() {
        return new NumberStyle(exercise.mark(), digits().orElse(USUAL_DIGITS));
    }

    /** How many digits the numbers of curves are to have: as chosen at the readings, or in the exercise; nothing for as many as are needed. */
    public OptionalInt digits() {
        return work.plot().digits().isPresent() ? work.plot().digits() : exercise.rules().digits();
    }
}
