package hestra.desktop.window;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** How the numbers are worked out where there is more than one way to do it. */
final class NumbersBoard extends Board {

    private static final double COLUMN = 520;

    /** A thing that is computed, and how. */
    private record Line(String what, String how) {}

    private static final List<Line> SUMMARIES = List.of(
            new Line("Quartiles",
                    "The medians of the lower and the upper half; with an odd number of values the middle one belongs to "
                    + "neither."),
            new Line("Rank correlation", "r of the ranks; values that are equal share the mean of their ranks."),
            new Line("Interval of r", "By Fisher's z = artanh r, with standard error 1 ÷ √(n − 3)."),
            new Line("R² and F",
                    "R² = 1 − SSE ÷ SST, SST about the mean of y, for every curve; it is below 0 where a curve does worse than "
                    + "the mean. Curves without a constant have no F."),
            new Line("Rounding", "Halves are rounded away from 0. In an answer, a half may be rounded either way."),
            new Line("Digits",
                    "An equation has as many digits as it takes to give ŷ over the data to the digits of y; of long decimals, to "
                    + "those that make five digits of the spread of y. A prediction has one more."));

    private static final List<Line> CURVES = List.of(
            new Line("On the log scale",
                    "A line is fitted to ln y; its intervals, turned back, are those of the median response, not of the mean."),
            new Line("Directly on y",
                    "For each rate of growth, or frequency, the other coefficients follow; the rate with the least squares is "
                    + "looked for over its whole range. "
                    + "Where the squares only keep falling there is no curve. Standard errors are approximate."),
            new Line("Waves",
                    "From all but straight over the data up to half a cycle for each step between different x, and at most 40 "
                    + "cycles. Below a fifth of a cycle a remark says how little the data tell."),
            new Line("x for a given y",
                    "Lines, polynomials and growth: every x there is. Waves and own terms: within the data and as far again on "
                    + "either side."));

    private static final List<Line> CHECKS = List.of(
            new Line("Normal quantiles", "The i-th of n residuals stands at (i − 3/8) ÷ (n + 1/4)."),
            new Line("Runs",
                    "Signs of the residuals along x; residuals of 0 are passed over, and points of equal x count once, by "
                    + "their mean."),
            new Line("Lack of fit",
                    "With n ÷ 2 or fewer different x it takes the place of runs: how far the means of equal x lie from the "
                    + "curve, against how far the points lie from them."),
            new Line("Counts", "A row with a count is so many equal observations; “without this point” leaves out all of them."));

    NumbersBoard() {
        super("numbers-board", "How the numbers are worked out",
                "Where there is more than one way to work a number out, Hestra does it like this.", columns());
    }

    private static Region columns() {
        VBox left = new VBox(group("Summaries and rounding", SUMMARIES));
        VBox right = new VBox(14, group("Curves", CURVES), group("Looking at what is left over", CHECKS));
        right.getChildren().getLast().setId("numbers-last");
        HBox columns = new HBox(34, left, right);
        for (VBox column : List.of(left, right)) {
            column.setPrefWidth(COLUMN);
            HBox.setHgrow(column, Priority.ALWAYS);
        }
        return columns;
    }

    private static Node group(String title, List<Line> lines) {
        Label heading = new Label(title);
        heading.getStyleClass().add("task-title");
        VBox group = new VBox(6, heading);
        for (Line line : lines) {
            Label what = new Label(line.what());
            what.getStyleClass().add("key");
            Label how = new Label(line.how());
            how.setWrapText(true);
            how.setMinHeight(Region.USE_PREF_SIZE);
            group.getChildren().add(new VBox(what, how));
        }
        return group;
    }
}
