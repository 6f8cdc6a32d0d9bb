package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.Kelp;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.Note;
import hestra.desk.OwnSheet;
import hestra.desk.PlotEdit;
import hestra.desk.SheetEdit;
import hestra.exercise.Exercise;
import hestra.feedback.Outcome;
import hestra.feedback.Quantity;
import hestra.feedback.Verdict;
import hestra.figure.Layer;
import hestra.fit.Curve;
import hestra.numbers.Rounding;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

class WriteSectionTest {

    private static final Terms TERMS = Terms.of("report", "Write it up", "Write.", 6);
    private static final WriteSection BOTH = new WriteSection(TERMS,
            Set.of(WantedFigure.PLOT_WITHOUT_CURVE, WantedFigure.PLOT_WITH_LINE), 5);

    private static Desk open(Task... tasks) {
        return Desk.open(Kelp.exercise(tasks).withFirst(part -> part.withHeld(Set.of())));
    }

    private static Desk keep(Desk desk, Keepable what) {
        return desk.apply(new SheetEdit.Keep(OwnSheet.Spot.before(Kelp.work(desk).sheet().notes().size()), what, false));
    }

    private static WrittenSection section(Desk desk) {
        return (WrittenSection) desk.standing(desk.exercise().task("report").orElseThrow());
    }

    private static Verdict verdict(Desk desk) {
        return Findings.of(desk.apply(new Edit.Check("report"))).task("report").verdict().orElseThrow();
    }

    @Test
    void nothingWrittenAndNothingKeptCostsNoTry() {
        Desk desk = open(BOTH).apply(new Edit.Check("report"));
        assertThat(desk.work().attemptsAt("report")).isEmpty();
        assertThat(BOTH.unfinished(section(desk), Kelp.truth(desk.exercise())))
                .hasValueSatisfying(it -> assertThat(it).contains("Keep plot"));
    }

    @Test
    void whatIsKeptIsKnownByWhatItShows() {
        Desk bare = keep(open(BOTH).apply(new PlotEdit.ShowLayer(Layer.LINE, false)), Keepable.FIGURE);
        assertThat(section(bare).figures()).containsExactly(new KeptFigure(Keepable.FIGURE, false, List.of(), false, false));
        Verdict first = verdict(bare);
        assertThat(first.outcome()).isEqualTo(Outcome.NEARLY);
        assertThat(first.message())
                .isEqualTo("Still to do: keep the plot with the line of least squares; write at least 5 words (there are 0).");
        assertThat(first.earned()).isEqualTo(2);
        Desk whole = keep(bare.apply(new PlotEdit.ShowLayer(Layer.LINE, true)), Keepable.FIGURE)
                .apply(new SheetEdit.Write(OwnSheet.Spot.before(0), "Blades grow half a centimetre a day.", Optional.empty()));
        assertThat(section(whole).figures()).extracting(KeptFigure::line).containsExactly(false, true);
        assertThat(verdict(whole).isRight()).isTrue();
        assertThat(verdict(whole).message()).contains("Your instructor reads it");
    }

    @Test
    void whatWasClosedWhenAFigureWasKeptStaysClosedInIt() {
        ReadValue opens = (ReadValue) Kelp.read(Quantity.N, new Rounding.Places(0))
                .with(Terms.of("read", "Count", "n?", 1).opening(Set.of(Aid.LINE, Aid.EQUATION)));
        Exercise exercise = Kelp.exercise(opens, BOTH)
                .withFirst(part -> part.withHeld(Set.of(Aid.LINE, Aid.EQUATION, Aid.CURVES)));
        Desk before = keep(keep(Desk.open(exercise), Keepable.FIGURE), Keepable.EQUATION);
        Desk after = before.apply(new Edit.Draft("read", new Answer.Typed("5"))).apply(new Edit.Check("read"));
        assertThat(Findings.of(after).isOpen(Aid.LINE)).isTrue();
        assertThat(section(after).figures().getFirst().line()).isFalse();
        Note.Shown kept = (Note.Shown) Kelp.work(after).sheet().notes().getFirst();
        assertThat(kept.frozen()).hasValueSatisfying(state -> assertThat(state.shut()).contains(Aid.LINE));
        assertThat(Findings.of(after).of(kept).isOpen(Aid.LINE)).isFalse();
        assertThat(Findings.of(after).of(kept).plot().curves()).isEmpty();
        // What is kept now has the line, and what is brought back is open as everything else is.
        Desk again = keep(after, Keepable.FIGURE);
        assertThat(section(again).figures().getLast().line()).isTrue();
        Desk back = again.apply(new SheetEdit.BringBack(kept.id()));
        assertThat(Kelp.work(back).shut()).isEmpty();
        assertThat(Findings.of(back).isOpen(Aid.LINE)).isTrue();
    }

    @Test
    void aFigureThatFollowsThePlotIsWhatThePlotIsNow() {
        Desk desk = open(BOTH).apply(new SheetEdit.Keep(OwnSheet.Spot.before(0), Keepable.FIGURE, true));
        assertThat(section(desk).figures().getFirst().line()).isTrue();
        assertThat(section(desk.apply(new PlotEdit.ShowLayer(Layer.LINE, false))).figures().getFirst().line()).isFalse();
    }

    @Test
    void furtherCurvesAndResidualsAreKnownToo() {
        Curve quadratic = new Curve.Polynomial(2);
        Desk desk = keep(open(BOTH).apply(new PlotEdit.AddCurve(quadratic)).apply(new PlotEdit.ShowLayer(Layer.RESIDUALS, true)),
                Keepable.FIGURE);
        KeptFigure figure = section(desk).figures().getFirst();
        assertThat(figure.curves()).containsExactly(quadratic);
        assertThat(figure.residuals()).isTrue();
        assertThat(WantedFigure.PLOT_WITH_CURVE.isShownBy(figure)).isTrue();
        assertThat(WantedFigure.RESIDUALS.isShownBy(figure)).as("bars in the plot are no residual plot").isFalse();
        assertThat(WantedFigure.PLOT_WITHOUT_CURVE.isShownBy(figure)).isFalse();
        assertThat(BOTH.inWords(section(desk), Kelp.truth(desk.exercise())))
                .containsExactly("kept: the plot with the line of least squares, quadratic curve, residuals");
    }

    @ParameterizedTest
    @CsvSource({"STRIP, RESIDUALS", "RESIDUALS, RESIDUALS", "EQUATION, EQUATION", "READINGS, READINGS", "SUMMARY, SUMMARY",
            "COEFFICIENTS, COEFFICIENTS", "PREDICTIONS, PREDICTIONS", "SUMS, CALCULATION",
            "MATRICES, CALCULATION", "DATA, DATA"})
    void eachThingThatCanBeKeptIsWhatIsAskedFor(Keepable kept, WantedFigure wanted) {
        KeptFigure figure = new KeptFigure(kept, true, List.of(), false, true);
        assertThat(List.of(WantedFigure.values())).filteredOn(it -> it.isShownBy(figure)).containsExactly(wanted);
    }

    @Test
    void wordsAreCountedAsAReaderCountsThem() {
        assertThat(new WrittenSection("On **average** 0.83 cm a day;\n\n- don't trust day 60.", List.of()).words()).isEqualTo(10);
        assertThat(new WrittenSection(" \u2013 ", List.of()).words()).isZero();
        assertThat(BOTH.with(1).judge(new Attempt(new WrittenSection("One", List.of()), Set.of()), Kelp.truth(Kelp.exercise()))
                .parts()).extracting(Verdict.Part::outcome).contains(Outcome.RIGHT);
    }

    @Test
    void withoutAnythingToCheckItIsForTheInstructor() {
        WriteSection free = BOTH.with(Set.<WantedFigure>of()).with(0);
        Verdict verdict = free.judge(new Attempt(new WrittenSection("Done.", List.of()), Set.of()), Kelp.truth(Kelp.exercise()));
        assertThat(verdict.isRight()).isTrue();
        assertThat(verdict.message()).contains("Your instructor reads it");
        assertThat(free.key(Kelp.truth(Kelp.exercise())).text()).isEqualTo("read by you");
        assertThat(BOTH.key(Kelp.truth(Kelp.exercise())).text())
                .isEqualTo("the plot without a line; the plot with the line of least squares; at least 5 words; the rest by you");
    }

    @Test
    void itNeedsTheAidsThatItsFiguresShow() {
        assertThat(BOTH.needs()).containsExactly(Aid.LINE);
        assertThat(BOTH.with(Set.of(WantedFigure.READINGS, WantedFigure.PREDICTIONS)).needs())
                .containsExactlyInAnyOrder(Aid.R, Aid.R_SQUARED, Aid.PREDICTION);
    }
}
