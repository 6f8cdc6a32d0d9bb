package hestra.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import hestra.Kelp;
import hestra.data.TableEdit;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.figure.Figure;
import hestra.figure.Layout;
import hestra.figure.Mark;
import hestra.figure.ResidualStrip;
import hestra.figure.ScatterPlot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Whatever is done to a desk, it can be shown, and every step of it can be undone. {@code -Dhestra.edits} says how many edits.
 */
class SessionTest {

    private static final Layout SIZE = new Layout(600, 400, 1);
    private static final int USUAL = 600;
    private static final int EDITS = Integer.getInteger("hestra.edits", USUAL);
    private static final long SEED = Long.getLong("hestra.seed", 20_261_126);

    private static Session after(Session session, Edit edit) {
        return switch (session.apply(edit)) {
            case Session.Outcome.Made(Session made) -> made;
            case Session.Outcome.Nothing _ -> session;
            case Session.Outcome.Refused(Throwable why) -> throw new AssertionError(edit.toString(), why);
        };
    }

    /** Draws all that a desk shows. */
    static void draw(Session session) {
        Findings findings = session.findings();
        Figure plot = ScatterPlot.describe(findings.plot(), SIZE);
        Figure strip = ResidualStrip.describe(findings.strip(), findings.work().plot().strip(), SIZE);
        Stream.of(plot, strip).flatMap(it -> Stream.of(it.ground(), it.lines(), it.points(), it.front())).flatMap(List::stream)
                .forEach(SessionTest::assertDrawable);
        findings.curves().curveInHand().ifPresent(curve -> assertThat(findings.numbers().equation(curve).plain())
                .doesNotContain("Infinity"));
        findings.curves().prediction();
        findings.curves().inverse();
        findings.suspicions();
    }

    private static void assertDrawable(Mark mark) {
        boolean fine = switch (mark) {
            case Mark.Line line ->
                    Double.isFinite(line.x1()) && Double.isFinite(line.y1()) && Double.isFinite(line.x2())
                    && Double.isFinite(line.y2());
            case Mark.Dot dot -> Double.isFinite(dot.x()) && Double.isFinite(dot.y());
            case Mark.Label label ->
                    Double.isFinite(label.x()) && Double.isFinite(label.y())
                    && (label.face() != Mark.Face.FIGURES || !label.text().contains("NaN") && !label.text().contains("Infinity"));
            default -> true;
        };
        assertThat(fine).as(mark.toString()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"1.7e308", "-1.7e308", "4.9e-324", "1e300", "1e-300"})
    void aNumberAtTheEndOfWhatCanBeComputedWithIsShownLikeAnyOther(String text) {
        Session open = Session.of(History.of(Desk.open(Kelp.exercise().withFirst(part -> part.withHeld(Set.of())))));
        for (int column = 0; column < 2; column++) {
            Session typed = after(open, new WorkEdit.ChangeTable(new TableEdit.Type(1, column, text)));
            draw(typed);
            draw(after(typed, new WorkEdit.ChangeTable(new TableEdit.Type(2, column, "-1.7e308"))));
        }
    }

    @Test
    void anEditThatCannotBeComputedWithLeavesEverythingAsItWas() {
        Session open = Session.of(History.of(Desk.open(Kelp.whole())));
        List<List<String>> block = new ArrayList<>();
        block.add(null);
        TableEdit impossible = new TableEdit.Paste(0, 0, block);
        assertThat(open.apply(new WorkEdit.ChangeTable(impossible))).isInstanceOf(Session.Outcome.Refused.class);
        assertThat(open.history().present()).isEqualTo(Desk.open(Kelp.whole()));
        assertThat(after(open, new Edit.Name("Ida")).history().present().work().student()).isEqualTo("Ida");
    }

    @Test
    void whateverIsDoneCanBeShown() {
        RandomEdits edits = new RandomEdits(SEED);
        Session session = Session.of(History.of(Desk.open(Kelp.whole())));
        for (int i = 0; i < EDITS; i++) {
            Edit edit = edits.next(session.history().present());
            Session before = session;
            session = after(session, edit);
            try {
                draw(session);
            } catch (RuntimeException | AssertionError e) {
                throw new AssertionError("edit " + i + ": " + edit + " on " + before.history().present().work(), e);
            }
            if (Kelp.work(session.history().present()).table().size() > 400 || i % 500 == 499) {
                session = Session.of(History.of(Desk.open(Kelp.whole())));
            }
        }
    }

    @Test
    void whatIsInHandStaysInHandWhateverIsEdited() {
        RandomEdits edits = new RandomEdits(SEED + 2);
        Exercise two = Kelp.whole();
        two = two.withPartAt(1, two.fresh(two.first()));
        for (Part part : two.parts()) {
            Session session = after(Session.of(History.of(Desk.open(two))), new Edit.GoTo(part.id()));
            for (int i = 0; i < EDITS / 4; i++) {
                Edit edit = edits.next(session.history().present());
                Edit here = edit instanceof Edit.Local local ? new Edit.InPart(part.id(), local) : edit;
                if (here instanceof Edit.Lasting && !(here instanceof Edit.StartAgain)) {
                    session = after(session, here);
                    if (session.history().present().exercise().part(part.id()).isEmpty()) {
                        session = after(Session.of(History.of(Desk.open(two))), new Edit.GoTo(part.id()));
                    }
                    assertThat(session.findings().part().id()).as("after %s", here).isEqualTo(part.id());
                }
            }
        }
    }

    @Test
    void aPartWhoseTaskIsTakenOutOrWhoseDataComeInStaysInHand() {
        Exercise whole = Kelp.whole();
        Exercise two = whole.withPartAt(1, whole.fresh(whole.first()));
        Part second = two.parts().get(1);
        String task = second.tasks().getLast().id();
        Session turned = after(Session.of(History.of(Desk.open(two))), new Edit.TurnTo(Optional.of(task)));
        assertThat(after(turned, new ExerciseEdit.RemoveBlock(task)).findings().part().id()).isEqualTo(second.id());
        Edit data = new Edit.InPart(second.id(), new PartEdit.WriteColumns(Kelp.table().withoutRows(Set.of(0, 1)), Kelp.whole()
                .first().roles()));
        Session filled = after(turned, data);
        assertThat(filled.findings().part().id()).as("after other data").isEqualTo(second.id());
        assertThat(filled.findings().taskInHand()).contains(task);
    }

    @Test
    void everyStepUnwindsToTheStartAndIsMadeAgain() {
        RandomEdits edits = new RandomEdits(SEED + 1);
        int steps = 0;
        while (steps < EDITS) {
            History history = History.of(Desk.open(Kelp.whole()));
            for (int i = 0; i < 400; i++) {
                Edit edit = edits.next(history.present());
                history = history.apply(edit instanceof Edit.Step ? new Edit.Name("Ida " + i) : edit);
                steps++;
            }
            assertUnwinds(history);
        }
        if (EDITS > USUAL) {
            System.out.println(steps + " random edits, each undone to the start and made again, equal at each step, seed "
                    + SEED);
        }
    }

    /** Undoes everything and makes it again; each desk on the way back is what it was on the way there. */
    static void assertUnwinds(History history) {
        List<Work> there = new ArrayList<>();
        Checks all = history.present().work().checks();
        History at = history;
        there.add(at.present().work());
        while (at.undoable().isPresent()) {
            at = at.apply(new Edit.Undo());
            there.add(at.present().work());
            assertThat(at.present().work().checks()).isEqualTo(all);
        }
        for (Work work : there.reversed()) {
            assertThat(at.present().work()).isEqualTo(work);
            at = at.redoable().isPresent() ? at.apply(new Edit.Redo()) : at;
        }
        assertThat(at.present().exercise()).isEqualTo(history.present().exercise());
        assertThat(at.present().work()).isEqualTo(history.present().work());
        Desk start = Desk.open(Kelp.whole());
        assertThat(there.getLast().part(start.exercise().first()).table()).isEqualTo(Kelp.work(start).table());
        assertThat(there.getLast().drafts()).isEqualTo(start.work().drafts());
        assertThat(there.getLast().student()).isEmpty();
    }
}
