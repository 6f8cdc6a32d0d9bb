package hestra.task;

import java.util.HashSet;
import java.util.Set;
import java.util.stream.IntStream;

import hestra.data.Cell;
import hestra.data.Pairs;
import hestra.data.Row;

/**
 * Which of the printed points a fit on the student's data takes, wherever they stand in the table.
 *
 * @param without the rows of the printed table, from 0, whose points take no part
 * @param given whether all others are the printed ones, by the roles that were given out
 */
record TakenPoints(Set<Integer> without, boolean given) {

    /** Of the rows that the fit is made to alone; of all where there are none. */
    static TakenPoints of(Bench bench, Set<Integer> only) {
        Truth truth = bench.truth();
        Placement placement = bench.placement();
        boolean given = bench.roles().isEmpty() || bench.roles().get().explanatory() == truth.roles().explanatory()
                && bench.roles().get().response() == truth.roles().response();
        Set<Integer> without = new HashSet<>(IntStream.range(0, truth.pairs().size()).mapToObj(truth.pairs()::row).toList());
        for (int place = 0; place < bench.table().size(); place++) {
            Row row = bench.table().row(place);
            if (!row.isSetAside() && (only.isEmpty() || only.contains(place)) && hasPair(row, truth)) {
                int printed = placement.printedAt(place);
                given &= printed >= 0 && printed < truth.data().size() && isSame(row, truth.data().row(printed), truth);
                without.remove(printed);
            }
        }
        return new TakenPoints(without, given);
    }

    private static boolean hasPair(Row row, Truth truth) {
        return row.cell(truth.roles().explanatory()) instanceof Cell.Measured
                && row.cell(truth.roles().response()) instanceof Cell.Measured;
    }

    private static boolean isSame(Row row, Row printed, Truth truth) {
        return Pairs.countOf(row, truth.roles().count()).equals(Pairs.countOf(printed, truth.roles().count()))
                && IntStream.of(truth.roles().explanatory(), truth.roles().response())
                .allMatch(column -> row.cell(column) instanceof Cell.Measured(String _, double mine)
                        && printed.cell(column) instanceof Cell.Measured(String _, double theirs) && mine == theirs);
    }
}
