package hestra.documents.file;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

import hestra.documents.exercise.ExerciseFile;
import hestra.documents.exercise.HandInFile;
import hestra.documents.exercise.HestraFile;
import hestra.documents.exercise.MarksFile;
import hestra.documents.picture.PictureFile;
import hestra.documents.table.DataFile;
import hestra.documents.table.NameList;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

/** Every way in which a stranger's file is opened. */
class FileReadingTest {

    @TempDir
    private Path folder;

    private static List<Function<Path, Result<?>>> ways() {
        return List.of(ExerciseFile::read, HestraFile::read, HandInFile::read, HandInFile::script, MarksFile::read, Archive::read,
                PictureFile::read, NameList::read, DataFile::read,
                file -> DataFile.take(file, DecimalMark.POINT, Progress.UNWATCHED));
    }

    /** A pipe never comes to an end, and nobody may be there to write into it: opening one waits for ever. */
    @Test
    @EnabledOnOs(OS.LINUX)
    void aPipeOrADeviceIsNotOpened() throws IOException, InterruptedException {
        Path pipe = folder.resolve("x.handin");
        assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor()).isZero();
        for (Path odd : List.of(pipe, Path.of("/dev/zero"))) {
            for (Function<Path, Result<?>> way : ways()) {
                Result<?> read = assertTimeoutPreemptively(Duration.ofSeconds(60), () -> way.apply(odd));
                assertThat(read).isInstanceOfSatisfying(Result.Refused.class, it -> assertThat(it.message())
                        .contains("it is a pipe or a device, not a file"));
            }
        }
    }

    @Test
    void aFolderIsNoFileNorIsTheRootOfADisk() {
        for (Path odd : List.of(folder, folder.getRoot())) {
            for (Function<Path, Result<?>> way : ways()) {
                assertThat(way.apply(odd)).isInstanceOfSatisfying(Result.Refused.class, it -> assertThat(it.message())
                        .contains("it is a folder, not a file"));
            }
        }
        assertThat(FileReading.name(folder.getRoot())).isEqualTo(folder.getRoot().toString());
    }

    @Test
    void noMoreIsReadThanWasAgreedOn() throws IOException {
        Path file = Files.writeString(folder.resolve("a.txt"), "12345");
        assertThat(FileReading.bytes(file, 5).map(it -> it.length)).contains(5);
        assertThat(FileReading.bytes(file, 4)).isEqualTo(Optional.empty());
        assertThat(Stream.of(FileReading.open(file).readAllBytes())).hasSize(1);
    }
}
