package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.History;
import hestra.desk.Step;
import hestra.exercise.Exercise;
import hestra.marking.HandIn;
import hestra.marking.Pace;

/** Work that came about step by step, handed in as the program does that. */
public final class Worked {

    private static final long BEGUN = 1_764_500_000;
    private static final long A_STEP = 40;

    private Worked() {}

    /** Works on an exercise and hands it in as a file. */
    public static Path handIn(Exercise exercise, Path file, Edit... edits) throws IOException {
        History history = History.of(Desk.open(exercise));
        List<Step> steps = new ArrayList<>();
        for (Edit edit : edits) {
            history = history.apply(edit);
            steps.add(new Step(BEGUN + A_STEP * steps.size(), edit));
        }
        HandInFile.write(HandIn.of(history.present(), Optional.of(Pace.of(steps, BEGUN + A_STEP * steps.size()))), steps, file);
        return file;
    }
}
