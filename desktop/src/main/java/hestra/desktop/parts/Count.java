package hestra.desktop.parts;

import javafx.scene.control.Spinner;
import javafx.scene.control.SpinnerValueFactory;
import javafx.util.StringConverter;

/**
 * A field for a whole number with arrows, into which one may type as well: what is no number, or out of bounds, leaves or limits
 * the one before.
 */
public final class Count {

    private Count() {}

    /** A field that holds a first number. */
    public static Spinner<Integer> field(String id, int least, int greatest, int first, double width) {
        SpinnerValueFactory.IntegerSpinnerValueFactory values = new SpinnerValueFactory.IntegerSpinnerValueFactory(least,
                greatest, first);
        Spinner<Integer> field = new Spinner<>(values);
        values.setConverter(new StringConverter<>() {
            @Override
            public String toString(Integer value) {
                return value == null ? "" : value.toString();
            }

            @Override
            public Integer fromString(String text) {
                String typed = text.strip();
                // More digits than fit are more than is allowed.
                return typed.matches("\\d{1,9}") ? Integer.valueOf(Math.clamp(Integer.parseInt(typed), least, greatest))
                        : typed.matches("\\d+") ? Integer.valueOf(greatest)
                        : values.getValue();
            }
        });
        field.setEditable(true);
        field.setId(id);
        field.setPrefWidth(width);
        // What was not taken does not stay there as if it were.
        field.getEditor().setOnAction(_ -> take(field));
        field.focusedProperty().addListener((_, _, has) -> {
            if (!has) {
                take(field);
            }
        });
        return field;
    }

    private static void take(Spinner<Integer> field) {
        Integer value = field.getValueFactory().getConverter().fromString(field.getEditor().getText());
        field.getValueFactory().setValue(value);
        field.getEditor().setText(field.getValueFactory().getConverter().toString(value));
    }
}
