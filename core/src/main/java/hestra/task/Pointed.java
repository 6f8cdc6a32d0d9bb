package hestra.task;

import java.util.Collections;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * Points that were marked, and what is to be done about them.
 *
 * @param rows their rows in the printed table, from 0; those beyond its end are the student's own
 */
public record Pointed(Set<Integer> rows, Optional<PointAction> action, Optional<PointReason> reason) implements Answer {
    public static final Pointed NOTHING = new Pointed(Set.of(), Optional.empty(), Optional.empty());

    public Pointed {
        rows = Collections.unmodifiableSet(new TreeSet<>(rows));
    }

    @Override
    public boolean isBlank() {
        return rows.isEmpty() && action.isEmpty() && reason.isEmpty();
    }

    public Pointed with(PointAction chosen) {
        return new Pointed(rows, Optional.of(chosen), reason);
    }

    public Pointed with(PointReason chosen) {
        return new Pointed(rows, action, Optional.of(chosen));
    }
}
