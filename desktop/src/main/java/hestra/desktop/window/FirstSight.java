package hestra.desktop.window;

import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

import hestra.desktop.look.Look;
import hestra.desktop.look.Looks;

/**
 * What the window shows while its contents are made: the title of what is open, and where the sheet, the plot and the readings
 * will stand. Somebody who waits sees at once that the program starts; and drawing it makes the renderer ready, on the other
 * core, while the contents are styled and laid out.
 */
final class FirstSight extends StackPane {

    private static final double CARD = 150;
    /** What stands about the plot's inner rectangle: chips, the axes and the strip. */
    private static final Insets PLOT = new Insets(42, 8, 186, 65);

    FirstSight(String title, boolean desk, Look look) {
        Label name = new Label(title);
        name.getStyleClass().add("bar-title");
        HBox left = new HBox(TopBar.emblem(), name);
        left.setAlignment(Pos.CENTER_LEFT);
        left.getStyleClass().add("bar-left");
        StackPane bar = new StackPane(left);
        bar.getStyleClass().add("top-bar");
        BorderPane frame = new BorderPane(desk ? desk() : new Region());
        frame.setTop(bar);
        getChildren().add(frame);
        Looks.dress(this, look);
    }

    /** Where the sheet, the plot and the readings will stand. */
    private static HBox desk() {
        Region sheet = card(WorkView.SHEET - 64, 2 * CARD);
        Region plot = new Region();
        plot.getStyleClass().add("plot-ground");
        VBox readings = new VBox(12, card(WorkView.RIGHT - 28, 2 * CARD), card(WorkView.RIGHT - 28, CARD),
                card(WorkView.RIGHT - 28, CARD));
        HBox columns = new HBox(34, sheet, plot, readings);
        HBox.setHgrow(plot, Priority.ALWAYS);
        HBox.setMargin(plot, PLOT);
        columns.setPadding(new Insets(14, 14, 40, 34));
        return columns;
    }

    private static Region card(double width, double height) {
        Region card = new Region();
        card.getStyleClass().add("card");
        card.setMinSize(width, height);
        card.setMaxSize(width, height);
        return card;
    }
}
