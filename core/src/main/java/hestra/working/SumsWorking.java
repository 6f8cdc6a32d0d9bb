package hestra.working;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

import hestra.data.Pairs;
import hestra.fit.LineFit;
import hestra.numbers.Accumulator;
import hestra.numbers.DoubleDouble;
import hestra.numbers.NumberStyle;

/**
 * The hand calculation of a line and its correlation by sums: a table with a column for each quantity and a row for each
 * pair, the sums below it, and the steps from the sums to slope, intercept, r, R² and s.
 *
 * @param rows one for each pair
 * @param sums the sum of each column, in the order of {@link Column}; nothing where it leaves the range of a double
 * @param steps the calculation, in order
 */
public record SumsWorking(List<Row> rows, List<OptionalDouble> sums, List<Step> steps) {

    /** Deviations and residuals sum to zero; what their rounding leaves of that is not shown. */
    private static final double ROUNDED = 1e-12;

    /** A column of the table. */
    public enum Column {
        X("x"),
        Y("y"),
        X_SQUARED("x²"),
        Y_SQUARED("y²"),
        XY("x y"),
        DEVIATION_X("x − x̄"),
        DEVIATION_Y("y − ȳ"),
        DEVIATION_X_SQUARED("(x − x̄)²"),
        DEVIATION_Y_SQUARED("(y − ȳ)²"),
        PRODUCT("(x − x̄)(y − ȳ)"),
        FITTED("ŷ"),
        RESIDUAL("y − ŷ"),
        RESIDUAL_SQUARED("(y − ŷ)²");

        private final String heading;

        Column(String heading) {
            this.heading = heading;
        }

        public String heading() {
            return heading;
        }
    }

    /** The columns in the order in which a class unfolds them: deviations, their squares and products, then the residuals. */
    public static final List<Column> UNFOLDING = List.of(Column.X, Column.Y, Column.DEVIATION_X, Column.DEVIATION_Y,
            Column.DEVIATION_X_SQUARED, Column.PRODUCT,
            Column.DEVIATION_Y_SQUARED, Column.FITTED, Column.RESIDUAL, Column.RESIDUAL_SQUARED);

    /**
     * One pair.
     *
     * @param row index of the table's row, from 0
     * @param count how often it was observed; sums take it so often
     * @param values one for each {@link Column}
     */
    public record Row(int row, int count, List<Double> values) {
        public double value(Column column) {
            return values.get(column.ordinal());
        }

        /** A value as it is written: one that was measured in full. */
        public String shown(Column column, NumberStyle style) {
            return column == Column.X || column == Column.Y ? style.sum(value(column)) : style.worked(value(column));
        }
    }

    /**
     * One step from the sums to a result.
     *
     * @param name what is found, such as "slope"
     * @param formula how, in words and signs: "b = Sxy ÷ Sxx"
     * @param value the result; nothing where it is not defined
     * @param after the last column that must be there for the step
     */
    public record Step(String name, String formula, OptionalDouble value, Column after) {

        /** The step with its result. */
        public String shown(NumberStyle style) {
            return formula + " " + style.equal(value.orElse(Double.NaN));
        }
    }

    /** The working of a line; nothing where an entry leaves the range of a double. */
    public static Optional<SumsWorking> of(LineFit line, Pairs pairs) {
        List<Row> rows = new ArrayList<>(pairs.size());
        for (int i = 0; i < pairs.size(); i++) {
            rows.add(row(line, pairs, i));
        }
        if (rows.stream().flatMap(row -> row.values.stream()).anyMatch(value -> !Double.isFinite(value))) {
            return Optional.empty();
        }
        List<OptionalDouble> sums = new ArrayList<>();
        for (Column column : Column.values()) {
            sums.add(sum(rows, column));
        }
        return Optional.of(new SumsWorking(List.copyOf(rows), List.copyOf(sums), steps(line, sums)));
    }

    /** The sum of a column. */
    public OptionalDouble sum(Column column) {
        return sums.get(column.ordinal());
    }

    /** The same as it is written; empty where there is none. */
    public String shownSum(Column column, NumberStyle style) {
        return sum(column).isPresent() ? style.sum(sum(column).getAsDouble()) : "";
    }

    private static Row row(LineFit line, Pairs pairs, int i) {
        double x = pairs.x(i);
        double y = pairs.y(i);
        double dx = x - line.meanX();
        double dy = y - line.meanY();
        double e = line.residualOf(x, y);
        return new Row(pairs.row(i), pairs.count(i),
                List.of(x, y, x * x, y * y, x * y, dx, dy, dx * dx, dy * dy, dx * dy, line.at(x), e, e * e));
    }

    private static OptionalDouble sum(List<Row> rows, Column column) {
        Accumulator sum = new Accumulator();
        double sizes = 0;
        for (Row row : rows) {
            double value = row.value(column);
            sizes += row.count * Math.abs(value);
            DoubleDouble term = switch (column) {
                case X_SQUARED, Y_SQUARED, XY -> product(row, column);
                default -> DoubleDouble.of(value);
            };
            sum.add(term.times(row.count));
        }
        double total = sum.sum().toDouble();
        boolean isZero = column == Column.DEVIATION_X || column == Column.DEVIATION_Y || column == Column.RESIDUAL;
        if (isZero && Math.abs(total) <= ROUNDED * sizes) {
            return OptionalDouble.of(0);
        }
        return Double.isFinite(total) ? OptionalDouble.of(total) : OptionalDouble.empty();
    }

    private static DoubleDouble product(Row row, Column column) {
        double x = row.value(Column.X);
        double y = row.value(Column.Y);
        return switch (column) {
            case X_SQUARED -> DoubleDouble.product(x, x);
            case Y_SQUARED -> DoubleDouble.product(y, y);
            default -> DoubleDouble.product(x, y);
        };
    }

    private static List<Step> steps(LineFit line, List<OptionalDouble> sums) {
        return List.of(
                new Step("mean of x", "x̄ = Σx ÷ n", OptionalDouble.of(line.meanX()), Column.X),
                new Step("mean of y", "ȳ = Σy ÷ n", OptionalDouble.of(line.meanY()), Column.Y),
                new Step("Sxx", "Sxx = Σ(x − x̄)²", sums.get(Column.DEVIATION_X_SQUARED.ordinal()), Column.DEVIATION_X_SQUARED),
                new Step("Syy", "Syy = Σ(y − ȳ)²", OptionalDouble.of(line.sst()), Column.DEVIATION_Y_SQUARED),
                new Step("Sxy", "Sxy = Σ(x − x̄)(y − ȳ)", sums.get(Column.PRODUCT.ordinal()), Column.PRODUCT),
                new Step("slope", "b = Sxy ÷ Sxx", OptionalDouble.of(line.slope().value()), Column.PRODUCT),
                new Step("intercept", "a = ȳ − b x̄", OptionalDouble.of(line.intercept().value()), Column.PRODUCT),
                new Step("correlation", "r = Sxy ÷ √(Sxx · Syy)", line.r(), Column.DEVIATION_Y_SQUARED),
                new Step("sum of squared residuals", "SSE = Σ(y − ŷ)²", OptionalDouble.of(line.sse()), Column.RESIDUAL_SQUARED),
                new Step("coefficient of determination", "R² = 1 − SSE ÷ Syy", line.rSquared(), Column.RESIDUAL_SQUARED),
                new Step("residual standard error", "s = √(SSE ÷ (n − 2))", line.residualStandardError(),
                        Column.RESIDUAL_SQUARED));
    }
}
