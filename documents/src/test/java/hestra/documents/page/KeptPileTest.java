package hestra.documents.page;

import java.util.List;
import java.util.Set;

import hestra.Kelp;
import hestra.chance.Play;
import hestra.desk.ChanceEdit;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.Note;
import hestra.desk.OwnSheet;
import hestra.desk.PlotEdit;
import hestra.desk.SheetEdit;
import hestra.figure.Below;
import hestra.figure.Layout;
import hestra.figure.Mark;
import hestra.task.Keepable;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** A pile that is kept is that of its run, whatever is drawn afterwards. */
class KeptPileTest {

    private static Desk kept(boolean follows, Edit... afterwards) {
        Desk desk = Desk.open(Kelp.exercise().withFirst(part -> part.withHeld(Set.of())));
        for (Edit edit : List.of(new ChanceEdit.PlayChance(Play.DRAW_AGAIN, 4127), new ChanceEdit.Draw(500),
                new SheetEdit.Keep(OwnSheet.Spot.before(OwnSheet.MOST), Keepable.CHANCE, follows))) {
            desk = desk.apply(edit);
        }
        for (Edit edit : afterwards) {
            desk = desk.apply(edit);
        }
        return desk;
    }

    private static Piece piece(Desk desk) {
        Findings findings = Findings.of(desk);
        Note.Shown note = (Note.Shown) findings.work().sheet().notes().getFirst();
        return NotePieces.of(note, findings.work().sheet(), findings.of(note)).getFirst();
    }

    @Test
    void itStandsWithItsRunInWordsAndStaysAsItWasKept() {
        Piece.Plot before = (Piece.Plot) piece(kept(false));
        assertThat(before.label()).isEqualTo("Figure 1");
        assertThat(before.caption()).startsWith("Run 4127, 500 draws. The middle 95 % of the slope: ");
        assertThat(before.alternative()).contains("The slopes lie from ").contains("Ours is 0.515");
        assertThat(before.drawing().at(new Layout(500, 200, 1)).ground()).anyMatch(Mark.Box.class::isInstance);
        Piece.Plot after = (Piece.Plot) piece(kept(false, new ChanceEdit.NumberRun(9), new ChanceEdit.Draw(20),
                new PlotEdit.ShowBelow(Below.RESIDUALS)));
        assertThat(after.caption()).isEqualTo(before.caption());
        assertThat(after.drawing().at(new Layout(500, 200, 1)).ground())
                .isEqualTo(before.drawing().at(new Layout(500, 200, 1)).ground());
    }

    @Test
    void onePileThatFollowsThePlotIsThatOfNow() {
        assertThat(((Piece.Plot) piece(kept(true, new ChanceEdit.NumberRun(9), new ChanceEdit.Draw(20)))).caption())
                .startsWith("Run 9, 20 draws.");
        assertThat(piece(kept(true, new ChanceEdit.NumberRun(9)))).isInstanceOf(Piece.Remark.class);
    }
}
