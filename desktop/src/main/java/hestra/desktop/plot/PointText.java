package hestra.desktop.plot;

import java.util.Optional;
import java.util.OptionalDouble;

import hestra.data.Cell;
import hestra.data.PointChange;
import hestra.data.Roles;
import hestra.data.Selection;
import hestra.desk.Findings;
import hestra.desk.PlotDescription;
import hestra.fit.CurveOnData;
import hestra.fit.LinearFit;
import hestra.fit.Precision;
import hestra.numbers.NumberStyle;
import hestra.task.Aid;

/** What a point says of itself, on one line: for the hint under the plot and for those who hear it. */
final class PointText {

    private PointText() {}

    static String of(Findings findings, int row) {
        StringBuilder text = new StringBuilder("Row ").append(PlotDescription.point(findings, row));
        findings.curves().curveInHand().filter(_ -> findings.curves().residualsAreOpen())
                .ifPresent(curve -> text.append(fitted(findings, curve, row)));
        return text.toString();
    }

    /** What is selected, and what can be done with several points. */
    static String ofSelected(Findings findings) {
        Selection selection = findings.desk().selection();
        return selection.isSeveral() ? selection.rows().size() + " points selected · F fits to them"
                + (findings.part().rules().allows(PointChange.REMOVE) ? " · Delete removes" : "") + " · Esc deselects"
                : selection.inHand().isPresent() ? of(findings, selection.inHand().getAsInt()) : PlotView.AT_REST;
    }

    private static String fitted(Findings findings, CurveOnData curve, int row) {
        Roles roles = findings.work().drawnRoles();
        Optional<Double> residual = findings.curves().residual(row);
        if (residual.isEmpty() || !(findings.work().table().cell(row, roles.explanatory()) instanceof Cell.Measured x)) {
            return "";
        }
        Precision precision = findings.numbers().precision();
        OptionalDouble fitted = curve.fitted(x.value());
        OptionalDouble leverage = curve instanceof LinearFit linear && findings.isOpen(Aid.RESIDUALS)
                ? linear.leverage(x.value()) : OptionalDouble.empty();
        return " · fitted " + (fitted.isPresent() ? precision.predicted(fitted.getAsDouble()) : NumberStyle.UNDEFINED)
                + ", residual " + precision.residual(residual.get())
                + (leverage.isPresent() ? ", leverage " + findings.numbers().style().withDigits(2).show(leverage) : "");
    }
}
