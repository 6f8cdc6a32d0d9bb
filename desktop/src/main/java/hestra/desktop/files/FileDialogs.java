package hestra.desktop.files;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Asks a person for a file. */
public interface FileDialogs {

    /** A kind of file: what it is called and the endings of its name, the usual one first. */
    record Kind(String title, List<String> endings) {
        public Kind(String title, String ending) {
            this(title, List.of(ending));
        }

        String ending() {
            return endings.getFirst();
        }
    }

    /** Asks for a file to open; nothing when the person thinks better of it. */
    Optional<Path> open(Kind kind, Path folder);

    /** Asks for a place to save to; nothing when the person thinks better of it. */
    Optional<Path> save(Kind kind, Path folder, String name);

    /** Asks for a folder; nothing when the person thinks better of it. */
    Optional<Path> folder(String title, Path folder);
}
