package hestra.desktop.cli;

import java.util.Optional;

/** Whether there is a screen to show a window on. */
public final class Display {

    private Display() {}

    /** Why no window can be shown; nothing where one can. */
    public static Optional<String> missing() {
        boolean chosen = System.getProperty("glass.platform") != null;
        boolean linux = System.getProperty("os.name").startsWith("Linux");
        if (!linux || chosen || isSet("DISPLAY") || isSet("WAYLAND_DISPLAY")) {
            return Optional.empty();
        }
        return Optional.of("There is no display to open a window on (neither DISPLAY nor WAYLAND_DISPLAY is set).\n"
                + "Run it on a machine with a screen, or see the whole example as pictures: hestra demo --offscreen DIR");
    }

    /** Has JavaFX draw without any display, unless the start of the program said otherwise. To be called before its first use. */
    static void doWithout() {
        if (System.getProperty("glass.platform") == null) {
            System.setProperty("glass.platform", "Headless");
            System.setProperty("prism.order", "sw");
        }
    }

    private static boolean isSet(String variable) {
        String value = System.getenv(variable);
        return value != null && !value.isBlank();
    }
}
