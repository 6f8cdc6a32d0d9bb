package hestra.exercise;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.numbers.DecimalMark;
import hestra.task.Aid;
import hestra.task.Task;
import hestra.task.Truth;


/**
 * Prose, data and tasks: what an instructor writes and a student opens.
 *
 * @param id identifies the exercise across its copies and hand-ins
 * @param title what the window and the file are called
 * @param place where the data come from, such as "Orrin Bay field station"; may be empty
 * @param heading the heading of the sheet
 * @param prose the situation, in light mark-up
 * @param data the true data, as in the printed table
 * @param roles which column explains and which responds
 * @param tasks in the order of the sheet, each with an id of its own
 * @param held the aids that are closed at the start
 * @param mark the decimal mark
 * @param provenance how the data came about
 * @param rules what may be done in the plot, and how equations are written
 */
public record Exercise(
        String id,
        String title,
        String place,
        String heading,
        String prose,
        DataTable data,
        Roles roles,
        List<Task> tasks,
        Set<Aid> held,
        DecimalMark mark,
        Provenance provenance,
        PlotRules rules) {

    /** The most tasks that an exercise may have. */
    public static final int MOST_TASKS = 100;

    public Exercise {
        tasks = List.copyOf(tasks);
        held = Set.copyOf(held);
        if (tasks.stream().map(Task::id).distinct().count() < tasks.size()) {
            throw new IllegalArgumentException("two tasks with the same id");
        }
        if (data.width() < 2 || !roles.isWithin(data.width())) {
            throw new IllegalArgumentException("the roles name columns that are not there");
        }
    }

    /** An exercise whose data were not made here, with the usual rules. */
    public Exercise(String id, String title, String place, String heading, String prose, DataTable data, Roles roles, List<Task> tasks, Set<Aid> held,
            DecimalMark mark) {
        this(id, title, place, heading, prose, data, roles, tasks, held, mark, new Provenance.ByHand(), PlotRules.USUAL);
    }

    /** An exercise with two empty columns and nothing asked yet; aids held back: look before the line. */
    public static Exercise blank(String id) {
        return new Exercise(id, "New exercise", "", "", "",
                DataTable.empty(Variable.named("x"), Variable.named("y")),
                Roles.FIRST_EXPLAINS, List.of(), Aid.all(), DecimalMark.POINT);
    }

    public Variable x() {
        return data.variable(roles.explanatory());
    }

    public Variable y() {
        return data.variable(roles.response());
    }

    /** What is right in the data. */
    public Truth truth() {
        return Truth.of(data, roles, mark, tasks);
    }

    /** The pairs of the true data. */
    public Pairs pairs() {
        return Pairs.of(data, roles);
    }

    /** The table that the student starts from. */
    public DataTable given() {
        return truth().given();
    }

    public Optional<Task> task(String id) {
        return tasks.stream().filter(task -> task.id().equals(id)).findFirst();
    }

    public int indexOf(String id) {
        return tasks.stream().map(Task::id).toList().indexOf(id);
    }

    /** The task whose doing opens an aid: the first that names it. */
    public Optional<Task> opener(Aid aid) {
        return tasks.stream().filter(task -> task.terms().opens().contains(aid)).findFirst();
    }

    /** Held aids that no task opens: they would stay closed for good. */
    public Set<Aid> neverOpened() {
        Set<Aid> never = EnumSet.noneOf(Aid.class);
        held.stream().filter(aid -> opener(aid).isEmpty()).forEach(never::add);
        return never;
    }

    public int marks() {
        return tasks.stream().mapToInt(task -> task.terms().marks()).sum();
    }

    /** An id that no task has yet. */
    public String freshTaskId() {
        Set<String> taken = new HashSet<>(tasks.stream().map(Task::id).toList());
        int number = tasks.size() + 1;
        while (taken.contains("task-" + number)) {
            number++;
        }
        return "task-" + number;
    }

    public Exercise withTexts(String newTitle, String newPlace, String newHeading) {
        return new Exercise(id, newTitle, newPlace, newHeading, prose, data, roles, tasks, held, mark, provenance, rules);
    }

    public Exercise withProse(String text) {
        return new Exercise(id, title, place, heading, text, data, roles, tasks, held, mark, provenance, rules);
    }

    public Exercise withData(DataTable table) {
        return withColumns(table, roles);
    }

    /** With its data changed: the roles follow their columns, and a slip its row and column. A change that may not be changes nothing. */
    public Exercise withTableEdited(TableEdit change) {
        // To set a point aside is the student's to do: the true data are all true.
        boolean setsAside = change instanceof TableEdit.SetAside || change instanceof TableEdit.TakeBack;
        DataTable changed = setsAside ? data : change.appliedTo(data, mark);
        if (changed == data) {
            return this;
        }
        List<Task> following = tasks.stream().map(task -> task.following(change)).toList();
        return new Exercise(id, title, place, heading, prose, changed, roles.following(change::columnAfter, changed), following, held, mark, provenance, rules);
    }

    /** With other columns, and roles among them. */
    public Exercise withColumns(DataTable table, Roles chosen) {
        return new Exercise(id, title, place, heading, prose, table, chosen, tasks, held, mark, provenance, rules);
    }

    /** With other data that came about in another way. */
    public Exercise withColumns(DataTable table, Roles chosen, Provenance how) {
        return new Exercise(id, title, place, heading, prose, table, chosen, tasks, held, mark, how, rules);
    }

    public Exercise withRoles(Roles chosen) {
        return new Exercise(id, title, place, heading, prose, data, chosen, tasks, held, mark, provenance, rules);
    }

    public Exercise withTasks(List<Task> list) {
        return new Exercise(id, title, place, heading, prose, data, roles, list, held, mark, provenance, rules);
    }

    public Exercise withHeld(Set<Aid> aids) {
        return new Exercise(id, title, place, heading, prose, data, roles, tasks, aids, mark, provenance, rules);
    }

    public Exercise withRules(PlotRules changed) {
        return new Exercise(id, title, place, heading, prose, data, roles, tasks, held, mark, provenance, changed);
    }

    /** With a task put in at a place from 0. */
    public Exercise withTaskAt(int index, Task task) {
        List<Task> list = new ArrayList<>(tasks);
        list.add(Math.clamp(index, 0, list.size()), task);
        return withTasks(list);
    }

    /** With the task of the same id replaced. */
    public Exercise withTask(Task task) {
        return withTasks(tasks.stream().map(old -> old.id().equals(task.id()) ? task : old).toList());
    }

    public Exercise withoutTask(String taskId) {
        return withTasks(tasks.stream().filter(task -> !task.id().equals(taskId)).toList());
    }
}
