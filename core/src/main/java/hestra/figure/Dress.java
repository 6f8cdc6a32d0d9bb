package hestra.figure;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * How a plot is dressed: a few good choices, never needed for a good picture.
 *
 * @param sign the sign of points that are not in groups
 * @param points how large points are
 * @param lines how heavy curves are
 * @param grid whether there are grid lines
 * @param blackOnWhite whether the plot has no colours, for printing
 * @param title what stands above it; may be empty
 * @param pointHue the colour of points; nothing for the usual one
 * @param curveHues the colours of curves, by their places; nothing where all have their own
 */
public record Dress(Sign sign, Size points, Size lines, boolean grid, boolean blackOnWhite, String title, Optional<Hue> pointHue,
        Optional<Map<Slot, Hue>> curveHues) {

    /** Blue discs and a faint grid. */
    public static final Dress USUAL = new Dress(Sign.DISC, Size.USUAL, Size.USUAL, true, false, "", Optional.empty(),
            Optional.empty());

    private static final int LONGEST_TITLE = 160;

    public Dress {
        curveHues = curveHues.filter(it -> !it.isEmpty()).map(Map::copyOf);
        title = title.strip().replaceAll("\\s+", " ");
        title = title.substring(0, Math.min(LONGEST_TITLE, title.length()));
    }

    /** How large or heavy something is. */
    public enum Size {
        SMALL("small", 0.72),
        USUAL("usual", 1),
        LARGE("large", 1.4);

        private final String words;
        private final double factor;

        Size(String words, double factor) {
            this.words = words;
            this.factor = factor;
        }

        public String inWords() {
            return words;
        }

        double factor() {
            return factor;
        }
    }

    public Dress with(Sign newSign) {
        return new Dress(newSign, points, lines, grid, blackOnWhite, title, pointHue, curveHues);
    }

    public Dress withPoints(Size size) {
        return new Dress(sign, size, lines, grid, blackOnWhite, title, pointHue, curveHues);
    }

    public Dress withLines(Size size) {
        return new Dress(sign, points, size, grid, blackOnWhite, title, pointHue, curveHues);
    }

    public Dress withGrid(boolean shown) {
        return new Dress(sign, points, lines, shown, blackOnWhite, title, pointHue, curveHues);
    }

    public Dress withBlackOnWhite(boolean on) {
        return new Dress(sign, points, lines, grid, on, title, pointHue, curveHues);
    }

    public Dress withTitle(String newTitle) {
        return new Dress(sign, points, lines, grid, blackOnWhite, newTitle, pointHue, curveHues);
    }

    /** With points in a colour. */
    public Dress withPoints(Hue hue) {
        return new Dress(sign, points, lines, grid, blackOnWhite, title, Optional.of(hue), curveHues);
    }

    /** With the curve in a place in a colour. */
    public Dress with(Slot slot, Hue hue) {
        Map<Slot, Hue> hues = new EnumMap<>(Slot.class);
        curveHues.ifPresent(hues::putAll);
        hues.put(slot, hue);
        return new Dress(sign, points, lines, grid, blackOnWhite, title, pointHue, Optional.of(hues));
    }

    /** The colour of points. */
    public Ink ink() {
        return pointHue.map(Hue::ink).orElse(Ink.OBSERVED);
    }

    /** The colour of the curve in a place. */
    public Ink ink(Slot slot) {
        return hue(slot).map(Hue::ink).orElse(slot.ink());
    }

    /** The colour of its equation. */
    Ink textInk(Slot slot) {
        return hue(slot).map(Hue::ink).orElse(slot.textInk());
    }

    private Optional<Hue> hue(Slot slot) {
        return curveHues.map(it -> it.get(slot));
    }

    /** The radius of a disc as large as a point. */
    double radius() {
        return Layout.RADIUS * points.factor();
    }

    /** The stroke of the curve in a place, where the data support it. */
    Stroke stroke(Slot slot) {
        return dressed(slot, slot.stroke());
    }

    /** And beyond the data. */
    Stroke beyond(Slot slot) {
        return dressed(slot, slot.beyond());
    }

    private Stroke dressed(Slot slot, Stroke usual) {
        return new Stroke(ink(slot), usual.width() * lines.factor(), usual.dash());
    }
}
