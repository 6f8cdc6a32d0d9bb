package hestra.summary;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.data.Variable;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import hestra.summary.Suspicion.Kind;

/**
 * Looks through a table for what is usually a slip of the pen, the keyboard or the clipboard. Rows that are set aside have
 * been looked at and are passed over.
 *
 * <p>A value is taken for a slipped decimal point when it lies far off the line through the middle of its eight neighbours in
 * the order of x, by the median of slopes, and 10, 100 or 1000 times or one such part of it lies near that line; the worst is
 * left out before the next is looked for. A value is far from all others when it lies {@value #FAR_APART} times the width of
 * the middle half outside it, and {@value #FAR_APART_IN_LOGARITHMS} times by logarithms. Pairs are
 * taken to be slipped by a row when r of each x with the y one row on is above 0.9 in size and r of the pairs as they stand
 * is less than 0.6 of that.
 *
 * @see "H. Theil, A rank-invariant method of linear and polynomial regression analysis, 1950, for the median of slopes"
 */
public final class EntryChecks {

    private static final int MOST_ROWS = 2_000;
    private static final int NEIGHBOURS = 8;
    private static final double LEAST_SCATTER = 0.005;
    private static final double FAR_OFF = 8;
    private static final double FITS = 4;
    private static final int MOST_ALIKE = 3;
    /** So often those about the worst are looked at again. */
    private static final int MOST_ROUNDS = 5;
    private static final int FEWEST_TO_BE_FAR_FROM = 6;
    private static final double FAR_APART = 8;
    private static final double FAR_APART_IN_LOGARITHMS = 4;
    private static final int FEWEST_TO_SLIP = 8;
    private static final double STRONG = 0.9;
    private static final double MUCH_WEAKER = 0.6;

    private final DataTable table;
    private final Roles roles;
    private final NumberStyle style;
    private final List<Suspicion> found = new ArrayList<>();

    private EntryChecks(DataTable table, Roles roles, DecimalMark mark) {
        this.table = table;
        this.roles = roles;
        this.style = new NumberStyle(mark, 4);
    }

    /** What looks wrong, the gravest first; nothing for a table of more than {@value #MOST_ROWS} rows. */
    public static List<Suspicion> of(DataTable table, Roles roles, DecimalMark mark) {
        if (table.size() > MOST_ROWS) {
            return List.of();
        }
        EntryChecks checks = new EntryChecks(table, roles, mark);
        checks.cells();
        checks.possible();
        checks.lengths();
        checks.samePairs();
        Pairs pairs = Pairs.of(table, roles);
        checks.scale(pairs);
        checks.far();
        checks.slipped(pairs);
        checks.gather(Kind.SAME_PAIR, "rows repeat a pair that stands above them");
        checks.gather(Kind.NOT_A_NUMBER, "rows hold something that is not a number");
        checks.gather(Kind.IMPOSSIBLE, "values are impossible");
        checks.gather(Kind.INCOMPLETE, "rows are incomplete");
        checks.found.sort(Comparator.comparing(Suspicion::kind).thenComparing(Suspicion::row));
        return List.copyOf(checks.found);
    }

    /** Many of one kind become one remark. */
    private void gather(Kind kind, String words) {
        List<Suspicion> alike = found.stream().filter(it -> it.kind() == kind).toList();
        if (alike.size() > MOST_ALIKE) {
            found.removeAll(alike);
            found.add(Suspicion.several(alike, alike.size() + " " + words + ", the first is row " + (alike.getFirst().row() + 1)
                    + "."));
        }
    }

    private String name(int column) {
        return table.variable(column).name();
    }

    private void cells() {
        for (int row = 0; row < table.size(); row++) {
            if (table.row(row).isEmpty() || table.row(row).isSetAside()) {
                continue;
            }
            Cell x = table.cell(row, roles.explanatory());
            Cell y = table.cell(row, roles.response());
            if (isHeading(row)) {
                found.add(new Suspicion(Kind.HEADING_INSIDE, row, 0,
                        "Row " + (row + 1) + " looks like a line of headings among the data."));
            } else if (x instanceof Cell.Unreadable || y instanceof Cell.Unreadable) {
                int column = x instanceof Cell.Unreadable ? roles.explanatory() : roles.response();
                found.add(new Suspicion(Kind.NOT_A_NUMBER, row, column,
                        "Row " + (row + 1) + ": " + ((Cell.Unreadable) table.cell(row, column)).why()));
            } else if (x.isEmpty() != y.isEmpty()) {
                int column = x.isEmpty() ? roles.explanatory() : roles.response();
                found.add(new Suspicion(Kind.INCOMPLETE, row, column, "Row " + (row + 1) + " has no " + name(column) + "."));
            }
        }
    }

    /** Values that the author has ruled out. */
    private void possible() {
        for (int column = 0; column < table.width(); column++) {
            Optional<Variable.Limits> limits = table.variable(column).possible();
            for (int row = 0; row < table.size() && limits.isPresent(); row++) {
                if (!table.row(row).isSetAside() && table.cell(row, column) instanceof Cell.Measured(String text, double value)
                        && !limits.get().allow(value)) {
                    found.add(new Suspicion(Kind.IMPOSSIBLE, row, column, "Row " + (row + 1) + ": " + name(column) + " " + text
                            + table.variable(column).unitAfterNumber() + " is impossible; it lies between "
                            + style.shortest(limits.get().least())
                            + " and " + style.shortest(limits.get().greatest()) + "."));
                }
            }
        }
    }

    /** Whether a row says in words what the columns are called, or words in both columns. */
    private boolean isHeading(int row) {
        return table.cell(row, roles.explanatory()) instanceof Cell.Unreadable x
                && table.cell(row, roles.response()) instanceof Cell.Unreadable y
                && (named(x, roles.explanatory()) || named(y, roles.response())
                || x.text().chars().allMatch(c -> Character.isLetter(c) || c == ' ')
                && y.text().chars().allMatch(c -> Character.isLetter(c) || c == ' '));
    }

    private boolean named(Cell.Unreadable cell, int column) {
        return cell.text().toLowerCase(Locale.ROOT).startsWith(name(column).toLowerCase(Locale.ROOT)) && !name(column).isBlank();
    }

    /** Columns of which one goes on below the other. */
    private void lengths() {
        int x = lastFilled(roles.explanatory());
        int y = lastFilled(roles.response());
        if (Math.abs(x - y) < 2 || x < 0 || y < 0) {
            return;
        }
        int longer = x > y ? roles.explanatory() : roles.response();
        int shorter = x > y ? roles.response() : roles.explanatory();
        found.removeIf(it -> it.kind() == Kind.INCOMPLETE && it.row() > Math.min(x, y));
        found.add(new Suspicion(Kind.UNEQUAL_LENGTHS, Math.min(x, y) + 1, shorter,
                name(longer) + " goes down to row " + (Math.max(x, y) + 1) + ", "
                + name(shorter) + " only to row " + (Math.min(x, y) + 1) + ". Is something missing?"));
    }

    private int lastFilled(int column) {
        int row = table.size() - 1;
        while (row >= 0 && table.cell(row, column).isEmpty()) {
            row--;
        }
        return row;
    }

    private void samePairs() {
        Map<List<Double>, Integer> first = new HashMap<>();
        List<Suspicion> again = new ArrayList<>();
        for (int row = 0; row < table.size(); row++) {
            if (!table.row(row).isSetAside() && table.cell(row, roles.explanatory()) instanceof Cell.Measured x
                    && table.cell(row, roles.response()) instanceof Cell.Measured y) {
                Integer before = first.putIfAbsent(List.of(x.value(), y.value()), row);
                if (before != null) {
                    again.add(new Suspicion(Kind.SAME_PAIR, row, roles.explanatory(),
                            "Row " + (row + 1) + " is the same pair as row " + (before + 1) + "."));
                }
            }
        }
        found.addAll(again);
    }

    /**
     * The worst first: those about it are looked at again without it, so that it accuses none of them. What stands further apart
     * has nothing to do with each other and is taken in one round.
     */
    private void scale(Pairs pairs) {
        Set<Integer> out = new HashSet<>();
        List<Odd> worst = worst(pairs, out);
        for (int round = 0; round < MOST_ROUNDS && !worst.isEmpty(); round++) {
            worst.forEach(this::slippedPoint);
            worst.forEach(it -> out.add(it.row));
            worst = worst(pairs, out);
        }
    }

    /**
     * A value far from its neighbours.
     *
     * @param at its place in the order in which it was held against them
     * @param expected what they lead to expect
     * @param usual how far values commonly lie from that
     */
    private record Odd(int row, int column, int at, double value, double expected, double usual) {

        private double times() {
            return Math.abs(value - expected) / usual;
        }

        /** Whether it is the worse of two that may have to do with each other. */
        boolean outdoes(Odd other) {
            boolean near = row == other.row || column == other.column && Math.abs(at - other.at) <= NEIGHBOURS;
            return near && times() > other.times();
        }
    }

    private List<Odd> worst(Pairs pairs, Set<Integer> out) {
        int[] asTyped = IntStream.range(0, pairs.size()).filter(i -> !out.contains(pairs.row(i))).toArray();
        if (asTyped.length <= NEIGHBOURS) {
            return List.of();
        }
        int[] alongX = IntStream.of(asTyped).boxed().sorted(Comparator.comparingDouble(pairs::x))
                .mapToInt(Integer::intValue).toArray();
        List<Odd> odd = new ArrayList<>();
        check(alongX, pairs, roles.response(), IntStream.of(alongX).mapToDouble(pairs::x).toArray(), IntStream.of(alongX)
                .mapToDouble(pairs::y).toArray(), odd);
        // An x that is far off has no neighbours along x: it is held against its neighbours in the table.
        check(asTyped, pairs, roles.explanatory(), IntStream.range(0, asTyped.length).asDoubleStream().toArray(),
                IntStream.of(asTyped).mapToDouble(pairs::x).toArray(), odd);
        return odd.stream().filter(it -> odd.stream().noneMatch(other -> other.outdoes(it))).toList();
    }

    /** Holds each value against the line through the middle of its neighbours, of which a few may be slips themselves. */
    private void check(int[] order, Pairs pairs, int column, double[] places, double[] values, List<Odd> odd) {
        int n = values.length;
        double[] expected = new double[n];
        double[] scatter = new double[n];
        double[] off = new double[n];
        for (int at = 0; at < n; at++) {
            int i = at;
            int from = Math.clamp(at - NEIGHBOURS / 2, 0, n - NEIGHBOURS - 1);
            int[] around = IntStream.rangeClosed(from, from + NEIGHBOURS).filter(k -> k != i).toArray();
            double[] x = IntStream.of(around).mapToDouble(k -> places[k]).toArray();
            double[] y = IntStream.of(around).mapToDouble(k -> values[k]).toArray();
            double slope = medianSlope(x, y);
            double[] levels = IntStream.range(0, x.length).mapToDouble(k -> y[k] - slope * x[k]).toArray();
            double level = median(levels);
            expected[at] = level + slope * places[at];
            scatter[at] = median(Arrays.stream(levels).map(it -> Math.abs(it - level)).toArray());
            off[at] = isFarOut(places[at], x) ? 0 : Math.abs(values[at] - expected[at]);
        }
        double everywhere = median(off);
        for (int at = 0; at < n; at++) {
            double usual = Math.max(Math.max(everywhere, scatter[at]), LEAST_SCATTER * Math.abs(expected[at]));
            if (off[at] > FAR_OFF * usual && values[at] != 0) {
                odd.add(new Odd(pairs.row(order[at]), column, at, values[at], expected[at], usual));
            }
        }
    }

    /**
     * Values that lie far from all others of their column, whatever stands beside them: further outside the middle half than so
     * many times its width, and so too by their logarithms, since sizes and counts often have a long tail.
     */
    private void far() {
        for (int column : new int[] {roles.explanatory(), roles.response()}) {
            int[] rows = IntStream.range(0, table.size()).filter(row -> !table.row(row).isSetAside()
                    && table.cell(row, column) instanceof Cell.Measured).toArray();
            double[] values = IntStream.of(rows).mapToDouble(row -> ((Cell.Measured) table.cell(row, column)).value()).toArray();
            boolean[] apart = apart(values, FAR_APART);
            boolean positive = Arrays.stream(values).allMatch(it -> it > 0);
            boolean[] apartInLogarithms = positive
                    ? apart(Arrays.stream(values).map(Math::log).toArray(), FAR_APART_IN_LOGARITHMS)
                    : apart;
            double[] others = IntStream.range(0, values.length).filter(i -> !apart[i]).mapToDouble(i -> values[i]).toArray();
            for (int i = 0; i < rows.length; i++) {
                int row = rows[i];
                if (apart[i] && apartInLogarithms[i]
                        && found.stream().noneMatch(it -> it.row() == row && it.column() == column)) {
                    found.add(new Suspicion(Kind.FAR, row, column, "Row " + (row + 1) + ": " + name(column) + " "
                            + table.cell(row, column).text()
                            + " is far from all others, which go from " + ends(column, others) + ". Is it right?"));
                }
            }
        }
    }

    private String ends(int column, double[] others) {
        DoubleSummaryStatistics range = Arrays.stream(others).summaryStatistics();
        return table.variable(column).shown(range.getMin(), style) + " to " + table.variable(column).shown(range.getMax(), style);
    }

    /** Which values lie far outside the middle half of all. */
    private static boolean[] apart(double[] values, double widths) {
        boolean[] apart = new boolean[values.length];
        if (values.length < FEWEST_TO_BE_FAR_FROM) {
            return apart;
        }
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        double low = sorted[sorted.length / 4];
        double high = sorted[sorted.length - 1 - sorted.length / 4];
        for (int i = 0; i < values.length; i++) {
            apart[i] = high > low && Math.max(low - values[i], values[i] - high) > widths * (high - low);
        }
        return apart;
    }

    /** Whether a place lies so far beyond its neighbours that the line through them says nothing about it. */
    private static boolean isFarOut(double place, double[] neighbours) {
        DoubleSummaryStatistics range = Arrays.stream(neighbours).summaryStatistics();
        double beyond = Math.max(range.getMin() - place, place - range.getMax());
        return beyond > (range.getMax() - range.getMin()) / 2;
    }

    private void slippedPoint(Odd odd) {
        for (int power : new int[] {1, 2, 3, -1, -2, -3}) {
            double moved = odd.value / Math.pow(10, power);
            if (Math.abs(moved - odd.expected) < FITS * odd.usual) {
                found.add(new Suspicion(Kind.SCALE, odd.row, odd.column,
                        "Row " + (odd.row + 1) + ": " + name(odd.column) + " " + style.shortest(odd.value)
                                + " is far from its neighbours; "
                        + style.shortest(Double.parseDouble(String.format(Locale.ROOT, "%.12g", moved)))
                        + " would fit. A slipped decimal point?"));
                return;
            }
        }
    }

    private static double medianSlope(double[] x, double[] y) {
        double[] slopes = IntStream.range(0, x.length).boxed()
                .flatMap(i -> IntStream.range(i + 1, x.length).filter(k -> x[k] != x[i])
                .mapToObj(k -> (y[k] - y[i]) / (x[k] - x[i])))
                .mapToDouble(Double::doubleValue).toArray();
        return slopes.length == 0 ? 0 : median(slopes);
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int half = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[half] : sorted[half - 1] / 2 + sorted[half] / 2;
    }

    private void slipped(Pairs pairs) {
        int n = pairs.size();
        if (n < FEWEST_TO_SLIP || found.stream().anyMatch(it -> it.kind() == Kind.SCALE || it.kind() == Kind.FAR)) {
            // A single value far off decides r, whether it stands among the pairs or is moved out of them.
            return;
        }
        OptionalDouble asItStands = r(pairs, 0);
        for (int step : new int[] {1, -1}) {
            OptionalDouble moved = r(pairs, step);
            if (moved.isPresent() && asItStands.isPresent() && Math.abs(moved.getAsDouble()) > STRONG
                    && Math.abs(asItStands.getAsDouble()) < MUCH_WEAKER * Math.abs(moved.getAsDouble())) {
                found.add(new Suspicion(Kind.SLIPPED, 0, roles.response(),
                        "With " + name(roles.response()) + " moved one row " + (step > 0 ? "up" : "down")
                        + ", the pairs correlate more strongly. Is one column shifted by a row?"));
            }
        }
    }

    /** r of each x with the y so many rows on. */
    private static OptionalDouble r(Pairs pairs, int step) {
        int n = pairs.size() - Math.abs(step);
        double[] x = IntStream.range(0, n).mapToDouble(i -> pairs.x(i + Math.max(0, -step))).toArray();
        double[] y = IntStream.range(0, n).mapToDouble(i -> pairs.y(i + Math.max(0, step))).toArray();
        return Association.of(Pairs.of(Arrays.copyOf(x, n), Arrays.copyOf(y, n))).map(Association::r)
                .orElse(OptionalDouble.empty());
    }
}
