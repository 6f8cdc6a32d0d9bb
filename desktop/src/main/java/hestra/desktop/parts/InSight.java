package hestra.desktop.parts;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;

/** Scrolls what has the keyboard into sight, however it came by it. */
public final class InSight {

    private InSight() {}

    /** From here on, in a pane and what it scrolls. */
    public static void keep(ScrollPane pane, Region contents) {
        pane.sceneProperty().flatMap(Scene::focusOwnerProperty).subscribe(owner -> show(pane, contents, owner));
    }

    /** Shows what has the keyboard now, where it is within. */
    public static void show(ScrollPane pane, Region contents) {
        if (pane.getScene() != null) {
            show(pane, contents, pane.getScene().getFocusOwner());
        }
    }

    private static void show(ScrollPane pane, Region contents, Node owner) {
        double room = contents.getHeight() - pane.getViewportBounds().getHeight();
        if (room <= 0 || !Stops.isWithin(owner, contents)) {
            return;
        }
        Bounds there = contents.sceneToLocal(owner.localToScene(owner.getLayoutBounds()));
        double top = pane.getVvalue() * room;
        boolean seen = there.getMinY() >= top && there.getMaxY() <= top + pane.getViewportBounds().getHeight();
        if (!seen) {
            pane.setVvalue(Math.clamp((there.getCenterY() - pane.getViewportBounds().getHeight() / 2) / room, 0, 1));
        }
    }
}
