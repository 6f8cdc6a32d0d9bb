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
            new Line("drag a point", "moves it, if the exercise allows it"),
            new Line("click a curve", "selects the curve: the readings are of it"),
            new Line("drag the background", "moves the view"),
            new Line("wheel, pinch", "zooms about the pointer"),
            new Line("Shift+drag", "zooms to the rectangle"),
            new Line("Ctrl+drag", "selects the points inside it"),
            new Line("Ctrl+click", "selects one more point"),
            new Line("double click", "adds a point, or shows everything"),
            new Line("click an axis", "what it shows, and how"),
            new Line("drag an axis", "to the other one: exchanges them"),
            new Line("drag an equation", "moves it; the wheel resizes it"));

    private static final List<Line> PLOT = List.of(
            new Line("← →", "walk through the points along x"),
            new Line("↑ ↓", "in the order of the table"),
            new Line("Ctrl+arrows", "select each point on the way"),
            new Line("Ctrl+A", "select all points"),
            new Line("Alt+arrows", "move the selected point or the curve by eye"),
            new Line("Shift+arrows", "move the reading lines"),
            new Line("T", "try a line by eye"),
            new Line("H", "select one of its squares"),
            new Line("C", "select the next curve"),
            new Line("F", "fit to the selected points, or all again"),
            new Line("P", "keep the prediction"),
            new Line("Delete", "remove the selected points or curve"),
            new Line("+ − Home", "zoom, show everything"),
            new Line("X", "exchange the axes"),
            new Line("Ctrl+C", "copy the plot as a picture"));

    private static final List<Line> TABLE = List.of(
            new Line("typing", "replaces a cell; F2 changes it"),
            new Line("Enter, Tab", "down, across"),
            new Line("Shift+arrows", "select"),
            new Line("Ctrl+V", "pastes anything"),
            new Line("Alt+N, Alt+U", "a column's name, its use"),
            new Line("F4", "all columns, in a study"),
            new Line("Alt+Enter", "fills a sequence down"),
            new Line("Alt+Insert, Alt+Delete", "insert and remove rows"),
            new Line("Alt+↑ ↓", "move rows"),
            new Line("Alt+F", "fits to these rows alone"));

    private static final List<Line> SHEET = List.of(
            new Line("Ctrl+K", "keeps the plot on it"),
            new Line("Ctrl+E, Ctrl+R", "the equation, the readings"),
            new Line("Enter", "on a figure: brings its plot back"),
            new Line("Space", "on a figure: it follows the plot, or stays"),
            new Line("Alt+↑ ↓, Delete", "move it, take it off"));

    private static final List<Line> MARK = List.of(
            new Line("0–9, A", "gives marks, all marks"),
            new Line("Enter", "as proposed, and on"),
            new Line("↑ ↓", "the next answers, or task"),
            new Line("Page Up, Page Down", "the next task, or student"),
            new Line("Space", "the next with these answers"),
            new Line("O, Delete", "marks one apart, takes marks back"),
            new Line("C", "a comment; Ctrl+Enter adds it"),
            new Line("← →, with Ctrl", "step by step, from check to check"));

    private static final List<Line> EVERYWHERE = List.of(
            new Line("F6, Shift+F6", "to the next part of the window, and back"),
            new Line("Ctrl+Tab", "out of the table"),
            new Line("Alt+Home", "Start"),
            new Line("Ctrl+B", "all numbers, in the place of the sheet"),
            new Line("Ctrl+P, Ctrl+M", "report, mark hand-ins"),
            new Line("Ctrl+Enter", "checks the current task"),
            new Line("Ctrl+Z, Ctrl+Shift+Z", "undo, redo"),
            new Line("F8", "larger type"),
            new Line("F1", "this list"),
            new Line("Esc", "deselects, closes, goes back to the sheet"));

    KeysBoard() {
        super("keys", "Mouse and keys",
                "There are no modes: what is under the pointer decides what a press does, and the line below the plot says so "
                + "beforehand.",
                columns());
    }

    private static Node columns() {
        FlowPane columns = new FlowPane(new VBox(group("Everywhere", EVERYWHERE), group("On your own sheet", SHEET)),
                new VBox(group("In the plot, with the mouse", MOUSE)), new VBox(group("In the plot, with keys", PLOT)),
                new VBox(group("In the table", TABLE), group("In Mark", MARK)));
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
