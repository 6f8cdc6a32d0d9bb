package hestra.tracing;

import java.util.ArrayList;
import java.util.List;

import hestra.data.Cell;
import hestra.data.Row;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;

/**
 * The axes laid on a picture and the points placed in it.
 *
 * @param axes what places mean
 * @param points the points, in the order in which they were placed
 */
public record Tracing(PictureAxes axes, List<PicturePoint> points) {

    /** The most points that are placed by hand. */
    public static final int MOST_POINTS = 5_000;

    public Tracing {
        points = List.copyOf(points);
    }

    public Tracing withAxes(PictureAxes other) {
        return new Tracing(other, points);
    }

    /** With one more point. */
    public Tracing with(PicturePoint place) {
        List<PicturePoint> more = new ArrayList<>(points);
        more.add(place);
        return new Tracing(axes, more);
    }

    public Tracing withMoved(int index, PicturePoint place) {
        List<PicturePoint> moved = new ArrayList<>(points);
        moved.set(index, place);
        return new Tracing(axes, moved);
    }

    public Tracing without(int index) {
        List<PicturePoint> fewer = new ArrayList<>(points);
        fewer.remove(index);
        return new Tracing(axes, fewer);
    }

    /** The points as rows of two numbers, with as many decimals as a pixel is worth; none while the axes cannot be read. */
    public List<Row> rows(DecimalMark mark) {
        return axes.problem().isPresent() ? List.of() : points.stream().map(point -> {
            PictureAxes.Value value = axes.at(point);
            return Row.of(cell(value.x(), axes.placesX(point), mark), cell(value.y(), axes.placesY(point), mark));
        }).toList();
    }

    private static Cell cell(double value, int places, DecimalMark mark) {
        return Double.isFinite(value)
                ? Cell.of(new Rounding.Places(places).apply(value).toPlainString().replace('.', mark.sign()), mark) : Cell.EMPTY;
    }
}
