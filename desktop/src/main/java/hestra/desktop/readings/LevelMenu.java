package hestra.desktop.readings;

import java.util.List;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.ToggleGroup;

import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Tip;

/** The level of intervals, where they stand: "95 %", and a menu of the usual ones. */
final class LevelMenu extends MenuButton {

    private static final List<Double> LEVELS = List.of(0.80, 0.90, 0.95, 0.99);
    private static final double NEAR = 1e-9;

    LevelMenu(DeskModel model) {
        setId("level");
        getStyleClass().setAll("quiet", "menu", "digits-menu");
        setMinWidth(USE_PREF_SIZE);
        Tip.set(this, "The level of intervals: of a hundred intervals so made, so many hold the true value");
        // A menu without items does not open.
        getItems().add(new RadioMenuItem());
        setOnShowing(_ -> getItems().setAll(items(model, "%d %%")));
    }

    void show(Findings findings) {
        setText(findings.numbers().levelInWords());
        setAccessibleText("level of intervals: " + getText());
    }

    /** An entry for each level, the one in use chosen. */
    static List<MenuItem> items(DeskModel model, String words) {
        ToggleGroup group = new ToggleGroup();
        double now = model.findings().numbers().level();
        return LEVELS.stream().<MenuItem>map(level -> {
            long percent = Math.round(level * 100);
            RadioMenuItem item = Literally.said(new RadioMenuItem(words.formatted(percent)));
            item.setId("level-" + percent);
            item.setToggleGroup(group);
            item.setSelected(Math.abs(now - level) < NEAR);
            item.setOnAction(_ -> model.apply(new PlotEdit.ShowLevel(level)));
            return item;
        }).toList();
    }
}
