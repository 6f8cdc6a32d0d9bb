package hestra.desktop.write;

import java.util.HashSet;
import java.util.Set;

/** What is ticked of a list of boxes. */
final class Ticked {

    private Ticked() {}

    /** The same with one thing ticked, or not. */
    static <T> Set<T> with(Set<T> before, T one, boolean ticked) {
        Set<T> now = new HashSet<>(before);
        if (ticked) {
            now.add(one);
        } else {
            now.remove(one);
        }
        return now;
    }
}
