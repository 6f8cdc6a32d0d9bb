package hestra.desktop.write;

import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.collections.FXCollections;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.InWords;
import hestra.fit.Curve;
import hestra.task.Task;
import hestra.task.WriteEquation;

/** A list of curves to choose from among the fields of a task. */
final class CurveField {

    private CurveField() {}

    /** The list under a title; it is not yet added. */
    static <T extends Task> VBox of(KindFields<T> fields, String title, Function<T, Curve> now,
            BiFunction<T, Curve, Task> changed) {
        ComboBox<Curve> curve = new ComboBox<>(FXCollections.observableArrayList(WriteEquation.CURVES));
        curve.setId("edit-curve");
        curve.setMaxWidth(Double.MAX_VALUE);
        curve.setConverter(new InWords<>(Curve::inWords));
        curve.valueProperty().addListener((_, before, value) -> {
            if (value != null && before != null) {
                fields.change(task -> changed.apply(task, value));
            }
        });
        fields.onShow(task -> curve.setValue(now.apply(task)));
        return TaskFields.stacked(title, curve);
    }

    /** Adds the list. */
    static <T extends Task> void add(KindFields<T> fields, String title, Function<T, Curve> now,
            BiFunction<T, Curve, Task> changed) {
        fields.add(of(fields, title, now, changed));
    }
}
