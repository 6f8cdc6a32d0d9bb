package hestra.desktop.mark;

import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Cards one below the other, of which the one in hand is kept in sight. */
final class CardList extends ScrollPane {

    private static final double AROUND = 12;

    private final VBox list = new VBox();

    CardList(String id) {
        setContent(list);
        setId(id);
        list.getStyleClass().add("group-list");
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
    }

    void clear() {
        list.getChildren().clear();
    }

    void add(Node... nodes) {
        list.getChildren().addAll(nodes);
    }

    /** Goes back to the top. */
    void toTop() {
        setVvalue(0);
    }

    /** Scrolls no further than it takes to see a card. */
    void bringIntoView(Region card) {
        Platform.runLater(() -> {
            // It may have been put in only just now.
            applyCss();
            layout();
            double room = getViewportBounds().getHeight();
            double height = list.getHeight() - room;
            if (height > 0 && card.getParent() != null) {
                double from = getVvalue() * height;
                double top = card.getBoundsInParent().getMinY() - AROUND;
                double bottom = card.getBoundsInParent().getMaxY() + AROUND;
                double to = top < from ? top : bottom > from + room ? Math.min(top, bottom - room) : from;
                setVvalue(Math.clamp(to / height, 0, 1));
            }
        });
    }
}
