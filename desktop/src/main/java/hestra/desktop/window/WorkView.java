package hestra.desktop.window;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.SplitPane;
import javafx.scene.layout.StackPane;

import hestra.data.DataTable;
import hestra.desk.Findings;
import hestra.desktop.files.Settings;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.overview.OverviewPane;
import hestra.desktop.parts.Columns;
import hestra.desktop.parts.FocusMark;
import hestra.desktop.parts.KeptDivider;
import hestra.desktop.parts.Lazy;
import hestra.desktop.parts.Sheet;
import hestra.desktop.sheet.SheetView;
import hestra.desktop.study.StudySheet;
import hestra.desktop.table.GridHabits;
import hestra.desktop.table.VariableForm;
import hestra.documents.picture.PlotSheet;
import hestra.documents.table.DataFile;
import hestra.exercise.Part;
import hestra.task.AnswerPlace;
import hestra.task.Keepable;
import hestra.working.CalculationLine;

/** The desk as a student sees it: sheet, plot with the residual strip, table and readings. */
final class WorkView {

    /** The usual width of the window, and those of the columns at its sides. */
    private static final double WIDTH = 1280;
    static final double SHEET = 346;
    static final double RIGHT = 322;
    private static final double OVERVIEW = 436;
    private static final double LEAST_SHEET = 280;
    private static final double LEAST_RIGHT = 296;
    /** As far as the sheet grows with the type where the window is narrow. */
    private static final double MOST_OF_TYPE = 1.3;

    private final Sheet sheet;
    /** The sheet of an exercise; nothing in a study. */
    private final Optional<SheetView> asked;
    /** A person's own sheet; nothing in an exercise. */
    private final Optional<StudySheet> own;
    private final StackPane left = new StackPane();
    private final Lazy<OverviewPane> overview;
    private final SplitPane pane;
    private final Columns columns;
    private final Function<Part, PartView> make;
    private final Map<String, PartView> parts = new HashMap<>();
    private final Look look;
    private final KeptDivider leftRoom;
    private final KeptDivider rightRoom;
    private PartView here;

    WorkView(DeskModel model, Look look, Settings settings, GridHabits habits, Consumer<String> notice, Runnable onHandIn,
            Consumer<PlotSheet> savePlot,
            Consumer<DataTable> saveTable) {
        this.look = look;
        this.make = part -> new PartView(model.of(part), look, settings, habits, notice, savePlot, saveTable,
                keeps(model, part)
                        ? Optional.of(this::keep)
                        : Optional.empty(), keeps(model, part) ? Optional.of(this::keepLine) : Optional.empty());
        this.here = view(model.findings().part());
        boolean study = model.desk().exercise().isStudy();
        Runnable toTable = () -> here.table().focusNextEmpty();
        this.asked = study ? Optional.empty() : Optional.of(new SheetView(model, look, this::goTo, notice, onHandIn));
        this.own = study ? Optional.of(new StudySheet(model, look, toTable, notice)) : Optional.empty();
        this.sheet = asked.<Sheet>map(it -> it).orElseGet(own::get);
        this.overview = new Lazy<>(() -> new OverviewPane(model, look, this::toggleOverview, this::keep));
        left.getStyleClass().add("left");
        left.getChildren().add(sheet.region());
        pane = new SplitPane(left, here.plots(), here.right());
        pane.getStyleClass().add("work");
        SplitPane.setResizableWithParent(left, false);
        left.setMinWidth(LEAST_SHEET);
        left.setPrefWidth(SHEET);
        pane.setDividerPositions(SHEET / WIDTH, 1 - RIGHT / WIDTH);
        columns = new Columns("columns", pane, List.of(study ? "Your sheet" : "Tasks", "Plot", "Data and readings"),
                look.typeProperty());
        leftRoom = new KeptDivider(pane, 0, true, settings, () -> showsOverview() ? "overview" : "sheet",
                () -> Math.max(LEAST_SHEET * Math.clamp(look.type(), 1, MOST_OF_TYPE),
                        (showsOverview() ? OVERVIEW : SHEET) * share()));
        rightRoom = new KeptDivider(pane, 1, false, settings, () -> "right",
                () -> Math.max(LEAST_RIGHT, RIGHT * share()) + here.table().extraWidthProperty().get());
        columns.place(leftRoom, rightRoom);
        model.watch(this::show);
    }

    /** Puts the keyboard where a task is answered. */
    private void goTo(AnswerPlace place) {
        switch (place) {
            case TABLE -> here.table().focusNextEmpty();
            case PLOT -> here.plotPlace().entry().get().ifPresent(FocusMark::give);
            case CALCULATION -> here.belowPlace().entry().get().ifPresent(FocusMark::give);
            case SHEET -> sheet.whereToType().ifPresent(FocusMark::give);
        }
    }

    private PartView view(Part part) {
        return parts.computeIfAbsent(part.id(), _ -> {
            PartView made = make.apply(part);
            SplitPane.setResizableWithParent(made.right(), false);
            made.right().setMinWidth(LEAST_RIGHT + made.table().extraWidthProperty().get());
            made.right().setPrefWidth(RIGHT);
            made.table().extraWidthProperty().addListener((_, _, extra) -> {
                made.right().setMinWidth(LEAST_RIGHT + extra.doubleValue());
                rightRoom.place();
            });
            return made;
        });
    }

    private void show(Findings findings) {
        parts.keySet().removeIf(id -> findings.exercise().part(id).isEmpty());
        PartView now = view(findings.part());
        if (now != here) {
            here = now;
            columns.set(1, now.plots());
            columns.set(2, now.right());
            columns.makeRoom();
            now.makeRoom();
        }
    }

    /**
     * Larger type needs more room at the sides, where the window has it to give; in a narrow window they give some to the plot.
     */
    private double share() {
        return Math.min(Math.max(look.type(), 1), columns.getWidth() / WIDTH);
    }

    private void keepLine(CalculationLine line) {
        own.ifPresent(it -> it.keep(line));
        asked.ifPresent(it -> it.keep(line));
    }

    private boolean showsOverview() {
        return left.getChildren().size() > 1;
    }

    /** Shows all numbers in the place of the sheet, or the sheet again. */
    void toggleOverview() {
        if (showsOverview()) {
            left.getChildren().remove(1);
            sheet.region().setVisible(true);
            overview.get().setVisible(false);
            leftRoom.place();
            whereToGo().ifPresent(FocusMark::give);
        } else {
            sheet.region().setVisible(false);
            left.getChildren().add(overview.get());
            overview.get().setVisible(true);
            leftRoom.place();
            FocusMark.give(overview.get().entry());
        }
    }

    private Optional<Node> whereToGo() {
        return asked.isPresent() ? sheet.whereToType() : Optional.of(here.table().grid());
    }

    Node node() {
        return columns;
    }

    Sheet sheet() {
        return sheet;
    }

    /** Checks the task in hand, as its button does. */
    void checkTaskInHand() {
        asked.ifPresent(SheetView::checkTaskInHand);
    }

    /** Puts the keyboard where the name is typed to hand in under. */
    void askName() {
        asked.ifPresent(SheetView::askName);
    }

    /** Whether there is a sheet of one's own to keep something on. */
    private static boolean keeps(DeskModel model, Part part) {
        return model.desk().exercise().isStudy() || part.hasSection();
    }

    /** Keeps something on a person's own sheet, or in the section that is asked for. */
    void keep(Keepable what) {
        own.ifPresent(it -> it.keep(what));
        asked.ifPresent(it -> it.keep(what));
    }

    /** The parts of the view, in the order in which a key goes round them. */
    List<KeyboardRegion> places() {
        return List.of(new KeyboardRegion(List.of(left), () -> showsOverview() ? Optional.of(overview.get()
                .entry()) : sheet.whereToType()), here.plotPlace(), here.belowPlace(), here.tablePlace(), here.readingsPlace());
    }

    /** Takes the tables of a file into the student's table. */
    void take(DataFile.Taken taken) {
        here.table().take(taken);
    }

    /** Joins the first table of a file to the data, where they are the student's own. */
    void join(DataFile.Taken taken) {
        here.table().join(taken);
    }

    /** The columns of the table, to be looked at and put to their uses. */
    VariableForm columns() {
        return here.table().columns();
    }
}
