package hestra.desktop.write;

import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Spinner;

import hestra.desktop.model.DeskModel;
import hestra.task.ByEye;
import hestra.task.CheckConditions;
import hestra.task.ChooseCurve;
import hestra.task.ChooseRoles;
import hestra.task.Describe;
import hestra.task.DrawIt;
import hestra.task.EnterData;
import hestra.task.Explain;
import hestra.task.FillCalculation;
import hestra.task.FindPoint;
import hestra.task.FindSlip;
import hestra.task.FromPicture;
import hestra.task.MatchPlot;
import hestra.task.NumberQuestion;
import hestra.task.Predict;
import hestra.task.Question;
import hestra.task.ReachTarget;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.TryOut;
import hestra.task.WhatChanceDoes;
import hestra.task.WriteEquation;
import hestra.task.WriteSection;

/** The fields that tasks of one kind alone have, among those of a task. */
final class KindFields<T extends Task> {

    private final TaskFields fields;
    private final Class<T> kind;

    private KindFields(TaskFields fields, Class<T> kind) {
        this.fields = fields;
        this.kind = kind;
    }

    /** Adds the fields of a task's kind: a set for each. */
    static void add(DeskModel model, TaskFields fields, Task task) {
        switch (task) {
            case EnterData _ -> EnterDataFields.add(new KindFields<>(fields, EnterData.class));
            case Describe _ -> DescribeFields.add(new KindFields<>(fields, Describe.class), model);
            case FindSlip _ -> FindSlipFields.add(new KindFields<>(fields, FindSlip.class));
            case ReadValue _ -> ReadValueFields.add(new KindFields<>(fields, ReadValue.class), model);
            case Predict _ -> PredictFields.add(new KindFields<>(fields, Predict.class), model);
            case NumberQuestion _ -> NumberQuestionFields.add(new KindFields<>(fields, NumberQuestion.class), model);
            case ByEye _ -> ByEyeFields.add(new KindFields<>(fields, ByEye.class), model);
            case ReachTarget _ -> ReachTargetFields.add(new KindFields<>(fields, ReachTarget.class), model);
            case FindPoint _ -> FindPointFields.add(new KindFields<>(fields, FindPoint.class), model);
            case MatchPlot _ -> MatchPlotFields.add(new KindFields<>(fields, MatchPlot.class));
            case FillCalculation _ -> FillCalculationFields.add(new KindFields<>(fields, FillCalculation.class));
            case DrawIt _ -> DrawItFields.add(new KindFields<>(fields, DrawIt.class));
            case TryOut _ -> TryOutFields.add(new KindFields<>(fields, TryOut.class), model);
            case WhatChanceDoes _ -> ChanceFields.add(new KindFields<>(fields, WhatChanceDoes.class), model);
            case FromPicture _ -> FromPictureFields.add(new KindFields<>(fields, FromPicture.class), model);
            case Explain _ -> ExplainFields.add(new KindFields<>(fields, Explain.class), model);
            case WriteEquation _ -> WriteEquationFields.add(new KindFields<>(fields, WriteEquation.class));
            case WriteSection _ -> WriteSectionFields.add(new KindFields<>(fields, WriteSection.class));
            case Question _ -> QuestionFields.add(new KindFields<>(fields, Question.class));
            case ChooseCurve _ -> ChooseCurveFields.add(new KindFields<>(fields, ChooseCurve.class));
            case CheckConditions _ -> CheckConditionsFields.add(new KindFields<>(fields, CheckConditions.class));
            case ChooseRoles _ -> { }
        }
    }

    /** Adds nodes below those that are there. */
    void add(Node... nodes) {
        fields.add(nodes);
    }

    void onShow(Consumer<T> show) {
        fields.onShow(task -> show.accept(kind.cast(task)));
    }

    /** Makes an edit that changes the task, unless it is only being shown. */
    void change(Function<T, Task> change) {
        change(change, Optional.empty());
    }

    /** The same within a run of typing, all of which is undone together. */
    void change(Function<T, Task> change, Optional<String> run) {
        fields.change(task -> change.apply(kind.cast(task)), run);
    }

    /** A field for a text of one line. */
    void text(String title, String fieldId, Function<T, String> now, BiFunction<T, String, Task> changed) {
        fields.text(title, fieldId, task -> now.apply(kind.cast(task)), (task, text) -> changed.apply(kind.cast(task), text),
                false);
    }

    /** A field for a whole number; it is not yet added. */
    Spinner<Integer> spinner(String spinnerId, int least, int greatest, Function<T, Integer> now,
            BiFunction<T, Integer, Task> changed) {
        return fields.spinner(spinnerId, least, greatest, task -> now.apply(kind.cast(task)),
                (task, count) -> changed.apply(kind.cast(task), count));
    }
}
