package hestra.figure;

import java.util.Arrays;
import java.util.OptionalDouble;

import hestra.figure.PlotContent.Point;
import hestra.fit.CurveOnData;
import hestra.fit.LineFit;

/**
 * The points that take part in a fit with their residuals, in the order of the table; in arrays and plain loops, since there may
 * be a hundred thousand in each frame of a drag.
 */
final class PlottedResiduals {

    private final Point[] points;
    private final double[] values;

    private PlottedResiduals(Point[] points, double[] values) {
        this.points = points;
        this.values = values;
    }

    /**
     * The residuals of a curve; points at which it is not defined have none. Those of a line through a cloud are taken from the
     * means in plain doubles: a pixel needs no more.
     */
    static PlottedResiduals of(PlotContent content, CurveOnData curve) {
        return content.isCloudy() && curve instanceof LineFit line ? ofCloud(content, line) : ofEach(content, curve);
    }

    private static PlottedResiduals ofCloud(PlotContent content, LineFit line) {
        double meanX = line.meanX();
        double meanY = line.meanY();
        double slope = line.slope().value();
        Point[] points = new Point[content.points().size()];
        double[] values = new double[points.length];
        int size = 0;
        for (Point point : content.points()) {
            if (content.takesPart(point)) {
                points[size] = point;
                values[size++] = point.y() - meanY - slope * (point.x() - meanX);
            }
        }
        return new PlottedResiduals(Arrays.copyOf(points, size), Arrays.copyOf(values, size));
    }

    private static PlottedResiduals ofEach(PlotContent content, CurveOnData curve) {
        Point[] points = new Point[content.points().size()];
        double[] values = new double[points.length];
        int size = 0;
        for (Point point : content.points()) {
            if (content.takesPart(point)) {
                OptionalDouble residual = curve.residual(point.x(), point.y());
                if (residual.isPresent()) {
                    points[size] = point;
                    values[size++] = residual.getAsDouble();
                }
            }
        }
        return new PlottedResiduals(Arrays.copyOf(points, size), Arrays.copyOf(values, size));
    }

    int size() {
        return values.length;
    }

    Point point(int i) {
        return points[i];
    }

    /** y − ŷ. */
    double value(int i) {
        return values[i];
    }

    double[] values() {
        return values.clone();
    }

    double[] xs() {
        double[] xs = new double[points.length];
        for (int i = 0; i < xs.length; i++) {
            xs[i] = points[i].x();
        }
        return xs;
    }

    /** ŷ of each. */
    double[] fitted() {
        double[] fitted = new double[points.length];
        for (int i = 0; i < fitted.length; i++) {
            fitted[i] = points[i].y() - values[i];
        }
        return fitted;
    }

    /** The row of each, counted from 1. */
    double[] rows() {
        return Arrays.stream(points).mapToDouble(point -> point.row() + 1).toArray();
    }

    /** The size of the largest. */
    double largest() {
        double largest = 0;
        for (double value : values) {
            largest = Math.max(largest, Math.abs(value));
        }
        return largest;
    }
}
