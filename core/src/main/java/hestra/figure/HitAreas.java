package hestra.figure;

import java.util.List;
import java.util.Optional;

import hestra.figure.Figure.Area;
import hestra.figure.Figure.Hit;

/**
 * What else than points can be taken hold of.
 *
 * @param boxes labels and handles, the uppermost last
 * @param curves the curves with the lines by which they are drawn
 */
public record HitAreas(List<Boxed> boxes, List<Drawn> curves) {

    /** Nothing to take hold of. */
    public static final HitAreas NONE = new HitAreas(List.of(), List.of());

    private static final double REACH = 5;

    /** Something that fills a rectangle. */
    record Boxed(Hit hit, Area box) {}

    /** A curve as it is drawn. */
    record Drawn(Slot slot, List<Mark> marks) {}

    public HitAreas {
        boxes = List.copyOf(boxes);
        curves = List.copyOf(curves);
    }

    /** The rectangle of a curve's label, where it has one. */
    public Optional<Area> boxOf(Slot slot) {
        return boxes.stream().filter(it -> it.hit.equals(new Hit.OnLabel(slot))).map(Boxed::box).findFirst();
    }

    /** The uppermost handle or label at a pixel. */
    Optional<Hit> boxAt(double px, double py) {
        return boxes.reversed().stream().filter(it -> it.box.contains(px, py)).map(Boxed::hit).findFirst();
    }

    /** The uppermost curve near a pixel. */
    Optional<Hit> curveAt(double px, double py) {
        return curves.reversed().stream().filter(it -> it.marks.stream().anyMatch(mark -> isNear(mark, px, py)))
                .map(it -> (Hit) new Hit.OnCurve(it.slot)).findFirst();
    }

    private static boolean isNear(Mark mark, double px, double py) {
        return mark.segments().anyMatch(line -> distance(px, py, line.x1(), line.y1(), line.x2(), line.y2()) <= REACH);
    }

    private static double distance(double px, double py, double x1, double y1, double x2, double y2) {
        double length = (x2 - x1) * (x2 - x1) + (y2 - y1) * (y2 - y1);
        double share = length == 0 ? 0 : Math.clamp(((px - x1) * (x2 - x1) + (py - y1) * (y2 - y1)) / length, 0, 1);
        return Math.hypot(px - x1 - share * (x2 - x1), py - y1 - share * (y2 - y1));
    }
}
