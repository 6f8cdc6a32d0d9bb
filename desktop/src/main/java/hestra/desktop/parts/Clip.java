package hestra.desktop.parts;

import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;

/** The clipboard, for text. */
public final class Clip {

    private Clip() {}

    /** Puts a text on the clipboard. */
    public static void put(String text) {
        ClipboardContent content = new ClipboardContent();
        content.putString(text);
        Clipboard.getSystemClipboard().setContent(content);
    }
}
