package hestra.desktop.window;

import java.io.PrintStream;
import java.util.List;
import javafx.animation.AnimationTimer;
import javafx.stage.Window;

/** Tells a measuring script, which asks by a property, when the window can be used: after its second frame. */
public final class Started {

    private static final String ASKED = "hestra.started";
    private static final int FRAMES = 2;

    private Started() {}

    /** Does so where it is asked for. */
    static void tellWhereAsked() {
        if (Boolean.getBoolean(ASKED)) {
            tellAndClose();
        }
    }

    /** Prints a line once the window has been drawn and takes input, and closes the window. */
    public static void tellAndClose() {
        new AnimationTimer() {
            private int frames;

            @Override
            public void handle(long now) {
                if (++frames > FRAMES) {
                    stop();
                    // The measuring script reads this line from standard output, so it does not go through the log.
                    PrintStream out = System.out;
                    out.println("usable");
                    out.flush();
                    List.copyOf(Window.getWindows()).forEach(Window::hide);
                }
            }
        }.start();
    }
}
