package hestra.marking;

import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Stream;

import hestra.Kelp;
import hestra.data.TableEdit;
import hestra.desk.Edit;
import hestra.desk.Step;
import hestra.desk.WorkEdit;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.feedback.Quantity;
import hestra.numbers.Rounding;
import hestra.task.Answer;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class ReplayTest {

    private static final Exercise ONE = Kelp.exercise(Kelp.read(Quantity.SLOPE, new Rounding.Places(2)));
    private static final Part FIRST = ONE.first();
    private static final Exercise TWO = ONE.withPartAt(1,
            new Part("second", "Second", FIRST.data(), FIRST.roles(), FIRST.provenance(), FIRST.held(), FIRST.rules(),
                    List.of()));

    private static List<Replay.Moment> moments(Edit... edits) {
        return Replay.of(MarkingKey.of(TWO), Stream.of(edits).map(edit -> new Step(0, edit)).toList()).moments();
    }

    @Test
    void aStepSaysInWhichPartItWasMadeAndWhichRowItChanged() {
        Edit.Local typed = new WorkEdit.ChangeTable(new TableEdit.Type(3, 1, "9.9"));
        List<Replay.Moment> moments = moments(new Edit.Name("Ida"), typed, new Edit.InPart("second", typed),
                new Edit.Draft("read", new Answer.Typed("1")), new Edit.Check("read"), new Edit.Undo(), new Edit.Undo());
        assertThat(moments).extracting(it -> it.part().map(Part::id).orElse(""))
                .containsExactly("", FIRST.id(), "second", FIRST.id(), FIRST.id(), "", "second");
        assertThat(moments).extracting(Replay.Moment::row)
                .containsExactly(OptionalInt.empty(), OptionalInt.of(3), OptionalInt.of(3), OptionalInt.empty(),
                        OptionalInt.empty(), OptionalInt.empty(), OptionalInt.of(3));
    }
}
