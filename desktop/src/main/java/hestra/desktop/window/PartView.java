package hestra.desktop.window;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Orientation;
import javafx.scene.control.Label;
import javafx.scene.control.SplitPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

import hestra.data.DataTable;
import hestra.desk.Findings;
import hestra.desktop.files.Settings;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.KeptDivider;
import hestra.desktop.parts.Lazy;
import hestra.desktop.parts.Stops;
import hestra.desktop.plot.ChanceView;
import hestra.desktop.plot.Drawing;
import hestra.desktop.plot.DressMenu;
import hestra.desktop.plot.LayerChips;
import hestra.desktop.plot.PicturePane;
import hestra.desktop.plot.PlotView;
import hestra.desktop.plot.StripView;
import hestra.desktop.plot.TakeAway;
import hestra.desktop.readings.CalculationsView;
import hestra.desktop.readings.ChanceCard;
import hestra.desktop.readings.ComparisonView;
import hestra.desktop.readings.PredictionView;
import hestra.desktop.readings.ReadingsView;
import hestra.desktop.table.GridHabits;
import hestra.desktop.table.TablePane;
import hestra.desktop.working.WorkingView;
import hestra.documents.picture.Palette;
import hestra.documents.picture.PlotSheet;
import hestra.task.AnswerPlace;
import hestra.task.Keepable;
import hestra.task.Task;
import hestra.working.CalculationLine;

import static hestra.desktop.parts.Presence.holdVisible;

/**
 * What stands beside the sheet for one part: plot with the residual strip, table and readings. It stands still while another part
 * is in hand, so everything is found as it was left.
 */
final class PartView {

    private static final PseudoClass ASKED = PseudoClass.getPseudoClass("asked");
    private static final double STRIP = 176;
    private static final double WORKING = 230;
    private static final double LEAST_BELOW = 120;
    private static final double LEAST_PLOT = 220;
    private static final double LEAST_READINGS = 140;

    private final LayerChips chips;
    private final PlotView plot;
    private final StackPane upper = new StackPane();
    /** Where points are read off a picture; made when that is first asked for. */
    private final Lazy<PicturePane> picture;
    private final StripView strip;
    private final WorkingView working;
    private final ChanceView chance;
    private final TakeAway takeAway;
    private final DressMenu dress;
    private final VBox plots;
    private final SplitPane right;
    private final PredictionView prediction;
    private final CardScroll readings;
    private final KeptDivider tableRoom;
    private final KeptDivider stripRoom;
    private final TablePane table;

    /** {@code model} is that of the part. */
    PartView(DeskModel model, Look look, Settings settings, GridHabits habits, Consumer<String> notice,
            Consumer<PlotSheet> savePlot, Consumer<DataTable> saveTable,
            Optional<Consumer<Keepable>> onKeep, Optional<Consumer<CalculationLine>> onKeepLine) {
        Drawing drawing = new Drawing(model);
        this.chips = new LayerChips(model, drawing, notice);
        this.plot = new PlotView(model, look, drawing);
        this.chance = new ChanceView(model, look, drawing, onKeep);
        this.picture = new Lazy<>(() -> new PicturePane(model, look));
        this.strip = new StripView(model, look);
        this.working = new WorkingView(model, onKeep);
        this.takeAway = new TakeAway(model, look, plot, strip, savePlot, notice);
        this.dress = new DressMenu(model, look, plot);
        SplitPane figures = figures();
        this.plots = plots(figures);
        this.stripRoom = new KeptDivider(figures, 0, false, settings, this::below,
                () -> strip.isVisible() ? STRIP * look.type() : WORKING * (chance.isVisible() ? look.type() : 1));
        this.table = new TablePane(model, habits, notice);
        this.prediction = new PredictionView(model, saveTable, onKeep);
        VBox cards = new VBox(new ChanceCard(model), new ReadingsView(model), new ComparisonView(model), prediction,
                new CalculationsView(model, onKeepLine));
        holdVisible(cards);
        cards.getStyleClass().add("cards");
        this.readings = new CardScroll(cards);
        readings.setMinHeight(LEAST_READINGS);
        this.right = new SplitPane(table, readings);
        right.setOrientation(Orientation.VERTICAL);
        right.getStyleClass().add("right-pane");
        this.tableRoom = new KeptDivider(right, 0, false, settings, () -> "readings", readings::wanted);
        readings.onWanted(tableRoom::place);
        table.onLeast(tableRoom::place);
        List.of(working, chance).forEach(it -> it.visibleProperty().addListener((_, _, _) -> stripRoom.place()));
        look.typeProperty().addListener(_ -> makeRoom());
        model.watch(this::light);
        model.watch(findings -> dressed(findings.work().plot().dress().blackOnWhite()));
    }

    /** Lights up the place where the task in hand is answered. */
    private void light(Findings findings) {
        Optional<AnswerPlace> place = findings.taskInHand().filter(id -> findings.part().indexOf(id) >= 0)
                .flatMap(findings.exercise()::task).map(Task::place);
        boolean reads = findings.picture().isPresent();
        if (reads && upper.getChildren().size() == 1) {
            upper.getChildren().add(picture.get());
            picture.get().pseudoClassStateChanged(ASKED, true);
        }
        plot.setVisible(!reads);
        plot.pseudoClassStateChanged(ASKED, place.filter(AnswerPlace.PLOT::equals).isPresent());
        table.pseudoClassStateChanged(ASKED, place.filter(AnswerPlace.TABLE::equals).isPresent());
        working.pseudoClassStateChanged(ASKED, place.filter(AnswerPlace.CALCULATION::equals).isPresent());
    }

    private void dressed(boolean print) {
        if (print != plots.getStyleClass().contains(Palette.PRINT_STYLE)) {
            if (print) {
                plots.getStyleClass().add(Palette.PRINT_STYLE);
            } else {
                plots.getStyleClass().remove(Palette.PRINT_STYLE);
            }
        }
    }

    VBox plots() {
        return plots;
    }

    SplitPane right() {
        return right;
    }

    TablePane table() {
        return table;
    }

    /** Gives each part the room that it is to have. */
    void makeRoom() {
        tableRoom.place();
        stripRoom.place();
    }

    KeyboardRegion plotPlace() {
        return new KeyboardRegion(List.of(upper, chips, dress, takeAway),
                () -> Optional.of(plot.isVisible() ? plot : picture.get().entry()));
    }

    KeyboardRegion belowPlace() {
        return new KeyboardRegion(List.of(strip, working, chance), () -> strip.isVisible() ? Optional.of(strip)
                : chance.isVisible() ? Optional.of(chance) : working.entry().or(() -> Stops.first(working)));
    }

    KeyboardRegion tablePlace() {
        return new KeyboardRegion(List.of(table), () -> Optional.of(table.grid()));
    }

    KeyboardRegion readingsPlace() {
        return new KeyboardRegion(List.of(readings), () -> prediction.entry().or(() -> Stops.first(readings.getContent())));
    }

    /** What stands below the plot, each with room of its own. */
    private String below() {
        return working.isVisible() ? "working" : chance.isVisible() ? "chance" : "strip";
    }

    private SplitPane figures() {
        strip.setMinHeight(LEAST_BELOW);
        working.setMinHeight(LEAST_BELOW);
        plot.setMinHeight(LEAST_PLOT);
        VBox.setVgrow(strip, Priority.ALWAYS);
        VBox.setVgrow(working, Priority.ALWAYS);
        chance.setMinHeight(LEAST_BELOW);
        VBox.setVgrow(chance, Priority.ALWAYS);
        VBox below = new VBox(strip, working, chance);
        holdVisible(below);
        upper.getChildren().add(plot);
        upper.setMinHeight(LEAST_PLOT);
        SplitPane figures = new SplitPane(upper, below);
        figures.setOrientation(Orientation.VERTICAL);
        figures.getStyleClass().add("figures");
        SplitPane.setResizableWithParent(below, false);
        return figures;
    }

    private VBox plots(SplitPane figures) {
        Label hint = new Label();
        hint.textProperty().bind(plot.hintProperty());
        hint.getStyleClass().addAll("small", "hint");
        hint.setId("hint");
        hint.setWrapText(true);
        hint.setMinHeight(Region.USE_PREF_SIZE);
        HBox tools = new HBox(2, dress, takeAway);
        tools.setMinWidth(Region.USE_PREF_SIZE);
        HBox.setHgrow(chips, Priority.ALWAYS);
        HBox above = new HBox(chips, tools);
        above.getStyleClass().add("above-plot");
        VBox.setVgrow(figures, Priority.ALWAYS);
        VBox all = new VBox(above, figures, hint);
        all.getStyleClass().add("plots");
        all.setMinWidth(360);
        return all;
    }
}
