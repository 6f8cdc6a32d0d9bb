package hestra.desk;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.exercise.Answer;
import hestra.exercise.Attempt;
import hestra.exercise.Exercise;
import hestra.exercise.Task;
import hestra.figure.Frame;
import hestra.figure.Layer;

/**
 * What a student has done with an exercise so far.
 *
 * @param table the student's data
 * @param roles the chosen roles; nothing chosen yet where empty
 * @param unchosen the roles by which the plot is drawn while nothing is chosen
 * @param layers what the plot shows
 * @param readingAt where the reading line stands; nothing for no reading line
 * @param drafts answers begun and not yet checked, by task id
 * @param attempts answers checked, oldest first, by task id
 * @param student the name the work is handed in under
 * @param frame the part of the plane that the plot shows; nothing for the one that fits the data
 */
public record Work(
        DataTable table,
        Optional<Roles> roles,
        Roles unchosen,
        Set<Layer> layers,
        OptionalDouble readingAt,
        Map<String, Answer> drafts,
        Map<String, List<Attempt>> attempts,
        String student,
        Optional<Frame> frame) {

    public Work {
        layers = layers.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(layers));
        drafts = Map.copyOf(drafts);
        attempts = Map.copyOf(attempts);
    }

    /** The work before anything is done: the given table, no roles where a task asks for them, nothing answered. */
    public static Work begin(Exercise exercise) {
        boolean asksRoles = exercise.tasks().stream().anyMatch(Task.ChooseRoles.class::isInstance);
        return new Work(exercise.given(), asksRoles ? Optional.empty() : Optional.of(exercise.roles()),
                inOrder(exercise.roles()), Layer.usual(), OptionalDouble.empty(), Map.of(), Map.of(), "", Optional.empty());
    }

    /** The two columns in the order of the table: which explains is for the student to say. */
    private static Roles inOrder(Roles roles) {
        return roles.explanatory() < roles.response() ? roles : roles.swapped();
    }

    /** The roles by which the plot is drawn: the chosen ones, or else the two columns in the order of the table. */
    public Roles drawnRoles() {
        return roles.orElse(unchosen);
    }

    /** The attempts at a task, oldest first. */
    public List<Attempt> attemptsAt(String taskId) {
        return attempts.getOrDefault(taskId, List.of());
    }

    Work withTable(DataTable changed) {
        return new Work(changed, roles, unchosen, layers, readingAt, drafts, attempts, student, frame);
    }

    Work withRoles(Optional<Roles> chosen) {
        return new Work(table, chosen, unchosen, layers, readingAt, drafts, attempts, student, Optional.empty());
    }

    Work withLayer(Layer layer, boolean shown) {
        Set<Layer> changed = EnumSet.noneOf(Layer.class);
        changed.addAll(layers);
        if (shown) {
            changed.add(layer);
        } else {
            changed.remove(layer);
        }
        return new Work(table, roles, unchosen, changed, readingAt, drafts, attempts, student, frame);
    }

    Work withReadingAt(OptionalDouble x) {
        return new Work(table, roles, unchosen, layers, x, drafts, attempts, student, frame);
    }

    Work withDraft(String taskId, Answer answer) {
        Map<String, Answer> changed = new HashMap<>(drafts);
        changed.put(taskId, answer);
        return new Work(table, roles, unchosen, layers, readingAt, changed, attempts, student, frame);
    }

    Work withAttempt(String taskId, Attempt attempt) {
        Map<String, List<Attempt>> changed = new HashMap<>(attempts);
        List<Attempt> list = new ArrayList<>(attemptsAt(taskId));
        list.add(attempt);
        changed.put(taskId, List.copyOf(list));
        return new Work(table, roles, unchosen, layers, readingAt, drafts, changed, student, frame);
    }

    Work withStudent(String name) {
        return new Work(table, roles, unchosen, layers, readingAt, drafts, attempts, name, frame);
    }

    Work withFrame(Optional<Frame> shown) {
        return new Work(table, roles, unchosen, layers, readingAt, drafts, attempts, student, shown);
    }
}
