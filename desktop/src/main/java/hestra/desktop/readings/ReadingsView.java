package hestra.desktop.readings;

import javafx.scene.Node;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import hestra.data.Pairs;
import hestra.desk.Findings;
import hestra.desktop.app.DeskModel;
import hestra.desktop.parts.Tip;
import hestra.exercise.Aid;
import hestra.fit.Equation;
import hestra.fit.Fit;
import hestra.fit.LineFit;
import hestra.numbers.NumberStyle;

/**
 * The numbers of the line: equation, r, R², s and n, and the variation bar. What is held back shows its place and says
 * what opens it.
 */
public final class ReadingsView extends VBox {

    private final Label title = new Label();
    private final EquationView equation = new EquationView();
    private final Label message = new Label();
    private final Value r = new Value("r");
    private final Value rSquared = new Value("R²");
    private final Value s = new Value("s");
    private final Value n = new Value("n");
    private final GridPane values = new GridPane();
    private final VariationBar bar = new VariationBar();
    private final Label share = new Label();

    public ReadingsView(DeskModel model) {
        getStyleClass().addAll("card", "readings");
        setId("readings");
        title.getStyleClass().add("small");
        message.getStyleClass().add("small");
        message.setWrapText(true);
        share.getStyleClass().add("small");
        share.setWrapText(true);
        share.setMinHeight(USE_PREF_SIZE);
        message.setMinHeight(USE_PREF_SIZE);
        values.getStyleClass().add("values");
        ColumnConstraints half = new ColumnConstraints();
        half.setPercentWidth(50);
        half.setHgrow(Priority.ALWAYS);
        values.getColumnConstraints().addAll(half, half);
        values.add(r, 0, 0);
        values.add(s, 1, 0);
        values.add(rSquared, 0, 1);
        values.add(n, 1, 1);
        getChildren().addAll(title, equation, message, values, bar, share);
        model.watch(this::show);
    }

    private void show(Findings findings) {
        NumberStyle style = findings.desk().style();
        Pairs pairs = findings.pairs();
        title.setText("Line of least squares · " + (pairs.n() == 1 ? "1 point" : pairs.n() + " points"));
        findings.fit().line().ifPresent(line -> show(findings, line, style));
        if (findings.fit() instanceof Fit.None(String reason)) {
            present(equation, false);
            say(findings.isOpen(Aid.LINE) ? reason : findings.whatOpens(Aid.LINE) + ".");
            r.hide();
            rSquared.hide();
            s.hide();
            show(false);
        }
        n.show(Integer.toString(pairs.n()), pairs.n());
    }

    private void show(Findings findings, LineFit line, NumberStyle style) {
        boolean open = findings.isOpen(Aid.EQUATION);
        present(equation, open);
        if (open) {
            equation.show(Equation.of(line, findings.x(), findings.y(), style));
            say(line.rSquared().isEmpty() ? "All values of " + findings.y().name() + " are equal: the line is flat, r is not defined."
                    : line.n() == 2 ? "A line through two points passes through both: R² = 1 says nothing here." : "");
        } else {
            say("The equation stands here. " + findings.whatOpens(Aid.EQUATION) + ".");
        }
        r.show(findings.isOpen(Aid.R), line.r().isPresent() ? style.show(line.r()) : NumberStyle.UNDEFINED, line.r().orElse(0),
                findings.whatOpens(Aid.R));
        rSquared.show(findings.isOpen(Aid.R_SQUARED), style.show(line.rSquared()), line.rSquared().orElse(0),
                findings.whatOpens(Aid.R_SQUARED));
        s.show(open, style.show(line.residualStandardError()) + (line.residualStandardError().isPresent()
                ? findings.y().unitAfterNumber() : ""), line.residualStandardError().orElse(0), findings.whatOpens(Aid.EQUATION));
        boolean shown = findings.isOpen(Aid.R_SQUARED) && line.rSquared().isPresent();
        show(shown);
        if (shown) {
            double explained = line.rSquared().getAsDouble();
            bar.show(explained);
            share.setText(style.withDigits(3).show(100 * explained) + " % of the variation in " + findings.y().name() + " goes with "
                    + findings.x().name() + "; the rest is left over.");
        }
    }

    private void show(boolean barShown) {
        present(bar, barShown);
        present(share, barShown);
    }

    private void say(String text) {
        message.setText(text);
        present(message, !text.isEmpty());
    }

    static void present(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    /** A name with its value; a click copies the value in full. */
    private static final class Value extends Label {
        private final Label text = new Label();
        private double full;
        private boolean open;

        Value(String name) {
            super(name);
            getStyleClass().add("reading");
            text.getStyleClass().add("reading-value");
            text.setId("reading-" + name.replace("²", "2"));
            setGraphic(text);
            setContentDisplay(ContentDisplay.RIGHT);
            setOnMouseClicked(_ -> copy());
        }

        void show(String shown, double value) {
            text.setText(shown);
            full = value;
            open = true;
            Tip.set(this, "Click to copy the value in full");
        }

        void show(boolean isOpen, String shown, double value, String opener) {
            if (isOpen) {
                show(shown, value);
            } else {
                hide();
                Tip.set(this, opener);
            }
        }

        void hide() {
            text.setText("· · ·");
            open = false;
        }

        private void copy() {
            if (open) {
                ClipboardContent content = new ClipboardContent();
                content.putString(Double.toString(full));
                Clipboard.getSystemClipboard().setContent(content);
            }
        }
    }
}
