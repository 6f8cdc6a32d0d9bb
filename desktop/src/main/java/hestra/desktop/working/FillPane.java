package hestra.desktop.working;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.FocusMark;
import hestra.desktop.parts.Formula;
import hestra.desktop.parts.Names;
import hestra.desktop.parts.TypingRun;
import hestra.numbers.NumberStyle;
import hestra.task.FillIn;
import hestra.task.Filled;
import hestra.working.CalculationCells;

/**
 * A calculation whose empty cells are filled in. Tab and Enter go from cell to cell in the order in which one works, whatever
 * stands where; Ctrl+Enter checks, as everywhere.
 */
final class FillPane extends ScrollPane {

    private static final double WIDTH = 68;

    private final DeskModel model;
    private final String task;
    private final FillIn fill;
    private final Map<String, TextField> fields = new LinkedHashMap<>();
    private boolean showing;

    FillPane(DeskModel model, String task, FillIn fill, NumberStyle style) {
        this.model = model;
        this.task = task;
        this.fill = fill;
        setId("fill-calculation");
        fill.asked().forEach(id -> fields.put(id, field(id)));
        HBox grids = new HBox();
        grids.getStyleClass().add("fill-grids");
        fill.cells().grids().forEach(grid -> grids.getChildren().add(grid(grid, style)));
        setContent(grids);
        setFitToHeight(false);
    }

    boolean isOf(String other, FillIn now) {
        return task.equals(other) && fill == now;
    }

    /** The first cell that is still empty, or else the first. */
    Optional<Node> entry() {
        return fields.values().stream().filter(it -> it.getText().isBlank()).findFirst()
                .or(() -> fields.values().stream().findFirst()).map(it -> it);
    }

    void show(Findings findings) {
        Filled filled = standing(findings);
        showing = true;
        fields.forEach((id, field) -> {
            if (!field.getText().equals(filled.text(id))) {
                field.setText(filled.text(id));
            }
        });
        showing = false;
    }

    private Filled standing(Findings findings) {
        return findings.exercise().task(task).map(findings::standing).filter(Filled.class::isInstance)
                .map(it -> it.as(Filled.class)).orElse(Filled.NOTHING);
    }

    private TextField field(String id) {
        TextField field = new TextField();
        field.setId("fill-" + id.replace(':', '-'));
        field.getStyleClass().add("fill-field");
        field.setPrefWidth(WIDTH);
        field.setAlignment(Pos.CENTER_RIGHT);
        Names.as(field, fill.cells().cells().stream().filter(it -> it.id().equals(id)).findFirst().orElseThrow().name());
        TypingRun run = new TypingRun(field);
        field.focusedProperty().addListener((_, _, focused) -> {
            if (focused) {
                Platform.runLater(() -> reveal(field));
            }
        });
        field.textProperty().addListener((_, _, text) -> {
            if (!showing) {
                model.apply(new Edit.Draft(task, standing(model.findings()).with(id, text), run.now()));
            }
        });
        field.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            boolean onward = event.getCode() == KeyCode.TAB && !event.isControlDown() && !event.isShiftDown()
                    || event.getCode() == KeyCode.ENTER && !event.isShortcutDown();
            boolean back = event.getCode() == KeyCode.TAB && event.isShiftDown() && !event.isControlDown();
            List<String> order = fill.asked();
            int to = order.indexOf(id) + (onward ? 1 : back ? -1 : 0);
            if ((onward || back) && to >= 0 && to < order.size()) {
                TextField next = fields.get(order.get(to));
                FocusMark.give(next);
                event.consume();
            }
        });
        return field;
    }

    /** Scrolls so that a field is seen. */
    private void reveal(Node node) {
        Bounds at = getContent().sceneToLocal(node.localToScene(node.getLayoutBounds()));
        Bounds seen = getViewportBounds();
        Bounds all = getContent().getLayoutBounds();
        setHvalue(placed(getHvalue(), at.getMinX(), at.getMaxX(), seen.getWidth(), all.getWidth()));
        setVvalue(placed(getVvalue(), at.getMinY(), at.getMaxY(), seen.getHeight(), all.getHeight()));
    }

    private static double placed(double now, double from, double to, double room, double all) {
        if (all <= room) {
            return now;
        }
        double start = now * (all - room);
        double moved = from < start ? from : to > start + room ? to - room : start;
        return Math.clamp(moved / (all - room), 0, 1);
    }

    private Node grid(CalculationCells.Grid grid, NumberStyle style) {
        GridPane pane = new GridPane();
        pane.getStyleClass().add("fill-grid");
        int left = grid.rows().isEmpty() ? 0 : 1;
        for (int j = 0; j < grid.columns().size(); j++) {
            Node heading = Formula.onOneLine(grid.columns().get(j));
            GridPane.setHalignment(heading, HPos.RIGHT);
            pane.add(heading, j + left, 0);
        }
        int top = grid.columns().isEmpty() ? 0 : 1;
        for (int i = 0; i < grid.ids().size(); i++) {
            if (left > 0) {
                Node heading = Formula.onOneLine(grid.rows().get(i));
                GridPane.setHalignment(heading, HPos.RIGHT);
                pane.add(heading, 0, i + top);
            }
            for (int j = 0; j < grid.ids().get(i).size(); j++) {
                String id = grid.ids().get(i).get(j);
                if (!id.isEmpty()) {
                    Node cell = fields.containsKey(id) ? fields.get(id) : given(id, style);
                    GridPane.setHalignment(cell, HPos.RIGHT);
                    pane.add(cell, j + left, i + top);
                }
            }
        }
        VBox box = new VBox(pane);
        if (!grid.title().isEmpty()) {
            box.getChildren().addFirst(Formula.onOneLine(grid.title()));
        }
        box.getStyleClass().add("matrix-box");
        return box;
    }

    private Label given(String id, NumberStyle style) {
        double value = fill.cells().value(id);
        boolean isData = CalculationCells.isGiven(id.contains(":") ? id.substring(0, id.indexOf(':')) : id);
        Label label = new Label(isData ? style.shortest(value) : style.show(value, fill.rounding()));
        label.getStyleClass().add("comparison-figure");
        return label;
    }
}
