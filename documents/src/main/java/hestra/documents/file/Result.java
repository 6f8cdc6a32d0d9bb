package hestra.documents.file;

import java.util.function.Function;
import java.util.function.Supplier;

import org.slf4j.LoggerFactory;

/**
 * What came of reading a file: its contents, or what is wrong with it and what to do.
 *
 * @param <T> the contents
 */
public sealed interface Result<T> {

    /** Read and found in order. */
    record Done<T>(T value) implements Result<T> {}

    /**
     * Not readable.
     *
     * @param message says what is wrong, where, and what to do
     */
    record Refused<T>(String message) implements Result<T> {}

    static <T> Result<T> done(T value) {
        return new Done<>(value);
    }

    static <T> Result<T> refused(String message) {
        return new Refused<>(message);
    }

    /**
     * The boundary to files from strangers: whatever a reader throws at one means that the file is damaged or beyond what can be
     * read, and says no more than that.
     *
     * @param name the file's name, for the message
     */
    static <T> Result<T> guarded(String name, Supplier<Result<T>> reader) {
        try {
            return reader.get();
        } catch (Progress.Stopped e) {
            throw e;
        } catch (RuntimeException | VirtualMachineError e) {
            LoggerFactory.getLogger(Result.class).debug("{} cannot be read", name, e);
            return refused(name + " is damaged, or too large to be worked with, and was not opened. Ask for it again.");
        }
    }

    /** The contents put to further use, which may be refused in turn. */
    default <U> Result<U> then(Function<T, Result<U>> next) {
        return switch (this) {
            case Done<T>(T value) -> next.apply(value);
            case Refused<T>(String message) -> refused(message);
        };
    }
}
