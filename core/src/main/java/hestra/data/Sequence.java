package hestra.data;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

import hestra.numbers.DecimalMark;

/**
 * Numbers at one distance, a, a + d, a + 2d, …, worked out in decimals: 0.1 and 0.2 go on with 0.3.
 *
 * @param first a
 * @param step d
 * @param places the decimal places that its members are written with
 */
public record Sequence(BigDecimal first, BigDecimal step, int places) {

    /** The sequence that two numbers begin; nothing where they are not both numbers. */
    public static Optional<Sequence> of(Cell first, Cell second) {
        if (!(first instanceof Cell.Measured a && second instanceof Cell.Measured b)) {
            return Optional.empty();
        }
        BigDecimal start = BigDecimal.valueOf(a.value());
        BigDecimal step = BigDecimal.valueOf(b.value()).subtract(start);
        return Optional.of(new Sequence(start, step, Math.max(a.places(), b.places())));
    }

    /** The next so many members after the first two; empty cells where they leave the range of a double. */
    public List<Cell> goingOn(int count, DecimalMark mark) {
        return IntStream.range(2, 2 + count).mapToObj(k -> member(k, mark)).toList();
    }

    private Cell member(int k, DecimalMark mark) {
        BigDecimal member = first.add(step.multiply(BigDecimal.valueOf(k)));
        double value = member.doubleValue();
        // As long as all the others where it is plainly written, however long it is worked out to.
        if (Math.abs(value) >= Cell.LEAST_LONG) {
            return Double.isFinite(value) ? Cell.of(value, mark) : Cell.EMPTY;
        }
        return Cell.of(member.setScale(places, RoundingMode.HALF_EVEN).toPlainString().replace('.', mark.sign()), mark);
    }
}
