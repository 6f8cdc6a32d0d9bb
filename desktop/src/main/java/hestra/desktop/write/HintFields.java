package hestra.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Names;
import hestra.desktop.parts.Tip;
import hestra.desktop.parts.TypingRun;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;
import hestra.task.Hint;
import hestra.task.Task;
import hestra.task.Terms;

/** The hints that a student may ask for, one after the other, each with what it costs. */
final class HintFields {

    private HintFields() {}

    static void add(TaskFields fields, DeskModel model) {
        VBox list = new VBox();
        list.getStyleClass().add("option-list");
        Button more = new Button("Add a hint");
        more.setId("edit-add-hint");
        more.getStyleClass().add("quiet");
        more.setOnAction(_ -> fields.change(task -> {
            List<Hint> now = new ArrayList<>(task.terms().helps());
            now.add(new Hint("", 0));
            return now.size() > Hint.MOST ? task : task.with(task.terms().withHelps(now));
        }));
        fields.onShow(task -> {
            int count = task.terms().helps().size();
            more.setDisable(count >= Hint.MOST);
            while (list.getChildren().size() > count) {
                list.getChildren().removeLast();
            }
            while (list.getChildren().size() < count) {
                list.getChildren().add(new Row(fields, model, list.getChildren().size()));
            }
            list.getChildren().forEach(it -> ((Row) it).show(task));
        });
        fields.add(TaskFields.label("hints to ask for, one after the other; the last may tell all"), list, more);
    }

    /** One hint: its text, and how many marks it costs. */
    private static final class Row extends HBox {
        private final int place;
        private final DeskModel model;
        private final TextField text = new TextField();
        private final TextField cost = new TextField();

        Row(TaskFields fields, DeskModel model, int place) {
            this.place = place;
            this.model = model;
            text.setId("edit-hint-" + place);
            text.setPromptText("hint");
            TypingRun typing = new TypingRun(text);
            text.textProperty().addListener((_, _, now) -> change(fields, typing, it -> new Hint(now, it.cost())));
            cost.setId("edit-hint-" + place + "-cost");
            cost.setPrefColumnCount(3);
            Tip.set(cost, "How many marks it costs");
            Names.as(cost, "marks that hint " + (place + 1) + " costs");
            TypingRun counting = new TypingRun(cost);
            cost.textProperty().addListener((_, _, now) -> {
                if (NumberReading.ofMeasurement(now, model.desk().exercise().mark()) instanceof NumberReading.Value value
                        && value.value() >= 0 && value.value() <= Terms.MOST_MARKS) {
                    change(fields, counting, it -> new Hint(it.text(), value.value()));
                }
            });
            Button remove = new Button("\u2715");
            remove.setId("edit-hint-" + place + "-remove");
            remove.getStyleClass().add("quiet");
            remove.setAccessibleText("remove hint " + (place + 1));
            Tip.set(remove, "Removes this hint");
            remove.setOnAction(_ -> fields.change(task -> {
                List<Hint> now = new ArrayList<>(task.terms().helps());
                now.remove(place);
                return task.with(task.terms().withHelps(now));
            }));
            setHgrow(text, Priority.ALWAYS);
            setAlignment(Pos.CENTER_LEFT);
            getStyleClass().add("side-by-side");
            getChildren().addAll(text, new Label("\u2212"), cost, remove);
        }

        private void change(TaskFields fields, TypingRun run, UnaryOperator<Hint> how) {
            fields.change(task -> {
                List<Hint> now = new ArrayList<>(task.terms().helps());
                if (place < now.size()) {
                    now.set(place, how.apply(now.get(place)));
                }
                return task.with(task.terms().withHelps(now));
            }, run.now());
        }

        void show(Task task) {
            Hint hint = task.terms().helps().get(place);
            if (!text.getText().equals(hint.text())) {
                text.setText(hint.text());
            }
            if (!(NumberReading.ofMeasurement(cost.getText(), model.desk().exercise().mark()) instanceof NumberReading.Value value
                    && value.value() == hint.cost())) {
                cost.setText(NumberStyle.STANDARD.shortest(hint.cost()));
            }
        }
    }
}
