package hestra.figure;

import hestra.data.Variable;
import hestra.figure.Figure.Area;

/**
 * What the two axes of a plot stand for.
 *
 * @param x the explanatory variable
 * @param y the response
 * @param frame the part of the plane that is shown
 * @param xSpacing how values of x are spaced
 * @param ySpacing how values of y are spaced
 */
public record Plane(Variable x, Variable y, Frame frame, Spacing xSpacing, Spacing ySpacing) {

    /** A plane with two linear axes. */
    public Plane(Variable x, Variable y, Frame frame) {
        this(x, y, frame, Spacing.LINEAR, Spacing.LINEAR);
    }

    Scale along(Area area) {
        return new Scale(frame.xLow(), frame.xHigh(), area.left(), area.right(), xSpacing);
    }

    Scale upward(Area area) {
        return new Scale(frame.yLow(), frame.yHigh(), area.bottom(), area.top(), ySpacing);
    }

    /** Whether both axes are linear, so that a straight line is straight. */
    boolean isStraight() {
        return xSpacing == Spacing.LINEAR && ySpacing == Spacing.LINEAR;
    }
}
