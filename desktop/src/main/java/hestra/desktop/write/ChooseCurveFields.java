package hestra.desktop.write;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.Choices;
import hestra.fit.Curve;
import hestra.task.ChooseCurve;
import hestra.task.CurveReason;
import hestra.task.WriteEquation;

import static hestra.desktop.parts.Presence.present;

/** Which curves there are to choose from, how the right one is found, and the reasons that are right. */
final class ChooseCurveFields {

    private ChooseCurveFields() {}

    static void add(KindFields<ChooseCurve> fields) {
        VBox offered = Ticks.list(fields, "edit-offered", WriteEquation.CURVES, Curve::inWords, Curve::key,
                task -> Set.copyOf(task.offered()), (task, now) -> {
            List<Curve> curves = WriteEquation.CURVES.stream().filter(now::contains).toList();
            return curves.isEmpty() || curves.size() > ChooseCurve.MOST_CURVES ? task : task.offering(curves);
        });
        Choices<ChooseCurve.By> by = new Choices<>("edit-by", List.of(ChooseCurve.By.values()), ChooseCurve.By::inWords,
                it -> fields.change(task -> task.with(it)));
        ComboBox<String> chosen = new ComboBox<>();
        chosen.setId("edit-chosen");
        chosen.setMaxWidth(Double.MAX_VALUE);
        chosen.valueProperty().addListener((_, before, now) -> {
            if (before != null && now != null) {
                fields.change(task -> task.options().contains(now) ? task.choosing(task.options().indexOf(now)) : task);
            }
        });
        fields.onShow(task -> {
            by.show(Optional.of(task.by()));
            if (!chosen.getItems().equals(task.options())) {
                chosen.getItems().setAll(task.options());
            }
            chosen.setValue(task.options().get(task.chosen()));
            present(chosen, task.by() == ChooseCurve.By.AUTHOR);
        });
        VBox reasons = Ticks.list(fields, "edit-reasons", List.of(CurveReason.values()), CurveReason::inWords, CurveReason::name,
                ChooseCurve::reasons, ChooseCurve::because);
        fields.add(TaskFields.label("to choose from"), offered, TaskFields.label("right is"), by, chosen,
                TaskFields.label("reasons that are right (none: no reason is asked for)"), reasons,
                Ticks.one(fields, "edit-sentence", "a sentence is asked for too, which you read", ChooseCurve::sentence,
                        ChooseCurve::withSentence));
    }
}
