package hestra.desktop.readings;

import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

import hestra.desk.Findings;
import hestra.fit.CurveFit;
import hestra.fit.Fit;
import hestra.fit.LeastSquares;
import hestra.fit.TrialFit;
import hestra.numbers.NumberStyle;
import hestra.task.Aid;

import static hestra.desktop.parts.Presence.present;

/**
 * The sum of squares of what is tried by eye as a bar, and below it that of the best curve of the same family, once that may
 * be seen: no trial's bar is ever shorter.
 */
final class TrialBars extends GridPane {

    private final Bar tried = new Bar("trial-bar");
    private final Label triedValue = new Label();
    private final Label bestName = new Label();
    private final Bar best = new Bar("best-bar");
    private final Label bestValue = new Label();

    TrialBars() {
        getStyleClass().add("trial-bars");
        setId("trial-bars");
        triedValue.setId("trial-squares");
        bestValue.setId("best-squares");
        ColumnConstraints wide = new ColumnConstraints();
        wide.setHgrow(Priority.ALWAYS);
        getColumnConstraints().addAll(new ColumnConstraints(), wide, new ColumnConstraints());
        addRow(0, new Label("by eye"), tried, triedValue);
        addRow(1, bestName, best, bestValue);
        getChildren().forEach(it -> setValignment(it, VPos.CENTER));
        triedValue.getStyleClass().add("reading-value");
        bestValue.getStyleClass().add("reading-value");
    }

    void show(Findings findings, TrialFit trial) {
        NumberStyle style = findings.numbers().style();
        boolean open = findings.isOpen(Aid.LINE) && findings.isOpen(Aid.RESIDUALS);
        double squares = trial.sumOfSquares();
        double least = open ? least(findings, trial) : Double.NaN;
        boolean compared = !Double.isNaN(least) && trial.isDefinedOnAll();
        // A full bar is twice the best, so that a good trial is seen to come near.
        double full = compared && least > 0 ? Math.max(squares, 2 * least) : squares;
        tried.show(full == 0 ? 0 : squares / full);
        triedValue.setText(style.show(squares));
        bestName.setText("best");
        present(bestName, compared);
        present(best, compared);
        present(bestValue, compared);
        best.show(full == 0 || !compared ? 0 : least / full);
        bestValue.setText(compared ? style.show(least) : "");
    }

    private static double least(Findings findings, TrialFit trial) {
        Fit fit = LeastSquares.fit(trial.curve(), findings.pairs());
        return fit instanceof CurveFit it ? it.goodness().sse() : Double.NaN;
    }

    /** A bar that fills a share of its place. */
    private static final class Bar extends Region {
        private final Region filled = new Region();
        private double share;

        Bar(String style) {
            getStyleClass().add("squares-bar");
            filled.getStyleClass().add(style);
            getChildren().add(filled);
        }

        void show(double newShare) {
            share = Math.clamp(newShare, 0, 1);
            requestLayout();
        }

        @Override
        protected void layoutChildren() {
            filled.resizeRelocate(0, 0, snapSizeX(getWidth() * share), getHeight());
        }
    }
}
