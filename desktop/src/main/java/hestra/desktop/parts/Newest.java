package hestra.desktop.parts;

import java.util.concurrent.Callable;
import java.util.function.Consumer;
import javafx.concurrent.Task;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Work beside the window's thread of which only the newest counts: what was asked for earlier and comes back late is let go, so
 * that it never stands in the place of what came after it. Used on the window's thread, on which results come back.
 */
public final class Newest<T> {

    private static final Logger LOG = LoggerFactory.getLogger(Newest.class);

    private final String name;
    private int asked;

    /** {@code name} is that of the threads. */
    public Newest(String name) {
        this.name = name;
    }

    /** Does some work whose failure no one need be told of but the log. */
    public void run(Callable<T> work, Consumer<T> then) {
        run(work, then, failure -> LOG.error("{} cannot be shown", name, failure));
    }

    /** Does some work; its result, or what it threw, is handed on unless newer work has been asked for by then. */
    public void run(Callable<T> work, Consumer<T> then, Consumer<Throwable> failed) {
        int mine = ++asked;
        Task<T> task = new Task<>() {
            @Override
            protected T call() throws Exception {
                return work.call();
            }
        };
        task.setOnSucceeded(_ -> {
            if (mine == asked) {
                then.accept(task.getValue());
            }
        });
        task.setOnFailed(_ -> {
            if (mine == asked) {
                failed.accept(task.getException());
            }
        });
        Thread.ofPlatform().daemon().name(name).start(task);
    }
}
