package hestra.desk;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.UnaryOperator;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.exercise.Part;
import hestra.figure.Frame;
import hestra.figure.Layer;
import hestra.figure.Slot;
import hestra.numbers.DecimalMark;
import hestra.task.Aid;
import hestra.task.LeavesToStudent;
import hestra.tracing.Tracing;

/**
 * What a student has done with the data of one part so far.
 *
 * @param table the student's data
 * @param roles the chosen roles; nothing chosen yet where empty
 * @param unchosen the roles by which the plot is drawn while nothing is chosen
 * @param plot what the plot shows
 * @param curves the curves that were chosen
 * @param reading what is read off the curve in hand
 * @param sheet what the student writes and keeps
 * @param tracing what the student has laid on the part's picture; nothing where there is none or nothing was done
 * @param round the round of playing that these data are of, from 1; nothing for the data as they were given out
 * @param shut the aids that were closed, where this is how the work stood when something was kept; none for the work as it is now
 */
public record PartWork(DataTable table, Optional<Roles> roles, Roles unchosen, PlotState plot, CurveState curves,
        ReadingState reading, OwnSheet sheet, OptionalInt round,
        Optional<Tracing> tracing, Set<Aid> shut) {

    public PartWork {
        shut = Set.copyOf(shut);
    }

    /** The work before anything is done: the given table, and no roles where a task asks for them. */
    static PartWork begin(Part part, DecimalMark mark) {
        boolean asksRoles = part.tasks().stream().anyMatch(task -> LeavesToStudent.of(task).leavesRoles());
        return new PartWork(part.truth(mark).given(), asksRoles ? Optional.empty() : Optional.of(part.roles()),
                inOrder(part.roles()), PlotState.USUAL, CurveState.LINE_ALONE, ReadingState.NONE, OwnSheet.EMPTY,
                        OptionalInt.empty(), Optional.empty(), Set.of());
    }

    /** The two columns in the order of the table: which explains is for the student to say. */
    private static Roles inOrder(Roles roles) {
        return roles.explanatory() < roles.response() ? roles : roles.swapped();
    }

    /** As it goes into a hand-in: where each row came from mattered while the answers were taken from the table. */
    public PartWork handedIn() {
        return new PartWork(table.withRows(table.rows().stream().map(row -> row.givenAs(Row.OWN)).toList()), roles, unchosen,
                plot, curves, reading, sheet, OptionalInt.empty(), Optional.empty(), Set.of());
    }

    /** The roles by which the plot is drawn: the chosen ones, or else the two columns in the order of the table. */
    public Roles drawnRoles() {
        return roles.orElse(unchosen);
    }

    /** What the plot shows. */
    public Set<Layer> layers() {
        return plot.layers();
    }

    /** Where the upright reading line stands; nothing for none. */
    public OptionalDouble readingAt() {
        return reading.atX();
    }

    /** The part of the plane that the plot shows; nothing for the one that fits the data. */
    public Optional<Frame> frame() {
        return plot.frame();
    }

    /** The work in another round: its data, and everything else as at the beginning, but what the plot shows. */
    PartWork inRound(int number, Part part, DecimalMark mark) {
        PartWork fresh = begin(part.inRound(OptionalInt.of(number), mark), mark);
        return new PartWork(fresh.table, roles.or(fresh::roles), fresh.unchosen, plot.with(Optional.<Frame>empty()),
                curves.without(Slot.TRIAL), ReadingState.NONE, sheet, OptionalInt.of(number), tracing, shut);
    }

    /** Whether both began from the same rows and roles, so that what was done with the one can go on with the other. */
    boolean startsLike(PartWork other) {
        return table.rows().equals(other.table.rows()) && roles.equals(other.roles);
    }

    PartWork withTable(DataTable changed) {
        return new PartWork(changed, roles, unchosen, plot, curves, reading, sheet, round, tracing, shut);
    }

    /** With other roles. Where other variables stand on the axes, what was placed among the old ones goes. */
    PartWork withRoles(Optional<Roles> chosen) {
        PartWork changed = new PartWork(table, chosen, unchosen, plot, curves, reading, sheet, round, tracing, shut);
        boolean sameAxes = changed.drawnRoles().hasAxesOf(drawnRoles());
        return changed.with(sameAxes ? plot.with(Optional.<Frame>empty()) : plot.forOtherAxes())
                .with(sameAxes ? curves : curves.without(Slot.TRIAL)).with(sameAxes ? reading : ReadingState.NONE);
    }

    /** With the roles changed as other columns are there; what was placed among the old ones goes. */
    PartWork withColumns(UnaryOperator<Roles> change) {
        PartWork changed = new PartWork(table, roles, inOrder(change.apply(unchosen)), plot, curves, reading, sheet, round,
                tracing, shut);
        return changed.withRoles(roles.map(change));
    }

    /** With points read off a picture, which are the table from then on. */
    PartWork with(Tracing laid, DecimalMark mark) {
        return new PartWork(table.withRows(laid.rows(mark)), roles, unchosen, plot, curves, reading, sheet, round,
                Optional.of(laid), shut);
    }

    PartWork with(OwnSheet changed) {
        return new PartWork(table, roles, unchosen, plot, curves, reading, changed, round, tracing, shut);
    }

    /** With these aids closed, as they are where something is kept now. */
    PartWork shutting(Set<Aid> aids) {
        return aids.equals(shut)
                ? this : new PartWork(table, roles, unchosen, plot, curves, reading, sheet, round, tracing, Set.copyOf(aids));
    }

    /** As it stands now, for something that is kept: everything but what has been kept so far. */
    PartWork asItStands() {
        return with(sheet.withoutNotes());
    }

    /** With what is kept, and data, plot, curves and readings as they stood at another time. */
    PartWork asItStood(PartWork then) {
        return then.with(new OwnSheet(sheet.notes(), sheet.lines())).shutting(shut);
    }

    PartWork with(PlotState changed) {
        return new PartWork(table, roles, unchosen, changed, curves, reading, sheet, round, tracing, shut);
    }

    PartWork with(CurveState changed) {
        return new PartWork(table, roles, unchosen, plot, changed, reading, sheet, round, tracing, shut);
    }

    PartWork with(ReadingState changed) {
        return new PartWork(table, roles, unchosen, plot, curves, changed, sheet, round, tracing, shut);
    }
}
