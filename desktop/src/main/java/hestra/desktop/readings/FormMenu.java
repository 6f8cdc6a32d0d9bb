package hestra.desktop.readings;

import java.util.function.Consumer;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleGroup;

import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Tip;
import hestra.fit.EquationNotation;
import hestra.fit.EquationNotation.Base;

/** Chooses how equations are written and which level intervals have; its choices are made when it is opened. */
final class FormMenu extends MenuButton {

    private final DeskModel model;

    FormMenu(DeskModel model) {
        super("form");
        this.model = model;
        setId("equation-form");
        getStyleClass().setAll("quiet", "menu", "digits-menu");
        setMinWidth(USE_PREF_SIZE);
        Tip.set(this, "How equations are written, and the level of intervals");
        // A menu without items does not open.
        getItems().add(new RadioMenuItem());
        setOnShowing(_ -> fill(model.findings()));
    }

    private void fill(Findings findings) {
        EquationNotation form = findings.numbers().form();
        getItems().clear();
        ToggleGroup names = new ToggleGroup();
        add(names, "form-names", "Names in equations", form.names(), _ -> write(form.withNames(true)));
        add(names, "form-letters", "x and y in equations", !form.names(), _ -> write(form.withNames(false)));
        getItems().add(new SeparatorMenuItem());
        ToggleGroup order = new ToggleGroup();
        add(order, "form-first", "Constant first: a + b x", form.constantFirst(), _ -> write(form.withConstantFirst(true)));
        add(order, "form-last", "Constant last: b x + a", !form.constantFirst(), _ -> write(form.withConstantFirst(false)));
        getItems().add(new SeparatorMenuItem());
        ToggleGroup base = new ToggleGroup();
        add(base, "form-own-base", "Exponential as a · b^x", form.base() == Base.OWN, _ -> write(form.with(Base.OWN)));
        add(base, "form-base-e", "Exponential as a · e^(k x)", form.base() == Base.E, _ -> write(form.with(Base.E)));
        getItems().add(new SeparatorMenuItem());
        getItems().addAll(LevelMenu.items(model, "Intervals at %d %%"));
    }

    private void add(ToggleGroup group, String id, String text, boolean chosen, Consumer<MenuItem> action) {
        RadioMenuItem item = Literally.said(new RadioMenuItem(text));
        item.setId(id);
        item.setToggleGroup(group);
        item.setSelected(chosen);
        item.setOnAction(_ -> action.accept(item));
        getItems().add(item);
    }

    private void write(EquationNotation form) {
        model.apply(new PlotEdit.ShowForm(form));
    }
}
