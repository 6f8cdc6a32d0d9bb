package hestra.desktop.working;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

import hestra.numbers.NumberStyle;
import hestra.numbers.Rounding;
import hestra.working.MatrixWorking;

/** The matrices of a fit, side by side in the order of the calculation, each in its brackets under its name. */
final class MatrixPane {

    private static final int MOST_ROWS = 30;
    private static final int MOST_HAT = 12;
    private static final int DIGITS = 4;

    private MatrixPane() {}

    static Node of(MatrixWorking working, NumberStyle style) {
        HBox row = new HBox();
        row.getStyleClass().add("matrices");
        row.setId("matrices");
        row.getChildren().add(matrix("X: " + String.join(", ", working.terms()), working.x(), style));
        row.getChildren().add(matrix("X′X", working.xx(), style));
        row.getChildren().add(matrix("(X′X)⁻¹", working.inverse(), style));
        row.getChildren().add(matrix("X′y", column(working.xy()), style));
        row.getChildren().add(matrix("b = (X′X)⁻¹X′y", column(working.coefficients()), style));
        if (working.hat().size() <= MOST_HAT) {
            row.getChildren().add(matrix("hat matrix X(X′X)⁻¹X′", working.hat(), style));
        }
        return row;
    }

    private static List<List<Double>> column(List<Double> entries) {
        return entries.stream().map(List::of).toList();
    }

    private static Node matrix(String name, List<List<Double>> entries, NumberStyle style) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("matrix");
        int shown = Math.min(entries.size(), MOST_ROWS);
        for (int i = 0; i < shown; i++) {
            List<Node> line = new ArrayList<>();
            for (double entry : entries.get(i)) {
                Label label = new Label(style.withDigits(DIGITS).shortest(new Rounding.Significant(DIGITS).apply(entry).doubleValue()));
                label.getStyleClass().add("comparison-figure");
                GridPane.setHalignment(label, HPos.RIGHT);
                line.add(label);
            }
            grid.addRow(i, line.toArray(Node[]::new));
        }
        if (shown < entries.size()) {
            grid.add(new Label("⋮"), 0, shown);
        }
        Label title = new Label(name);
        title.getStyleClass().add("small");
        VBox box = new VBox(title, grid);
        box.setAlignment(Pos.TOP_CENTER);
        box.getStyleClass().add("matrix-box");
        return box;
    }
}
