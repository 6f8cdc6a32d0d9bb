package hestra.desktop.plot;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Roles.Use;
import hestra.desk.PlotEdit;
import hestra.desk.WorkEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Names;
import hestra.figure.Frame;
import hestra.figure.Spacing;
import hestra.numbers.NumberReading;
import hestra.summary.ColumnOverview;

/** What may stand on an axis: the columns that neither name nor group nor count, and the two axes changed over. */
final class AxisMenu {

    private final DeskModel model;
    /** Has the name of the axis along, or of the upright one, typed where it stands. */
    private final Consumer<Boolean> named;

    AxisMenu(DeskModel model, Consumer<Boolean> named) {
        this.model = model;
        this.named = named;
    }

    /** Puts a column on an axis. */
    void put(int column, Use axis) {
        model.apply(new WorkEdit.ChooseRoles(model.findings().work().drawnRoles().with(column, axis)));
    }

    /** Changes the two axes over. */
    void exchange() {
        model.apply(new WorkEdit.ChooseRoles(model.findings().work().drawnRoles().swapped()));
    }

    /** Shows the menu of an axis. */
    void show(Node owner, Use axis, double screenX, double screenY) {
        ContextMenu menu = new ContextMenu();
        DataTable table = model.findings().work().table();
        Roles roles = model.findings().work().drawnRoles();
        for (int i = 0; i < table.width(); i++) {
            int column = i;
            Use use = roles.useOf(column);
            if (use.isAxis() || use == Use.NOTHING && hasNumbers(table, column)) {
                RadioMenuItem item = Literally.said(new RadioMenuItem(table.variable(column).name()));
                item.setId("axis-column-" + column);
                item.setSelected(use == axis);
                item.setOnAction(_ -> put(column, axis));
                menu.getItems().add(item);
            }
        }
        MenuItem exchange = new MenuItem("Exchange the axes (X)");
        exchange.setOnAction(_ -> exchange());
        MenuItem name = Literally.said(new MenuItem(use(axis) ? "Name and unit… (N)" : "Name and unit… (Shift+N)"));
        name.setId("axis-name");
        name.setOnAction(_ -> named.accept(use(axis)));
        menu.getItems().addAll(new SeparatorMenuItem(), name, exchange, new SeparatorMenuItem());
        boolean along = use(axis);
        CheckMenuItem logarithmic = new CheckMenuItem("Logarithmic");
        logarithmic.setId("axis-logarithmic");
        logarithmic.setSelected(spacing(along) == Spacing.LOGARITHMIC);
        logarithmic.setOnAction(_ -> model.apply(new PlotEdit.SpaceAxis(along,
                logarithmic.isSelected() ? Spacing.LOGARITHMIC : Spacing.LINEAR)));
        MenuItem fromZero = new MenuItem("From zero");
        fromZero.setId("axis-from-zero");
        fromZero.setDisable(spacing(along) == Spacing.LOGARITHMIC);
        fromZero.setOnAction(_ -> model.apply(new PlotEdit.ShowFrame(Optional.of(model.findings().frame().fromZero(along)))));
        MenuItem fit = new MenuItem("Show everything (Home)");
        fit.setOnAction(_ -> model.apply(new PlotEdit.ShowFrame(Optional.empty())));
        menu.getItems().addAll(logarithmic, fromZero, reaching(menu, along), fit);
        menu.show(owner, screenX, screenY);
    }

    /** Whether a column could stand on an axis: more of it are numbers than words, or nothing is in it yet. */
    private static boolean hasNumbers(DataTable table, int column) {
        ColumnOverview overview = ColumnOverview.of(table, column);
        return overview.filled() == 0 || 2 * overview.words() < overview.filled();
    }

    private static boolean use(Use axis) {
        return axis == Use.EXPLAINS;
    }

    private Spacing spacing(boolean along) {
        return along ? model.findings().work().plot().x() : model.findings().work().plot().y();
    }

    /** A place in the menu to type a value that the axis is to reach. */
    private CustomMenuItem reaching(ContextMenu menu, boolean along) {
        TextField field = new TextField();
        field.setId("axis-reach");
        field.setPrefColumnCount(5);
        field.getStyleClass().add("number-field");
        Names.as(field, "a value that the axis is to reach");
        Label wrong = new Label();
        wrong.getStyleClass().add("small");
        HBox row = new HBox(6, new Label("Reach to"), field, wrong);
        row.setAlignment(Pos.CENTER_LEFT);
        field.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ENTER) {
                event.consume();
                switch (NumberReading.ofMeasurement(field.getText(), model.desk().exercise().mark())) {
                    case NumberReading.Value value when spacing(along).holds(value.value()) -> {
                        reach(along, value.value());
                        menu.hide();
                    }
                    case NumberReading.Value _ -> wrong.setText("above 0 only");
                    case NumberReading.Blank _ -> menu.hide();
                    case NumberReading.Unreadable _ -> wrong.setText("not a number");
                }
            }
        });
        CustomMenuItem item = new CustomMenuItem(row, false);
        item.getStyleClass().add("reaching");
        return item;
    }

    private void reach(boolean along, double value) {
        Frame frame = model.findings().frame();
        model.apply(new PlotEdit.ShowFrame(Optional.of(along ? frame.reachingX(value) : frame.reachingY(value))));
    }
}
