package hestra.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

import hestra.figure.Figure.Area;
import hestra.figure.Mark.Anchor;
import hestra.figure.PlotContent.Point;

/** The residuals on one scale: a dot for each, stacked where they meet, or a bar for each stretch of equal width. */
final class ResidualSpread {

    private static final int BARS = 9;

    private final PlotContent content;
    private final Layout layout;
    private final Area area;
    private final List<Mark> ground;
    private final List<Mark> marks = new ArrayList<>();
    private final List<Mark> front = new ArrayList<>();

    ResidualSpread(PlotContent content, Layout layout, Area area, List<Mark> ground) {
        this.content = content;
        this.layout = layout;
        this.area = area;
        this.ground = ground;
    }

    Figure figure(PlottedResiduals residuals, StripKind kind, Function<Ticks, String> title) {
        double largest = residuals.largest();
        double reach = largest > 0 ? largest * 1.1 : 1;
        double step = Ticks.niceStep(2 * reach / BARS);
        reach = kind == StripKind.HISTOGRAM ? Math.ceil(reach / step) * step : reach;
        Scale x = new Scale(-reach, reach, area.left(), area.right());
        Ticks ticks = Ticks.along(x, (int) Math.clamp(area.width() / (75 * layout.type()), 3, 10));
        for (double tick : ticks.values()) {
            boolean isZero = Math.abs(tick) < ticks.step() / 2;
            ground.add(new Mark.Line(x.pixel(tick), area.top(), x.pixel(tick), area.bottom(),
                    Stroke.solid(isZero ? Ink.MUTED : Ink.GRID, isZero ? 1.3 : 1)));
            layout.tick(ground, x.pixel(tick), area.bottom() + layout.size(17), ticks.label(tick, content.style()),
                    Anchor.MIDDLE);
        }
        layout.title(ground, area.left() + area.width() / 2, area.bottom() + layout.size(34), title.apply(ticks), false);
        return kind == StripKind.DOTS ? dots(residuals, x) : bars(residuals, x, step);
    }

    /** Dots that would overlap stand on one another; where a stack would leave the strip, all stacks are set closer. */
    private Figure dots(PlottedResiduals residuals, Scale x) {
        double width = 2 * ResidualStrip.RADIUS;
        int columns = Math.max(1, (int) (area.width() / width));
        int[] heights = new int[columns];
        int[] columnOf = new int[residuals.size()];
        for (int i = 0; i < columnOf.length; i++) {
            columnOf[i] = (int) Math.clamp((x.pixel(residuals.value(i)) - area.left()) / width, 0, columns - 1);
            heights[columnOf[i]]++;
        }
        int highest = 1;
        for (int height : heights) {
            highest = Math.max(highest, height);
        }
        double leading = Math.min(width, (area.height() - width) / highest);
        int[] stacked = new int[columns];
        Spots.Builder spots = new Spots.Builder(residuals.size());
        for (int i = 0; i < columnOf.length; i++) {
            double py = area.bottom() - ResidualStrip.RADIUS - 1 - leading * stacked[columnOf[i]]++;
            double px = area.left() + (columnOf[i] + 0.5) * width;
            Point point = residuals.point(i);
            marks.add(new Mark.Dot(px, py, ResidualStrip.RADIUS, content.sign(point), Ink.RESIDUAL, Ink.SURFACE));
            spots.add(point.row(), px, py);
            if (content.isPointedAt(point)) {
                front.add(new Mark.Ring(px, py, ResidualStrip.RADIUS * 2, Stroke.solid(Ink.RESIDUAL, 1.5)));
            }
        }
        return new Figure(layout.width(), layout.height(), area, x, new Scale(0, highest, area.bottom(), area.top()),
                new Figure.Sheets(ground, List.of(), marks, front), spots.done());
    }

    private Figure bars(PlottedResiduals residuals, Scale x, double step) {
        int count = (int) Math.round((x.high() - x.low()) / step);
        int[] heights = new int[count];
        boolean[] pointedAt = new boolean[count];
        for (int i = 0; i < residuals.size(); i++) {
            int bar = (int) Math.clamp(Math.floor((residuals.value(i) - x.low()) / step), 0, count - 1);
            heights[bar] += residuals.point(i).count();
            pointedAt[bar] |= content.isPointedAt(residuals.point(i));
        }
        int highest = 1;
        for (int height : heights) {
            highest = Math.max(highest, height);
        }
        Scale y = new Scale(0, highest * 1.1, area.bottom(), area.top());
        for (double tick : Ticks.along(y, 4).values()) {
            if (tick == Math.rint(tick)) {
                ground.add(new Mark.Line(area.left(), y.pixel(tick), area.right(), y.pixel(tick), Stroke.solid(Ink.GRID, 1)));
                layout.tick(ground, area.left() - 9, y.pixel(tick) + layout.size(4), Long.toString(Math.round(tick)), Anchor.END);
            }
        }
        layout.title(ground, layout.size(15), area.top() + area.height() / 2, "points", true);
        for (int bar = 0; bar < count; bar++) {
            double left = x.pixel(x.low() + bar * step) + 1;
            double right = x.pixel(x.low() + (bar + 1) * step) - 1;
            double top = y.pixel(heights[bar]);
            if (heights[bar] > 0) {
                marks.add(new Mark.Box(left, top, right - left, area.bottom() - top, 0, Ink.RESIDUAL, 0.55));
            }
            if (pointedAt[bar]) {
                front.add(new Mark.Outline(left, top, right - left, area.bottom() - top, Stroke.solid(Ink.RESIDUAL, 2)));
            }
        }
        return new Figure(layout.width(), layout.height(), area, x, y, new Figure.Sheets(ground, List.of(), marks, front),
                Spots.NONE);
    }
}
