package hestra.documents;

import java.util.function.Function;

/**
 * What came of reading a file: its contents, or what is wrong with it and what to do.
 *
 * @param <T> the contents
 */
public sealed interface Reading<T> {

    /** Read and found in order. */
    record Done<T>(T value) implements Reading<T> {}

    /**
     * Not readable.
     *
     * @param message says what is wrong, where, and what to do
     */
    record Refused<T>(String message) implements Reading<T> {}

    static <T> Reading<T> done(T value) {
        return new Done<>(value);
    }

    static <T> Reading<T> refused(String message) {
        return new Refused<>(message);
    }

    /** The contents put to further use, which may be refused in turn. */
    default <U> Reading<U> then(Function<T, Reading<U>> next) {
        return switch (this) {
            case Done<T>(T value) -> next.apply(value);
            case Refused<T>(String message) -> refused(message);
        };
    }
}
