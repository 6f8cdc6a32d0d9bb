package hestra.desktop.cli;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.Kelp;
import hestra.desktop.Main;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.exercise.Publication;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.exercise.ClassList;
import hestra.exercise.Exercise;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class FollowedTest {

    @TempDir
    Path folder;

    /** Stopped in the middle, as Ctrl+C does, it ends before the next copy: what is there is whole. */
    @Test
    void workThatIsStoppedEndsWhereNothingIsHalfDone() throws Exception {
        Thread other;
        try (Followed followed = new Followed("Writing copies", new PrintWriter(new StringWriter()))) {
            Thread stops = new Thread(followed::stop);
            other = stops;
            Progress third = share -> {
                if (share > 0.25 && !stops.isAlive()) {
                    stops.start();
                    while (followed.goesOn(share)) {
                        Thread.onSpinWait();
                    }
                }
                return followed.goesOn(share);
            };
            Publication.Readers readers = new Publication.Readers.Named(ClassList.of(IntStream.range(0, 10)
                    .mapToObj(i -> "Ida " + i).toList()));
            assertThatThrownBy(() -> Publication.write(Kelp.whole(), readers, folder, third))
                    .isInstanceOf(Progress.Stopped.class);
        }
        other.join();
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files).hasSize(3).allSatisfy(it -> assertThat(ExerciseFile.read(it)).isInstanceOf(Result.Done.class));
        }
    }

    /** The program itself, ended in the middle: it says what it leaves behind. */
    @Test
    void aProgramThatIsStoppedSaysWhatItLeaves() throws Exception {
        Path own = folder.resolve("own.hestra");
        ExerciseFile.write(Kelp.whole(), own);
        Path out = folder.resolve("out");
        Path said = folder.resolve("said.txt");
        Process program = new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-cp",
                System.getProperty("java.class.path"), Main.class.getName(), "variants", own.toString(), "--count", "2000",
                "--unfinished", "--out", out.toString()).redirectErrorStream(true).redirectOutput(said.toFile()).start();
        while (program.isAlive() && (!Files.exists(out) || Objects.requireNonNull(out.toFile().list()).length < 3)) {
            LockSupport.parkNanos(2_000_000);
        }
        program.destroy();
        program.waitFor();
        assertThat(said).content().contains("Stopped. What was written by then is in " + out + "; no edition was published.");
        assertThat(((Result.Done<Exercise>) ExerciseFile.read(own)).value().issue().editions()).isEmpty();
    }

    @Test
    void workThatIsNotStoppedGoesOn() {
        try (Followed followed = new Followed("Printing", new PrintWriter(new StringWriter()))) {
            assertThat(List.of(followed.goesOn(0), followed.goesOn(1))).containsOnly(true);
        }
    }
}
