package hestra.desktop.parts;

import javafx.scene.control.Labeled;
import javafx.scene.control.MenuItem;

/**
 * Texts as they stand. In buttons, ticks and menus the toolkit takes an underline for the sign of a key and leaves it out, but a
 * column may well be called depth_m.
 */
public final class Literally {

    private Literally() {}

    /** A control that says its text as it stands. */
    public static <T extends Labeled> T said(T control) {
        control.setMnemonicParsing(false);
        return control;
    }

    /** An entry of a menu that says its text as it stands. */
    public static <T extends MenuItem> T said(T item) {
        item.setMnemonicParsing(false);
        return item;
    }
}
