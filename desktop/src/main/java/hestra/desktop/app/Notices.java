package hestra.desktop.app;

import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.util.Duration;

import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** A line at the foot of the window that says what has happened or could not be done. */
final class Notices extends HBox {

    private static final Duration SHOWN = Duration.seconds(14);

    private final Label text = new Label();
    private final PauseTransition pause = new PauseTransition(SHOWN);

    Notices() {
        getStyleClass().add("notices");
        setId("notices");
        setAlignment(Pos.CENTER_LEFT);
        text.setWrapText(true);
        text.setMinHeight(USE_PREF_SIZE);
        text.setId("notice");
        HBox.setHgrow(text, Priority.ALWAYS);
        text.setMaxWidth(Double.MAX_VALUE);
        Button close = new Button();
        close.setGraphic(new FontIcon(Feather.X));
        close.getStyleClass().add("icon-button");
        close.setAccessibleText("Close this notice");
        close.setOnAction(_ -> hide());
        getChildren().addAll(text, close);
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        pause.setOnFinished(_ -> hide());
        hide();
    }

    void say(String message) {
        text.setText(message);
        setVisible(true);
        setManaged(true);
        pause.playFromStart();
    }

    /** Puts what was said away. */
    void hide() {
        setVisible(false);
        setManaged(false);
    }
}
