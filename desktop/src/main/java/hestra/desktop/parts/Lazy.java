package hestra.desktop.parts;

import java.util.Optional;
import java.util.function.Supplier;

/** Something that is made when it is first asked for. */
public final class Lazy<T> {

    private final Supplier<T> maker;
    private Optional<T> made = Optional.empty();

    public Lazy(Supplier<T> maker) {
        this.maker = maker;
    }

    public T get() {
        if (made.isEmpty()) {
            made = Optional.of(maker.get());
        }
        return made.get();
    }
}
