package hestra.desktop.tour;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

import hestra.documents.exercise.ExerciseFile;
import hestra.documents.exercise.HandInFile;
import hestra.documents.exercise.HestraFile;
import hestra.documents.file.Result;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** The full example as the command line runs it, in a process of its own: it ends the JavaFX platform. */
class TourTest {

    private static final int PICTURES = 27;

    @TempDir
    Path folder;

    @Test
    void theFullExampleRunsThroughWithoutADisplay() throws IOException, InterruptedException {
        Path into = folder.resolve("tour");
        Path said = folder.resolve("said.txt");
        Path left = Files.createDirectory(folder.resolve("temporary"));
        Process tour = new ProcessBuilder(List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Djava.io.tmpdir=" + left, "-Dglass.platform=Headless", "-Dprism.order=sw",
                "-Djavafx.animation.pulse=500", "-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC", "-XX:+EnableDynamicAgentLoading",
                "--enable-native-access=ALL-UNNAMED", "--sun-misc-unsafe-memory-access=allow", "-cp",
                        System.getProperty("java.class.path"), Unseen.class.getName(),
                "demo", "--offscreen", into.toString())).redirectErrorStream(true).redirectOutput(said.toFile()).start();
        try {
            // How long that takes is the machine's affair; the limit is for one that would last for good.
            boolean ended = tour.waitFor(20, TimeUnit.MINUTES);
            assertThat(ended).as("the tour ends; it said %s and wrote %s", Files.readString(said), names(into)).isTrue();
            assertThat(tour.exitValue()).as(Files.readString(said)).isZero();
        } finally {
            tour.destroyForcibly();
        }
        try (Stream<Path> files = Files.list(into)) {
            List<Path> all = files.toList();
            assertThat(all.stream().filter(it -> it.toString().endsWith(".png"))).hasSize(PICTURES)
                    .allMatch(it -> it.toFile().length() > 10_000);
            assertThat(all.stream().filter(it -> it.toString().endsWith(HandInFile.ENDING)).map(HandInFile::read)).hasSize(1)
                    .allMatch(Result.Done.class::isInstance);
            assertThat(all.stream().filter(it -> it.toString().endsWith(ExerciseFile.ENDING)).map(HestraFile::read)).hasSize(2)
                    .allMatch(Result.Done.class::isInstance);
        }
        assertThat(left).as("nothing of the walk is left behind").isDirectoryNotContaining("glob:**/hestra-*");
        assertThat(into.resolve("report.md")).content()
                .contains("Do waves keep limpets flat? 23 pairs, 3 tasks.", "A recognised mistake");
    }

    private static List<String> names(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(it -> it.getFileName().toString()).sorted().toList();
        }
    }
}
