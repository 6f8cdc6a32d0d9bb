package hestra.desktop.parts;

import java.util.Locale;
import java.util.stream.Stream;
import javafx.scene.input.KeyCombination;

/**
 * A key, or something done with the mouse, and what it does; told by the class that does it.
 *
 * @param how the keys as they stand on a keyboard
 * @param does what happens, in a few words
 */
public record KeyLine(String how, String does) {

    /** The dots behind an entry of a menu say that it asks first; they are no word. */
    public KeyLine {
        does = does.replace("…", "");
    }

    /** The line of a combination of keys. */
    public static KeyLine of(KeyCombination key, String does) {
        return new KeyLine(key.getDisplayText().replace("↵", "Enter"), does);
    }

    /** Whether all of some words stand in it, in any order; no words stand in every line. */
    public boolean isFoundBy(String words) {
        return isFound(how + " " + does, words);
    }

    /** Whether all of some words stand in a text, in any order and whatever their capitals; no words stand in every text. */
    public static boolean isFound(String text, String words) {
        String small = text.toLowerCase(Locale.ROOT);
        return Stream.of(words.toLowerCase(Locale.ROOT).strip().split("\\s+")).allMatch(small::contains);
    }
}
