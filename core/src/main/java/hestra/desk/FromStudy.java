package hestra.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.data.DataTable;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.exercise.PlotRules;
import hestra.exercise.Provenance;
import hestra.task.Keepable;

/** Makes an exercise of a study, for somebody who wants to ask about it. */
public final class FromStudy {

    private FromStudy() {}

    /**
     * An exercise whose first part has the study's data, with its texts and figures as the sheet and nothing asked yet. All rows
     * take part: to set one aside is the student's to do. What else was kept stays in the study.
     *
     * @param id of the new exercise
     */
    public static Exercise exercise(Desk study, String id) {
        PartWork work = study.work().part(study.exercise().first());
        DataTable data = work.table().withRows(work.table().rows().stream().map(row -> row.withSetAside(Optional.empty()))
                .toList());
        List<Block> blocks = new ArrayList<>();
        for (Note note : work.sheet().notes()) {
            switch (note) {
                case Note.Text(String text, String markup) -> blocks.add(new Block.Prose("text-" + text, markup));
                case Note.Kept(String kept, Keepable what, Optional<PartWork> frozen,
                        String caption) when what == Keepable.FIGURE -> {
                    PlotState plot = frozen.orElse(work).plot();
                    blocks.add(new Block.Plot("figure-" + kept, plot.layers(), plot.frame(), caption));
                }
                case Note.Kept _, Note.Calculated _ -> { }
            }
        }
        if (blocks.isEmpty()) {
            blocks.add(new Block.Prose("text-1", ""));
        }
        Exercise from = study.exercise();
        return new Exercise(id, from.title(), from.place(), from.heading(), from.mark(),
                List.of(new Part(Exercise.FIRST_PART, "", data, work.drawnRoles(),
                new Provenance.ByHand(), Set.of(), PlotRules.USUAL, blocks)));
    }
}
