package hestra.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.Choices;
import hestra.desktop.parts.Formula;
import hestra.desktop.parts.TypingRun;
import hestra.task.FillCalculation;
import hestra.working.CalculationCells;

import static hestra.desktop.parts.Presence.present;

/** Which way the calculation goes, and what of it is left out for the student. */
final class FillCalculationFields {

    private FillCalculationFields() {}

    static void add(KindFields<FillCalculation> fields) {
        Choices<CalculationCells.Way> way = new Choices<>("edit-way", List.of(CalculationCells.Way.values()),
                CalculationCells.Way::inWords, it -> fields.change(task -> task.way() == it ? task
                : new FillCalculation(task.terms(), it, usual(it), task.rows(), task.places())));
        fields.onShow(task -> way.show(Optional.of(task.way())));
        VBox asked = new VBox();
        asked.getStyleClass().add("aid-list");
        List<CalculationCells.Way> shown = new ArrayList<>();
        fields.onShow(task -> {
            if (!shown.equals(List.of(task.way()))) {
                shown.clear();
                shown.add(task.way());
                asked.getChildren().clear();
                CalculationCells.groups(task.way()).forEach(group -> asked.getChildren().add(box(fields, group)));
            }
            asked.getChildren().forEach(it -> ((CheckBox) it).setSelected(task.asked().contains((String) it.getUserData())));
        });
        TextField rows = new TextField();
        rows.setId("edit-fill-rows");
        rows.setPromptText("all rows; or such as 1, 2, 5");
        TypingRun run = new TypingRun(rows);
        Label problem = new Label("Row numbers with commas between them.");
        problem.getStyleClass().addAll("small", "problem-text");
        rows.textProperty().addListener((_, _, text) -> {
            Optional<Set<Integer>> named = RowNumbers.read(text, CalculationCells.MOST_PAIRS);
            present(problem, named.isEmpty());
            named.ifPresent(it -> fields.change(task -> new FillCalculation(task.terms(), task.way(), task.asked(), it,
                    task.places()), run.now()));
        });
        fields.onShow(task -> {
            if (RowNumbers.read(rows.getText(), CalculationCells.MOST_PAIRS).filter(task.rows()::equals).isEmpty()) {
                rows.setText(RowNumbers.write(task.rows()));
            }
            present(problem, RowNumbers.read(rows.getText(), CalculationCells.MOST_PAIRS).isEmpty());
        });
        Node places = fields.spinner("edit-fill-places", 0, FillCalculation.MOST_PLACES, FillCalculation::places,
                (task, count) -> new FillCalculation(task.terms(), task.way(), task.asked(), task.rows(), count));
        fields.add(TaskFields.label("calculated"), way, TaskFields.label("left out for the student"), asked,
                TaskFields.sideBySide(TaskFields.stacked("decimal places", places),
                        TaskFields.stacked("in columns, the rows", rows)), problem);
    }

    private static Set<String> usual(CalculationCells.Way way) {
        return way == CalculationCells.Way.SUMS ? Set.of("sum-dxx", "sum-dxy", "slope", "intercept") : Set.of("xx", "xy", "b");
    }

    private static CheckBox box(KindFields<FillCalculation> fields, CalculationCells.Group group) {
        CheckBox box = new CheckBox();
        HBox formula = new HBox(Formula.onOneLine(group.title()));
        formula.getStyleClass().add("check-formula");
        box.setGraphic(formula);
        box.setAccessibleText(group.title());
        box.setId("asked-" + group.id());
        box.setUserData(group.id());
        box.setOnAction(_ -> fields.change(task -> {
            Set<String> now = new TreeSet<>(task.asked());
            if (box.isSelected()) {
                now.add(group.id());
            } else {
                now.remove(group.id());
            }
            return new FillCalculation(task.terms(), task.way(), now, task.rows(), task.places());
        }));
        return box;
    }
}
