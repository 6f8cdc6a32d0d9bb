package hestra.desk;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

import hestra.Kelp;
import hestra.data.PointChange;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.exercise.Exercise;
import hestra.exercise.PlotRules;
import hestra.figure.DrawnCurve;
import hestra.figure.Frame;
import hestra.figure.LabelPlace;
import hestra.figure.Layer;
import hestra.figure.Slot;
import hestra.figure.Spacing;
import hestra.fit.Curve;
import hestra.fit.Curve.FittedOn;
import hestra.fit.EquationNotation;
import hestra.fit.LeastSquares;
import hestra.fit.Trial;
import hestra.task.Aid;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Curves beside the line, what is tried by eye, and the rules for points, as they stand on the desk. */
class CurvesOnTheDeskTest {

    private static final Curve QUADRATIC = new Curve.Polynomial(2);
    private static final Trial LINE_BY_EYE = new Trial(new Curve.Line(),
            List.of(new Trial.Handle(2, 3), new Trial.Handle(10, 7)));

    private static Desk open() {
        return open(Set.of());
    }

    private static Desk open(Set<Aid> held) {
        return Desk.open(Kelp.whole().withFirst(part -> part.withTasks(List.of())).withFirst(part -> part.withHeld(held)));
    }

    private static Desk after(Desk desk, Edit... edits) {
        Desk now = desk;
        for (Edit edit : edits) {
            now = now.apply(edit);
        }
        return now;
    }

    private static List<Slot> drawn(Desk desk) {
        return Findings.of(desk).plot().curves().stream().map(DrawnCurve::slot).toList();
    }

    @Test
    void anAddedCurveIsInHandAndTheNumbersAreIts() {
        Findings findings = Findings.of(after(open(), new PlotEdit.AddCurve(QUADRATIC),
                new PlotEdit.ReadAt(OptionalDouble.of(7))));
        assertThat(findings.curves().slotInHand()).isEqualTo(Slot.FIRST);
        double fitted = LeastSquares.fit(QUADRATIC, findings.pairs()).curveFit().orElseThrow().fitted(7).orElseThrow();
        assertThat(findings.curves().prediction().orElseThrow().fitted()).isEqualTo(fitted);
        assertThat(findings.curves().residual(0).orElseThrow())
                .isEqualTo(3.1 - findings.curves().curveInHand().orElseThrow().fitted(2).orElseThrow(), within(1e-12));
        assertThat(drawn(findings.desk())).containsExactly(Slot.LINE, Slot.FIRST);
        assertThat(findings.plot().inHand().orElseThrow().equation()).startsWith("ŷ = ");
    }

    @Test
    void aCurveThatIsThereIsTakenInHandAndAFifthHasNoPlace() {
        Desk four = after(open(), new PlotEdit.AddCurve(QUADRATIC), new PlotEdit.AddCurve(new Curve.Polynomial(3)),
                new PlotEdit.AddCurve(new Curve.Logarithmic()),
                new PlotEdit.AddCurve(new Curve.ThroughOrigin()));
        assertThat(Kelp.work(four).curves().further()).hasSize(4);
        assertThat(four.apply(new PlotEdit.AddCurve(new Curve.Wave()))).isEqualTo(four);
        assertThat(Kelp.work(four.apply(new PlotEdit.AddCurve(QUADRATIC))).curves().inHand()).isEqualTo(Slot.FIRST);
        assertThat(Kelp.work(four.apply(new PlotEdit.AddCurve(new Curve.Line()))).curves().inHand()).isEqualTo(Slot.LINE);
        Desk freed = after(four, new PlotEdit.RemoveCurve(Slot.SECOND),
                new PlotEdit.AddCurve(new Curve.Power(FittedOn.LOGARITHMS)));
        assertThat(Kelp.work(freed).curves().slotOf(new Curve.Power(FittedOn.LOGARITHMS)))
                .as("the place that was freed").contains(Slot.SECOND);
    }

    @Test
    void whatIsRemovedOrHiddenIsNotDrawnAndTheLineComesIntoHand() {
        Desk desk = after(open(), new PlotEdit.AddCurve(QUADRATIC),
                new PlotEdit.PutLabel(Slot.FIRST, new LabelPlace(0.5, 0.5, 1), 1));
        assertThat(drawn(after(desk, new PlotEdit.ShowCurve(Slot.FIRST, false)))).containsExactly(Slot.LINE);
        assertThat(drawn(after(desk, new PlotEdit.ShowCurve(Slot.LINE, false)))).containsExactly(Slot.FIRST);
        assertThat(Findings.of(desk).curves().slotInHand()).isEqualTo(Slot.FIRST);
        assertThat(Findings.of(desk.apply(new PlotEdit.ShowCurve(Slot.FIRST, false))).curves().slotInHand())
                .as("whose readings are shown is drawn").isEqualTo(Slot.LINE);
        assertThat(Findings.of(desk.apply(new PlotEdit.TakeInHand(Slot.LINE)).apply(new PlotEdit.ShowLayer(Layer.LINE, false)))
                .curves().slotInHand()).isEqualTo(Slot.FIRST);
        assertThat(Findings.of(desk.apply(new PlotEdit.ShowCurve(Slot.LINE, false))
                .apply(new PlotEdit.ShowCurve(Slot.FIRST, false))).curves().slotInHand())
                .as("none is left").isEqualTo(Slot.FIRST);
        Desk removed = desk.apply(new PlotEdit.RemoveCurve(Slot.FIRST));
        assertThat(Findings.of(removed).curves().slotInHand()).isEqualTo(Slot.LINE);
        assertThat(Kelp.work(removed).curves()).isEqualTo(CurveState.LINE_ALONE);
        assertThat(desk.apply(new PlotEdit.RemoveCurve(Slot.LINE))).as("the line is always there").isEqualTo(desk);
        assertThat(desk.apply(new PlotEdit.ChangeCurve(Slot.FOURTH, QUADRATIC))).as("nothing there").isEqualTo(desk);
    }

    @Test
    void heldBackCurvesAreNeitherDrawnNorRead() {
        Desk desk = after(open(Set.of(Aid.CURVES)), new PlotEdit.AddCurve(QUADRATIC), new PlotEdit.Try(LINE_BY_EYE, 1));
        assertThat(drawn(desk)).containsExactly(Slot.LINE, Slot.TRIAL);
        assertThat(Findings.of(desk).curves().curveAt(Slot.FIRST)).isEmpty();
        Desk blind = after(open(Set.of(Aid.LINE, Aid.RESIDUALS, Aid.EQUATION)), new PlotEdit.AddCurve(QUADRATIC),
                new PlotEdit.TakeInHand(Slot.FIRST));
        assertThat(drawn(blind)).as("without the line no curve either").isEmpty();
        assertThat(Findings.of(blind).curves().curveInHand()).isEmpty();
        assertThat(Findings.of(blind).curves().residual(0)).isEmpty();
        assertThat(Findings.of(blind).plot().inHand()).isEmpty();
        assertThat(Findings.of(after(open(Set.of(Aid.TRIAL)), new PlotEdit.Try(LINE_BY_EYE, 1))).curves().trial()).isEmpty();
    }

    @Test
    void aTrialShowsItsOwnResidualsAndGivesNothingAway() {
        Findings findings = Findings.of(after(open(Set.of(Aid.LINE, Aid.RESIDUALS, Aid.EQUATION)),
                new PlotEdit.Try(LINE_BY_EYE, 1)));
        assertThat(findings.curves().slotInHand()).isEqualTo(Slot.TRIAL);
        assertThat(findings.curves().residual(0).orElseThrow()).as("3.1 against 3 at day 2").isEqualTo(0.1, within(1e-12));
        assertThat(findings.strip().inHand()).isPresent();
        assertThat(findings.plot().curves()).extracting(DrawnCurve::slot).containsExactly(Slot.TRIAL);
        assertThat(findings.plot().handles().places()).isEqualTo(LINE_BY_EYE.handles());
    }

    @Test
    void theMovesOfOneDragAreUndoneTogether() {
        History history = History.of(open()).apply(new PlotEdit.Try(LINE_BY_EYE, 1));
        for (int i = 1; i < 5; i++) {
            history = history.apply(new PlotEdit.Try(LINE_BY_EYE.withHandle(1, new Trial.Handle(10, 7 + i)), 2));
        }
        assertThat(Kelp.work(history.apply(new Edit.Undo()).present()).curves().trial()).contains(LINE_BY_EYE);
        Trial impossible = LINE_BY_EYE.withHandle(1, new Trial.Handle(2, 9));
        assertThat(history.present().apply(new PlotEdit.Try(impossible, 3))).as("two handles at one x")
                .isEqualTo(history.present());
    }

    @Test
    void onlyWhatChangedIsFittedAgain() {
        Findings before = Findings.of(after(open(), new PlotEdit.AddCurve(QUADRATIC)));
        Findings after = before.next(before.desk().apply(new PlotEdit.AddCurve(new Curve.Polynomial(3))));
        assertThat(after.curves().fitAt(Slot.FIRST).orElseThrow()).isSameAs(before.curves().fitAt(Slot.FIRST).orElseThrow());
        assertThat(after.fit()).isSameAs(before.fit());
        Findings moved = after.next(after.desk().apply(new WorkEdit.MovePoint(0, 2, 9, 1)));
        assertThat(moved.curves().fitAt(Slot.FIRST).orElseThrow()).isNotEqualTo(before.curves().fitAt(Slot.FIRST).orElseThrow());
        assertThat(moved.curves().fitAt(Slot.FIRST).orElseThrow().curveFit().orElseThrow().coefficients())
                .isEqualTo(LeastSquares.fit(QUADRATIC, moved.pairs()).curveFit().orElseThrow().coefficients());
    }

    @Test
    void aLogarithmicAxisFitsTheDataAgainAndForgetsAFrameBelowZero() {
        Desk desk = after(open(), new PlotEdit.ShowFrame(Optional.of(new Frame(-5, 5, -5, 5))),
                new PlotEdit.SpaceAxis(true, Spacing.LOGARITHMIC));
        assertThat(Findings.of(desk).frame().xLow()).isPositive();
        Desk forced = desk.apply(new PlotEdit.ShowFrame(Optional.of(new Frame(-5, 5, 1, 5))));
        assertThat(Findings.of(forced).frame().xLow()).as("no place for it on the axis").isPositive();
        Desk linear = forced.apply(new PlotEdit.SpaceAxis(true, Spacing.LINEAR));
        assertThat(Findings.of(linear).frame().xLow()).isZero();
        Desk exchanged = after(desk, new WorkEdit.ChooseRoles(new Roles(1, 0)));
        assertThat(Kelp.work(exchanged).plot().x()).as("for other variables axes begin linear").isEqualTo(Spacing.LINEAR);
    }

    @Test
    void theLevelReadingLineFindsEveryPlace() {
        Findings findings = Findings.of(after(open(), new PlotEdit.ReadAtY(OptionalDouble.of(5.04))));
        assertThat(findings.curves().inverse().orElseThrow().solutions()).singleElement()
                .satisfies(it -> assertThat(it.x()).as("the mean of x at the mean of y").isEqualTo(6, within(1e-9)));
        assertThat(Findings.of(after(open(Set.of(Aid.PREDICTION)), new PlotEdit.ReadAtY(OptionalDouble.of(5)))).curves()
                .inverse())
                .isEmpty();
        assertThat(Kelp.work(after(open(), new PlotEdit.Pin(List.of(1.0, 2.0, 1.0)))).reading().pinned())
                .containsExactly(1.0, 2.0);
        assertThat(Kelp.work(after(open(), new PlotEdit.Pin(List.of(Double.NaN)))).reading().pinned()).isEmpty();
    }

    @Test
    void leverageAsksForThePointThatIsPointedAt() {
        Desk desk = after(open(), new PlotEdit.ShowLayer(Layer.LEVERAGE, true), new Edit.Hover(OptionalInt.of(4)));
        assertThat(Findings.of(desk).plot().influence().points()).hasSize(5);
        double without = LeastSquares.line(Findings.of(desk).pairs().without(4)).line().orElseThrow().slope().value();
        assertThat(Findings.of(desk).plot().influence().without().orElseThrow().coefficients().get(1).value()).isEqualTo(without);
        assertThat(Findings.of(open()).plot().influence().points()).as("only when it is shown").isEmpty();
    }

    @Test
    void curvesAreFittedToTheChosenPointsAloneAndFollowTheirRows() {
        Desk desk = after(open(), new PlotEdit.FitOnly(Set.of(0, 1, 2)));
        Findings findings = Findings.of(desk);
        // Days 2, 4, 6 and lengths 3.1, 3.9, 5: Sxy 3.8 and Sxx 8.
        assertThat(findings.fit().line().orElseThrow().slope().value()).isEqualTo(0.475, within(1e-12));
        assertThat(findings.pairs().n()).isEqualTo(3);
        assertThat(findings.plot().only()).containsExactlyInAnyOrder(0, 1, 2);
        Desk inserted = desk.apply(new WorkEdit.ChangeTable(new TableEdit.InsertRows(1, 2)));
        assertThat(Kelp.work(inserted).curves().only()).containsExactlyInAnyOrder(0, 3, 4);
        Desk removed = inserted.apply(new WorkEdit.ChangeTable(new TableEdit.RemoveRows(List.of(0))));
        assertThat(Kelp.work(removed).curves().only()).containsExactlyInAnyOrder(2, 3);
        assertThat(Findings.of(desk).next(desk.apply(new PlotEdit.FitOnly(Set.of()))).fit().line().orElseThrow().slope().value())
                .isEqualTo(0.515, within(1e-12));
        assertThat(desk.apply(new PlotEdit.FitOnly(Set.of(99)))).isEqualTo(desk);
    }

    @Test
    void neitherLeverageNorTheMeanGivesAHeldBackLineAway() {
        Desk desk = after(open(Set.of(Aid.LINE)), new PlotEdit.ShowLayer(Layer.LEVERAGE, true),
                new PlotEdit.ShowLayer(Layer.MEAN, true), new Edit.Hover(OptionalInt.of(4)));
        assertThat(Findings.of(desk).plot().influence().points()).isEmpty();
        assertThat(Findings.of(desk).plot().influence().without()).as("the line without a point is nearly the line").isEmpty();
        assertThat(Findings.of(desk).plot().layers()).doesNotContain(Layer.MEAN);
    }

    private static Desk ruled(PlotRules rules) {
        Exercise exercise = Kelp.whole().withFirst(part -> part.withTasks(List.of())).withFirst(part -> part.withHeld(Set.of()))
                .withFirst(part -> part.withRules(rules));
        return Desk.open(exercise);
    }

    @Test
    void whatMayBeDoneToPointsIsTheExercisesChoice() {
        Desk fixed = ruled(new PlotRules(Set.of(), EquationNotation.USUAL));
        assertThat(after(fixed, new WorkEdit.MovePoint(0, 3, 3, 1), new WorkEdit.AddPoint(3, 3),
                new WorkEdit.RemovePoints(List.of(0)))).isEqualTo(fixed);
        Desk free = ruled(PlotRules.USUAL.with(PointChange.ADD, true));
        Desk added = free.apply(new WorkEdit.AddPoint(12, 8.5));
        assertThat(Findings.of(added).pairs().n()).isEqualTo(6);
        assertThat(Kelp.work(added).table().cell(5, 1).text()).isEqualTo("8.5");
        assertThat(Findings.of(added.apply(new WorkEdit.RemovePoints(List.of(5)))).pairs().n()).isEqualTo(5);
        assertThat(Kelp.work(free.apply(new WorkEdit.MovePoint(0, 3, 3, 1))).table().cell(0, 0).text()).isEqualTo("3");
    }

    @Test
    void equationsAreWrittenAsTheClassWritesThem() {
        // Sxy 20.6 and Sxx 40 give the slope 0.515, and the means 6 and 5.04 the intercept 1.95.
        for (Map.Entry<EquationNotation, String> form : Map.of(EquationNotation.USUAL, "length = 1.950 + 0.5150 · days",
                new EquationNotation(false, true), "length = 0.5150 · days + 1.950",
                new EquationNotation(true, false), "y = 1.950 + 0.5150 · x", new EquationNotation(false, false),
                        "y = 0.5150 · x + 1.950")
                        .entrySet()) {
            Findings findings = Findings.of(ruled(PlotRules.USUAL.with(form.getKey())));
            assertThat(findings.numbers().equation(findings.curves().curveInHand().orElseThrow()).plain())
                    .isEqualTo(form.getValue());
        }
    }

    /** A line that is held back is not told by what is read off it either: predictions and residuals may be open before it is. */
    @Test
    void nothingIsReadOffALineThatIsHeldBack() {
        Findings findings = Findings.of(after(open(Set.of(Aid.LINE)), new PlotEdit.ReadAt(OptionalDouble.of(20)),
                new PlotEdit.ReadAtY(OptionalDouble.of(10))));
        assertThat(findings.isOpen(Aid.PREDICTION)).isTrue();
        assertThat(findings.curves().prediction()).isEmpty();
        assertThat(findings.curves().prediction(20)).isEmpty();
        assertThat(findings.curves().inverse()).isEmpty();
        assertThat(findings.curves().residual(0)).isEmpty();
        assertThat(Findings.of(after(open(Set.of()), new PlotEdit.ReadAt(OptionalDouble.of(20)))).curves().prediction())
                .isPresent();
    }
}
