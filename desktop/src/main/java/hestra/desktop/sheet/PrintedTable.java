package hestra.desktop.sheet;

import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.geometry.HPos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;

import hestra.data.DataTable;
import hestra.data.Variable;
import hestra.numbers.Counted;

/** The table as it was printed, in blocks side by side, for comparing and typing from. */
final class PrintedTable extends VBox {

    private static final int BLOCKS = 2;
    private static final int MOST_ROWS = 200;
    /** The row that was read last, from 0. */
    private int read = -1;

    PrintedTable(DataTable data) {
        getStyleClass().add("printed-table");
        setId("printed-table");
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
        readable(data, shown);
        if (data.size() > shown) {
            Label more = new Label("The first " + shown + " of " + data.size() + " rows.");
            more.getStyleClass().add("small");
            getChildren().add(more);
        }
    }

    /** By keys it is read row by row: arrows go along them, Home and End to the first and the last. */
    private void readable(DataTable data, int shown) {
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TEXT);
        String names = data.variables().stream().map(Variable::described).collect(Collectors.joining(", "));
        setAccessibleText("Printed table of " + names + ", " + Counted.of(shown, "row") + ". Up and down read its rows.");
        addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            int to = switch (event.getCode()) {
                case UP -> read - 1;
                case DOWN -> read + 1;
                case HOME -> 0;
                case END -> shown - 1;
                default -> -1;
            };
            if (event.getTarget() == this && event.getCode().isNavigationKey() && shown > 0) {
                read = Math.clamp(to, 0, shown - 1);
                setAccessibleText("Row " + (read + 1) + ": " + IntStream.range(0, data.width())
                        .mapToObj(column -> data.variable(column).name() + " " + data.cell(read, column).text())
                        .collect(Collectors.joining(", ")));
                event.consume();
            }
        });
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
