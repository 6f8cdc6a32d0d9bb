package hestra.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.exercise.PlotRules;
import hestra.exercise.Provenance;
import hestra.working.CalculationLine;

/** Makes an exercise of a study, for somebody who wants to ask about it. */
public final class FromStudy {

    private FromStudy() {}

    /**
     * What was made of a study.
     *
     * @param exercise its first part has the study's data as they stand, with the rows that were set aside and why, and its texts
     *     and what was kept as the sheet; nothing is asked yet
     * @param left what stays in the study alone, since a sheet for students has no place for it, or could not show it as it was
     *     kept: "the matrix of r"
     */
    public record Made(Exercise exercise, List<String> left) {
        public Made {
            left = List.copyOf(left);
        }
    }

    /** Makes an exercise of a study; {@code id} is the new exercise's. */
    public static Made exercise(Desk study, String id) {
        Findings findings = Findings.of(study);
        PartWork work = study.work().part(study.exercise().first());
        List<Block> blocks = new ArrayList<>();
        List<String> left = new ArrayList<>();
        for (Note note : work.sheet().notes()) {
            switch (note) {
                case Note.Text(String text, String markup) -> blocks.add(new Block.Prose("text-" + text, markup));
                case Note.Kept kept -> block(kept, work, findings).ifPresentOrElse(blocks::add, () -> left.add(left(kept)));
                case Note.Calculated(String _, CalculationLine line, Optional<PartWork> _) ->
                        left.add("the calculation “" + line.text() + "”");
            }
        }
        if (blocks.isEmpty()) {
            blocks.add(new Block.Prose("text-1", ""));
        }
        Exercise from = study.exercise();
        return new Made(new Exercise(id, from.title(), from.place(), from.heading(), from.mark(),
                List.of(new Part(Exercise.FIRST_PART, "", work.table(), work.drawnRoles(),
                new Provenance.ByHand(), Set.of(), PlotRules.USUAL, blocks))), left);
    }

    /** What was kept as a block of a sheet, where it shows there what it showed when it was kept. */
    private static Optional<Block> block(Note.Kept kept, PartWork work, Findings findings) {
        PartWork then = kept.frozen().orElse(work);
        boolean sameData = then.table().equals(work.table()) && then.drawnRoles().equals(work.drawnRoles());
        return switch (kept.what()) {
            // A figure of a sheet draws the line alone.
            case FIGURE -> sameData && then.curves().equals(CurveState.LINE_ALONE)
                    ? Optional.of(new Block.Plot("figure-" + kept.id(), then.plot().layers(), then.plot().frame(),
                    kept.caption()))
                    : Optional.empty();
            case DATA -> sameData ? Optional.of(new Block.Printed("table-" + kept.id(), kept.caption())) : Optional.empty();
            case EQUATION -> equation(findings.of(kept)).map(equation -> new Block.Formula("formula-" + kept.id(), equation));
            default -> Optional.empty();
        };
    }

    private static Optional<String> equation(Findings kept) {
        return kept.curves().curveInHand().map(curve -> "predicted " + kept.numbers().equation(curve).plain());
    }

    private static String left(Note.Kept kept) {
        return kept.what().inWords() + (kept.caption().isBlank() ? "" : " “" + kept.caption() + "”");
    }
}
