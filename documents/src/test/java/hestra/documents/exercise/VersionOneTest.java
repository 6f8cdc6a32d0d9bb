package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;

import hestra.desk.Desk;
import hestra.documents.file.Result;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.marking.ClassOfOne;
import hestra.marking.HandIn;
import hestra.task.Aid;
import hestra.task.EnterData;
import hestra.task.Task;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Files of version 1, made by the program that wrote it: an exercise, a hand-in, and the journal of a student and then of the
 * author.
 */
class VersionOneTest {

    @TempDir
    Path folder;

    private Path file(String name) throws IOException {
        try (var in = Objects.requireNonNull(VersionOneTest.class.getResourceAsStream("/version-1/" + name))) {
            Path copy = folder.resolve(name);
            Files.copy(in, copy);
            return copy;
        }
    }

    private Exercise exercise() throws IOException {
        return ((Result.Done<Exercise>) ExerciseFile.read(file("kelp-blades.hestra"))).value();
    }

    @Test
    void anExerciseOpensAsOnePartWhoseSheetIsTheTextAndThenTheTasks() throws IOException {
        Exercise exercise = exercise();
        assertThat(exercise.title()).isEqualTo("Kelp blades");
        assertThat(exercise.parts()).hasSize(1);
        Part part = exercise.first();
        assertThat(part.id()).isEqualTo(Exercise.FIRST_PART);
        assertThat(part.blocks().getFirst()).isInstanceOfSatisfying(Block.Prose.class, prose -> assertThat(prose.text())
                .startsWith("Young kelp settles on the harbour ropes"));
        assertThat(part.tasks()).extracting(Task::id)
                .containsExactly("enter", "roles", "describe", "slip", "slope", "r", "predict", "explain");
        assertThat(part.tasks().getFirst()).isInstanceOfSatisfying(EnterData.class, enter -> assertThat(enter.count())
                .isEqualTo(3));
        assertThat(part.held()).as("all that there was then").isEqualTo(EnumSet.complementOf(EnumSet.of(Aid.TRIAL_SQUARES)));
        assertThat(part.data().size()).isEqualTo(24);
        assertThat(part.data().cell(23, 1).text()).isEqualTo("42.1");
        Path again = folder.resolve("again.hestra");
        ExerciseFile.write(exercise, again);
        assertThat(((Result.Done<Exercise>) ExerciseFile.read(again)).value()).isEqualTo(exercise);
    }

    @Test
    void aHandInOpensAndEarnsWhatItEarned() throws IOException {
        HandIn handIn = ((Result.Done<HandIn>) HandInFile.read(file("ida-fenn.handin"))).value();
        assertThat(handIn.student()).isEqualTo("Ida Fenn");
        assertThat(handIn.tables().get(Exercise.FIRST_PART).size()).isEqualTo(24);
        assertThat(handIn.tables().get(Exercise.FIRST_PART).row(14).setAside()).contains("not what is printed");
        assertThat(handIn.attempts()).containsOnlyKeys("enter", "roles", "slope", "r");
        assertThat(ClassOfOne.of(handIn, exercise()).marks()).startsWith(1.0, 1.0);
    }

    @Test
    void aJournalGoesOnWhereItWasLeft() throws IOException {
        Path journal = file("journal.jsonl");
        JournalFile.Opened opened = JournalFile.resume(journal);
        opened.journal().close();
        assertThat(opened.trouble()).isEmpty();
        assertThat(opened.restored()).isEqualTo(24);
        Desk desk = opened.history().present();
        // The author wrote other words, gave a task seven marks, added one, moved it to the front, removed another and typed a
        // value.
        assertThat(desk.exercise().tasks()).extracting(Task::id)
                .isEqualTo(List.of("count", "enter", "describe", "slip", "slope", "r", "predict", "explain"));
        assertThat(desk.exercise().first().blocks().getFirst())
                .isEqualTo(new Block.Prose("text-1", "Other words about {n} blades."));
        assertThat(desk.exercise().tasks().getLast().terms().marks()).isEqualTo(7);
        assertThat(desk.exercise().first().data().cell(0, 1).text()).isEqualTo("2.5");
        assertThat(desk.exercise().title()).as("the last edit was undone").isEqualTo("Kelp blades");
        assertThat(JournalFile.begun(journal).map(Desk::exercise)).contains(exercise());
        JournalFile.Opened twice = JournalFile.resume(journal);
        twice.journal().close();
        assertThat(twice.history().present().work()).isEqualTo(desk.work());
    }
}
