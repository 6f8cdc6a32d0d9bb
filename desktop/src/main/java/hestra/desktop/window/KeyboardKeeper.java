package hestra.desktop.window;

import java.lang.ref.WeakReference;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;

import hestra.desktop.parts.FocusMark;
import hestra.desktop.parts.Stops;

/**
 * Keeps the keyboard in its place. Where the part of the window that has it is made anew, or what has it goes, the toolkit
 * gives it to the first control of the window; here it goes to what took its place: the same by its id, else what stands where
 * it stood, else the first thing in what is left around it. Where a whole view gave way to another, it goes to a place that does
 * nothing by itself: the first field of a view may turn to something else when it is entered.
 */
final class KeyboardKeeper {

    /** A step from the root down to what has the keyboard: a node and where it stood among those beside it. */
    private record Step(WeakReference<Parent> parent, Optional<String> id, int index) {

        /** What stands there now: the same by its id, else what stands where it stood, what comes behind, what comes before. */
        Stream<Node> now() {
            Parent above = parent.get();
            if (above == null) {
                return Stream.empty();
            }
            List<Node> children = above.getChildrenUnmodifiable();
            int from = Math.min(index, children.size());
            return Stream.of(children.stream().filter(child -> id.isPresent() && id.get().equals(child.getId())),
                    children.subList(from, children.size()).stream(), children.subList(0, from).reversed().stream())
                    .flatMap(it -> it);
        }
    }

    private final Parent root;
    private final Parent views;
    private final Supplier<Optional<Node>> otherwise;
    private List<Step> way = List.of();
    private boolean lost;

    /**
     * Watches who has the keyboard in the scene of {@code root}.
     *
     * @param views what the views stand in
     * @param otherwise where the keyboard goes when a whole view has gone
     */
    KeyboardKeeper(Parent root, Parent views, Supplier<Optional<Node>> otherwise) {
        this.root = root;
        this.views = views;
        this.otherwise = otherwise;
        root.sceneProperty().flatMap(Scene::focusOwnerProperty).subscribe(this::changed);
    }

    private void changed(Node before, Node now) {
        Scene scene = root.getScene();
        if (scene == null) {
            return;
        }
        boolean gone = before != null && !Stops.isReachable(before, scene);
        lost = (lost || gone) && (now == null || isFirst(now));
        if (lost) {
            Platform.runLater(this::giveBack);
        } else if (now != null) {
            way = wayTo(now);
        }
    }

    /** Whether it is what the toolkit falls back to. */
    private boolean isFirst(Node node) {
        return Stops.first(root).filter(node::equals).isPresent();
    }

    private void giveBack() {
        Scene scene = root.getScene();
        if (!lost || scene == null) {
            return;
        }
        Node owner = scene.getFocusOwner();
        if (owner != null && Stops.isReachable(owner, scene) && !isFirst(owner)) {
            // Somebody gave it to something meanwhile.
            lost = false;
            return;
        }
        root.applyCss();
        Optional<Node> heir = heir(scene);
        lost = false;
        heir.ifPresent(FocusMark::give);
    }

    /** From where it was outwards: the first part that is still there and has something that takes the keyboard. */
    private Optional<Node> heir(Scene scene) {
        for (int from = 0; from < way.size(); from++) {
            Parent above = way.get(from).parent().get();
            if (above == views) {
                break;
            }
            if (above != null && Stops.isReachable(above, scene)) {
                Optional<Node> found = inPlace(from).or(() -> Stops.first(above)).filter(it -> Stops.isReachable(it, scene));
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return otherwise.get().filter(it -> Stops.isReachable(it, scene));
    }

    /** What stands now where it stood, seen from a step of the way. */
    private Optional<Node> inPlace(int from) {
        Optional<Node> named = Optional.ofNullable(way.get(from).parent().get()).flatMap(above -> way.getFirst().id()
                .flatMap(id -> Stops.in(above).stream().filter(it -> id.equals(it.getId())).findFirst()));
        return named.or(() -> way.get(from).now().flatMap(node -> Stops.first(node).stream()).findFirst());
    }

    private static List<Step> wayTo(Node node) {
        List<Step> way = new ArrayList<>();
        for (Node it = node; it.getParent() != null; it = it.getParent()) {
            Parent parent = it.getParent();
            way.add(new Step(new WeakReference<>(parent), Optional.ofNullable(it.getId()),
                    parent.getChildrenUnmodifiable().indexOf(it)));
        }
        return List.copyOf(way);
    }
}
