package hestra.task;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;

import hestra.data.DataTable;
import hestra.data.Roles;

/**
 * What a task may see of the student's work on a part.
 *
 * @param truth what is right there
 * @param table the student's data
 * @param roles the roles that the student has chosen; nothing chosen yet where empty
 * @param drafts answers begun, by task id
 * @param handiwork what was done by hand
 * @param round the round of playing, from 1; nothing for the data as they were given out
 */
public record Bench(Truth truth, DataTable table, Optional<Roles> roles, Map<String, Answer> drafts, Handiwork handiwork,
        OptionalInt round) {

    public Bench {
        drafts = Map.copyOf(drafts);
    }

    /** What is on the bench when nothing is tried by eye and the data are those that were given out. */
    public Bench(Truth truth, DataTable table, Optional<Roles> roles, Map<String, Answer> drafts) {
        this(truth, table, roles, drafts, Handiwork.NONE, OptionalInt.empty());
    }

    /** Where the printed rows stand in the student's table. */
    Placement placement() {
        return Placement.of(truth, table);
    }

    /** The answer to a task that was begun; {@code nothing} where none was, or one of another kind. */
    Answer draft(Task task, Answer nothing) {
        Answer draft = drafts.get(task.id());
        return draft != null && nothing.getClass() == draft.getClass() ? draft : nothing;
    }

    /**
     * The answer to a task as it stands, with the rows that are set aside: by their places in the printed table, and beyond its
     * end where they are not of it.
     */
    public Attempt attempt(Task task) {
        Placement placement = placement();
        Set<Integer> setAside = new TreeSet<>();
        for (int row = 0; row < table.size(); row++) {
            if (table.row(row).isSetAside()) {
                int printed = placement.printedAt(row);
                setAside.add(printed < 0 ? truth.data().size() + row : printed);
            }
        }
        return new Attempt(task.standing(this), setAside, round).on(table);
    }
}
