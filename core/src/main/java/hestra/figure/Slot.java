package hestra.figure;

import java.util.Arrays;
import java.util.List;

/** The places that curves can have in a plot, each with a colour and a dash of its own, so that they are told apart by both. */
public enum Slot {
    /** The line of least squares. */
    LINE(Ink.BEST, 2.5),
    /** What is tried by eye. */
    TRIAL(Ink.TRIAL, 2),
    FIRST(Ink.CURVE_A, 2.3, 8, 4),
    SECOND(Ink.CURVE_B, 2.3, 2, 3),
    THIRD(Ink.CURVE_C, 2.3, 10, 3, 2, 3),
    FOURTH(Ink.CURVE_D, 2.3, 5, 3);

    /** The places of further curves, in the order in which they are taken. */
    public static final List<Slot> FURTHER = List.of(FIRST, SECOND, THIRD, FOURTH);

    private final Stroke stroke;

    Slot(Ink ink, double width, double... dash) {
        stroke = new Stroke(ink, width, Arrays.stream(dash).boxed().toList());
    }

    /** How a curve in this place is drawn where the data support it. */
    public Stroke stroke() {
        return stroke;
    }

    public Ink ink() {
        return stroke.ink();
    }

    /** The colour of its equation: as near to its own as can be read well. */
    Ink textInk() {
        return this == TRIAL ? Ink.NEARLY : ink();
    }

    /** How it is drawn beyond the data: a solid line is dashed there, a dashed one thinner. */
    Stroke beyond() {
        return stroke.dash().isEmpty()
                ? Stroke.dashed(stroke.ink(), stroke.width() - 0.3, 8, 5)
                : new Stroke(stroke.ink(), stroke.width() - 1, stroke.dash());
    }
}
