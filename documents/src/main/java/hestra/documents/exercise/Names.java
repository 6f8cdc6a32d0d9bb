package hestra.documents.exercise;

import java.util.LinkedHashMap;
import java.util.Map;

import hestra.chance.Watched;
import hestra.data.TableEdit;
import hestra.desk.ChanceEdit;
import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.PartEdit;
import hestra.desk.PlotEdit;
import hestra.desk.SheetEdit;
import hestra.desk.WorkEdit;
import hestra.exercise.Block;
import hestra.exercise.Provenance;
import hestra.exercise.Wish;
import hestra.marking.DecisionScope;
import hestra.marking.DecisionSubject;
import hestra.marking.DecisionValue;
import hestra.numbers.Rounding;
import hestra.recipe.Along;
import hestra.targets.Measure;
import hestra.task.Answer;
import hestra.task.Chosen;
import hestra.task.Described;
import hestra.task.Filled;
import hestra.task.Kinds;
import hestra.task.Played;
import hestra.task.Pointed;
import hestra.task.Predictions;
import hestra.task.Tried;
import hestra.task.WrittenSection;

/**
 * What the members of each family are called in files, whatever their classes are called: a class may be renamed, a name in files
 * may not. Kinds of task say their own.
 */
final class Names {

    private static final Map<Class<?>, String> NAMES = new LinkedHashMap<>();

    static {
        // Edit
        name("undo", Edit.Undo.class);
        name("redo", Edit.Redo.class);
        name("in-part", Edit.InPart.class);
        name("pasted", Edit.Pasted.class);
        name("draft", Edit.Draft.class);
        name("check", Edit.Check.class);
        name("take-hint", Edit.TakeHint.class);
        name("name", Edit.Name.class);
        name("start-again", Edit.StartAgain.class);
        // WorkEdit
        name("change-table", WorkEdit.ChangeTable.class);
        name("restore", WorkEdit.Restore.class);
        name("move-point", WorkEdit.MovePoint.class);
        name("add-point", WorkEdit.AddPoint.class);
        name("remove-points", WorkEdit.RemovePoints.class);
        name("bring-columns", WorkEdit.BringColumns.class);
        name("choose-roles", WorkEdit.ChooseRoles.class);
        name("play-again", WorkEdit.PlayAgain.class);
        name("put-back", WorkEdit.PutBack.class);
        name("read-picture", WorkEdit.ReadPicture.class);
        // PlotEdit
        name("show-layer", PlotEdit.ShowLayer.class);
        name("read-at", PlotEdit.ReadAt.class);
        name("read-at-y", PlotEdit.ReadAtY.class);
        name("pin", PlotEdit.Pin.class);
        name("add-curve", PlotEdit.AddCurve.class);
        name("change-curve", PlotEdit.ChangeCurve.class);
        name("remove-curve", PlotEdit.RemoveCurve.class);
        name("show-curve", PlotEdit.ShowCurve.class);
        name("fit-only", PlotEdit.FitOnly.class);
        name("take-in-hand", PlotEdit.TakeInHand.class);
        name("try", PlotEdit.Try.class);
        name("put-label", PlotEdit.PutLabel.class);
        name("space-axis", PlotEdit.SpaceAxis.class);
        name("show-strip", PlotEdit.ShowStrip.class);
        name("show-below", PlotEdit.ShowBelow.class);
        name("unfold", PlotEdit.Unfold.class);
        name("show-digits", PlotEdit.ShowDigits.class);
        name("show-form", PlotEdit.ShowForm.class);
        name("show-level", PlotEdit.ShowLevel.class);
        name("dress-plot", PlotEdit.DressPlot.class);
        name("show-frame", PlotEdit.ShowFrame.class);
        name("play-chance", ChanceEdit.PlayChance.class);
        name("draw", ChanceEdit.Draw.class);
        name("number-run", ChanceEdit.NumberRun.class);
        name("watch", ChanceEdit.Watch.class);
        // Watched
        name("coefficient", Watched.OfCoefficient.class);
        name("r", Watched.R.class);
        name("fitted-at", Watched.FittedAt.class);
        // SheetEdit
        name("write-note", SheetEdit.Write.class);
        name("change-note", SheetEdit.ChangeText.class);
        name("keep", SheetEdit.Keep.class);
        name("keep-line", SheetEdit.KeepLine.class);
        name("caption", SheetEdit.Caption.class);
        name("follow", SheetEdit.Follow.class);
        name("move-note", SheetEdit.Move.class);
        name("remove-note", SheetEdit.Remove.class);
        name("bring-back", SheetEdit.BringBack.class);
        name("write-line", SheetEdit.WriteLine.class);
        name("remove-line", SheetEdit.RemoveLine.class);
        // PartEdit
        name("write-table", PartEdit.WriteTable.class);
        name("write-columns", PartEdit.WriteColumns.class);
        name("write-recipe", PartEdit.WriteRecipe.class);
        name("lay-picture", PartEdit.LayPicture.class);
        name("trace", PartEdit.Trace.class);
        name("write-roles", PartEdit.WriteRoles.class);
        name("write-held", PartEdit.WriteHeld.class);
        name("write-rules", PartEdit.WriteRules.class);
        name("write-heading", PartEdit.WriteHeading.class);
        name("vary", PartEdit.Vary.class);
        // ExerciseEdit
        name("write-texts", ExerciseEdit.WriteTexts.class);
        name("add-part", ExerciseEdit.AddPart.class);
        name("move-part", ExerciseEdit.MovePart.class);
        name("remove-part", ExerciseEdit.RemovePart.class);
        name("add-block", ExerciseEdit.AddBlock.class);
        name("change-block", ExerciseEdit.ChangeBlock.class);
        name("move-block", ExerciseEdit.MoveBlock.class);
        name("remove-block", ExerciseEdit.RemoveBlock.class);
        name("draw-anew", ExerciseEdit.DrawAnew.class);
        name("draw-from", ExerciseEdit.DrawFrom.class);
        name("publish", ExerciseEdit.Publish.class);
        name("go-back-to", ExerciseEdit.GoBackTo.class);
        name("write-mark", ExerciseEdit.WriteMark.class);
        name("round-marks", ExerciseEdit.RoundMarks.class);
        name("write-closing", ExerciseEdit.WriteClosing.class);
        name("show-verdicts", ExerciseEdit.ShowVerdicts.class);
        // TableEdit
        name("type", TableEdit.Type.class);
        name("paste", TableEdit.Paste.class);
        name("clear", TableEdit.Clear.class);
        name("fill", TableEdit.Fill.class);
        name("insert-rows", TableEdit.InsertRows.class);
        name("remove-rows", TableEdit.RemoveRows.class);
        name("move-rows", TableEdit.MoveRows.class);
        name("set-aside", TableEdit.SetAside.class);
        name("take-back", TableEdit.TakeBack.class);
        name("name", TableEdit.Name.class);
        name("insert-column", TableEdit.InsertColumn.class);
        name("remove-column", TableEdit.RemoveColumn.class);
        name("move-column", TableEdit.MoveColumn.class);
        // Provenance
        name("by-hand", Provenance.ByHand.class);
        name("made", Provenance.Made.class);
        name("traced", Provenance.Traced.class);
        // Wish
        name("between", Wish.Between.class);
        name("better", Wish.Better.class);
        name("keys-clear", Wish.KeysClear.class);
        name("mistakes-told", Wish.MistakesTold.class);
        // Along
        name("steps", Along.Steps.class);
        name("between", Along.Between.class);
        name("about", Along.About.class);
        // Answer
        name("entered", Answer.Entered.class);
        name("roles-chosen", Answer.RolesChosen.class);
        name("described", Described.class);
        name("treated", Answer.Treated.class);
        name("typed", Answer.Typed.class);
        name("predictions", Predictions.class);
        name("sentence", Answer.Sentence.class);
        name("reached", Answer.Reached.class);
        name("placed", Answer.Placed.class);
        name("pointed", Pointed.class);
        name("picked", Answer.Picked.class);
        name("filled", Filled.class);
        name("chosen", Chosen.class);
        name("drawn", Answer.Drawn.class);
        name("tried", Tried.class);
        name("played", Played.class);
        name("read-off", Answer.ReadOff.class);
        name("section", WrittenSection.class);
        // Measure
        name("value", Measure.Value.class);
        name("of-point", Measure.OfPoint.class);
        name("changed", Measure.Changed.class);
        name("touched", Measure.Touched.class);
        name("gain", Measure.Gain.class);
        name("line-by-eye", Measure.ByEye.class);
        name("on-side", Measure.OnSide.class);
        name("past-mean", Measure.PastMean.class);
        // Rounding
        name("places", Rounding.Places.class);
        name("significant", Rounding.Significant.class);
        name("free", Rounding.Free.class);
        // Block
        name("text", Block.Prose.class);
        name("picture", Block.Illustration.class);
        name("figure", Block.Plot.class);
        name("table", Block.Printed.class);
        name("formula", Block.Formula.class);
        name("task", Block.Asked.class);
        name("strange", Block.Strange.class);
        // What is decided in a marking
        name("marks", DecisionSubject.Marks.class);
        name("said", DecisionSubject.Said.class);
        name("wording", DecisionSubject.Wording.class);
        name("apart", DecisionSubject.Apart.class);
        name("due", DecisionSubject.Due.class);
        name("alone", DecisionSubject.Alone.class);
        name("counts", DecisionSubject.Counts.class);
        name("left-out", DecisionSubject.LeftOut.class);
        name("looked-again", DecisionSubject.LookedAgain.class);
        name("points", DecisionValue.Points.class);
        name("yes", DecisionValue.Yes.class);
        name("comment", DecisionValue.Comment.class);
        name("moment", DecisionValue.Moment.class);
        name("one", DecisionScope.One.class);
        name("group", DecisionScope.Group.class);
        name("all", DecisionScope.All.class);
        Kinds.ALL.forEach(kind -> name(kind.code(), kind.type()));
    }

    private Names() {}

    private static void name(String name, Class<?> type) {
        NAMES.put(type, name);
    }

    /** All that has a name in files, with it. */
    static Map<Class<?>, String> all() {
        return NAMES;
    }
}
