package hestra.desk;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.exercise.Exercise;
import hestra.figure.Frame;
import hestra.figure.Layer;
import hestra.figure.Slot;
import hestra.task.Answer;
import hestra.task.Attempt;
import hestra.task.Task;

/**
 * What a student has done with an exercise so far.
 *
 * @param table the student's data
 * @param roles the chosen roles; nothing chosen yet where empty
 * @param unchosen the roles by which the plot is drawn while nothing is chosen
 * @param plot what the plot shows
 * @param curves the curves that were chosen
 * @param reading what is read off the curve in hand
 * @param drafts answers begun and not yet checked, by task id
 * @param checks all answers that were checked
 * @param beginning which of the times that work was begun this is, from 0
 * @param student the name the work is handed in under
 */
public record Work(
        DataTable table,
        Optional<Roles> roles,
        Roles unchosen,
        PlotState plot,
        CurveState curves,
        ReadingState reading,
        Map<String, Answer> drafts,
        Checks checks,
        int beginning,
        String student) {

    public Work {
        drafts = Map.copyOf(drafts);
    }

    /** The work before anything is done: the given table, no roles where a task asks for them, nothing answered. */
    public static Work begin(Exercise exercise) {
        boolean asksRoles = exercise.tasks().stream().anyMatch(Task::leavesRoles);
        return new Work(exercise.given(), asksRoles ? Optional.empty() : Optional.of(exercise.roles()),
                inOrder(exercise.roles()), PlotState.USUAL, CurveState.LINE_ALONE, ReadingState.NONE, Map.of(), Checks.NONE, 0, "");
    }

    /** The two columns in the order of the table: which explains is for the student to say. */
    private static Roles inOrder(Roles roles) {
        return roles.explanatory() < roles.response() ? roles : roles.swapped();
    }

    /** The roles by which the plot is drawn: the chosen ones, or else the two columns in the order of the table. */
    public Roles drawnRoles() {
        return roles.orElse(unchosen);
    }

    /** The work begun afresh, with all that was checked before. */
    static Work begin(Exercise exercise, Checks before) {
        return Work.begin(exercise).with(before, before.beginnings().size() - 1);
    }

    /** The attempts since the work was begun, oldest first, by task id. */
    public Map<String, List<Attempt>> attempts() {
        return checks.since(beginning);
    }

    /** The attempts at a task, oldest first. */
    public List<Attempt> attemptsAt(String taskId) {
        return attempts().getOrDefault(taskId, List.of());
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

    Work withTable(DataTable changed) {
        return new Work(changed, roles, unchosen, plot, curves, reading, drafts, checks, beginning, student);
    }

    /** With other roles. Where other variables stand on the axes, what was placed among the old ones goes. */
    Work withRoles(Optional<Roles> chosen) {
        Work changed = new Work(table, chosen, unchosen, plot, curves, reading, drafts, checks, beginning, student);
        boolean sameAxes = changed.drawnRoles().explanatory() == drawnRoles().explanatory() && changed.drawnRoles().response() == drawnRoles().response();
        return changed.with(sameAxes ? plot.with(Optional.<Frame>empty()) : plot.forOtherAxes())
                .with(sameAxes ? curves : curves.without(Slot.TRIAL)).with(sameAxes ? reading : ReadingState.NONE);
    }

    Work with(PlotState changed) {
        return new Work(table, roles, unchosen, changed, curves, reading, drafts, checks, beginning, student);
    }

    Work with(CurveState changed) {
        return new Work(table, roles, unchosen, plot, changed, reading, drafts, checks, beginning, student);
    }

    Work with(ReadingState changed) {
        return new Work(table, roles, unchosen, plot, curves, changed, drafts, checks, beginning, student);
    }

    Work withDraft(String taskId, Answer answer) {
        Map<String, Answer> changed = new HashMap<>(drafts);
        changed.put(taskId, answer);
        return new Work(table, roles, unchosen, plot, curves, reading, changed, checks, beginning, student);
    }

    Work withAttempt(String taskId, Attempt attempt) {
        return with(checks.with(beginning, taskId, attempt));
    }

    /** With all that has been checked by now. */
    Work with(Checks all) {
        return with(all, beginning);
    }

    /** The same, counted to one of the times that work was begun. */
    Work with(Checks all, int since) {
        return new Work(table, roles, unchosen, plot, curves, reading, drafts, all, since, student);
    }

    Work withStudent(String name) {
        return new Work(table, roles, unchosen, plot, curves, reading, drafts, checks, beginning, name);
    }
}
