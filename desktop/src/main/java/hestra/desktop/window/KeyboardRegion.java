package hestra.desktop.window;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;

import hestra.desktop.parts.Stops;

/**
 * A part of the window that the keyboard goes to as a whole.
 *
 * @param nodes what belongs to it
 * @param entry where the keyboard goes in it at first; nothing where there is nothing to type or press
 */
record KeyboardRegion(List<Node> nodes, Supplier<Optional<Node>> entry) {

    KeyboardRegion {
        nodes = List.copyOf(nodes);
    }

    /** Whether something stands in it. */
    boolean holds(Node node) {
        return nodes.stream().anyMatch(around -> Stops.isWithin(node, around));
    }
}
