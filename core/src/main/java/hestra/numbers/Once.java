package hestra.numbers;

import java.util.function.Supplier;

/**
 * Something that is worked out when it is first asked for, and then kept. Whoever asks says how, always in the same way; that is
 * not kept, so that nothing is held that it needed. Used by one thread at a time.
 *
 * @param <T> what it is; not null
 */
public final class Once<T> {

    private T value;

    /** Not worked out yet. */
    public Once() {}

    /** The value, worked out now where it is not known. */
    public T get(Supplier<? extends T> how) {
        if (value == null) {
            value = how.get();
        }
        return value;
    }
}
