package hestra.figure;

import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.figure.Figure.Area;

/** One thing to paint, in pixels from the figure's top left corner. */
public sealed interface Mark {

    /** The straight pieces that it is drawn with; none where it is no line. */
    default Stream<Line> segments() {
        return switch (this) {
            case Line line -> Stream.of(line);
            case Path(Places places, Stroke stroke) -> IntStream.range(1, places.size())
                    .mapToObj(i -> new Line(places.x(i - 1), places.y(i - 1), places.x(i), places.y(i), stroke));
            default -> Stream.of();
        };
    }

    /** The place that is taken by a box or a text; nothing for another mark, beside which others may be written. */
    default Optional<Area> covered() {
        return switch (this) {
            case Box box -> Optional.of(new Area(box.x, box.y, box.width, box.height));
            case Label label -> Optional.of(label.area());
            default -> Optional.empty();
        };
    }

    /** A straight line. */
    record Line(double x1, double y1, double x2, double y2, Stroke stroke) implements Mark {}

    /** A line through many places. */
    record Path(Places places, Stroke stroke) implements Mark {}

    /** A filled shape with straight sides. */
    record Region(Places corners, Ink fill, double opacity) implements Mark {}

    /** A point's sign, filled and with a thin edge, as large as a disc of this radius. */
    record Dot(double x, double y, double radius, Sign sign, Ink fill, Ink edge) implements Mark {}

    /** Very many points, small and half transparent, so that it shows where they lie on one another. */
    record Cloud(Places places, double radius, Ink fill, double opacity) implements Mark {}

    /** A circle, not filled. */
    record Ring(double x, double y, double radius, Stroke stroke) implements Mark {}

    /** An upright square on its corner, filled with the surface. */
    record Diamond(double x, double y, double radius, Stroke stroke) implements Mark {}

    /** A filled rectangle with rounded corners. */
    record Box(double x, double y, double width, double height, double corner, Ink fill, double opacity) implements Mark {}

    /** A rectangle's outline. */
    record Outline(double x, double y, double width, double height, Stroke stroke) implements Mark {}

    /** A rectangle of slanting hairlines, for the ground that no data supports. */
    record Hatch(double x, double y, double width, double height) implements Mark {}

    /** Text on one line; y is its baseline. */
    record Label(double x, double y, String text, Face face, double size, Ink ink, Anchor anchor, boolean upward)
            implements Mark {
        /** No plot is so wide that more letters than these would be seen. */
        private static final int MOST_LETTERS = 400;
        /** The width of a letter, as a share of its size. */
        private static final double LETTER = 0.54;

        public Label {
            text = text.length() <= MOST_LETTERS ? text : text.substring(0, MOST_LETTERS) + "\u2026";
        }

        /** About where a text that is not turned upward stands. */
        private Area area() {
            double width = LETTER * size * text.length();
            double left = switch (anchor) {
                case START -> x;
                case MIDDLE -> x - width / 2;
                case END -> x - width;
            };
            return new Area(left, y - size, width, 1.3 * size);
        }
    }

    /** The typefaces of a figure. */
    enum Face {
        TEXT,
        STRONG,
        FIGURES
    }

    /** Which end of a label stands at its x. */
    enum Anchor {
        START,
        MIDDLE,
        END
    }
}
