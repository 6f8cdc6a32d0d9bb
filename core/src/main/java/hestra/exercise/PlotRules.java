package hestra.exercise;

import java.util.EnumSet;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

import hestra.data.PointChange;
import hestra.feedback.KeptPoints;
import hestra.feedback.KeptShare;
import hestra.figure.Frame;
import hestra.fit.Curve;
import hestra.fit.CurveFamily;
import hestra.fit.EquationNotation;

/**
 * What an exercise lets be done in its plot, how it writes equations, and what it makes of points that are set aside. The table
 * stays the student's own: these are rules for gestures on the plot, where a point is changed without a thought.
 *
 * @param points what may be done to points
 * @param form how equations are written
 * @param digits how many significant digits the numbers of curves have, {@value #FEWEST_DIGITS} to {@value #MOST_DIGITS}; nothing
 *     for as
 *     many as are needed
 * @param kept how answers count that are right for the points alone that a student kept
 * @param frame the part of the plane that the plot shows to begin with; nothing for the one that fits the data
 * @param families the families of curves that are offered beside the line; nothing for all
 * @param keeping how many of the points have to be kept for such an answer to count; nothing for half of them
 * @param ground how large the squared paper on a handout is; nothing for a third of a page
 */
public record PlotRules(Set<PointChange> points, EquationNotation form, OptionalInt digits, KeptPoints kept,
        Optional<Frame> frame,
        Optional<Set<CurveFamily>> families, Optional<KeptShare> keeping, Optional<SquaredPaper> ground) {

    public static final int FEWEST_DIGITS = 2;
    public static final int MOST_DIGITS = 15;

    /** Points may be moved and removed; equations have names and the constant first. */
    public static final PlotRules USUAL = new PlotRules(EnumSet.of(PointChange.MOVE, PointChange.REMOVE), EquationNotation.USUAL,
            OptionalInt.empty(), KeptPoints.FULL, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    public PlotRules {
        points = Set.copyOf(points);
        keeping = keeping.filter(it -> it != KeptShare.HALF);
        ground = ground.filter(it -> it != SquaredPaper.THIRD);
        families = families.filter(it -> it.size() < CurveFamily.values().length).map(Set::copyOf);
        if (digits.isPresent() && (digits.getAsInt() < FEWEST_DIGITS || digits.getAsInt() > MOST_DIGITS)) {
            throw new IllegalArgumentException(digits.getAsInt() + " digits; " + FEWEST_DIGITS + " to " + MOST_DIGITS
                    + " can be shown");
        }
    }

    /** Rules with as many digits as are needed. */
    public PlotRules(Set<PointChange> points, EquationNotation form) {
        this(points, form, OptionalInt.empty(), KeptPoints.FULL, Optional.empty(), Optional.empty(), Optional.empty(),
                Optional.empty());
    }

    public boolean allows(PointChange change) {
        return points.contains(change);
    }

    /** Whether a curve may be chosen. */
    public boolean offers(Curve curve) {
        return families.isEmpty() || CurveFamily.of(curve).map(families.get()::contains).orElse(true);
    }

    /** The families of curves that are offered. */
    public Set<CurveFamily> offered() {
        return families.orElseGet(() -> EnumSet.allOf(CurveFamily.class));
    }

    /** The same with these families offered. */
    public PlotRules offering(Set<CurveFamily> some) {
        return new PlotRules(points, form, digits, kept, frame, Optional.of(some), keeping, ground);
    }

    /** The same with a change of points allowed, or not. */
    public PlotRules with(PointChange change, boolean allowed) {
        Set<PointChange> changed = EnumSet.noneOf(PointChange.class);
        changed.addAll(points);
        if (allowed) {
            changed.add(change);
        } else {
            changed.remove(change);
        }
        return new PlotRules(changed, form, digits, kept, frame, families, keeping, ground);
    }

    public PlotRules with(EquationNotation newForm) {
        return new PlotRules(points, newForm, digits, kept, frame, families, keeping, ground);
    }

    public PlotRules withDigits(OptionalInt count) {
        return new PlotRules(points, form, count, kept, frame, families, keeping, ground);
    }

    public PlotRules with(KeptPoints counted) {
        return new PlotRules(points, form, digits, counted, frame, families, keeping, ground);
    }

    /** How many of the points have to be kept. */
    public KeptShare share() {
        return keeping.orElse(KeptShare.HALF);
    }

    public PlotRules with(KeptShare least) {
        return new PlotRules(points, form, digits, kept, frame, families, Optional.of(least), ground);
    }

    public PlotRules showing(Optional<Frame> part) {
        return new PlotRules(points, form, digits, kept, part, families, keeping, ground);
    }

    /** How large the squared paper on a handout is. */
    public SquaredPaper squared() {
        return ground.orElse(SquaredPaper.THIRD);
    }

    public PlotRules with(SquaredPaper size) {
        return new PlotRules(points, form, digits, kept, frame, families, keeping, Optional.of(size));
    }
}
