package hestra.desktop.readings;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.DigitsMenu;
import hestra.desktop.parts.EquationView;
import hestra.desktop.parts.Tip;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Fit;
import hestra.fit.LineFit;
import hestra.fit.TrialFit;
import hestra.numbers.Counted;
import hestra.numbers.NumberStyle;
import hestra.numbers.Words;
import hestra.sentences.Aspect;
import hestra.task.Aid;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

import static hestra.desktop.parts.Presence.holdVisible;
import static hestra.desktop.parts.Presence.present;

/**
 * The numbers of the curve in hand: equation, r, R², s and n, and the variation bar. What is held back shows its place and
 * says what opens it.
 */
public final class ReadingsView extends VBox {

    private static final double FIRST_COLUMN = 128;

    private final Label title = new Label();
    private final EquationView equation = new EquationView();
    private final CurveOptions options;
    private final Label message = new Label();
    private final ValueLabel r;
    private final ValueLabel rSquared;
    private final ValueLabel ofLogarithms;
    private final ValueLabel s;
    private final ValueLabel n;
    private final GridPane values = new GridPane();
    private final VariationBar bar = new VariationBar();
    private final TrialBars trialBars = new TrialBars();
    private final Label share = new Label();
    private final DigitsMenu digits;

    public ReadingsView(DeskModel model) {
        options = new CurveOptions(model);
        n = new ValueLabel(model, "n", "n");
        s = new ValueLabel(model, "s", "s");
        ofLogarithms = new ValueLabel(model, "r² of logs", "logarithms");
        rSquared = new ValueLabel(model, "R²", "R2");
        r = new ValueLabel(model, "r", "r");
        getStyleClass().addAll("card", "readings");
        setId("readings");
        title.getStyleClass().add("small");
        title.setId("readings-title");
        title.setContentDisplay(ContentDisplay.RIGHT);
        message.getStyleClass().add("small");
        message.setId("readings-message");
        message.setWrapText(true);
        share.getStyleClass().add("small");
        share.setWrapText(true);
        share.setMinHeight(USE_PREF_SIZE);
        message.setMinHeight(USE_PREF_SIZE);
        values.getStyleClass().add("values");
        ColumnConstraints first = new ColumnConstraints();
        first.setMinWidth(FIRST_COLUMN);
        ColumnConstraints second = new ColumnConstraints();
        second.setHgrow(Priority.ALWAYS);
        values.getColumnConstraints().addAll(first, second);
        values.getChildren().addAll(r, ofLogarithms, s, rSquared, n);
        digits = new DigitsMenu("digits", count -> model.apply(new PlotEdit.ShowDigits(count)));
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        FormMenu form = new FormMenu(model);
        form.visibleProperty().bind(digits.visibleProperty());
        form.managedProperty().bind(digits.managedProperty());
        title.setWrapText(true);
        title.setMinHeight(USE_PREF_SIZE);
        HBox top = new HBox(title, gap, form, digits);
        top.setAlignment(Pos.CENTER_LEFT);
        top.getStyleClass().add("readings-top");
        getChildren().addAll(top, equation, options, message, values, trialBars, bar, share);
        holdVisible(this);
        holdVisible(values);
        model.watch(this::show);
    }

    private void show(Findings findings) {
        options.show(findings);
        digits.show(findings.numbers().digits());
        present(digits, findings.isOpen(Aid.EQUATION) && findings.curves().curveInHand().isPresent());
        Tip.set(title, "");
        title.setGraphic(null);
        int points = findings.pairs().n();
        Optional<TrialFit> trial = findings.curves().curveInHand().filter(TrialFit.class::isInstance).map(TrialFit.class::cast);
        title.setText(Words.capitalized(trial.map(TrialFit::inWords)
                .orElseGet(() -> curveInWords(findings))) + " · " + Counted.of(points, "point"));
        present(trialBars, trial.isPresent() && findings.isOpen(Aid.TRIAL_SQUARES));
        present(values, trial.isEmpty());
        if (trial.isPresent()) {
            tried(findings, trial.get());
            return;
        }
        Fit fit = findings.curves().fitInHand().orElseThrow();
        fit.curveFit().ifPresent(it -> fitted(findings, it, findings.numbers().style()));
        if (fit instanceof Fit.None(String reason)) {
            present(equation, false);
            say(findings.isOpen(Aid.LINE) ? reason : findings.whatOpens(Aid.LINE) + ".");
            r.hide();
            present(ofLogarithms, false);
            rSquared.hide();
            s.hide();
            showBar(false);
        }
        n.show(Integer.toString(points), points);
        arrange();
    }

    /** Two in a row, without a gap where there is no r. */
    private void arrange() {
        List<ValueLabel> order = r.isVisible() || ofLogarithms.isVisible()
                ? List.of(r, ofLogarithms, s, rSquared, n) : List.of(rSquared, s, n);
        List<ValueLabel> shown = order.stream().filter(Node::isVisible).toList();
        for (int i = 0; i < shown.size(); i++) {
            GridPane.setConstraints(shown.get(i), i % 2, i / 2);
        }
    }

    private static String curveInWords(Findings findings) {
        return Optional.ofNullable(findings.work().curves().further().get(findings.curves().slotInHand())).map(Curve::inWords)
                .orElse("line of least squares");
    }

    private void tried(Findings findings, TrialFit trial) {
        present(equation, true);
        equation.show(findings.numbers().narrowEquation(trial));
        say(letters(findings) + ofTheLine(findings)
                + (!findings.isOpen(Aid.TRIAL_SQUARES) ? "Sum of squares by eye: it is held back. "
                + findings.whatOpens(Aid.TRIAL_SQUARES) + "."
                : "Sum of squared residuals" + (trial.isDefinedOnAll() ? ":" : ", of the points where the curve is defined:")));
        showBar(false);
        trialBars.show(findings, trial);
    }

    /** Where r and R² are read, which a curve by eye has none of. */
    private static String ofTheLine(Findings findings) {
        return !findings.isOpen(Aid.LINE) || !findings.isOpen(Aid.R) ? ""
                : "r and R² belong to the line of least squares: click its chip above the plot to read them.\n";
    }

    private void fitted(Findings findings, CurveFit fit, NumberStyle style) {
        boolean open = findings.isOpen(Aid.EQUATION);
        present(equation, open);
        if (open) {
            equation.show(findings.numbers().narrowEquation(fit));
            say(letters(findings) + remark(findings, fit));
        } else {
            say(findings.placeOf(Aid.EQUATION, "The equation", false));
        }
        if (!fit.remarks().isEmpty()) {
            title.setGraphic(new FontIcon(Feather.INFO));
        }
        Tip.set(title, String.join("\n", fit.remarks()));
        OptionalDouble correlation = fit instanceof LineFit line ? line.r() : OptionalDouble.empty();
        OptionalDouble transformed = fit.transformedRSquared();
        present(r, fit instanceof LineFit);
        present(ofLogarithms, transformed.isPresent());
        ofLogarithms.show(findings.isOpen(Aid.R_SQUARED), style.share(transformed), transformed.orElse(0),
                findings.whatOpens(Aid.R_SQUARED));
        r.show(findings.isOpen(Aid.R), correlation.isPresent() ? style.share(correlation) : NumberStyle.UNDEFINED,
                correlation.orElse(0),
                findings.whatOpens(Aid.R));
        OptionalDouble share = fit.goodness().rSquared();
        rSquared.show(findings.isOpen(Aid.R_SQUARED), style.share(share), share.orElse(0), findings.whatOpens(Aid.R_SQUARED));
        OptionalDouble error = fit.goodness().residualStandardError();
        s.show(open, style.show(error) + (error.isPresent() ? findings.y().unitAfterNumber() : ""), error.orElse(0),
                findings.whatOpens(Aid.EQUATION));
        boolean shown = findings.isOpen(Aid.R_SQUARED) && share.isPresent() && share.getAsDouble() >= 0;
        showBar(shown);
        if (shown) {
            bar.show(share.getAsDouble(), findings.curves().slotInHand());
            this.share.setText(findings.whatAsks(Aspect.About.R_SQUARED)
                    .orElse(style.withDigits(3).percent(share.getAsDouble()) + " % of the variation in " + findings.y()
                    .name() + " goes with "
                    + findings.x().name() + (share.getAsDouble() == 1 ? "; nothing is left over." : "; the rest is left over.")));
        }
    }

    private static String letters(Findings findings) {
        return findings.numbers().hasLongNames() ? "y: " + findings.y().name() + "\nx: " + findings.x().name() + "\n" : "";
    }

    /** What must be known beside the numbers; the rest stands behind the title. */
    private static String remark(Findings findings, CurveFit fit) {
        if (fit instanceof LineFit) {
            return fit.goodness().rSquared().isEmpty()
                    ? "All values of " + findings.y().name() + " are equal: the line is flat, r is not defined."
                    : fit.n() == 2 ? "A line through two points passes through both: R² = 1 says nothing here." : "";
        }
        boolean grave = fit.degreesOfFreedom() == 0 || fit.goodness().rSquared().orElse(-1) < 0;
        return grave ? String.join(" ", fit.remarks()) : "";
    }

    private void showBar(boolean shown) {
        present(bar, shown);
        present(share, shown);
    }

    private void say(String text) {
        message.setText(text);
        present(message, !text.isEmpty());
    }
}
