package hestra.desktop.working;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableRow;
import javafx.scene.control.TableView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextFlow;

import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Formula;
import hestra.desktop.parts.Tip;
import hestra.numbers.NumberStyle;
import hestra.working.SumsWorking;
import hestra.working.SumsWorking.Column;

/**
 * The calculation of the line by sums: a table that unfolds column by column, its sums on top, and beside it the steps that
 * the columns so far allow. The row under the pointer shows its rectangle in the plot.
 */
final class SumsTable extends HBox {

    private static final PseudoClass POINTED_AT = PseudoClass.getPseudoClass("pointed-at");
    private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");
    private static final double WIDTH = 88;
    /** How wide a figure is, and what stands beside the text of a cell. */
    private static final double FIGURE = 8;
    private static final double PADDING = 20;

    private final DeskModel model;
    private final TableView<Line> table = new TableView<>();
    private final VBox steps = new VBox();
    private final Button next = new Button();
    private final Button fold = new Button("Fold");
    private final List<TableRow<Line>> rows = new ArrayList<>();
    private SumsWorking shown;
    private NumberStyle style = NumberStyle.STANDARD;
    private NumberStyle styled;
    private int columns;

    /** A row of the table: that of a pair, or the sums. */
    private record Line(OptionalInt row, List<String> texts) {}

    SumsTable(DeskModel model) {
        this.model = model;
        getStyleClass().add("sums");
        table.setId("sums-table");
        table.getStyleClass().add("sums-table");
        table.setRowFactory(_ -> row());
        table.setPlaceholder(new Label());
        table.setFocusTraversable(false);
        HBox.setHgrow(table, Priority.ALWAYS);
        next.setId("unfold");
        next.getStyleClass().setAll("quiet");
        next.setOnAction(_ -> model.apply(new PlotEdit.Unfold(model.findings().work().plot().unfolded() + 1)));
        fold.setId("fold");
        fold.getStyleClass().setAll("quiet");
        fold.setOnAction(_ -> model.apply(new PlotEdit.Unfold(2)));
        Tip.set(fold, "back to x and y alone");
        steps.getStyleClass().add("steps");
        ScrollPane scroll = new ScrollPane(steps);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        HBox buttons = new HBox(next, fold);
        buttons.getStyleClass().add("row-buttons");
        VBox side = new VBox(buttons, scroll);
        side.getStyleClass().add("steps-side");
        side.setMinWidth(208);
        side.setMaxWidth(208);
        getChildren().addAll(table, side);
    }

    void show(Findings findings, SumsWorking working) {
        int unfolded = findings.work().plot().unfolded();
        style = findings.numbers().style();
        boolean grows = unfolded > columns;
        if (!working.equals(shown) || grows || !style.equals(styled)) {
            shown = working;
            List<Line> lines = new ArrayList<>();
            lines.add(new Line(OptionalInt.empty(),
                    SumsWorking.UNFOLDING.stream().map(column -> working.shownSum(column, style)).toList()));
            working.rows().forEach(row -> lines.add(new Line(OptionalInt.of(row.row()),
                    SumsWorking.UNFOLDING.stream().map(column -> row.shown(column, style)).toList())));
            table.getItems().setAll(lines);
        }
        if (columns != unfolded || !style.equals(styled)) {
            columns = unfolded;
            styled = style;
            fillColumns(findings);
        }
        boolean more = unfolded < SumsWorking.UNFOLDING.size();
        next.setDisable(!more);
        String said = more ? "Next: " + SumsWorking.UNFOLDING.get(unfolded).heading() : "All unfolded";
        if (!said.equals(next.getAccessibleText())) {
            next.setAccessibleText(said);
            next.setGraphic(Formula.onOneLine(said));
        }
        fold.setDisable(unfolded <= 2);
        steps.getChildren().setAll(working.steps().stream().filter(step -> SumsWorking.UNFOLDING.indexOf(step.after()) < unfolded)
                .map(this::step).toList());
        rows.forEach(row -> mark(row, findings));
    }

    private void fillColumns(Findings findings) {
        List<TableColumn<Line, String>> made = new ArrayList<>();
        made.add(column("", 40, line -> line.row.isEmpty() ? "Σ" : Integer.toString(line.row.getAsInt() + 1)));
        for (int i = 0; i < columns; i++) {
            int index = i;
            Column column = SumsWorking.UNFOLDING.get(i);
            String heading = column == Column.X ? findings.x().name()
                    : column == Column.Y ? findings.y().name()
                    : column.heading();
            int longest = table.getItems().stream().mapToInt(line -> line.texts.get(index).length()).max().orElse(0);
            made.add(column(heading, Math.max(column == Column.PRODUCT ? WIDTH + 24 : WIDTH, longest * FIGURE + PADDING),
                    line -> line.texts.get(index)));
        }
        table.getColumns().setAll(made);
        table.scrollToColumnIndex(columns);
    }

    private interface Text {
        String of(Line line);
    }

    private static TableColumn<Line, String> column(String heading, double width, Text text) {
        TableColumn<Line, String> column = new TableColumn<>();
        column.setGraphic(Formula.onOneLine(heading));
        column.setPrefWidth(width);
        column.setSortable(false);
        column.setReorderable(false);
        column.setCellValueFactory(cell -> new ReadOnlyStringWrapper(text.of(cell.getValue())));
        return column;
    }

    private TableRow<Line> row() {
        TableRow<Line> row = new TableRow<>() {
            @Override
            protected void updateItem(Line line, boolean empty) {
                super.updateItem(line, empty);
                pseudoClassStateChanged(PseudoClass.getPseudoClass("sum"), !empty && line.row.isEmpty());
                mark(this, model.findings());
            }
        };
        rows.add(row);
        row.setOnMouseEntered(_ -> model.apply(new Edit.Hover(row.getItem() == null ? OptionalInt.empty() : row.getItem().row)));
        row.setOnMouseExited(_ -> model.apply(new Edit.Hover(OptionalInt.empty())));
        row.setOnMousePressed(_ -> model.apply(new Edit.Select(row.getItem() == null ? OptionalInt.empty() : row.getItem().row)));
        return row;
    }

    private static void mark(TableRow<Line> row, Findings findings) {
        OptionalInt at = row.getItem() == null ? OptionalInt.empty() : row.getItem().row;
        row.pseudoClassStateChanged(POINTED_AT, at.isPresent() && at.equals(findings.desk().hovered()));
        row.pseudoClassStateChanged(CURRENT, at.isPresent() && findings.desk().selection().has(at.getAsInt()));
    }

    private TextFlow step(SumsWorking.Step step) {
        TextFlow formula = Formula.wrapping(step.shown(style));
        formula.getStyleClass().add("step");
        Tip.set(formula, step.name());
        return formula;
    }
}
