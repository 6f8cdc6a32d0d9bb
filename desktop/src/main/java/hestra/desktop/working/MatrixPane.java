package hestra.desktop.working;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import java.util.stream.Collectors;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.Literally;
import hestra.numbers.NumberStyle;
import hestra.working.MatrixWorking;

/** The matrices of a fit, side by side in the order of the calculation, each in its brackets under its name. */
final class MatrixPane {

    private static final int MOST_ROWS = 30;
    private static final int MOST_HAT = 12;
    private static final double WHOLE_WIDTH = 460;
    private static final double WHOLE_HEIGHT = 170;

    private MatrixPane() {}

    static Node of(MatrixWorking working, NumberStyle style) {
        HBox row = new HBox();
        row.getStyleClass().add("matrices");
        row.setId("matrices");
        row.getChildren().add(matrix("X: " + String.join(", ", working.terms()), working.x(), style::worked));
        row.getChildren().add(matrix("X′X", working.xx(), style::sum));
        row.getChildren().add(matrix("(X′X)⁻¹", working.inverse(), style::worked));
        row.getChildren().add(matrix("X′y", column(working.xy()), style::sum));
        row.getChildren().add(matrix("b = (X′X)⁻¹X′y", column(working.coefficients()), style::worked));
        row.getChildren().add(hat(working, style));
        row.getChildren().add(matrix("ŷ = Hy", column(working.fitted()), style::worked));
        row.getChildren().add(facts(working, style));
        return row;
    }

    /** The hat matrix: all of it where it is small, else its upper left part, with the whole on request. */
    private static Node hat(MatrixWorking working, NumberStyle style) {
        String name = "H = X(X′X)⁻¹X′, the hat matrix";
        int size = working.hat().size();
        if (size <= MOST_HAT) {
            return matrix(name, working.hat(), style::worked);
        }
        List<List<Double>> part = working.hat().subList(0, MOST_HAT).stream().map(line -> line.subList(0, MOST_HAT)).toList();
        Node shown = matrix(name + ", first " + MOST_HAT + " of " + size, part, style::worked);
        Button all = Literally.said(new Button("Show all " + size + " × " + size));
        all.setId("whole-hat");
        all.getStyleClass().setAll("quiet");
        VBox box = new VBox(4, all, shown);
        all.setOnAction(_ -> box.getChildren().setAll(whole(name, working.hat(), style)));
        return box;
    }

    /** A large matrix in lines of text, of which only those in sight are drawn. */
    private static Node whole(String name, List<List<Double>> entries, NumberStyle style) {
        List<List<String>> texts = entries.stream()
                .map(line -> line.stream().map(style::worked).toList()).toList();
        int wide = texts.stream().flatMap(List::stream).mapToInt(String::length).max().orElse(1);
        ListView<String> list = new ListView<>();
        list.setId("whole-hat-matrix");
        list.getStyleClass().add("whole-matrix");
        list.getItems().setAll(texts.stream().map(line -> line.stream().map(text -> " ".repeat(wide - text.length()) + text)
                .collect(Collectors.joining("  "))).toList());
        list.setPrefSize(WHOLE_WIDTH, WHOLE_HEIGHT);
        Label title = new Label(name);
        title.getStyleClass().add("small");
        return new VBox(title, list);
    }

    /** What the hat matrix is known by. */
    private static Node facts(MatrixWorking working, NumberStyle style) {
        Label trace = new Label("The diagonal of H adds up to " + style.show(working.trace())
                + ":\nas many as there are coefficients.");
        Label again = new Label("H·H − H should be 0. Its largest entry\nis " + style.withDigits(2)
                .show(working.unevenness()) + (working.unevenness() == 0 ? "." : ": that is rounding."));
        trace.setId("trace");
        again.setId("unevenness");
        VBox facts = new VBox(8, trace, again);
        facts.getStyleClass().add("matrix-box");
        trace.getStyleClass().add("small");
        again.getStyleClass().add("small");
        trace.setMinSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        again.setMinSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        return facts;
    }

    private static List<List<Double>> column(List<Double> entries) {
        return entries.stream().map(List::of).toList();
    }

    private static Node matrix(String name, List<List<Double>> entries, DoubleFunction<String> text) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("matrix");
        int shown = Math.min(entries.size(), MOST_ROWS);
        for (int i = 0; i < shown; i++) {
            List<Node> line = new ArrayList<>();
            for (double entry : entries.get(i)) {
                Label label = new Label(text.apply(entry));
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
