package hestra.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

import hestra.figure.Figure.Area;
import hestra.figure.Mark.Anchor;
import hestra.figure.Mark.Face;
import hestra.fit.CurveOnData;
import hestra.fit.Interval;
import hestra.numbers.NumberStyle;
import hestra.numbers.Rounding;

/** The reading lines: the upright one with what the curve in hand says there, the level one with where the curve reaches it. */
final class ReadingMarks {

    private static final int MOST_NAMED = 4;
    /** What it costs to stand outside the plot, where a point that is covered costs 1. */
    private static final long OUTSIDE = 1_000_000;
    private static final int MOST_KEPT = 200;
    private static final double STEP = 8;
    private static final double ROOM = 3;
    private static final int COSTS_OF_A_TEXT = 1000;

    private final PlotContent content;
    private final Layout layout;
    private final Area area;
    private final Scale x;
    private final Scale y;
    private final List<Mark> marks = new ArrayList<>();
    /** What is written already: equations, and callouts as they come. */
    private final List<Area> written;

    ReadingMarks(PlotContent content, Layout layout, Area area, List<Area> written) {
        this.content = content;
        this.written = new ArrayList<>(written);
        this.layout = layout;
        this.area = area;
        this.x = content.plane().along(area);
        this.y = content.plane().upward(area);
    }

    /** The pixel of the upright line, where it is shown. */
    OptionalDouble upright() {
        return content.reading().atX().stream().filter(x::contains).map(x::pixel).findFirst();
    }

    /** The pixel of the level line, where it is shown. */
    OptionalDouble level() {
        return content.reading().atY().stream().filter(y::contains).map(y::pixel).findFirst();
    }

    List<Mark> all() {
        content.inHand().ifPresent(curve -> content.reading().kept().stream().limit(MOST_KEPT)
                .forEach(at -> curve.curve().fitted(at).stream()
                .filter(fitted -> x.contains(at) && y.contains(fitted)).forEach(fitted ->
                        marks.add(new Mark.Diamond(x.pixel(at), y.pixel(fitted), 4.5,
                                Stroke.solid(content.dress().ink(curve.slot()), 1.6))))));
        level().ifPresent(py -> {
            marks.add(new Mark.Line(area.left() - 6, py, area.right(), py, Stroke.solid(Ink.INK, 1.3)));
            content.inHand().ifPresent(curve -> inverse(curve, content.reading().atY().getAsDouble(), py));
        });
        upright().ifPresent(px -> {
            marks.add(new Mark.Line(px, area.top(), px, area.bottom() + 6, Stroke.solid(Ink.INK, 1.3)));
            content.inHand().ifPresent(curve -> prediction(curve, content.reading().atX().getAsDouble(), px));
        });
        return marks;
    }

    private void prediction(DrawnCurve drawn, double at, double px) {
        CurveOnData curve = drawn.curve();
        OptionalDouble fitted = curve.fitted(at);
        if (fitted.isEmpty()) {
            callout(px, "x = " + content.x().shown(at, content.style()) + ": no ŷ", "the curve is not defined there");
            return;
        }
        if (y.contains(fitted.getAsDouble())) {
            marks.add(new Mark.Diamond(px, y.pixel(fitted.getAsDouble()), 6.5,
                    Stroke.solid(content.dress().ink(drawn.slot()), 2)));
        }
        double beyond = curve.support().distanceTo(at);
        callout(px, "x = " + content.x().shown(at, content.style()) + " → ŷ = " + content.precision()
                .predicted(fitted.getAsDouble()) + content.y().unitAfterNumber(),
                beyond == 0
                        ? "" : "≈ " + short3().shortest(rounded(beyond)) + content.x().unitAfterNumber() + " beyond the data");
    }

    /**
     * Beside the upright line, at its top and on its left where that covers no point and nothing that is written; else where it
     * covers the least.
     */
    private void callout(double px, String value, String note) {
        double width = width(value, note);
        Area best = null;
        long fewest = Long.MAX_VALUE;
        for (double top = area.top() + 10; top + height(note) < area.bottom() && fewest > 0; top += STEP) {
            for (double left : new double[] {px - 10 - width, px + 10}) {
                Area place = new Area(left, top, width, height(note));
                boolean fits = left >= area.left() && place.right() <= area.right();
                long covered = (fits ? 0 : OUTSIDE) + covered(place);
                if (covered < fewest) {
                    fewest = covered;
                    best = place;
                }
            }
        }
        double left = best == null
                ? area.left() : Math.clamp(best.left(), area.left(), Math.max(area.left(), area.right() - width));
        box(new Area(left, best == null ? area.top() : best.top(), width, height(note)), value, note);
    }

    private void inverse(DrawnCurve drawn, double at, double py) {
        List<Double> solutions = content.reading().solutions();
        Interval support = drawn.curve().support();
        for (double solution : solutions) {
            if (x.contains(solution)) {
                marks.add(new Mark.Line(x.pixel(solution), py, x.pixel(solution), area.bottom(),
                        Stroke.dashed(Ink.INK, 1, 3, 3)));
                marks.add(new Mark.Diamond(x.pixel(solution), py, 6.5, Stroke.solid(content.dress().ink(drawn.slot()), 2)));
            }
        }
        List<String> named = solutions.stream().limit(MOST_NAMED)
                .map(it -> content.precision().reached(drawn.curve(), content.x().withUnit(""), it)).toList();
        String value = "y = " + content.style().shortest(at) + (named.isEmpty() ? " is not reached" : " ← x = "
                + String.join(" or ", named))
                + (solutions.size() > MOST_NAMED ? " …"
                : named.isEmpty() || content.x().dates().isPresent() ? ""
                : content.x().unitAfterNumber());
        long outside = solutions.stream().filter(it -> !support.contains(it)).count();
        String note = outside == 0 ? "" : outside == solutions.size() ? "beyond the data" : outside + " of them beyond the data";
        double width = width(value, note);
        double height = height(note);
        Area best = null;
        long fewest = Long.MAX_VALUE;
        for (double left : new double[] {area.left() + 10, area.right() - 10 - width, area.left() + (area.width() - width) / 2}) {
            for (double top : new double[] {py - height - 8, py + 8}) {
                Area place = new Area(left, top, width, height);
                long covered = top < area.top() || place.bottom() > area.bottom() ? Long.MAX_VALUE - 1 : covered(place);
                if (covered < fewest) {
                    fewest = covered;
                    best = place;
                }
            }
        }
        box(best, value, note);
    }

    private double height(String note) {
        return layout.size(note.isEmpty() ? 30 : 46);
    }

    /** How many points a box in this place would cover; something written counts as very many. */
    private long covered(Area place) {
        long texts = COSTS_OF_A_TEXT * written.stream().filter(place.grownBy(ROOM)::meets).count();
        return texts + (content.isCloudy()
                ? 0 : content.points().stream().filter(it -> place.contains(x.pixel(it.x()), y.pixel(it.y()))).count());
    }

    private double width(String value, String note) {
        return Math.max(layout.size(13.5) * 0.6 * value.length(), layout.size(12) * 0.52 * note.length()) + layout.size(24);
    }

    private void box(Area place, String value, String note) {
        // In a small figure the lines have to do: what is written would cover the points.
        if (area.width() < layout.size(ScatterPlot.ROOM_FOR_NOTES)) {
            return;
        }
        double left = place.left();
        double top = place.top();
        written.add(place);
        marks.add(new Mark.Box(left, top, place.width(), place.height(), 4, Ink.CALLOUT, 1));
        marks.add(new Mark.Label(left + layout.size(12), top + layout.size(20), value, Face.FIGURES, layout.size(13.5),
                Ink.CALLOUT_TEXT, Anchor.START, false));
        if (!note.isEmpty()) {
            marks.add(new Mark.Label(left + layout.size(12), top + layout.size(37), note, Face.TEXT, layout.size(12),
                    Ink.CALLOUT_NOTE, Anchor.START, false));
        }
    }

    private NumberStyle short3() {
        return content.style().withDigits(3);
    }

    private static double rounded(double value) {
        return new Rounding.Significant(3).apply(value).doubleValue();
    }
}
