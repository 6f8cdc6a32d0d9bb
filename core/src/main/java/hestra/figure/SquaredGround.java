package hestra.figure;

import java.util.ArrayList;
import java.util.List;

import hestra.data.Variable;
import hestra.figure.Figure.Area;
import hestra.figure.Mark.Anchor;
import hestra.numbers.NumberStyle;

/**
 * Empty squared paper with axes to draw on by hand: a strong line at each round number, weak ones between.
 *
 * @param plane the variables, and the part of the plane that is shown; its axes are linear
 * @param numbers whether the axes bear numbers
 * @param names whether they bear the names of the variables
 * @param style how numbers look
 */
public record SquaredGround(Plane plane, boolean numbers, boolean names, NumberStyle style) {

    private static final double TOP = 8;
    private static final double BOTTOM = 46;
    private static final double APART = 48;
    private static final int SQUARES = 5;

    /** The figure at a size. */
    public Figure describe(Layout layout) {
        Area area = layout.area(TOP, BOTTOM * layout.type());
        Scale x = plane.along(area);
        Scale y = plane.upward(area);
        List<Mark> ground = new ArrayList<>();
        ground.add(new Mark.Box(0, 0, layout.width(), layout.height(), 0, Ink.SURFACE, 1));
        Ticks along = Ticks.along(x, (int) Math.clamp(area.width() / APART, 3, 14));
        Ticks upward = Ticks.along(y, (int) Math.clamp(area.height() / APART, 3, 14));
        lines(along, x, ground, area, true);
        lines(upward, y, ground, area, false);
        if (numbers) {
            for (Tick tick : ticks(plane.x(), along, x, area.width())) {
                layout.tick(ground, x.pixel(tick.value()), area.bottom() + layout.size(17), tick.text(), Anchor.MIDDLE);
            }
            for (Tick tick : ticks(plane.y(), upward, y, area.height())) {
                layout.tick(ground, area.left() - 7, y.pixel(tick.value()) + layout.size(4), tick.text(), Anchor.END);
            }
        }
        if (names) {
            layout.title(ground, area.left() + area.width() / 2, area.bottom() + layout.size(37),
                    plane.x().axisTitle(along.powerInWords()), false);
            layout.title(ground, layout.size(13), area.top() + area.height() / 2,
                    plane.y().axisTitle(upward.powerInWords()), true);
        }
        ground.add(new Mark.Outline(area.left(), area.top(), area.width(), area.height(), Stroke.solid(Ink.MUTED, 1)));
        return new Figure(layout.width(), layout.height(), area, x, y,
                new Figure.Sheets(ground, List.of(), List.of(), List.of()), Spots.NONE);
    }

    /** A line at each tick and four between each two, as far as the axis reaches. */
    private static void lines(Ticks ticks, Scale scale, List<Mark> into, Area area, boolean along) {
        double step = ticks.step();
        if (!(step > 0)) {
            return;
        }
        double first = ticks.values().getFirst();
        long before = (long) Math.floor((first - scale.low()) / step * SQUARES + 1e-9);
        long after = (long) Math.floor((scale.high() - first) / step * SQUARES + 1e-9);
        for (long i = -before; i <= after; i++) {
            double at = scale.pixel(first + i * step / SQUARES);
            boolean strong = i % SQUARES == 0;
            Stroke stroke = Stroke.solid(strong ? Ink.MUTED : Ink.RULE, strong ? 0.7 : 0.6);
            into.add(along ? new Mark.Line(at, area.top(), at, area.bottom(), stroke)
                    : new Mark.Line(area.left(), at, area.right(), at, stroke));
        }
    }

    private List<Tick> ticks(Variable variable, Ticks numbers, Scale scale, double pixels) {
        int about = (int) Math.clamp(pixels / APART, 3, 10);
        return variable.dates().map(dates -> DateTicks.along(scale, dates, about)).orElseGet(() -> numbers.values().stream()
                .map(value -> new Tick(value, numbers.label(value, style))).toList());
    }
}
