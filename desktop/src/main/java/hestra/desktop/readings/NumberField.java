package hestra.desktop.readings;

import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

import hestra.desktop.parts.Names;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;

/** A field for one measured value: what is typed is told as it is typed; Escape gives back what stood there. */
final class NumberField extends TextField {

    private final Supplier<DecimalMark> mark;
    private final Function<String, OptionalDouble> other;
    private String before = "";

    /**
     * A field.
     *
     * @param told takes the value, or nothing for an empty field
     * @param refused takes the reason why a text is no number
     */
    NumberField(String id, String meaning, Supplier<DecimalMark> mark, Consumer<OptionalDouble> told, Consumer<String> refused) {
        this(id, meaning, mark, _ -> OptionalDouble.empty(), told, refused);
    }

    /** A field that takes something else than a number too: {@code other} reads it, or nothing. */
    NumberField(String id, String meaning, Supplier<DecimalMark> mark, Function<String, OptionalDouble> other,
            Consumer<OptionalDouble> told, Consumer<String> refused) {
        this.mark = mark;
        this.other = other;
        setId(id);
        getStyleClass().add("number-field");
        setPrefColumnCount(5);
        Names.as(this, meaning);
        textProperty().addListener((_, _, _) -> {
            if (isFocused()) {
                tell(told, refused);
            }
        });
        focusedProperty().addListener((_, _, focused) -> {
            if (focused) {
                before = getText();
            }
        });
        addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE && !getText().equals(before)) {
                setText(before);
                event.consume();
            }
        });
    }

    private void tell(Consumer<OptionalDouble> told, Consumer<String> refused) {
        OptionalDouble read = other.apply(getText());
        if (read.isPresent()) {
            told.accept(read);
            return;
        }
        switch (NumberReading.ofMeasurement(getText(), mark.get())) {
            case NumberReading.Value value -> told.accept(OptionalDouble.of(value.value()));
            case NumberReading.Blank _ -> told.accept(OptionalDouble.empty());
            case NumberReading.Unreadable unreadable -> refused.accept(unreadable.reason());
        }
    }

    /** The value that is typed; nothing where it is none. */
    OptionalDouble value() {
        return NumberReading.measured(getText(), mark.get());
    }

    /** Shows a value, unless it is being typed. */
    void show(String text) {
        if (!isFocused()) {
            setText(text);
        }
    }
}
