package hestra.figure;

/**
 * How a plot is dressed: a few good choices, never needed for a good picture.
 *
 * @param sign the sign of points that are not in groups
 * @param points how large points are
 * @param lines how heavy curves are
 * @param grid whether there are grid lines
 * @param blackOnWhite whether the plot has no colours, for printing
 * @param title what stands above it; may be empty
 */
public record Dress(Sign sign, Size points, Size lines, boolean grid, boolean blackOnWhite, String title) {

    /** Blue discs and a faint grid. */
    public static final Dress USUAL = new Dress(Sign.DISC, Size.USUAL, Size.USUAL, true, false, "");

    private static final int LONGEST_TITLE = 160;

    public Dress {
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
        return new Dress(newSign, points, lines, grid, blackOnWhite, title);
    }

    public Dress withPoints(Size size) {
        return new Dress(sign, size, lines, grid, blackOnWhite, title);
    }

    public Dress withLines(Size size) {
        return new Dress(sign, points, size, grid, blackOnWhite, title);
    }

    public Dress withGrid(boolean shown) {
        return new Dress(sign, points, lines, shown, blackOnWhite, title);
    }

    public Dress withBlackOnWhite(boolean on) {
        return new Dress(sign, points, lines, grid, on, title);
    }

    public Dress withTitle(String newTitle) {
        return new Dress(sign, points, lines, grid, blackOnWhite, newTitle);
    }

    /** The radius of a disc as large as a point. */
    double radius() {
        return Layout.RADIUS * points.factor();
    }

    /** A curve's stroke in this dress. */
    Stroke stroke(Stroke usual) {
        return new Stroke(usual.ink(), usual.width() * lines.factor(), usual.dash());
    }
}
