package hestra.desktop.window;

import javafx.scene.Node;
import javafx.scene.layout.VBox;
import javafx.util.Subscription;

import hestra.desktop.model.DeskModel;
import hestra.desktop.table.VariableForm;

/** The columns of a study at a glance: names, units, what each is for and holds, and which values are possible. */
final class ColumnsBoard extends Board {

    private static final double WIDTH = 760;

    private final VariableForm columns;
    private final Subscription following;

    /** A board that follows the table until it goes. */
    ColumnsBoard(VariableForm columns, DeskModel model) {
        super("columns-board", "Columns", "What each column is called, what it is for, and what it holds.", room(columns));
        this.columns = columns;
        this.following = model.watch(_ -> columns.show());
    }

    private static VBox room(VariableForm columns) {
        columns.show();
        VBox room = new VBox(columns);
        room.setPrefWidth(WIDTH);
        return room;
    }

    @Override
    Node first() {
        return columns.first();
    }

    @Override
    void leave() {
        following.unsubscribe();
        super.leave();
    }
}
