package hestra.desktop.readings;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import javafx.css.PseudoClass;
import javafx.geometry.HPos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.CurveNames;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Swatch;
import hestra.desktop.parts.Tip;
import hestra.figure.Slot;
import hestra.fit.CurveFit;
import hestra.fit.Fit;
import hestra.numbers.NumberStyle;
import hestra.task.Aid;

import static hestra.desktop.parts.Presence.present;

/**
 * The curves side by side, once there are several: R², adjusted R² and s, on the scale of y for all of them. A press on a
 * curve takes it in hand.
 */
public final class ComparisonView extends VBox {

    private static final PseudoClass IN_HAND = PseudoClass.getPseudoClass("in-hand");

    private static final int PLACES = 3;
    private static final int MANY_PLACES = 6;
    private static final double NEARLY_ONE = 0.9995;

    private final DeskModel model;
    private final GridPane grid = new GridPane();
    /** What the rows were made from: while the pointer moves over the plot they stay. */
    private List<Object> shown = List.of();

    public ComparisonView(DeskModel model) {
        this.model = model;
        getStyleClass().addAll("card", "comparison");
        setId("comparison");
        grid.getStyleClass().add("comparison-grid");
        ColumnConstraints name = new ColumnConstraints();
        name.setHgrow(Priority.ALWAYS);
        name.setMinWidth(60);
        ColumnConstraints number = new ColumnConstraints();
        number.setHalignment(HPos.RIGHT);
        grid.getColumnConstraints().addAll(name, number, number, number);
        getChildren().add(grid);
        model.watch(this::show);
    }

    private void show(Findings findings) {
        List<Slot> slots = findings.curves().slots().stream().filter(slot -> slot != Slot.TRIAL).toList();
        boolean useful = slots.size() > 1 && findings.isOpen(Aid.R_SQUARED);
        present(this, useful);
        List<Object> now = List.of(slots.stream().map(slot -> findings.curves().fitAt(slot).orElseThrow()).toList(), slots,
                findings.work().curves().further(), findings.curves().slotInHand(), useful, findings.isOpen(Aid.EQUATION),
                        findings.numbers().style());
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        grid.getChildren().clear();
        if (!useful) {
            return;
        }
        grid.addRow(0, heading("curve", ""), heading("R²", "share of the variation of y that the curve explains"),
                heading("adj. R²", "R² corrected for the number of coefficients: compare curves by this"),
                heading("s", "typical distance of a point from the curve, in the unit of y"));
        int places = places(findings, slots);
        for (Slot slot : slots) {
            row(findings, slot, places);
        }
    }

    /** Three, so that the numbers stand one below another; more where one of them would be rounded to 1. */
    private static int places(Findings findings, List<Slot> slots) {
        boolean near = slots.stream().flatMap(slot -> findings.curves().fitAt(slot).stream())
                .flatMap(fit -> fit.curveFit().stream())
                .anyMatch(curve -> curve.goodness().rSquared().orElse(0) >= NEARLY_ONE);
        return near ? MANY_PLACES : PLACES;
    }

    private static String share(OptionalDouble value, NumberStyle style, int places) {
        return value.isPresent() ? style.places(value.getAsDouble(), places) : NumberStyle.UNDEFINED;
    }

    private void row(Findings findings, Slot slot, int places) {
        NumberStyle style = findings.numbers().style().withDigits(3);
        Fit fit = findings.curves().fitAt(slot).orElseThrow();
        Button name = Literally.said(new Button(CurveNames.in(findings, slot), Swatch.of(slot)));
        name.getStyleClass().setAll("comparison-name");
        name.setId("compare-" + slot.name().toLowerCase(Locale.ROOT));
        name.pseudoClassStateChanged(IN_HAND, findings.curves().slotInHand() == slot);
        name.setOnAction(_ -> model.apply(new PlotEdit.TakeInHand(slot)));
        int row = grid.getRowCount();
        switch (fit) {
            case CurveFit curve -> {
                Tip.set(name, "select the " + curve.curve().inWords());
                grid.addRow(row, name, figure(share(curve.goodness().rSquared(), style, places)),
                        figure(share(curve.goodness().adjustedRSquared(), style, places)),
                        figure(findings.isOpen(Aid.EQUATION)
                                ? style.show(curve.goodness().residualStandardError()) : NumberStyle.UNDEFINED));
            }
            case Fit.None(String reason) -> {
                Tip.set(name, reason);
                Label why = new Label("no curve: select it to see why");
                why.getStyleClass().add("small");
                grid.add(name, 0, row);
                grid.add(why, 1, row, 3, 1);
            }
        }
    }

    private static Label heading(String text, String meaning) {
        Label label = new Label(text);
        label.getStyleClass().add("small");
        label.setMinWidth(USE_PREF_SIZE);
        Tip.set(label, meaning);
        return label;
    }

    private static Label figure(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("comparison-figure");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }
}
