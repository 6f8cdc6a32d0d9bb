package hestra.desktop.parts;

import java.util.List;
import javafx.collections.ListChangeListener;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Skin;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/**
 * A scroll pane for contents that change all the time, such as numbers that follow a point that is dragged. It goes two ways of
 * its own:
 * <ul>
 * <li>What is in it is painted where it stands. The toolkit's own way is by a picture of all that is in view, which is quick to
 * move, and made anew as a whole whenever anything in it changes.</li>
 * <li>Nothing in it is ever made lower than it asks for, so that nobody need know how low it might become. Panes ask their
 * children for both heights, and those theirs again: texts that wrap are laid out twice as often at each level.</li>
 * </ul>
 */
public class DirectScroll extends ScrollPane {

    private static final ListChangeListener<Node> ADDED = change -> {
        while (change.next()) {
            change.getAddedSubList().forEach(DirectScroll::keepsItsHeight);
        }
    };

    public DirectScroll() {}

    public DirectScroll(Node contents) {
        super(contents);
    }

    @Override
    protected Skin<?> createDefaultSkin() {
        Skin<?> skin = super.createDefaultSkin();
        getChildrenUnmodifiable().stream().filter(it -> it.getStyleClass().contains("viewport"))
                .forEach(it -> it.setCache(false));
        contentProperty().subscribe(DirectScroll::keepsItsHeight);
        return skin;
    }

    /** Has the height that it asks for worked out anew whenever its width changes, or what is in it. */
    protected final void followHeightOf(Region contents) {
        widthProperty().addListener(_ -> requestLayout());
        contents.needsLayoutProperty().addListener(_ -> {
            if (contents.isNeedsLayout()) {
                requestLayout();
            }
        });
    }

    private static void keepsItsHeight(Node node) {
        if (node instanceof Pane pane) {
            if (pane.getMinHeight() == Region.USE_COMPUTED_SIZE) {
                pane.setMinHeight(0);
            }
            pane.getChildren().removeListener(ADDED);
            pane.getChildren().addListener(ADDED);
            List.copyOf(pane.getChildren()).forEach(DirectScroll::keepsItsHeight);
        }
    }
}
