package hestra.marking;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.desk.Checks;
import hestra.desk.Desk;
import hestra.desk.PartWork;
import hestra.desk.Pointing;
import hestra.desk.Work;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.task.Answer;
import hestra.task.Attempt;
import hestra.tracing.Tracing;

/**
 * A student's finished work: the exercise as it was done, and what was made of it.
 *
 * @param student the name it was handed in under
 * @param exercise the exercise as the student had it
 * @param tables the student's data at the end, by the id of their part
 * @param attempts answers checked since the work was begun last, oldest first, by task id
 * @param works how plot, curves, readings and the student's own sheet stood, by the id of the part; none in a hand-in of an older
 *     kind
 * @param begun how often the student began it, at least 1
 * @param pace when it was done; nothing in a hand-in of an older kind
 */
public record HandIn(String student, Exercise exercise, Map<String, DataTable> tables, Map<String, List<Attempt>> attempts,
        Map<String, PartWork> works, int begun, Optional<Pace> pace) {

    public HandIn {
        tables = Map.copyOf(tables);
        attempts = Map.copyOf(attempts);
        works = Map.copyOf(works);
        begun = Math.max(1, begun);
    }

    /** Work that was begun once. */
    public HandIn(String student, Exercise exercise, Map<String, DataTable> tables, Map<String, List<Attempt>> attempts) {
        this(student, exercise, tables, attempts, Map.of(), 1, Optional.empty());
    }

    /** The answers by themselves. */
    public StudentAnswers script() {
        return new StudentAnswers(student, exercise.id(), exercise.title(), exercise.copy().map(StudentAnswers.Copied::of),
                attempts, begun,
                pace);
    }

    /** The same work on another exercise: the instructor's own, so that nothing that came back says what is asked. */
    public HandIn on(Exercise other) {
        return new HandIn(student, other, tables, attempts, works, begun, pace);
    }

    /** The desk as it was handed in. */
    public Desk desk() {
        Work fresh = Work.begin(exercise);
        Map<String, PartWork> parts = new HashMap<>();
        for (Part part : exercise.parts()) {
            PartWork begun = fresh.part(part);
            PartWork work = works.getOrDefault(part.id(), begun);
            Optional<Roles> chosen = part.tasks().stream().flatMap(task -> attempts.getOrDefault(task.id(), List.of()).stream())
                    .map(Attempt::answer).filter(Answer.RolesChosen.class::isInstance)
                    .map(answer -> answer.as(Answer.RolesChosen.class).roles())
                    .reduce((_, newest) -> newest).flatMap(roles -> roles.filter(it -> it.isWithin(tables.getOrDefault(part.id(),
                    work.table()).width())));
            DataTable handed = tables.getOrDefault(part.id(), begun.table());
            DataTable table = part.isOwn() || handed.width() == part.data().width() ? handed : begun.table();
            Optional<Roles> shown = chosen.or(work::roles).filter(roles -> roles.isWithin(table.width())).or(begun::roles);
            parts.put(part.id(), new PartWork(table, shown, work.unchosen()
                    .isWithin(table.width()) ? work.unchosen() : begun.unchosen(), work.plot(), work.curves(), work.reading(),
                    work.sheet(), round(part),
                    traced(part).or(work::tracing), Set.of()));
        }
        Map<String, Answer> answers = new HashMap<>();
        attempts.forEach((task, list) -> list.stream().reduce((_, newest) -> newest)
                .ifPresent(newest -> answers.put(task, newest.answer())));
        return new Desk(exercise, new Work(parts, answers, new Checks(List.of(attempts), begun), 0, student),
                Pointing.AT_NOTHING);
    }

    /** What was read off the picture of a part, by the answer that was checked last. */
    private Optional<Tracing> traced(Part part) {
        return part.tasks().stream().flatMap(task -> attempts.getOrDefault(task.id(), List.of()).stream()).map(Attempt::answer)
                .filter(Answer.ReadOff.class::isInstance)
                .map(answer -> answer.as(Answer.ReadOff.class).tracing()).reduce((_, newest) -> newest).flatMap(it -> it);
    }

    /** The round that was played last in a part. */
    private OptionalInt round(Part part) {
        return part.tasks().stream().flatMap(task -> attempts.getOrDefault(task.id(), List.of()).stream()).map(Attempt::round)
                .flatMapToInt(OptionalInt::stream).max();
    }

    /** The hand-in of a desk as it stands, without times. */
    public static HandIn of(Desk desk) {
        return of(desk, Optional.empty());
    }

    /** The hand-in of a desk as it stands. */
    public static HandIn of(Desk desk, Optional<Pace> pace) {
        Work work = desk.work();
        Map<String, PartWork> works = new HashMap<>();
        work.parts().forEach((part, here) -> works.put(part, here.handedIn()));
        Map<String, DataTable> tables = new HashMap<>();
        works.forEach((part, here) -> tables.put(part, here.table()));
        return new HandIn(work.student().strip(), desk.exercise(), tables, work.attempts(), works, work.checks().begun(), pace);
    }
}
