package hestra.desktop.cli;

import java.io.PrintStream;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;

/** Tells a measuring script when the window can be used: after its second frame. */
public final class Started {

    private static final int FRAMES = 2;

    private Started() {}

    /** Prints a line once the window has been drawn and takes input, and ends the program. */
    public static void tellAndExit() {
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
                    Platform.exit();
                }
            }
        }.start();
    }
}
