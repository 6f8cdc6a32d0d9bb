package hestra.working;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.fit.LeastSquares;
import hestra.numbers.Accumulator;
import hestra.numbers.DoubleDouble;

/**
 * A calculation by hand as cells, each made from others: for a class to fill in. The cells come in the order in which one works.
 *
 * @see SumsWorking
 * @see MatrixWorking
 */
public final class CalculationCells {

    /** More pairs than these are not calculated by hand. */
    public static final int MOST_PAIRS = 60;

    /** How the line is calculated. */
    public enum Way {
        SUMS("by sums"),
        MATRICES("by matrices");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }
    }

    /** What a cell is made of: its value from those of the cells that it needs. */
    @FunctionalInterface
    private interface Made {
        double from(ToDoubleFunction<String> value);
    }

    /**
     * One cell.
     *
     * @param id "dx:3" in row 3 of the column dx, or the name of a single value
     * @param group the column or the value that it belongs to
     * @param name what it is called in a sentence
     */
    public record Cell(String id, String group, String name) {}

    /**
     * Cells that belong together: a column of the table, a value, a matrix.
     *
     * @param id what it is called in files
     * @param title its formula
     */
    public record Group(String id, String title) {}

    /**
     * Cells as they stand beside one another.
     *
     * @param title stands above them; may be empty
     * @param columns the headings of the columns; none where there are none
     * @param rows the headings of the rows; none where there are none
     * @param ids the cells, row by row; an empty text where there is none
     */
    public record Grid(String title, List<String> columns, List<String> rows, List<List<String>> ids) {}

    private final Map<String, Cell> cells = new LinkedHashMap<>();
    private final Map<String, Made> made = new HashMap<>();
    private final Map<String, Group> groups = new LinkedHashMap<>();
    private final List<Grid> grids = new ArrayList<>();
    private final Map<String, Double> values = new HashMap<>();

    private CalculationCells() {}

    /** The cells of the line through these pairs; nothing where there is no line, or too many pairs. */
    public static Optional<CalculationCells> of(Way way, Pairs pairs) {
        if (pairs.size() > MOST_PAIRS || pairs.hasCounts() || LeastSquares.line(pairs).line().isEmpty()) {
            return Optional.empty();
        }
        CalculationCells cells = new CalculationCells();
        if (way == Way.SUMS) {
            cells.bySums(pairs);
        } else {
            cells.byMatrices(pairs);
        }
        cells.cells.keySet().forEach(id -> cells.values.put(id, cells.made.get(id).from(cells.values::get)));
        return cells.values.values().stream().allMatch(Double::isFinite) ? Optional.of(cells) : Optional.empty();
    }

    /** All groups of a way, for an author to choose from; x and y are always given. */
    public static List<Group> groups(Way way) {
        CalculationCells cells = new CalculationCells();
        Pairs some = Pairs.of(new double[] {0, 1, 2}, new double[] {0, 1, 1});
        if (way == Way.SUMS) {
            cells.bySums(some);
        } else {
            cells.byMatrices(some);
        }
        return cells.groups.values().stream().filter(group -> !isGiven(group.id)).toList();
    }

    /** Whether a group is never asked for. */
    public static boolean isGiven(String group) {
        return group.equals("x") || group.equals("y");
    }

    /** The cells in the order in which one works. */
    public List<Cell> cells() {
        return List.copyOf(cells.values());
    }

    public Group group(String id) {
        return groups.get(id);
    }

    public List<Grid> grids() {
        return List.copyOf(grids);
    }

    /** The cells that a cell is worked out from. */
    public Set<String> inputs(String id) {
        Set<String> asked = new LinkedHashSet<>();
        made.get(id).from(other -> {
            asked.add(other);
            return values.get(other);
        });
        asked.retainAll(cells.keySet());
        return asked;
    }

    /** The right value of a cell. */
    public double value(String id) {
        return values.get(id);
    }

    /**
     * What a cell comes to where others hold these values in the place of the right ones; not a number where it cannot be worked
     * out.
     */
    public double from(String id, Map<String, Double> own) {
        return made.get(id).from(other -> own.getOrDefault(other, values.get(other)));
    }

    private void put(String group, String title, String id, String name, Made how) {
        groups.putIfAbsent(group, new Group(group, title));
        cells.put(id, new Cell(id, group, name));
        made.put(id, how);
    }

    /** A column: a cell for each pair. */
    private void column(Pairs pairs, String group, String title, IntFunction<Made> how) {
        for (int i = 0; i < pairs.size(); i++) {
            put(group, title, at(group, i), title + " in row " + (pairs.row(i) + 1), how.apply(i));
        }
    }

    private static String at(String group, int i) {
        return group + ":" + (i + 1);
    }

    private void sum(Pairs pairs, String id, String title, String column) {
        put(id, title, id, title, value -> {
            Accumulator sum = new Accumulator();
            for (int i = 0; i < pairs.size(); i++) {
                sum.add(DoubleDouble.of(value.applyAsDouble(at(column, i))));
            }
            return sum.sum().toDouble();
        });
    }

    private void bySums(Pairs pairs) {
        int n = pairs.size();
        column(pairs, "x", "x", i -> _ -> pairs.x(i));
        column(pairs, "y", "y", i -> _ -> pairs.y(i));
        sum(pairs, "sum-x", "Σx", "x");
        sum(pairs, "sum-y", "Σy", "y");
        put("mean-x", "x̄ = Σx ÷ n", "mean-x", "x̄", value -> value.applyAsDouble("sum-x") / n);
        put("mean-y", "ȳ = Σy ÷ n", "mean-y", "ȳ", value -> value.applyAsDouble("sum-y") / n);
        column(pairs, "dx", "x − x̄", i -> value -> pairs.x(i) - value.applyAsDouble("mean-x"));
        column(pairs, "dy", "y − ȳ", i -> value -> pairs.y(i) - value.applyAsDouble("mean-y"));
        product(pairs, "dxx", "(x − x̄)²", "dx", "dx");
        sum(pairs, "sum-dxx", "Sxx = Σ(x − x̄)²", "dxx");
        product(pairs, "dxy", "(x − x̄)(y − ȳ)", "dx", "dy");
        sum(pairs, "sum-dxy", "Sxy = Σ(x − x̄)(y − ȳ)", "dxy");
        product(pairs, "dyy", "(y − ȳ)²", "dy", "dy");
        sum(pairs, "sum-dyy", "Syy = Σ(y − ȳ)²", "dyy");
        put("slope", "b = Sxy ÷ Sxx", "slope", "b", value -> value.applyAsDouble("sum-dxy") / value.applyAsDouble("sum-dxx"));
        put("intercept", "a = ȳ − b x̄", "intercept", "a",
                value -> value.applyAsDouble("mean-y") - value.applyAsDouble("slope") * value.applyAsDouble("mean-x"));
        put("r", "r = Sxy ÷ √(Sxx · Syy)", "r", "r",
                value -> syy(value) == 0
                ? 0 : value.applyAsDouble("sum-dxy") / Math.sqrt(value.applyAsDouble("sum-dxx") * syy(value)));
        column(pairs, "fitted", "ŷ", i -> value -> value.applyAsDouble("intercept") + value.applyAsDouble("slope") * pairs.x(i));
        column(pairs, "e", "y − ŷ", i -> value -> pairs.y(i) - value.applyAsDouble(at("fitted", i)));
        product(pairs, "ee", "(y − ŷ)²", "e", "e");
        sum(pairs, "sum-ee", "SSE = Σ(y − ŷ)²", "ee");
        put("r-squared", "R² = 1 − SSE ÷ Syy", "r-squared", "R²",
                value -> syy(value) == 0 ? 0 : 1 - value.applyAsDouble("sum-ee") / syy(value));
        put("s", "s = √(SSE ÷ (n − 2))", "s", "s", value -> n <= 2 ? 0 : Math.sqrt(value.applyAsDouble("sum-ee") / (n - 2)));
        List<String> columns = List.of("x", "y", "dx", "dy", "dxx", "dxy", "dyy", "fitted", "e", "ee");
        List<List<String>> rows = new ArrayList<>();
        List<String> names = new ArrayList<>();
        // On top, where they stay in sight.
        names.add("Σ");
        rows.add(columns.stream().map(it -> cells.containsKey("sum-" + it) ? "sum-" + it : "").toList());
        for (int i = 0; i < n; i++) {
            int row = i;
            names.add(Integer.toString(pairs.row(i) + 1));
            rows.add(columns.stream().map(it -> at(it, row)).toList());
        }
        grids.add(new Grid("", columns.stream().map(it -> groups.get(it).title).toList(), names, rows));
        List<String> single = List.of("mean-x", "mean-y", "slope", "intercept", "r", "r-squared", "s");
        grids.add(new Grid("", List.of(), single.stream().map(it -> groups.get(it).title).toList(),
                single.stream().map(List::of).toList()));
    }

    private static double syy(ToDoubleFunction<String> value) {
        return value.applyAsDouble("sum-dyy");
    }

    private void product(Pairs pairs, String group, String title, String one, String other) {
        column(pairs, group, title, i -> value -> value.applyAsDouble(at(one, i)) * value.applyAsDouble(at(other, i)));
    }

    private void byMatrices(Pairs pairs) {
        int n = pairs.size();
        column(pairs, "x", "x", i -> _ -> pairs.x(i));
        column(pairs, "y", "y", i -> _ -> pairs.y(i));
        String xx = "X′X";
        put("xx", xx, "xx:1:1", xx + ", first row, first column", _ -> n);
        put("xx", xx, "xx:1:2", xx + ", first row, second column", _ -> total(pairs, (x, _) -> DoubleDouble.of(x)));
        put("xx", xx, "xx:2:1", xx + ", second row, first column", _ -> total(pairs, (x, _) -> DoubleDouble.of(x)));
        put("xx", xx, "xx:2:2", xx + ", second row, second column", _ -> total(pairs, (x, _) -> DoubleDouble.product(x, x)));
        put("xy", "X′y", "xy:1", "X′y, first entry", _ -> total(pairs, (_, y) -> DoubleDouble.of(y)));
        put("xy", "X′y", "xy:2", "X′y, second entry", _ -> total(pairs, DoubleDouble::product));
        put("det", "determinant of X′X", "det", "the determinant",
                value -> value.applyAsDouble("xx:1:1") * value.applyAsDouble("xx:2:2") - value.applyAsDouble("xx:1:2")
                * value.applyAsDouble("xx:2:1"));
        String inverse = "(X′X)⁻¹";
        put("inverse", inverse, "inverse:1:1", inverse + ", first row, first column",
                value -> value.applyAsDouble("xx:2:2") / value.applyAsDouble("det"));
        put("inverse", inverse, "inverse:1:2", inverse + ", first row, second column",
                value -> -value.applyAsDouble("xx:1:2") / value.applyAsDouble("det"));
        put("inverse", inverse, "inverse:2:1", inverse + ", second row, first column",
                value -> -value.applyAsDouble("xx:2:1") / value.applyAsDouble("det"));
        put("inverse", inverse, "inverse:2:2", inverse + ", second row, second column",
                value -> value.applyAsDouble("xx:1:1") / value.applyAsDouble("det"));
        String b = "b = (X′X)⁻¹X′y";
        put("b", b, "b:1", "a", value -> value.applyAsDouble("inverse:1:1") * value.applyAsDouble("xy:1")
                + value.applyAsDouble("inverse:1:2") * value.applyAsDouble("xy:2"));
        put("b", b, "b:2", "b", value -> value.applyAsDouble("inverse:2:1") * value.applyAsDouble("xy:1")
                + value.applyAsDouble("inverse:2:2") * value.applyAsDouble("xy:2"));
        List<String> names = IntStream.range(0, n).mapToObj(i -> Integer.toString(pairs.row(i) + 1)).toList();
        grids.add(new Grid("", List.of("x", "y"), names, IntStream.range(0, n)
                .mapToObj(i -> List.of(at("x", i), at("y", i))).toList()));
        grids.add(new Grid(xx, List.of(), List.of(), List.of(List.of("xx:1:1", "xx:1:2"), List.of("xx:2:1", "xx:2:2"))));
        grids.add(new Grid("X′y", List.of(), List.of(), List.of(List.of("xy:1"), List.of("xy:2"))));
        grids.add(new Grid("determinant", List.of(), List.of(), List.of(List.of("det"))));
        grids.add(new Grid(inverse, List.of(), List.of(),
                List.of(List.of("inverse:1:1", "inverse:1:2"), List.of("inverse:2:1", "inverse:2:2"))));
        grids.add(new Grid(b, List.of(), List.of("a", "b"), List.of(List.of("b:1"), List.of("b:2"))));
    }

    /** A term of a sum over the pairs. */
    @FunctionalInterface
    private interface Term {
        DoubleDouble of(double x, double y);
    }

    private static double total(Pairs pairs, Term term) {
        Accumulator sum = new Accumulator();
        for (int i = 0; i < pairs.size(); i++) {
            sum.add(term.of(pairs.x(i), pairs.y(i)));
        }
        return sum.sum().toDouble();
    }
}
