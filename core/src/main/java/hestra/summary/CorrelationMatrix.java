package hestra.summary;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

import hestra.data.DataTable;
import hestra.data.Pairs;

/**
 * Pearson's r between every two of several columns, each from the pairs that are complete in those two.
 *
 * @param columns indices of the columns
 * @param entries row by row, in the order of the columns; 1 on the diagonal where the column varies, nothing where r is
 *     not defined
 * @param counts the number of observations behind each entry
 */
public record CorrelationMatrix(List<Integer> columns, List<List<OptionalDouble>> entries, List<List<Integer>> counts) {

    /** The columns of a table that hold numbers and no words. */
    public static List<Integer> columnsOfNumbers(DataTable table) {
        return IntStream.range(0, table.width()).filter(column -> switch (ColumnOverview.of(table, column).kind()) {
            case NUMBERS, WHOLE_NUMBERS -> true;
            case EMPTY, WORDS, MIXED -> false;
        }).boxed().toList();
    }

    /** The matrix of columns of a table; rows set aside take no part. */
    public static CorrelationMatrix of(DataTable table, List<Integer> columns) {
        List<List<OptionalDouble>> entries = new ArrayList<>();
        List<List<Integer>> counts = new ArrayList<>();
        for (int a : columns) {
            List<OptionalDouble> row = new ArrayList<>();
            List<Integer> ns = new ArrayList<>();
            for (int b : columns) {
                Pairs pairs = Pairs.of(table, a, b);
                row.add(Association.of(pairs).map(Association::r).orElse(OptionalDouble.empty()));
                ns.add(pairs.n());
            }
            entries.add(List.copyOf(row));
            counts.add(List.copyOf(ns));
        }
        return new CorrelationMatrix(List.copyOf(columns), List.copyOf(entries), List.copyOf(counts));
    }
}
