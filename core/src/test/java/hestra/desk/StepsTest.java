package hestra.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import hestra.Kelp;
import hestra.data.TableEdit;
import hestra.marking.Pace;
import hestra.task.Answer;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class StepsTest {

    private static final Edit TYPED = new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "3.2"));

    private static Edit draft(String text) {
        return new Edit.Draft("read", new Answer.Typed(text), Optional.of("read 1"));
    }

    private static Steps of(Edit... edits) {
        Steps steps = new Steps();
        for (int i = 0; i < edits.length; i++) {
            steps.add(new Step(100 + i, edits[i]));
        }
        return steps;
    }

    private static Desk replayed(List<Step> steps) {
        History history = History.of(Desk.open(Kelp.whole()));
        for (Step step : steps) {
            history = history.apply(step.edit());
        }
        return history.present();
    }

    @Test
    void whatIsTypedLetterByLetterIsOneStep() {
        Steps steps = of(TYPED, draft("0"), draft("0."), draft("0.5"), new Edit.Check("read"));
        assertThat(steps.all()).containsExactly(new Step(100, TYPED), new Step(103, draft("0.5")),
                new Step(104, new Edit.Check("read")));
    }

    @Test
    void aNoteThatIsBegunAndTypedIsOneStepThatWritesItWhole() {
        Edit begun = new Edit.InPart("part-1", new SheetEdit.Write(OwnSheet.Spot.before(0), "I", Optional.of("run 1")));
        Edit typed = new Edit.InPart("part-1", new SheetEdit.ChangeText("note-1", "It grows", Optional.of("run 1")));
        List<Step> steps = of(begun, typed).all();
        assertThat(steps).hasSize(1);
        assertThat(Kelp.work(replayed(steps)).sheet().notes()).containsExactly(new Note.Text("note-1", "It grows"));
    }

    @Test
    void theStepsLeadToWhereTheEditsLed() {
        for (long seed = 1; seed <= 60; seed++) {
            RandomEdits edits = new RandomEdits(seed);
            History history = History.of(Desk.open(Kelp.whole()));
            Steps steps = new Steps();
            List<Edit> made = new ArrayList<>();
            for (int i = 0; i < 150; i++) {
                Edit edit = edits.next(history.present());
                if (edit instanceof Edit.Passing || edit instanceof ExerciseEdit || edit instanceof PartEdit || isAuthors(edit)) {
                    continue;
                }
                history = history.apply(edit);
                steps.add(new Step(i, edit));
                made.add(edit);
            }
            assertThat(steps.all()).as("seed " + seed).hasSizeBetween(1, made.size());
            assertThat(replayed(steps.all()).work()).as("seed " + seed).isEqualTo(history.present().work());
        }
    }

    private static boolean isAuthors(Edit edit) {
        return edit instanceof Edit.InPart(String _, Edit.Local local) && local instanceof PartEdit
                || edit instanceof Edit.Pasted(long _, Edit.Lasting pasted)
                && (pasted instanceof ExerciseEdit || isAuthors(pasted) || pasted instanceof PartEdit);
    }

    @Test
    void anAuthorsEditEndsThem() {
        assertThat(of(TYPED, new Edit.InPart("part-1", new PartEdit.WriteHeading("x", Optional.empty())), TYPED).all()).isEmpty();
        assertThat(of(TYPED, new Edit.Pasted(1, new PartEdit.WriteTable(new TableEdit.Type(0, 0, "1")))).all()).isEmpty();
    }

    @Test
    void pausesAreNoWork() {
        List<Step> steps = List.of(new Step(1000, TYPED), new Step(1060, TYPED), new Step(1060 + Steps.PAUSE_SECONDS + 1, TYPED),
                new Step(2000, new Edit.Check("read")), new Step(1990, TYPED));
        // 60 s, then a pause, then 2000 − 1361 = 639 s, which is a pause too, and a clock that was set back.
        assertThat(Steps.worked(steps)).isEqualTo(60);
        Pace pace = Pace.of(steps, 5000);
        assertThat(pace).isEqualTo(new Pace(1000, 5000, 60, Map.of("read", List.of(2000L))));
        assertThat(pace.minutes()).isEqualTo(1);
    }
}
