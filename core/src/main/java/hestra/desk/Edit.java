package hestra.desk;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Selection;
import hestra.data.TableEdit;
import hestra.exercise.PlotRules;
import hestra.recipe.Recipe;
import hestra.task.Aid;
import hestra.task.Answer;
import hestra.task.Task;
import hestra.tracing.Picture;
import hestra.tracing.PictureAxes;
import hestra.tracing.Tracing;

/**
 * One thing that a person does to the desk. Edits are what the journal holds, so each is small and stands by itself; rows
 * and columns count from 0.
 */
public sealed interface Edit {

    /** An edit that changes what is kept: it can be undone and is journalled. */
    sealed interface Lasting extends Edit permits PlotEdit, Pasted, ChangeTable, Restore, MovePoint, AddPoint, RemovePoints, ChooseRoles, Draft, Name, StartAgain, WriteTexts,
            WriteProse, WriteTable, WriteColumns, WriteRecipe, LayPicture, Trace, WriteRoles, WriteHeld, WriteRules, AddTask, ChangeTask, MoveTask, RemoveTask {
        /** What it does, for "Undo …". */
        String inWords();

        /** Whether it goes on from the edit before it, so that both are undone as one. */
        default boolean continues(Lasting before) {
            return false;
        }

        /** This edit and the one before it, which it continues, as one: made from the same desk, it comes to the same. */
        default Lasting joinedTo(Lasting before) {
            return this;
        }
    }

    /** An edit that stands once it is made: it is journalled, and no undo takes it back. */
    sealed interface Final extends Edit {}

    /** An edit of what is pointed at: neither undone nor journalled. */
    sealed interface Passing extends Edit {}

    /** A step back or forward: journalled, so that a restart can go on undoing. */
    sealed interface Step extends Edit {}

    /** The last lasting edit is taken back. */
    record Undo() implements Step {}

    /** The last edit taken back is made again. */
    record Redo() implements Step {}

    /** Rows are selected, or none. */
    record Select(Selection rows) implements Passing {

        /** One row is selected, or none. */
        public Select(OptionalInt row) {
            this(Selection.of(row));
        }
    }

    /** A handle of the curve tried by eye is taken, for keys to move, or none; no row is selected beside it. */
    record TakeHandle(OptionalInt handle) implements Passing {}

    /** The pointer is over a row's point, or over none. */
    record Hover(OptionalInt row) implements Passing {}

    /** A task is turned to, or the first that is not done. */
    record TurnTo(Optional<String> task) implements Passing {}

    /**
     * Something is pasted: an edit with a number. Pasted again under the same number, as when it is to be read in another way, it
     * takes the place of the first time, and what was done since stays; see {@link History}.
     */
    record Pasted(long number, Lasting edit) implements Lasting {
        @Override
        public String inWords() {
            return edit.inWords();
        }
    }

    /** The student's table is changed. */
    record ChangeTable(TableEdit change) implements Lasting {
        @Override
        public String inWords() {
            return change.inWords();
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof ChangeTable(TableEdit other) && change.continues(other);
        }

        @Override
        public Lasting joinedTo(Lasting before) {
            return before instanceof ChangeTable(TableEdit other) ? new ChangeTable(change.joinedTo(other)) : this;
        }
    }

    /** A row, wherever it stands, holds again what was given out. */
    record Restore(int row) implements Lasting {
        @Override
        public String inWords() {
            return "restoring row " + (row + 1);
        }
    }

    /**
     * A point is moved.
     *
     * @param gesture numbers the drag: all moves of one drag are undone together
     */
    record MovePoint(int row, double x, double y, long gesture) implements Lasting {
        @Override
        public String inWords() {
            return "moving the point of row " + (row + 1);
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof MovePoint other && other.row == row && other.gesture == gesture;
        }
    }

    /** A point is added, in the first row that is empty. */
    record AddPoint(double x, double y) implements Lasting {
        @Override
        public String inWords() {
            return "adding a point";
        }
    }

    /** Points are removed from the plot, and with them their rows. */
    record RemovePoints(List<Integer> rows) implements Lasting {
        public RemovePoints {
            rows = List.copyOf(rows);
        }

        @Override
        public String inWords() {
            return rows.size() == 1 ? "removing the point of row " + (rows.getFirst() + 1) : "removing " + rows.size() + " points";
        }
    }

    /** The student chooses which variable explains and which responds. */
    record ChooseRoles(Roles roles) implements Lasting {
        @Override
        public String inWords() {
            return "choosing roles";
        }
    }

    /**
     * An answer is begun or changed.
     *
     * @param run names the run of typing in one field, all of which is undone together; nothing for a choice, which stands by itself
     */
    record Draft(String task, Answer answer, Optional<String> run) implements Lasting {

        /** An answer given otherwise than by typing. */
        public Draft(String task, Answer answer) {
            this(task, answer, Optional.empty());
        }

        @Override
        public String inWords() {
            return "answering";
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof Draft other && other.task.equals(task) && run.isPresent() && other.run.equals(run);
        }
    }

    /** The answer to a task is checked as it stands. */
    record Check(String task) implements Final {}

    /** The student types a name. */
    record Name(String student) implements Lasting {
        @Override
        public String inWords() {
            return "typing the name";
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof Name;
        }
    }

    /** The work starts again from the exercise as it stands; that it was begun once more is kept, whatever is undone. */
    record StartAgain() implements Lasting {
        @Override
        public String inWords() {
            return "starting again";
        }
    }

    /**
     * The instructor changes the exercise's title, place and heading.
     *
     * @param run names the run of typing in one field, all of which is undone together
     */
    record WriteTexts(String title, String place, String heading, Optional<String> run) implements Lasting {

        /** Texts given all at once. */
        public WriteTexts(String title, String place, String heading) {
            this(title, place, heading, Optional.empty());
        }

        @Override
        public String inWords() {
            return "changing the title";
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof WriteTexts other && run.isPresent() && other.run.equals(run);
        }
    }

    /** The instructor changes the prose. */
    record WriteProse(String prose) implements Lasting {
        @Override
        public String inWords() {
            return "writing";
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof WriteProse;
        }
    }

    /** The exercise's own data are changed. */
    record WriteTable(TableEdit change) implements Lasting {
        @Override
        public String inWords() {
            return change.inWords();
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof WriteTable(TableEdit other) && change.continues(other);
        }

        @Override
        public Lasting joinedTo(Lasting before) {
            return before instanceof WriteTable(TableEdit other) ? new WriteTable(change.joinedTo(other)) : this;
        }
    }

    /** The instructor brings in other data, and the roles that suit them. */
    record WriteColumns(DataTable data, Roles roles) implements Lasting {
        @Override
        public String inWords() {
            return "bringing in data";
        }
    }

    /** The exercise's data are made by a recipe; the variables keep their names. Where none can be made by it, nothing changes. */
    record WriteRecipe(Recipe recipe) implements Lasting {
        @Override
        public String inWords() {
            return "making data";
        }
    }

    /** A picture is laid under the exercise's data, to read them off; the data stay until the first point is placed. */
    record LayPicture(Picture picture, PictureAxes axes) implements Lasting {
        @Override
        public String inWords() {
            return "laying in a picture";
        }
    }

    /**
     * Axes or points in the picture change, and with them the data.
     *
     * @param gesture numbers the drag: all steps of one drag are undone together
     */
    record Trace(Tracing tracing, long gesture) implements Lasting {
        @Override
        public String inWords() {
            return "reading off the picture";
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof Trace other && other.gesture == gesture;
        }
    }

    /** The instructor says what the columns are for. */
    record WriteRoles(Roles roles) implements Lasting {
        @Override
        public String inWords() {
            return "changing the roles";
        }
    }

    /** The instructor chooses what is held back at the start. */
    record WriteHeld(Set<Aid> held) implements Lasting {
        @Override
        public String inWords() {
            return "changing what is held back";
        }
    }

    /** The instructor chooses what may be done in the plot and how equations are written. */
    record WriteRules(PlotRules rules) implements Lasting {
        @Override
        public String inWords() {
            return "changing the rules of the plot";
        }
    }

    /** The instructor adds a task at a place from 0. */
    record AddTask(int index, Task task) implements Lasting {
        @Override
        public String inWords() {
            return "adding a task";
        }
    }

    /**
     * The instructor changes a task, named by its id.
     *
     * @param run names the run of typing in one field, all of which is undone together; nothing for a choice, which stands by itself
     */
    record ChangeTask(Task task, Optional<String> run) implements Lasting {

        /** A change made otherwise than by typing. */
        public ChangeTask(Task task) {
            this(task, Optional.empty());
        }

        @Override
        public String inWords() {
            return "changing a task";
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof ChangeTask other && other.task.id().equals(task.id()) && run.isPresent() && other.run.equals(run);
        }
    }

    /** The instructor moves a task to a place from 0. */
    record MoveTask(String task, int index) implements Lasting {
        @Override
        public String inWords() {
            return "moving a task";
        }
    }

    /** The instructor removes a task. */
    record RemoveTask(String task) implements Lasting {
        @Override
        public String inWords() {
            return "removing a task";
        }
    }
}
