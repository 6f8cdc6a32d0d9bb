package hestra.desktop.window;

import java.util.function.BiConsumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.demo.OrrinBay;
import hestra.desktop.figure.FigureView;
import hestra.desktop.look.Look;
import hestra.exercise.Exercise;
import hestra.figure.Thumbnail;


/** The course of Orrin Bay to choose from, over the window: the shape of each cloud, its question, its aim and its minutes. */
final class DemoShelf extends Board {

    private static final double CARD = 262;
    private static final double HEIGHT = 286;
    private static final double PICTURE = 108;

    private final BiConsumer<Exercise, MainWindow.View> chosen;
    private final Look look;
    private final FlowPane cards;

    /** A shelf that tells what was chosen and then goes. */
    DemoShelf(Look look, BiConsumer<Exercise, MainWindow.View> chosen) {
        this(look, chosen, new FlowPane());
    }

    private DemoShelf(Look look, BiConsumer<Exercise, MainWindow.View> chosen, FlowPane cards) {
        super("shelf", "The exercises of Orrin Bay",
                "A made-up field station and its people: a course of ten weeks. Each exercise stands alone; change it as "
                + "you like.",
                        cards);
        this.look = look;
        this.chosen = chosen;
        this.cards = cards;
        cards.getStyleClass().add("shelf-cards");
        cards.setPrefWrapLength(4 * CARD + 3 * 14);
    }

    /** The cards are made when it is first opened. */
    @Override
    void open() {
        if (cards.getChildren().isEmpty()) {
            OrrinBay.shelf().forEach(set -> cards.getChildren().add(card(set)));
        }
        super.open();
    }

    private Button card(OrrinBay.Set set) {
        Exercise exercise = set.exercise();
        FigureView picture = new FigureView(look,
                layout -> Thumbnail.describe(exercise.firstWithData().truth(exercise.mark()).pairsWithSlips(), layout));
        picture.setPrefSize(CARD - 26, PICTURE);
        picture.setMouseTransparent(true);
        Label title = new Label(exercise.title());
        title.getStyleClass().add("task-title");
        Label week = new Label("week " + set.week() + " \u00b7 about " + set.minutes() + " minutes");
        week.getStyleClass().add("small");
        Label story = new Label(exercise.heading());
        story.setWrapText(true);
        story.setMinHeight(Region.USE_PREF_SIZE);
        Label aim = new Label(set.aimInFull());
        aim.getStyleClass().add("small");
        aim.setWrapText(true);
        aim.setMinHeight(Region.USE_PREF_SIZE);
        picture.setMinHeight(PICTURE);
        VBox content = new VBox(picture, week, title, story, aim);
        content.getStyleClass().add("shelf-content");
        content.setMaxWidth(CARD - 26);
        content.setPrefWidth(CARD - 26);
        Button card = new Button();
        card.setGraphic(content);
        card.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        card.setAlignment(Pos.TOP_LEFT);
        card.setId("shelf-" + exercise.id());
        card.setAccessibleText(set.inFull());
        card.getStyleClass().setAll("shelf-card");
        card.setPrefSize(CARD, HEIGHT);
        card.setMinSize(CARD, HEIGHT);
        card.setOnAction(_ -> {
            leave();
            chosen.accept(exercise, MainWindow.View.WORK);
        });
        return card;
    }
}
