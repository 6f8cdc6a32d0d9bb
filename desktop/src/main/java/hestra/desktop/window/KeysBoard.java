package hestra.desktop.window;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.mark.MarkKeys;
import hestra.desktop.notes.KeptNote;
import hestra.desktop.parts.KeyLine;
import hestra.desktop.plot.PlotKeys;
import hestra.desktop.table.GridKey;
import hestra.desktop.write.BlockRow;

import static hestra.desktop.parts.Presence.present;

/** What the mouse and the keys do, at one look, and found by typing. */
final class KeysBoard extends Board {

    private static final double WIDEST = 1190;

    private static final List<KeyLine> MOUSE = List.of(
            new KeyLine("drag a point", "moves it, where that is allowed"),
            new KeyLine("click a curve", "selects the curve: the readings are of it"),
            new KeyLine("drag the background", "moves the view"),
            new KeyLine("wheel, pinch", "zooms about the pointer"),
            new KeyLine("Shift+drag", "zooms to the rectangle"),
            new KeyLine("Ctrl+drag", "selects the points inside it"),
            new KeyLine("Ctrl+click", "selects one more point"),
            new KeyLine("double click", "adds a point, or shows everything"),
            new KeyLine("click an axis", "what it shows, and how"),
            new KeyLine("drag an axis", "to the other one: exchanges them"),
            new KeyLine("drag an equation", "moves it; the wheel resizes it"));

    private final TextField find;

    /** The board; {@code menu} are the keys of the menu. */
    KeysBoard(List<KeyLine> menu) {
        this(menu, new TextField(), new VBox(12));
    }

    private KeysBoard(List<KeyLine> menu, TextField find, VBox contents) {
        super("keys", "Mouse and keys",
                "There are no modes: what is under the pointer decides what a press does, and the line below the plot says so "
                + "beforehand.",
                contents);
        this.find = find;
        find.setId("keys-find");
        find.setPromptText("Type to find: a key, or what you want to do");
        find.setMaxWidth(340);
        List<Group> groups = List.of(new Group("Everywhere", WindowKeys.LINES),
                new Group("On your own sheet", join(WindowKeys.KEEPING, KeptNote.LINES)),
                new Group("In the plot, with the mouse", MOUSE), new Group("In Write", BlockRow.KEYS),
                new Group("In the plot, with keys", PlotKeys.LINES), new Group("In Mark", MarkKeys.LINES),
                new Group("In the table", GridKey.lines()), new Group("In the menu", menu));
        Label none = new Label("Nothing is called so. Try “copy”, “row” or “Ctrl”.");
        none.setId("keys-none");
        none.getStyleClass().add("small");
        present(none, false);
        FlowPane columns = new FlowPane();
        for (int i = 0; i < groups.size(); i += 2) {
            VBox column = new VBox(groups.get(i), groups.get(i + 1));
            column.getStyleClass().add("keys-column");
            columns.getChildren().add(column);
        }
        columns.setPrefWrapLength(WIDEST);
        columns.getStyleClass().add("keys-columns");
        contents.getChildren().addAll(find, none, columns);
        find.textProperty().addListener((_, _, words) -> {
            groups.forEach(group -> group.show(words));
            present(none, groups.stream().noneMatch(Region::isVisible));
        });
    }

    @Override
    void open() {
        find.clear();
        super.open();
    }

    private static List<KeyLine> join(List<KeyLine> first, List<KeyLine> then) {
        List<KeyLine> all = new ArrayList<>(first);
        all.addAll(then);
        return all;
    }

    /** Lines that belong together, of which those that are looked for are shown. */
    private static final class Group extends VBox {

        private final List<KeyLine> lines;
        private final GridPane grid = new GridPane();

        Group(String title, List<KeyLine> lines) {
            this.lines = lines;
            Label heading = new Label(title);
            heading.getStyleClass().add("task-title");
            grid.getStyleClass().add("keys-grid");
            getChildren().addAll(heading, grid);
            show("");
        }

        private void show(String words) {
            List<KeyLine> found = lines.stream().filter(line -> line.isFoundBy(words)).toList();
            grid.getChildren().clear();
            for (int i = 0; i < found.size(); i++) {
                Label how = new Label(found.get(i).how());
                how.getStyleClass().add("key");
                how.setMinWidth(Region.USE_PREF_SIZE);
                Label does = new Label(found.get(i).does());
                does.setMinWidth(Region.USE_PREF_SIZE);
                grid.addRow(i, how, does);
            }
            present(this, !found.isEmpty());
        }
    }
}
