package hestra.desktop.files;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Properties;

/**
 * Which Hestra this is.
 *
 * @param number such as 0.1.0
 * @param date the day of it, as 2026-12-02
 * @param javaFx the JavaFX that it was built with
 */
public record Version(String number, String date, String javaFx) {

    /** The one that runs, as its build wrote it down. */
    public static Version here() {
        Properties written = new Properties();
        try (InputStream in = Version.class.getResourceAsStream("/hestra/desktop/version.properties")) {
            written.load(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new Version(written.getProperty("version"), written.getProperty("date"), written.getProperty("javafx"));
    }

    /** What a person is told of it, a line each: the version, what it runs on, where its own folder lies. */
    public List<String> lines() {
        return List.of("Hestra " + number + " of " + date,
                "Java " + System.getProperty("java.version") + ", JavaFX " + javaFx + ", " + System.getProperty("os.name") + " "
                + System.getProperty("os.arch"),
                "Hestra\u2019s own folder: " + Settings.usualFolder());
    }
}
