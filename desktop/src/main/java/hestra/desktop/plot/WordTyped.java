package hestra.desktop.plot;

import java.util.function.LongSupplier;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * Tells a letter that is meant for the plot from one in the middle of a word that was meant for another place: nobody chooses two
 * different things within so short a time.
 */
final class WordTyped {

    /** Nanoseconds between two letters of a word that is typed. */
    private static final long BETWEEN = 160_000_000;

    private final LongSupplier clock;
    private KeyCode last = KeyCode.UNDEFINED;
    private long when = Long.MIN_VALUE / 2;

    /** By a clock of nanoseconds. */
    WordTyped(LongSupplier clock) {
        this.clock = clock;
    }

    /** Whether a key is one more letter of a word. */
    boolean isGoingOn(KeyEvent event) {
        long now = clock.getAsLong();
        boolean letter = event.getCode().isLetterKey() && !event.isAltDown() && !event.isShortcutDown();
        boolean goesOn = letter && event.getCode() != last && now - when < BETWEEN;
        if (letter) {
            last = event.getCode();
            when = now;
        }
        return goesOn;
    }
}
