package hestra.desktop.write;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.Choices;
import hestra.desktop.parts.Literally;
import hestra.task.MatchPlot;
import hestra.task.WrongPlot;

/** What the plots show, and by which errors the wrong ones are made. */
final class MatchPlotFields {

    private MatchPlotFields() {}

    static void add(KindFields<MatchPlot> fields) {
        Choices<MatchPlot.Shown> shown = new Choices<>("edit-plots", List.of(MatchPlot.Shown.values()), MatchPlot.Shown::inWords,
                it -> fields.change(task -> new MatchPlot(task.terms(), it, task.wrongs())));
        fields.onShow(task -> shown.show(Optional.of(task.shown())));
        VBox wrongs = new VBox();
        wrongs.getStyleClass().add("aid-list");
        for (WrongPlot wrong : WrongPlot.values()) {
            CheckBox box = Literally.said(new CheckBox(wrong.inWords()));
            box.setId("wrong-" + wrong.name().toLowerCase(Locale.ROOT));
            box.setOnAction(_ -> fields.change(task -> {
                Set<WrongPlot> now = Ticked.with(task.wrongs(), wrong, box.isSelected());
                return now.isEmpty() || now.size() > MatchPlot.MOST ? task : new MatchPlot(task.terms(), task.shown(), now);
            }));
            fields.onShow(task -> {
                box.setSelected(task.wrongs().contains(wrong));
                // One must be left, and there is room for so many.
                box.setDisable(task.wrongs().equals(Set.of(wrong))
                        || task.wrongs().size() == MatchPlot.MOST && !task.wrongs().contains(wrong));
            });
            wrongs.getChildren().add(box);
        }
        fields.add(TaskFields.label("the plots show"), shown, TaskFields.label("wrong plots, made by"), wrongs);
    }
}
