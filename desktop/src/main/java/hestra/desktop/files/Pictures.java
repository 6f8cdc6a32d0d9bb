package hestra.desktop.files;

import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.scene.image.Image;

import hestra.tracing.Picture;

/** Where pictures come from. What cannot be taken is told, and nothing is handed on. */
public interface Pictures {

    /** Asks for a picture's file and hands on what it holds. */
    void choose(Consumer<Picture> then);

    /** Reads a picture's file and hands on what it holds. */
    void read(Path file, Consumer<Picture> then);

    /** Takes an image that was copied, and hands it on. */
    void take(Image image, Consumer<Picture> then);
}
