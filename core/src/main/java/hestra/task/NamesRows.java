package hestra.task;

import java.util.Set;

import hestra.data.TableEdit;

/** A task that names places in the table, or leaves them to be found. */
public sealed interface NamesRows permits FillCalculation, FindPoint, FindSlip, ReadValue, TryOut {

    /** The rows, from 0, that it names: a variant that has some of the rows has these. */
    default Set<Integer> namedRows() {
        return Set.of();
    }

    /** The rows, from 0, that it leaves to be found; none where it asks for no rows, or they cannot be told. */
    default Set<Integer> toFind(Truth truth) {
        return Set.of();
    }

    /** The task after a change of the part's data: places that it names are followed. */
    Task following(TableEdit change);

    /** The rows, from 0, that a task names. */
    static Set<Integer> namedRows(Task task) {
        return task instanceof NamesRows it ? it.namedRows() : Set.of();
    }

    /** The rows, from 0, that a task leaves to be found. */
    static Set<Integer> toFind(Task task, Truth truth) {
        return task instanceof NamesRows it ? it.toFind(truth) : Set.of();
    }
}
