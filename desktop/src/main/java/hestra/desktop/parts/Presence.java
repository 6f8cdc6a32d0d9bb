package hestra.desktop.parts;

import javafx.scene.Node;

/** What is there for now, and what is not and takes no room either. */
public final class Presence {

    private Presence() {}

    /** Shows a node, or takes it away with the room that it has. */
    public static void present(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }
}
