package hestra.recipe;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.IntStream;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.numbers.DecimalMark;
import hestra.numbers.Mixing;
import hestra.numbers.Rounding;
import hestra.summary.Association;

/**
 * A table made by a recipe.
 *
 * @param table x, y and, where there are groups, the group
 * @param roles what its columns are for
 * @param scatter the standard deviation that the scatter was given: the recipe's, or what it takes to reach the target r
 */
public record Sample(DataTable table, Roles roles, double scatter) {

    private static final int X = 0;
    private static final int DEVIATIONS = 1;
    private static final int GROUPS = 2;
    private static final int OUTLIERS = 3;
    private static final int MISSING = 4;

    private static final int HALVINGS = 200;
    private static final double REACHED = 1e-9;
    private static final double ROUNDING = 1e-12;
    private static final double MOST_SIZE = 1e200;

    /** A sample, or a sentence that says why there is none and what to do. */
    public sealed interface Made {}

    /** A sample that could be made. */
    public record Done(Sample sample) implements Made {}

    /** No sample. */
    public record Refused(String message) implements Made {}

    /**
     * The sample of a recipe.
     *
     * @param x names the first column
     * @param y names the second
     * @param mark the decimal mark of the texts
     */
    public static Made of(Recipe recipe, Variable x, Variable y, DecimalMark mark) {
        Optional<String> problem = recipe.problem();
        if (problem.isPresent()) {
            return new Refused(problem.get());
        }
        double[] xs = Arrays.stream(recipe.along().values(recipe.n(), stream(recipe, X)))
                .map(value -> rounded(value, recipe.placesX())).toArray();
        int[] groups = IntStream.range(0, xs.length).map(i -> i % recipe.groups()).toArray();
        shuffle(groups, stream(recipe, GROUPS));
        double[] level = IntStream.range(0, xs.length)
                .mapToDouble(i -> recipe.truth().at(xs[i]) + groups[i] * recipe.apart()).toArray();
        for (int i = 0; i < xs.length; i++) {
            if (!Double.isFinite(level[i])) {
                return new Refused("The curve has no value at x = " + BigDecimal.valueOf(xs[i]).stripTrailingZeros()
                        .toPlainString() + ". Choose other values of x.");
            }
        }
        double[] deviations = recipe.scatter().deviations(xs, stream(recipe, DEVIATIONS));
        double size = recipe.scatter().size();
        if (recipe.targetR().isPresent()) {
            deviations = uncorrelated(uncorrelated(centred(deviations), centred(xs)), uncorrelated(centred(level), centred(xs)));
            OptionalDouble found = sizeFor(recipe.targetR().getAsDouble(), xs, level, deviations);
            if (found.isEmpty()) {
                return new Refused(Arrays.stream(deviations).allMatch(it -> it == 0)
                        ? "For a target r give more pairs." : outOfReach(xs, level, recipe.targetR().getAsDouble()));
            }
            size = found.getAsDouble();
        }
        double[] ys = new double[xs.length];
        for (int i = 0; i < ys.length; i++) {
            ys[i] = level[i] + size * deviations[i];
        }
        moveOutliers(ys, size, recipe);
        return Arrays.stream(ys).allMatch(Double::isFinite)
                ? new Done(new Sample(table(recipe, xs, ys, groups, List.of(x, y), mark),
                roles(recipe), size)) : new Refused("The values become too large. Choose smaller coefficients.");
    }

    private static Roles roles(Recipe recipe) {
        return recipe.groups() == 1
                ? Roles.FIRST_EXPLAINS : new Roles(0, 1, OptionalInt.empty(), OptionalInt.of(2), OptionalInt.empty());
    }

    /** Chance for one part of the recipe alone. */
    private static Random stream(Recipe recipe, int part) {
        long from = recipe.seed() * Mixing.STEP + (part + 1) * 0xD1B54A32D192ED03L;
        return new Random(Mixing.mixed(from));
    }

    private static void shuffle(int[] values, Random random) {
        for (int i = values.length - 1; i > 0; i--) {
            int other = random.nextInt(i + 1);
            int kept = values[i];
            values[i] = values[other];
            values[other] = kept;
        }
    }

    private static double[] centred(double[] values) {
        double mean = Arrays.stream(values).sum() / values.length;
        return Arrays.stream(values).map(value -> value - mean).toArray();
    }

    /** What is left of values with mean 0 when what goes along with others, of mean 0 too, is taken off. */
    private static double[] uncorrelated(double[] values, double[] with) {
        double squares = Arrays.stream(with).map(it -> it * it).sum();
        double products = IntStream.range(0, with.length).mapToDouble(i -> with[i] * values[i]).sum();
        double slope = squares == 0 ? 0 : products / squares;
        double largest = Arrays.stream(values).map(Math::abs).max().orElse(0);
        double[] left = IntStream.range(0, with.length).mapToDouble(i -> values[i] - slope * with[i]).toArray();
        // What is nothing but rounding error goes along with nothing.
        return Arrays.stream(left).map(Math::abs).max().orElse(0) <= largest * ROUNDING ? new double[values.length] : left;
    }

    /**
     * How large the scatter must be for r to be the target: r falls steadily from that of the curve itself to 0 as
     * deviations that go along neither with x nor with the curve grow.
     */
    private static OptionalDouble sizeFor(double target, double[] xs, double[] level, double[] deviations) {
        double bare = r(xs, level, deviations, 0);
        boolean within = Math.abs(target) <= Math.abs(bare) + REACHED
                && (target == 0 || Math.signum(target) == Math.signum(bare));
        if (!within || target == 0) {
            return OptionalDouble.empty();
        }
        double low = 0;
        double high = 1;
        while (Math.abs(r(xs, level, deviations, high)) > Math.abs(target) && high < MOST_SIZE) {
            high *= 2;
        }
        if (high >= MOST_SIZE) {
            return OptionalDouble.empty();
        }
        for (int i = 0; i < HALVINGS && high - low > low * 1e-15; i++) {
            double middle = low + (high - low) / 2;
            if (Math.abs(r(xs, level, deviations, middle)) > Math.abs(target)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return OptionalDouble.of(low + (high - low) / 2);
    }

    private static double r(double[] xs, double[] level, double[] deviations, double size) {
        double[] ys = IntStream.range(0, xs.length).mapToDouble(i -> level[i] + size * deviations[i]).toArray();
        return Association.of(Pairs.of(xs, ys)).map(Association::r).orElse(OptionalDouble.empty()).orElse(0);
    }

    private static String outOfReach(double[] xs, double[] level, double target) {
        double bare = r(xs, level, new double[xs.length], 0);
        BigDecimal most = new Rounding.Places(3).apply(bare);
        if (target == 0) {
            return "r = 0 needs a curve that neither rises nor falls. Aim near 0, such as 0.05.";
        }
        return Math.signum(bare) == Math.signum(target) || bare == 0
                ? "Without any scatter this curve has r = " + most.toPlainString()
                .replace('-', '\u2212') + "; with scatter r is nearer to 0."
                : "This curve " + (bare > 0 ? "rises" : "falls") + ": its r is " + (bare > 0 ? "above" : "below")
                + " 0. Change the sign of the target or of the slope.";
    }

    private static void moveOutliers(double[] ys, double size, Recipe recipe) {
        Random random = stream(recipe, OUTLIERS);
        int[] order = IntStream.range(0, ys.length).toArray();
        shuffle(order, random);
        for (int i = 0; i < recipe.oddities().outliers(); i++) {
            ys[order[i]] += (random.nextBoolean() ? 1 : -1) * recipe.oddities().offBy() * size;
        }
    }

    private static DataTable table(Recipe recipe, double[] xs, double[] ys, int[] groups, List<Variable> axes, DecimalMark mark) {
        List<Variable> variables = new ArrayList<>(axes);
        if (recipe.groups() > 1) {
            variables.add(Variable.named("group"));
        }
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < xs.length; i++) {
            rows.add(row(recipe, xs[i], ys[i], groups[i], mark));
        }
        recipe.oddities().far().ifPresent(far -> {
            double at = recipe.truth().at(far.x()) + far.off();
            if (Double.isFinite(at)) {
                rows.add(row(recipe, far.x(), at, 0, mark));
            }
        });
        Random random = stream(recipe, MISSING);
        int[] order = IntStream.range(0, xs.length).toArray();
        shuffle(order, random);
        DataTable table = new DataTable(variables, rows);
        for (int i = 0; i < recipe.oddities().missing(); i++) {
            table = table.withCell(order[i], random.nextInt(2), Cell.EMPTY);
        }
        return table;
    }

    private static Row row(Recipe recipe, double x, double y, int group, DecimalMark mark) {
        Cell cellX = cell(x, recipe.placesX(), mark);
        Cell cellY = cell(y, recipe.placesY(), mark);
        return recipe.groups() > 1
                ? Row.of(cellX, cellY, Cell.of(String.valueOf((char) ('A' + group)), mark)) : Row.of(cellX, cellY);
    }

    private static Cell cell(double value, int places, DecimalMark mark) {
        return Cell.of(new Rounding.Places(places).apply(value).toPlainString().replace('.', mark.sign()), mark);
    }

    private static double rounded(double value, int places) {
        return new Rounding.Places(places).apply(value).doubleValue();
    }
}
