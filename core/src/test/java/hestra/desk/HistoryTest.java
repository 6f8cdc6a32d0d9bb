package hestra.desk;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

import hestra.Kelp;
import hestra.data.TableEdit;
import hestra.exercise.Block;
import hestra.figure.Frame;
import hestra.figure.Layer;
import hestra.task.Answer;
import hestra.task.Task;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class HistoryTest {

    private static final History BEGUN = History.of(Desk.open(Kelp.whole()));

    private static History after(Edit... edits) {
        History history = BEGUN;
        for (Edit edit : edits) {
            history = history.apply(edit);
        }
        return history;
    }

    @Test
    void undoIsTheDeskBeforeAndRedoTheDeskAfter() {
        History typed = after(new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "9")));
        History undone = typed.apply(new Edit.Undo());
        assertThat(undone.present()).isEqualTo(BEGUN.present());
        assertThat(undone.apply(new Edit.Redo()).present()).isEqualTo(typed.present());
        assertThat(typed.undoable()).contains("typing in row 1");
        assertThat(undone.redoable()).contains("typing in row 1");
        assertThat(undone.undoable()).isEmpty();
    }

    @Test
    void withNothingToUndoOrRedoNothingHappens() {
        assertThat(BEGUN.apply(new Edit.Undo())).isSameAs(BEGUN);
        assertThat(BEGUN.apply(new Edit.Redo())).isSameAs(BEGUN);
    }

    @Test
    void theMovesOfOneDragAreUndoneTogether() {
        History dragged = after(new WorkEdit.MovePoint(0, 3, 4, 1), new WorkEdit.MovePoint(0, 3.5, 4, 1),
                new WorkEdit.MovePoint(0, 4, 5, 1));
        assertThat(dragged.apply(new Edit.Undo()).present()).isEqualTo(BEGUN.present());
        History two = after(new WorkEdit.MovePoint(0, 3, 4, 1), new WorkEdit.MovePoint(0, 4, 5, 2));
        assertThat(Kelp.work(two.apply(new Edit.Undo()).present()).table().cell(0, 0).text()).isEqualTo("3");
    }

    @Test
    void lettersOfOneAnswerAreUndoneTogetherAndAnotherAnswerIsNot() {
        Optional<String> first = Optional.of("number 1");
        Optional<String> second = Optional.of("sentence 1");
        History typed = after(new Edit.Draft("read", new Answer.Typed("0"), first),
                new Edit.Draft("read", new Answer.Typed("0.5"), first),
                new Edit.Draft("explain", new Answer.Sentence("On"), second),
                        new Edit.Draft("explain", new Answer.Sentence("On average"), second));
        History once = typed.apply(new Edit.Undo());
        assertThat(once.present().work().drafts()).containsOnlyKeys("read");
        assertThat(once.apply(new Edit.Undo()).present().work().drafts()).isEmpty();
    }

    @Test
    void oneUndoTakesBackOneRunOfTypingInOneFieldAndNoMore() {
        Task task = Kelp.explain();
        History changed = after(new ExerciseEdit.ChangeBlock(new Block.Asked(titled(task, "A")), Optional.of("title 1")),
                new ExerciseEdit.ChangeBlock(new Block.Asked(titled(task, "Ab")), Optional.of("title 1")),
                new ExerciseEdit.ChangeBlock(new Block.Asked(titled(task, "Ab").with(titled(task, "Ab").terms().withMarks(9)))),
                new ExerciseEdit.ChangeBlock(new Block.Asked(titled(task, "Abc").with(titled(task, "Abc").terms().withMarks(9))),
                        Optional.of("title 2")));
        History once = changed.apply(new Edit.Undo());
        assertThat(explained(once).terms().title()).isEqualTo("Ab");
        assertThat(explained(once).terms().marks()).isEqualTo(9);
        History twice = once.apply(new Edit.Undo());
        assertThat(explained(twice).terms().marks()).isEqualTo(task.terms().marks());
        assertThat(explained(twice.apply(new Edit.Undo())).terms().title()).isEqualTo(task.terms().title());
        History texts = after(new ExerciseEdit.WriteTexts("T", "", "", Optional.of("title 1")),
                new ExerciseEdit.WriteTexts("T", "P", "", Optional.of("place 1")));
        assertThat(texts.apply(new Edit.Undo()).present().exercise().title()).isEqualTo("T");
    }

    private static Task titled(Task task, String title) {
        return task.with(task.terms().withTitle(title));
    }

    private static Task explained(History history) {
        return history.present().exercise().task("explain").orElseThrow();
    }

    @Test
    void whatWasCheckedStaysCheckedWhateverIsUndone() {
        Edit answer = new Edit.Draft("read", new Answer.Typed("7"), Optional.of("number 1"));
        History checked = after(answer, new Edit.Check("read"));
        History undone = checked.apply(new Edit.Undo());
        assertThat(undone.present().work().drafts()).isEmpty();
        assertThat(undone.present().work().attemptsAt("read")).hasSize(1);
        assertThat(undone.apply(new Edit.Redo()).present()).isEqualTo(checked.present());
        assertThat(checked.undoable()).contains("answering");
    }

    @Test
    void startingAgainIsCountedAndUndoneWithoutGivingTriesBack() {
        Edit answer = new Edit.Draft("read", new Answer.Typed("7"));
        History again = after(answer, new Edit.Check("read"), new Edit.StartAgain(), answer, new Edit.Check("read"),
                new Edit.Draft("read", new Answer.Typed("8"), Optional.empty()), new Edit.Check("read"));
        assertThat(again.present().work().checks().begun()).isEqualTo(2);
        assertThat(again.present().work().attemptsAt("read")).hasSize(2);
        History back = again.apply(new Edit.Undo()).apply(new Edit.Undo()).apply(new Edit.Undo());
        assertThat(back.present().work().attemptsAt("read")).hasSize(1);
        assertThat(back.present().work().checks().begun()).isEqualTo(2);
        assertThat(back.apply(new Edit.Redo()).present().work().attemptsAt("read"))
                .as("the tries of the second time are still used").hasSize(2);
    }

    @Test
    void aPasteReadInAnotherWayTakesItsPlaceAndWhatCameAfterStays() {
        Edit first = new Edit.Pasted(5, new WorkEdit.ChangeTable(new TableEdit.Paste(5, 0,
                List.of(List.of("days", "length"), List.of("12", "8.1")))));
        Edit second = new Edit.Pasted(5, new WorkEdit.ChangeTable(new TableEdit.Paste(5, 0, List.of(List.of("12", "8.1")))));
        History read = after(first, new Edit.Name("Ida"), second);
        assertThat(read.present().work().student()).isEqualTo("Ida");
        assertThat(Kelp.work(read.present()).table().size()).isEqualTo(6);
        assertThat(read.holds(5)).isTrue();
        History back = read.apply(new Edit.Undo());
        assertThat(back.present().work().student()).isEmpty();
        assertThat(Kelp.work(back.present()).table().size()).isEqualTo(6);
        History none = back.apply(new Edit.Undo());
        assertThat(none.present()).isEqualTo(BEGUN.present());
        assertThat(none.holds(5)).isFalse();
    }

    @Test
    void rowsMovedFurtherAfterAPasteAreMovedAsFarWhenItIsReadAnew() {
        Edit paste = new Edit.Pasted(6, new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "9")));
        History moved = after(paste, new WorkEdit.ChangeTable(new TableEdit.MoveRows(0, 0, 1)),
                new WorkEdit.ChangeTable(new TableEdit.MoveRows(1, 1, 1)),
                new Edit.Pasted(6, new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "8"))));
        assertThat(Kelp.work(moved.present()).table().cell(2, 1).text()).isEqualTo("8");
    }

    @Test
    void namesReadingLineAndViewGoOnFromOneAnother() {
        Frame frame = new Frame(0, 1, 0, 1);
        assertThat(after(new Edit.Name("I"), new Edit.Name("Ida")).apply(new Edit.Undo()).undoable()).isEmpty();
        assertThat(after(new PlotEdit.ReadAt(OptionalDouble.of(1)), new PlotEdit.ReadAt(OptionalDouble.of(2)))
                .apply(new Edit.Undo()).undoable()).isEmpty();
        History viewed = after(new PlotEdit.ShowFrame(Optional.of(frame)),
                new PlotEdit.ShowFrame(Optional.of(new Frame(1, 2, 1, 2))), new PlotEdit.ShowFrame(Optional.empty()));
        assertThat(Kelp.work(viewed.apply(new Edit.Undo()).present()).frame()).contains(new Frame(1, 2, 1, 2));
    }

    @Test
    void anEditAfterUndoForgetsWhatWasUndone() {
        History other = after(new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "9")), new Edit.Undo(),
                new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "8")));
        assertThat(other.redoable()).isEmpty();
        assertThat(Kelp.work(other.present()).table().cell(0, 1).text()).isEqualTo("8");
    }

    @Test
    void selectingAndPointingIsNotUndone() {
        History pointed = after(new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "9")), new Edit.Select(OptionalInt.of(2)),
                new Edit.Hover(OptionalInt.of(1)));
        History undone = pointed.apply(new Edit.Undo());
        assertThat(undone.present().selected()).hasValue(2);
        assertThat(undone.present().work()).isEqualTo(BEGUN.present().work());
    }

    @Test
    void whatChangesNothingIsNoStep() {
        assertThat(after(new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "3.1")))).isSameAs(BEGUN);
        assertThat(after(new Edit.Check("none"))).isSameAs(BEGUN);
    }

    @Test
    void theNewestThousandStepsCanAlwaysBeUndone() {
        History history = BEGUN;
        for (int i = 0; i < 2500; i++) {
            history = history.apply(new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, Integer.toString(i))));
        }
        for (int i = 0; i < 1000; i++) {
            history = history.apply(new Edit.Undo());
        }
        assertThat(Kelp.work(history.present()).table().cell(0, 1).text()).isEqualTo("1499");
    }

    @Test
    void everyLastingEditSaysWhatItDoes() {
        assertThat(new WorkEdit.ChangeTable(new TableEdit.RemoveRows(List.of(2))).inWords()).isEqualTo("removing row 3");
        assertThat(new WorkEdit.ChangeTable(new TableEdit.SetAside(0, "x")).inWords()).contains("row 1");
        assertThat(new PlotEdit.ShowLayer(Layer.SQUARES, false).inWords()).isEqualTo("hiding squares");
    }
}
