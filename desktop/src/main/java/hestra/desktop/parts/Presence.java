package hestra.desktop.parts;

import java.util.List;
import javafx.collections.ObservableList;
import javafx.scene.Node;
import javafx.scene.layout.Pane;

/** What is there for now, and what is not and takes no room either. */
public final class Presence {

    private Presence() {}

    /** Shows a node, or takes it away with the room that it has. */
    public static void present(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    /**
     * From here on, of the parts that a pane has now, only those that are visible stand in it, always in this order. A part
     * that waits outside the window need not be styled and laid out when the window opens, which is most of what that costs.
     */
    public static void holdVisible(Pane pane) {
        List<Node> parts = List.copyOf(pane.getChildren());
        ObservableList<Node> standing = pane.getChildren();
        for (Node part : parts) {
            part.visibleProperty().addListener((_, _, visible) -> {
                standing.remove(part);
                if (visible) {
                    standing.add((int) parts.stream().takeWhile(it -> it != part).filter(Node::isVisible).count(), part);
                }
            });
        }
        standing.removeIf(part -> !part.isVisible());
    }
}
