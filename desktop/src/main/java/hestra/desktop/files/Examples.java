package hestra.desktop.files;

import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;

/**
 * The folder of the examples that come with Hestra, where it runs from its sources. What is opened there is opened as a copy: a
 * saved one would be the next build's example.
 */
final class Examples {

    private static final String FOLDER = "hestra.examples";

    private Examples() {}

    /** Whether a file is one of the examples. */
    static boolean hold(Path file) {
        return folder().filter(it -> file.toAbsolutePath().normalize().startsWith(it)).isPresent();
    }

    private static Optional<Path> folder() {
        try {
            return Optional.ofNullable(System.getProperty(FOLDER)).filter(it -> !it.isBlank())
                    .map(it -> Path.of(it).toAbsolutePath().normalize());
        } catch (InvalidPathException e) {
            return Optional.empty();
        }
    }
}
