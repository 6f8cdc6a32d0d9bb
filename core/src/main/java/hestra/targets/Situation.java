package hestra.targets;

import java.util.HashMap;
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

/**
 * Points as they stand beside those that were given out: all that conditions look at. What is asked for is worked out once. Used
 * by one thread at a time.
 */
public final class Situation {

    private final Held held;
    private final Held start;
    private Pairs pairs;
    private Evidence evidence;
    private List<Diagnostics.Point> diagnostics;
    private Situation before;
    private Map<Integer, Held.Point> given;
    private Set<Integer> there;

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
        if (before == null) {
            before = new Situation(start, start);
        }
        return before;
    }

    Held held() {
        return held;
    }

    Held start() {
        return start;
    }

    Pairs pairs() {
        if (pairs == null) {
            pairs = held.pairs();
        }
        return pairs;
    }

    /** The points with their line. */
    Evidence evidence() {
        if (evidence == null) {
            evidence = Evidence.of(pairs());
        }
        return evidence;
    }

    Optional<LineFit> line() {
        return evidence().fit().line();
    }

    /** Leverage, influence and residual of each point, in their order; none without a line. */
    List<Diagnostics.Point> diagnostics() {
        if (diagnostics == null) {
            diagnostics = line().map(it -> Diagnostics.of(it, pairs())).orElse(List.of());
        }
        return diagnostics;
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
        if (given == null) {
            given = new HashMap<>();
            start.points().forEach(it -> given.put(it.origin(), it));
        }
        Held.Point from = given.get(point.origin());
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
        if (there == null) {
            there = held.points().stream().map(Held.Point::origin).collect(Collectors.toSet());
        }
        return !there.contains(point.origin());
    }

    /** How many given points were moved or removed, but those of some rows. */
    long touched(Set<Integer> but) {
        return held.points().stream().filter(it -> !but.contains(it.origin()) && isMoved(it)).count()
                + start.points().stream().filter(it -> !but.contains(it.origin()) && isGone(it)).count();
    }
}
