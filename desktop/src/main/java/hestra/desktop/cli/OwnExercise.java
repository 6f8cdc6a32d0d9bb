package hestra.desktop.cli;

import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;

import hestra.documents.exercise.ExerciseFile;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import hestra.review.Remark;
import hestra.review.Review;

/** The file of an author's own exercise, as the commands read it that print keys, publish, check or mark. */
final class OwnExercise {

    private OwnExercise() {}

    /**
     * An exercise that can be given out: one in which something is unfinished is refused, with what that is, unless that is
     * known.
     */
    static Result<Exercise> finished(Exercise exercise, boolean known) {
        List<Remark> unfinished = known ? List.of() : Review.unfinished(exercise);
        return unfinished.isEmpty()
                ? Result.done(exercise)
                : Result.refused(unfinished.stream().map(Remark::message)
                        .collect(Collectors.joining("\n")) + "\nNothing was written: "
                + (unfinished.size() == 1 ? "this is" : "these are") + " not finished. Mend "
                + (unfinished.size() == 1 ? "it" : "them") + " in Write, or give --unfinished to go on all the same.");
    }

    /** Reads it; a student's copy is refused, since its keys are left out or sealed. */
    static Result<Exercise> read(Path file) {
        return ExerciseFile.read(file).then(exercise -> exercise.refusesAuthors().map(Result::<Exercise>refused)
                .orElseGet(() -> Result.done(exercise)));
    }
}
