package hestra.desktop.plot;

import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Roles.Use;
import hestra.desk.Edit;
import hestra.desktop.app.DeskModel;

/** What may stand on an axis: the columns that neither name nor group nor count, and the two axes changed over. */
final class AxisMenu {

    private final DeskModel model;

    AxisMenu(DeskModel model) {
        this.model = model;
    }

    /** Puts a column on an axis. */
    void put(int column, Use axis) {
        model.apply(new Edit.ChooseRoles(model.desk().work().drawnRoles().with(column, axis)));
    }

    /** Changes the two axes over. */
    void exchange() {
        model.apply(new Edit.ChooseRoles(model.desk().work().drawnRoles().swapped()));
    }

    /** Shows the menu of an axis. */
    void show(Node owner, Use axis, double screenX, double screenY) {
        ContextMenu menu = new ContextMenu();
        DataTable table = model.desk().work().table();
        Roles roles = model.desk().work().drawnRoles();
        for (int i = 0; i < table.width(); i++) {
            int column = i;
            Use use = roles.useOf(column);
            if (use.isAxis() || use == Use.NOTHING) {
                RadioMenuItem item = new RadioMenuItem(table.variable(column).name());
                item.setId("axis-column-" + column);
                item.setSelected(use == axis);
                item.setOnAction(_ -> put(column, axis));
                menu.getItems().add(item);
            }
        }
        MenuItem exchange = new MenuItem("Exchange the axes (X)");
        exchange.setOnAction(_ -> exchange());
        menu.getItems().addAll(new SeparatorMenuItem(), exchange);
        menu.show(owner, screenX, screenY);
    }
}
