package hestra.review;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.PartEdit;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.fit.Curve;
import hestra.numbers.Counted;
import hestra.task.Aid;
import hestra.task.AnswerPlace;
import hestra.task.ChangesTable;
import hestra.task.ComparedWithBest;
import hestra.task.Conceals;
import hestra.task.LeavesToStudent;
import hestra.task.Subject;
import hestra.task.Task;
import hestra.task.Truth;
import hestra.task.UsesCurve;

/** Looks for tasks that are asked in an order in which they cannot be done, or show each other's answers. */
final class Order {

    private static final int MOST_NAMED = 3;

    private final Exercise exercise;
    private final Part part;
    private final Task task;
    private final List<Task> before;

    private Order(Exercise exercise, Part part, Task task) {
        this.exercise = exercise;
        this.part = part;
        this.task = task;
        this.before = part.tasksBefore(task);
    }

    /** What there is to say of the place of a task among those of its part. */
    static List<Remark> of(Exercise exercise, Part part, Task task) {
        Order order = new Order(exercise, part, task);
        return Stream.of(order.hides(), order.typed(), order.seen()).flatMap(Optional::stream).toList();
    }

    private int number(Task it) {
        return exercise.indexOf(it.id()) + 1;
    }

    private String name() {
        return "Task " + number(task);
    }

    /** "task 1", "tasks 1 and 2", "tasks 1, 2, 3 and 2 more". */
    private String named(List<Task> tasks) {
        List<String> shown = new ArrayList<>(tasks.stream().limit(MOST_NAMED).map(it -> Integer.toString(number(it))).toList());
        if (tasks.size() > MOST_NAMED) {
            shown.add(tasks.size() - MOST_NAMED + " more");
        }
        String last = shown.removeLast();
        return shown.isEmpty() ? "task " + last : "tasks " + String.join(", ", shown) + " and " + last;
    }

    private String which(List<Task> tasks) {
        return tasks.size() == 1 ? ", which comes before it, " : ", which come before it, ";
    }

    private Remark remark(Remark.Sort sort, String message, Optional<Remark.Mend> mend) {
        return new Remark(sort, Optional.of(part.id()), Optional.of(task.id()), message, mend);
    }

    /** The plot, or an aid, is kept from those that need it. */
    private Optional<Remark> hides() {
        List<Task> fromPlot = Conceals.of(task).hidesPlot() ? before.stream().filter(Order::looksAtPlot).toList() : List.of();
        List<Task> fromAids = before.stream().filter(it -> UsesCurve.of(it).needs().stream()
                .anyMatch(aid -> part.hider(it, aid).filter(task::equals).isPresent())).toList();
        List<Task> from = fromPlot.isEmpty() ? fromAids : fromPlot;
        if (from.isEmpty()) {
            return Optional.empty();
        }
        String what = fromPlot.isEmpty()
                ? "the " + Conceals.of(task).hides().stream().sorted().map(Aid::inWords)
                .collect(Collectors.joining(" and the ")) : "the plot";
        return Optional.of(remark(Remark.Sort.HIDDEN_BEFORE,
                name() + " hides " + what + " until it is done, and " + named(from) + which(from)
                + (from.size() == 1 ? "calls" : "call") + " for "
                + (Conceals.of(task).hides().size() > 1 && fromPlot.isEmpty() ? "them." : "it."), earlier(from.getFirst())));
    }

    private static boolean looksAtPlot(Task it) {
        return it.place() == AnswerPlace.PLOT || it.subject() != Subject.NOTHING;
    }

    /** Pairs are typed after they are needed. */
    private Optional<Remark> typed() {
        int left = Math.min(LeavesToStudent.of(task).leavesToType(), part.data().size());
        if (left == 0) {
            return Optional.empty();
        }
        Truth all = part.truth(exercise.mark());
        Truth without = part.withData(part.data().withRows(part.data().rows().subList(0, part.data().size() - left)))
                .truth(exercise.mark());
        List<Task> needing = before.stream().filter(it -> LeavesToStudent.of(it).leavesToType() == 0
                && ChangesTable.slips(it).isEmpty()
                && needsAll(it, all, without)).toList();
        return needing.isEmpty()
                ? Optional.empty()
                : Optional.of(remark(Remark.Sort.TYPED_LATER, name() + " has " + (left == part.data().size() ? "all the pairs"
                : left == 1 ? "the last pair"
                : "the last "
                + Counted.of(left, "pair")) + " typed, and " + named(needing) + which(needing)
                + (needing.size() == 1 ? "is" : "are") + " about all of them.", earlier(needing.getFirst())));
    }

    private static boolean needsAll(Task it, Truth all, Truth without) {
        return it.place() == AnswerPlace.PLOT && it.subject() == Subject.CURVE
                || it.key(all).computed() && !it.key(all).text().equals(it.key(without).text());
    }

    /** What is to be found by eye is seen before. */
    private Optional<Remark> seen() {
        Set<Aid> showing = Conceals.of(task).shownBy();
        if (showing.isEmpty() || !part.openBefore(task).containsAll(showing)) {
            return Optional.empty();
        }
        List<Task> openers = before.stream().filter(it -> it.terms().opens().stream().anyMatch(showing::contains)).toList();
        boolean held = part.held().containsAll(showing);
        String best = "the best " + ComparedWithBest.compared(task).map(Curve::familyInWords).orElse("line");
        String why = held && !openers.isEmpty()
                ? named(openers) + (openers.size() == 1 ? " opens it." : " open it.") : "it is open from the beginning.";
        return Optional.of(remark(Remark.Sort.SEEN_BEFORE,
                name() + " is to be done by eye, and " + best + " can be seen before: " + why,
                held && !openers.isEmpty() ? earlier(openers.getFirst()) : closed(showing)));
    }

    /** The task put before another, where none of those that it passes has to come first. */
    private Optional<Remark.Mend> earlier(Task other) {
        List<Task> passed = before.subList(before.indexOf(other), before.size());
        boolean barred = passed.stream().anyMatch(it -> Conceals.of(it).hidesPlot() && looksAtPlot(task)
                || LeavesToStudent.of(it).leavesToType() > 0 && LeavesToStudent.of(task).leavesToType() == 0
                || UsesCurve.of(task).needs().stream().anyMatch(it.terms().opens()::contains)
                || !Conceals.of(it).shownBy().isEmpty() && task.terms().opens().containsAll(Conceals.of(it).shownBy()));
        return barred
                ? Optional.empty()
                : Optional.of(new Remark.Mend("Put it before task " + number(other),
                        new ExerciseEdit.MoveBlock(task.id(), part.id(), part.indexOf(other.id()))));
    }

    /** What shows it closed, where nothing before calls for that. */
    private Optional<Remark.Mend> closed(Set<Aid> showing) {
        if (before.stream().anyMatch(it -> UsesCurve.of(it).needs().stream().anyMatch(showing::contains)
                || it.terms().opens().stream().anyMatch(showing::contains))) {
            return Optional.empty();
        }
        Set<Aid> held = EnumSet.copyOf(showing);
        held.addAll(part.held());
        Edit.Lasting close = new Edit.InPart(part.id(), new PartEdit.WriteHeld(held));
        return Optional.of(new Remark.Mend("Close it at the start", close));
    }
}
