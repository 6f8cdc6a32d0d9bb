package hestra.task;

import java.util.Set;

import hestra.data.DataTable;
import hestra.numbers.DecimalMark;

/** A task for which the table is given out otherwise than it was written. */
public sealed interface ChangesTable permits DrawIt, FindSlip {

    /** The table as it is given out. */
    DataTable givenOut(DataTable table, DecimalMark mark);

    /** The rows, from 0, in which a wrong value is given out. */
    default Set<Integer> slips() {
        return Set.of();
    }

    /** The rows, from 0, in which a task gives out a wrong value. */
    static Set<Integer> slips(Task task) {
        return task instanceof ChangesTable it ? it.slips() : Set.of();
    }
}
