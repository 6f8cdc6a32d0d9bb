package hestra.figure;

import java.util.List;

/**
 * How a line is drawn.
 *
 * @param ink its colour
 * @param width in pixels
 * @param dash lengths of dashes and gaps in pixels; empty for a solid line
 */
public record Stroke(Ink ink, double width, List<Double> dash) {

    public static Stroke solid(Ink ink, double width) {
        return new Stroke(ink, width, List.of());
    }

    public static Stroke dashed(Ink ink, double width, double on, double off) {
        return new Stroke(ink, width, List.of(on, off));
    }
}
