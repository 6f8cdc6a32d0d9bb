package hestra.targets;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.data.PointChange;
import hestra.feedback.Quantity;

/**
 * Looks for reasons why conditions can never hold together. What is found is proved: no points whatever meet such conditions.
 * Where nothing is found they may still be hard, or impossible for a reason that is not looked for.
 */
public final class Proofs {

    /** Two values nearer than this to each other may be the same but for rounding. */
    private static final double ROUNDING = 1e-12;
    /** What rounding may add up to on the way. */
    private static final double NEAR = 1e-9;

    private final List<Condition> conditions;
    private final Held start;
    private final List<Proof> found = new ArrayList<>();

    private Proofs(List<Condition> conditions, Held start) {
        this.conditions = conditions;
        this.start = start;
    }

    /**
     * All proofs that can be found, by their reasons; none where nothing is known against the conditions.
     *
     * @param start the points as they are given out
     */
    public static List<Proof> of(List<Condition> conditions, Held start) {
        Proofs proofs = new Proofs(conditions, start);
        proofs.find();
        return proofs.found.stream().sorted((one, other) -> one.reason().compareTo(other.reason())).toList();
    }

    private void find() {
        opposites();
        for (int i = 0; i < conditions.size(); i++) {
            alone(i, conditions.get(i));
        }
        sign();
        square();
        counts();
        leverage();
        offLine();
        onLine();
        throughTwo();
        throughMean();
        spread();
        fixed();
    }

    private void prove(Reason reason, Integer... places) {
        found.add(new Proof(reason, List.of(places)));
    }

    /** Conditions that look at the same and leave no value to it. */
    private void opposites() {
        for (int i = 0; i < conditions.size(); i++) {
            for (int j = i + 1; j < conditions.size(); j++) {
                Condition one = conditions.get(i);
                Condition other = conditions.get(j);
                if (one.measure().equals(other.measure()) && one.fromStart() == other.fromStart()
                        && one.band().and(other.band()).isEmpty()) {
                    prove(Reason.OPPOSITE, i, j);
                }
            }
        }
    }

    /** What is impossible by itself. */
    private void alone(int i, Condition condition) {
        Band band = condition.band();
        if (band.isEmpty()) {
            prove(Reason.OPPOSITE, i);
        } else if (condition.isSize() && band.most() < 0) {
            prove(condition.measure() instanceof Measure.Value(Quantity quantity) && quantity == Quantity.R_SQUARED
                    && !condition.fromStart() ? Reason.WITHIN_ONE : Reason.BELOW_ZERO, i);
        } else if (!condition.fromStart()) {
            switch (condition.measure()) {
                case Measure.Value(Quantity quantity) when quantity == Quantity.R && band.and(Band.between(-1, 1)).isEmpty() ->
                        prove(Reason.WITHIN_ONE, i);
                case Measure.Value(Quantity quantity) when quantity == Quantity.R_SQUARED && band.least() > 1 ->
                        prove(Reason.WITHIN_ONE, i);
                case Measure.ByEye _ when band.most() < 1 -> prove(Reason.LEAST, i);
                case Measure.OnSide _ when band.most() < 1 -> prove(Reason.MEAN_POINT, i);
                case Measure.PastMean _ when band.least() > 0 -> prove(Reason.MEAN_POINT, i);
                default -> { }
            }
        }
    }

    /** The band that all conditions on a value leave to it. */
    private Band of(Measure measure) {
        return places(measure).stream().map(i -> conditions.get(i).band()).reduce(Band.ANY, Band::and);
    }

    private List<Integer> places(Measure measure) {
        return places(condition -> !condition.fromStart() && condition.measure().equals(measure));
    }

    private List<Integer> places(Predicate<Condition> which) {
        return IntStream.range(0, conditions.size()).filter(i -> which.test(conditions.get(i))).boxed().toList();
    }

    private List<Integer> places(Measure... measures) {
        return Stream.of(measures).flatMap(it -> places(it).stream()).toList();
    }

    private static final Measure N = new Measure.Value(Quantity.N);
    private static final Measure SLOPE = new Measure.Value(Quantity.SLOPE);
    private static final Measure R = new Measure.Value(Quantity.R);
    private static final Measure R_SQUARED = new Measure.Value(Quantity.R_SQUARED);
    private static final Measure INTERCEPT = new Measure.Value(Quantity.INTERCEPT);
    private static final Measure MEAN_X = new Measure.Value(Quantity.MEAN_X);
    private static final Measure MEAN_Y = new Measure.Value(Quantity.MEAN_Y);
    private static final Measure GREATEST_RESIDUAL = new Measure.OfPoint(OptionalInt.empty(), PointMeasure.RESIDUAL);
    private static final Measure S = new Measure.Value(Quantity.RESIDUAL_STANDARD_ERROR);

    private void sign() {
        Band slope = of(SLOPE);
        Band r = of(R);
        if (slope.isEmpty() || r.isEmpty() || places(SLOPE).isEmpty() || places(R).isEmpty()) {
            return;
        }
        boolean rising = slope.most() > 0 && r.most() > 0;
        boolean falling = slope.least() < 0 && r.least() < 0;
        boolean level = slope.holds(0) && r.holds(0);
        if (!rising && !falling && !level) {
            prove(Reason.SAME_SIGN, places(SLOPE, R).toArray(Integer[]::new));
        }
    }

    private void square() {
        Band r = of(R).and(Band.between(-1, 1));
        Band squared = of(R_SQUARED).and(Band.between(0, 1));
        if (r.isEmpty() || squared.isEmpty() || places(R).isEmpty() || places(R_SQUARED).isEmpty()) {
            return;
        }
        double least = r.holds(0) ? 0 : Math.min(r.least() * r.least(), r.most() * r.most());
        double most = Math.max(r.least() * r.least(), r.most() * r.most());
        if (squared.most() < least - ROUNDING || squared.least() > most + ROUNDING) {
            prove(Reason.SQUARE, places(R, R_SQUARED).toArray(Integer[]::new));
        }
    }

    /** Whole numbers from one to another. */
    private record Whole(double least, double most) {
        static Whole of(Band band, double fewest, double greatest) {
            return new Whole(Math.max(fewest, Math.ceil(band.least())), Math.min(greatest, Math.floor(band.most())));
        }

        boolean isEmpty() {
            return least > most;
        }

        Whole and(Whole other) {
            return new Whole(Math.max(least, other.least), Math.min(most, other.most));
        }
    }

    private static final Measure MOVED = new Measure.Changed(PointChange.MOVE);
    private static final Measure ADDED = new Measure.Changed(PointChange.ADD);
    private static final Measure REMOVED = new Measure.Changed(PointChange.REMOVE);

    private int givenRows() {
        return start.points().size();
    }

    private boolean countsAlone() {
        return start.points().stream().allMatch(it -> it.count() == 1);
    }

    /** How many points there may be. */
    private Whole n() {
        Whole asked = Whole.of(of(N), 0, Double.POSITIVE_INFINITY);
        if (!countsAlone()) {
            return asked;
        }
        Whole added = Whole.of(of(ADDED), 0, Double.POSITIVE_INFINITY);
        Whole removed = Whole.of(of(REMOVED), 0, givenRows());
        return asked.and(new Whole(givenRows() + added.least - removed.most, givenRows() + added.most - removed.least));
    }

    private void counts() {
        List<Integer> about = places(N, ADDED, REMOVED);
        Whole added = Whole.of(of(ADDED), 0, Double.POSITIVE_INFINITY);
        Whole removed = Whole.of(of(REMOVED), 0, givenRows());
        Whole moved = Whole.of(of(MOVED), 0, givenRows());
        List<Integer> needing = places(it -> it.measure().needsLine());
        if (!about.isEmpty() && (added.isEmpty() || removed.isEmpty() || n().isEmpty())) {
            unlessOpposite(about);
        } else if (moved.isEmpty()) {
            unlessOpposite(places(MOVED));
        } else if (!about.isEmpty() && !needing.isEmpty() && n().most < 2) {
            unlessOpposite(Stream.concat(about.stream(), needing.stream()).toList());
        }
    }

    private void unlessOpposite(List<Integer> about) {
        if (found.stream().noneMatch(it -> (it.reason() == Reason.OPPOSITE || it.reason() == Reason.BELOW_ZERO)
                && about.containsAll(it.conditions()))) {
            prove(Reason.COUNT, about.toArray(Integer[]::new));
        }
    }

    private void leverage() {
        Whole n = n();
        if (n.isEmpty()) {
            return;
        }
        for (int i : places(it -> !it.fromStart() && it.measure() instanceof Measure.OfPoint(OptionalInt _, PointMeasure what)
                && what == PointMeasure.LEVERAGE)) {
            Condition condition = conditions.get(i);
            boolean greatest = condition.measure() instanceof Measure.OfPoint(OptionalInt row, PointMeasure _) && row.isEmpty();
            double least = (greatest && countsAlone() ? 2 : 1) / n.most;
            double most = condition.band().most();
            boolean tooLow = Double.isInfinite(n.most) ? most <= 0 : most < least - ROUNDING;
            if (condition.band().least() > 1 + ROUNDING || tooLow && most >= 0) {
                prove(Reason.LEVERAGE, Stream.concat(Stream.of(i), Double.isInfinite(n.most) ? Stream.of() : places(N, ADDED,
                        REMOVED).stream()).toArray(Integer[]::new));
            }
        }
    }

    /** The given points that must stay where they are, and the conditions that say so. */
    private List<Held.Point> staying(List<Integer> because) {
        Set<Integer> rows = start.points().stream().map(Held.Point::origin).collect(Collectors.toSet());
        List<Held.Point> stay = new ArrayList<>();
        List<Integer> touched = places(it -> !it.fromStart() && it.measure() instanceof Measure.Touched && it.band().most() < 1);
        boolean still = of(MOVED).most() < 1 && of(REMOVED).most() < 1;
        Set<Integer> free = touched.stream().map(i -> ((Measure.Touched) conditions.get(i).measure()).but())
                .reduce((one, other) -> one.stream().filter(other::contains).collect(Collectors.toSet()))
                .orElse(still ? Set.of() : rows);
        because.addAll(touched);
        if (still) {
            free = Set.of();
            because.addAll(places(MOVED, REMOVED));
        }
        for (Held.Point point : start.points()) {
            if (!free.contains(point.origin())) {
                stay.add(point);
            }
        }
        return stay;
    }

    /** No line passes through points that do not lie on one. */
    private void offLine() {
        List<Integer> perfect = places(it -> !it.fromStart() && !it.band().isEmpty() && isPerfect(it));
        if (perfect.isEmpty()) {
            return;
        }
        List<Integer> because = new ArrayList<>();
        if (!areOnOneLine(staying(because))) {
            prove(Reason.OFF_LINE, Stream.concat(perfect.stream(), because.stream()).toArray(Integer[]::new));
        }
    }

    private static boolean isPerfect(Condition condition) {
        Band band = condition.band();
        return condition.measure().equals(R_SQUARED) && band.least() >= 1 && band.most() >= 1
                || condition.measure().equals(R) && (band.least() >= 1 && band.least() <= 1
                || band.most() <= -1 && band.most() >= -1)
                || condition.measure().equals(S) && band.most() == 0;
    }

    /** Whether a line that is no vertical one passes through points; exactly. */
    private static boolean areOnOneLine(List<Held.Point> points) {
        Held.Point first = points.isEmpty() ? null : points.getFirst();
        Held.Point second = null;
        for (Held.Point point : points) {
            if (point.x() == first.x()) {
                if (point.y() != first.y()) {
                    return false;
                }
            } else if (second == null) {
                second = point;
            } else if (cross(first, second, point).signum() != 0) {
                return false;
            }
        }
        return true;
    }

    private static BigDecimal cross(Held.Point a, Held.Point b, Held.Point c) {
        return less(b.x(), a.x()).multiply(less(c.y(), a.y())).subtract(less(b.y(), a.y()).multiply(less(c.x(), a.x())));
    }

    private static BigDecimal less(double one, double other) {
        return new BigDecimal(one).subtract(new BigDecimal(other));
    }

    /** Whether all values that are asked of r lie between its ends, so that not all points lie on a line. */
    private static boolean isWithin(Band r) {
        return !r.isEmpty() && r.least() > -1 && r.most() < 1;
    }

    /** Where s is 0 all points lie on the line, and where they do s is 0. */
    private void onLine() {
        Band s = of(S);
        Band squared = of(R_SQUARED);
        Band r = of(R);
        if (s.isEmpty() || places(S).isEmpty()) {
            return;
        }
        boolean none = s.most() == 0;
        boolean some = s.least() > ROUNDING;
        if (!places(R_SQUARED).isEmpty() && !squared.isEmpty() && (none && squared.most() < 1 - ROUNDING
                || some && squared.least() >= 1 && squared.most() >= 1)) {
            prove(Reason.ON_LINE, places(S, R_SQUARED).toArray(Integer[]::new));
        }
        if (!places(R).isEmpty() && none && isWithin(r)) {
            prove(Reason.ON_LINE, places(S, R).toArray(Integer[]::new));
        }
    }

    /** With two points and no more there is nothing left over. */
    private void throughTwo() {
        Whole n = n();
        if (!countsAlone() || n.isEmpty() || n.most > 2) {
            return;
        }
        Stream.of(R, R_SQUARED, S).filter(it -> !places(it).isEmpty()).forEach(measure -> {
            Band band = of(measure);
            boolean never = measure.equals(R) ? isWithin(band) : measure.equals(S) ? !band.isEmpty() : band.most() < 1 - ROUNDING;
            if (never && !band.isEmpty()) {
                prove(Reason.TWO_POINTS, Stream.concat(places(N, ADDED, REMOVED).stream(), places(measure).stream())
                        .toArray(Integer[]::new));
            }
        });
    }

    /** Intercept, slope and both means: three of them leave no choice to the fourth. */
    private void throughMean() {
        Band slope = of(SLOPE);
        Band x = of(MEAN_X);
        Band intercept = of(INTERCEPT);
        Band y = of(MEAN_Y);
        boolean asked = Stream.of(SLOPE, MEAN_X, INTERCEPT, MEAN_Y).noneMatch(it -> places(it).isEmpty());
        boolean bounded = Stream.of(slope.least(), slope.most(), x.least(), x.most()).allMatch(Double::isFinite);
        if (!asked || !bounded || Stream.of(slope, x, intercept, y).anyMatch(Band::isEmpty)) {
            return;
        }
        double[] rises = {slope.least() * x.least(), slope.least() * x.most(), slope.most() * x.least(), slope.most() * x.most()};
        double least = intercept.least() + DoubleStream.of(rises).min().orElseThrow();
        double most = intercept.most() + DoubleStream.of(rises).max().orElseThrow();
        double near = NEAR * (Math.abs(y.least()) + DoubleStream.of(rises).map(Math::abs).max().orElseThrow());
        if (y.most() < least - near || y.least() > most + near) {
            prove(Reason.THROUGH_MEAN, places(SLOPE, MEAN_X, INTERCEPT, MEAN_Y).stream().sorted().toArray(Integer[]::new));
        }
    }

    /** s² is the sum of n squares, each at most that of the greatest residual, divided by n − 2. */
    private void spread() {
        Band s = of(S);
        Band greatest = of(GREATEST_RESIDUAL);
        if (places(S).isEmpty() || places(GREATEST_RESIDUAL).isEmpty() || s.isEmpty() || greatest.isEmpty() || !countsAlone()) {
            return;
        }
        double fewest = Math.max(3, n().least);
        if (s.least() > greatest.most() * Math.sqrt(fewest / (fewest - 2)) * (1 + NEAR)) {
            prove(Reason.SPREAD, places(S, GREATEST_RESIDUAL).toArray(Integer[]::new));
        }
    }

    /** Where nothing may be changed, what does not hold at the start never does. */
    private void fixed() {
        List<Integer> because = new ArrayList<>(places(ADDED));
        boolean stays = !start.points().isEmpty() && staying(because).size() == start.points().size() && of(ADDED).most() < 1;
        if (!stays) {
            return;
        }
        Situation before = Situation.of(new Held(start.points(), Optional.empty()), start);
        for (int i = 0; i < conditions.size(); i++) {
            Condition condition = conditions.get(i);
            if (!(condition.measure() instanceof Measure.ByEye) && !because.contains(i) && !condition.holds(before)) {
                because.add(i);
                prove(Reason.FIXED, because.toArray(Integer[]::new));
                return;
            }
        }
    }
}
