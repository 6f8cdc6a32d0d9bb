package hestra.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

import hestra.figure.Figure.Area;
import hestra.figure.Mark.Anchor;
import hestra.figure.Mark.Face;

/**
 * How far the data reach along x: a ribbon on the axis, with its two ends named where there is room for that. The names stand
 * just above the ribbon, beside the reading line, where they cover no point, curve or bar; else in the line of the axis' title.
 */
final class DataReach {

    private static final double RIBBON = 4.5;
    private static final double LETTERS = 12;
    private static final double LETTER = 6.6;
    private static final double STEP = 4;
    /** How far up the names may stand. */
    private static final double MOST_UP = 28;

    private final PlotContent content;
    private final Layout layout;
    private final Area area;
    private final Scale x;
    private final Scale y;
    private final List<Mark.Line> curves;
    private final List<Mark> marks = new ArrayList<>();

    /** For a plot with these pieces of curves. */
    DataReach(PlotContent content, Layout layout, Area area, List<Mark.Line> curves) {
        this.content = content;
        this.layout = layout;
        this.area = area;
        this.x = content.plane().along(area);
        this.y = content.plane().upward(area);
        this.curves = curves;
    }

    List<Mark> of(double least, double greatest) {
        double left = Math.clamp(x.pixel(least), area.left(), area.right());
        double right = Math.clamp(x.pixel(greatest), area.left(), area.right());
        marks.add(new Mark.Box(left, area.bottom() - RIBBON / 2 + 3, Math.max(2, right - left), RIBBON, RIBBON / 2,
                Ink.OBSERVED, 1));
        String first = "data from " + content.x().shown(least, content.style());
        String last = "to " + content.x().shownWithUnit(greatest, content.style());
        boolean room = area.width() >= layout.size(ScatterPlot.ROOM_FOR_NOTES)
                && right - left > layout.size(7) * (first.length() + last.length());
        if (room) {
            names(left + 3, first, right - 3, last);
        }
        return marks;
    }

    private void names(double left, String first, double right, String last) {
        double widthOfFirst = layout.size(LETTER) * first.length();
        double widthOfLast = layout.size(LETTER) * last.length();
        double foot = area.bottom() - layout.size(7);
        OptionalDouble reading = reading();
        double from = beside(reading, left, widthOfFirst, true);
        double to = beside(reading, right - widthOfLast, widthOfLast, false);
        double up = 0;
        while (up <= layout.size(MOST_UP) && (isTaken(from, foot - up, widthOfFirst) || isTaken(to, foot - up, widthOfLast))) {
            up += layout.size(STEP);
        }
        boolean above = up <= layout.size(MOST_UP) && from + widthOfFirst < to;
        double base = above ? foot - up : area.bottom() + layout.size(42);
        if (!above && meetsTitle(left, widthOfFirst, right, widthOfLast)) {
            return;
        }
        name(above ? from : left, base, first, Anchor.START);
        name(above ? to + widthOfLast : right, base, last, Anchor.END);
    }

    private OptionalDouble reading() {
        OptionalDouble at = content.reading().atX();
        return at.isPresent() && x.contains(at.getAsDouble())
                ? OptionalDouble.of(x.pixel(at.getAsDouble())) : OptionalDouble.empty();
    }

    /** Where a name begins that steps out of the way of the reading line. */
    private static double beside(OptionalDouble reading, double left, double width, boolean right) {
        boolean crossed = reading.isPresent() && reading.getAsDouble() > left - STEP
                && reading.getAsDouble() < left + width + STEP;
        return !crossed ? left : right ? reading.getAsDouble() + 2 * STEP : reading.getAsDouble() - 2 * STEP - width;
    }

    private boolean meetsTitle(double left, double widthOfFirst, double right, double widthOfLast) {
        double half = layout.size(Layout.TITLE_SIZE) * 0.52 * content.x().axisTitle("").length() / 2 + layout.size(LETTERS);
        double middle = area.left() + area.width() / 2;
        return left + widthOfFirst > middle - half || right - widthOfLast < middle + half;
    }

    private void name(double px, double foot, String text, Anchor anchor) {
        marks.add(new Mark.Label(px, foot, text, Face.TEXT, layout.size(LETTERS), Ink.OBSERVED, anchor, false));
    }

    private boolean isTaken(double left, double foot, double width) {
        double height = layout.size(18);
        Area box = new Area(left - 6, foot - height, width + 12, height + layout.size(9));
        boolean onABar = content.influence().points().stream().anyMatch(point -> {
            double px = x.pixel(point.x());
            return px > box.left() && px < box.right() && CurveMarks.leverageTop(point, area) < box.bottom();
        });
        return onABar || curves.stream().anyMatch(box::isCrossedBy)
                || !content.isCloudy() && content.points().stream().anyMatch(point -> box.contains(x.pixel(point.x()),
                y.pixel(point.y())));
    }
}
