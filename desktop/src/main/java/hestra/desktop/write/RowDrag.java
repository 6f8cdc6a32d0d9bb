package hestra.desktop.write;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.css.PseudoClass;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;

/** Drags a row of the sheet to another place: the place nearest to the pointer lights up, and letting go there moves the row. */
final class RowDrag {

    private static final PseudoClass TARGET = PseudoClass.getPseudoClass("target");
    /** So far the pointer goes before a press is a drag. */
    private static final double FAR = 7;

    private final Pane sheet;
    private final Supplier<List<Node>> places;
    private final SheetActions actions;
    private double from;
    private Optional<String> block = Optional.empty();
    private Optional<Node> target = Optional.empty();

    /**
     * Lets the rows of a sheet be dragged; a row says by its user data which block it is.
     *
     * @param places nodes between the rows, each with its {@link Spot}
     */
    RowDrag(Pane sheet, Supplier<List<Node>> places, SheetActions actions) {
        this.sheet = sheet;
        this.places = places;
        this.actions = actions;
        sheet.addEventFilter(MouseEvent.MOUSE_PRESSED, this::press);
        sheet.addEventFilter(MouseEvent.MOUSE_DRAGGED, this::drag);
        sheet.addEventFilter(MouseEvent.MOUSE_RELEASED, this::release);
    }

    private void press(MouseEvent event) {
        boolean typed = event.getButton() != MouseButton.PRIMARY;
        Node node = event.getTarget() instanceof Node it ? it : sheet;
        while (node != sheet && node.getParent() != sheet) {
            typed |= node instanceof TextInputControl || node instanceof ButtonBase;
            node = node.getParent();
        }
        block = !typed && node.getUserData() instanceof String id ? Optional.of(id) : Optional.empty();
        from = event.getSceneY();
    }

    private void drag(MouseEvent event) {
        if (block.isEmpty() || target.isEmpty() && Math.abs(event.getSceneY() - from) < FAR) {
            return;
        }
        sheet.setCursor(Cursor.CLOSED_HAND);
        Optional<Node> nearest = places.get().stream()
                .min(Comparator.comparingDouble(node -> Math.abs(middle(node) - event.getSceneY())));
        if (!nearest.equals(target)) {
            target.ifPresent(node -> node.pseudoClassStateChanged(TARGET, false));
            nearest.ifPresent(node -> node.pseudoClassStateChanged(TARGET, true));
            target = nearest;
        }
        event.consume();
    }

    private static double middle(Node node) {
        return node.localToScene(node.getBoundsInLocal()).getCenterY();
    }

    private void release(MouseEvent event) {
        sheet.setCursor(null);
        Optional<String> dragged = block;
        Optional<Node> place = target;
        block = Optional.empty();
        target = Optional.empty();
        place.ifPresent(node -> {
            node.pseudoClassStateChanged(TARGET, false);
            event.consume();
            if (dragged.isPresent() && node.getUserData() instanceof Spot spot) {
                actions.move(dragged.get(), spot);
            }
        });
    }
}
