package hestra.desktop.write;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.PartEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.table.BroughtColumns;
import hestra.desktop.table.CheckList;
import hestra.desktop.table.DataGrid;
import hestra.desktop.table.GridHabits;
import hestra.desktop.table.GridSource;
import hestra.desktop.table.JoinStrip;
import hestra.desktop.table.VariableForm;
import hestra.documents.table.DataFile;
import hestra.documents.table.DelimitedText;
import hestra.documents.table.DelimitedText.Block;
import hestra.exercise.Part;
import hestra.numbers.Counted;
import hestra.numbers.DecimalMark;
import hestra.summary.EntryChecks;

/** The true data of an exercise: names, units and roles of the variables, and the table, typed or pasted. */
final class DataPane {

    private static final int COLUMNS_IN_SIGHT = 3;

    private final DeskModel model;
    private final VBox pane = new VBox();
    private final VariableForm variables;
    private final Label summary = new Label();
    private final CheckList checks;
    private final JoinStrip joining;
    private DataTable checked;
    private Roles checkedRoles;
    private final DataGrid grid;

    DataPane(DeskModel model, GridHabits habits, Consumer<String> notice) {
        this.model = model;
        GridSource data = new TrueData();
        variables = new VariableForm(data, COLUMNS_IN_SIGHT);
        grid = new DataGrid(data, habits, "", _ -> "", notice);
        VBox.setVgrow(grid, Priority.ALWAYS);
        pane.getStyleClass().add("data-pane");
        summary.getStyleClass().add("small");
        summary.setWrapText(true);
        summary.setMinHeight(Region.USE_PREF_SIZE);
        checks = new CheckList(suspicion -> grid.focus(suspicion.row(), suspicion.column()));
        joining = new JoinStrip(data, () -> model.apply(new Edit.Undo()), notice);
        pane.getChildren().setAll(variables, grid, joining, checks, summary);
        model.watch(this::show);
    }

    Node node() {
        return pane;
    }

    /** Takes the tables of a file, from the cell in hand on. */
    void take(DataFile.Taken taken) {
        grid.take(taken);
    }

    /** Joins the first table of a file to the data. */
    void join(DataFile.Taken taken) {
        joining.join(DelimitedText.table(taken.first().block(), List.of(), model.desk().exercise().mark()));
    }

    private void show(Findings findings) {
        Part part = findings.written();
        variables.show();
        joining.dataChanged();
        grid.refresh();
        for (int column = 0; column < part.data().width(); column++) {
            grid.note(column, part.data().variable(column).unit());
        }
        if (checked != part.data() || !part.roles().equals(checkedRoles)) {
            checked = part.data();
            checkedRoles = part.roles();
            checks.show(EntryChecks.of(checked, checkedRoles, findings.exercise().mark()));
        }
        Roles roles = part.roles();
        long unreadable = part.data().rows().stream()
                .flatMap(row -> Stream.of(row.cell(roles.explanatory()), row.cell(roles.response())))
                .filter(Cell.Unreadable.class::isInstance).count();
        summary.setText(part.data().size() == 0
                ? "Click a cell and paste the columns from a spreadsheet, or type them; or drop a file here: .csv, .xlsx or "
                + ".ods, or choose one with Open data… (Ctrl+Shift+O)."
                : Counted.of(part.pairs().n(), "pair")
                + (unreadable == 0
                        ? ""
                        : " · " + Counted.of(unreadable, "cell is not a number; it is left out",
                        "cells are not numbers; they are left out"))
                    + ". This is the printed table; students get it as their tasks say.");
    }

    /** The exercise's own data as the grid sees it. */
    private final class TrueData implements GridSource {
        @Override
        public DataTable table() {
            return model.findings().written().data();
        }

        @Override
        public Roles roles() {
            return model.findings().written().roles();
        }

        @Override
        public void change(TableEdit change) {
            model.apply(new PartEdit.WriteTable(change));
        }

        /** Over an empty table a pasted block brings its own columns and headings; else it goes where it is pasted. */
        @Override
        public void paste(long number, DataTable before, int row, int column, Block block, boolean ownColumns) {
            model.apply(new Edit.Pasted(number, pasting(before, row, column, block, ownColumns)));
        }

        private Edit.Lasting pasting(DataTable before, int row, int column, Block block, boolean ownColumns) {
            return BroughtColumns.of(before, roles(), row, column, block, ownColumns,
                    mark()).<Edit.Lasting>map(it -> new PartEdit.WriteColumns(it.data(), it.roles()))
                    .orElseGet(() -> new PartEdit.WriteTable(new TableEdit.Paste(row, column, block.rows())));
        }

        @Override
        public long newPaste() {
            return model.newGesture();
        }

        @Override
        public boolean holds(long paste) {
            return model.holds(paste);
        }

        @Override
        public DecimalMark mark() {
            return model.desk().exercise().mark();
        }

        @Override
        public void use(int column, Roles.Use use) {
            model.apply(new PartEdit.WriteRoles(roles().with(column, use)));
        }

        @Override
        public void bring(DataTable data, Roles roles) {
            model.apply(new PartEdit.WriteColumns(data, roles));
        }

        @Override
        public boolean takesColumns() {
            return table().size() == 0;
        }

        @Override
        public boolean ownsColumns() {
            return true;
        }

        @Override
        public Optional<String> original(int row, int column) {
            return Optional.empty();
        }
    }
}
