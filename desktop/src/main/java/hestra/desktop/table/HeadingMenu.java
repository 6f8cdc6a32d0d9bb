package hestra.desktop.table;

import javafx.scene.control.ContextMenu;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleGroup;

import hestra.data.Roles.Use;
import hestra.desktop.parts.Literally;
import hestra.numbers.NumberStyle;
import hestra.summary.ColumnOverview;

/** The menu of a column: what is in it, its name, and where the columns are a person's own what it is for. */
final class HeadingMenu extends ContextMenu {

    HeadingMenu(GridSource source, int column, Runnable name) {
        Label held = new Label(ColumnOverview.of(source.table(), column)
                .inWords(new NumberStyle(source.mark(), NumberStyle.STANDARD.digits())));
        held.getStyleClass().add("small");
        held.setId("heading-overview");
        // Read and not chosen.
        CustomMenuItem overview = new CustomMenuItem(held, false);
        MenuItem naming = Literally.said(new MenuItem("Name and unit… (Alt+N)"));
        naming.setId("heading-name");
        naming.setOnAction(_ -> name.run());
        getItems().addAll(overview, naming);
        if (source.ownsColumns()) {
            uses(source, column);
        }
    }

    private void uses(GridSource source, int column) {
        getItems().add(new SeparatorMenuItem());
        ToggleGroup group = new ToggleGroup();
        Use now = source.roles().useOf(column);
        for (Use use : now.possible()) {
            RadioMenuItem item = Literally.said(new RadioMenuItem(switch (use) {
                case EXPLAINS -> "On the x axis: it explains";
                case RESPONDS -> "On the y axis: it responds";
                case NAMES -> "Names of the points";
                case GROUPS -> "Groups: a shape for each";
                case COUNTS -> "Counts: how often each pair was observed";
                case NOTHING -> "Not used";
            }));
            item.setId("use-" + use.name().toLowerCase(java.util.Locale.ROOT));
            item.setToggleGroup(group);
            item.setSelected(use == now);
            item.setOnAction(_ -> source.use(column, use));
            getItems().add(item);
        }
    }
}
