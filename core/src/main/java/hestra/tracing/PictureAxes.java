package hestra.tracing;

import java.util.Optional;

/**
 * What places in a picture mean, by two known points on each axis. The axes need not be level or upright, nor at right angles:
 * a place is split into a part along each, u = P₂ − P₁ and w = Q₂ − Q₁, so that a picture laid askew reads right.
 *
 * @param x the axis of the explanatory variable
 * @param y the axis of the response
 */
public record PictureAxes(KnownAxis x, KnownAxis y) {

    private static final double LEAST_SINE = 0.02;
    private static final double LEAST_LENGTH = 4;

    /** Two numbers. */
    public record Value(double x, double y) {}

    /** Axes along the left and lower edges of a picture, a tenth in, from 0 to 10 each: to be dragged to where they belong. */
    public static PictureAxes within(double width, double height) {
        PicturePoint corner = new PicturePoint(width * 0.1, height * 0.9);
        return new PictureAxes(new KnownAxis(corner, 0, new PicturePoint(width * 0.9, height * 0.9), 10, false),
                new KnownAxis(corner, 0, new PicturePoint(width * 0.1, height * 0.1), 10, false));
    }

    /** Why places cannot be read, as a sentence; nothing where they can. */
    public Optional<String> problem() {
        Optional<String> values = x.problem("x").or(() -> y.problem("y"));
        if (values.isPresent()) {
            return values;
        }
        double ux = x.second().x() - x.first().x();
        double uy = x.second().y() - x.first().y();
        double wx = y.second().x() - y.first().x();
        double wy = y.second().y() - y.first().y();
        double lengths = Math.hypot(ux, uy) * Math.hypot(wx, wy);
        if (Math.hypot(ux, uy) < LEAST_LENGTH || Math.hypot(wx, wy) < LEAST_LENGTH) {
            return Optional.of("The two known points of an axis must lie apart.");
        }
        return Math.abs(ux * wy - uy * wx) < LEAST_SINE * lengths
                ? Optional.of("The two axes must not run the same way.") : Optional.empty();
    }

    /** What a place means; only where there is no {@linkplain #problem problem}. */
    public Value at(PicturePoint place) {
        return new Value(x.value(share(place, x.first(), true)), y.value(share(place, y.first(), false)));
    }

    /**
     * How far along one axis a place lies from a point on it, in lengths between its two known points, measured parallel to the
     * other.
     */
    private double share(PicturePoint place, PicturePoint from, boolean alongX) {
        double ux = x.second().x() - x.first().x();
        double uy = x.second().y() - x.first().y();
        double wx = y.second().x() - y.first().x();
        double wy = y.second().y() - y.first().y();
        double dx = place.x() - from.x();
        double dy = place.y() - from.y();
        double area = ux * wy - uy * wx;
        return alongX ? (dx * wy - dy * wx) / area : (ux * dy - uy * dx) / area;
    }

    /** The decimal places that x is read with: one pixel changes the last of them. */
    public int placesX(PicturePoint at) {
        return places(perPixel(at, true));
    }

    /** The decimal places that y is read with. */
    public int placesY(PicturePoint at) {
        return places(perPixel(at, false));
    }

    /** By how much a value changes on one pixel along its axis. */
    private double perPixel(PicturePoint at, boolean alongX) {
        KnownAxis axis = alongX ? x : y;
        double dx = axis.second().x() - axis.first().x();
        double dy = axis.second().y() - axis.first().y();
        double length = Math.hypot(dx, dy);
        Value here = at(at);
        Value there = at(at.moved(dx / length, dy / length));
        return alongX ? there.x() - here.x() : there.y() - here.y();
    }

    private static int places(double perPixel) {
        return (int) Math.clamp(Math.ceil(-Math.log10(Math.abs(perPixel))), 0, 10);
    }
}
