package hestra.desktop.demo;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;

/** Goes through the whole example without a display and writes pictures and a report. */
public final class Tour {

    private Tour() {}

    /** Writes the example into a folder, and says which files it wrote. */
    public static List<Path> run(Path folder) throws IOException {
        throw new IOException("not yet");
    }
}
