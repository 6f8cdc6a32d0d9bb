package hestra.desk;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

import hestra.Kelp;
import hestra.data.TableEdit;
import hestra.exercise.Answer;
import hestra.figure.Frame;
import hestra.figure.Layer;
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
        History typed = after(new Edit.ChangeTable(new TableEdit.Type(0, 1, "9")));
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
        History dragged = after(new Edit.MovePoint(0, 3, 4, 1), new Edit.MovePoint(0, 3.5, 4, 1), new Edit.MovePoint(0, 4, 5, 1));
        assertThat(dragged.apply(new Edit.Undo()).present()).isEqualTo(BEGUN.present());
        History two = after(new Edit.MovePoint(0, 3, 4, 1), new Edit.MovePoint(0, 4, 5, 2));
        assertThat(two.apply(new Edit.Undo()).present().work().table().cell(0, 0).text()).isEqualTo("3");
    }

    @Test
    void lettersOfOneAnswerAreUndoneTogetherAndAnotherAnswerIsNot() {
        History typed = after(new Edit.Draft("read", new Answer.Typed("0")), new Edit.Draft("read", new Answer.Typed("0.5")),
                new Edit.Draft("explain", new Answer.Sentence("On")), new Edit.Draft("explain", new Answer.Sentence("On average")));
        History once = typed.apply(new Edit.Undo());
        assertThat(once.present().work().drafts()).containsOnlyKeys("read");
        assertThat(once.apply(new Edit.Undo()).present().work().drafts()).isEmpty();
    }

    @Test
    void namesReadingLineAndViewGoOnFromOneAnother() {
        Frame frame = new Frame(0, 1, 0, 1);
        assertThat(after(new Edit.Name("I"), new Edit.Name("Ida")).apply(new Edit.Undo()).undoable()).isEmpty();
        assertThat(after(new PlotEdit.ReadAt(OptionalDouble.of(1)), new PlotEdit.ReadAt(OptionalDouble.of(2))).apply(new Edit.Undo()).undoable()).isEmpty();
        History viewed = after(new PlotEdit.ShowFrame(Optional.of(frame)), new PlotEdit.ShowFrame(Optional.of(new Frame(1, 2, 1, 2))), new PlotEdit.ShowFrame(Optional.empty()));
        assertThat(viewed.apply(new Edit.Undo()).present().work().frame()).contains(new Frame(1, 2, 1, 2));
    }

    @Test
    void anEditAfterUndoForgetsWhatWasUndone() {
        History other = after(new Edit.ChangeTable(new TableEdit.Type(0, 1, "9")), new Edit.Undo(), new Edit.ChangeTable(new TableEdit.Type(0, 1, "8")));
        assertThat(other.redoable()).isEmpty();
        assertThat(other.present().work().table().cell(0, 1).text()).isEqualTo("8");
    }

    @Test
    void selectingAndPointingIsNotUndone() {
        History pointed = after(new Edit.ChangeTable(new TableEdit.Type(0, 1, "9")), new Edit.Select(OptionalInt.of(2)), new Edit.Hover(OptionalInt.of(1)));
        History undone = pointed.apply(new Edit.Undo());
        assertThat(undone.present().selected()).hasValue(2);
        assertThat(undone.present().work()).isEqualTo(BEGUN.present().work());
    }

    @Test
    void whatChangesNothingIsNoStep() {
        assertThat(after(new Edit.ChangeTable(new TableEdit.Type(0, 1, "3.1")))).isSameAs(BEGUN);
        assertThat(after(new Edit.Check("none"))).isSameAs(BEGUN);
    }

    @Test
    void theNewestThousandStepsCanAlwaysBeUndone() {
        History history = BEGUN;
        for (int i = 0; i < 2500; i++) {
            history = history.apply(new Edit.ChangeTable(new TableEdit.Type(0, 1, Integer.toString(i))));
        }
        for (int i = 0; i < 1000; i++) {
            history = history.apply(new Edit.Undo());
        }
        assertThat(history.present().work().table().cell(0, 1).text()).isEqualTo("1499");
    }

    @Test
    void everyLastingEditSaysWhatItDoes() {
        assertThat(new Edit.ChangeTable(new TableEdit.RemoveRows(List.of(2))).inWords()).isEqualTo("removing row 3");
        assertThat(new Edit.ChangeTable(new TableEdit.SetAside(0, "x")).inWords()).contains("row 1");
        assertThat(new PlotEdit.ShowLayer(Layer.SQUARES, false).inWords()).isEqualTo("hiding squares");
    }
}
