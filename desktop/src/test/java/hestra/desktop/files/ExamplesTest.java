package hestra.desktop.files;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;

import hestra.Kelp;
import hestra.desk.Desk;
import hestra.documents.exercise.ExerciseFile;
import hestra.exercise.Exercise;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** An example that comes with Hestra is opened as a copy, so that none is saved over. */
class ExamplesTest {

    private static final String FOLDER = "hestra.examples";

    @TempDir
    Path folder;

    @AfterEach
    void noFolder() {
        System.clearProperty(FOLDER);
    }

    private OpenDesk opened(Path file) throws IOException {
        Exercise exercise = Kelp.whole();
        ExerciseFile.write(exercise, file);
        return OpenDesk.of(folder.resolve("state"), Desk.open(exercise), Optional.of(file), Optional.empty());
    }

    @Test
    void anExampleHasNoFileOfItsOwnAndSaysSo() throws IOException {
        Path examples = folder.resolve("demo");
        examples.toFile().mkdir();
        System.setProperty(FOLDER, examples.toString());
        try (OpenDesk desk = opened(examples.resolve("limpets.hestra"))) {
            assertThat(desk.file()).isEmpty();
            assertThat(desk.trouble().orElseThrow()).contains("comes with Hestra").contains("a place of your own");
        }
        Path own = folder.resolve("limpets.hestra");
        try (OpenDesk desk = opened(own)) {
            assertThat(desk.file()).contains(own);
            assertThat(desk.trouble()).isEmpty();
        }
    }

    @Test
    void anInstalledProgramHasNoSuchFolder() throws IOException {
        Path file = folder.resolve("limpets.hestra");
        try (OpenDesk desk = opened(file)) {
            assertThat(desk.file()).contains(file);
        }
    }
}
