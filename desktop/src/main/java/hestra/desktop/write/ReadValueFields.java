package hestra.desktop.write;

import java.util.OptionalDouble;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.InWords;
import hestra.feedback.Quantity;
import hestra.task.ReadValue;

import static hestra.desktop.parts.Presence.present;

/** Which value, of what, and how it is given. */
final class ReadValueFields {

    private static final int MOST_ROWS = 10_000;

    private ReadValueFields() {}

    static void add(KindFields<ReadValue> fields, DeskModel model) {
        ComboBox<Quantity> quantity = new ComboBox<>(FXCollections.observableArrayList(Quantity.values()));
        quantity.setId("edit-quantity");
        quantity.setMaxWidth(Double.MAX_VALUE);
        quantity.setConverter(new InWords<>(Quantity::inWords));
        quantity.valueProperty().addListener((_, before, now) -> {
            if (now != null && before != null) {
                fields.change(task -> task.asking(now, model.findings().writtenTruth()));
            }
        });
        Node row = fields.spinner("edit-row", 1, MOST_ROWS, task -> task.asking().row().orElse(0) + 1,
                (task, number) -> task.with(task.asking().ofRow(number - 1)));
        NumberText<ReadValue> at = new NumberText<>(fields, model, "edit-at", false, task -> task.asking().at(),
                (task, x) -> task.with(task.asking().at(x.getAsDouble())), _ -> true, _ -> { });
        NumberText<ReadValue> level = new NumberText<>(fields, model, "edit-level", false,
                task -> OptionalDouble.of(100 * task.reading().level()),
                (task, percent) -> task.with(task.asking().atLevel(percent.getAsDouble() / 100)), it -> it > 0
                        && it < 100, _ -> { });
        VBox ofCurve = CurveField.of(fields, "of which curve", task -> task.asking().ofCurve(),
                (task, curve) -> task.with(task.asking().of(curve)));
        VBox ofRow = TaskFields.stacked("of row", row);
        VBox atX = TaskFields.stacked("at x", at.field());
        VBox atLevel = TaskFields.stacked("level in %", level.field());
        fields.onShow(task -> {
            quantity.setValue(task.quantity());
            Quantity.Of of = task.quantity().of();
            present(ofCurve, of == Quantity.Of.CURVE || of == Quantity.Of.ROW || of == Quantity.Of.PLACE);
            present(ofRow, of == Quantity.Of.ROW);
            present(atX, of == Quantity.Of.PLACE);
            present(atLevel, of == Quantity.Of.PLACE || of == Quantity.Of.LEVEL);
        });
        fields.add(TaskFields.label("which value"), quantity, ofCurve, TaskFields.sideBySide(ofRow, atX, atLevel));
        RoundingFields.add(fields, ReadValue::rounding,
                (task, rounding) -> new ReadValue(task.terms(), task.quantity(), rounding, task.more()));
        fields.add(Ticks.one(fields, "edit-unit-asked", "the unit is asked for", task -> task.asking().unit(),
                (task, asked) -> task.with(task.asking().withUnit(asked))),
                Ticks.one(fields, "edit-from-rounded", "a value from rounded coefficients counts as right", task -> task.asking()
                        .fromRounded(), (task, it) -> task.with(task.asking().fromRounded(it))));
    }
}
