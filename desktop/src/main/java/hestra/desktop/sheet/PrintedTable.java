package hestra.desktop.sheet;

import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

import hestra.data.DataTable;
import hestra.data.Variable;

/** The table as it was printed, in blocks side by side, for comparing and typing from. */
final class PrintedTable extends VBox {

    private static final int BLOCKS = 2;
    private static final int MOST_ROWS = 200;

    PrintedTable(DataTable data) {
        getStyleClass().add("printed-table");
        Label title = new Label("Printed table");
        title.getStyleClass().add("small");
        int shown = Math.min(data.size(), MOST_ROWS);
        int perBlock = (shown + BLOCKS - 1) / BLOCKS;
        HBox blocks = new HBox();
        blocks.getStyleClass().add("printed-blocks");
        for (int block = 0; block * perBlock < shown; block++) {
            blocks.getChildren().add(block(data, block * perBlock, Math.min(shown, (block + 1) * perBlock)));
        }
        getChildren().addAll(title, blocks);
        if (data.size() > shown) {
            Label more = new Label("The first " + shown + " of " + data.size() + " rows.");
            more.getStyleClass().add("small");
            getChildren().add(more);
        }
    }

    private static GridPane block(DataTable data, int from, int to) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("printed-block");
        for (int column = 0; column < data.width(); column++) {
            Variable variable = data.variable(column);
            grid.add(label(variable.name(), "printed-heading"), column + 1, 0);
        }
        for (int row = from; row < to; row++) {
            grid.add(label(Integer.toString(row + 1), "printed-number"), 0, row - from + 1);
            for (int column = 0; column < data.width(); column++) {
                grid.add(label(data.cell(row, column).text(), "printed-value"), column + 1, row - from + 1);
            }
        }
        return grid;
    }

    private static Label label(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setMaxWidth(Double.MAX_VALUE);
        GridPane.setHalignment(label, HPos.RIGHT);
        return label;
    }
}
