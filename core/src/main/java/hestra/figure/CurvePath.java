package hestra.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

import hestra.figure.Figure.Area;
import hestra.fit.Curve;
import hestra.fit.CurveOnData;

/**
 * A curve as pieces of line within the plot's inner rectangle: a straight one between two places, any other through places a
 * few pixels apart; cut off at the upper and lower edge, and interrupted where the curve is not defined.
 */
final class CurvePath {

    private static final double STEP = 2.5;
    private static final double FAR = 1e7;

    private final Area area;
    private final Scale x;
    private final Scale y;
    private final boolean straightPlane;
    private final List<double[]> places = new ArrayList<>();
    private final List<Mark> marks = new ArrayList<>();
    private final Stroke stroke;

    private CurvePath(Area area, Plane plane, Stroke stroke) {
        this.area = area;
        this.x = plane.along(area);
        this.y = plane.upward(area);
        this.straightPlane = plane.isStraight();
        this.stroke = stroke;
    }

    /** The part of a curve between two x. */
    static List<Mark> of(CurveOnData curve, double from, double to, Plane plane, Area area, Stroke stroke) {
        CurvePath path = new CurvePath(area, plane, stroke);
        path.draw(curve, Math.max(from, path.x.low()), Math.min(to, path.x.high()));
        return path.marks;
    }

    /** A straight line between two places of the plane, cut off at the upper and lower edge. */
    static List<Mark> segment(double x1, double y1, double x2, double y2, Plane plane, Area area, Stroke stroke) {
        CurvePath path = new CurvePath(area, plane, stroke);
        path.line(path.x.pixel(x1), path.pixelOf(OptionalDouble.of(y1)), path.x.pixel(x2), path.pixelOf(OptionalDouble.of(y2)));
        return path.marks;
    }

    private void draw(CurveOnData curve, double from, double to) {
        if (!(to > from)) {
            return;
        }
        boolean straight = straightPlane && (curve.curve() instanceof Curve.Line || curve.curve() instanceof Curve.ThroughOrigin);
        double left = x.pixel(from);
        double right = x.pixel(to);
        if (straight) {
            line(left, pixelOf(curve.fitted(from)), right, pixelOf(curve.fitted(to)));
            return;
        }
        int pieces = (int) Math.ceil((right - left) / STEP);
        double px = left;
        double py = pixelOf(curve.fitted(from));
        for (int i = 1; i <= pieces; i++) {
            double nextX = left + (right - left) * i / pieces;
            double nextY = pixelOf(curve.fitted(i == pieces ? to : x.value(nextX)));
            piece(px, py, nextX, nextY);
            px = nextX;
            py = nextY;
        }
        end();
    }

    /** A value's pixel; not a number where there is none to draw towards. */
    private double pixelOf(OptionalDouble value) {
        if (value.isEmpty()) {
            return Double.NaN;
        }
        // On a logarithmic axis what lies at or below 0 lies infinitely far down.
        double pixel = value.getAsDouble() <= 0 && y.spacing() == Spacing.LOGARITHMIC ? FAR : y.pixel(value.getAsDouble());
        return Math.clamp(pixel, -FAR, FAR);
    }

    private void line(double x1, double y1, double x2, double y2) {
        double[] part = part(y1, y2);
        if (part.length > 0) {
            marks.add(new Mark.Line(x1 + part[0] * (x2 - x1), y1 + part[0] * (y2 - y1), x1 + part[1] * (x2 - x1),
                    y1 + part[1] * (y2 - y1), stroke));
        }
    }

    private void piece(double x1, double y1, double x2, double y2) {
        double[] part = part(y1, y2);
        if (part.length == 0) {
            end();
            return;
        }
        if (part[0] > 0) {
            end();
        }
        if (places.isEmpty()) {
            places.add(new double[] {x1 + part[0] * (x2 - x1), y1 + part[0] * (y2 - y1)});
        }
        places.add(new double[] {x1 + part[1] * (x2 - x1), y1 + part[1] * (y2 - y1)});
        if (part[1] < 1) {
            end();
        }
    }

    private void end() {
        if (places.size() > 1) {
            marks.add(new Mark.Path(Places.of(places), stroke));
        }
        places.clear();
    }

    /** Which part of the way from one height to another lies within the area, as shares of it; nothing where none does. */
    private double[] part(double y1, double y2) {
        if (Double.isNaN(y1) || Double.isNaN(y2)) {
            return new double[0];
        }
        double rise = y2 - y1;
        if (rise == 0) {
            return y1 >= area.top() && y1 <= area.bottom() ? new double[] {0, 1} : new double[0];
        }
        double atTop = (area.top() - y1) / rise;
        double atBottom = (area.bottom() - y1) / rise;
        double from = Math.max(0, Math.min(atTop, atBottom));
        double to = Math.min(1, Math.max(atTop, atBottom));
        return from < to ? new double[] {from, to} : new double[0];
    }
}
