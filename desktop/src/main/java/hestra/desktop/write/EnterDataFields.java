package hestra.desktop.write;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.Choices;
import hestra.task.EnterData;

import static hestra.desktop.parts.Presence.present;

/** How many of the last rows are left for the student, or whether all are. */
final class EnterDataFields {

    private static final int MOST = 1_000;

    private EnterDataFields() {}

    static void add(KindFields<EnterData> fields) {
        Choices<Boolean> whole = new Choices<>("edit-whole", List.of(false, true), it -> it ? "the whole table" : "the last rows",
                it -> fields.change(task -> task.isWhole() == it ? task : new EnterData(task.terms(), it ? EnterData.WHOLE : 3)));
        Node count = fields.spinner("edit-count", 1, MOST, task -> Math.min(MOST, task.count()),
                (task, number) -> task.isWhole() ? task : new EnterData(task.terms(), number));
        VBox counted = TaskFields.stacked("how many of the last rows", count);
        fields.onShow(task -> {
            whole.show(Optional.of(task.isWhole()));
            present(counted, !task.isWhole());
        });
        fields.add(TaskFields.label("the student types"), whole, counted);
    }
}
