package hestra.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.model.DeskModel;
import hestra.feedback.Quantity;
import hestra.targets.Band;
import hestra.targets.Condition;
import hestra.targets.Measure;
import hestra.task.ReachTarget;

import static hestra.desktop.parts.Presence.present;

/** The conditions of a target. */
final class ReachTargetFields {

    private ReachTargetFields() {}

    static void add(KindFields<ReachTarget> fields, DeskModel model) {
        VBox list = new VBox();
        list.getStyleClass().add("condition-list");
        List<ConditionFields> made = new ArrayList<>();
        Button more = new Button("Add a condition");
        more.setId("add-condition");
        more.getStyleClass().add("quiet");
        more.setOnAction(_ -> fields.change(task -> new ReachTarget(task.terms(), Stream.concat(task.conditions().stream(),
                Stream.of(new Condition(new Measure.Value(Quantity.N), Band.atLeast(5)))).toList())));
        Label impossible = new Label();
        impossible.setId("edit-impossible");
        impossible.getStyleClass().add("warning-box");
        impossible.setWrapText(true);
        impossible.setMinHeight(Region.USE_PREF_SIZE);
        fields.add(TaskFields.label("conditions"), list, more, impossible);
        fields.onShow(task -> {
            while (made.size() < task.conditions().size()) {
                made.add(new ConditionFields(fields, model, made.size()));
            }
            if (list.getChildren().size() != task.conditions().size()) {
                list.getChildren().setAll(made.subList(0, task.conditions().size()));
            }
            List<String> proofs = task.whyNot(model.findings().writtenTruth());
            impossible.setText(String.join("\n", proofs));
            present(impossible, !proofs.isEmpty());
            more.setDisable(task.conditions().size() == ReachTarget.MOST);
        });
    }
}
