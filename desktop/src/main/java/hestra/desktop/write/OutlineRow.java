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
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** A row of the outline. */
interface OutlineRow {

    Node node();

    /** Shows what is typed in it, as it is now. */
    void show(Exercise exercise);

    /** A line with a name and what can be done to the row: moved up and down, and removed; nothing for what cannot. */
    static HBox tools(Label name, Runnable up, Runnable down, Runnable remove) {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox line = new HBox(name, gap, icon(Feather.CHEVRON_UP, "Move up (Alt+Up)", up), icon(Feather.CHEVRON_DOWN, "Move down (Alt+Down)", down),
                icon(Feather.TRASH_2, "Remove (Delete)", remove));
        line.setAlignment(Pos.CENTER_LEFT);
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
