package hestra.desktop.window;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.SplitPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desk.Findings;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.sheet.SheetView;
import hestra.desktop.table.GridHabits;
import hestra.documents.picture.PlotSheet;
import hestra.documents.table.DataFile;
import hestra.exercise.Part;

import static hestra.desktop.parts.Presence.holdVisible;

/** The desk as a student sees it: sheet, plot with the residual strip, table and readings. */
final class WorkView {

    /** The usual width of the window, and those of the columns at its sides. */
    private static final double WIDTH = 1280;
    static final double SHEET = 346;
    static final double RIGHT = 322;
    private static final double LEAST_SHEET = 280;
    private static final double LEAST_RIGHT = 296;
    private static final double AS_PUT = 6;

    private final SheetView sheet;
    private final SplitPane pane;
    private final Function<Part, PartView> make;
    private final Map<String, PartView> parts = new HashMap<>();
    private PartView here;
    /** How wide the sides were put last. */
    private double sheetPut = SHEET;
    private double rightPut = RIGHT;

    WorkView(DeskModel model, Look look, GridHabits habits, Consumer<String> notice, Runnable onHandIn, Consumer<PlotSheet> savePlot) {
        this.make = part -> new PartView(model.of(part), look, habits, notice, savePlot);
        this.here = view(model.findings().part());
        this.sheet = new SheetView(model, look, () -> here.table().focusNextEmpty(), onHandIn);
        pane = new SplitPane(sheet, here.plots(), here.right());
        pane.getStyleClass().add("work");
        SplitPane.setResizableWithParent(sheet, false);
        sheet.setMinWidth(LEAST_SHEET);
        sheet.setPrefWidth(SHEET);
        pane.setDividerPositions(SHEET / WIDTH, 1 - RIGHT / WIDTH);
        look.typeProperty().addListener(_ -> makeRoom(look, pane.getWidth()));
        pane.widthProperty().addListener((_, before, _) -> makeRoom(look, before.doubleValue()));
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
            double[] dividers = pane.getDividerPositions();
            pane.getItems().setAll(sheet, now.plots(), now.right());
            pane.setDividerPositions(dividers);
        }
    }

    /**
     * Larger type needs more room at the sides, where the window has it to give; in a narrow window they give some to the plot.
     * Where somebody has moved a side it stays.
     */
    private void makeRoom(Look look, double before) {
        double now = pane.getWidth();
        boolean moved = before > 0 && (Math.abs(pane.getDividerPositions()[0] * before - sheetPut) > AS_PUT
                || Math.abs((1 - pane.getDividerPositions()[1]) * before - rightPut) > AS_PUT);
        double share = Math.min(Math.max(look.type(), 1), now / WIDTH);
        double left = Math.max(LEAST_SHEET, SHEET * share);
        double right = Math.max(LEAST_RIGHT, RIGHT * share);
        if (now > 0 && !moved && (left != sheetPut || right != rightPut)) {
            sheetPut = left;
            rightPut = right;
            // After the sides have been laid out: a pane that changes its width keeps theirs.
            Platform.runLater(() -> pane.setDividerPositions(sheetPut / pane.getWidth(), 1 - rightPut / pane.getWidth()));
        }
    }

    Node node() {
        return pane;
    }

    SheetView sheet() {
        return sheet;
    }

    /** Takes the tables of a file into the student's table. */
    void take(DataFile.Taken taken) {
        here.table().take(taken);
    }
}
