package hestra.desktop;

import java.io.IOException;

import hestra.desktop.look.Looks;
import hestra.desktop.tour.FxThread;
import net.bytebuddy.ByteBuddy;
import net.bytebuddy.agent.ByteBuddyAgent;
import net.bytebuddy.dynamic.ClassFileLocator;
import net.bytebuddy.dynamic.loading.ClassReloadingStrategy;
import net.bytebuddy.implementation.StubMethod;
import net.bytebuddy.pool.TypePool;

import static net.bytebuddy.matcher.ElementMatchers.named;

/**
 * Starts JavaFX for tests, and spares their windows what nobody sees: the painting of each frame, and its copying to the headless
 * platform's screen. Pictures in tests are taken of the scene, which paints it for that.
 */
public final class UnseenScreen {

    private static final String WINDOW = "com.sun.glass.ui.headless.HeadlessWindow";

    private static final String PAINTER = "com.sun.javafx.tk.quantum.ViewPainter";

    private static boolean started;

    private UnseenScreen() {}

    /** Starts JavaFX with the program's typefaces and theme, where that has not been done so far. */
    public static synchronized void start() throws IOException {
        if (!started) {
            stubbed();
            FxThread.start();
            FxThread.call(() -> {
                Looks.prepare();
                return null;
            });
            started = true;
        }
    }

    private static void stubbed() throws IOException {
        ByteBuddyAgent.install();
        stubbed(WINDOW, "blit");
        stubbed(PAINTER, "paintImpl");
    }

    /** A method of JavaFX that does nothing from here on. */
    private static void stubbed(String type, String method) throws IOException {
        ClassLoader loader = UnseenScreen.class.getClassLoader();
        ClassFileLocator files = ClassFileLocator.ForClassLoader.of(loader);
        try {
            new ByteBuddy().redefine(TypePool.Default.of(files).describe(type).resolve(), files).method(named(method))
                    .intercept(StubMethod.INSTANCE).make()
                    .load(Class.forName(type, false, loader).getClassLoader(), ClassReloadingStrategy.fromInstalledAgent());
        } catch (ClassNotFoundException e) {
            throw new IOException("JavaFX has no " + type, e);
        }
    }
}
