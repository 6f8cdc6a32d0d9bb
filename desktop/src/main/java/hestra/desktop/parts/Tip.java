package hestra.desktop.parts;

import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;

/**
 * Tooltips that cost nothing until the pointer comes: a tooltip is a window of its own, and a desk with fifty of them would
 * start a good deal later.
 */
public final class Tip {

    private static final String TEXT = "hestra.tip";
    private static final String SHOWN = "hestra.tip.shown";

    private Tip() {}

    /** Gives a node a tooltip, or another text where it has one; an empty text shows none. */
    public static void set(Node node, String text) {
        Object before = node.getProperties().put(TEXT, text);
        if (text.equals(before)) {
            return;
        }
        node.setAccessibleHelp(text);
        if (before == null) {
            node.addEventHandler(MouseEvent.MOUSE_ENTERED, _ -> prepare(node));
        } else if (node.getProperties().get(SHOWN) instanceof Tooltip tooltip) {
            tooltip.setText(text);
        }
    }

    private static void prepare(Node node) {
        String text = (String) node.getProperties().get(TEXT);
        if (node.getProperties().get(SHOWN) instanceof Tooltip tooltip) {
            if (text.isEmpty()) {
                Tooltip.uninstall(node, tooltip);
                node.getProperties().remove(SHOWN);
            }
        } else if (!text.isEmpty()) {
            Tooltip tooltip = new Tooltip(text);
            node.getProperties().put(SHOWN, tooltip);
            Tooltip.install(node, tooltip);
        }
    }
}
