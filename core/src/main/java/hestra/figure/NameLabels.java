package hestra.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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

    /** A point to be named, in pixels. */
    record Named(double x, double y, double radius, String name) {}

    private final Layout layout;
    private final Area area;
    private final List<Mark.Line> lines;
    private final List<Area> taken = new ArrayList<>();

    NameLabels(Layout layout, Area area, List<Mark.Line> lines) {
        this.layout = layout;
        this.area = area;
        this.lines = lines;
    }

    /** The labels for these points. */
    List<Mark> of(List<Named> points) {
        for (Named point : points) {
            double reach = point.radius + 1;
            taken.add(new Area(point.x - reach, point.y - reach, 2 * reach, 2 * reach));
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
        Optional<Area> found = Optional.empty();
        for (double[] place : places) {
            double left = point.x + place[0];
            double middle = point.y + place[1];
            Area box = new Area(left, middle - size / 2, width, size);
            if (box.isWithin(area) && taken.stream().noneMatch(box::meets)) {
                found = Optional.of(found.orElse(box));
                if (lines.stream().noneMatch(box::isCrossedBy)) {
                    found = Optional.of(box);
                    break;
                }
            }
        }
        found.ifPresent(taken::add);
        return found.map(box -> new Mark.Label(box.left(), box.top() + size * 0.83, point.name, Face.TEXT, size, Ink.INK,
                Anchor.START, false));
    }
}
