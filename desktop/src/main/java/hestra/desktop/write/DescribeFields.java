package hestra.desktop.write;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.control.Label;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.task.Describe;
import hestra.task.Description;

/** The right choices, with what the data would propose. */
final class DescribeFields {

    private DescribeFields() {}

    static void add(KindFields<Describe> fields, DeskModel model) {
        choice(fields, "direction", Description.Direction.values(), Description::direction,
                (now, it) -> new Description(it, now.form(), now.strength(), now.unusual()));
        choice(fields, "form", Description.Form.values(), Description::form,
                (now, it) -> new Description(now.direction(), it, now.strength(), now.unusual()));
        choice(fields, "strength", Description.Strength.values(), Description::strength,
                (now, it) -> new Description(now.direction(), now.form(), it, now.unusual()));
        choice(fields, "unusual points", Description.Unusual.values(), Description::unusual,
                (now, it) -> new Description(now.direction(), now.form(), now.strength(), it));
        Label proposed = new Label();
        proposed.getStyleClass().add("small");
        proposed.setWrapText(true);
        fields.onShow(_ -> proposed.setText("Suggested from the data: "
                + Description.proposedFor(model.findings().writtenTruth().pairsWithSlips()).inWords() + ". You decide."));
        fields.add(proposed);
    }

    private static <T extends Description.Choice> void choice(KindFields<Describe> fields, String title, T[] values,
            Function<Description, T> now,
            BiFunction<Description, T, Description> changed) {
        Choices<T> choices = new Choices<>("edit-" + title.replace(' ', '-'), Arrays.asList(values), Description.Choice::inWords,
                it -> fields.change(task -> new Describe(task.terms(), changed.apply(task.key(), it))));
        fields.onShow(task -> choices.show(Optional.of(now.apply(task.key()))));
        fields.add(TaskFields.label(title), choices);
    }
}
