package hestra.desk;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.exercise.Aid;
import hestra.exercise.Answer;
import hestra.exercise.PlotRules;
import hestra.exercise.Task;
import hestra.figure.Below;
import hestra.figure.Dress;
import hestra.figure.Frame;
import hestra.figure.LabelPlace;
import hestra.figure.Layer;
import hestra.figure.Slot;
import hestra.figure.Spacing;
import hestra.figure.StripKind;
import hestra.fit.Curve;
import hestra.fit.Trial;
import hestra.recipe.Recipe;
import hestra.tracing.Picture;
import hestra.tracing.PictureAxes;
import hestra.tracing.Tracing;

/**
 * One thing that a person does to the desk. Edits are what the journal holds, so each is small and stands by itself; rows
 * and columns count from 0.
 */
public sealed interface Edit {

    /** An edit that changes what is kept: it can be undone and is journalled. */
    sealed interface Lasting extends Edit {
        /** What it does, for "Undo …". */
        String inWords();

        /** Whether it goes on from the edit before it, so that both are undone as one. */
        default boolean continues(Lasting before) {
            return false;
        }
    }

    /** An edit of what is pointed at: neither undone nor journalled. */
    sealed interface Passing extends Edit {}

    /** A step back or forward: journalled, so that a restart can go on undoing. */
    sealed interface Step extends Edit {}

    /** The last lasting edit is taken back. */
    record Undo() implements Step {}

    /** The last edit taken back is made again. */
    record Redo() implements Step {}

    /** A row is selected, or none. */
    record Select(OptionalInt row) implements Passing {}

    /** The pointer is over a row's point, or over none. */
    record Hover(OptionalInt row) implements Passing {}

    /** A task is turned to, or the first that is not done. */
    record TurnTo(Optional<String> task) implements Passing {}

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

    /** A point is removed from the plot, and with it its row. */
    record RemovePoint(int row) implements Lasting {
        @Override
        public String inWords() {
            return "removing the point of row " + (row + 1);
        }
    }

    /** The student chooses which variable explains and which responds. */
    record ChooseRoles(Roles roles) implements Lasting {
        @Override
        public String inWords() {
            return "choosing roles";
        }
    }

    /** A layer of the plot is shown or hidden. */
    record ShowLayer(Layer layer, boolean shown) implements Lasting {
        @Override
        public String inWords() {
            return (shown ? "showing " : "hiding ") + layer.title().toLowerCase(Locale.ROOT);
        }
    }

    /** The reading line is put at x, or away. */
    record ReadAt(OptionalDouble x) implements Lasting {
        @Override
        public String inWords() {
            return "moving the reading line";
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof ReadAt;
        }
    }

    /** The level reading line is put at y, or away. */
    record ReadAtY(OptionalDouble y) implements Lasting {
        @Override
        public String inWords() {
            return "moving the reading line";
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof ReadAtY;
        }
    }

    /** The predictions that are kept in the table. */
    record Pin(List<Double> at) implements Lasting {
        @Override
        public String inWords() {
            return "keeping predictions";
        }
    }

    /** A curve is fitted beside the line and taken in hand; one that is there already is taken in hand. */
    record AddCurve(Curve curve) implements Lasting {
        @Override
        public String inWords() {
            return "adding a " + curve.inWords();
        }
    }

    /** The curve in a place becomes another one. */
    record ChangeCurve(Slot slot, Curve curve) implements Lasting {
        @Override
        public String inWords() {
            return "changing a curve";
        }
    }

    /** The curve in a place is removed, or the trial. */
    record RemoveCurve(Slot slot) implements Lasting {
        @Override
        public String inWords() {
            return slot == Slot.TRIAL ? "removing the trial" : "removing a curve";
        }
    }

    /** The curve in a place is drawn, or not for now. */
    record ShowCurve(Slot slot, boolean shown) implements Lasting {
        @Override
        public String inWords() {
            return (shown ? "showing" : "hiding") + " a curve";
        }
    }

    /** The curves are fitted to the points of these rows alone; to all again where there are none. */
    record FitOnly(Set<Integer> rows) implements Lasting {
        @Override
        public String inWords() {
            return rows.isEmpty() ? "fitting to all points" : "fitting to some points";
        }
    }

    /** The readings, the residuals and the reading line are of the curve in a place. */
    record TakeInHand(Slot slot) implements Lasting {
        @Override
        public String inWords() {
            return "taking another curve in hand";
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof TakeInHand;
        }
    }

    /**
     * A curve is tried by eye, or moved.
     *
     * @param gesture numbers the drag: all moves of one drag are undone together
     */
    record Try(Trial trial, long gesture) implements Lasting {
        @Override
        public String inWords() {
            return "moving the trial";
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof Try other && other.gesture == gesture;
        }
    }

    /**
     * A curve's equation is put elsewhere in the plot, or made larger or smaller.
     *
     * @param gesture numbers the drag: all moves of one drag are undone together
     */
    record PutLabel(Slot slot, LabelPlace place, long gesture) implements Lasting {
        @Override
        public String inWords() {
            return "moving an equation";
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof PutLabel other && other.gesture == gesture;
        }
    }

    /** The axis along, or the upright one, spaces its values another way. */
    record SpaceAxis(boolean along, Spacing spacing) implements Lasting {
        @Override
        public String inWords() {
            return spacing == Spacing.LINEAR ? "a linear axis" : "a logarithmic axis";
        }
    }

    /** The strip shows the residuals another way. */
    record ShowStrip(StripKind kind) implements Lasting {
        @Override
        public String inWords() {
            return "showing residuals " + kind.title();
        }
    }

    /** The plot looks another way. */
    record DressPlot(Dress dress) implements Lasting {
        @Override
        public String inWords() {
            return "changing how the plot looks";
        }
    }

    /** Below the plot stand residuals, or a calculation. */
    record ShowBelow(Below below) implements Lasting {
        @Override
        public String inWords() {
            return "showing " + below.meaning();
        }
    }

    /** So many columns of the calculation by sums are unfolded. */
    record Unfold(int columns) implements Lasting {
        @Override
        public String inWords() {
            return "unfolding a column";
        }
    }

    /** The plot shows this part of the plane, or what fits the data. */
    record ShowFrame(Optional<Frame> frame) implements Lasting {
        @Override
        public String inWords() {
            return "moving the view";
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof ShowFrame && frame.isPresent();
        }
    }

    /** An answer is begun or changed. */
    record Draft(String task, Answer answer) implements Lasting {
        @Override
        public String inWords() {
            return "answering";
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof Draft other && other.task.equals(task);
        }
    }

    /** The answer to a task is checked as it stands. */
    record Check(String task) implements Lasting {
        @Override
        public String inWords() {
            return "checking an answer";
        }
    }

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

    /** The work starts again from the exercise as it stands. */
    record StartAgain() implements Lasting {
        @Override
        public String inWords() {
            return "starting again";
        }
    }

    /** The instructor changes the exercise's title, place and heading. */
    record WriteTexts(String title, String place, String heading) implements Lasting {
        @Override
        public String inWords() {
            return "changing the title";
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof WriteTexts;
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

    /** The instructor changes a task, named by its id. */
    record ChangeTask(Task task) implements Lasting {
        @Override
        public String inWords() {
            return "changing a task";
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof ChangeTask other && other.task.id().equals(task.id());
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
