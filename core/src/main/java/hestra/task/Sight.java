package hestra.task;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.data.Pairs;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.LeastSquares;
import hestra.fit.TrimmedFit;
import hestra.numbers.Probability;
import hestra.summary.Association;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;
import hestra.task.Description.Strength;
import hestra.task.Description.Unusual;

/**
 * What an eye sees in a scatter plot: the pattern of most points, whatever a few do that stand apart.
 *
 * <p>The form is straight unless a parabola through the points that belong together is better for sure (F of its square at the
 * level 0.01) and visibly (a fifth of the squares less); direction is the sign of r for a line, and of the rank correlation for a
 * curve; strength is |r| for a line and the root of R² for a curve: strong from 0.8, weak below 0.5, no pattern below 0.3. Points
 * stand apart that do not follow ({@link TrimmedFit}: a line, or a cubic in x or in a root of it), and those alone at one end of
 * x, with a gap of more than half of what all the others span.
 */
final class Sight {

    private static final double PATTERN = 0.3;
    private static final double MODERATE = 0.5;
    private static final double STRONG = 0.8;
    private static final int FEWEST_TO_BEND = 6;
    private static final double LEVEL = 0.01;
    private static final double GAIN = 0.2;
    /** More points than this share that stand apart from a line say that it is none. */
    private static final double FEW = 0.1;
    private static final double ALONE = 0.5;
    private static final int FEWEST_TO_BE_ALONE = 6;
    private static final int MOST_LOOKED_AT = 2_000;

    private final Pairs pairs;

    private Sight(Pairs pairs) {
        this.pairs = pairs;
    }

    /** A description of pairs; of more than {@value #MOST_LOOKED_AT} some are looked at, evenly. */
    static Description of(Pairs pairs) {
        if (pairs.size() < 2) {
            return new Description(Direction.NEITHER, Form.NONE, Strength.WEAK, Unusual.NONE);
        }
        int step = 1 + (pairs.size() - 1) / MOST_LOOKED_AT;
        return new Sight((step <= 1
                ? pairs : some(pairs, IntStream.range(0, pairs.size()).filter(i -> i % step == 0).boxed().toList())).withinOne())
                .description();
    }

    private static Pairs some(Pairs pairs, List<Integer> places) {
        return Pairs.of(places.stream().mapToDouble(pairs::x).toArray(), places.stream().mapToDouble(pairs::y).toArray());
    }

    private Description description() {
        TrimmedFit straight = TrimmedFit.of(1, pairs);
        boolean bends = isBent(straight) && straight.apart().size() <= FEW * pairs.size();
        TrimmedFit bent = bends || !straight.apart().isEmpty() ? alongCurve() : straight;
        boolean curved = bends || bent.apart().size() < straight.apart().size() && isBent(bent);
        TrimmedFit seen = curved ? bent : straight;
        Pairs together = some(pairs, seen.kept());
        OptionalDouble r = Association.of(together).map(Association::r).orElse(OptionalDouble.empty());
        OptionalDouble ranks = Association.of(together).map(Association::spearman).orElse(OptionalDouble.empty());
        double size = curved
                ? Math.sqrt(bend(together).flatMap(it -> it.goodness().rSquared().stream().boxed().findFirst()).orElse(0.0))
                : Math.abs(r.orElse(0));
        Unusual unusual = unusual(seen);
        if (!(size >= PATTERN)) {
            return new Description(Direction.NEITHER, Form.NONE, Strength.WEAK, unusual);
        }
        double way = curved ? ranks.orElse(0) : r.orElse(0);
        Direction direction = Math.abs(way) < PATTERN ? Direction.NEITHER : way > 0 ? Direction.RISING : Direction.FALLING;
        return new Description(direction, curved ? Form.CURVED : Form.STRAIGHT, size >= STRONG ? Strength.STRONG
                : size >= MODERATE ? Strength.MODERATE
                : Strength.WEAK, unusual);
    }

    /**
     * What follows a curve of some kind: a cubic, or one that is steep at the left or at the right end, whichever most points
     * follow.
     */
    private TrimmedFit alongCurve() {
        return Stream.<DoubleUnaryOperator>of(x -> x, x -> Math.sqrt(Math.max(0, 1 + x)), x -> Math.sqrt(Math.max(0, 1 - x)))
                .map(along -> TrimmedFit.of(3, pairs.mapped(along, y -> y)))
                .min(Comparator.comparingInt(it -> it.apart().size())).orElseThrow();
    }

    private static Optional<CurveFit> bend(Pairs points) {
        return LeastSquares.fit(new Curve.Polynomial(2), points).curveFit();
    }

    /**
     * Whether a parabola through the points that follow is better than the line, for sure and visibly; one alone far to a side
     * says nothing of that.
     */
    private boolean isBent(TrimmedFit followed) {
        List<Integer> alone = alone().toList();
        Pairs points = some(pairs, followed.kept().stream().filter(i -> !alone.contains(i)).toList());
        Optional<CurveFit> line = LeastSquares.line(points).curveFit();
        if (points.size() < FEWEST_TO_BEND || line.isEmpty() || bend(points).isEmpty()) {
            return false;
        }
        double straight = line.get().goodness().sse();
        double bent = bend(points).get().goodness().sse();
        int freedom = points.size() - 3;
        boolean exact = bent == 0;
        return straight > 0 && straight - bent > GAIN * straight
                && (exact || Probability.upperF((straight - bent) / (bent / freedom), 1, freedom) < LEVEL);
    }

    private Unusual unusual(TrimmedFit seen) {
        long apart = Stream.concat(seen.apart().stream(), alone()).distinct().count();
        return apart == 0 ? Unusual.NONE : apart == 1 ? Unusual.ONE : Unusual.SEVERAL;
    }

    /** The point that lies alone at one end of x, at either end. */
    private Stream<Integer> alone() {
        if (pairs.size() < FEWEST_TO_BE_ALONE) {
            return Stream.empty();
        }
        int[] order = IntStream.range(0, pairs.size()).boxed().sorted(Comparator.comparingDouble(pairs::x))
                .mapToInt(Integer::intValue).toArray();
        double[] x = Arrays.stream(order).mapToDouble(pairs::x).toArray();
        int last = x.length - 1;
        Stream.Builder<Integer> alone = Stream.builder();
        if (x[last] - x[last - 1] > ALONE * (x[last - 1] - x[0])) {
            alone.add(order[last]);
        }
        if (x[1] - x[0] > ALONE * (x[last] - x[1])) {
            alone.add(order[0]);
        }
        return alone.build();
    }
}
