package hestra.desktop.write;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Variable;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desktop.app.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.desktop.table.DataGrid;
import hestra.desktop.table.GridSource;
import hestra.documents.DataFile;
import hestra.documents.DelimitedText;
import hestra.documents.DelimitedText.Block;
import hestra.exercise.Exercise;
import hestra.numbers.DecimalMark;
import hestra.summary.EntryChecks;

/** The true data of an exercise: names, units and roles of the variables, and the table, typed or pasted. */
final class DataPane {

    private final DeskModel model;
    private final VBox pane = new VBox();
    private final GridPane variables = new GridPane();
    private final Label summary = new Label();
    private final CheckList checks;
    private DataTable checked;
    private Roles checkedRoles;
    private final List<Runnable> shows = new ArrayList<>();
    private final DataGrid grid;
    private int width = -1;

    DataPane(DeskModel model, Consumer<String> notice) {
        this.model = model;
        grid = new DataGrid(new TrueData(), "", _ -> "", notice);
        VBox.setVgrow(grid, Priority.ALWAYS);
        pane.getStyleClass().add("data-pane");
        variables.getStyleClass().add("form");
        summary.getStyleClass().add("small");
        summary.setWrapText(true);
        summary.setMinHeight(Region.USE_PREF_SIZE);
        checks = new CheckList(suspicion -> grid.focus(suspicion.row(), suspicion.column()));
        pane.getChildren().setAll(variables, grid, checks, summary);
        model.watch(this::show);
    }

    Node node() {
        return pane;
    }

    /** Takes the tables of a file, from the cell in hand on. */
    void take(List<DataFile.Part> parts) {
        grid.take(parts);
    }

    private void show(Findings findings) {
        Exercise exercise = findings.exercise();
        if (exercise.data().width() != width) {
            build(exercise);
        }
        shows.forEach(Runnable::run);
        grid.refresh();
        for (int column = 0; column < width; column++) {
            grid.note(column, exercise.data().variable(column).unit());
        }
        if (checked != exercise.data() || !exercise.roles().equals(checkedRoles)) {
            checked = exercise.data();
            checkedRoles = exercise.roles();
            checks.show(EntryChecks.of(checked, checkedRoles, exercise.mark()));
        }
        Roles roles = exercise.roles();
        long unreadable = exercise.data().rows().stream().flatMap(row -> Stream.of(row.cell(roles.explanatory()), row.cell(roles.response())))
                .filter(Cell.Unreadable.class::isInstance).count();
        summary.setText(exercise.data().size() == 0
                ? "Click a cell and paste the columns from a spreadsheet, or type them; or drop a file here: .csv, .xlsx or .ods, or choose one with Open data… (Ctrl+Shift+O)."
                : exercise.pairs().n() + " pairs" + (unreadable == 0 ? "" : " · " + unreadable + " cells are not numbers; they are left out")
                    + ". This is the printed table; students get it as their tasks say.");
    }

    private void build(Exercise exercise) {
        width = exercise.data().width();
        shows.clear();
        variables.getChildren().clear();
        variables.addRow(0, head(""), head("name"), head("what it is"), head("unit"), head("role"));
        for (int i = 0; i < width; i++) {
            int column = i;
            TextField name = field("variable-name-" + i, () -> variable(column).name(), text ->
                    new Variable(text, variable(column).label(), variable(column).unit()), column);
            TextField label = field("variable-label-" + i, () -> variable(column).label(), text ->
                    new Variable(variable(column).name(), text, variable(column).unit()), column);
            TextField unit = field("variable-unit-" + i, () -> variable(column).unit(), text ->
                    new Variable(variable(column).name(), variable(column).label(), text), column);
            name.setPrefColumnCount(6);
            name.setMinWidth(88);
            unit.setPrefColumnCount(5);
            unit.setMinWidth(74);
            GridPane.setHgrow(label, Priority.ALWAYS);
            Choices<Boolean> role = new Choices<>("variable-role-" + i, List.of(true, false), explains -> explains ? "explains" : "responds",
                    explains -> model.apply(new Edit.WriteRoles(roles(column, explains))));
            shows.add(() -> {
                Roles roles = model.desk().exercise().roles();
                role.show(roles.explanatory() == column ? Optional.of(true)
                        : roles.response() == column ? Optional.of(false) : Optional.empty());
            });
            variables.addRow(i + 1, head(Integer.toString(i + 1)), name, label, unit, role);
            variables.getChildren().forEach(node -> GridPane.setValignment(node, VPos.CENTER));
        }
    }

    private Roles roles(int column, boolean explains) {
        Roles now = model.desk().exercise().roles();
        if (explains) {
            return column == now.response() ? now.swapped() : new Roles(column, now.response());
        }
        return column == now.explanatory() ? now.swapped() : new Roles(now.explanatory(), column);
    }

    private Variable variable(int column) {
        return model.desk().exercise().data().variable(column);
    }

    private TextField field(String id, Supplier<String> now, Function<String, Variable> changed, int column) {
        TextField field = new TextField();
        field.setId(id);
        field.textProperty().addListener((_, _, text) -> {
            if (!text.strip().equals(now.get())) {
                model.apply(new Edit.WriteVariable(column, changed.apply(text)));
            }
        });
        shows.add(() -> {
            if (!field.getText().strip().equals(now.get())) {
                field.setText(now.get());
            }
        });
        return field;
    }

    private static Label head(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("field-label");
        return label;
    }

    /** The exercise's own data as the grid sees it. */
    private final class TrueData implements GridSource {
        @Override
        public DataTable table() {
            return model.desk().exercise().data();
        }

        @Override
        public void type(int row, int column, String text) {
            change(table -> table.withCell(row, column, cell(text)));
        }

        /** Over an empty table a pasted block brings its own columns and headings; else it goes where it is pasted. */
        @Override
        public void paste(int row, int column, Block block) {
            if (takesColumns() && block.width() >= 2) {
                DataTable brought = DelimitedText.table(block, table().variables(), mark());
                model.apply(new Edit.WriteColumns(brought, Roles.likelyIn(brought)));
            } else {
                change(table -> {
                    DataTable pasted = table.withBlock(row, column, block.rows().stream()
                            .map(line -> line.stream().map(this::cell).toList()).toList());
                    return row == 0 && column == 0 && block.headings().isPresent() ? named(pasted, block.headings().get()) : pasted;
                });
            }
        }

        @Override
        public void takeBack() {
            model.apply(new Edit.Undo());
        }

        @Override
        public DecimalMark mark() {
            return model.desk().exercise().mark();
        }

        @Override
        public boolean isMeasured(int column) {
            Roles roles = model.desk().exercise().roles();
            return column == roles.explanatory() || column == roles.response();
        }

        @Override
        public boolean takesColumns() {
            return table().size() == 0;
        }

        private DataTable named(DataTable table, List<String> headings) {
            DataTable named = table;
            for (int i = 0; i < Math.min(headings.size(), table.width()); i++) {
                named = headings.get(i).isBlank() ? named : named.withVariable(i, Variable.fromHeading(headings.get(i)));
            }
            return named;
        }

        @Override
        public void clear(int firstRow, int firstColumn, int lastRow, int lastColumn) {
            change(table -> table.withBlock(firstRow, firstColumn, Collections.nCopies(
                    Math.max(0, Math.min(lastRow, table.size() - 1) - firstRow + 1),
                    Collections.nCopies(lastColumn - firstColumn + 1, Cell.EMPTY))));
        }

        @Override
        public void insertRow(int row) {
            change(table -> table.withInsertedRow(row));
        }

        @Override
        public void deleteRows(List<Integer> rows) {
            change(table -> table.withoutRows(rows));
        }

        private void change(UnaryOperator<DataTable> change) {
            model.apply(new Edit.WriteData(change.apply(table())));
        }

        private Cell cell(String text) {
            return Cell.of(text, model.desk().exercise().mark());
        }
    }
}
