package hestra.documents.page;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import hestra.desk.Findings;
import hestra.figure.Slot;
import hestra.fit.CurveFit;
import hestra.fit.CurveOnData;
import hestra.fit.LineFit;
import hestra.fit.Prediction;
import hestra.fit.TrialFit;
import hestra.numbers.NumberStyle;
import hestra.task.Aid;

/** What a write-up says of the curves: each that is drawn or in hand with its equation and numbers, and the predictions that were kept. */
final class CurveReport {

    private final Findings findings;
    private final NumberStyle style;

    CurveReport(Findings findings) {
        this.findings = findings;
        this.style = findings.style();
    }

    /** One entry for each curve, the line first. Held-back numbers are not in it. */
    List<Map<String, Object>> curves() {
        List<Map<String, Object>> curves = new ArrayList<>();
        for (Slot slot : findings.slots()) {
            if (findings.isShown(slot) || findings.slotInHand() == slot) {
                findings.curveAt(slot).ifPresent(curve -> curves.add(entry(slot, curve)));
            }
        }
        return curves;
    }

    private Map<String, Object> entry(Slot slot, CurveOnData curve) {
        String words = curve.curve().inWords();
        Map<String, Object> entry = new HashMap<>();
        entry.put("name", slot == Slot.TRIAL ? "by eye: " + words : words);
        entry.put("equation", slot == Slot.TRIAL || findings.isOpen(Aid.EQUATION) ? MathMl.of(findings.equation(curve)) : "");
        entry.put("values", switch (curve) {
            case CurveFit fit -> values(fit);
            case TrialFit trial -> List.of(value("sum of squared residuals", style.show(trial.sumOfSquares())));
        });
        return entry;
    }

    private List<Map<String, String>> values(CurveFit fit) {
        List<Map<String, String>> values = new ArrayList<>();
        values.add(value("n", Integer.toString(fit.n())));
        if (fit instanceof LineFit line && findings.isOpen(Aid.R)) {
            values.add(value("r", style.share(line.r())));
        }
        if (findings.isOpen(Aid.R_SQUARED)) {
            values.add(value("R²", style.share(fit.goodness().rSquared())));
            if (!(fit instanceof LineFit)) {
                values.add(value("adjusted R²", style.share(fit.goodness().adjustedRSquared())));
            }
        }
        if (findings.isOpen(Aid.EQUATION)) {
            values.add(value("s", style.show(fit.goodness().residualStandardError()) + findings.y().unitAfterNumber()));
        }
        return values;
    }

    private static Map<String, String> value(String name, String value) {
        return Map.of("name", name, "value", value);
    }

    /** The predictions that were kept, of the curve in hand; none where they are held back. */
    List<Map<String, String>> predictions() {
        List<Map<String, String>> rows = new ArrayList<>();
        for (double x : findings.work().reading().pinned()) {
            findings.prediction(x).ifPresent(it -> rows.add(Map.of("x", findings.x().shown(x, style), "fitted", findings.precision().predicted(it.fitted()), "interval", interval(it),
                    "outside", it.inside() ? "" : "beyond the data")));
        }
        return rows;
    }

    private String interval(Prediction prediction) {
        return prediction.predictionInterval().map(it -> findings.precision().predicted(it.low()) + " to " + findings.precision().predicted(it.high())).orElse("");
    }
}
