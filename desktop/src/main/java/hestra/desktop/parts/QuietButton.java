package hestra.desktop.parts;

import javafx.scene.control.Button;
import javafx.scene.layout.Region;

/** A button for what can be done by the way. */
public final class QuietButton {

    private QuietButton() {}

    /** A button with a tooltip; its text is never cut. */
    public static Button of(String id, String text, String tip, Runnable action) {
        Button button = Literally.said(new Button(text));
        button.setId(id);
        button.getStyleClass().setAll("quiet");
        button.setMinWidth(Region.USE_PREF_SIZE);
        Tip.set(button, tip);
        button.setOnAction(_ -> action.run());
        return button;
    }
}
