package hestra.desktop.window;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.SplitPane;

import hestra.data.DataTable;
import hestra.desk.Findings;
import hestra.desktop.files.Settings;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.KeptDivider;
import hestra.desktop.sheet.SheetView;
import hestra.desktop.table.GridHabits;
import hestra.documents.picture.PlotSheet;
import hestra.documents.table.DataFile;
import hestra.exercise.Part;

/** The desk as a student sees it: sheet, plot with the residual strip, table and readings. */
final class WorkView {

    /** The usual width of the window, and those of the columns at its sides. */
    private static final double WIDTH = 1280;
    static final double SHEET = 346;
    static final double RIGHT = 322;
    private static final double LEAST_SHEET = 280;
    private static final double LEAST_RIGHT = 296;
    /** As far as the sheet grows with the type where the window is narrow. */
    private static final double MOST_OF_TYPE = 1.3;

    private final SheetView sheet;
    private final SplitPane pane;
    private final Function<Part, PartView> make;
    private final Map<String, PartView> parts = new HashMap<>();
    private final Look look;
    private final KeptDivider left;
    private final KeptDivider right;
    private PartView here;

    WorkView(DeskModel model, Look look, Settings settings, GridHabits habits, Consumer<String> notice, Runnable onHandIn, Consumer<PlotSheet> savePlot,
            Consumer<DataTable> saveTable) {
        this.look = look;
        this.make = part -> new PartView(model.of(part), look, settings, habits, notice, savePlot, saveTable);
        this.here = view(model.findings().part());
        this.sheet = new SheetView(model, look, () -> here.table().focusNextEmpty(), onHandIn);
        pane = new SplitPane(sheet, here.plots(), here.right());
        pane.getStyleClass().add("work");
        SplitPane.setResizableWithParent(sheet, false);
        sheet.setMinWidth(LEAST_SHEET);
        sheet.setPrefWidth(SHEET);
        pane.setDividerPositions(SHEET / WIDTH, 1 - RIGHT / WIDTH);
        left = new KeptDivider(pane, 0, true, settings, () -> "sheet", () -> Math.max(LEAST_SHEET * Math.clamp(look.type(), 1, MOST_OF_TYPE), SHEET * share()));
        right = new KeptDivider(pane, 1, false, settings, () -> "right", () -> Math.max(LEAST_RIGHT, RIGHT * share()));
        look.typeProperty().addListener(_ -> makeRoom());
        model.watch(this::show);
    }

    private PartView view(Part part) {
        return parts.computeIfAbsent(part.id(), _ -> {
            PartView made = make.apply(part);
            SplitPane.setResizableWithParent(made.right(), false);
            made.right().setMinWidth(LEAST_RIGHT);
            made.right().setPrefWidth(RIGHT);
            return made;
        });
    }

    private void show(Findings findings) {
        parts.keySet().removeIf(id -> findings.exercise().part(id).isEmpty());
        PartView now = view(findings.part());
        if (now != here) {
            here = now;
            pane.getItems().setAll(sheet, now.plots(), now.right());
            makeRoom();
            now.makeRoom();
        }
    }

    /** Larger type needs more room at the sides, where the window has it to give; in a narrow window they give some to the plot. */
    private double share() {
        return Math.min(Math.max(look.type(), 1), pane.getWidth() / WIDTH);
    }

    private void makeRoom() {
        left.place();
        right.place();
    }

    Node node() {
        return pane;
    }

    SheetView sheet() {
        return sheet;
    }

    /** The parts of the view, in the order in which a key goes round them. */
    List<Place> places() {
        return List.of(new Place(List.of(sheet), sheet::whereToType), here.plotPlace(), here.belowPlace(), here.tablePlace(), here.readingsPlace());
    }

    /** Takes the tables of a file into the student's table. */
    void take(DataFile.Taken taken) {
        here.table().take(taken);
    }
}
