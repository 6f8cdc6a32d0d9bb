package hestra.desktop.window;

import javafx.geometry.Pos;
import javafx.scene.Node;
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

import static hestra.desktop.parts.Presence.present;

/** A board that comes over the window and goes again by Escape, its button or a click beside it. */
class Board extends StackPane {

    private final Button close = new Button("Close");
    private final ScrollPane scroll;
    private Node before;

    /** A board with a title, a line below it and its contents, not there yet. */
    Board(String id, String title, String note, Node contents) {
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
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                leave();
                event.consume();
            }
        });
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
        first().requestFocus();
    }

    /** What has the keyboard when it has come. */
    Node first() {
        return close;
    }

    /** Goes, and gives the keyboard back. */
    void leave() {
        present(this, false);
        if (before != null && before.getScene() != null) {
            before.requestFocus();
        }
    }
}
