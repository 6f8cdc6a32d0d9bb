package hestra.desktop.parts;

import java.util.function.Consumer;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.concurrent.Task;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.util.Duration;

import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

import static hestra.desktop.parts.Presence.present;

/** A line at the foot of the window that says what has happened or could not be done. */
public final class Notices extends HBox {

    /** So long at least it stays, whatever is done meanwhile. */
    private static final Duration AT_LEAST = Duration.seconds(6);

    private final Label text = new Label();
    private final ProgressBar bar = new ProgressBar();
    private final Button cancel = new Button("Cancel");
    private final HBox choices = new HBox(6);
    /** The id of the button that stops what is under way. */
    public static final String CANCEL = "cancel";

    private final PauseTransition pause = new PauseTransition(AT_LEAST);
    private Consumer<String> heard = _ -> { };
    private boolean passed;
    private boolean asks;

    public Notices() {
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
        cancel.getStyleClass().add("quiet");
        cancel.setId(CANCEL);
        cancel.setMinWidth(USE_PREF_SIZE);
        bar.setPrefWidth(180);
        bar.setId("progress");
        choices.setAlignment(Pos.CENTER_LEFT);
        choices.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(text, choices, bar, cancel, close);
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        pause.setOnFinished(_ -> {
            if (passed) {
                hide();
            }
        });
        hide();
    }

    /** Shows how far a task has come, with a button to stop it. */
    public void follow(String message, Task<?> task) {
        say(message);
        asks = true;
        bar.progressProperty().bind(task.progressProperty());
        cancel.setOnAction(_ -> task.cancel());
        working(true);
    }

    /** Something that may be done about what is said. */
    public record Choice(String text, Runnable action) {}

    /** Says something that asks for a choice, and stays until one is made or it is closed. The keyboard goes to the first. */
    public void ask(String message, Choice... offered) {
        say(message);
        asks = true;
        for (int i = 0; i < offered.length; i++) {
            Choice choice = offered[i];
            Button button = Literally.said(new Button(choice.text()));
            button.getStyleClass().add("quiet");
            button.setId("choice-" + i);
            button.setOnAction(_ -> {
                hide();
                choice.action().run();
            });
            choices.getChildren().add(button);
        }
        present(choices, true);
        choices.getChildren().getFirst().requestFocus();
    }

    private void working(boolean so) {
        present(bar, so);
        present(cancel, so);
    }

    /** Has it told what is said, for those who do not see it. */
    public void onSaid(Consumer<String> listener) {
        heard = listener;
    }

    /** Says something. It stays until it is read: until something is done after it, or somebody closes it. */
    public void say(String message) {
        passed = false;
        asks = false;
        bar.progressProperty().unbind();
        working(false);
        choices.getChildren().clear();
        present(choices, false);
        text.setText(message);
        present(this, true);
        pause.playFromStart();
        heard.accept(message);
    }

    /** Something was done after what is said, which is old then; what asks for a choice or tells how far work has come is not. */
    public void pass() {
        passed = isVisible() && !asks;
        if (passed && pause.getStatus() != Animation.Status.RUNNING) {
            hide();
        }
    }

    /** Says once more what was said last. */
    public void again() {
        if (!text.getText().isEmpty() && !asks) {
            say(text.getText());
        }
    }

    /** Puts what was said away. */
    public void hide() {
        present(this, false);
    }
}
