package hestra.marking;

import java.util.List;

import hestra.exercise.Exercise;
import hestra.task.Task;

/** The marks of one hand-in, as a class is marked that hands in this one alone. */
public record ClassOfOne(ClassWork work) {

    public static ClassOfOne of(HandIn handIn, Exercise exercise) {
        return of(handIn, ClassKey.of(exercise));
    }

    public static ClassOfOne of(HandIn handIn, ClassKey key) {
        Marked marked = Marked.of(handIn.script(), key.key(handIn.script()));
        Received one = new Received.HandedIn("one.handin", 0, marked, "");
        return new ClassOfOne(ClassWork.of(key.own(), List.of(one), Marking.none(key.own().id())));
    }

    private Student student() {
        return work.roll().students().getFirst();
    }

    /** What each task earned, in their order. */
    public List<Double> marks() {
        return work.exercise().tasks().stream().map(Task::id).map(task -> work.award(student(), task).marks()).toList();
    }

    public double total() {
        return work.total(student());
    }
}
