package hestra.data;

import java.util.Set;

/**
 * A named choice of rows, such as "the sheltered side", to fit those points alone.
 *
 * @param name what the rows have in common
 * @param rows indices of the table's rows, from 0; rows that are not there are of no account
 */
public record Subset(String name, Set<Integer> rows) {

    public Subset {
        rows = Set.copyOf(rows);
    }
}
