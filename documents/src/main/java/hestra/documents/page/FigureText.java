package hestra.documents.page;

import java.util.stream.Collectors;

import hestra.desk.Findings;
import hestra.figure.Layer;
import hestra.figure.StripKind;
import hestra.fit.CurveOnData;
import hestra.numbers.Counted;
import hestra.task.Aid;

/** Plots in words, for those who cannot see them. */
final class FigureText {

    private FigureText() {}

    /** What the scatter plot shows. */
    static String of(Findings findings) {
        return of(findings, true);
    }

    /** What the scatter plot shows, with its curves or without. */
    static String of(Findings findings, boolean withCurves) {
        int points = findings.pairs().n();
        int aside = (int) findings.work().table().rows().stream().filter(row -> row.isSetAside()).count();
        String curves = findings.curves().slots().stream().filter(slot -> withCurves && findings.curves().isShown(slot))
                .flatMap(slot -> findings.curves().curveAt(slot).stream())
                .map(curve -> curve.inWords() + (findings.isOpen(Aid.EQUATION) ? ": " + findings.numbers().equation(curve)
                .plain() : ""))
                .collect(Collectors.joining("; "));
        return "Scatter plot of " + findings.y().described() + " against " + findings.x()
                .described() + ", " + Counted.of(points, "point")
                + (aside == 0 ? "" : " and " + aside + " set aside")
                + (curves.isEmpty() ? ", no curve." : ", with the " + curves + ".")
                + (findings.work().layers().contains(Layer.RESIDUALS) && !curves.isEmpty() ? " Residuals are drawn." : "");
    }

    /** What a residual plot shows. */
    static String ofStrip(Findings findings, StripKind kind) {
        return "Residuals of " + findings.y().described() + " from the " + findings.curves()
                .curveInHand().map(CurveOnData::inWords)
                .orElse("curve") + ", " + kind.title() + ".";
    }
}
