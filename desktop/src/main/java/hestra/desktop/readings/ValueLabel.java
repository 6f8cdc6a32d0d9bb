package hestra.desktop.readings;

import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Clip;
import hestra.desktop.parts.Tip;

/** A name with its value; a click copies the value in full. */
final class ValueLabel extends Label {
    private final DeskModel model;
    private final Label text = new Label();
    private double full;
    private boolean open;

    ValueLabel(DeskModel model, String name, String id) {
        super(name);
        this.model = model;
        getStyleClass().add("reading");
        text.getStyleClass().add("reading-value");
        text.setId("reading-" + id);
        setGraphic(text);
        setContentDisplay(ContentDisplay.RIGHT);
        setMinWidth(USE_PREF_SIZE);
        setOnMouseClicked(_ -> copy());
    }

    void show(String shown, double value) {
        text.setText(shown);
        full = value;
        open = true;
        Tip.set(this, "Click to copy the value in full");
    }

    /** Shows the value, or that it is held back and what opens it. */
    void show(boolean isOpen, String shown, double value, String opener) {
        if (isOpen) {
            show(shown, value);
        } else {
            hide();
            Tip.set(this, opener);
        }
    }

    void hide() {
        text.setText("· · ·");
        open = false;
    }

    private void copy() {
        if (open) {
            Clip.put(model.findings().numbers().style().typed(full));
        }
    }
}
