package hestra.desktop.sheet;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.TextArea;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.desktop.parts.TypingRun;
import hestra.task.Described;
import hestra.task.Description;
import hestra.task.Task;

/** Direction, form, strength and unusual points, and a sentence. */
final class DescribeForm extends TaskForm {

    DescribeForm(DeskModel model, Task task, Runnable check) {
        super(model, task, check);
        GridPane grid = new GridPane();
        grid.getStyleClass().add("form");
        choice(grid, 0, "direction", Description.Direction.values(), Described::direction);
        choice(grid, 1, "form", Description.Form.values(), Described::form);
        choice(grid, 2, "strength", Description.Strength.values(), Described::strength);
        choice(grid, 3, "unusual points", Description.Unusual.values(), Described::unusual);
        TextArea sentence = area("In a sentence: what do you see?");
        TypingRun run = new TypingRun(sentence);
        sentence.textProperty().addListener((_, _, text) -> draft(described().withSentence(text), run.now()));
        onShow(_ -> put(sentence, described().sentence()));
        getChildren().addAll(grid, sentence);
    }

    private <T extends Description.Choice> void choice(GridPane grid, int row, String name, T[] values,
            Function<Described, Optional<T>> part) {
        Choices<T> choices = new Choices<>(id() + "-" + name.replace(' ', '-'), Arrays.asList(values),
                Description.Choice::inWords,
                value -> draft(described().with(value)));
        VBox stacked = new VBox(formLabel(name), choices);
        stacked.getStyleClass().add("stacked");
        grid.add(stacked, 0, row);
        offerFirst(choices.getChildren().getFirst());
        onShow(_ -> choices.show(part.apply(described())));
    }

    private Described described() {
        return standing(Described.class);
    }
}
