package hestra.task;

import java.util.List;

/** All kinds of task, in the order in which they are offered. */
public final class Kinds {

    /** Each kind of {@link Task} once. */
    public static final List<Kind> ALL = List.of(EnterData.KIND, ChooseRoles.KIND, Describe.KIND, FindSlip.KIND, ReadValue.KIND,
            Predict.KIND, Explain.KIND,
            WriteEquation.KIND, ChooseCurve.KIND, CheckConditions.KIND, NumberQuestion.KIND, Question.KIND, ByEye.KIND,
                    ReachTarget.KIND, FindPoint.KIND, MatchPlot.KIND, FillCalculation.KIND, DrawIt.KIND, TryOut.KIND,
                    FromPicture.KIND, WriteSection.KIND, WhatChanceDoes.KIND);

    private Kinds() {}
}
