package hestra.desk;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;

import hestra.data.DataTable;
import hestra.data.Row;
import hestra.data.Selection;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.exercise.Truths;
import hestra.fit.Curve;
import hestra.numbers.Counted;
import hestra.task.Aid;
import hestra.task.Answer;
import hestra.task.Attempt;
import hestra.task.Bench;
import hestra.task.ComparedWithBest;
import hestra.task.Conceals;
import hestra.task.DoneOnPlot;
import hestra.task.Drawing;
import hestra.task.Handiwork;
import hestra.task.RestsOnGiven;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.Truth;
import hestra.task.UsesCurve;

/**
 * The state of the working window: immutable. Everything shown follows from it, see {@link Findings}.
 *
 * @param exercise what is asked
 * @param work what has been done
 * @param pointing what is pointed at
 */
public record Desk(Exercise exercise, Work work, Pointing pointing) {

    /** The desk with the exercise just opened. */
    public static Desk open(Exercise exercise) {
        return new Desk(exercise, Work.begin(exercise), Pointing.AT_NOTHING);
    }

    /**
     * The desk after an edit. An edit that names a row or task that is not there changes nothing: so a journal can be
     * replayed whatever it holds. Undo and redo are {@link History}'s.
     */
    public Desk apply(Edit edit) {
        return switch (edit) {
            case Edit.Passing passing -> new Desk(exercise, work, pointing.after(passing));
            case Edit.Step _ -> this;
            case Edit.Check(String task) -> checked(task);
            case Edit.TakeHint(String task) -> helped(task);
            case Edit.Lasting lasting -> lasting.appliedTo(this);
        };
    }

    /** What the tasks of a part may see of the work. */
    public Bench bench(Part part) {
        PartWork here = work.part(part);
        return bench(part, part.inRound(here.round(), exercise.mark()).truth(exercise.mark()));
    }

    /** The same where it is known what is right there. */
    Bench bench(Part part, Truth truth) {
        PartWork here = work.part(part);
        Drawing drawing = new Drawing(here.plot().dress().title(), here.plot().frame().or(() -> part.rules().frame()));
        return new Bench(truth, here.table(), here.roles(), work.drafts(),
                new Handiwork(here.curves().trial(), drawing, work.seen(part), here.tracing(), Sections.of(part, this),
                        here.plot().chance().map(it -> it.played(here))),
                here.round());
    }

    /** What a task may see of the work. */
    public Bench bench(Task task) {
        return bench(exercise.partOf(task.id()).orElseThrow());
    }

    /** The answer to a task as it stands now. */
    public Answer standing(Task task) {
        return task.standing(bench(task));
    }

    private Desk checked(String taskId) {
        Optional<Task> task = exercise.task(taskId).filter(it -> triesLeft(it) > 0);
        return task.map(it -> {
            Bench bench = bench(it);
            return unready(it, bench).isEmpty()
                    ? with(work.withAttempt(taskId, attempt(it, bench))).telling(it).puttingBack(it) : this;
        }).orElse(this);
    }

    private Attempt attempt(Task task, Bench bench) {
        Attempt attempt = bench.attempt(task).after(work.helpsAt(task)).from(ownEquation(task, bench));
        return isShown(task, bench.round()) ? attempt.afterIsShown() : attempt;
    }

    /**
     * Why the answer to a task as it stands is not checked, a sentence; nothing where it can be. What is not finished, what was
     * checked a moment ago, and what cannot count costs no try.
     */
    Optional<String> unready(Task task, Bench bench) {
        Attempt attempt = bench.attempt(task).from(ownEquation(task, bench));
        return task.unfinished(attempt.answer(), bench.truth())
                .or(() -> work.attemptsAt(task.id()).stream().reduce((_, last) -> last).filter(attempt::asksTheSameAs)
                        .map(_ -> "This is the answer that you have just checked. Checking it again costs no try."))
                .or(() -> displaced(RestsOnGiven.displaced(task, bench)))
                .or(() -> playsOn(task) && isShown(task, bench.round())
                        ? Optional.of("The best " + ComparedWithBest.compared(task).map(Curve::familyInWords)
                        .orElse("line") + " is shown for these data. Play again with new data to place another.")
                        : Optional.empty());
    }

    /** Where moves were tried out and all was seen in them, the points stand as they were given out again for what comes next. */
    private Desk puttingBack(Task task) {
        if (!DoneOnPlot.of(task).watchesMoves() || !isSolved(task, work.attemptsAt(task.id()))) {
            return this;
        }
        Part part = exercise.partOf(task.id()).orElseThrow();
        PartWork here = work.part(part);
        for (int row : RestsOnGiven.displaced(bench(part))) {
            here = new WorkEdit.Restore(row).appliedTo(here, part, exercise.mark());
        }
        return with(work.with(part, here));
    }

    /** What to do about points that were moved before; nothing where all stand as they were given out. */
    private static Optional<String> displaced(List<Integer> places) {
        if (places.isEmpty()) {
            return Optional.empty();
        }
        String rows = places.size() == 1 ? "Row " + (places.getFirst() + 1) + " is not as it was given out"
                : Counted.of(places.size(), "row") + " are not as they were given out";
        return Optional.of(rows + ": you have changed " + (places.size() == 1 ? "it" : "them")
                + ", and this is asked of the data "
                + "as they were. Select the row and press “As given” first; this costs no try.");
    }

    /** Whether each round of a task has other data. */
    private boolean playsOn(Task task) {
        return task.terms().playing() == Terms.Playing.NEW_DATA && exercise.partOf(task.id()).filter(Part::hasRounds).isPresent();
    }

    /**
     * Whether what a task asks to be found by eye has been shown for the data of a round: by another task, by the task itself, or
     * when the work was begun before. Where its author lets it be seen from the beginning or before the task, that is the
     * author's own affair.
     */
    boolean isShown(Task task, OptionalInt round) {
        Set<Aid> showing = Conceals.of(task).shownBy();
        Part part = exercise.partOf(task.id()).orElseThrow();
        return !showing.isEmpty() && !part.openBefore(task).containsAll(showing)
                && work.checks().beginnings().stream().anyMatch(made -> TaskStates.open(showing, part, made, round, exercise));
    }

    /** With what has been told of a task by now: it stays told, whichever of the times that work was begun is gone on with. */
    private Desk telling(Task task) {
        List<Attempt> made = work.attemptsAt(task.id());
        return isTold(task, made)
                ? with(work.with(work.checks().telling(task.id(), made, other -> isSolved(task, other)))) : this;
    }

    /**
     * Whether somebody who gave these answers to a task has been told what would have been right, for data that stay the same.
     */
    private boolean isTold(Task task, List<Attempt> made) {
        boolean tells = task.terms().afterwards() == Terms.Afterwards.ANSWER && task.terms().isTold(true)
                || !Conceals.of(task).revealed().isEmpty();
        return tells && !playsOn(task) && triesLeft(task, made) == 0 && !isSolved(task, made);
    }

    /** The work begun afresh. */
    Desk begunAgain() {
        Map<String, List<Attempt>> told = exercise.tasks().stream().filter(task -> isTold(task, work.attemptsAt(task.id())))
                .collect(Collectors.toMap(Task::id, task -> work.attemptsAt(task.id())));
        Work fresh = Work.begin(exercise, work.checks().begunAgain(told));
        for (Part part : exercise.parts()) {
            if (part.tasks().stream().anyMatch(task -> playsOn(task) && !work.attemptsAt(task.id()).isEmpty())) {
                int round = part.tasks().stream().flatMap(task -> work.attemptsAt(task.id()).stream())
                        .mapToInt(attempt -> attempt.round().orElse(0)).max().orElse(0);
                fresh = fresh.with(part, fresh.part(part)
                        .inRound(Math.max(round, work.part(part).round().orElse(0)) + 1, part, exercise.mark()));
            }
        }
        return new Desk(exercise, fresh, Pointing.AT_NOTHING);
    }

    private boolean isSolved(Task task, List<Attempt> made) {
        Part part = exercise.partOf(task.id()).orElseThrow();
        return TaskStates.judged(exercise, task, made, new Truths(part, exercise.mark())).isSolved();
    }

    /** The equation of a curve that the student checked last in the same part and round, where the task goes on from it. */
    private Optional<String> ownEquation(Task task, Bench bench) {
        return UsesCurve.of(task).carriesOn().flatMap(curve -> exercise.partOf(task.id()).stream()
                .flatMap(part -> part.tasks().stream())
                .filter(it -> UsesCurve.of(it).writes().filter(curve::equals).isPresent())
                .flatMap(it -> work.attemptsAt(it.id()).stream().filter(attempt -> attempt.round().equals(bench.round())))
                .reduce((_, last) -> last).map(last -> last.answer().as(Answer.Typed.class).text()));
    }

    private Desk helped(String taskId) {
        return exercise.task(taskId).filter(it -> work.helpsAt(it) < it.terms().helps().size())
                .map(it -> with(work.with(work.checks().helping(taskId, work.helpsAt(it) + 1)))).orElse(this);
    }

    /** How often a task may still be checked; a large number where it is not limited. */
    public int triesLeft(Task task) {
        return triesLeft(task, work.attemptsAt(task.id()));
    }

    /** The same after these attempts. */
    static int triesLeft(Task task, List<Attempt> made) {
        int tries = task.terms().tries();
        return tries == 0 ? Integer.MAX_VALUE : Math.max(0, tries - made.size());
    }

    /** What was given out for a row, which may have gone elsewhere since; nothing where it was not given. */
    static Optional<Row> asGiven(DataTable given, Row row) {
        return row.origin() == Row.OWN
                ? Optional.empty() : Optional.of(given.row(row.origin())).filter(it -> it.origin() == row.origin());
    }

    Desk with(Work changed) {
        return new Desk(exercise, changed, pointing);
    }

    /** With the exercise changed by its author; work that still fits goes on. */
    Desk with(Exercise edited) {
        if (edited == exercise) {
            return this;
        }
        Exercise changed = edited.inStepWith(exercise);
        Work following = work.following(exercise, changed);
        return new Desk(changed, following, following.beginning() == work.beginning() ? pointing : pointing.atNoRow());
    }

    /** The selected rows. */
    public Selection selection() {
        return pointing.selection();
    }

    /** The row in hand, of those that are selected; nothing where none is. */
    public OptionalInt selected() {
        return selection().inHand();
    }

    /** The row under the pointer. */
    public OptionalInt hovered() {
        return pointing.hovered();
    }

    /** The id of the task that was turned to; nothing for the first that is not done. */
    public Optional<String> task() {
        return pointing.task();
    }
}
