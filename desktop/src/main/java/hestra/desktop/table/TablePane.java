package hestra.desktop.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desk.TaskState;
import hestra.desk.WorkEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Stops;
import hestra.documents.table.DataFile;
import hestra.documents.table.DelimitedText;
import hestra.documents.table.DelimitedText.Block;
import hestra.numbers.Counted;
import hestra.numbers.DecimalMark;

import static hestra.desktop.parts.Presence.holdVisible;

/** The student's table, what is to be said about it, and what can be done with the selected row. */
public final class TablePane extends VBox {

    private static final Duration CALM = Duration.millis(400);

    private static final Variable UNNAMED_X = Variable.named("x");

    private static final int COLUMNS_IN_SIGHT = 6;

    private final DeskModel model;
    private final GridSource data;
    private final DataGrid grid;
    private final JoinStrip joining;
    private final Label summary = new Label();
    private String told = "";
    private boolean inTable;
    private final RowBar rowBar;
    private final CheckList checks;
    private final PauseTransition checking = new PauseTransition(CALM);
    private DataTable checked;
    private List<TaskState> judged;
    private double least;
    private Runnable leastChanged = () -> { };
    private String shown = "";

    public TablePane(DeskModel model, GridHabits habits, Consumer<String> notice) {
        this.model = model;
        this.data = new StudentTable();
        this.grid = new DataGrid(data, habits, "residual", this::residual, notice);
        this.joining = new JoinStrip(data, () -> model.apply(new Edit.Undo()), notice);
        this.rowBar = new RowBar(model);
        getStyleClass().add("table-pane");
        setId("table-pane");
        summary.getStyleClass().add("table-summary");
        summary.setId("table-summary");
        summary.setWrapText(true);
        summary.setMinHeight(Region.USE_PREF_SIZE);
        setVgrow(grid, Priority.ALWAYS);
        sceneProperty().flatMap(Scene::focusOwnerProperty).subscribe(owner -> {
            inTable = Stops.isWithin(owner, grid.keyed());
            tellSummary();
        });
        checks = new CheckList(suspicion -> grid.focus(suspicion.row(), suspicion.column()));
        // Not while a point is being dragged: it looks at every value beside its neighbours.
        checking.setOnFinished(_ -> {
            checks.show(model.findings().suspicions());
            grid.keepInSight();
        });
        getChildren().addAll(grid, joining, summary, checks, rowBar);
        holdVisible(this);
        grid.onRows(rows -> model.apply(new Edit.Select(rows)));
        grid.onHover(row -> model.apply(new Edit.Hover(row)));
        model.watch(this::show);
    }

    /** How much more room than usual long numbers need in its width. */
    public ReadOnlyDoubleProperty extraWidthProperty() {
        return grid.extraWidthProperty();
    }

    /** Has it told when it needs more room than before, or less. */
    public void onLeast(Runnable action) {
        leastChanged = action;
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        double now = minHeight(getWidth());
        if (now != least) {
            least = now;
            leastChanged.run();
        }
    }

    /** Puts the keyboard where the next value is to be typed: the first empty cell below the data. */
    public void focusNextEmpty() {
        grid.focus(model.findings().work().table().size(), 0);
    }

    /** What takes the keyboard. */
    public Node grid() {
        return grid.keyed();
    }

    /** Takes the tables of a file, from the cell in hand on. */
    public void take(DataFile.Taken taken) {
        grid.take(taken);
    }

    /** Joins the first table of a file to the data. */
    public void join(DataFile.Taken taken) {
        joining.join(DelimitedText.table(taken.first().block(), List.of(), data.mark()));
    }

    /** The columns, to be looked at and put to their uses. */
    public VariableForm columns() {
        return new VariableForm(data, COLUMNS_IN_SIGHT);
    }

    private void show(Findings findings) {
        joining.dataChanged();
        if (!findings.exercise().id().equals(shown)) {
            shown = findings.exercise().id();
            grid.goToTop();
        }
        grid.showLast(findings.curves().residualsAreOpen());
        grid.refresh(findings.desk().selection(), findings.desk().hovered());
        for (int column = 0; column < findings.work().table().width(); column++) {
            grid.note(column, note(findings, column));
        }
        if (checked != findings.work().table() || judged != findings.tasks()) {
            checked = findings.work().table();
            judged = findings.tasks();
            checking.playFromStart();
        }
        told = summary(findings);
        tellSummary();
        boolean problem = findings.pairs().leftOut().stream().anyMatch(row -> row.reason() == Pairs.Reason.NOT_A_NUMBER);
        summary.pseudoClassStateChanged(PseudoClass.getPseudoClass("problem"), problem);
    }

    private static String note(Findings findings, int column) {
        Variable variable = findings.work().table().variable(column);
        String role = findings.work().roles().map(roles -> roles.useOf(column)).filter(use -> use != Roles.Use.NOTHING)
                .map(Roles.Use::inWords).orElse("");
        String unit = variable.dates().isPresent() ? "" : variable.unit().equals(variable.name()) ? "" : variable.unit();
        return role.isEmpty() || unit.isEmpty() ? role + unit : role + " · " + unit;
    }

    private String residual(int row) {
        if (row >= model.findings().work().table().size()) {
            return "";
        }
        return model.findings().curves().residual(row)
                .map(model.findings().numbers().precision()::residual).orElse("");
    }

    /** While the keyboard is in the table, the way out of it stands there too. */
    private void tellSummary() {
        summary.setText(inTable ? told.replaceFirst("\n|$", " · Ctrl+Tab leads on$0") : told);
    }

    /** "23 pairs · row 24 incomplete · row 14 set aside", and what is wrong with a cell that is no number. */
    private static String summary(Findings findings) {
        Pairs pairs = findings.pairs();
        List<String> parts = new ArrayList<>();
        parts.add(Counted.of(pairs.n(), "pair"));
        List<String> problems = new ArrayList<>();
        for (Pairs.Reason reason : Pairs.Reason.values()) {
            List<Pairs.LeftOut> rows = pairs.leftOut().stream().filter(row -> row.reason() == reason).toList();
            if (rows.isEmpty()) {
                continue;
            }
            String numbers = String.join(", ", rows.stream().limit(6).map(row -> Integer.toString(row.row() + 1)).toList())
                    + (rows.size() > 6 ? ", …" : "");
            parts.add((rows.size() == 1 ? "row " : "rows ") + numbers + " " + reason.inWords());
            if (reason == Pairs.Reason.NOT_A_NUMBER) {
                rows.stream().limit(2).forEach(row -> problems.add("Row " + (row.row() + 1) + ": " + row.detail()
                        + " Left out until it is."));
            }
        }
        if (findings.exercise().isStudy() && pairs.n() > 0
                && findings.work().table().variable(findings.work().drawnRoles().explanatory()).equals(UNNAMED_X)) {
            parts.add("double-click a heading to name it");
        }
        return String.join(" · ", parts) + (problems.isEmpty() ? "" : "\n" + String.join("\n", problems));
    }

    /** The student's table as the grid sees it. */
    private final class StudentTable implements GridSource {
        @Override
        public DataTable table() {
            return model.findings().work().table();
        }

        @Override
        public Roles roles() {
            return model.findings().work().drawnRoles();
        }

        @Override
        public void change(TableEdit change) {
            model.apply(new WorkEdit.ChangeTable(change));
        }

        @Override
        public void paste(long number, DataTable before, int row, int column, Block block, boolean ownColumns) {
            Optional<BroughtColumns> brought = ownsColumns()
                    ? BroughtColumns.of(before, roles(), row, column, block, ownColumns, mark()) : Optional.empty();
            model.apply(new Edit.Pasted(number, brought.<WorkEdit>map(it -> new WorkEdit.BringColumns(it.data(), it.roles()))
                    .orElseGet(() -> new WorkEdit.ChangeTable(new TableEdit.Paste(row, column, block.rows())))));
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
        public boolean takesColumns() {
            return ownsColumns() && table().size() == 0;
        }

        @Override
        public boolean ownsColumns() {
            return model.findings().part().isOwn();
        }

        @Override
        public void use(int column, Roles.Use use) {
            model.apply(new WorkEdit.ChooseRoles(roles().with(column, use)));
        }

        @Override
        public void bring(DataTable data, Roles roles) {
            model.apply(new WorkEdit.BringColumns(data, roles));
        }

        @Override
        public boolean fitsCurves() {
            return true;
        }

        @Override
        public void fitOnly(Set<Integer> rows) {
            model.apply(new PlotEdit.FitOnly(rows));
        }

        @Override
        public Optional<String> original(int row, int column) {
            return model.findings().original(row, column);
        }
    }
}
