package hestra.desktop.parts;

import java.util.OptionalInt;
import javafx.scene.Node;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import javafx.scene.input.Dragboard;
import javafx.scene.input.TransferMode;

/** A column of the table on its way to an axis, by the mouse. */
public final class DraggedColumn {

    private static final DataFormat FORMAT = new DataFormat("application/x-hestra-column");

    private DraggedColumn() {}

    /** Lets a column be dragged by its heading. */
    public static void from(Node heading, int column) {
        heading.setOnDragDetected(event -> {
            Dragboard board = heading.startDragAndDrop(TransferMode.LINK);
            ClipboardContent content = new ClipboardContent();
            content.put(FORMAT, Integer.toString(column));
            board.setContent(content);
            board.setDragView(heading.snapshot(null, null));
            event.consume();
        });
    }

    /** The column that is being dragged; nothing where something else is. */
    public static OptionalInt on(Dragboard board) {
        return board.getContent(FORMAT) instanceof String text && text.matches("\\d{1,6}")
                ? OptionalInt.of(Integer.parseInt(text)) : OptionalInt.empty();
    }
}
