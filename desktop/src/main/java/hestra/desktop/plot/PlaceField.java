package hestra.desktop.plot;

import javafx.geometry.Pos;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;

import static hestra.desktop.parts.Presence.present;

/**
 * A field that comes where a text of the plot stands: Enter keeps what is typed, so does going elsewhere, Escape leaves the text
 * as it was.
 */
abstract class PlaceField extends TextField {

    /**
     * A field that is not there until it is opened.
     *
     * @param after is run when the text has been typed or left
     */
    PlaceField(String id, String prompt, double widest, Runnable after) {
        setId(id);
        getStyleClass().add("title-field");
        setAlignment(Pos.CENTER);
        setMaxWidth(widest);
        setPromptText(prompt);
        present(this, false);
        setOnAction(_ -> {
            close();
            after.run();
        });
        setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                present(this, false);
                after.run();
                event.consume();
            }
        });
        focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                close();
            }
        });
    }

    /** Comes with a text to be typed over. */
    final void open(String text) {
        setText(text);
        present(this, true);
        requestFocus();
        selectAll();
    }

    private void close() {
        if (isVisible()) {
            present(this, false);
            keep(getText());
        }
    }

    /** Keeps what was typed. */
    abstract void keep(String text);
}
