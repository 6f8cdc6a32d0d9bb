package hestra.desktop.parts;

import java.util.function.Function;
import javafx.util.StringConverter;

/** Shows the values of a list to choose from in words. */
public final class InWords<T> extends StringConverter<T> {

    private final Function<T, String> words;

    /** {@code words} says a value. */
    public InWords(Function<T, String> words) {
        this.words = words;
    }

    @Override
    public String toString(T value) {
        return value == null ? "" : words.apply(value);
    }

    @Override
    public T fromString(String text) {
        throw new UnsupportedOperationException("not typed");
    }
}
