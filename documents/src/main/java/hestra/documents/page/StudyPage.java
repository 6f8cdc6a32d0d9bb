package hestra.documents.page;

import java.util.List;

import hestra.desk.Desk;
import hestra.desk.Findings;

/** A study as a page: what stands on its sheet, in that order. */
public final class StudyPage {

    private StudyPage() {}

    /**
     * The page of a study as it stands. Where nothing is on its sheet yet, it has the plot, the equation and the readings as they
     * are now.
     *
     * @param author whose it is; may be empty
     * @param date today in words
     */
    public static Page of(Desk study, String author, String date) {
        Findings findings = Findings.of(study);
        List<Piece> kept = NotePieces.ofSheet(findings);
        List<Piece> pieces = kept.isEmpty() ? NotePieces.asItIs(findings) : kept;
        String heading = study.exercise().heading().strip();
        return new Page(heading.isEmpty() ? study.exercise().title() : heading, author.strip(),
                List.of(study.exercise().place(), date), pieces);
    }
}
