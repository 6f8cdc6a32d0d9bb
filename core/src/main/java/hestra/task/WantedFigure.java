package hestra.task;

import java.util.List;
import java.util.function.Predicate;

/** A figure that a section is asked for, and how it is known. */
public enum WantedFigure {
    PLOT_WITHOUT_CURVE("the plot without a line", plot(it -> !it.hasCurve())),
    PLOT_WITH_LINE("the plot with the line of least squares", plot(KeptFigure::line)),
    PLOT_WITH_CURVE("the plot with a curve other than the line", plot(it -> !it.curves().isEmpty())),
    PLOT_WITH_TRIAL("the plot with a line by eye", plot(KeptFigure::trial)),
    RESIDUALS("a residual plot", is(Keepable.STRIP, Keepable.RESIDUALS)),
    EQUATION("the equation", is(Keepable.EQUATION)),
    READINGS("the readings r, R\u00b2 and s", is(Keepable.READINGS)),
    SUMMARY("the summary of the two variables", is(Keepable.SUMMARY)),
    COEFFICIENTS("the table of coefficients", is(Keepable.COEFFICIENTS)),
    PREDICTIONS("the predictions", is(Keepable.PREDICTIONS)),
    CALCULATION("the calculation", is(Keepable.SUMS, Keepable.MATRICES)),
    DATA("the data", is(Keepable.DATA));

    private final String words;
    private final Predicate<KeptFigure> shows;

    WantedFigure(String words, Predicate<KeptFigure> shows) {
        this.words = words;
        this.shows = shows;
    }

    private static Predicate<KeptFigure> plot(Predicate<KeptFigure> shows) {
        return it -> it.what() == Keepable.FIGURE && shows.test(it);
    }

    private static Predicate<KeptFigure> is(Keepable... any) {
        return it -> List.of(any).contains(it.what());
    }

    public String inWords() {
        return words;
    }

    /** Whether something that was kept is this. */
    boolean isShownBy(KeptFigure figure) {
        return shows.test(figure);
    }
}
