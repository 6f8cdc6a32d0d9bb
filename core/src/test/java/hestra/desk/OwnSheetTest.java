package hestra.desk;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

import hestra.Kelp;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.figure.Layer;
import hestra.figure.Slot;
import hestra.fit.Curve;
import hestra.numbers.DecimalMark;
import hestra.task.Keepable;
import hestra.working.Calculation;
import hestra.working.CalculationLine;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class OwnSheetTest {

    private static final OwnSheet.Spot END = OwnSheet.Spot.before(Integer.MAX_VALUE);

    private static Desk study() {
        return Desk.open(Exercise.study("reeds", "Reeds", DecimalMark.POINT))
                .apply(new WorkEdit.BringColumns(Kelp.table(), Roles.FIRST_EXPLAINS));
    }

    private static Desk after(Desk desk, Edit... edits) {
        Desk now = desk;
        for (Edit edit : edits) {
            Desk next = now.apply(edit);
            assertThat(next).as("%s changes something", edit).isNotEqualTo(now);
            now = next;
        }
        return now;
    }

    private static OwnSheet sheet(Desk desk) {
        return Kelp.work(desk).sheet();
    }

    private static SheetEdit keep(Keepable what, boolean follows) {
        return new SheetEdit.Keep(END, what, follows);
    }

    private static SheetEdit write(String text) {
        return new SheetEdit.Write(END, text, Optional.empty());
    }

    @Test
    void nothingIsHeldBackInAStudyAndTheLineStandsAtOnce() {
        Findings findings = Findings.of(study());
        assertThat(findings.curves().visibleLine().orElseThrow().slope().value()).isEqualTo(0.515);
        assertThat(findings.curves().prediction(20).orElseThrow().fitted()).isEqualTo(12.25);
        assertThat(findings.tasks()).isEmpty();
    }

    @Test
    void aStudyAsksNothing() {
        assertThatThrownBy(() -> new Exercise("a", "A", "", "", DecimalMark.POINT, Kelp.exercise(Kelp.explain()).parts(),
                Exercise.Purpose.STUDY)).isInstanceOf(IllegalArgumentException.class);
        Desk study = study();
        Session session = Session.of(History.of(study));
        assertThat(session.apply(new ExerciseEdit.AddBlock("part-1", 0, new Block.Prose("text-9", "no"))))
                .isInstanceOf(Session.Outcome.Refused.class);
    }

    @Test
    void aFrozenFigureStaysAndOneThatFollowsChangesWithThePlot() {
        Desk desk = after(study(), keep(Keepable.FIGURE, false), keep(Keepable.FIGURE, true),
                new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "9")), new PlotEdit.ShowLayer(Layer.LINE, false));
        Findings now = Findings.of(desk);
        Note.Shown frozen = (Note.Shown) sheet(desk).notes().getFirst();
        Note.Shown following = (Note.Shown) sheet(desk).notes().getLast();
        assertThat(now.of(frozen).curves().visibleLine().orElseThrow().slope().value()).isEqualTo(0.515);
        assertThat(now.of(frozen).work().layers()).contains(Layer.LINE);
        assertThat(now.of(following)).isSameAs(now);
        Desk more = after(desk, keep(Keepable.FIGURE, false));
        assertThat(((Note.Shown) sheet(more).notes().getLast()).frozen().orElseThrow().sheet().notes())
                .as("what is kept holds nothing that was kept before").isEmpty();
        assertThat(now.fit().line().orElseThrow().slope().value()).isNotEqualTo(0.515);
    }

    @Test
    void figuresAndTablesAreCountedByThemselvesInTheirOrder() {
        Desk desk = after(study(), keep(Keepable.FIGURE, false), write("Between."), keep(Keepable.SUMMARY, false),
                keep(Keepable.EQUATION, false), keep(Keepable.RESIDUALS, false));
        assertThat(sheet(desk).notes().stream().map(note -> sheet(desk).label(note.id())))
                .containsExactly("Figure 1", "", "Table 1", "", "Figure 2");
        Desk moved = after(desk, new SheetEdit.Move("note-5", -9));
        assertThat(sheet(moved).label("note-5")).isEqualTo("Figure 1");
        assertThat(sheet(moved).label("note-1")).isEqualTo("Figure 2");
        assertThat(sheet(moved).label("nothing")).isEmpty();
        assertThat(sheet(desk).figures()).isEqualTo(2);
    }

    @Test
    void whatIsPutIntoATextComesAfterItsParagraph() {
        Desk desk = after(study(), write("One two.\n\nThree four.\n\nFive."));
        OwnSheet split = sheet(after(desk, new SheetEdit.Keep(new OwnSheet.Spot(0, 3), Keepable.FIGURE, false)));
        assertThat(split.notes().get(0)).isEqualTo(new Note.Text("note-1", "One two."));
        assertThat(split.notes().get(1)).isInstanceOf(Note.Kept.class);
        assertThat(split.notes().get(2)).extracting(note -> ((Note.Text) note).text()).isEqualTo("Three four.\n\nFive.");
        OwnSheet last = sheet(after(desk, new SheetEdit.Keep(new OwnSheet.Spot(0, 26), Keepable.FIGURE, false)));
        assertThat(last.notes()).as("at the end of a text nothing is left to stand after it").hasSize(2);
        OwnSheet before = sheet(after(desk, new SheetEdit.Keep(OwnSheet.Spot.before(0), Keepable.FIGURE, false)));
        assertThat(before.notes().getFirst()).isInstanceOf(Note.Kept.class);
    }

    @Test
    void bringingBackRestoresPlotAndDataAndKeepsTheSheet() {
        Desk then = after(study(), new PlotEdit.ShowLayer(Layer.SQUARES, true), new PlotEdit.AddCurve(new Curve.Polynomial(2)),
                new PlotEdit.ReadAt(OptionalDouble.of(7)));
        Desk kept = after(then, keep(Keepable.FIGURE, false));
        Desk later = after(kept, new WorkEdit.ChangeTable(new TableEdit.RemoveRows(List.of(0, 1))),
                new PlotEdit.RemoveCurve(Slot.FIRST), new PlotEdit.ShowLayer(Layer.SQUARES, false), write("Later."),
                new SheetEdit.WriteLine(0, CalculationLine.typed("n"), Optional.empty()));
        Desk back = after(later, new SheetEdit.BringBack("note-1"));
        assertThat(Kelp.work(back).table()).isEqualTo(Kelp.work(then).table());
        assertThat(Kelp.work(back).plot()).isEqualTo(Kelp.work(then).plot());
        assertThat(Kelp.work(back).curves()).isEqualTo(Kelp.work(then).curves());
        assertThat(Kelp.work(back).reading()).isEqualTo(Kelp.work(then).reading());
        assertThat(sheet(back)).as("texts and lines written since stay").isEqualTo(sheet(later));
        Desk following = after(later, keep(Keepable.FIGURE, true));
        assertThat(following.apply(new SheetEdit.BringBack("note-3")))
                .as("what follows the plot has nothing to bring back").isEqualTo(following);
    }

    @Test
    void aFigureWhoseColumnIsTakenAwayIsKeptAsItWas() {
        DataTable three = new DataTable(List.of(Variable.named("a"), Variable.named("b"), Variable.named("c")), Kelp.table()
                .rows());
        Desk desk = after(Desk.open(Exercise.study("s", "S", DecimalMark.POINT)),
                new WorkEdit.BringColumns(three, new Roles(0, 1)), keep(Keepable.FIGURE, true));
        Desk other = after(desk, new WorkEdit.ChangeTable(new TableEdit.RemoveColumn(2)));
        assertThat(((Note.Shown) sheet(other).notes().getFirst()).follows()).as("a column that takes no part").isTrue();
        Desk gone = after(desk, new WorkEdit.ChangeTable(new TableEdit.RemoveColumn(1)));
        Note.Shown note = (Note.Shown) sheet(gone).notes().getFirst();
        assertThat(note.follows()).isFalse();
        assertThat(Findings.of(gone).of(note).y().name()).isEqualTo("b");
        Desk replaced = after(desk, new WorkEdit.BringColumns(Kelp.table(), Roles.FIRST_EXPLAINS));
        assertThat(((Note.Shown) sheet(replaced).notes().getFirst()).follows()).isFalse();
    }

    @Test
    void aRunOfTypingIsUndoneTogetherWithTheNoteItBegan() {
        History history = History.of(study());
        Optional<String> run = Optional.of("write-on 1");
        history = history.apply(new SheetEdit.Write(END, "R", run)).apply(new SheetEdit.ChangeText("note-1", "Re", run))
                .apply(new SheetEdit.ChangeText("note-1", "Reed", run));
        assertThat(sheet(history.present()).notes()).containsExactly(new Note.Text("note-1", "Reed"));
        History undone = history.apply(new Edit.Undo());
        assertThat(sheet(undone.present()).notes()).isEmpty();
        assertThat(sheet(undone.apply(new Edit.Redo()).present()).notes()).containsExactly(new Note.Text("note-1", "Reed"));
        History other = history.apply(new SheetEdit.ChangeText("note-1", "Reeds", Optional.of("write-on 2")))
                .apply(new Edit.Undo());
        assertThat(sheet(other.present()).notes()).as("another run is another step")
                .containsExactly(new Note.Text("note-1", "Reed"));
    }

    @Test
    void whatIsNotThereChangesNothing() {
        Desk desk = after(study(), write("Here."));
        for (SheetEdit edit : List.of(new SheetEdit.ChangeText("note-9", "x", Optional.empty()),
                new SheetEdit.Caption("note-1", "x", Optional.empty()), new SheetEdit.Follow("note-1", true),
                new SheetEdit.Move("note-9", 1), new SheetEdit.Remove("note-9"), new SheetEdit.BringBack("note-1"),
                        new SheetEdit.RemoveLine(0), new SheetEdit.WriteLine(3, CalculationLine.typed("n"), Optional.empty()))) {
            assertThat(desk.apply(edit)).as(edit.toString()).isEqualTo(desk);
        }
    }

    @Test
    void aSheetTakesSoManyNotesAndNoMore() {
        Desk desk = study();
        for (int i = 0; i < OwnSheet.MOST + 5; i++) {
            desk = desk.apply(write("note"));
        }
        assertThat(sheet(desk).notes()).hasSize(OwnSheet.MOST - 1);
    }

    @Test
    void askingAboutAStudyTakesAlongWhatStaysAsItWas() {
        Desk desk = after(study(), write("We measured."),
                new WorkEdit.ChangeTable(new TableEdit.SetAside(List.of(1), "odd")), new PlotEdit.ShowLayer(Layer.LINE, false),
                keep(Keepable.FIGURE, false), new SheetEdit.Caption("note-2", "As it was.", Optional.empty()),
                keep(Keepable.EQUATION, false), keep(Keepable.DATA, false));
        String equation = Findings.of(desk).numbers().equation(Findings.of(desk).curves().curveInHand().orElseThrow()).plain();
        FromStudy.Made made = FromStudy.exercise(desk, "new");
        Exercise exercise = made.exercise();
        assertThat(exercise.isStudy()).isFalse();
        assertThat(exercise.first().data()).as("with what was set aside, and why").isEqualTo(Kelp.table().withSetAside(1,
                Optional.of("odd")));
        assertThat(exercise.first().blocks()).satisfiesExactly(block -> assertThat(((Block.Prose) block).text())
                .isEqualTo("We measured."), block -> {
            assertThat(((Block.Plot) block).caption()).isEqualTo("As it was.");
            assertThat(((Block.Plot) block).layers()).doesNotContain(Layer.LINE);
        }, block -> assertThat(((Block.Formula) block).formula()).isEqualTo("predicted " + equation),
                block -> assertThat(block).isInstanceOf(Block.Printed.class));
        assertThat(made.left()).isEmpty();
        assertThat(FromStudy.exercise(study(), "bare").exercise().first().blocks()).as("a text to begin with").hasSize(1);
    }

    /** A figure that would show other points, or another curve, than the one that was kept is no figure of the exercise. */
    @Test
    void askingAboutAStudySaysWhatStaysInIt() {
        Desk desk = after(study(), keep(Keepable.FIGURE, false), new SheetEdit.Caption("note-1", "All of them", Optional.empty()),
                new WorkEdit.ChangeTable(new TableEdit.SetAside(List.of(1), "odd")), keep(Keepable.SUMMARY, false),
                keep(Keepable.EQUATION, false), new PlotEdit.AddCurve(new Curve.Polynomial(2)), keep(Keepable.FIGURE, false),
                new SheetEdit.KeepLine(END, CalculationLine.typed("slope * 20")));
        FromStudy.Made made = FromStudy.exercise(desk, "new");
        assertThat(made.left()).containsExactly("the plot “All of them”", "the summary of the two variables", "the plot",
                "the calculation “slope * 20”");
        assertThat(made.exercise().first().blocks()).singleElement().isInstanceOf(Block.Formula.class);
    }

    @Test
    void calculationLinesUseOneAnotherByName() {
        Desk desk = after(study(), new SheetEdit.WriteLine(0, CalculationLine.typed("at20 = slope * 20 + intercept"),
                Optional.empty()),
                new SheetEdit.WriteLine(1, CalculationLine.typed("at20 - mean_y"), Optional.empty()));
        Findings findings = Findings.of(desk);
        // 12.25 − 5.04
        assertThat(findings.calculated(sheet(desk).lines().get(1))).isEqualTo(new Calculation.Value(12.25 - 5.04));
        Desk kept = after(desk, new SheetEdit.KeepLine(END, sheet(desk).lines().get(1)),
                new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "9")));
        Note.Calculated note = (Note.Calculated) sheet(kept).notes().getFirst();
        assertThat(Findings.of(kept).of(note).calculated(note.line())).as("it stays as it was kept")
                .isEqualTo(new Calculation.Value(12.25 - 5.04));
        assertThat(sheet(after(kept, new SheetEdit.RemoveLine(0))).lines())
                .containsExactly(CalculationLine.typed("at20 - mean_y"));
    }
}
