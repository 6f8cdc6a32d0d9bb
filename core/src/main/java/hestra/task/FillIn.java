package hestra.task;

import java.util.List;

import hestra.numbers.Rounding;
import hestra.working.CalculationCells;

/**
 * A calculation with cells to be filled in.
 *
 * @param way by sums or by matrices
 * @param cells all cells
 * @param asked those that the student fills in, in the order in which one works
 * @param rounding how numbers are given in it
 */
public record FillIn(CalculationCells.Way way, CalculationCells cells, List<String> asked, Rounding rounding) {
    public FillIn {
        asked = List.copyOf(asked);
    }
}
