package hestra.desk;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.Selection;
import hestra.data.TableEdit;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.feedback.Quantity;
import hestra.figure.Layer;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.task.Aid;
import hestra.task.Answer;
import hestra.task.ReadValue;
import hestra.task.Terms;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** An exercise of two parts with data of their own: the second has twice the lengths of the first. */
class PartsTest {

    private static final ReadValue FIRST = new ReadValue(Terms.of("first", "Slope", "Slope?", 2).opening(Set.of(Aid.R)),
            Quantity.SLOPE, new Rounding.Places(3));
    private static final ReadValue SECOND = new ReadValue(Terms.of("second", "Slope", "Slope?", 2).opening(Set.of(Aid.LINE)),
            Quantity.SLOPE, new Rounding.Places(3));

    private static Exercise exercise() {
        Exercise one = Kelp.exercise(FIRST).withFirst(part -> part.withHeading("Short"));
        Part other = one.first().withBlocks(List.of(new Block.Prose("text-2", "More about {n} blades."), new Block.Asked(SECOND)))
                .withHeading("Long");
        for (int i = 0; i < Kelp.DAYS.length; i++) {
            int row = i;
            other = other.withData(other.data().withCell(row, 1, Cell.of(2 * Kelp.LENGTHS[row], DecimalMark.POINT)));
        }
        return one.withPartAt(1, new Part("part-2", "Long", other.data(), other.roles(), other.provenance(), Aid.all(),
                other.rules(), other.blocks()));
    }

    private static Session after(Session session, Edit... edits) {
        Session now = session;
        for (Edit edit : edits) {
            now = now.apply(edit) instanceof Session.Outcome.Made(Session made) ? made : now;
        }
        return now;
    }

    private static Session open() {
        return Session.of(History.of(Desk.open(exercise())));
    }

    private static Edit answer(String task, String text) {
        return new Edit.Draft(task, new Answer.Typed(text));
    }

    private static Edit type(String part, int row, int column, String text) {
        return new Edit.InPart(part, new WorkEdit.ChangeTable(new TableEdit.Type(row, column, text)));
    }

    private static String first(Session session, String part) {
        Desk desk = session.history().present();
        return desk.work().part(desk.exercise().part(part).orElseThrow()).table().cell(0, 1).text();
    }

    @Test
    void theKeyOfATaskComesFromTheDataOfItsOwnPart() {
        Session session = after(open(), answer("first", "0.515"), new Edit.Check("first"), answer("second", "1.03"),
                new Edit.Check("second"));
        assertThat(session.findings().tasks()).allMatch(TaskState::done);
        assertThat(session.findings().earned()).isEqualTo(4);
        assertThat(session.findings().task("second").number()).isEqualTo(2);
    }

    @Test
    void thePartOfTheTaskInHandIsInHand() {
        Session session = open();
        assertThat(session.findings().part().id()).isEqualTo("part-1");
        assertThat(session.findings().pairs().y(0)).isEqualTo(3.1);
        Session second = after(session, new Edit.TurnTo(Optional.of("second")));
        assertThat(second.findings().part().id()).isEqualTo("part-2");
        assertThat(second.findings().pairs().y(0)).isEqualTo(6.2);
        Session done = after(session, answer("first", "0.515"), new Edit.Check("first"));
        assertThat(done.findings().part().id()).as("the next task is in the other part").isEqualTo("part-2");
        Session back = after(done, new Edit.GoTo("part-1"));
        assertThat(back.findings().part().id()).isEqualTo("part-1");
        assertThat(back.findings().taskInHand()).as("nothing is left to do here").isEmpty();
        Session all = after(done, new Edit.TurnTo(Optional.empty()), answer("second", "1.03"), new Edit.Check("second"));
        assertThat(all.findings().part().id()).as("where nothing is left to do one stays").isEqualTo("part-2");
    }

    @Test
    void aTaskOpensTheAidsOfItsOwnPartOnly() {
        Session session = after(open(), answer("first", "0.515"), new Edit.Check("first"));
        Findings first = session.findings().at(session.findings().exercise().first());
        assertThat(first.isOpen(Aid.R)).isTrue();
        assertThat(first.isOpen(Aid.LINE)).isFalse();
        assertThat(session.findings().part().id()).isEqualTo("part-2");
        assertThat(session.findings().isOpen(Aid.R)).isFalse();
        assertThat(session.findings().whatOpens(Aid.LINE)).contains("task 2");
    }

    @Test
    void whatIsDoneInOnePartLeavesTheOtherAsItWas() {
        Session session = after(open(), type("part-2", 0, 1, "9"),
                new Edit.InPart("part-2", new PlotEdit.ShowLayer(Layer.SQUARES, true)));
        assertThat(first(session, "part-1")).isEqualTo("3.1");
        assertThat(first(session, "part-2")).isEqualTo("9");
        Findings there = session.findings().at(session.findings().exercise().parts().getLast());
        assertThat(there.work().layers()).contains(Layer.SQUARES);
        assertThat(session.findings().work().layers()).doesNotContain(Layer.SQUARES);
        assertThat(after(session, type("nowhere", 0, 1, "5"))).isSameAs(session);
    }

    @Test
    void undoRunsThroughAllPartsAndShowsWhereItWorks() {
        Session session = after(open(), type("part-1", 0, 1, "1"), type("part-2", 0, 1, "2"), type("part-1", 1, 1, "3"),
                new Edit.GoTo("part-2"));
        Session one = after(session, new Edit.Undo());
        assertThat(one.findings().part().id()).isEqualTo("part-1");
        Session two = after(one, new Edit.Undo());
        assertThat(first(two, "part-2")).isEqualTo("6.2");
        assertThat(two.findings().part().id()).isEqualTo("part-2");
        Session three = after(two, new Edit.Undo());
        assertThat(first(three, "part-1")).isEqualTo("3.1");
        assertThat(three.findings().part().id()).isEqualTo("part-1");
        Session again = after(three, new Edit.Redo(), new Edit.Redo());
        assertThat(first(again, "part-2")).isEqualTo("2");
        assertThat(again.findings().part().id()).isEqualTo("part-2");
    }

    @Test
    void typingInOnePartDoesNotGoOnInAnother() {
        Edit.Lasting here = new Edit.InPart("part-1", new PlotEdit.ReadAt(OptionalDouble.of(3)));
        Edit.Lasting there = new Edit.InPart("part-2", new PlotEdit.ReadAt(OptionalDouble.of(4)));
        assertThat(here.continues(here)).isTrue();
        assertThat(there.continues(here)).isFalse();
    }

    @Test
    void rowsOfOnePartAreNotSelectedInAnother() {
        Session session = after(open(), new Edit.Select(OptionalInt.of(3)), new Edit.Hover(OptionalInt.of(2)));
        assertThat(session.history().present().selected()).hasValue(3);
        Session there = after(session, new Edit.GoTo("part-2"));
        assertThat(there.history().present().selection()).isEqualTo(Selection.NONE);
        assertThat(there.history().present().hovered()).isEmpty();
        assertThat(there.findings().desk()).isEqualTo(there.history().present());
    }

    @Test
    void theAuthorAddsMovesAndRemovesPartsAndBlocks() {
        Session session = after(open(), new ExerciseEdit.AddPart(0, Part.blank("part-3")), new ExerciseEdit.MovePart("part-2", 0),
                new ExerciseEdit.AddBlock("part-3", 0, new Block.Printed("table-1", "")),
                        new ExerciseEdit.MoveBlock("text-2", "part-3", 5));
        Exercise exercise = session.findings().exercise();
        assertThat(exercise.parts()).extracting(Part::id).containsExactly("part-2", "part-3", "part-1");
        assertThat(exercise.part("part-3").orElseThrow().blocks()).extracting(Block::id).containsExactly("table-1", "text-2");
        assertThat(exercise.indexOf("first")).isEqualTo(1);
        Session less = after(session, new ExerciseEdit.RemovePart("part-2"), new ExerciseEdit.RemoveBlock("table-1"),
                new ExerciseEdit.RemovePart("part-1"),
                new ExerciseEdit.RemovePart("part-3"));
        assertThat(less.findings().exercise().parts()).as("the last one stays").extracting(Part::id).containsExactly("part-3");
        assertThat(after(session, new ExerciseEdit.AddBlock("part-1", 0, new Block.Formula("first", "x"))).findings().exercise())
                .as("an id that is taken").isEqualTo(exercise);
    }

    @Test
    void workOnTheOtherPartsGoesOnWhenAPartIsAddedOrRenamed() {
        Session session = after(open(), type("part-2", 0, 1, "9"), answer("first", "0.5"), new Edit.Check("first"),
                new ExerciseEdit.AddPart(2, Part.blank("part-3")),
                        new Edit.InPart("part-1", new PartEdit.WriteHeading("Other", Optional.empty())));
        assertThat(first(session, "part-2")).isEqualTo("9");
        assertThat(session.findings().task("first").isTried()).isTrue();
        Session changed = after(session, new Edit.InPart("part-2", new PartEdit.WriteTable(new TableEdit.Type(0, 1, "7"))));
        assertThat(first(changed, "part-2")).as("other data begin anew").isEqualTo("7");
        assertThat(changed.findings().task("first").isTried()).isFalse();
    }

    @Test
    void noTwoThingsHaveTheSameId() {
        Exercise exercise = exercise();
        assertThatThrownBy(() -> exercise.withPartAt(0, exercise.first())).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> exercise.withFirst(part -> part.withBlockAt(0, new Block.Formula("second", "x"))))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> exercise.withParts(List.of())).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aFigureOnTheSheetShowsTheTrueDataAsTheAuthorChose() {
        Exercise exercise = exercise();
        Block.Plot figure = new Block.Plot("figure-1", Set.of(Layer.LINE), Optional.empty(), "");
        assertThat(FixedPlot.of(exercise, exercise.parts().getLast(), figure).curves())
                .as("although the line is held back").hasSize(1);
        assertThat(FixedPlot.of(exercise, exercise.parts().getLast(), figure).points().getFirst().y()).isEqualTo(6.2);
        assertThat(FixedPlot.of(exercise, exercise.first(), new Block.Plot("figure-1", Set.of(), Optional.empty(), "")).curves())
                .isEmpty();
    }
}
