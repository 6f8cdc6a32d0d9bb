package hestra.desktop.write;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiConsumer;
import java.util.function.Supplier;
import javafx.css.PseudoClass;
import javafx.scene.control.TextField;

import hestra.desktop.parts.Names;
import hestra.desktop.parts.TypingRun;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;

/**
 * A field for a bound: a number as the exercise writes it, or nothing where it may be left empty. What is typed is kept while it
 * says the same.
 */
final class BoundField extends TextField {

    private static final int DIGITS = 12;
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final Supplier<DecimalMark> mark;
    private boolean showing;

    /**
     * A field.
     *
     * @param empty whether it may be left empty
     * @param typed takes what is typed, with the run of typing that it belongs to
     */
    BoundField(String id, String what, boolean empty, Supplier<DecimalMark> mark,
            BiConsumer<OptionalDouble, Optional<String>> typed) {
        this.mark = mark;
        setId(id);
        Names.as(this, what);
        setPrefColumnCount(5);
        getStyleClass().add("number-field");
        TypingRun run = new TypingRun(this);
        textProperty().addListener((_, _, text) -> {
            Optional<OptionalDouble> value = value(text).filter(it -> empty || it.isPresent());
            pseudoClassStateChanged(WRONG, value.isEmpty());
            if (!showing) {
                value.ifPresent(it -> typed.accept(it, run.now()));
            }
        });
    }

    /** Shows a number. */
    void show(OptionalDouble number) {
        if (value(getText()).filter(number::equals).isEmpty()) {
            showing = true;
            setText(number.isEmpty() ? "" : new NumberStyle(mark.get(), DIGITS).shortest(number.getAsDouble()));
            showing = false;
        }
    }

    private Optional<OptionalDouble> value(String text) {
        return text.isBlank() ? Optional.of(OptionalDouble.empty())
                : NumberReading.ofMeasurement(text, mark.get()) instanceof NumberReading.Value value
                ? Optional.of(OptionalDouble.of(value.value())) : Optional.empty();
    }
}
