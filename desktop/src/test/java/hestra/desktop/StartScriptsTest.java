package hestra.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

import static org.assertj.core.api.Assertions.assertThat;

/** The ways in which the program is started say the same to Java, and pass on what they are given as it is. */
@Execution(ExecutionMode.CONCURRENT)
class StartScriptsTest {

    private static final Path ALL = Path.of("..", "packages", "src", "all");
    private static final List<String> FLAGS = List.of("--enable-native-access=javafx.graphics",
            "--sun-misc-unsafe-memory-access=allow", "-XX:+UseSerialGC", "-XX:TieredStopAtLevel=1",
            "-XX:ReservedCodeCacheSize=240m", "-Dprism.dirtyregioncount=15", "-Dfile.encoding=UTF-8");

    @TempDir
    private Path folder;

    @Test
    void allSayTheSameToJava() throws IOException {
        for (Path start : List.of(Path.of("..", "hestra"), ALL.resolve("hestra"), ALL.resolve("hestra.cmd"),
                Path.of("..", "packages", "src", "main", "java", "hestra", "packages", "Image.java"))) {
            assertThat(Files.readString(start)).as("%s", start).contains(FLAGS);
        }
    }

    /** A Java that says its version, or each of its arguments on a line. */
    private Path java(int version) throws IOException {
        Path home = folder.resolve("a java");
        Path java = Files.createDirectories(home.resolve("bin")).resolve("java");
        Files.writeString(java, "#!/bin/sh\nif [ \"$1\" = -version ]; then echo 'openjdk version \"" + version
                + ".0.1\"' >&2; exit; fi\nprintf '%s\\n' \"$@\"\n");
        assertThat(java.toFile().setExecutable(true)).isTrue();
        return home;
    }

    private List<String> said(Path java, String... arguments) throws IOException, InterruptedException {
        Path place = Files.createDirectories(folder.resolve("Größe und Maß"));
        Path script = place.resolve("hestra");
        Files.writeString(script, Files.readString(ALL.resolve("hestra")));
        List<String> command = new ArrayList<>(List.of("/bin/sh", script.toString()));
        command.addAll(List.of(arguments));
        ProcessBuilder start = new ProcessBuilder(command);
        start.environment().put("HESTRA_JAVA", java.toString());
        start.environment().keySet().removeAll(List.of("DISPLAY", "WAYLAND_DISPLAY"));
        Process process = start.redirectErrorStream(true).start();
        List<String> lines = process.inputReader().lines().toList();
        process.waitFor();
        return lines;
    }

    @Test
    @DisabledOnOs(OS.WINDOWS)
    void placesAndFilesWithSpacesAndUmlautsStayWhole() throws IOException, InterruptedException {
        List<String> said = said(java(25), "fit", "my data.csv", "--explanatory", "Länge in cm");
        String place = folder.resolve("Größe und Maß").toRealPath().toString();
        assertThat(said).contains(place + "/lib/*").containsSubsequence("hestra.desktop.Main", "fit", "my data.csv",
                "--explanatory", "Länge in cm").endsWith("Länge in cm");
        assertThat(said.get(said.indexOf("--module-path") + 1)).startsWith(place + "/lib/fx/");
    }

    /** As {@code cmd} reads it: what a place with spaces stands in is in quotation marks, and all arguments are passed on. */
    @Test
    void theOneForWindowsHoldsPlacesTogetherAndPassesEverythingOn() throws IOException {
        List<String> lines = Files.readAllLines(ALL.resolve("hestra.cmd"));
        Pattern placed = Pattern.compile("%(?:HERE|JAVA|SAID|JAVA_HOME|HESTRA_JAVA|TEMP)%");
        for (String line : lines) {
            Matcher found = placed.matcher(line);
            while (found.find()) {
                long marks = line.substring(0, found.start()).chars().filter(it -> it == '"').count();
                assertThat(marks % 2).as(line).isOne();
            }
        }
        assertThat(lines).filteredOn(line -> line.contains("hestra.desktop.Main")).singleElement().asString()
                .startsWith("\"%JAVA%\" ").endsWith(" hestra.desktop.Main %*");
        assertThat(lines).anyMatch(line -> line.startsWith("echo Hestra needs Java 25.")).contains("exit /b 1");
        // Where a block jumps to is there.
        List<String> targets = lines.stream().filter(line -> line.contains("goto ")).map(line -> line.replaceAll(".*goto ", ":"))
                .distinct().toList();
        assertThat(lines).containsAll(targets);
    }
}
