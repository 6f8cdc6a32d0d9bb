package hestra.desktop.parts;

import java.util.Locale;
import javafx.scene.input.KeyCombination;

/**
 * A key, or something done with the mouse, and what it does; told by the class that does it.
 *
 * @param how the keys as they stand on a keyboard
 * @param does what happens, in a few words
 */
public record KeyLine(String how, String does) {

    /** The line of a combination of keys. */
    public static KeyLine of(KeyCombination key, String does) {
        return new KeyLine(key.getDisplayText().replace("↵", "Enter"), does);
    }

    /** Whether all of some words stand in it, in any order; no words stand in every line. */
    public boolean isFoundBy(String words) {
        String text = (how + " " + does).toLowerCase(Locale.ROOT);
        for (String word : words.toLowerCase(Locale.ROOT).strip().split("\\s+")) {
            if (!text.contains(word)) {
                return false;
            }
        }
        return true;
    }
}
