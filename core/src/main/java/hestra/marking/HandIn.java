package hestra.marking;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.desk.Checks;
import hestra.desk.Desk;
import hestra.desk.OwnSheet;
import hestra.desk.PartWork;
import hestra.desk.Pointing;
import hestra.desk.Work;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.task.Answer;
import hestra.task.Attempt;

/**
 * A student's finished work: the exercise as it was done, and what was made of it.
 *
 * @param student the name it was handed in under
 * @param exercise the exercise as the student had it
 * @param tables the student's data at the end, by the id of their part
 * @param attempts answers checked since the work was begun last, oldest first, by task id
 * @param sheets what the student wrote and kept, by the id of the part; of parts where a task asks for that
 * @param begun how often the student began it, at least 1
 */
public record HandIn(String student, Exercise exercise, Map<String, DataTable> tables, Map<String, List<Attempt>> attempts, Map<String, OwnSheet> sheets, int begun) {

    public HandIn {
        tables = Map.copyOf(tables);
        attempts = Map.copyOf(attempts);
        sheets = Map.copyOf(sheets);
        begun = Math.max(1, begun);
    }

    /** Work that was begun once. */
    public HandIn(String student, Exercise exercise, Map<String, DataTable> tables, Map<String, List<Attempt>> attempts) {
        this(student, exercise, tables, attempts, Map.of(), 1);
    }

    /** The desk as it was handed in: tables, answers and the roles that were chosen; how the plot looked is not in a hand-in. */
    public Desk desk() {
        Work fresh = Work.begin(exercise);
        Map<String, PartWork> parts = new HashMap<>();
        for (Part part : exercise.parts()) {
            PartWork work = fresh.part(part);
            Optional<Roles> chosen = part.tasks().stream().flatMap(task -> attempts.getOrDefault(task.id(), List.of()).stream())
                    .map(Attempt::answer).filter(Answer.RolesChosen.class::isInstance).map(answer -> answer.as(Answer.RolesChosen.class).roles())
                    .reduce((_, newest) -> newest).flatMap(roles -> roles.filter(it -> it.isWithin(tables.getOrDefault(part.id(), work.table()).width())));
            DataTable handed = tables.getOrDefault(part.id(), work.table());
            DataTable table = part.isOwn() || handed.width() == part.data().width() ? handed : work.table();
            parts.put(part.id(), new PartWork(table, chosen.or(work::roles), work.unchosen(),
                    work.plot(), work.curves(), work.reading(), sheets.getOrDefault(part.id(), work.sheet()), round(part), work.tracing(), Set.of()));
        }
        Map<String, Answer> answers = new HashMap<>();
        attempts.forEach((task, list) -> list.stream().reduce((_, newest) -> newest).ifPresent(newest -> answers.put(task, newest.answer())));
        return new Desk(exercise, new Work(parts, answers, new Checks(List.of(attempts), begun), 0, student), Pointing.AT_NOTHING);
    }

    /** The round that was played last in a part. */
    private OptionalInt round(Part part) {
        return part.tasks().stream().flatMap(task -> attempts.getOrDefault(task.id(), List.of()).stream()).map(Attempt::round).flatMapToInt(OptionalInt::stream).max();
    }

    /** The hand-in of a desk as it stands. */
    public static HandIn of(Desk desk) {
        Work work = desk.work();
        // Where each row came from mattered while the answers were taken from the table; what is handed in is what it says.
        Map<String, DataTable> tables = new HashMap<>();
        work.parts().forEach((part, here) -> tables.put(part, here.table().withRows(here.table().rows().stream().map(row -> row.givenAs(Row.OWN)).toList())));
        Map<String, OwnSheet> sheets = new HashMap<>();
        desk.exercise().parts().stream().filter(Part::hasSection).forEach(part -> sheets.put(part.id(), work.part(part).sheet()));
        return new HandIn(work.student().strip(), desk.exercise(), tables, work.attempts(), sheets, work.checks().begun());
    }
}
