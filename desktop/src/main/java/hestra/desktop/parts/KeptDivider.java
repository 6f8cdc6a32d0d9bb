package hestra.desktop.parts;

import java.util.function.DoubleSupplier;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.SplitPane;
import javafx.scene.input.MouseEvent;


/**
 * A divider that gives a part of the window as many pixels as it usually has, until a person drags it; from then on as many as
 * that person gave it, in later sittings too.
 */
public final class KeptDivider {

    private static final double NEAR = 1.5;
    /** The most that a divider itself is wide. */
    private static final double WIDE = 12;

    private static final String DIVIDER = "split-pane-divider";

    private final SplitPane pane;
    private final int index;
    private final boolean before;
    private final Kept kept;
    private final Supplier<String> key;
    private final DoubleSupplier usual;

    /**
     * A divider of a pane.
     *
     * @param index which divider, from 0
     * @param before whether the part that keeps its size stands before it, or after
     * @param key under which the size is kept
     * @param usual the size while nobody has chosen one
     */
    public KeptDivider(SplitPane pane, int index, boolean before, Kept kept, Supplier<String> key, DoubleSupplier usual) {
        this.pane = pane;
        this.index = index;
        this.before = before;
        this.kept = kept;
        this.key = () -> "room." + key.get();
        this.usual = usual;
        pane.addEventFilter(MouseEvent.MOUSE_DRAGGED, event -> {
            // Everything that is dragged within the pane comes by here, frame by frame: all dividers are looked for only where it
            // is one.
            if (event.getTarget() instanceof Node node && node.getStyleClass().contains(DIVIDER) && node == divider()) {
                Platform.runLater(this::keep);
            }
        });
        pane.widthProperty().addListener(_ -> place());
        pane.heightProperty().addListener(_ -> place());
    }

    private Node divider() {
        return pane.lookupAll("." + DIVIDER).stream().filter(it -> it.getParent() == pane).skip(index).findFirst().orElse(null);
    }

    private double room() {
        return pane.getOrientation() == Orientation.HORIZONTAL
                ? pane.getWidth() - pane.snappedLeftInset() - pane.snappedRightInset()
                : pane.getHeight() - pane.snappedTopInset() - pane.snappedBottomInset();
    }

    private double size() {
        double share = pane.getDividerPositions()[index];
        return room() * (before ? share : 1 - share);
    }

    private void keep() {
        kept.put(key.get(), Math.round(size()));
    }

    private double least(Node node) {
        return pane.getOrientation() == Orientation.HORIZONTAL ? node.minWidth(-1)
                : node.minHeight(pane.getWidth() - pane.snappedLeftInset() - pane.snappedRightInset());
    }

    /** Gives the part its size, as soon as all has been laid out. */
    public void place() {
        Platform.runLater(() -> {
            if (room() > 0 && pane.getDividers().size() > index) {
                // Never so much that the part beside it would stand out of its place.
                double wanted = Math.min(kept.number(key.get(), usual.getAsDouble()),
                        room() - WIDE - least(pane.getItems().get(before ? index + 1 : index)));
                if (Math.abs(size() - wanted) > NEAR) {
                    pane.setDividerPosition(index, before ? wanted / room() : 1 - wanted / room());
                }
            }
        });
    }
}
