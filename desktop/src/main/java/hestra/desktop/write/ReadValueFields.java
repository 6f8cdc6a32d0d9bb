package hestra.desktop.write;

import javafx.collections.FXCollections;
import javafx.scene.control.ComboBox;
import javafx.util.StringConverter;

import hestra.feedback.Quantity;
import hestra.task.ReadValue;
import hestra.task.Task;

/** Which value, and how it is rounded. */
final class ReadValueFields {

    private ReadValueFields() {}

    static void add(KindFields<ReadValue> fields) {
        ComboBox<Quantity> quantity = new ComboBox<>(FXCollections.observableArrayList(Quantity.values()));
        quantity.setId("edit-quantity");
        quantity.setMaxWidth(Double.MAX_VALUE);
        quantity.setConverter(new Words());
        quantity.valueProperty().addListener((_, before, now) -> {
            if (now != null && before != null) {
                fields.change(task -> asking(task, now));
            }
        });
        fields.onShow(task -> quantity.setValue(task.quantity()));
        fields.add(TaskFields.label("which value"), quantity);
        RoundingFields.add(fields, ReadValue::rounding, (task, rounding) -> new ReadValue(task.terms(), task.quantity(), rounding));
    }

    /** The task for another value: a title that was not the author's own changes with it. */
    private static Task asking(ReadValue task, Quantity now) {
        boolean usualTitle = task.terms().title().equals(task.quantity().title());
        return new ReadValue(usualTitle ? task.terms().withTitle(now.title()) : task.terms(), now, task.rounding());
    }

    private static final class Words extends StringConverter<Quantity> {
        @Override
        public String toString(Quantity value) {
            return value == null ? "" : value.inWords();
        }

        @Override
        public Quantity fromString(String text) {
            throw new UnsupportedOperationException("not typed");
        }
    }
}
