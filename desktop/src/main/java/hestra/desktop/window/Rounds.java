package hestra.desktop.window;

import java.lang.ref.WeakReference;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.WeakHashMap;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.Scene;

import hestra.desktop.parts.FocusMark;
import hestra.desktop.parts.Stops;

/** Goes round the parts of the window by key; each remembers where the keyboard was in it. */
final class Rounds {

    private final Supplier<List<KeyboardRegion>> places;
    /** By what belongs to a place; held by neither end, since each leads to the other. */
    private final Map<Node, WeakReference<Node>> remembered = new WeakHashMap<>();

    Rounds(Supplier<List<KeyboardRegion>> places) {
        this.places = places;
    }

    /** Goes on to the next part in which there is something to do, or back to the one before. */
    void go(Scene scene, boolean backward) {
        List<KeyboardRegion> all = places.get();
        Optional<Node> owner = Optional.ofNullable(scene.getFocusOwner());
        int at = owner.map(node -> indexOf(all, node)).orElse(-1);
        if (at >= 0) {
            remembered.put(all.get(at).nodes().getFirst(), new WeakReference<>(owner.get()));
        }
        for (int i = 1; i <= all.size(); i++) {
            int from = at < 0 && backward ? 0 : at;
            KeyboardRegion place = all.get(Math.floorMod(from + (backward ? -i : i), all.size()));
            Optional<Node> entry = Optional.ofNullable(remembered.get(place.nodes().getFirst())).map(WeakReference::get)
                    .filter(node -> place.holds(node) && Stops.isReachable(node, scene)).or(place.entry())
                    .filter(node -> Stops.isReachable(node, scene));
            if (entry.isPresent()) {
                FocusMark.give(entry.get());
                return;
            }
        }
    }

    private static int indexOf(List<KeyboardRegion> places, Node node) {
        for (int i = 0; i < places.size(); i++) {
            if (places.get(i).holds(node)) {
                return i;
            }
        }
        return -1;
    }
}
