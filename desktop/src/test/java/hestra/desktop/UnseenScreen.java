package hestra.desktop;

import java.io.IOException;

import hestra.desktop.tour.FxThread;
import net.bytebuddy.ByteBuddy;
import net.bytebuddy.agent.ByteBuddyAgent;
import net.bytebuddy.dynamic.ClassFileLocator;
import net.bytebuddy.dynamic.loading.ClassReloadingStrategy;
import net.bytebuddy.implementation.StubMethod;
import net.bytebuddy.pool.TypePool;

import static net.bytebuddy.matcher.ElementMatchers.named;

/**
 * Starts JavaFX for tests, and spares their windows the copying of each frame to the headless platform's screen. It goes pixel by pixel,
 * took half of the time of all tests, and only a capture of that screen would read it: pictures in tests are taken of the scene.
 */
public final class UnseenScreen {

    private static final String WINDOW = "com.sun.glass.ui.headless.HeadlessWindow";

    private static boolean started;

    private UnseenScreen() {}

    /** Starts JavaFX, where it has not been started so far. */
    public static synchronized void start() throws IOException {
        if (!started) {
            stubbed();
            started = true;
        }
        FxThread.start();
    }

    private static void stubbed() throws IOException {
        ClassLoader loader = UnseenScreen.class.getClassLoader();
        ClassFileLocator files = ClassFileLocator.ForClassLoader.of(loader);
        ClassReloadingStrategy reloading = ClassReloadingStrategy.of(ByteBuddyAgent.install());
        try {
            new ByteBuddy().redefine(TypePool.Default.of(files).describe(WINDOW).resolve(), files).method(named("blit"))
                    .intercept(StubMethod.INSTANCE).make().load(Class.forName(WINDOW, false, loader).getClassLoader(), reloading);
        } catch (ClassNotFoundException e) {
            throw new IOException("JavaFX has no headless platform", e);
        }
    }
}
