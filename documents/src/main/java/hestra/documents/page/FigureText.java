package hestra.documents.page;

import hestra.desk.Findings;
import hestra.desk.PlotDescription;
import hestra.figure.StripKind;
import hestra.fit.CurveOnData;

/** Plots in words, for those who cannot see them. */
final class FigureText {

    private FigureText() {}

    /** What the scatter plot shows. */
    static String of(Findings findings) {
        return of(findings, true);
    }

    /** What the scatter plot shows, with its curves or without. */
    static String of(Findings findings, boolean withCurves) {
        return PlotDescription.of(findings, withCurves).paragraph();
    }

    /** What a residual plot shows. */
    static String ofStrip(Findings findings, StripKind kind) {
        return "Residuals of " + findings.y().described() + " from the " + findings.curves()
                .curveInHand().map(CurveOnData::inWords)
                .orElse("curve") + ", " + kind.title() + ".";
    }
}
