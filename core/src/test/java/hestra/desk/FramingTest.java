package hestra.desk;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

import hestra.Kelp;
import hestra.data.TableEdit;
import hestra.figure.Frame;
import hestra.figure.Layer;
import hestra.figure.Spacing;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Which part of the plane is shown. The five blades lie between 2 and 10 days. */
class FramingTest {

    private static Findings after(Edit... edits) {
        Findings findings = Findings.of(Desk.open(Kelp.exercise().withFirst(part -> part.withHeld(Set.of()))));
        for (Edit edit : edits) {
            findings = findings.next(findings.desk().apply(edit));
        }
        return findings;
    }

    @Test
    void whatFitsTheDataHoldsThemAll() {
        Findings findings = after();
        assertThat(findings.pairs().xs()).allMatch(x -> x >= findings.frame().xLow() && x <= findings.frame().xHigh());
        assertThat(findings.pairs().ys()).allMatch(y -> y >= findings.frame().yLow() && y <= findings.frame().yHigh());
    }

    @Test
    void aFarReadingLineWidensItAndGoingAwayGivesTheRoomBack() {
        Frame usual = after().frame();
        Findings far = after(new PlotEdit.ReadAt(OptionalDouble.of(60)));
        assertThat(far.frame().xHigh()).isGreaterThanOrEqualTo(60);
        assertThat(far.next(far.desk().apply(new PlotEdit.ReadAt(OptionalDouble.empty()))).frame()).isEqualTo(usual);
        assertThat(after(new PlotEdit.ReadAt(OptionalDouble.of(7))).frame()).as("within the data").isEqualTo(usual);
    }

    @Test
    void aFrameThatWasChosenStaysWhateverIsRead() {
        Frame chosen = new Frame(3, 9, 1, 7);
        assertThat(after(new PlotEdit.ShowFrame(Optional.of(chosen)), new PlotEdit.ReadAt(OptionalDouble.of(60))).frame())
                .isEqualTo(chosen);
    }

    @Test
    void aChosenFrameThatALogarithmicAxisCannotShowGivesWayToTheData() {
        Findings findings = after(new PlotEdit.SpaceAxis(true, Spacing.LOGARITHMIC),
                new PlotEdit.ShowFrame(Optional.of(new Frame(-5, 20, 1, 12))));
        assertThat(findings.frame().xLow()).isPositive();
    }

    @Test
    void aPointSetAsideFarOffIsNotShownAndOneNearByIs() {
        Findings far = after(new WorkEdit.ChangeTable(new TableEdit.Type(4, 0, "900")),
                new WorkEdit.ChangeTable(new TableEdit.SetAside(4, "misread")));
        assertThat(far.frame().xHigh()).isLessThan(100);
        Findings near = after(new WorkEdit.ChangeTable(new TableEdit.Type(4, 0, "13")),
                new WorkEdit.ChangeTable(new TableEdit.SetAside(4, "misread")));
        assertThat(near.frame().xHigh()).isGreaterThanOrEqualTo(13);
    }

    /** The line of (0, 9), (1, 0.2), (2, 0.1), (3, 0) goes below 0 at the right: 6.57 − 2.83 · 3. */
    @Test
    void theLineIsInViewOverTheWholeRangeOfTheData() {
        Findings findings = after(new WorkEdit.ChangeTable(new TableEdit.Paste(0, 0,
                List.of(List.of("0", "9"), List.of("1", "0.2"), List.of("2", "0.1"), List.of("3", "0"),
                List.of("", "")))));
        assertThat(findings.fit().line().orElseThrow().at(3)).isNegative();
        assertThat(findings.frame().yLow()).isLessThanOrEqualTo(findings.fit().line().orElseThrow().at(3));
        Findings hidden = findings.next(findings.desk().apply(new PlotEdit.ShowLayer(Layer.LINE, false)));
        assertThat(hidden.frame().yLow()).as("without the line the points decide").isZero();
    }

    @Test
    void anAxisOfWordsSaysSo() {
        Findings words = after(new WorkEdit.ChangeTable(new TableEdit.Paste(0, 0,
                List.of(List.of("a", "1"), List.of("b", "2"), List.of("c", "3"), List.of("d", "4"), List.of("e", "5")))));
        assertThat(words.plot().notice()).contains("no numbers in days");
    }
}
