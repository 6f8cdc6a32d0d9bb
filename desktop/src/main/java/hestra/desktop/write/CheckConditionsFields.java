package hestra.desktop.write;

import java.util.List;
import javafx.scene.layout.VBox;

import hestra.task.CheckConditions;
import hestra.task.FitCondition;

/** Which conditions are judged, and which of them do not hold. */
final class CheckConditionsFields {

    private CheckConditionsFields() {}

    static void add(KindFields<CheckConditions> fields) {
        List<FitCondition> all = List.of(FitCondition.values());
        VBox asked = Ticks.list(fields, "edit-asked", all, FitCondition::statement, FitCondition::name, CheckConditions::asked,
                (task, now) -> now.isEmpty() ? task : task.asking(now));
        VBox failing = Ticks.list(fields, "edit-failing", all, FitCondition::statement, FitCondition::name,
                CheckConditions::failing, CheckConditions::failing);
        fields.add(TaskFields.label("conditions that are judged"), asked,
                TaskFields.label("of these do not hold (proposed by tests on the residuals)"), failing,
                Ticks.one(fields, "edit-signs", "ask, too, by what it is seen", CheckConditions::signs,
                        CheckConditions::withSigns));
    }
}
