package hestra.desktop.app;

import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.SplitPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

import hestra.desktop.plot.LayerChips;
import hestra.desktop.plot.PlotView;
import hestra.desktop.plot.StripView;
import hestra.desktop.plot.TakeAway;
import hestra.desktop.readings.PredictionView;
import hestra.desktop.readings.ReadingsView;
import hestra.desktop.sheet.SheetView;
import hestra.desktop.table.GridHabits;
import hestra.desktop.table.TablePane;
import hestra.documents.DataFile;
import hestra.documents.PlotSheet;

/** The desk as a student sees it: sheet, plot with the residual strip, table and readings. */
final class WorkView {

    private final SheetView sheet;
    private final VBox right = new VBox();
    private final SplitPane pane;
    private final Consumer<String> notice;
    private TablePane table;

    WorkView(DeskModel model, Look look, GridHabits habits, Consumer<String> notice, Runnable onHandIn, Consumer<PlotSheet> savePlot) {
        this.notice = notice;
        this.table = new TablePane(model, habits, notice);
        this.sheet = new SheetView(model, () -> table.focusNextEmpty(), onHandIn);
        right.getStyleClass().add("right-pane");
        VBox.setVgrow(table, Priority.ALWAYS);
        right.getChildren().addAll(table, new ReadingsView(model), new PredictionView(model));
        pane = new SplitPane(sheet, plots(model, look, notice, savePlot), right);
        pane.getStyleClass().add("work");
        SplitPane.setResizableWithParent(sheet, false);
        SplitPane.setResizableWithParent(right, false);
        sheet.setMinWidth(270);
        sheet.setPrefWidth(346);
        right.setMinWidth(270);
        right.setPrefWidth(322);
        pane.setDividerPositions(346.0 / 1280, 1 - 322.0 / 1280);
        model.watch(findings -> {
            if (findings.work().table().width() != table.width()) {
                table = new TablePane(model, habits, this.notice);
                VBox.setVgrow(table, Priority.ALWAYS);
                right.getChildren().set(0, table);
            }
        });
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
        TakeAway takeAway = new TakeAway(model, look, plot, strip, savePlot, notice);
        StackPane corner = new StackPane(plot, takeAway);
        StackPane.setAlignment(takeAway, Pos.TOP_RIGHT);
        StackPane.setMargin(takeAway, new Insets(18, 24, 0, 0));
        VBox.setVgrow(corner, Priority.ALWAYS);
        VBox plots = new VBox(new LayerChips(model), corner, strip, hint);
        plots.getStyleClass().add("plots");
        plots.setMinWidth(360);
        return plots;
    }
}
