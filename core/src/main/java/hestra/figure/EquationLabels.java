package hestra.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

import hestra.figure.Figure.Area;
import hestra.figure.Figure.Hit;
import hestra.figure.Mark.Anchor;
import hestra.figure.Mark.Face;
import hestra.figure.PlotContent.Point;

/**
 * The curves' equations, each beside its curve: where a person has put it, or else towards the curve's right end, above or
 * below, in the place that covers the fewest points and is crossed by the fewest curves.
 */
final class EquationLabels {

    private static final double SIZE = 14;
    private static final double WIDTH = 0.52;
    private static final double SPACE = 0.2;
    private static final double POINT = 0.27;
    private static final double SMALL = 0.36;
    private static final double RAISED = 0.72;
    private static final double FOOT = 26;
    private static final double GAP = 7;
    private static final double FURTHER = 3.5;
    private static final int TRIES = 14;
    private static final int COSTS_OF_A_LABEL = 50;
    private static final int COSTS_OF_A_CURVE = 3;
    /** Below this cost nothing is covered. */
    private static final double FREE = 0.5;
    /** Places that are looked at, and what it costs to be the whole plot's height away from the curve. */
    private static final int ACROSS = 12;
    private static final int DOWN = 14;
    private static final double FAR = 0.9;
    /** How far apart the places are at which a curve's height is looked at, and how near a label may come to a point. */
    private static final double STEP = 6;
    private static final double NEAR = 5;

    private final PlotContent content;
    private final Layout layout;
    private final Area area;
    private final Scale x;
    private final Scale y;
    private final List<HitAreas.Boxed> targets = new ArrayList<>();
    private final List<Area> shaded;
    private final double[] pointsX;
    private final double[] pointsY;
    /** How high each curve stands, at every so many pixels. */
    private final List<double[]> heights;
    private final List<Area> taken = new ArrayList<>();

    /**
     * The equations of a plot's curves.
     *
     * @param shaded the squares on the residuals, which are better left uncovered
     */
    EquationLabels(PlotContent content, Layout layout, Area area, List<Area> shaded) {
        this.content = content;
        this.shaded = shaded;
        this.layout = layout;
        this.area = area;
        this.x = content.plane().along(area);
        this.y = content.plane().upward(area);
        // Looked at for very many places, so worked out once.
        List<Point> points = content.isCloudy() ? List.of() : content.points();
        this.pointsX = points.stream().mapToDouble(point -> x.pixel(point.x())).toArray();
        this.pointsY = points.stream().mapToDouble(point -> y.pixel(point.y())).toArray();
        this.heights = content.curves().stream().map(curve -> IntStream.rangeClosed(0, (int) Math.floor(area.width() / STEP))
                .mapToDouble(i -> pixel(curve, area.left() + i * STEP)).toArray()).toList();
    }

    /** The labels; {@link #targets} then says where they are. */
    List<Mark> all() {
        List<Mark> marks = new ArrayList<>();
        for (DrawnCurve curve : content.curves()) {
            if (!curve.equation().isEmpty()) {
                double size = layout.size(SIZE) * curve.label().map(LabelPlace::size).orElse(1.0);
                Area box = curve.label().map(it -> put(it, curve, size)).orElseGet(() -> found(curve, size));
                taken.add(box);
                targets.add(new HitAreas.Boxed(new Hit.OnLabel(curve.slot()), box));
                marks.add(new Mark.Box(box.left(), box.top(), box.width(), box.height(), 3, Ink.SURFACE, 0.86));
                write(marks, box, curve, size);
            }
        }
        return marks;
    }

    /** An exponent that is no whole number stands raised at the end. */
    private void write(List<Mark> marks, Area box, DrawnCurve curve, double size) {
        String text = curve.equation();
        int raised = text.indexOf('^');
        String base = raised < 0 ? text : text.substring(0, raised);
        double left = box.left() + size * 0.3;
        double foot = box.bottom() - size * 0.36;
        marks.add(new Mark.Label(left, foot, base, Face.STRONG, size, content.dress().textInk(curve.slot()), Anchor.START,
                false));
        if (raised >= 0) {
            marks.add(new Mark.Label(left + width(base, size) + size * 0.06, foot - size * 0.42,
                    exponent(text.substring(raised + 1)), Face.STRONG, size * RAISED,
                    content.dress().textInk(curve.slot()), Anchor.START, false));
        }
    }

    /** On one line an exponent of several signs stands in brackets, raised it needs none. */
    private static String exponent(String text) {
        return text.startsWith("(") && text.endsWith(")") ? text.substring(1, text.length() - 1) : text;
    }

    /** How wide a text comes out, about: digits and letters are half as wide as they are high, points and spaces less. */
    private static double width(String text, double size) {
        double width = 0;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            width += c == ' ' ? SPACE : ".,·".indexOf(c) >= 0 ? POINT : "⁰¹²³⁴⁵⁶⁷⁸⁹⁻".indexOf(c) >= 0 ? SMALL : WIDTH;
        }
        return width * size;
    }

    List<HitAreas.Boxed> targets() {
        return targets;
    }

    private Area put(LabelPlace place, DrawnCurve curve, double size) {
        Area box = box(area.left() + place.across() * area.width(), area.top() + place.down() * area.height(), curve, size);
        return within(box);
    }

    private static Area box(double left, double bottom, DrawnCurve curve, double size) {
        double height = size * 1.35;
        double width = width(curve.equation(), size) + size * 0.6;
        return new Area(left, bottom - height, width, height);
    }

    private Area within(Area box) {
        double left = Math.clamp(box.left(), area.left(), Math.max(area.left(), area.right() - box.width()));
        double top = Math.clamp(box.top(), area.top(), Math.max(area.top(), area.bottom() - box.height()));
        return new Area(left, top, box.width(), box.height());
    }

    private Area found(DrawnCurve curve, double size) {
        Area best = within(box(area.right(), area.top() + size * 2 + size * 1.6 * taken.size(), curve, size));
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < TRIES && least > 0; i++) {
            double px = area.right() - area.width() * (0.02 + 0.9 * i / TRIES);
            double py = curve.curve().fitted(x.value(px)).stream().filter(content.plane().ySpacing()::holds).map(y::pixel)
                    .findFirst().orElse(Double.NaN);
            if (!(py > area.top() && py < area.bottom())) {
                continue;
            }
            for (double side : new double[] {-1, 1, -FURTHER, FURTHER}) {
                Area probe = box(0, 0, curve, size);
                double left = px - probe.width();
                double foot = side < 0
                        ? Math.min(py, pixel(curve, left)) + side * GAP
                        : Math.max(py, pixel(curve, left)) + side * GAP + probe.height();
                Area box = box(left, foot, curve, size);
                double cost = cost(box, least) + 0.01 * i + (Math.abs(side) - 1) * 0.1;
                if (box.left() >= area.left() && box.top() >= area.top() && box.bottom() <= area.bottom() && cost < least) {
                    least = cost < FREE ? 0 : cost;
                    best = box;
                }
            }
        }
        return least < FREE ? best : free(curve, size, best, least);
    }

    /** Where beside the curve there is no room: the free place in the plot that is nearest to it. */
    private Area free(DrawnCurve curve, double size, Area covering, double cost) {
        Area probe = box(0, 0, curve, size);
        Area best = covering;
        double least = cost;
        for (int across = 0; across <= ACROSS; across++) {
            double left = area.left() + (area.width() - probe.width()) * across / ACROSS;
            for (int down = 0; down <= DOWN; down++) {
                Area box = new Area(left, area.top() + (area.height() - probe.height()) * down / DOWN, probe.width(),
                        probe.height());
                double away = Math.abs(box.top() + box.height() / 2 - pixel(curve, left + box.width() / 2)) / area.height();
                double here = away * FAR;
                if (here < least && box.isWithin(area)) {
                    here += cost(box, least);
                    best = here < least ? box : best;
                    least = Math.min(here, least);
                }
            }
        }
        return best;
    }

    private double pixel(DrawnCurve curve, double px) {
        return curve.curve().fitted(x.value(px)).stream().filter(content.plane().ySpacing()::holds).map(y::pixel).findFirst()
                .orElse((area.top() + area.bottom()) / 2);
    }

    /** How much a label in this place would cover; counted no further than to a bound from which it is too much anyway. */
    private double cost(Area box, double bound) {
        // The foot is for the notes that say how far the data reach.
        double cost = box.bottom() > area.bottom() - layout.size(FOOT) ? COSTS_OF_A_CURVE : 0;
        for (Area label : taken) {
            cost += box.meets(label) ? COSTS_OF_A_LABEL : 0;
        }
        int first = (int) Math.max(0, Math.ceil((box.left() - area.left()) / STEP));
        int last = (int) Math.min(Math.floor(area.width() / STEP), Math.floor((box.right() - area.left()) / STEP));
        for (double[] curve : heights) {
            for (int i = first; i <= last; i++) {
                cost += curve[i] > box.top() && curve[i] < box.bottom() ? COSTS_OF_A_CURVE : 0;
            }
        }
        Area near = box.grownBy(NEAR);
        for (int i = 0; i < pointsX.length && cost < bound; i++) {
            cost += near.contains(pointsX[i], pointsY[i]) ? 1 : 0;
        }
        for (int i = 0; i < shaded.size() && cost < bound; i++) {
            cost += box.meets(shaded.get(i)) ? 1 : 0;
        }
        return cost;
    }
}
