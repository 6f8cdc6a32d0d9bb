package hestra.task;

import java.util.ArrayList;
import java.util.List;

import hestra.fit.Curve;

/**
 * Something that a student kept, and what of the curves it shows.
 *
 * @param what the plot, or something that is read off it
 * @param line whether the line of least squares is shown
 * @param curves the further curves that are shown
 * @param trial whether a curve by eye is shown
 * @param residuals whether residuals are drawn
 */
public record KeptFigure(Keepable what, boolean line, List<Curve> curves, boolean trial, boolean residuals) {

    public KeptFigure {
        curves = List.copyOf(curves);
    }

    /** Whether any curve is shown. */
    boolean hasCurve() {
        return line || trial || !curves.isEmpty();
    }

    /** "the plot with the line of least squares". */
    String inWords() {
        if (what != Keepable.FIGURE) {
            return what.inWords();
        }
        List<String> shown = new ArrayList<>();
        if (line) {
            shown.add("the line of least squares");
        }
        curves.forEach(it -> shown.add(it.inWords()));
        if (trial) {
            shown.add("a curve by eye");
        }
        if (residuals) {
            shown.add("residuals");
        }
        return shown.isEmpty() ? "the plot without a line" : "the plot with " + String.join(", ", shown);
    }
}
