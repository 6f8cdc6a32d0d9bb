package hestra.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.figure.Figure.Area;
import hestra.figure.Mark.Anchor;
import hestra.figure.Mark.Face;

/**
 * Places the points' names beside them: each in the first of eight places around its point that covers no point, no name
 * placed before and, if it can be, no line; one for which every place covers a point or a name is left out.
 */
final class NameLabels {

    /** More points than this are not named all at once. */
    static final int MOST = 200;

    private static final double SIZE = 11.5;
    private static final double WIDTH = 0.52;
    private static final double GAP = 3;

    private record Box(double left, double top, double right, double bottom) {
        boolean meets(Box other) {
            return left < other.right && right > other.left && top < other.bottom && bottom > other.top;
        }

        /** Whether a line goes through: the part of it between the box's two sides, or within them, lies at the box's height. */
        boolean isCrossedBy(Mark.Line line) {
            double least = Math.max(left, Math.min(line.x1(), line.x2()));
            double most = Math.min(right, Math.max(line.x1(), line.x2()));
            if (least > most) {
                return false;
            }
            double rise = line.x1() == line.x2() ? 0 : (line.y2() - line.y1()) / (line.x2() - line.x1());
            double y1 = line.x1() == line.x2() ? line.y1() : line.y1() + rise * (least - line.x1());
            double y2 = line.x1() == line.x2() ? line.y2() : line.y1() + rise * (most - line.x1());
            return Math.max(y1, y2) >= top && Math.min(y1, y2) <= bottom;
        }

        boolean isWithin(Area area) {
            return left >= area.left() && right <= area.right() && top >= area.top() && bottom <= area.bottom();
        }
    }

    /** A point to be named, in pixels. */
    record Named(double x, double y, double radius, String name) {}

    private final Layout layout;
    private final Area area;
    private final List<Mark.Line> lines;
    private final List<Box> taken = new ArrayList<>();

    NameLabels(Layout layout, Area area, List<Mark.Line> lines) {
        this.layout = layout;
        this.area = area;
        this.lines = lines;
    }

    /** The straight pieces that a mark is drawn with. */
    static Stream<Mark.Line> segments(Mark mark) {
        return switch (mark) {
            case Mark.Line line -> Stream.of(line);
            case Mark.Path(Places places, Stroke stroke) -> IntStream.range(1, places.size())
                    .mapToObj(i -> new Mark.Line(places.x(i - 1), places.y(i - 1), places.x(i), places.y(i), stroke));
            default -> Stream.of();
        };
    }

    /** The labels for these points. */
    List<Mark> of(List<Named> points) {
        for (Named point : points) {
            double reach = point.radius + 1;
            taken.add(new Box(point.x - reach, point.y - reach, point.x + reach, point.y + reach));
        }
        List<Mark> labels = new ArrayList<>();
        for (Named point : points) {
            place(point).ifPresent(labels::add);
        }
        return labels;
    }

    private Optional<Mark> place(Named point) {
        double size = layout.size(SIZE);
        double width = WIDTH * size * point.name.length();
        double off = point.radius + GAP;
        double[][] places = {{off, 0}, {-off - width, 0}, {-width / 2, -off - size / 2}, {-width / 2, off + size / 2},
            {off, -size}, {off, size}, {-off - width, -size}, {-off - width, size}};
        Optional<Box> found = Optional.empty();
        for (double[] place : places) {
            double left = point.x + place[0];
            double middle = point.y + place[1];
            Box box = new Box(left, middle - size / 2, left + width, middle + size / 2);
            if (box.isWithin(area) && taken.stream().noneMatch(box::meets)) {
                found = Optional.of(found.orElse(box));
                if (lines.stream().noneMatch(box::isCrossedBy)) {
                    found = Optional.of(box);
                    break;
                }
            }
        }
        found.ifPresent(taken::add);
        return found.map(box -> new Mark.Label(box.left, (box.top + box.bottom) / 2 + size * 0.33, point.name, Face.TEXT, size, Ink.INK, Anchor.START, false));
    }
}
