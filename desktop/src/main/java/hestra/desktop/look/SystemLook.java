package hestra.desktop.look;

import java.util.Locale;
import java.util.Map;
import javafx.application.ColorScheme;
import javafx.application.Platform;
import javafx.collections.MapChangeListener;

/** What the system is set to: light or dark, and high contrast. */
public final class SystemLook {

    /** Named so by the platforms' own lists of preferences. */
    private static final String WINDOWS_CONTRAST = "Windows.SPI.HighContrast";
    private static final String GTK_THEME = "GTK.theme_name";

    private SystemLook() {}

    /** Has a look go with the system, now and when that changes, as long as nobody has chosen by hand. */
    public static void follow(Look look) {
        Platform.Preferences system = Platform.getPreferences();
        Runnable take = () -> {
            if (look.likeTheSystemProperty().get()) {
                look.darkProperty().set(system.getColorScheme() == ColorScheme.DARK);
                look.highContrastProperty().set(isOfHighContrast(system));
            }
        };
        system.colorSchemeProperty().subscribe(_ -> take.run());
        system.addListener((MapChangeListener<String, Object>) _ -> take.run());
        look.likeTheSystemProperty().subscribe(_ -> take.run());
    }

    /** Whether the preferences of a platform ask for high contrast; where it has no word for it they do not. */
    static boolean isOfHighContrast(Map<String, Object> preferences) {
        return Boolean.TRUE.equals(preferences.get(WINDOWS_CONTRAST))
                || preferences.get(GTK_THEME) instanceof String theme
                && theme.toLowerCase(Locale.ROOT).replace("-", "").contains("highcontrast");
    }
}
