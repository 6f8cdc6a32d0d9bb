package hestra.desktop.start;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.figure.CloudThumbnail;
import hestra.desktop.files.Glance;
import hestra.desktop.look.Look;

/** A piece of work that can be gone on with: its plot, title, what it is and how far, and when. */
final class RecentCard {

    private static final double WIDTH = 96;
    private static final double HEIGHT = 50;

    private RecentCard() {}

    /**
     * What a card says.
     *
     * @param when when it was worked on
     * @param glance what it is; nothing where that would take long to find out
     * @param go goes on with it
     */
    record Entry(String title, String when, Optional<Glance> glance, Runnable go) {}

    static Button of(String id, Entry entry, Look look) {
        Label title = new Label(entry.title().isBlank() ? "Exercise without a title" : entry.title());
        title.getStyleClass().add("recent-title");
        Label about = new Label(entry.glance().map(Glance::about).orElse(""));
        about.getStyleClass().add("small");
        VBox texts = new VBox(2, title, about);
        texts.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(texts, Priority.ALWAYS);
        texts.setMinWidth(0);
        Label when = new Label(entry.when());
        when.getStyleClass().add("small");
        when.setMinWidth(Region.USE_PREF_SIZE);
        Label go = new Label("Go on");
        go.getStyleClass().add("go-on");
        go.setMinWidth(Region.USE_PREF_SIZE);
        HBox row = new HBox(14, CloudThumbnail.of(entry.glance().map(Glance::pairs), look, WIDTH, HEIGHT), texts, when, go);
        row.setAlignment(Pos.CENTER_LEFT);
        Button card = new Button();
        card.setId(id);
        row.prefWidthProperty().bind(card.widthProperty().subtract(28));
        card.setGraphic(row);
        card.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        card.getStyleClass().setAll("shelf-card", "recent-card");
        card.setMaxWidth(Double.MAX_VALUE);
        card.setAccessibleText("Go on with " + title.getText() + ", " + about.getText() + ", " + entry.when());
        card.setOnAction(_ -> entry.go().run());
        return card;
    }
}
