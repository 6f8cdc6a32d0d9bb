package hestra.desktop.table;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCombination;

import hestra.desktop.parts.Literally;

/** The menu of a grid: its actions in their groups with their keys, and whether Enter goes pair by pair. */
final class GridMenu extends ContextMenu {

    /**
     * A menu of actions.
     *
     * @param act does an action
     * @param selected what is selected when the menu is opened
     */
    GridMenu(List<List<GridAction>> actions, Consumer<GridAction> act, Supplier<Area> selected, KeyCombination pasteKey,
            Runnable paste, GridHabits habits) {
        for (List<GridAction> group : actions) {
            if (!getItems().isEmpty()) {
                getItems().add(new SeparatorMenuItem());
            }
            for (GridAction action : group) {
                MenuItem item = Literally.said(new MenuItem(action.title()));
                action.key().ifPresent(item::setAccelerator);
                item.setOnAction(_ -> act.accept(action));
                item.setUserData(action);
                getItems().add(item);
            }
            if (group == actions.getFirst()) {
                MenuItem item = new MenuItem("Paste");
                item.setAccelerator(pasteKey);
                item.setOnAction(_ -> paste.run());
                getItems().add(2, item);
            }
        }
        CheckMenuItem pairByPair = new CheckMenuItem("Enter goes pair by pair");
        pairByPair.selectedProperty().bindBidirectional(habits.pairByPairProperty());
        getItems().addAll(new SeparatorMenuItem(), pairByPair);
        setOnShowing(_ -> offer(selected.get()));
    }

    /** Leaves in it what can be done with these cells; a line stands between two groups that have something left. */
    private void offer(Area cells) {
        boolean any = false;
        SeparatorMenuItem line = null;
        for (MenuItem item : getItems()) {
            if (item instanceof SeparatorMenuItem separator) {
                separator.setVisible(false);
                line = any ? separator : line;
                continue;
            }
            item.setVisible(!(item.getUserData() instanceof GridAction action) || action.isPossible().test(cells));
            if (item.isVisible() && line != null) {
                line.setVisible(true);
                line = null;
            }
            any |= item.isVisible();
        }
    }
}
