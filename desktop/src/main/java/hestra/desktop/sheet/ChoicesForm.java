package hestra.desktop.sheet;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.VBox;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.RadioList;
import hestra.desktop.parts.TypingRun;
import hestra.exercise.OptionOrder;
import hestra.task.ByChoice;
import hestra.task.ChoiceRow;
import hestra.task.Chosen;
import hestra.task.Question;

/** Choices among sentences, one row of them or several, perhaps with a text below. */
final class ChoicesForm extends TaskForm {

    /** How many letters of all options there is room for in a row. */
    private static final int SIDE_BY_SIDE = 24;

    ChoicesForm(DeskModel model, ByChoice task, Runnable check) {
        super(model, task, check);
        List<ChoiceRow> rows = task.rows(model.findings().truth());
        for (int i = 0; i < rows.size(); i++) {
            ChoiceRow row = rows.get(i);
            getChildren().add(row.several() ? ticked(i, row) : isShort(row) ? sideBySide(i, row) : single(i, row));
        }
        task.textPrompt().ifPresent(prompt -> text(prompt,
                task instanceof Question question && question.sort() == Question.Sort.SHORT_TEXT));
    }

    private Chosen chosen() {
        return standing(Chosen.class);
    }

    /** Whether there is room for the options beside one another. */
    private static boolean isShort(ChoiceRow row) {
        return row.options().stream().mapToInt(String::length).sum() <= SIDE_BY_SIDE;
    }

    /** In which order the options stand for who sits here: answers name them by their places as they were written. */
    private List<Integer> order(ChoiceRow choice) {
        return OptionOrder.of(model().desk().exercise(), Reader.atThisDesk()).places(id(), choice);
    }

    private VBox sideBySide(int row, ChoiceRow choice) {
        List<Integer> order = order(choice);
        Choices<Integer> choices = new Choices<>(id() + "-row-" + row, order, choice.options()::get,
                option -> draft(chosen().with(row, Set.of(option))));
        for (int i = 0; i < choices.getChildren().size(); i++) {
            choices.getChildren().get(i).setId(id() + "-row-" + row + "-" + order.get(i));
        }
        offerFirst(choices.getChildren().getFirst());
        onShow(_ -> choices.show(chosen().at(row).stream().findFirst()));
        VBox stacked = new VBox(choices);
        stacked.getStyleClass().add("stacked");
        if (!choice.prompt().isEmpty()) {
            Label label = formLabel(choice.prompt());
            label.setWrapText(true);
            label.setMinHeight(USE_PREF_SIZE);
            stacked.getChildren().addFirst(label);
        }
        return stacked;
    }

    private RadioList<Integer> single(int row, ChoiceRow choice) {
        RadioList<Integer> list = new RadioList<>(id() + "-row-" + row, choice.prompt(),
                order(choice), choice.options()::get, it -> Integer.toString(it),
                option -> draft(chosen().with(row, Set.of(option))));
        list.getChildren().stream().filter(it -> it.isFocusTraversable()).findFirst().ifPresent(this::offerFirst);
        onShow(_ -> list.show(chosen().at(row).stream().findFirst()));
        return list;
    }

    private VBox ticked(int row, ChoiceRow choice) {
        VBox list = new VBox();
        list.setId(id() + "-row-" + row);
        list.getStyleClass().add("reasons");
        if (!choice.prompt().isEmpty()) {
            list.getChildren().add(formLabel(choice.prompt()));
        }
        for (int option : order(choice)) {
            CheckBox box = Literally.said(new CheckBox(choice.options().get(option)));
            box.setId(id() + "-row-" + row + "-" + option);
            box.setWrapText(true);
            box.setMinHeight(USE_PREF_SIZE);
            box.setOnAction(_ -> {
                Set<Integer> now = new TreeSet<>(chosen().at(row));
                if (box.isSelected()) {
                    now.add(option);
                } else {
                    now.remove(option);
                }
                draft(chosen().with(row, now));
            });
            offerFirst(box);
            onShow(_ -> box.setSelected(chosen().at(row).contains(option)));
            list.getChildren().add(box);
        }
        return list;
    }

    private void text(String prompt, boolean single) {
        TextInputControl field = single ? new TextField() : area(prompt);
        if (field instanceof TextField line) {
            line.setId(id() + "-text");
            line.setPromptText(prompt);
            line.setOnAction(_ -> check());
        }
        TypingRun run = new TypingRun(field);
        field.textProperty().addListener((_, _, text) -> draft(chosen().withText(text), run.now()));
        onShow(_ -> put(field, chosen().text()));
        offerFirst(field);
        getChildren().add(field);
    }
}
