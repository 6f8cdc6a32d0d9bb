package hestra.marking;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import hestra.data.DataTable;
import hestra.data.Row;
import hestra.desk.Desk;
import hestra.desk.Work;
import hestra.exercise.Exercise;
import hestra.task.Attempt;

/**
 * A student's finished work: the exercise as it was done, and what was made of it.
 *
 * @param student the name it was handed in under
 * @param exercise the exercise as the student had it
 * @param tables the student's data at the end, by the id of their part
 * @param attempts answers checked since the work was begun last, oldest first, by task id
 * @param begun how often the student began it, at least 1
 */
public record HandIn(String student, Exercise exercise, Map<String, DataTable> tables, Map<String, List<Attempt>> attempts, int begun) {

    public HandIn {
        tables = Map.copyOf(tables);
        attempts = Map.copyOf(attempts);
        begun = Math.max(1, begun);
    }

    /** Work that was begun once. */
    public HandIn(String student, Exercise exercise, Map<String, DataTable> tables, Map<String, List<Attempt>> attempts) {
        this(student, exercise, tables, attempts, 1);
    }

    /** The hand-in of a desk as it stands. */
    public static HandIn of(Desk desk) {
        Work work = desk.work();
        // Where each row came from mattered while the answers were taken from the table; what is handed in is what it says.
        Map<String, DataTable> tables = new HashMap<>();
        work.parts().forEach((part, here) -> tables.put(part, here.table().withRows(here.table().rows().stream().map(row -> row.givenAs(Row.OWN)).toList())));
        return new HandIn(work.student().strip(), desk.exercise(), tables, work.attempts(), work.checks().begun());
    }
}
