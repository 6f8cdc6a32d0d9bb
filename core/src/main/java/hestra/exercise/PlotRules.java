package hestra.exercise;

import java.util.EnumSet;
import java.util.Set;

import hestra.fit.EquationForm;

/**
 * What an exercise lets be done in its plot, and how it writes equations. The table stays the student's own: these are rules
 * for gestures on the plot, where a point is changed without a thought.
 *
 * @param points what may be done to points
 * @param form how equations are written
 */
public record PlotRules(Set<PointChange> points, EquationForm form) {

    /** Points may be moved and removed; equations have names and the constant first. */
    public static final PlotRules USUAL = new PlotRules(EnumSet.of(PointChange.MOVE, PointChange.REMOVE), EquationForm.USUAL);

    public PlotRules {
        points = Set.copyOf(points);
    }

    public boolean allows(PointChange change) {
        return points.contains(change);
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
        return new PlotRules(changed, form);
    }

    public PlotRules with(EquationForm newForm) {
        return new PlotRules(points, newForm);
    }
}
