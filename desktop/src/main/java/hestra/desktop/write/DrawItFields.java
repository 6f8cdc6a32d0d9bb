package hestra.desktop.write;

import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;

import hestra.task.DrawIt;

/** What of a drawing is asked for. */
final class DrawItFields {

    private DrawItFields() {}

    static void add(KindFields<DrawIt> fields) {
        CheckBox blank = new CheckBox("leave names and units out of the table, to be written by the student");
        blank.setId("edit-blank");
        blank.setWrapText(true);
        blank.setMinHeight(Region.USE_PREF_SIZE);
        blank.setOnAction(_ -> fields.change(task -> new DrawIt(task.terms(), blank.isSelected(), task.titled())));
        CheckBox titled = new CheckBox("ask for a title");
        titled.setId("edit-titled");
        titled.setOnAction(_ -> fields.change(task -> new DrawIt(task.terms(), task.blank(), titled.isSelected())));
        fields.onShow(task -> {
            blank.setSelected(task.blank());
            titled.setSelected(task.titled());
        });
        Label hint =
                new Label("For a scale that does not fit at first, give the plot a range to begin with: click the exercise, "
                + "then \u201cthe plot shows to begin with\u201d.");
        hint.getStyleClass().add("small");
        hint.setWrapText(true);
        fields.add(blank, titled, hint);
    }
}
