package hestra.figure;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

import hestra.data.Variable;
import hestra.fit.LineFit;
import hestra.numbers.NumberStyle;

/**
 * What a plot is to show.
 *
 * @param x the explanatory variable
 * @param y the response
 * @param style how numbers look
 * @param points the points, those set aside among them
 * @param line the line to draw; nothing where there is none or it is held back
 * @param layers what is shown
 * @param readingAt where the reading line stands; nothing for no reading line
 * @param selected the selected row
 * @param hovered the row under the pointer
 * @param frame the part of the plane to show
 * @param groups the names of the groups, in the order of their signs; none where the points are not grouped
 * @param notice what to say instead where there is nothing to show; may be empty
 */
public record PlotContent(
        Variable x,
        Variable y,
        NumberStyle style,
        List<Point> points,
        Optional<LineFit> line,
        Set<Layer> layers,
        OptionalDouble readingAt,
        OptionalInt selected,
        OptionalInt hovered,
        Frame frame,
        List<String> groups,
        String notice) {

    /**
     * One observed pair.
     *
     * @param row the row of the table, from 0
     * @param setAside whether it takes no part
     * @param name what it is called; empty for no name
     * @param group the index of its group; 0 where there are none
     * @param count how often it was observed
     */
    public record Point(int row, double x, double y, boolean setAside, String name, int group, int count) {

        /** A point without a name, observed once. */
        public Point(int row, double x, double y, boolean setAside) {
            this(row, x, y, setAside, "", 0, 1);
        }

        /** The same point elsewhere. */
        public Point movedTo(double newX, double newY) {
            return new Point(row, newX, newY, setAside, name, group, count);
        }

        Sign sign() {
            return Sign.of(group);
        }
    }

    /** More points than this are drawn as a cloud, without a mark of its own for each, and without residuals and squares. */
    static final int MOST_MARKS = 2_000;

    /** Whether there are so many points that they are drawn as a cloud. */
    boolean isCloudy() {
        return points.size() > MOST_MARKS;
    }

    boolean shows(Layer layer) {
        return layers.contains(layer);
    }
}
