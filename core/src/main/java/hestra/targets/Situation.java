package hestra.targets;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import hestra.data.Pairs;
import hestra.data.PointChange;
import hestra.data.Row;
import hestra.feedback.Evidence;
import hestra.fit.Diagnostics;
import hestra.fit.LineFit;
import hestra.numbers.Once;

/**
 * Points as they stand beside those that were given out: all that conditions look at. What is asked for is worked out once. Used
 * by one thread at a time.
 */
public final class Situation {

    private final Held held;
    private final Held start;
    private final Once<Pairs> pairs = new Once<>();
    private final Once<Evidence> evidence = new Once<>();
    private final Once<List<Diagnostics.Point>> diagnostics = new Once<>();
    private final Once<Situation> before = new Once<>();
    private final Once<Map<Integer, Held.Point>> given = new Once<>();
    private final Once<Set<Integer>> there = new Once<>();

    private Situation(Held held, Held start) {
        this.held = held;
        this.start = start;
    }

    /**
     * A situation.
     *
     * @param start the points as they were given out
     */
    public static Situation of(Held held, Held start) {
        return new Situation(held, start);
    }

    /** The situation before anything was done. */
    Situation atStart() {
        return before.get(() -> new Situation(start, start));
    }

    Held held() {
        return held;
    }

    Held start() {
        return start;
    }

    Pairs pairs() {
        return pairs.get(held::pairs);
    }

    /** The points with their line. */
    Evidence evidence() {
        return evidence.get(() -> Evidence.of(pairs()));
    }

    Optional<LineFit> line() {
        return evidence().fit().line();
    }

    /** Leverage, influence and residual of each point, in their order; none without a line. */
    List<Diagnostics.Point> diagnostics() {
        return diagnostics.get(() -> line().map(it -> Diagnostics.of(it, pairs())).orElse(List.of()));
    }

    /** How many points were changed in a way. */
    public long changed(PointChange change) {
        return switch (change) {
            case MOVE -> moved();
            case ADD -> added();
            case REMOVE -> removed();
        };
    }

    /** How many given points stand elsewhere now. */
    long moved() {
        return held.points().stream().filter(this::isMoved).count();
    }

    private boolean isMoved(Held.Point point) {
        Map<Integer, Held.Point> all = given.get(() -> start.points().stream()
                .collect(Collectors.toMap(Held.Point::origin, it -> it, (_, last) -> last)));
        Held.Point from = all.get(point.origin());
        return point.origin() != Row.OWN && from != null && (from.x() != point.x() || from.y() != point.y());
    }

    /** How many points are there that were not given. */
    long added() {
        return held.points().stream().filter(it -> it.origin() == Row.OWN).count();
    }

    /** How many given points are gone or set aside. */
    long removed() {
        return start.points().stream().filter(this::isGone).count();
    }

    private boolean isGone(Held.Point point) {
        Set<Integer> origins =
                there.get(() -> held.points().stream().map(Held.Point::origin).collect(Collectors.toSet()));
        return !origins.contains(point.origin());
    }

    /** How many given points were moved or removed, but those of some rows. */
    long touched(Set<Integer> but) {
        return held.points().stream().filter(it -> !but.contains(it.origin()) && isMoved(it)).count()
                + start.points().stream().filter(it -> !but.contains(it.origin()) && isGone(it)).count();
    }
}
