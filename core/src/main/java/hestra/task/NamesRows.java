package hestra.task;

import java.util.Set;

import hestra.data.TableEdit;

/** A task that names places in the table, or leaves them to be found. */
public sealed interface NamesRows permits FillCalculation, FindPoint, FindSlip, ReadValue, TryOut, NamesRows.None {

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

    /** What a task is in this respect: of the other kinds, nothing. */
    static NamesRows of(Task task) {
        return task instanceof NamesRows it ? it : None.OF_THIS;
    }

    /** No rows are named. */
    enum None implements NamesRows {
        OF_THIS;

        @Override
        public Task following(TableEdit change) {
            throw new IllegalStateException("nothing is followed");
        }
    }
}
