package hestra.targets;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;

import hestra.data.Row;
import hestra.fit.Curve;
import hestra.fit.LineFit;
import hestra.fit.Trial;

/**
 * Looks for points that meet conditions, by small steps from those that are given out, taking each that does not lead farther
 * away. What it finds shows that a target can be reached; that it finds nothing shows nothing. The same conditions are always
 * looked for in the same way.
 */
public final class TargetSearch {

    private static final long SEED = 20_261_201;
    private static final int BEGINNINGS = 3;
    private static final int STEPS = 400;
    private static final int MOST_ADDED = 12;
    private static final int SELDOM = 12;
    private static final double SHORTER = 0.985;
    private static final double SHORTEST = 1e-4;
    /** How far away a condition is whose value is not defined. */
    private static final double UNDEFINED = 10;

    private final List<Condition> conditions;
    private final Held start;
    private final Random random = new Random(SEED);
    private final double width;
    private final double height;

    private TargetSearch(List<Condition> conditions, Held start) {
        this.conditions = conditions;
        this.start = start;
        this.width = spread(start.points().stream().mapToDouble(Held.Point::x).toArray());
        this.height = spread(start.points().stream().mapToDouble(Held.Point::y).toArray());
    }

    /** Points that meet all conditions; nothing where none were found. */
    public static Optional<Held> find(List<Condition> conditions, Held start) {
        TargetSearch search = new TargetSearch(conditions, start);
        for (int i = 0; i < BEGINNINGS; i++) {
            Optional<Held> found = search.once();
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    private static double spread(double[] values) {
        double least = Arrays.stream(values).min().orElse(0);
        double most = Arrays.stream(values).max().orElse(0);
        return most > least ? most - least : Math.max(1, Math.abs(most));
    }

    private Optional<Held> once() {
        Held best = new Held(start.points(), byEye());
        double distance = distance(best);
        double step = 0.5;
        for (int i = 0; i < STEPS && distance > 0; i++) {
            Held next = changed(best, step);
            double now = distance(next);
            if (now <= distance) {
                best = next;
                distance = now;
            } else {
                step = Math.max(SHORTEST, step * SHORTER);
            }
        }
        return distance == 0 ? Optional.of(best) : Optional.empty();
    }

    /** A line by eye along the best one, where something is asked of it. */
    private Optional<Trial> byEye() {
        Optional<LineFit> line = Situation.of(start, start).line();
        boolean asked = conditions.stream().anyMatch(it -> it.measure() instanceof Measure.ByEye);
        return asked ? line.map(it -> new Trial(new Curve.Line(), List.of(
                new Trial.Handle(it.support().low(), it.at(it.support().low())),
                new Trial.Handle(it.support().high(), it.at(it.support().high()))))) : Optional.empty();
    }

    private Held changed(Held from, double step) {
        List<Held.Point> points = new ArrayList<>(from.points());
        int what = random.nextInt(SELDOM);
        if (what == 0 && points.size() < start.points().size() + MOST_ADDED || points.isEmpty()) {
            points.add(new Held.Point(Row.OWN, middle(true) + width * random.nextGaussian(),
                    middle(false) + height * random.nextGaussian(), 1));
        } else {
            int at = random.nextInt(points.size());
            Held.Point old = points.get(at);
            if (what == 1) {
                points.remove(at);
            } else {
                points.set(at, new Held.Point(old.origin(), old.x() + step * width * random.nextGaussian(),
                        old.y() + step * height * random.nextGaussian(), old.count()));
            }
        }
        return new Held(points, from.byEye().map(trial -> moved(trial, step)));
    }

    private Trial moved(Trial trial, double step) {
        Trial.Handle handle = trial.handles().getFirst();
        return random.nextInt(SELDOM) > 1 ? trial
                : trial.withHandle(0, new Trial.Handle(handle.x(), handle.y() + step * height * random.nextGaussian()));
    }

    private double middle(boolean along) {
        return start.points().stream().mapToDouble(it -> along ? it.x() : it.y()).average().orElse(0);
    }

    /** How far the conditions are from holding: 0 where all do. */
    private double distance(Held now) {
        Situation situation = Situation.of(now, start);
        double sum = 0;
        for (Condition condition : conditions) {
            OptionalDouble value = condition.value(situation);
            Band band = condition.band();
            double scale = Math.max(1e-3, Math.min(Math.abs(band.least()), Math.abs(band.most())));
            sum += value.isEmpty() || !Double.isFinite(value.getAsDouble()) ? UNDEFINED
                    : Math.max(0, Math.max(band.least() - value.getAsDouble(), value.getAsDouble() - band.most()))
                    / (Double.isFinite(scale) ? scale : 1);
        }
        return sum;
    }
}
