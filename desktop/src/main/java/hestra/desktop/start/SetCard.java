package hestra.desktop.start;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.demo.OrrinBay;
import hestra.desktop.figure.CloudThumbnail;
import hestra.desktop.look.Look;
import hestra.desktop.parts.Tip;
import hestra.exercise.Exercise;

/** An exercise that comes with the program: the shape of its cloud, its week, its title and its question. */
final class SetCard {

    private static final double WIDTH = 192;
    private static final double PICTURE = 76;
    private static final double HEIGHT = 182;

    private SetCard() {}

    static Button of(OrrinBay.Set set, Look look, Runnable open) {
        Exercise exercise = set.exercise();
        Region picture = CloudThumbnail.of(Optional.of(exercise.firstWithData().truth(exercise.mark()).pairsWithSlips()), look,
                WIDTH - 26, PICTURE);
        Label title = new Label(exercise.title());
        title.getStyleClass().add("task-title");
        Label story = new Label(exercise.heading());
        story.getStyleClass().add("small");
        story.setWrapText(true);
        story.setMinHeight(Region.USE_PREF_SIZE);
        Label week = new Label("week " + set.week() + " \u00b7 " + set.minutes() + " min");
        week.getStyleClass().add("small");
        VBox content = new VBox(2, picture, week, title, story);
        content.setAlignment(Pos.TOP_LEFT);
        Button card = new Button();
        card.setGraphic(content);
        card.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        card.setAlignment(Pos.TOP_LEFT);
        card.setId("start-" + exercise.id());
        card.setAccessibleText(set.inFull());
        Tip.set(card, set.aimInFull());
        card.getStyleClass().setAll("shelf-card");
        // Wider with larger type, so that a question stays within it.
        look.typeProperty().subscribe(type -> {
            card.setPrefWidth(WIDTH * Math.sqrt(type.doubleValue()));
            content.setMaxWidth(card.getPrefWidth() - 26);
            content.setPrefWidth(card.getPrefWidth() - 26);
            // Its height is that of the text in this width, of at most two lines.
            story.setPrefWidth(card.getPrefWidth() - 26);
            card.setPrefHeight(HEIGHT * type.doubleValue());
        });
        card.setMaxWidth(Region.USE_PREF_SIZE);
        card.setOnAction(_ -> open.run());
        return card;
    }
}
