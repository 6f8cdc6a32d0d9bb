package hestra.desktop.files;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

import hestra.desktop.demo.OrrinBay;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.file.Archive;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** A folder of exercises and the versions of one, with strangers among them: all are listed, and none ends the list. */
class ShelvedTest {

    private static final int FILES = Integer.getInteger("hestra.shelved", 120);
    private static final long SEED = Long.getLong("hestra.seed", 20_261_201);
    private static final List<String> WORDS = List.of("\0", "null", "-1", "1e999", "\"", "{", "]", "\\uD800", "", "true",
            "99999999999999", "\"tasks\":[],", "x".repeat(3_000), "\n", ",");

    @TempDir
    private Path folder;

    private final Random random = new Random(SEED);

    private byte[] damaged(Path good) throws IOException {
        if (random.nextBoolean()) {
            byte[] bytes = Files.readAllBytes(good);
            bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
            return bytes;
        }
        Map<String, String> entries = new HashMap<>(((Result.Done<Archive>) Archive.read(good)).value().entries());
        String name = new ArrayList<>(entries.keySet()).get(random.nextInt(entries.size()));
        StringBuilder text = new StringBuilder(entries.get(name));
        for (int i = random.nextInt(3); i >= 0 && !text.isEmpty(); i--) {
            int at = random.nextInt(text.length());
            text.replace(at, Math.min(text.length(), at + random.nextInt(12)), WORDS.get(random.nextInt(WORDS.size())));
        }
        entries.put(name, text.toString());
        Path changed = Files.createTempFile(folder, "changed", ".tmp");
        new Archive(entries).write(changed, Archive.MOST_BYTES);
        byte[] bytes = Files.readAllBytes(changed);
        Files.delete(changed);
        return bytes;
    }

    @Test
    void strangersAmongExercisesAreListedWithTheirReasons() throws IOException {
        Path library = Files.createDirectory(folder.resolve("library"));
        List<OrrinBay.Set> sets = OrrinBay.sets();
        Path good = folder.resolve("good.hestra");
        int copies = 0;
        for (int i = 0; i < FILES; i++) {
            ExerciseFile.write(sets.get(i % sets.size()).exercise(), good);
            Path file = library.resolve("exercise " + i + ExerciseFile.ENDING);
            Files.write(file, damaged(good));
            // What chance has made a copy for students is left out of a library.
            copies += ExerciseFile.read(file) instanceof Result.Done<Exercise>(Exercise read) && read.isCopy() ? 1 : 0;
        }
        Shelved.Shelf shelf = Shelved.in(library);
        assertThat(shelf.exercises()).hasSize(Math.min(500, FILES) - copies).allSatisfy(one -> {
            assertThat(one.opens() || !one.about().isBlank()).as("%s says why it does not open", one.file()).isTrue();
            assertThat(one.isFoundBy("exercise")).isTrue();
        });
        assertThat(shelf.exercises()).as("some open, some do not").anyMatch(Shelved::opens).anyMatch(one -> !one.opens());
        System.out.println(FILES + " strangers in a library, " + shelf.exercises().stream().filter(Shelved::opens).count()
                + " of the first 500 of them opened");
    }

    @Test
    void strangersAmongVersionsAreNoVersions() throws IOException {
        Exercise exercise = OrrinBay.sets().getFirst().exercise();
        EarlierVersion.keep(folder, exercise, Clock.systemUTC());
        Path kept = EarlierVersion.of(folder, exercise).getFirst().file();
        List<String> names = List.of("1-20261301-000000.hestra", "999999999999-20261201-080000.hestra", "-20261201-080000.hestra",
                "20261201-080000.hestra.tmp", "2-20261201-996000.hestra", "3-00000000-000000.hestra", "x.hestra");
        for (String name : names) {
            Files.writeString(kept.resolveSibling(name), "torn", StandardCharsets.UTF_8);
        }
        Files.createDirectory(kept.resolveSibling("5-20261201-080000.hestra"));
        assertThat(EarlierVersion.of(folder, exercise)).extracting(EarlierVersion::count).containsExactly(5, 1);
        EarlierVersion.keep(folder, exercise, Clock.systemUTC());
        assertThat(EarlierVersion.of(folder, exercise).getFirst())
                .satisfies(one -> assertThat(one.count()).isEqualTo(6))
                .satisfies(one -> assertThat(ExerciseFile.read(one.file())).isEqualTo(Result.done(exercise)))
                .satisfies(one -> assertThat(one.when(LocalDate.now(ZoneOffset.UTC), ZoneOffset.UTC)).startsWith("today"));
    }
}
