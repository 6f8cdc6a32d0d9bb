package hestra.desktop.window;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What the mouse and the keys do, at one look. */
final class KeysBoard extends Board {

    private static final double WIDEST = 1160;

    /** One thing that can be done. */
    private record Line(String how, String does) {}

    private static final List<Line> MOUSE = List.of(
            new Line("drag a point", "moves it, where the exercise allows that"),
            new Line("click a curve", "takes it in hand: the readings are of it"),
            new Line("drag the ground", "moves the view"),
            new Line("wheel, pinch", "zooms about the pointer"),
            new Line("Shift+drag", "zooms to a frame"),
            new Line("Ctrl+drag", "selects the points in a frame"),
            new Line("Ctrl+click", "selects one more point"),
            new Line("double click", "adds a point, or shows everything"),
            new Line("click an axis", "what stands on it and how"),
            new Line("drag an axis", "to the other one exchanges them"),
            new Line("drag an equation", "moves it; the wheel resizes it"));

    private static final List<Line> PLOT = List.of(
            new Line("← →", "walk through the points along x"),
            new Line("↑ ↓", "in the order of the table"),
            new Line("Ctrl+arrows", "select each point on the way"),
            new Line("Ctrl+A", "select all points"),
            new Line("Alt+arrows", "move the point or what is tried by eye"),
            new Line("Shift+arrows", "move the reading lines"),
            new Line("T", "try a line by eye"),
            new Line("H", "take one of its squares"),
            new Line("C", "take the next curve in hand"),
            new Line("F", "fit to the selected points, or all again"),
            new Line("P", "keep the prediction"),
            new Line("Delete", "remove the points or the curve in hand"),
            new Line("+ − Home", "zoom, show everything"),
            new Line("X", "exchange the axes"),
            new Line("Ctrl+C", "copy the plot as a picture"));

    private static final List<Line> TABLE = List.of(
            new Line("typing", "replaces a cell; F2 changes it"),
            new Line("Enter, Tab", "down, across"),
            new Line("Shift+arrows", "select"),
            new Line("Ctrl+V", "pastes anything"),
            new Line("Alt+Enter", "fills a sequence down"),
            new Line("Alt+Insert, Alt+Delete", "rows in and out"),
            new Line("Alt+↑ ↓", "move rows"),
            new Line("Alt+F", "fits to these rows alone"));

    private static final List<Line> EVERYWHERE = List.of(
            new Line("Ctrl+Enter", "checks the task in hand"),
            new Line("Ctrl+Z, Ctrl+Shift+Z", "undo, redo"),
            new Line("F8", "larger type"),
            new Line("F1", "this board"),
            new Line("Esc", "lets go, leaves"));

    KeysBoard() {
        super("keys", "Mouse and keys", "Nothing need be switched in the plot: what lies under the pointer decides, and the line below the plot says what a press would do.",
                columns());
    }

    private static Node columns() {
        FlowPane columns = new FlowPane(new VBox(group("In the plot, with the mouse", MOUSE)), new VBox(group("In the plot, with keys", PLOT)),
                new VBox(group("In the table", TABLE), group("Everywhere", EVERYWHERE)));
        columns.setPrefWrapLength(WIDEST);
        columns.getStyleClass().add("keys-columns");
        columns.getChildren().forEach(it -> it.getStyleClass().add("keys-column"));
        return columns;
    }

    private static Node group(String title, List<Line> lines) {
        Label heading = new Label(title);
        heading.getStyleClass().add("task-title");
        GridPane grid = new GridPane();
        grid.getStyleClass().add("keys-grid");
        for (int i = 0; i < lines.size(); i++) {
            Label how = new Label(lines.get(i).how());
            how.getStyleClass().add("key");
            how.setMinWidth(Region.USE_PREF_SIZE);
            Label does = new Label(lines.get(i).does());
            does.setMinWidth(Region.USE_PREF_SIZE);
            grid.addRow(i, how, does);
        }
        return new VBox(heading, grid);
    }
}
