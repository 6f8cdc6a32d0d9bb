package hestra.desktop.parts;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import javafx.application.Platform;

/**
 * Work in steps, of which the first are done at once and the others while the window waits for nothing else: a long sheet is
 * there from its top on, and what is out of sight follows. Used on the window's thread.
 */
public final class Gradually {

    /** Nothing to be done. */
    public static final Gradually NOTHING = new Gradually(List.of());

    private final Deque<Runnable> left;

    private Gradually(List<Runnable> steps) {
        this.left = new ArrayDeque<>(steps);
    }

    /** Does so many of the steps now and the others by and by, in their order. */
    public static Gradually of(List<Runnable> steps, int now) {
        Gradually work = new Gradually(steps);
        for (int done = 0; done < now && !work.left.isEmpty(); done++) {
            work.step();
        }
        work.goOn();
        return work;
    }

    private void step() {
        if (!left.isEmpty()) {
            left.poll().run();
        }
    }

    private void goOn() {
        if (!left.isEmpty()) {
            Platform.runLater(() -> {
                step();
                goOn();
            });
        }
    }

    /** Does at once what is left. */
    public void finish() {
        while (!left.isEmpty()) {
            step();
        }
    }

    /** Lets go what is left: something else takes its place. */
    public void stop() {
        left.clear();
    }
}
