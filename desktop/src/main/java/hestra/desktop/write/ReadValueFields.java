package hestra.desktop.write;

import javafx.collections.FXCollections;
import javafx.scene.control.ComboBox;

import hestra.desktop.model.DeskModel;
import hestra.feedback.Quantity;
import hestra.task.ReadValue;

/** Which value, and how it is rounded. */
final class ReadValueFields {

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
        fields.onShow(task -> quantity.setValue(task.quantity()));
        fields.add(TaskFields.label("which value"), quantity);
        RoundingFields.add(fields, ReadValue::rounding, (task, rounding) -> new ReadValue(task.terms(), task.quantity(), rounding));
    }
}
