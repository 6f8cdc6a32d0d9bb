package hestra.desktop.cli;

import java.nio.file.Path;

import hestra.documents.exercise.ExerciseFile;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;

/** The file of an author's own exercise, as the commands read it that print keys, publish, check or mark. */
final class OwnExercise {

    private OwnExercise() {}

    /** Reads it; a student's copy is refused, since its keys are left out or sealed. */
    static Result<Exercise> read(Path file) {
        return ExerciseFile.read(file).then(exercise -> exercise.refusesAuthors().map(Result::<Exercise>refused).orElseGet(() -> Result.done(exercise)));
    }
}
