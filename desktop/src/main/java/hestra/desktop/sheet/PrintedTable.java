package hestra.desktop.sheet;

import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;

import hestra.data.DataTable;

/** The table as it was printed, in blocks side by side, for comparing and typing from. */
final class PrintedTable extends VBox {

    private static final int BLOCKS = 2;
    private static final int MOST_ROWS = 200;

    PrintedTable(DataTable data) {
        getStyleClass().add("printed-table");
        Label title = new Label("Printed table");
        title.getStyleClass().add("small");
        int shown = Math.min(data.size(), MOST_ROWS);
        int perBlock = Math.max(1, (shown + BLOCKS - 1) / BLOCKS);
        FlowPane blocks = new FlowPane();
        blocks.getStyleClass().add("printed-blocks");
        for (int from = 0; from < shown; from += perBlock) {
            blocks.getChildren().add(block(data, from, Math.min(shown, from + perBlock)));
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
        grid.add(text("printed-number", from, to, row -> Integer.toString(row + 1)), 0, 1);
        for (int i = 0; i < data.width(); i++) {
            int column = i;
            Label heading = new Label(data.variable(column).name());
            heading.getStyleClass().add("printed-heading");
            heading.setMinWidth(USE_PREF_SIZE);
            GridPane.setHalignment(heading, HPos.RIGHT);
            Text values = text("printed-value", from, to, row -> data.cell(row, column).text());
            GridPane.setHalignment(values, HPos.RIGHT);
            grid.add(heading, column + 1, 0);
            grid.add(values, column + 1, 1);
        }
        return grid;
    }

    /** A column as one text of many lines: a hundred labels would cost the sheet its quick start. */
    private static Text text(String style, int from, int to, IntFunction<String> line) {
        Text text = new Text(IntStream.range(from, to).mapToObj(line).collect(Collectors.joining("\n")));
        text.getStyleClass().add(style);
        text.setTextAlignment(TextAlignment.RIGHT);
        return text;
    }
}
