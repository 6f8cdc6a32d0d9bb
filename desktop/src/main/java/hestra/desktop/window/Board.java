package hestra.desktop.window;

import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.FocusMark;
import hestra.desktop.parts.InSight;
import hestra.desktop.parts.Stops;

import static hestra.desktop.parts.Presence.present;

/**
 * A board that comes over the window and goes again by Escape, its button or a click beside it. While it is there it holds the
 * keyboard: Tab goes round in it, and keys that would do something behind it do nothing.
 */
class Board extends StackPane {

    private static final double LINE = 40;

    private final Button close = new Button("Close");
    private final Node contents;
    private final ScrollPane scroll;
    private Node before;
    private boolean backward;

    /** A board with a title, a line below it and its contents, not there yet. */
    Board(String id, String title, String note, Region contents) {
        this.contents = contents;
        getStyleClass().add("board-ground");
        setId(id);
        Label heading = new Label(title);
        heading.getStyleClass().add("sheet-heading");
        Label line = new Label(note);
        line.getStyleClass().add("small");
        line.setWrapText(true);
        close.getStyleClass().add("quiet");
        close.setId(id + "-close");
        close.setOnAction(_ -> leave());
        close.setMinWidth(Region.USE_PREF_SIZE);
        VBox titles = new VBox(heading, line);
        HBox.setHgrow(titles, Priority.ALWAYS);
        HBox top = new HBox(titles, close);
        top.setAlignment(Pos.TOP_LEFT);
        // Scrolls in a small window or with large type.
        scroll = new ScrollPane(contents);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        // As high as its contents, whose lines wrap, and which change while it stands there.
        contents.layoutBoundsProperty().addListener((_, _, now) -> scroll.setPrefViewportHeight(Math.ceil(now.getHeight())));
        VBox board = new VBox(top, scroll);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        board.getStyleClass().add("board");
        board.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        getChildren().add(board);
        InSight.keep(scroll, contents);
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            backward = event.getCode() == KeyCode.TAB && event.isShiftDown();
            if (event.getCode() == KeyCode.ESCAPE) {
                leave();
                event.consume();
            }
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::unused);
        sceneProperty().flatMap(Scene::focusOwnerProperty).subscribe(this::hold);
        setOnMousePressed(event -> {
            if (event.getTarget() == this) {
                leave();
            }
        });
        present(this, false);
    }

    /** Comes to the front, the keyboard on it. */
    void open() {
        before = getScene() == null ? before : getScene().getFocusOwner();
        present(this, true);
        // What scrolls is in the window only once it has been laid out.
        applyCss();
        getParent().layout();
        scroll.setVvalue(0);
        FocusMark.give(first());
    }

    /** What has the keyboard when it has come: its first field or button, where it has one. */
    Node first() {
        return Stops.first(contents).orElse(close);
    }

    /** Keys that nothing in the board has used: they scroll it, and go no further than to what help there is. */
    private void unused(KeyEvent event) {
        double page = scroll.getViewportBounds().getHeight() * 0.9;
        boolean reading = Stops.first(contents).isEmpty();
        boolean used = true;
        if (event.isShortcutDown() && event.getCode() == KeyCode.ENTER
                && contents.lookup(".main-action") instanceof Button main && !main.isDisabled()) {
            main.fire();
        }
        switch (event.getCode()) {
            case PAGE_DOWN -> scrollBy(page);
            case PAGE_UP -> scrollBy(-page);
            case DOWN -> used = reading && scrollBy(LINE);
            case UP -> used = reading && scrollBy(-LINE);
            case HOME -> scroll.setVvalue(0);
            case END -> scroll.setVvalue(1);
            default -> used = event.isShortcutDown() || event.isAltDown();
        }
        if (used) {
            event.consume();
        }
    }

    private boolean scrollBy(double pixels) {
        double room = contents.getLayoutBounds().getHeight() - scroll.getViewportBounds().getHeight();
        scroll.setVvalue(room <= 0 ? 0 : Math.clamp(scroll.getVvalue() + pixels / room, 0, 1));
        return true;
    }

    /** Brings the keyboard back from behind the board: to its first stop, or going backward to its last. */
    private void hold(Node owner) {
        if (owner == null || !isUppermost() || Stops.isWithin(owner, this)) {
            return;
        }
        List<Node> stops = Stops.in(this);
        Node stop = backward ? stops.getLast() : stops.getFirst();
        Platform.runLater(() -> {
            if (isUppermost() && !Stops.isWithin(getScene().getFocusOwner(), this)) {
                FocusMark.give(stop);
            }
        });
    }

    /** Whether it is there, and no board over it. */
    private boolean isUppermost() {
        return isVisible() && getParent() != null && uppermost(getParent()).filter(this::equals).isPresent();
    }

    /** The board that stands over all else in a window's root, where there is one. */
    static Optional<Board> uppermost(Parent root) {
        return root.getChildrenUnmodifiable().stream().filter(Board.class::isInstance).map(Board.class::cast)
                .filter(Node::isVisible).reduce((_, later) -> later);
    }

    /** Goes, and gives the keyboard back. */
    void leave() {
        present(this, false);
        if (before != null && before.getScene() != null) {
            FocusMark.give(before);
        }
    }
}
