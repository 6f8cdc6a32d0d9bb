package hestra.desktop.files;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;

import hestra.desktop.demo.KelpBlades;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** What is remembered is read as a stranger's file is: whatever stands in it, the program starts. */
class SettingsTest {

    private static final int MUTATIONS = Integer.getInteger("hestra.settings", 150);
    private static final List<String> WORDS = List.of("\0", "/", "\\u00e4", "\\uD800", "\\", "\\u12", "=", "NaN", "Infinity",
            "1e999", "-1", "../..", "\n", "#", "!", "ü", "𝔘", "", ":", "file:///x", "x".repeat(5_000));

    @TempDir
    private Path folder;

    private byte[] good() throws IOException {
        Settings settings = Settings.in(folder);
        try (OpenDesk open = OpenDesk.of(folder, KelpBlades.exercise(), Optional.of(folder.resolve("kelp, größe.hestra")))) {
            LastOpen.remember(settings, open);
        }
        for (String key : List.of("window.width", "window.height", "type", "divider.table")) {
            settings.put(key, 1234.5);
        }
        settings.put("dark", true);
        settings.put("folder", folder);
        settings.put("report.name", "Ida Fenn");
        settings.save();
        return Files.readAllBytes(folder.resolve("settings.properties"));
    }

    private static byte[] damaged(byte[] good, Random random) {
        byte[] bytes = good;
        for (int i = 1 + random.nextInt(3); i > 0 && bytes.length > 1; i--) {
            int at = random.nextInt(bytes.length);
            byte[] word = WORDS.get(random.nextInt(WORDS.size())).getBytes(StandardCharsets.UTF_8);
            int gone = random.nextInt(4) == 0 ? Math.min(bytes.length - at, random.nextInt(20)) : 0;
            byte[] changed = Arrays.copyOf(bytes, bytes.length - gone + word.length);
            System.arraycopy(word, 0, changed, at, word.length);
            System.arraycopy(bytes, at + gone, changed, at + word.length, bytes.length - at - gone);
            bytes = random.nextInt(8) == 0 ? Arrays.copyOf(changed, random.nextInt(changed.length)) : changed;
        }
        return bytes;
    }

    @Test
    void whateverStandsInThemTheProgramStarts() throws IOException {
        byte[] good = good();
        assertThat(LastOpen.in(Settings.in(folder)).journal()).isPresent();
        Random random = new Random(20_261_201);
        for (int i = 0; i < MUTATIONS; i++) {
            Files.write(folder.resolve("settings.properties"), damaged(good, random));
            Settings settings = Settings.in(folder);
            LastOpen last = LastOpen.in(settings);
            assertThat(last.journal().map(journal -> LastOpen.fileOf(settings, journal))).isNotNull();
            assertThat(settings.number("window.width", 900)).isFinite();
            assertThat(settings.path("folder")).isNotNull();
            settings.flag("dark");
            settings.put("type", 1.25);
            settings.save();
            assertThat(Settings.in(folder).number("type", 1)).as("what is kept then is found again").isEqualTo(1.25);
        }
    }
}
