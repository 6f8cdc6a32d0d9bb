package hestra.desktop.parts;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.ScrollPane;

/** Where Tab stops: what in a part of the window takes the keyboard, in the order in which it is read. */
public final class Stops {

    private Stops() {}

    /** All stops in a node, itself among them. */
    public static List<Node> in(Node node) {
        return all(node).toList();
    }

    /** The first of them. */
    public static Optional<Node> first(Node node) {
        return all(node).findFirst();
    }

    private static Stream<Node> all(Node node) {
        if (!node.isVisible() || node.isDisabled()) {
            return Stream.empty();
        }
        Stream<Node> itself = node.isFocusTraversable() ? Stream.of(node) : Stream.empty();
        return node instanceof Parent parent
                ? Stream.concat(itself, inner(parent).stream().flatMap(Stops::all)) : itself;
    }

    /** What a scroll pane holds comes before its bars, and is there before it was first laid out. */
    private static List<Node> inner(Parent parent) {
        return parent instanceof ScrollPane scroll && scroll.getContent() != null
                ? List.of(scroll.getContent()) : parent.getChildrenUnmodifiable();
    }

    /** Whether a node is another, or stands within it; nothing stands nowhere. */
    public static boolean isWithin(Node node, Node around) {
        Node it = node;
        while (it != null && it != around) {
            it = it.getParent();
        }
        return it != null;
    }

    /** Whether a node is in the scene and not disabled, and it and all around it is visible or comes when it is asked for. */
    public static boolean isReachable(Node node, Scene scene) {
        boolean shown = node.getScene() == scene && !node.isDisabled();
        for (Node it = node; it != null && shown; it = it.getParent()) {
            shown = it.isVisible() || Columns.isWaiting(it);
        }
        return shown;
    }
}
