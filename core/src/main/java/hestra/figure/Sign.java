package hestra.figure;

import java.util.Arrays;
import java.util.List;

/**
 * The shape that stands for a point. Groups are told apart by it, in this order; all have the same area, so that none
 * weighs more than another.
 */
public enum Sign {
    DISC(),
    TRIANGLE(0, -1.5551, 1.3468, 0.7776, -1.3468, 0.7776),
    SQUARE(-0.8862, -0.8862, 0.8862, -0.8862, 0.8862, 0.8862, -0.8862, 0.8862),
    WEDGE(0, 1.5551, -1.3468, -0.7776, 1.3468, -0.7776),
    LOZENGE(0, -1.2533, 1.2533, 0, 0, 1.2533, -1.2533, 0),
    BAR(-0.5, -1.5708, 0.5, -1.5708, 0.5, 1.5708, -0.5, 1.5708);

    private final List<Double> corners;

    Sign(double... corners) {
        this.corners = Arrays.stream(corners).boxed().toList();
    }

    /** The sign of a group, counted from 0; groups beyond the last sign share it. */
    public static Sign of(int group) {
        return values()[Math.clamp(group, 0, values().length - 1)];
    }

    /** How many corners there are; none for the disc, whose radius is 1. */
    public int corners() {
        return corners.size() / 2;
    }

    /** How far right of the middle a corner is, for a sign as large as a disc of radius 1. */
    public double x(int corner) {
        return corners.get(2 * corner);
    }

    /** How far below the middle a corner is. */
    public double y(int corner) {
        return corners.get(2 * corner + 1);
    }

    /**
     * How far a place lies outside the sign; negative inside.
     *
     * @param dx right of the middle
     * @param dy below it
     * @param size the radius of a disc of the same area
     */
    public double distance(double dx, double dy, double size) {
        if (corners.isEmpty()) {
            return Math.hypot(dx, dy) - size;
        }
        double farthest = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < corners(); i++) {
            int next = (i + 1) % corners();
            double ex = x(next) - x(i);
            double ey = y(next) - y(i);
            // Corners go round clockwise on the screen, so that the outside is on the left of each side.
            double outside = ((dx / size - x(i)) * ey - (dy / size - y(i)) * ex) / Math.hypot(ex, ey);
            farthest = Math.max(farthest, outside * size);
        }
        return farthest;
    }
}
