package hestra.figure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

import hestra.data.Variable;
import hestra.figure.Figure.Area;
import hestra.figure.Mark.Anchor;
import hestra.figure.PlotContent.Point;
import hestra.fit.Residuals;
import hestra.fit.Smooth;

/**
 * Describes the residual strip: the residuals of the curve in hand, against x on the axis of the plot above, or in one of
 * the other {@linkplain StripKind ways}.
 */
public final class ResidualStrip {

    static final double RADIUS = 3.8;
    /** How far the axis reaches where nothing is left over, as a share of what the plot shows. */
    private static final double NOTHING_LEFT = 0.05;
    private static final double TOP = 8;
    private static final double BOTTOM = 12;
    private static final double BOTTOM_WITH_AXIS = 42;
    private static final Stroke STEM = Stroke.solid(Ink.RESIDUAL, 1.2);
    private static final Stroke SMOOTH = Stroke.solid(Ink.INK, 1.8);

    private final PlotContent content;
    private final StripKind kind;
    private final boolean underPlot;
    private final Layout layout;
    private final Area area;
    private final List<Mark> ground = new ArrayList<>();
    private final List<Mark> lines = new ArrayList<>();

    private ResidualStrip(PlotContent content, StripKind kind, boolean underPlot, Layout layout) {
        this.content = content;
        this.kind = kind;
        this.underPlot = underPlot && kind == StripKind.AGAINST_X;
        this.layout = layout;
        this.area = layout.area(TOP, this.underPlot ? BOTTOM : BOTTOM_WITH_AXIS * layout.type());
    }

    /** The strip of this content at this size; without a curve in hand it says the content's notice. */
    public static Figure describe(PlotContent content, StripKind kind, Layout layout) {
        return new ResidualStrip(content, kind, true, layout).figure();
    }

    /** The same where it stands by itself: with an axis of its own where the plot's stands above it otherwise. */
    public static Figure describeAlone(PlotContent content, StripKind kind, Layout layout) {
        return new ResidualStrip(content, kind, false, layout).figure();
    }

    private Figure figure() {
        layout.paper(ground, area);
        if (content.inHand().isEmpty()) {
            layout.notice(ground, area, content.notice());
            Scale x = content.plane().along(area);
            return new Figure(layout.width(), layout.height(), area, x, new Scale(-1, 1, area.bottom(), area.top()),
                    new Figure.Sheets(ground, List.of(), List.of(), List.of()), Spots.NONE);
        }
        PlottedResiduals residuals = PlottedResiduals.of(content, content.inHand().get().curve());
        Scale values = values(residuals);
        return switch (kind) {
            case AGAINST_X -> {
                Scale x = content.plane().along(area);
                if (!underPlot) {
                    axisAlong(x, content.x().described(), content.x().unit());
                }
                yield scattered(residuals, residuals.xs(), x, values);
            }
            case AGAINST_FITTED ->
                    scattered(residuals, along(residuals.fitted()), values, "fitted " + content.y()
                            .described(), content.y().unit());
            case IN_ORDER -> scattered(residuals, along(residuals.rows()), values, "row", "");
            case NORMAL -> {
                double[] quantiles = quantiles(residuals);
                reference(residuals, quantiles, values);
                yield scattered(residuals, along(quantiles), values, "normal quantile", "");
            }
            case DOTS, HISTOGRAM -> new ResidualSpread(content, layout, area, ground).figure(residuals, kind, this::title);
        };
    }

    /** Places along with the scale that fits them. */
    private record Along(double[] places, double low, double high) {}

    private static Along along(double... places) {
        double low = Arrays.stream(places).min().orElse(0);
        double high = Arrays.stream(places).max().orElse(1);
        double room = high > low ? 0.05 * (high - low) : Math.max(1, Math.abs(high)) * 0.5;
        return new Along(places, low - room, high + room);
    }

    private Figure scattered(PlottedResiduals residuals, Along along, Scale y, String title, String unit) {
        Scale x = new Scale(along.low, along.high, area.left(), area.right());
        axisAlong(x, title, unit);
        return scattered(residuals, along.places, x, y);
    }

    private void axisAlong(Scale x, String title, String unit) {
        Ticks ticks = Ticks.along(x, (int) Math.clamp(area.width() / (75 * layout.type()), 3, 10));
        for (double tick : ticks.values()) {
            ground.add(new Mark.Line(x.pixel(tick), area.top(), x.pixel(tick), area.bottom(), Stroke.solid(Ink.GRID, 1)));
            layout.tick(ground, x.pixel(tick), area.bottom() + layout.size(17), ticks.label(tick, content.style()),
                    Anchor.MIDDLE);
        }
        layout.title(ground, area.left() + area.width() / 2, area.bottom() + layout.size(34),
                new Variable(title, "", unit).axisTitle(ticks.powerInWords()), false);
    }

    private Figure scattered(PlottedResiduals residuals, double[] places, Scale x, Scale y) {
        axis(y);
        List<Mark> marks = new ArrayList<>();
        List<Mark> front = new ArrayList<>();
        Spots.Builder spots = new Spots.Builder(residuals.size());
        boolean cloudy = content.isCloudy();
        DensePoints crowd = new DensePoints(cloudy ? residuals.size() : 0);
        double zero = y.pixel(0);
        for (int i = 0; i < places.length; i++) {
            Point point = residuals.point(i);
            if (!x.contains(places[i]) || !y.contains(residuals.value(i))) {
                continue;
            }
            double px = x.pixel(places[i]);
            double py = y.pixel(residuals.value(i));
            if (cloudy) {
                crowd.add(px, py);
            } else {
                if (kind == StripKind.AGAINST_X || kind == StripKind.IN_ORDER) {
                    lines.add(new Mark.Line(px, zero, px, py, STEM));
                }
                marks.add(new Mark.Dot(px, py, RADIUS, content.sign(point), Ink.RESIDUAL, Ink.SURFACE));
            }
            spots.add(point.row(), px, py);
            if (content.isPointedAt(point)) {
                front.add(new Mark.Ring(px, py, RADIUS * 2, Stroke.solid(Ink.RESIDUAL, 1.5)));
            }
        }
        crowd.mark(Ink.RESIDUAL).ifPresent(marks::add);
        if (content.shows(Layer.SMOOTH) && kind != StripKind.NORMAL) {
            smooth(residuals, places, x, y, front);
        }
        return new Figure(layout.width(), layout.height(), area, x, y, new Figure.Sheets(ground, lines, marks, front),
                spots.done());
    }

    private void smooth(PlottedResiduals residuals, double[] places, Scale x, Scale y, List<Mark> front) {
        List<double[]> pixels = Smooth.of(places, residuals.values()).stream()
                .filter(it -> x.contains(it.x()) && y.contains(it.y()))
                .map(it -> new double[] {x.pixel(it.x()), y.pixel(it.y())}).toList();
        if (pixels.size() > 1) {
            front.addFirst(new Mark.Path(Places.of(pixels), SMOOTH));
        }
    }

    /** The normal quantile of each residual, by its rank; those that are equal are taken in the order of the table. */
    private static double[] quantiles(PlottedResiduals residuals) {
        Integer[] order = new Integer[residuals.size()];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, Comparator.comparingDouble(i -> residuals.value(i)));
        double[] quantiles = new double[order.length];
        for (int k = 0; k < order.length; k++) {
            quantiles[order[k]] = Residuals.normalQuantile(k, order.length);
        }
        return quantiles;
    }

    /** Where residuals of this spread would lie if they were normal. */
    private void reference(PlottedResiduals residuals, double[] quantiles, Scale y) {
        double squares = Arrays.stream(residuals.values()).map(it -> it * it).sum();
        double spread = residuals.size() < 2 ? 0 : Math.sqrt(squares / (residuals.size() - 1));
        Along along = along(quantiles);
        Scale x = new Scale(along.low, along.high, area.left(), area.right());
        double reach = spread == 0 ? along.high : Math.min(along.high, y.high() / spread);
        lines.add(new Mark.Line(x.pixel(-reach), y.pixel(-reach * spread), x.pixel(reach), y.pixel(reach * spread),
                Stroke.dashed(Ink.MUTED, 1.4, 5, 4)));
    }

    /** Symmetric about zero, a little larger than the largest residual. */
    private Scale values(PlottedResiduals residuals) {
        // What is left of points on the curve is rounding: it is shown as nothing, beside what can be seen in the plot.
        double seen = content.plane().frame().yHigh() - content.plane().frame().yLow();
        boolean nothing = residuals.largest() <= 1e-12 * Math.max(Math.abs(content.meanY().orElse(0)), seen);
        double reach = nothing ? NOTHING_LEFT * seen : 1.2 * residuals.largest();
        return new Scale(-reach, reach, area.bottom(), area.top());
    }

    private String title(Ticks ticks) {
        return new Variable("residual", "", content.y().unit()).axisTitle(ticks.powerInWords());
    }

    private void axis(Scale y) {
        Ticks ticks = Ticks.along(y, 5);
        for (double tick : ticks.values()) {
            double py = y.pixel(tick);
            boolean isZero = Math.abs(tick) < ticks.step() / 2;
            ground.add(new Mark.Line(area.left(), py, area.right(), py,
                    Stroke.solid(isZero ? Ink.MUTED : Ink.GRID, isZero ? 1.3 : 1)));
            layout.tick(ground, area.left() - 9, py + layout.size(4), ticks.label(tick, content.style()), Anchor.END);
        }
        layout.title(ground, layout.size(15), area.top() + area.height() / 2, title(ticks), true);
    }
}
