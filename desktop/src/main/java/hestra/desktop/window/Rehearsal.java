package hestra.desktop.window;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.animation.AnimationTimer;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;

/**
 * Goes once through what people do first, and closes the window: the launcher has this recorded, so that the program knows its
 * way at every start. Nothing that is done here stays, since the launcher lets it happen in a folder of its own.
 */
final class Rehearsal {

    private static final String ASKED = "hestra.rehearsal";
    /** What has been done is drawn by then. */
    private static final int FRAMES = 3;
    private static final int ROWS = 2_500;

    private final MainWindow window;
    private final Deque<Runnable> steps = new ArrayDeque<>();

    private Rehearsal(MainWindow window) {
        this.window = window;
        steps.addAll(List.of(() -> window.show(MainWindow.View.WRITE), () -> window.show(MainWindow.View.WORK),
                () -> window.show(MainWindow.View.START), this::pasteData,
                () -> window.show(MainWindow.View.WORK), window::undo, Started::tellAndClose));
    }

    /** Does so where it is asked for. */
    static void goWhereAsked(MainWindow window) {
        if (Boolean.getBoolean(ASKED)) {
            new Rehearsal(window).go();
        }
    }

    private void go() {
        new AnimationTimer() {
            private int frames;

            @Override
            public void handle(long now) {
                if (!window.isBusy() && ++frames > FRAMES) {
                    frames = 0;
                    steps.removeFirst().run();
                    if (steps.isEmpty()) {
                        stop();
                    }
                }
            }
        }.start();
    }

    private void pasteData() {
        ClipboardContent content = new ClipboardContent();
        content.putString("days\tlength (cm)\n" + IntStream.range(0, ROWS)
                .mapToObj(i -> i / 10.0 + "\t" + (5 + i % 7 + i / 50) / 2.0).collect(Collectors.joining("\n")));
        Clipboard.getSystemClipboard().setContent(content);
        window.filing().pasteData();
    }
}
