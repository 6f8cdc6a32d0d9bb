package hestra.desktop.app;

import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.SplitPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.plot.DressMenu;
import hestra.desktop.plot.LayerChips;
import hestra.desktop.plot.PlotView;
import hestra.desktop.plot.StripView;
import hestra.desktop.plot.TakeAway;
import hestra.desktop.readings.ComparisonView;
import hestra.desktop.readings.PredictionView;
import hestra.desktop.readings.ReadingsView;
import hestra.desktop.sheet.SheetView;
import hestra.desktop.table.GridHabits;
import hestra.desktop.table.TablePane;
import hestra.desktop.working.WorkingView;
import hestra.documents.DataFile;
import hestra.documents.Palette;
import hestra.documents.PlotSheet;

import static hestra.desktop.parts.Presence.holdVisible;

/** The desk as a student sees it: sheet, plot with the residual strip, table and readings. */
final class WorkView {

    private static final double LEAST_TABLE = 200;
    /** The usual width of the window, and those of the columns at its sides. */
    private static final double WIDTH = 1280;
    static final double SHEET = 346;
    static final double RIGHT = 322;
    private static final double LEAST_SHEET = 280;
    private static final double LEAST_RIGHT = 296;
    private static final double AS_PUT = 6;

    private final SheetView sheet;
    private final VBox right = new VBox();
    private final SplitPane pane;
    private final Consumer<String> notice;
    private TablePane table;
    /** How wide the sides were put last. */
    private double sheetPut = SHEET;
    private double rightPut = RIGHT;

    WorkView(DeskModel model, Look look, GridHabits habits, Consumer<String> notice, Runnable onHandIn, Consumer<PlotSheet> savePlot) {
        this.notice = notice;
        this.table = new TablePane(model, habits, notice);
        this.sheet = new SheetView(model, () -> table.focusNextEmpty(), onHandIn);
        right.getStyleClass().add("right-pane");
        grow(table);
        VBox cards = new VBox(new ReadingsView(model), new ComparisonView(model), new PredictionView(model));
        holdVisible(cards);
        cards.getStyleClass().add("cards");
        CardScroll scroll = new CardScroll(cards);
        right.getChildren().addAll(table, scroll);
        pane = new SplitPane(sheet, plots(model, look, notice, savePlot), right);
        pane.getStyleClass().add("work");
        SplitPane.setResizableWithParent(sheet, false);
        SplitPane.setResizableWithParent(right, false);
        sheet.setMinWidth(LEAST_SHEET);
        sheet.setPrefWidth(SHEET);
        right.setMinWidth(LEAST_RIGHT);
        right.setPrefWidth(RIGHT);
        pane.setDividerPositions(SHEET / WIDTH, 1 - RIGHT / WIDTH);
        look.typeProperty().addListener(_ -> makeRoom(look, pane.getWidth()));
        pane.widthProperty().addListener((_, before, _) -> makeRoom(look, before.doubleValue()));
        model.watch(findings -> {
            if (findings.work().table().width() != table.width()) {
                table = new TablePane(model, habits, this.notice);
                grow(table);
                right.getChildren().set(0, table);
            }
        });
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

    private static void grow(TablePane table) {
        VBox.setVgrow(table, Priority.ALWAYS);
        // It asks for its least height only and grows into what room the cards leave.
        table.setPrefHeight(LEAST_TABLE);
    }

    Node node() {
        return pane;
    }

    SheetView sheet() {
        return sheet;
    }

    /** Takes the tables of a file into the student's table. */
    void take(DataFile.Taken taken) {
        table.take(taken);
    }

    private static VBox plots(DeskModel model, Look look, Consumer<String> notice, Consumer<PlotSheet> savePlot) {
        PlotView plot = new PlotView(model, look);
        StripView strip = new StripView(model, look);
        Label hint = new Label();
        hint.textProperty().bind(plot.hintProperty());
        hint.getStyleClass().addAll("small", "hint");
        hint.setId("hint");
        strip.setMinHeight(120);
        strip.setPrefHeight(158);
        plot.setMinHeight(220);
        WorkingView working = new WorkingView(model);
        working.setMinHeight(150);
        working.setPrefHeight(230);
        TakeAway takeAway = new TakeAway(model, look, plot, strip, savePlot, notice);
        HBox tools = new HBox(4, new DressMenu(model, look, plot), takeAway);
        tools.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        plot.setTools(tools);
        VBox.setVgrow(plot, Priority.ALWAYS);
        VBox plots = new VBox(new LayerChips(model, notice), plot, strip, working, hint);
        holdVisible(plots);
        plots.getStyleClass().add("plots");
        model.watch(findings -> {
            boolean print = findings.work().plot().dress().blackOnWhite();
            if (print != plots.getStyleClass().contains(Palette.PRINT_STYLE)) {
                if (print) {
                    plots.getStyleClass().add(Palette.PRINT_STYLE);
                } else {
                    plots.getStyleClass().remove(Palette.PRINT_STYLE);
                }
            }
        });
        plots.setMinWidth(360);
        return plots;
    }
}
