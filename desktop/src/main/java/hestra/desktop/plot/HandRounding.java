package hestra.desktop.plot;

import hestra.desk.Findings;
import hestra.figure.Figure;
import hestra.figure.Scale;
import hestra.numbers.Rounding;

/** Values of places in the figure, rounded as a hand can place them. */
final class HandRounding {

    private static final int MOST_PLACES = 12;

    private HandRounding() {}

    /**
     * As the instrument of a column would show it: with as many decimal places as the others have, as far as a pixel tells them
     * apart.
     */
    static double asMeasured(Findings findings, double value, Scale scale, int column) {
        int places = findings.work().table().places(column);
        int finest = finest(scale, value);
        // Points that were never measured are put where somebody wants them: the first ones say nothing of how finely the others
        // may lie.
        boolean madeUp = findings.part().isOwn() && (!findings.exercise().isStudy() || findings.work().table().size() == 0);
        return rounded(value, madeUp ? Math.max(places, finest - 1) : Math.min(places, finest));
    }

    static double x(Findings findings, Figure figure, double px) {
        return asMeasured(findings, figure.x().value(px), figure.x(), findings.work().drawnRoles().explanatory());
    }

    static double y(Findings findings, Figure figure, double py) {
        return asMeasured(findings, figure.y().value(py), figure.y(), findings.work().drawnRoles().response());
    }

    /** To as many places as a pixel tells apart. */
    static double toThePixel(double value, Scale scale) {
        return rounded(value, finest(scale, value));
    }

    /** A round value that a reading line snaps to: about two pixels lie between neighbours. */
    static double reading(double value, Scale scale) {
        double step = Math.pow(10, Math.ceil(Math.log10(scale.perPixel(value) * 2)));
        return new Rounding.Places(Math.clamp(-Math.round(Math.log10(step)), 0, MOST_PLACES))
                .apply(Math.round(value / step) * step).doubleValue();
    }

    private static int finest(Scale scale, double value) {
        return (int) Math.clamp(Math.ceil(-Math.log10(scale.perPixel(value))), 0, MOST_PLACES);
    }

    private static double rounded(double value, int places) {
        return Double.isFinite(value) ? new Rounding.Places(Math.max(0, places)).apply(value).doubleValue() : value;
    }
}
