package hestra.desktop.parts;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.Region;

/** What stands at the left of the desk: the sheet of an exercise, or a person's own. */
public interface Sheet {

    /** The sheet itself. */
    Region region();

    /** Where typing goes on it. */
    Optional<Node> whereToType();

    /** Puts the keyboard where the work goes on. */
    void begin();
}
