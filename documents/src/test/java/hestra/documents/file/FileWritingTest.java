package hestra.documents.file;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class FileWritingTest {

    @TempDir
    Path folder;

    private long files() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.count();
        }
    }

    @Test
    void aFileIsThereWholeAndNothingBesideIt() throws IOException {
        FileWriting.write(folder.resolve("new").resolve("a.txt"), "ŷ = 2");
        assertThat(folder.resolve("new").resolve("a.txt")).hasContent("ŷ = 2");
        assertThat(files()).isEqualTo(1);
    }

    @Test
    void whatFailsHalfWayLeavesTheOldFileAsItWas() throws IOException {
        Path file = Files.writeString(folder.resolve("a.txt"), "old");
        assertThatThrownBy(() -> FileWriting.write(file, out -> {
            out.write(new byte[100_000]);
            throw new IOException("no space left on device");
        })).isInstanceOf(IOException.class).hasMessage("no space left on device");
        assertThat(file).hasContent("old");
        assertThat(files()).isEqualTo(1);
    }

    @Test
    void whereItCannotBeMovedTheOldOneStaysAndNothingIsLeft() throws IOException {
        Path inTheWay = Files.createDirectories(folder.resolve("a.txt").resolve("inside"));
        assertThatThrownBy(() -> FileWriting.write(folder.resolve("a.txt"), "new")).isInstanceOf(IOException.class);
        assertThat(inTheWay).isDirectory();
        assertThat(files()).isEqualTo(1);
    }

    @Test
    void nothingIsWrittenThroughALink() throws IOException {
        Path real = Files.writeString(folder.resolve("real.txt"), "old");
        Path link = Files.createSymbolicLink(folder.resolve("link.txt"), real);
        FileWriting.write(link, "new");
        assertThat(Files.isSymbolicLink(link)).isFalse();
        assertThat(link).hasContent("new");
        assertThat(real).as("what it led to is as it was").hasContent("old");
    }

    @Test
    void contentsThatCloseTheirStreamAreWrittenAllTheSame() throws IOException {
        Path file = folder.resolve("closed.txt");
        FileWriting.write(file, out -> {
            out.write('x');
            out.close();
        });
        assertThat(file).hasContent("x");
    }

    @Test
    void whatIsPutAsideTakesNothingsPlace() throws IOException {
        for (String text : List.of("first", "second", "third")) {
            Path aside = FileWriting.putAside(Files.writeString(folder.resolve("kelp.marks"), text));
            assertThat(aside).hasContent(text);
        }
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files.map(it -> it.getFileName().toString()))
                    .containsExactlyInAnyOrder("kelp.marks.damaged", "kelp.marks.damaged-2", "kelp.marks.damaged-3");
        }
    }
}
