package hestra.desktop.app;

import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

import hestra.desktop.demo.OrrinBay;
import hestra.desktop.plot.FigureView;
import hestra.exercise.Exercise;
import hestra.figure.Thumbnail;

import static hestra.desktop.parts.Presence.present;

/** The data sets of Orrin Bay to choose from, over the window: the shape of each cloud, its two variables and its lesson. */
final class DemoShelf extends StackPane {

    private static final double CARD = 268;
    private static final double HEIGHT = 272;
    private static final double PICTURE = 108;

    private final Consumer<Exercise> chosen;
    private final Look look;
    private final FlowPane cards = new FlowPane();

    /** A shelf that tells what was chosen and then goes. */
    DemoShelf(Look look, Consumer<Exercise> chosen) {
        this.look = look;
        this.chosen = chosen;
        getStyleClass().add("shelf");
        setId("shelf");
        Label title = new Label("The data sets of Orrin Bay");
        title.getStyleClass().add("sheet-heading");
        Label note = new Label("A made-up field station and its people. Each set opens as an exercise with its story; change it as you like.");
        note.getStyleClass().add("small");
        Button close = new Button("Close");
        close.getStyleClass().add("quiet");
        close.setId("shelf-close");
        close.setOnAction(_ -> leave());
        close.setMinWidth(Region.USE_PREF_SIZE);
        VBox titles = new VBox(title, note);
        HBox.setHgrow(titles, Priority.ALWAYS);
        HBox top = new HBox(titles, close);
        top.setAlignment(Pos.TOP_LEFT);
        cards.getStyleClass().add("shelf-cards");
        cards.setPrefWrapLength(4 * CARD + 3 * 14);
        VBox board = new VBox(top, cards);
        board.getStyleClass().add("shelf-board");
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

    /** Comes to the front, the keyboard on the first set. */
    void open() {
        if (cards.getChildren().isEmpty()) {
            OrrinBay.sets().forEach(set -> cards.getChildren().add(card(set)));
        }
        present(this, true);
        cards.getChildren().getFirst().requestFocus();
    }

    private void leave() {
        present(this, false);
    }

    private Button card(OrrinBay.Set set) {
        Exercise exercise = set.exercise();
        FigureView picture = new FigureView(look, layout -> Thumbnail.describe(exercise.pairsWithSlips(), layout));
        picture.setPrefSize(CARD - 26, PICTURE);
        picture.setMouseTransparent(true);
        Label title = new Label(exercise.title());
        title.getStyleClass().add("task-title");
        Label axes = new Label(exercise.x().described() + " \u2192 " + exercise.y().described());
        axes.getStyleClass().add("small");
        axes.setWrapText(true);
        Label lesson = new Label(set.lesson());
        lesson.setWrapText(true);
        lesson.setMinHeight(Region.USE_PREF_SIZE);
        axes.setMinHeight(Region.USE_PREF_SIZE);
        picture.setMinHeight(PICTURE);
        VBox content = new VBox(picture, title, axes, lesson);
        content.getStyleClass().add("shelf-content");
        content.setMaxWidth(CARD - 26);
        content.setPrefWidth(CARD - 26);
        Button card = new Button();
        card.setGraphic(content);
        card.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        card.setAlignment(Pos.TOP_LEFT);
        card.setId("shelf-" + exercise.id());
        card.setAccessibleText(exercise.title() + ". " + set.lesson());
        card.getStyleClass().setAll("shelf-card");
        card.setPrefSize(CARD, HEIGHT);
        card.setMinSize(CARD, HEIGHT);
        card.setOnAction(_ -> {
            leave();
            chosen.accept(exercise);
        });
        return card;
    }
}
