package hestra.documents.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import hestra.desk.Findings;
import hestra.documents.page.Piece.Table.Line;
import hestra.documents.page.Piece.Values.Value;
import hestra.figure.Slot;
import hestra.fit.CurveFit;
import hestra.fit.CurveOnData;
import hestra.fit.LineFit;
import hestra.fit.Prediction;
import hestra.fit.TrialFit;
import hestra.numbers.NumberStyle;
import hestra.numbers.Words;
import hestra.task.Aid;

/**
 * What a page says of the curves: each that is drawn or in hand with its equation and numbers, and the predictions that were
 * kept.
 */
final class CurveReport {

    private final Findings findings;
    private final NumberStyle style;

    CurveReport(Findings findings) {
        this.findings = findings;
        this.style = findings.numbers().style();
    }

    /** Each curve with its equation and numbers, the line first. Held-back numbers are not among them. */
    List<Piece> pieces() {
        List<Piece> pieces = new ArrayList<>();
        for (Slot slot : findings.curves().slots()) {
            if (findings.curves().isShown(slot) || findings.curves().slotInHand() == slot) {
                findings.curves().curveAt(slot).ifPresent(curve -> entry(slot, curve, pieces));
            }
        }
        return pieces;
    }

    private void entry(Slot slot, CurveOnData curve, List<Piece> pieces) {
        if (slot == Slot.TRIAL || findings.isOpen(Aid.EQUATION)) {
            pieces.add(new Piece.Set(findings.numbers().equation(curve), ""));
        }
        pieces.add(new Piece.Values(Words.capitalized(curve.inWords()), values(curve)));
    }

    /** The numbers of a curve that are not held back. */
    List<Value> values(CurveOnData curve) {
        return switch (curve) {
            case CurveFit fit -> values(fit);
            case TrialFit _ when !findings.isOpen(Aid.TRIAL_SQUARES) -> List.of();
            case TrialFit trial -> List.of(new Value("sum of squared residuals", style.show(trial.sumOfSquares())));
        };
    }

    private List<Value> values(CurveFit fit) {
        List<Value> values = new ArrayList<>();
        values.add(new Value("n", Integer.toString(fit.n())));
        if (fit instanceof LineFit line && findings.isOpen(Aid.R)) {
            values.add(new Value("r", style.share(line.r())));
        }
        if (findings.isOpen(Aid.R_SQUARED)) {
            values.add(new Value("R²", style.share(fit.goodness().rSquared())));
            if (!(fit instanceof LineFit)) {
                values.add(new Value("adjusted R²", style.share(fit.goodness().adjustedRSquared())));
            }
        }
        if (findings.isOpen(Aid.EQUATION)) {
            values.add(new Value("s", style.show(fit.goodness().residualStandardError()) + findings.y().unitAfterNumber()));
        }
        return values;
    }

    /** The predictions that were kept, of the curve in hand; none where they are held back. */
    private List<Line> predictions() {
        List<Line> rows = new ArrayList<>();
        for (double x : findings.work().reading().pinned()) {
            findings.curves().prediction(x).ifPresent(it -> rows.add(Line.of(findings.x().shown(x, style), findings.numbers()
                    .precision()
                    .predicted(it.fitted()), interval(it), it.inside() ? "" : "beyond the data")));
        }
        return rows;
    }

    /** The same as a table; nothing where there are none. */
    Optional<Piece> predictionTable(String label, String caption) {
        List<Line> lines = predictions();
        return lines.isEmpty() ? Optional.empty() : Optional.of(new Piece.Table(label, caption,
                List.of(findings.x().columnTitle(), "predicted " + findings.y().columnTitle(),
                        findings.numbers().levelInWords() + " interval of a single value", ""), lines));
    }

    private String interval(Prediction prediction) {
        return prediction.predictionInterval().map(it -> findings.numbers().precision()
                .predicted(it.low()) + " to " + findings.numbers().precision()
                .predicted(it.high())).orElse("");
    }
}
