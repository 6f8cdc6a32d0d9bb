package hestra.desktop.overview;

import java.util.ArrayList;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.data.Variable;
import hestra.desk.Findings;
import hestra.desk.WorkEdit;
import hestra.desktop.figure.FigureView;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Tip;
import hestra.figure.Thumbnail;
import hestra.summary.CorrelationMatrix;
import hestra.task.Aid;

/**
 * r of each pair of columns with its small plot, where there are more than two columns of numbers; one that is pressed puts its
 * pair on the axes.
 */
final class MatrixOfR extends VBox {

    private static final PseudoClass ON_AXES = PseudoClass.getPseudoClass("on-axes");
    /** More columns than these have no room. */
    private static final int MOST = 6;
    private static final int FEWEST = 3;
    /** With more rows it would hold up the window. */
    private static final int MOST_ROWS = 50_000;
    private static final double WIDTH = 62;
    private static final double HEIGHT = 42;

    private final DeskModel model;
    private final Look look;
    private final GridPane grid = new GridPane();
    private final List<Cell> cells = new ArrayList<>();
    private DataTable shown;
    private List<Variable> headings = List.of();

    /** r of a pair of columns, by their places among those shown. */
    private record Cell(Button button, FigureView picture, int x, int y) {}

    MatrixOfR(DeskModel model, Look look) {
        this.model = model;
        this.look = look;
        getStyleClass().add("overview-section");
        setId("matrix-of-r");
        Label title = new Label("r of each pair of columns");
        title.getStyleClass().add("task-title");
        grid.getStyleClass().add("overview-grid");
        getChildren().addAll(title, grid);
    }

    /** Shows the matrix; says whether there is one to show. */
    boolean show(Findings findings) {
        DataTable table = findings.work().table();
        if (!findings.isOpen(Aid.R) || table.width() < FEWEST || table.size() > MOST_ROWS) {
            return false;
        }
        if (table != shown) {
            shown = table;
            List<Integer> columns = CorrelationMatrix.columnsOfNumbers(table).stream().limit(MOST).toList();
            List<Variable> now = columns.stream().map(table::variable).toList();
            if (!now.equals(headings) || cells.isEmpty()) {
                headings = now;
                build(columns);
            }
            CorrelationMatrix matrix = CorrelationMatrix.of(table, columns);
            for (Cell cell : cells) {
                cell.button.setText(findings.numbers().style().withDigits(2)
                        .share(matrix.entries().get(columns.indexOf(cell.y)).get(columns.indexOf(cell.x))));
                cell.button.setAccessibleText("r of " + table.variable(cell.x).name() + " and " + table.variable(cell.y)
                        .name() + ": " + cell.button.getText());
                cell.picture.changed();
            }
        }
        Roles roles = findings.work().drawnRoles();
        cells.forEach(cell -> cell.button.pseudoClassStateChanged(ON_AXES,
                roles.explanatory() == cell.x && roles.response() == cell.y));
        return headings.size() >= FEWEST;
    }

    private void build(List<Integer> columns) {
        grid.getChildren().clear();
        cells.clear();
        Look here = look.alongside();
        for (int i = 0; i < columns.size(); i++) {
            grid.add(name(columns.get(i)), i + 1, 0);
            grid.add(name(columns.get(i)), 0, i + 1);
            for (int j = 0; j < columns.size(); j++) {
                if (i != j) {
                    Cell cell = cell(columns.get(j), columns.get(i), here);
                    cells.add(cell);
                    grid.add(cell.button, j + 1, i + 1);
                }
            }
        }
    }

    private Label name(int column) {
        Label name = new Label(shown.variable(column).name());
        name.getStyleClass().add("small");
        name.setMaxWidth(WIDTH + 14);
        return name;
    }

    private Cell cell(int x, int y, Look here) {
        FigureView picture = new FigureView(here, layout -> Thumbnail.describe(Pairs.of(shown, x, y), layout));
        picture.setMinSize(WIDTH, HEIGHT);
        picture.setPrefSize(WIDTH, HEIGHT);
        picture.setMouseTransparent(true);
        Button button = new Button();
        button.setGraphic(picture);
        button.setContentDisplay(ContentDisplay.TOP);
        button.setAlignment(Pos.CENTER);
        button.getStyleClass().setAll("matrix-cell");
        button.setId("r-" + x + "-" + y);
        Tip.set(button, "put " + shown.variable(x).name() + " along and " + shown.variable(y).name() + " upward");
        button.setOnAction(_ -> model.apply(new WorkEdit.ChooseRoles(new Roles(x, y))));
        return new Cell(button, picture, x, y);
    }
}
