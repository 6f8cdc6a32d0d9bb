package hestra.desktop.mark;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

import hestra.documents.exercise.KeptMarking;
import hestra.documents.page.Prose;
import hestra.exercise.Exercise;
import hestra.exercise.LiveText;
import hestra.marking.AnswerGroup;
import hestra.marking.ClassKey;
import hestra.marking.ClassResult;
import hestra.marking.ClassWork;
import hestra.marking.DecisionScope;
import hestra.marking.DecisionSubject;
import hestra.marking.DecisionValue;
import hestra.marking.Ground;
import hestra.marking.Marking;
import hestra.marking.MarkingHistory;
import hestra.marking.MarkingHistory.Choice;
import hestra.marking.Received;
import hestra.marking.Standing;
import hestra.marking.Student;
import hestra.marking.Turned;
import hestra.numbers.Marks;
import hestra.task.ReadByPerson;
import hestra.task.Task;

/**
 * The one place where a marking changes: decisions go in, and every view of Mark watches what follows. Used on the JavaFX thread.
 */
final class MarkModel {

    /** All that the views show. */
    record Shown(ClassWork work, MarkState state, Optional<ClassResult> result) {

        /** The task in hand: the first where none is. */
        Optional<Task> task() {
            List<Task> tasks = work.exercise().tasks();
            return state.task().flatMap(work.exercise()::task).or(() -> tasks.stream().findFirst());
        }

        List<AnswerGroup> groups() {
            return task().map(work::groups).orElse(List.of());
        }

        /** The answers in hand. */
        Optional<AnswerGroup> group() {
            List<AnswerGroup> groups = groups();
            return groups.stream().filter(it -> state.group().filter(MarkState.idOf(it)::equals).isPresent()).findFirst()
                    .or(() -> groups.stream().findFirst());
        }

        /** The student in hand: while answers are looked at, one of those who gave them. */
        Optional<Student> student() {
            List<Student> all = ordered(state.tab() == MarkState.Tab.TASKS
                    ? group().map(AnswerGroup::students).orElse(List.of()) : work.roll().students());
            return all.stream().filter(it -> state.student().filter(it.key()::equals).isPresent()).findFirst()
                    .or(() -> all.stream().findFirst());
        }

        /** What is asked, as it is read, without mark-up. */
        String prompt(Task task) {
            Exercise exercise = work.exercise();
            return Prose.words(LiveText.fill(task.terms().prompt(), exercise.partOf(task.id()).orElseThrow(), exercise.mark()));
        }

        /** What a student is called, or a number while names are hidden. */
        String name(Student student) {
            return state.nameless() ? "Student " + (unnamed(work.roll().students()).indexOf(student) + 1) : student.name();
        }

        /** Students in the order in which they are shown: while names are hidden, not that of the alphabet. */
        List<Student> ordered(List<Student> students) {
            return state.nameless() ? unnamed(students) : students;
        }

        private static List<Student> unnamed(List<Student> students) {
            return students.stream().sorted(Comparator.<Student>comparingInt(it -> Integer.reverse(it.key().hashCode()))
                    .thenComparing(Student::key)).toList();
        }
    }

    private final ReadOnlyObjectWrapper<Shown> shown = new ReadOnlyObjectWrapper<>();
    private final ClassKey key;
    private final Exercise exercise;
    private final List<Received> files = new ArrayList<>();
    private MarkingHistory history;
    private MarkState state = MarkState.FIRST;
    private Runnable keep = () -> { };
    private Consumer<String> remember = _ -> { };

    /** A model of the class of an exercise; {@code by} is who marks. */
    MarkModel(Exercise exercise, Marking marking, String by) {
        this.exercise = exercise;
        this.key = ClassKey.of(exercise);
        this.history = MarkingHistory.of(marking, by);
        tell();
    }

    ReadOnlyObjectProperty<Shown> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    Shown shown() {
        return shown.get();
    }

    Exercise exercise() {
        return exercise;
    }

    /** How marks are written. */
    Marks inMarks() {
        return exercise.inMarks();
    }

    /** What decides what is right. */
    ClassKey key() {
        return key;
    }

    MarkingHistory history() {
        return history;
    }

    /** Has it remembered who marks. */
    void rememberMarkerBy(Consumer<String> remembering) {
        remember = remembering;
    }

    /** Who marks from now on. */
    void callMarker(String name) {
        if (!name.isBlank() && !name.strip().equals(history.by())) {
            history = history.by(name);
            remember.accept(history.by());
            tell();
        }
    }

    /** Has the marking kept after every change from now on. */
    void keepBy(Runnable keeping) {
        keep = keeping;
    }

    private void tell() {
        ClassWork work = ClassWork.of(exercise, files, history.present());
        shown.set(new Shown(work, state,
                state.tab() == MarkState.Tab.CLASS ? Optional.of(ClassResult.of(work)) : Optional.empty()));
    }

    private void point(MarkState other) {
        if (!other.equals(state)) {
            boolean fresh = other.tab() == MarkState.Tab.CLASS && shown().result().isEmpty();
            state = other;
            ClassWork work = shown().work();
            shown.set(new Shown(work, state, fresh ? Optional.of(ClassResult.of(work)) : shown().result()));
        }
    }

    /** Files that came in, or came again. */
    void receive(List<Received> some) {
        some.forEach(file -> {
            files.removeIf(it -> it.file().equals(file.file()));
            files.add(file);
        });
        if (!some.isEmpty()) {
            tell();
        }
    }

    /** What is known of files, by their names; those that are not there are left out. */
    List<Received> received(List<String> names) {
        return files.stream().filter(it -> names.contains(it.file())).toList();
    }

    /** Files of which something has come to be doubted; one that has come in again since is another. */
    void doubt(List<Received> some) {
        Map<String, Received> doubted = some.stream()
                .filter(it -> it instanceof Received.HandedIn handedIn && handedIn.isDoubted())
                .collect(Collectors.toMap(Received::file, it -> it));
        boolean changes = false;
        for (int i = 0; i < files.size(); i++) {
            Received known = files.get(i);
            if (doubted.get(known.file()) instanceof Received.HandedIn now && known instanceof Received.HandedIn before
                    && now.marked() == before.marked() && !now.doubts().equals(before.doubts())) {
                files.set(i, now);
                changes = true;
            }
        }
        if (changes) {
            tell();
        }
    }

    /** Files that are no longer there. */
    void lose(List<String> names) {
        if (files.removeIf(it -> names.contains(it.file()))) {
            tell();
        }
    }

    /** The marking that was found beside the hand-ins, before anything is decided. */
    void begin(Marking found) {
        history = MarkingHistory.of(found, history.by());
        tell();
    }

    /** Turns to the first answers that a person has to read, where nothing else has been turned to yet. */
    void beginReading() {
        if (state.task().isEmpty()) {
            ClassWork work = shown().work();
            exercise.tasks().stream().filter(ReadByPerson::isReadByPerson)
                    .filter(task -> work.groups(task).stream()
                            .anyMatch(group -> work.award(group, task).standing() == Standing.UNREAD))
                    .findFirst().ifPresent(task -> {
                turnTo(task);
                shown().groups().stream().filter(group -> work.award(group, task).standing() == Standing.UNREAD)
                        .findFirst().ifPresent(this::turnTo);
            });
        }
    }

    /** What another window on the same marking has done. */
    void goAlong(KeptMarking.News news) {
        if (!news.isNone()) {
            history = history.along(news.come(), news.gone());
            tell();
        }
    }

    /** Puts another marking in. */
    void join(Marking other) {
        history = history.with(other);
        keep.run();
        tell();
    }

    /** Gives marks for answers to a task, as they are now. */
    void give(Task task, DecisionScope whom, double marks) {
        decide("marks of task " + (exercise.indexOf(task.id()) + 1),
                Choice.of(new DecisionSubject.Marks(task.id(), whom), points(task, whom, marks)));
    }

    private DecisionValue.Points points(Task task, DecisionScope whom, double marks) {
        return new DecisionValue.Points(marks, Ground.of(task, shown().work().students(task, whom)));
    }

    /** That something is said of answers to a task, as they are now. */
    DecisionValue.Yes said(Task task, DecisionScope whom) {
        return new DecisionValue.Yes(Optional.of(Ground.of(task, shown().work().students(task, whom))));
    }

    /**
     * Has a decision stand on answers that are judged otherwise now than when it was made.
     *
     * @param scaled whether the marks are to grow or shrink with those of the task
     */
    void keep(Turned turned, boolean scaled) {
        double marks = Math.min(turned.task().terms().marks(), scaled ? turned.scaled() : turned.points().marks());
        decide("decisions kept under another key", turned.students().stream()
                .map(student -> Choice.of(new DecisionSubject.Marks(turned.task().id(), new DecisionScope.One(student.key())),
                new DecisionValue.Points(marks, Ground.of(turned.task(), List.of(student))))).toList());
    }

    /**
     * Lets go of a decision on answers that are judged otherwise now: they are as Hestra has them. Where it still holds it
     * stands.
     */
    void lookAgain(Turned turned) {
        decide("decisions let go", turned.students().stream()
                .map(student -> Choice.of(new DecisionSubject.LookedAgain(turned.task().id(), student.key()),
                new DecisionValue.Yes(Optional.of(Ground.of(turned.task(), List.of(student)))))).toList());
    }

    void decide(String words, Choice... choices) {
        apply(history.decide(words, List.of(choices)));
    }

    void decide(String words, List<Choice> choices) {
        apply(history.decide(words, choices));
    }

    void undo() {
        apply(history.undo());
    }

    void redo() {
        apply(history.redo());
    }

    private void apply(MarkingHistory next) {
        if (next != history) {
            history = next;
            keep.run();
            tell();
        }
    }

    void look(MarkState.Tab tab) {
        point(state.at(tab));
    }

    void turnTo(Task task) {
        point(state.atTask(task.id()));
    }

    void turnTo(AnswerGroup group) {
        point(state.at(group));
    }

    void turnTo(Student student) {
        point(state.at(student));
    }

    void showNames(boolean names) {
        point(state.withNames(names));
    }

    /** The next or an earlier task. */
    void stepTask(int by) {
        List<Task> tasks = exercise.tasks();
        shown().task().ifPresent(task -> turnTo(tasks.get(Math.clamp(tasks.indexOf(task) + by, 0, tasks.size() - 1))));
    }

    /** The next or an earlier group of answers. */
    void stepGroup(int by) {
        List<AnswerGroup> groups = shown().groups();
        shown().group().ifPresent(group -> turnTo(groups.get(Math.clamp(groups.indexOf(group) + by, 0, groups.size() - 1))));
    }

    /** The next or an earlier student: in the group, where answers are looked at, round and round. */
    void stepStudent(int by) {
        boolean tasks = shown().state().tab() == MarkState.Tab.TASKS;
        List<Student> all = shown().ordered(tasks ? shown().group().map(AnswerGroup::students).orElse(List.of()) : shown().work()
                .roll().students());
        shown().student().ifPresent(student -> {
            int to = all.indexOf(student) + by;
            turnTo(all.get(tasks ? Math.floorMod(to, all.size()) : Math.clamp(to, 0, all.size() - 1)));
        });
    }
}
