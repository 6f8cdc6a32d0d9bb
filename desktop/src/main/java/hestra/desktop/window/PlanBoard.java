package hestra.desktop.window;

import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;

import hestra.desktop.demo.Plans;
import hestra.desktop.figure.CloudThumbnail;
import hestra.desktop.look.Look;
import hestra.exercise.Exercise;
import hestra.numbers.Words;

/** Plans to start an exercise from: what each is good for, and of which tasks it is made. */
final class PlanBoard extends Board {

    private static final double CARD = 440;
    private static final double HEIGHT = 130;
    private static final double PICTURE = 104;

    private final TilePane cards;

    /** A board that hands on an exercise of one's own, made by the plan that is chosen. */
    PlanBoard(Look look, Consumer<Exercise> chosen) {
        this(look, chosen, new TilePane(12, 12));
    }

    private PlanBoard(Look look, Consumer<Exercise> chosen, TilePane cards) {
        super("plans", "Plans to start from",
                "Each is complete. Put your own data in its place, by paste, file or recipe: tasks and keys follow, and what "
                + "no longer fits is pointed out.", cards);
        this.cards = cards;
        cards.setPrefColumns(2);
        cards.setPrefTileWidth(CARD);
        Plans.all().forEach(plan -> cards.getChildren().add(card(plan, look, chosen)));
    }

    private Button card(Plans.Plan plan, Look look, Consumer<Exercise> chosen) {
        Exercise exercise = plan.exercise();
        Region picture = CloudThumbnail.of(Optional.of(exercise.firstWithData().pairs()), look, PICTURE, HEIGHT - 34);
        Label title = new Label(exercise.title());
        title.getStyleClass().add("task-title");
        Label about = new Label(plan.about());
        about.setWrapText(true);
        about.setMinHeight(Region.USE_PREF_SIZE);
        Label kinds = new Label(exercise.tasks().stream().map(task -> task.kind().title()).distinct()
                .collect(Collectors.joining(" \u00b7 ")));
        kinds.getStyleClass().add("small");
        kinds.setMinWidth(0);
        VBox text = new VBox(3, title, about, kinds);
        text.setMinWidth(0);
        text.setMaxWidth(CARD - PICTURE - 46);
        text.setPrefWidth(CARD - PICTURE - 46);
        HBox.setHgrow(text, Priority.ALWAYS);
        Button card = new Button("", new HBox(12, picture, text));
        card.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        card.setAlignment(Pos.TOP_LEFT);
        card.setId(exercise.id());
        card.setAccessibleText(Words.ended(exercise.title()) + " " + plan.about());
        card.getStyleClass().setAll("shelf-card");
        card.setPrefSize(CARD, HEIGHT);
        card.setOnAction(_ -> {
            leave();
            chosen.accept(exercise.called(UUID.randomUUID().toString()));
        });
        return card;
    }
}
