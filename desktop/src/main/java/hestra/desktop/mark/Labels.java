package hestra.desktop.mark;

import javafx.scene.control.Label;
import javafx.scene.layout.Region;

/** The labels of Mark, each in one place. */
final class Labels {

    private Labels() {}

    /** Secondary text, over as many lines as it takes. */
    static Label small(String text) {
        return wrapped(text, "small");
    }

    /** The title of something at the side. */
    static Label section(String text) {
        return wrapped(text, "mark-section");
    }

    /** What a marker says. */
    static Label said(String text) {
        return wrapped(text, "comment-said");
    }

    static Label wrapped(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }
}
