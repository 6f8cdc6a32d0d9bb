package hestra.desktop.write;

import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.collections.FXCollections;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.InWords;
import hestra.fit.Curve;
import hestra.task.ByEye;

/** Which family is placed by eye, and how near to the least earns what. */
final class ByEyeFields {

    private ByEyeFields() {}

    static void add(KindFields<ByEye> fields, DeskModel model) {
        ComboBox<Curve> family = new ComboBox<>(FXCollections.observableArrayList(ByEye.FAMILIES));
        family.setId("edit-family");
        family.setMaxWidth(Double.MAX_VALUE);
        family.setConverter(new InWords<>(Curve::familyInWords));
        family.valueProperty().addListener((_, before, now) -> {
            if (before != null && now != null) {
                fields.change(task -> new ByEye(task.terms(), now, task.full(), task.half()));
            }
        });
        fields.onShow(task -> family.setValue(task.curve()));
        Label problem = new Label();
        problem.getStyleClass().addAll("small", "problem-text");
        problem.setWrapText(true);
        Consumer<Boolean> say = wrong -> problem.setText(wrong
                ? "Both are 1 or more, and the second is not below the first." : "");
        NumberText<ByEye> full = new NumberText<>(fields, model, "edit-full", false, task -> OptionalDouble.of(task.full()),
                (task, value) -> new ByEye(task.terms(), task.curve(), value.getAsDouble(),
                        Math.max(value.getAsDouble(), task.half())), value -> value >= 1, say);
        NumberText<ByEye> half = new NumberText<>(fields, model, "edit-half", false, task -> OptionalDouble.of(task.half()),
                (task, value) -> new ByEye(task.terms(), task.curve(), Math.min(value.getAsDouble(), task.full()),
                        value.getAsDouble()), value -> value >= 1, say);
        fields.add(TaskFields.label("which curve"), family, TaskFields.label("sum of squares as a multiple of the least"),
                TaskFields.sideBySide(TaskFields.stacked("all marks up to", full.field()),
                        TaskFields.stacked("half of them up to", half.field())), problem);
    }
}
