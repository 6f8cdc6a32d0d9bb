package hestra.figure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import hestra.data.Variable;
import hestra.figure.Figure.Area;
import hestra.figure.Figure.Hit;
import hestra.figure.Mark.Anchor;
import hestra.figure.Mark.Face;
import hestra.figure.PlotContent.Point;
import hestra.fit.Trial;
import hestra.numbers.Counted;

/**
 * Describes the scatter plot: the points, the line solid within the supported range and dashed over hatched ground
 * outside it, the ribbon that shows how far the data reach, and the reading line.
 */
public final class ScatterPlot {

    private static final double TOP = 14;
    private static final double BOTTOM = 52;
    private static final double LEGEND = 20;
    private static final double TITLE = 15;
    private static final double TITLE_LINE = 20;
    private static final int MOST_TITLE_LINES = 2;
    private static final double LARGEST = 14;
    /** A plot narrower than this shows how far the data reach, and what is read off, without writing it. */
    static final double ROOM_FOR_NOTES = 260;
    private static final double HANDLE = 5;
    private static final double TOGETHER = 10.5;
    private static final double NOT_DRAWN = 3;
    private static final double DRAWN = 1.5;
    /** With more points than this it is not written how often each was drawn. */
    private static final int MOST_TIMES = 60;

    private final Layout layout;
    private final PlotContent content;
    private final List<String> title;
    private final Area area;
    private final Scale x;
    private final Scale y;
    private final List<Mark> ground = new ArrayList<>();
    private final List<Mark> lines = new ArrayList<>();
    private final List<Mark> points = new ArrayList<>();
    private final List<Mark> front = new ArrayList<>();
    /** Where lines are drawn: below the points, or above a cloud of them, in which they would drown. */
    private final List<Mark> drawn;
    /** The curves, for what should stand clear of them. */
    private final List<Mark.Line> curvePieces = new ArrayList<>();
    private final Spots.Builder spotted;
    private Spots spots = Spots.NONE;
    private int mostObserved = 1;
    /** How many points have no place on a logarithmic axis. */
    private int without;
    private double least = Double.POSITIVE_INFINITY;
    private double greatest = Double.NEGATIVE_INFINITY;

    private ScatterPlot(PlotContent content, Layout layout) {
        this.content = content;
        this.drawn = content.isCloudy() ? front : lines;
        this.spotted = new Spots.Builder(content.points().size());
        for (Point point : content.points()) {
            mostObserved = Math.max(mostObserved, point.count());
            boolean hasPlace = content.plane().xSpacing().holds(point.x()) && content.plane().ySpacing().holds(point.y());
            without += hasPlace ? 0 : 1;
            if (content.takesPart(point) && content.plane().xSpacing().holds(point.x())) {
                least = Math.min(least, point.x());
                greatest = Math.max(greatest, point.x());
            }
        }
        this.layout = layout;
        this.title = layout.wrapped(content.dress().title(), TITLE, MOST_TITLE_LINES);
        this.area = layout.area(TOP + layout.size((content.groups().isEmpty() ? 0 : LEGEND) + TITLE_LINE * title.size()),
                BOTTOM * layout.type());
        this.x = content.plane().along(area);
        this.y = content.plane().upward(area);
    }

    /** The figure of this content at this size. */
    public static Figure describe(PlotContent content, Layout layout) {
        return new ScatterPlot(content, layout).figure();
    }

    private Figure figure() {
        layout.paper(ground, area);
        if (least <= greatest) {
            Layout.unsupported(ground, area, x, least, greatest);
        }
        axes();
        if (!content.dress().grid()) {
            ground.add(new Mark.Outline(area.left(), area.top(), area.width(), area.height(), Stroke.solid(Ink.RULE, 1)));
        }
        legend();
        List<HitAreas.Boxed> boxes = new ArrayList<>(title());
        CurveMarks curves = new CurveMarks(content, area);
        drawn.addAll(curves.all());
        curvePieces.addAll(curves.drawn().stream().flatMap(it -> it.marks().stream()).flatMap(Mark::segments).toList());
        if (least <= greatest && without < content.points().size()) {
            ground.addAll(new DataReach(content, layout, area, curvePieces).of(least, greatest));
            if (without > 0) {
                layout.title(ground, area.left() + area.width() / 2, area.top() + layout.size(18),
                        Counted.of(without, "point is", "points are")
                        + " not shown: a logarithmic axis has no place for 0 and below", false);
            }
        } else if (!content.notice().isEmpty()) {
            layout.notice(ground, area, content.notice());
        }
        points();
        EquationLabels labels = new EquationLabels(content, layout, area, drawn.stream()
                .flatMap(mark -> mark.covered().stream()).toList());
        front.addAll(labels.all());
        boxes.addAll(labels.targets());
        content.selection().rows().stream().limit(PlotContent.MOST_MARKS).forEach(row -> halo(row, 1.05, 1.6));
        content.hovered().ifPresent(row -> halo(row, 0.7, 1.1));
        boxes.addAll(handles());
        ReadingMarks reading = new ReadingMarks(content, layout, area, boxes.stream().map(HitAreas.Boxed::box).toList());
        front.addAll(reading.all());
        return new Figure(layout.width(), layout.height(), area, x, y,
                new Figure.Sheets(ground, lines, points, front),
                new Figure.Grips(spots, new HitAreas(boxes, curves.drawn()), reading.upright(), reading.level()));
    }

    private void axes() {
        Stroke grid = Stroke.solid(Ink.GRID, 1);
        int across = (int) Math.clamp(area.width() / (75 * layout.type()), 3, 10);
        int down = (int) Math.clamp(area.height() / (75 * layout.type()), 3, 10);
        Ticks along = Ticks.along(x, across);
        Ticks upward = Ticks.along(y, down);
        for (Tick tick : ticks(content.x(), along, x, across)) {
            double px = x.pixel(tick.value());
            if (content.dress().grid()) {
                ground.add(new Mark.Line(px, area.top(), px, area.bottom(), grid));
            }
            layout.tick(ground, px, area.bottom() + layout.size(20), tick.text(), Anchor.MIDDLE);
        }
        for (Tick tick : ticks(content.y(), upward, y, down)) {
            double py = y.pixel(tick.value());
            if (content.dress().grid()) {
                ground.add(new Mark.Line(area.left(), py, area.right(), py, grid));
            }
            layout.tick(ground, area.left() - 9, py + layout.size(4), tick.text(), Anchor.END);
        }
        layout.title(ground, area.left() + area.width() / 2, area.bottom() + layout.size(42), content.x()
                .axisTitle(along.powerInWords()), false);
        layout.title(ground, layout.size(15), area.top() + area.height() / 2, content.y().axisTitle(upward.powerInWords()), true);
    }

    private List<Tick> ticks(Variable variable, Ticks numbers, Scale scale, int about) {
        return variable.dates().filter(_ -> scale.spacing() == Spacing.LINEAR).map(dates -> DateTicks.along(scale, dates, about))
                .orElseGet(() -> numbers.values().stream()
                .map(value -> new Tick(value, numbers.label(value, content.style()))).toList());
    }

    /** The title, over one line or two. */
    private List<HitAreas.Boxed> title() {
        for (int line = 0; line < title.size(); line++) {
            ground.add(new Mark.Label(area.left() + area.width() / 2, layout.size(TITLE_LINE * (line + 0.9)), title.get(line),
                    Face.STRONG, layout.size(TITLE),
                    Ink.INK, Anchor.MIDDLE, false));
        }
        return title.isEmpty() ? List.of()
                : List.of(new HitAreas.Boxed(new Hit.OnTitle(),
                new Area(area.left(), 0, area.width(), layout.size(TITLE_LINE * title.size()) + TOP / 2)));
    }

    private void points() {
        if (!content.shows(Layer.POINTS)) {
            return;
        }
        dealt();
        boolean cloudy = content.isCloudy();
        DensePoints crowd = new DensePoints(cloudy ? content.points().size() : 0);
        for (Point point : content.points()) {
            if (!x.contains(point.x()) || !y.contains(point.y())) {
                continue;
            }
            double px = x.pixel(point.x());
            double py = y.pixel(point.y());
            spotted.add(point.row(), px, py);
            // The point in hand stands on the front sheet: while it is dragged the other points need no painting.
            boolean selected = content.selection().isInHand(point.row());
            List<Mark> sheet = selected ? front : points;
            if (cloudy && !selected && !point.setAside()) {
                crowd.add(px, py);
            } else if (point.setAside()) {
                Stroke stroke = Stroke.solid(Ink.SET_ASIDE, 1.5);
                sheet.add(new Mark.Ring(px, py, content.dress().radius(), stroke));
                sheet.add(new Mark.Line(px - 6, py + 6, px + 6, py - 6, stroke));
            } else if (!content.takesPart(point)) {
                sheet.add(new Mark.Ring(px, py, content.dress().radius(), Stroke.solid(content.dress().ink(), 1.3)));
            } else {
                drawnAgain(point, px, py);
                sheet.add(new Mark.Dot(px, py, radius(point), content.sign(point), content.dress().ink(), Ink.SURFACE));
            }
        }
        crowd.mark(content.dress().ink()).ifPresent(points::addFirst);
        if (!cloudy) {
            together();
        }
        spots = spotted.done();
        names();
    }

    /** The points where chance has put them, each tied to the height at which it was observed. */
    private void dealt() {
        for (ChanceMarks.Dealt it : content.chance().dealt()) {
            if (x.contains(it.x()) && y.contains(it.y())) {
                double px = x.pixel(it.x());
                double py = y.pixel(it.y());
                it.from().filter(y::contains).ifPresent(from -> lines.add(new Mark.Line(px, y.pixel(from), px, py,
                        Stroke.dashed(Ink.CHANCE, 1, 2, 3))));
                points.add(new Mark.Dot(px, py, content.dress().radius(), Sign.DISC, Ink.CHANCE, Ink.SURFACE));
            }
        }
    }

    /** A point that was drawn again: on a ground as much larger as often as it was drawn, with a cross where it was not. */
    private void drawnAgain(Point point, double px, double py) {
        Integer times = content.chance().times().get(point.row());
        if (times == null) {
            return;
        }
        if (times == 0) {
            points.add(new Mark.Ring(px, py, radius(point) + NOT_DRAWN, Stroke.dashed(Ink.CHANCE, 1, 2, 3)));
        } else {
            points.add(new Mark.Dot(px, py, Math.min(LARGEST, content.dress().radius() * DRAWN * Math.sqrt(times)), Sign.DISC,
                    Ink.CHANCE, Ink.SURFACE));
        }
        if (times > 1 && content.chance().times().size() <= MOST_TIMES) {
            points.add(new Mark.Label(px + LARGEST, py - content.dress().radius(), "×" + times, Face.FIGURES,
                    layout.size(TOGETHER), Ink.INK, Anchor.START, false));
        }
    }

    /** Points that fall together say how many they are, or only one of them would be seen. */
    private void together() {
        record At(double x, double y) {}
        Map<At, Integer> many = new LinkedHashMap<>();
        for (Point point : content.points()) {
            if (!point.setAside() && x.contains(point.x()) && y.contains(point.y())) {
                many.merge(new At(point.x(), point.y()), 1, Integer::sum);
            }
        }
        many.forEach((at, count) -> {
            if (count > 1) {
                points.add(new Mark.Label(x.pixel(at.x) + content.dress().radius() + 2, y.pixel(at.y) - content.dress().radius(),
                        "×" + count, Face.FIGURES,
                        layout.size(TOGETHER), content.dress().ink(), Anchor.START, false));
            }
        });
    }

    /** A pair that was observed several times has as much more area, as far as there is room for that. */
    private double radius(Point point) {
        double one = content.dress().radius();
        double largest = one * Math.sqrt(mostObserved);
        double share = largest <= LARGEST ? 1 : (LARGEST - one) / (largest - one);
        return one + (one * Math.sqrt(point.count()) - one) * share;
    }

    private void names() {
        if (!content.shows(Layer.NAMES) || spots.size() > NameLabels.MOST) {
            return;
        }
        List<Mark.Line> segments = drawn.stream().flatMap(Mark::segments).toList();
        List<NameLabels.Named> named = content.points().stream()
                .filter(point -> !point.name().isEmpty() && x.contains(point.x()) && y.contains(point.y()))
                .map(point -> new NameLabels.Named(x.pixel(point.x()), y.pixel(point.y()), radius(point), point.name())).toList();
        points.addAll(new NameLabels(layout, area, segments).of(named));
    }

    /** The signs of the groups and their names, in a line above the plot. */
    private void legend() {
        double at = area.left() + 6;
        double middle = area.top() - layout.size(11);
        for (int group = 0; group < content.groups().size(); group++) {
            String name = content.groups().get(group);
            ground.add(new Mark.Dot(at, middle, Layout.RADIUS, Sign.of(group), content.dress().ink(), Ink.PAPER));
            ground.add(new Mark.Label(at + layout.size(9), middle + layout.size(4), name, Face.TEXT, layout.size(12.5), Ink.INK,
                    Anchor.START, false));
            at += layout.size(9 + 20 + 6.6 * name.length());
        }
    }

    /** A ring about a point, so many of a usual point's radii outside it, however large it is. */
    private void halo(int row, double aside, double width) {
        double own = mostObserved == 1 ? content.dress().radius()
                : content.points().stream().filter(point -> point.row() == row).findFirst().map(this::radius)
                .orElse(content.dress().radius());
        spots.ofRow(row).ifPresent(spot -> front.add(new Mark.Ring(spot.x(), spot.y(), own + aside * content.dress().radius(),
                Stroke.solid(content.dress().ink(), width))));
    }

    /** Where the curve tried by eye is held: squares at the places that it passes through. */
    private List<HitAreas.Boxed> handles() {
        List<HitAreas.Boxed> boxes = new ArrayList<>();
        for (int i = 0; i < content.handles().places().size(); i++) {
            Trial.Handle handle = content.handles().places().get(i);
            if (x.contains(handle.x()) && y.contains(handle.y())) {
                double px = x.pixel(handle.x());
                double py = y.pixel(handle.y());
                front.add(new Mark.Box(px - HANDLE, py - HANDLE, 2 * HANDLE, 2 * HANDLE, 0, content.handles()
                        .isInHand(i) ? Ink.TRIAL : Ink.SURFACE, 1));
                front.add(new Mark.Outline(px - HANDLE, py - HANDLE, 2 * HANDLE, 2 * HANDLE, Stroke.solid(Ink.TRIAL, 2)));
                boxes.add(new HitAreas.Boxed(new Hit.OnHandle(i),
                        new Area(px - HANDLE - 3, py - HANDLE - 3, 2 * HANDLE + 6, 2 * HANDLE + 6)));
            }
        }
        return boxes;
    }
}
