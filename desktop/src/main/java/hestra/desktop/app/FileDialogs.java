package hestra.desktop.app;

import java.nio.file.Path;
import java.util.Optional;

/** Asks a person for a file. */
public interface FileDialogs {

    /** A kind of file: what it is called and the ending of its name. */
    record Kind(String title, String ending) {}

    /** Asks for a file to open; nothing when the person thinks better of it. */
    Optional<Path> open(Kind kind, Path folder);

    /** Asks for a place to save to; nothing when the person thinks better of it. */
    Optional<Path> save(Kind kind, Path folder, String name);
}
