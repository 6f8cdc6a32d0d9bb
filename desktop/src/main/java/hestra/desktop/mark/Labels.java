package hestra.desktop.mark;

import java.util.regex.Pattern;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;

/** The labels of Mark, each in one place. */
final class Labels {

    /** Signs that turn text round, and others that are not seen. */
    private static final Pattern UNSEEN = Pattern.compile("\\p{Cf}");

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

    /** What came from a stranger, without signs that are not seen. */
    static String seen(String text) {
        return UNSEEN.matcher(text).replaceAll("");
    }

    static Label wrapped(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }
}
