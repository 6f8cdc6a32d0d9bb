package hestra.desktop.write;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

import hestra.desktop.parts.Tip;
import hestra.exercise.Exercise;
import hestra.task.Truth;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** A row of the sheet that is written. */
interface OutlineRow {

    Node node();

    /** Shows what is typed in it, as it is now. */
    void show(Exercise exercise);

    /** Shows what follows for it from the data and from the tasks beside it. */
    default void showKey(Exercise exercise, Truth truth) {}

    /**
     * What can be done to a row.
     *
     * @param up moves it up; nothing for what cannot be
     * @param down moves it down
     * @param duplicate puts the same in below it
     * @param remove takes it out
     */
    record Tools(Runnable up, Runnable down, Runnable duplicate, Runnable remove) {}

    /**
     * A line with a name and what can be done to the row: the buttons are made when the pointer or the keyboard is first in it,
     * since a long exercise has many rows.
     */
    static HBox tools(Label name, Tools tools, Region row, boolean inHand) {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox line = new HBox(name, gap);
        line.getStyleClass().add("row-tools");
        line.setAlignment(Pos.CENTER_LEFT);
        Runnable make = () -> {
            if (line.getChildren().size() == 2) {
                line.getChildren().addAll(icon(Feather.CHEVRON_UP, "Move up (Alt+Up)", tools.up()),
                        icon(Feather.CHEVRON_DOWN, "Move down (Alt+Down)", tools.down()),
                        icon(Feather.COPY, "Put in the same once more (Ctrl+D)", tools.duplicate()),
                                icon(Feather.TRASH_2, "Remove (Delete)", tools.remove()));
            }
        };
        if (inHand) {
            make.run();
        }
        row.hoverProperty().addListener(_ -> make.run());
        row.focusWithinProperty().addListener(_ -> make.run());
        return line;
    }

    private static Button icon(Feather icon, String tip, Runnable action) {
        Button button = new Button();
        button.setGraphic(new FontIcon(icon));
        button.getStyleClass().add("icon-button");
        Tip.set(button, tip);
        button.setAccessibleText(tip);
        button.setDisable(action == null);
        button.setFocusTraversable(false);
        button.setOnAction(_ -> action.run());
        return button;
    }
}
