package hestra.task;

import java.util.List;
import java.util.stream.IntStream;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Row;

/** A task whose answer is that of the data as they were given out, so that points which were moved elsewhere lead astray. */
public sealed interface RestsOnGiven
        permits CheckConditions, ChooseCurve, Describe, Explain, FillCalculation, FindPoint, Predict, ReadValue, WhatChanceDoes,
        WriteEquation {

    /**
     * The places, from 0, of rows in the student's table whose x or y is not what was given out; none for other tasks. Where
     * something was mistyped on purpose the student is to change values, and nothing is said.
     */
    static List<Integer> displaced(Task task, Bench bench) {
        return task instanceof RestsOnGiven ? displaced(bench) : List.of();
    }

    /** The same whatever is asked. */
    static List<Integer> displaced(Bench bench) {
        DataTable given = bench.truth().given();
        boolean slips = IntStream.range(0, Math.min(given.size(), bench.truth().data().size()))
                .anyMatch(row -> differs(given.row(row), bench.truth().data().row(row), bench));
        return slips ? List.of()
                : IntStream.range(0, bench.table().size()).filter(place -> isDisplaced(bench.table().row(place), given, bench))
                .boxed().toList();
    }

    private static boolean isDisplaced(Row row, DataTable given, Bench bench) {
        return row.origin() != Row.OWN && !row.isSetAside() && row.origin() < given.size()
                && differs(row, given.row(row.origin()), bench);
    }

    /** Whether both rows have numbers for x and y that are not the same. */
    private static boolean differs(Row one, Row other, Bench bench) {
        return IntStream.of(bench.truth().roles().explanatory(), bench.truth().roles().response())
                .anyMatch(column -> one.cell(column) instanceof Cell.Measured(String _, double mine)
                        && other.cell(column) instanceof Cell.Measured(String _, double theirs) && mine != theirs);
    }
}
