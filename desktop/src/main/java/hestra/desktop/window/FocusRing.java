package hestra.desktop.window;

import javafx.css.PseudoClass;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.layout.Region;

import hestra.desktop.parts.Stops;

/**
 * The ring around what has the keyboard, once keys are used: the same for everything that Tab stops at, on every ground, since a
 * thin line of the paper's colour stands on either side of it. It lies over the window, so that nothing moves when it comes.
 */
final class FocusRing extends Region {

    private static final PseudoClass VISIBLE = PseudoClass.getPseudoClass("focus-visible");
    /** How far outside of what it goes round. */
    private static final double AWAY = 3;

    private final Runnable follow = this::follow;

    FocusRing() {
        setId("focus-ring");
        getStyleClass().add("focus-ring");
        setManaged(false);
        setMouseTransparent(true);
        setVisible(false);
        // Over boards as well, wherever it stands among them.
        setViewOrder(-1);
        sceneProperty().subscribe((before, now) -> {
            if (before != null) {
                before.removePostLayoutPulseListener(follow);
            }
            if (now != null) {
                now.addPostLayoutPulseListener(follow);
            }
        });
    }

    private void follow() {
        Scene scene = getScene();
        Node owner = scene == null ? null : scene.getFocusOwner();
        boolean shown = owner != null && owner.getPseudoClassStates().contains(VISIBLE) && Stops.isReachable(owner, scene);
        Bounds around = shown ? around(owner, scene) : null;
        boolean seen = around != null && !around.isEmpty();
        if (seen) {
            resizeRelocate(around.getMinX(), around.getMinY(), around.getWidth(), around.getHeight());
        }
        if (seen != isVisible()) {
            setVisible(seen);
        }
    }

    /** As much of a node as is not cut off by what it stands in, and a little more. */
    private static Bounds around(Node owner, Scene scene) {
        Bounds seen = owner.localToScene(owner.getLayoutBounds());
        Bounds whole = new BoundingBox(0, 0, scene.getWidth(), scene.getHeight());
        Bounds room = whole;
        for (Parent it = owner.getParent(); it != null; it = it.getParent()) {
            if (it.getClip() != null) {
                room = common(room, it.localToScene(it.getClip().getBoundsInParent()));
            }
        }
        Bounds cut = common(seen, room);
        return cut.isEmpty() ? cut : common(new BoundingBox(cut.getMinX() - AWAY, cut.getMinY() - AWAY, cut.getWidth() + 2 * AWAY,
                cut.getHeight() + 2 * AWAY), whole);
    }

    private static Bounds common(Bounds one, Bounds other) {
        double left = Math.max(one.getMinX(), other.getMinX());
        double top = Math.max(one.getMinY(), other.getMinY());
        return new BoundingBox(left, top, Math.min(one.getMaxX(), other.getMaxX()) - left,
                Math.min(one.getMaxY(), other.getMaxY()) - top);
    }
}
