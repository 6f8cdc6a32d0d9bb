package hestra.desktop.files;

import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Properties;

import hestra.desktop.parts.Kept;
import hestra.documents.file.FileReading;
import hestra.documents.file.FileWriting;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What is remembered from one start to the next: the size of the window, light or dark, the size of type, the last folder.
 * Kept as a file of properties in Hestra's own folder, beside the journals.
 */
public final class Settings implements Kept {

    private static final Logger LOG = LoggerFactory.getLogger(Settings.class);
    private static final String FILE = "settings.properties";
    private static final long MOST_BYTES = 4L << 20;

    private final Path folder;
    private final Properties values = new Properties();
    private boolean changed;

    private Settings(Path folder) {
        this.folder = folder;
    }

    /** The settings in a folder; those of a first start where there are none or they cannot be read. */
    public static Settings in(Path folder) {
        Settings settings = new Settings(folder);
        Path file = folder.resolve(FILE);
        if (Files.exists(file)) {
            try {
                settings.values.load(new StringReader(new String(FileReading.bytes(file, MOST_BYTES).orElse(new byte[0]),
                        StandardCharsets.UTF_8)));
            } catch (IOException | IllegalArgumentException e) {
                LOG.warn("The settings in {} cannot be read; starting with the usual ones", file, e);
            }
        }
        return settings;
    }

    /** Hestra's own folder: where HESTRA_HOME says, else where the platform keeps the state of programs. */
    public static Path usualFolder() {
        String own = System.getenv("HESTRA_HOME");
        if (own != null && !own.isBlank()) {
            return Path.of(own);
        }
        String home = System.getProperty("user.home");
        String os = System.getProperty("os.name");
        if (os.startsWith("Windows")) {
            String local = System.getenv("LOCALAPPDATA");
            return Path.of(local == null ? home : local, "Hestra");
        }
        if (os.startsWith("Mac")) {
            return Path.of(home, "Library", "Application Support", "Hestra");
        }
        String state = System.getenv("XDG_STATE_HOME");
        return state == null || state.isBlank() ? Path.of(home, ".local", "state", "hestra") : Path.of(state, "hestra");
    }

    public Path folder() {
        return folder;
    }

    /** A path that is remembered; nothing where none is, or what stands there is none on this machine. */
    public Optional<Path> path(String key) {
        try {
            return Optional.of(text(key, "")).filter(it -> !it.isBlank()).map(Path::of);
        } catch (InvalidPathException e) {
            LOG.info("{} is no path here", key, e);
            return Optional.empty();
        }
    }

    @Override
    public double number(String key, double usual) {
        try {
            double value = Double.parseDouble(values.getProperty(key, ""));
            return Double.isFinite(value) ? value : usual;
        } catch (NumberFormatException e) {
            return usual;
        }
    }

    public boolean flag(String key) {
        return Boolean.parseBoolean(values.getProperty(key));
    }

    public String text(String key, String usual) {
        return values.getProperty(key, usual);
    }

    @Override
    public void put(String key, Object value) {
        changed |= !String.valueOf(value).equals(values.setProperty(key, String.valueOf(value)));
    }

    /** Writes the settings where they have changed; a failure is logged and costs nothing but them. */
    public void save() {
        if (!changed) {
            return;
        }
        changed = false;
        try {
            FileWriting.write(folder.resolve(FILE),
                    out -> values.store(new OutputStreamWriter(out, StandardCharsets.UTF_8), null));
        } catch (IOException e) {
            LOG.warn("The settings cannot be kept in {}", folder, e);
        }
    }
}
