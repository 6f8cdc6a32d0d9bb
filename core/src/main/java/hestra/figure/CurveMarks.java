package hestra.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Function;

import hestra.figure.Figure.Area;
import hestra.figure.Mark.Anchor;
import hestra.figure.Mark.Face;
import hestra.figure.PlotContent.Point;
import hestra.fit.CurveFit;
import hestra.fit.CurveOnData;
import hestra.fit.Diagnostics;
import hestra.fit.Interval;
import hestra.fit.Prediction;

/**
 * The curves of a scatter plot and what goes with the one in hand: residuals and their squares, deviations from the mean,
 * intervals, leverage. A curve is drawn as it is within the supported range, and dashed or thinner outside it.
 */
final class CurveMarks {

    private static final double BAND_STEP = 4;
    private static final double BAND_OPACITY = 0.13;
    private static final double BAR = 3;
    private static final double ASIDE = 1.8;
    private static final double FULL_LEVERAGE = 90;
    /** The size of a note beside a mark. */
    private static final double NOTE = 11.5;
    /** The width of a letter, as a share of its size. */
    private static final double LETTER = 0.5;
    private static final double GOVERNING = 1;
    private static final double BUNDLE = 0.9;
    private static final double BUNDLE_OF_MANY = 0.5;
    private static final int MANY = 200;
    private static final double LAST = 1.8;
    private static final double EDGE = 1.4;
    /** A bent line of the bundle is drawn in so many pieces. */
    private static final int PIECES = 12;

    private final PlotContent content;
    private final Area area;
    private final Scale x;
    private final Scale y;
    private final List<Mark> marks = new ArrayList<>();
    private final List<HitAreas.Drawn> drawn = new ArrayList<>();

    CurveMarks(PlotContent content, Area area) {
        this.content = content;
        this.area = area;
        this.x = content.plane().along(area);
        this.y = content.plane().upward(area);
    }

    /** All of them, from the ground up. */
    List<Mark> all() {
        bundle();
        content.fitInHand().ifPresent(this::intervals);
        mean();
        content.inHand().map(DrawnCurve::curve).filter(_ -> !content.isCloudy()).ifPresent(curve -> {
            if (content.shows(Layer.SQUARES)) {
                squares(curve);
            }
            if (content.shows(Layer.DEVIATIONS)) {
                deviations(curve);
            } else if (content.shows(Layer.RESIDUALS)) {
                residuals(curve);
            }
        });
        if (content.shows(Layer.PRODUCTS)) {
            product();
        }
        leverage();
        content.influence().without().ifPresent(curve -> marks.addAll(CurvePath.of(curve, x.low(), x.high(), content.plane(),
                area,
                Stroke.dashed(content.inHand().map(it -> content.dress().ink(it.slot())).orElse(Ink.BEST), 1.4, 3, 3))));
        content.curves().forEach(this::curve);
        return marks;
    }

    /** The curves as they were drawn, for finding them under the pointer. */
    List<HitAreas.Drawn> drawn() {
        return drawn;
    }

    private void curve(DrawnCurve it) {
        Interval support = it.curve().support();
        List<Mark> pieces = new ArrayList<>();
        pieces.addAll(path(it.curve(), x.low(), support.low(), content.dress().beyond(it.slot())));
        pieces.addAll(path(it.curve(), support.low(), support.high(), content.dress().stroke(it.slot())));
        pieces.addAll(path(it.curve(), support.high(), x.high(), content.dress().beyond(it.slot())));
        if (content.isCloudy()) {
            // Stands clear of the cloud that it crosses.
            pieces.forEach(piece -> marks.add(edged(piece)));
        }
        marks.addAll(pieces);
        drawn.add(new HitAreas.Drawn(it.slot(), pieces));
    }

    /** The lines or curves that chance has drawn, over the x that the data cover; the last of them stands out. */
    private void bundle() {
        ChanceMarks chance = content.chance();
        OptionalDouble from = content.points().stream().filter(content::takesPart).mapToDouble(Point::x).min();
        OptionalDouble to = content.points().stream().filter(content::takesPart).mapToDouble(Point::x).max();
        if (chance.isEmpty() || from.isEmpty()) {
            return;
        }
        Stroke pale = Stroke.solid(Ink.CHANCE_PALE, chance.lines().size() > MANY ? BUNDLE_OF_MANY : BUNDLE);
        Stroke strong = Stroke.solid(Ink.CHANCE, LAST);
        double left = Math.max(x.low(), from.getAsDouble());
        double right = Math.min(x.high(), to.getAsDouble());
        chance.lines().forEach(line -> straight(line, left, right, pale));
        for (int i = 0; i < chance.curves().size(); i++) {
            marks.addAll(path(chance.curves().get(i), left, right, i < chance.curves().size() - 1 ? pale : strong));
        }
        Stroke edge = Stroke.dashed(Ink.CHANCE, EDGE, 5, 3);
        for (int i = 1; i < chance.band().size(); i++) {
            ChanceMarks.Across before = chance.band().get(i - 1);
            ChanceMarks.Across here = chance.band().get(i);
            marks.addAll(CurvePath.segment(before.x(), before.low(), here.x(), here.low(), content.plane(), area, edge));
            marks.addAll(CurvePath.segment(before.x(), before.high(), here.x(), here.high(), content.plane(), area, edge));
        }
        chance.last().ifPresent(line -> straight(line, left, right, strong));
    }

    /** A straight line, which on a logarithmic axis is bent. */
    private void straight(ChanceMarks.Straight line, double left, double right, Stroke stroke) {
        int pieces = content.plane().isStraight() ? 1 : PIECES;
        for (int i = 0; i < pieces; i++) {
            double x1 = x.value(x.pixel(left) + (x.pixel(right) - x.pixel(left)) * i / pieces);
            double x2 = x.value(x.pixel(left) + (x.pixel(right) - x.pixel(left)) * (i + 1) / pieces);
            marks.addAll(CurvePath.segment(x1, line.at(x1), x2, line.at(x2), content.plane(), area, stroke));
        }
    }

    private static Mark edged(Mark piece) {
        return switch (piece) {
            case Mark.Line(double x1, double y1, double x2, double y2, Stroke stroke) ->
                    new Mark.Line(x1, y1, x2, y2, Stroke.solid(Ink.SURFACE, stroke.width() + 3));
            case Mark.Path(Places places, Stroke stroke) -> new Mark.Path(places, Stroke.solid(Ink.SURFACE, stroke.width() + 3));
            default -> piece;
        };
    }

    private List<Mark> path(CurveOnData curve, double from, double to, Stroke stroke) {
        return CurvePath.of(curve, from, to, content.plane(), area, stroke);
    }

    private void mean() {
        if (!content.shows(Layer.MEAN) && !content.shows(Layer.DEVIATIONS)) {
            return;
        }
        content.meanY().stream().filter(y::contains).map(y::pixel).forEach(py ->
                marks.add(new Mark.Line(area.left(), py, area.right(), py, Stroke.dashed(Ink.MUTED, 1.4, 2, 4))));
    }

    /**
     * The two means, and the rectangle that the point in hand spans with them: filled as observed where the product is above 0.
     */
    private void product() {
        OptionalDouble meanX = content.meanX();
        OptionalDouble meanY = content.meanY();
        if (meanX.isEmpty() || meanY.isEmpty() || !x.contains(meanX.getAsDouble()) || !y.contains(meanY.getAsDouble())) {
            return;
        }
        double px = x.pixel(meanX.getAsDouble());
        double py = y.pixel(meanY.getAsDouble());
        Stroke stroke = Stroke.dashed(Ink.MUTED, 1.4, 2, 4);
        marks.add(new Mark.Line(px, area.top(), px, area.bottom(), stroke));
        marks.add(new Mark.Line(area.left(), py, area.right(), py, stroke));
        OptionalInt row = content.current();
        content.points().stream().filter(it -> row.isPresent() && it.row() == row.getAsInt() && content.takesPart(it)
                && x.contains(it.x()) && y.contains(it.y())).forEach(it -> {
            double left = Math.min(px, x.pixel(it.x()));
            double top = Math.min(py, y.pixel(it.y()));
            double width = Math.abs(px - x.pixel(it.x()));
            double height = Math.abs(py - y.pixel(it.y()));
            Ink ink = (it.x() - meanX.getAsDouble()) * (it.y() - meanY.getAsDouble()) >= 0 ? Ink.OBSERVED : Ink.TRIAL;
            marks.add(new Mark.Box(left, top, width, height, 0, ink, 0.16));
            marks.add(new Mark.Outline(left, top, width, height, Stroke.solid(ink, 1.2)));
        });
    }

    private void residuals(CurveOnData curve) {
        for (Point point : content.points()) {
            OptionalDouble fitted = isDrawn(point) ? curve.fitted(point.x()) : OptionalDouble.empty();
            fitted.ifPresent(value -> upright(point.x(), point.y(), value, Stroke.solid(Ink.RESIDUAL, 1.2)));
        }
    }

    /** From the mean to the curve, explained, and from there to the point, left over: side by side where they overlap. */
    private void deviations(CurveOnData curve) {
        OptionalDouble mean = content.meanY();
        if (mean.isEmpty()) {
            return;
        }
        for (Point point : content.points()) {
            OptionalDouble fitted = isDrawn(point) ? curve.fitted(point.x()) : OptionalDouble.empty();
            fitted.ifPresent(value -> {
                double px = x.pixel(point.x());
                upright(x.value(px - ASIDE), mean.getAsDouble(), value,
                        Stroke.solid(content.dress().ink(content.inHand().orElseThrow().slot()), 2.4));
                upright(x.value(px + ASIDE), value, point.y(), Stroke.solid(Ink.RESIDUAL, 1.6));
            });
        }
    }

    private boolean isDrawn(Point point) {
        return content.takesPart(point) && x.contains(point.x());
    }

    private void upright(double at, double from, double to, Stroke stroke) {
        marks.addAll(CurvePath.segment(at, from, at, to, content.plane(), area, stroke));
    }

    /** Squares on the residuals, towards the side where the curve is not, so that they overlap it little. */
    private void squares(CurveOnData curve) {
        for (Point point : content.points()) {
            OptionalDouble fitted = isDrawn(point) ? curve.fitted(point.x()) : OptionalDouble.empty();
            if (fitted.isEmpty() || !content.plane().ySpacing().holds(fitted.getAsDouble())
                    || !content.plane().ySpacing().holds(point.y())) {
                continue;
            }
            double px = x.pixel(point.x());
            double top = Math.min(y.pixel(point.y()), y.pixel(fitted.getAsDouble()));
            double side = Math.abs(y.pixel(point.y()) - y.pixel(fitted.getAsDouble()));
            double left = point.y() > fitted.getAsDouble() == rises(curve, point.x()) ? px - side : px;
            double x1 = Math.clamp(left, area.left(), area.right());
            double x2 = Math.clamp(left + side, area.left(), area.right());
            double y1 = Math.clamp(top, area.top(), area.bottom());
            double y2 = Math.clamp(top + side, area.top(), area.bottom());
            marks.add(new Mark.Box(x1, y1, x2 - x1, y2 - y1, 0, Ink.RESIDUAL, 0.14));
            marks.add(new Mark.Outline(x1, y1, x2 - x1, y2 - y1, Stroke.solid(Ink.RESIDUAL, 0.8)));
        }
    }

    private boolean rises(CurveOnData curve, double at) {
        double step = x.perPixel(at);
        return curve.fitted(at + step).orElse(0) > curve.fitted(at - step).orElse(0);
    }

    private void intervals(CurveFit fit) {
        Ink ink = content.dress().ink(content.inHand().orElseThrow().slot());
        if (content.shows(Layer.PREDICTION_INTERVAL)) {
            band(fit, Prediction::predictionInterval, ink);
        }
        if (content.shows(Layer.MEAN_INTERVAL)) {
            band(fit, Prediction::meanInterval, ink);
        }
    }

    /**
     * The ground between the two ends of an interval, along the whole plot, in as many parts as it takes where there is none
     * between.
     */
    private void band(CurveFit fit, Function<Prediction, Optional<Interval>> which, Ink ink) {
        List<double[]> upper = new ArrayList<>();
        List<double[]> lower = new ArrayList<>();
        int pieces = (int) Math.ceil(area.width() / BAND_STEP);
        for (int i = 0; i <= pieces; i++) {
            double px = area.left() + area.width() * i / pieces;
            Optional<Interval> interval = fit.predicted(x.value(px), content.level()).flatMap(which);
            if (interval.isPresent()) {
                upper.add(new double[] {px, edge(interval.get().high())});
                lower.add(new double[] {px, edge(interval.get().low())});
            } else {
                region(upper, lower, ink);
            }
        }
        region(upper, lower, ink);
    }

    private double edge(double value) {
        return Math.clamp(content.plane().ySpacing().holds(value) ? y.pixel(value) : area.bottom(), area.top(), area.bottom());
    }

    private void region(List<double[]> upper, List<double[]> lower, Ink ink) {
        if (upper.size() > 1) {
            List<double[]> corners = new ArrayList<>(upper);
            corners.addAll(lower.reversed());
            marks.add(new Mark.Region(Places.of(corners), ink, BAND_OPACITY));
            side(upper, ink);
            side(lower, ink);
        }
        upper.clear();
        lower.clear();
    }

    /** The edge of a band, where it lies within the plot. */
    private void side(List<double[]> edge, Ink ink) {
        List<double[]> run = new ArrayList<>();
        for (int i = 0; i <= edge.size(); i++) {
            boolean inside = i < edge.size() && edge.get(i)[1] > area.top() && edge.get(i)[1] < area.bottom();
            if (inside) {
                run.add(edge.get(i));
            } else {
                if (run.size() > 1) {
                    marks.add(new Mark.Path(Places.of(run), Stroke.solid(ink, 0.6)));
                }
                run.clear();
            }
        }
    }

    /** How far up the bar for a point's leverage reaches. */
    static double leverageTop(Diagnostics.Point point, Area area) {
        return area.bottom() - FULL_LEVERAGE * point.leverage().orElse(0);
    }

    /**
     * A bar on the ground for each point's leverage, on a scale at the left, and a ring about one whose Cook's distance is
     * notable, which says so.
     */
    private void leverage() {
        List<Diagnostics.Point> points = content.influence().points().stream().filter(point -> x.contains(point.x())).toList();
        if (!points.isEmpty() && area.width() >= ScatterPlot.ROOM_FOR_NOTES) {
            scaleOfLeverage();
        }
        for (Diagnostics.Point point : points) {
            double px = x.pixel(point.x());
            double top = leverageTop(point, area);
            marks.add(new Mark.Box(px - BAR / 2, top, BAR, area.bottom() - top, 0, Ink.MUTED, 0.75));
            double cook = point.cooksDistance().orElse(0);
            if (cook >= Diagnostics.NOTABLE_COOKS_DISTANCE && y.contains(point.y())) {
                ring(px, y.pixel(point.y()), cook);
            }
        }
    }

    /** What the height of a bar says: half and full leverage. */
    private void scaleOfLeverage() {
        for (double share : new double[] {0.5, 1}) {
            double py = area.bottom() - FULL_LEVERAGE * share;
            marks.add(new Mark.Line(area.left(), py, area.left() + 7, py, Stroke.solid(Ink.MUTED, 1)));
            marks.add(new Mark.Label(area.left() + 11, py + 4, share == 1 ? "leverage 1" : content.style().shortest(share),
                    Face.TEXT,
                    NOTE, Ink.MUTED, Anchor.START, false));
        }
    }

    /** A ring, and what it stands for, on the side of it that has room. */
    private void ring(double px, double py, double cook) {
        double radius = Layout.RADIUS * 2.6;
        marks.add(new Mark.Ring(px, py, radius, Stroke.solid(Ink.WRONG, cook >= GOVERNING ? 2.6 : 1.2)));
        if (area.width() >= ScatterPlot.ROOM_FOR_NOTES) {
            String text = "Cook\u2019s distance " + content.style().withDigits(2).show(cook);
            boolean right = px + radius + 4 + NOTE * LETTER * text.length() < area.right();
            marks.add(new Mark.Label(right ? px + radius + 4 : px - radius - 4, py - radius, text, Face.TEXT, NOTE, Ink.WRONG,
                    right ? Anchor.START : Anchor.END, false));
        }
    }
}
