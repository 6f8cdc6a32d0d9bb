package hestra.desktop.window;

import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.plot.DressMenu;
import hestra.desktop.plot.LayerChips;
import hestra.desktop.plot.PlotView;
import hestra.desktop.plot.StripView;
import hestra.desktop.plot.TakeAway;
import hestra.desktop.readings.ComparisonView;
import hestra.desktop.readings.PredictionView;
import hestra.desktop.readings.ReadingsView;
import hestra.desktop.table.GridHabits;
import hestra.desktop.table.TablePane;
import hestra.desktop.working.WorkingView;
import hestra.documents.picture.Palette;
import hestra.documents.picture.PlotSheet;

import static hestra.desktop.parts.Presence.holdVisible;

/**
 * What stands beside the sheet for one part: plot with the residual strip, table and readings. It stands still while another part is in
 * hand, so everything is found as it was left.
 */
final class PartView {

    private static final double LEAST_TABLE = 200;

    private final VBox plots;
    private final VBox right = new VBox();
    private TablePane table;

    /** {@code model} is that of the part. */
    PartView(DeskModel model, Look look, GridHabits habits, Consumer<String> notice, Consumer<PlotSheet> savePlot) {
        this.plots = plots(model, look, notice, savePlot);
        this.table = new TablePane(model, habits, notice);
        right.getStyleClass().add("right-pane");
        grow(table);
        VBox cards = new VBox(new ReadingsView(model), new ComparisonView(model), new PredictionView(model));
        holdVisible(cards);
        cards.getStyleClass().add("cards");
        CardScroll scroll = new CardScroll(cards);
        right.getChildren().addAll(table, scroll);
        model.watch(findings -> {
            if (findings.work().table().width() != table.width()) {
                table.end();
                table = new TablePane(model, habits, notice);
                grow(table);
                right.getChildren().set(0, table);
            }
        });
    }

    VBox plots() {
        return plots;
    }

    VBox right() {
        return right;
    }

    TablePane table() {
        return table;
    }

    private static void grow(TablePane table) {
        VBox.setVgrow(table, Priority.ALWAYS);
        // It asks for its least height only and grows into what room the cards leave.
        table.setPrefHeight(LEAST_TABLE);
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
