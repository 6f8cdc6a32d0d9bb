package hestra.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import hestra.data.DataTable;
import hestra.data.TableEdit;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.History;
import hestra.desk.Step;
import hestra.desk.WorkEdit;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.feedback.Outcome;
import hestra.task.Attempt;
import hestra.task.Task;

/**
 * How work came about, step by step, to be gone through.
 *
 * @param moments the steps with what they led to, oldest first
 * @param whole whether all steps could be made again; else those before the first that could not
 */
public record Replay(List<Moment> moments, boolean whole) {

    private static final int MOST_ROWS = 5;

    /**
     * A step.
     *
     * @param at when, in seconds since 1970, UTC; 0 where that is not known
     * @param words what was done
     * @param checked how an answer was judged that was checked; nothing for any other step
     * @param mends whether a row was changed, set aside or taken back
     * @param part where it was done; nothing where it belongs to no part
     * @param row the first row of that part's table that is another one than before, from 0; nothing where none is
     * @param desk the desk afterwards
     */
    public record Moment(long at, String words, Optional<Outcome> checked, boolean mends, Optional<Part> part, OptionalInt row,
            Desk desk) {}

    public Replay {
        moments = List.copyOf(moments);
    }

    /** Whether the steps, where all could be made again, lead to these answers, by the id of the task. */
    public boolean leadsTo(Map<String, List<Attempt>> answers) {
        return !whole || moments.isEmpty() || Retraced.areSame(moments.getLast().desk().work().attempts(), answers);
    }

    /** Makes the steps again on the instructor's exercise. */
    public static Replay of(MarkingKey key, List<Step> steps) {
        List<Moment> moments = new ArrayList<>();
        History history = History.of(Desk.open(key.exercise()));
        for (Step step : steps) {
            try {
                History next = history.apply(step.edit());
                moments.add(moment(step, history, next.present(), key));
                history = next;
            } catch (RuntimeException | StackOverflowError e) {
                // It comes from a file: what cannot be made again ends it.
                return new Replay(moments, false);
            }
        }
        return new Replay(moments, true);
    }

    private static Moment moment(Step step, History before, Desk after, MarkingKey key) {
        Optional<Outcome> checked = step.edit() instanceof Edit.Check(String task)
                ? outcome(task, before.present(), after, key) : Optional.empty();
        Optional<Part> part = part(step.edit(), before.present(), after);
        return new Moment(step.at(), words(step.edit(), before, key.exercise(), checked), checked, mends(step.edit()), part,
                part.map(it -> changed(it, before.present(), after)).orElse(OptionalInt.empty()), after);
    }

    /** That of the task, or the one in which something is different now. */
    private static Optional<Part> part(Edit edit, Desk before, Desk after) {
        Optional<String> task = switch (edit) {
            case Edit.Check(String id) -> Optional.of(id);
            case Edit.TakeHint(String id) -> Optional.of(id);
            case Edit.Draft draft -> Optional.of(draft.task());
            default -> Optional.empty();
        };
        return task.flatMap(after.exercise()::partOf)
                .or(() -> after.exercise().parts().stream()
                        .filter(part -> before.work().part(part) != after.work().part(part)).findFirst());
    }

    private static OptionalInt changed(Part part, Desk before, Desk after) {
        DataTable from = before.work().part(part).table();
        DataTable to = after.work().part(part).table();
        return from == to
                ? OptionalInt.empty()
                : IntStream.range(0, Math.max(from.size(), to.size()))
                .filter(row -> from.row(row) != to.row(row) && !from.row(row).equals(to.row(row))).findFirst();
    }

    /** How the attempt was judged that a check made; nothing where it made none. */
    private static Optional<Outcome> outcome(String taskId, Desk before, Desk after, MarkingKey key) {
        List<Attempt> attempts = after.work().attemptsAt(taskId);
        Optional<Task> task = key.exercise().task(taskId).filter(_ -> attempts.size() > before.work().attemptsAt(taskId).size());
        return task.map(it -> key.exercise().judge(it, attempts.getLast(), key.truth(it, attempts.getLast())).outcome());
    }

    private static String words(Edit edit, History before, Exercise exercise, Optional<Outcome> checked) {
        return switch (edit) {
            case Edit.Check(String task) ->
                    named(task, exercise) + (checked.isEmpty() ? " not ready to be checked" : " checked: " + checked.get()
                            .sign());
            case Edit.TakeHint(String task) -> "hint for " + named(task, exercise);
            case Edit.Draft draft -> "answering " + named(draft.task(), exercise);
            case Edit.Undo _ -> "taken back: " + before.undoable().orElse("nothing");
            case Edit.Redo _ -> "done again: " + before.redoable().orElse("nothing");
            case Edit.InPart(String _, Edit.Local local) -> words(local, before, exercise, checked);
            case WorkEdit.ChangeTable(TableEdit.Type(int row, int _, String text)) ->
                    "row " + (row + 1) + ": \u201c" + text + "\u201d typed";
            case WorkEdit.ChangeTable(TableEdit.SetAside(List<Integer> rows, String reason)) ->
                    rows(rows) + " set aside: " + reason;
            case WorkEdit.ChangeTable(TableEdit.TakeBack(List<Integer> rows)) -> rows(rows) + " taken back in";
            case Edit.Lasting lasting -> lasting.inWords();
            case Edit.Passing _ -> "";
        };
    }

    private static String rows(List<Integer> rows) {
        return (rows.size() == 1 ? "row " : "rows ") + rows.stream().limit(MOST_ROWS).map(row -> Integer.toString(row + 1))
                .collect(Collectors.joining(", ")) + (rows.size() > MOST_ROWS ? " …" : "");
    }

    private static String named(String task, Exercise exercise) {
        int place = exercise.indexOf(task);
        return place < 0 ? "a task" : "task " + (place + 1);
    }

    private static boolean mends(Edit edit) {
        return switch (edit) {
            case Edit.InPart(String _, Edit.Local local) -> mends(local);
            case WorkEdit.ChangeTable _, WorkEdit.Restore _ -> true;
            default -> false;
        };
    }
}
