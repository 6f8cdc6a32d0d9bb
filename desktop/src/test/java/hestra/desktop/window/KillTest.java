package hestra.desktop.window;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;

import hestra.Kelp;
import hestra.data.TableEdit;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.History;
import hestra.desk.WorkEdit;
import hestra.desktop.demo.KelpBlades;
import hestra.desktop.files.LastOpen;
import hestra.desktop.files.OpenDesk;
import hestra.desktop.files.Settings;
import hestra.desktop.tour.FxThread;
import hestra.documents.exercise.JournalFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Real programs that type are killed without warning, one by itself and two at once on the same exercise; what each had typed is
 * there again. {@code -Dhestra.kills} says how many are killed.
 */
class KillTest {

    private static final int KILLS = Integer.getInteger("hestra.kills", 1);
    private static final long SEED = Long.getLong("hestra.seed", 20_261_126);
    private static final long CALM = 1_000;

    @TempDir
    Path folder;

    /**
     * The program to be killed: opens the demo in the real window, types numbers into a cell, and says each one and when it was
     * typed.
     */
    static final class Typist {
        private Typist() {}

        public static void main(String[] arguments) throws IOException, InterruptedException {
            Path state = Path.of(arguments[0]);
            int from = Integer.parseInt(arguments[1]);
            try (Person person = Person.entering(KelpBlades.exercise(), state)) {
                System.out.println("ready " + from);
                for (int i = from; i < from + 900_000; i++) {
                    int value = i;
                    FxThread.call(() -> {
                        person.model().apply(new WorkEdit.ChangeTable(new TableEdit.Type(21, 0, Integer.toString(value))));
                        return null;
                    });
                    System.out.println(i + " " + System.currentTimeMillis());
                    System.out.flush();
                    TimeUnit.MILLISECONDS.sleep(2);
                }
            }
        }
    }

    /** What a typist said before it was killed: the last number, and the last that it had typed a second before. */
    private record Said(int last, int calm) {}

    private Process start(Path state, int from) throws IOException {
        List<String> command = new ArrayList<>(List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Dglass.platform=Headless", "-Dprism.order=sw", "--enable-native-access=ALL-UNNAMED",
                "--sun-misc-unsafe-memory-access=allow", "-XX:TieredStopAtLevel=1", "-cp", System.getProperty("java.class.path"),
                Typist.class.getName(), state.toString(), Integer.toString(from)));
        return new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD).start();
    }

    /** Lets a typist type for a while and kills it. */
    private static Said killed(Process typist, long millis) {
        List<long[]> said = new ArrayList<>();
        long killedAt = 0;
        try (BufferedReader lines = typist.inputReader()) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.matches("\\d+ \\d+")) {
                    String[] parts = line.split(" ");
                    said.add(new long[] {Long.parseLong(parts[0]), Long.parseLong(parts[1])});
                }
                if (killedAt == 0 && !said.isEmpty() && said.getLast()[1] - said.getFirst()[1] > millis) {
                    // By its handle: destroying the Process would close the stream with what it still said.
                    killedAt = System.currentTimeMillis();
                    typist.toHandle().destroyForcibly();
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        long before = killedAt - CALM;
        assertThat(said).as("the typist goes on until it is killed").isNotEmpty();
        return new Said((int) said.getLast()[0], (int) said.stream().filter(it -> it[1] < before).mapToLong(it -> it[0])
                .max().orElse(said.getFirst()[0]));
    }

    /** What a journal says was typed last. */
    private static int typed(Path journal) throws IOException {
        JournalFile.Opened opened = JournalFile.resume(journal);
        try (JournalFile file = opened.journal()) {
            assertThat(file).isNotNull();
            int value = Integer.parseInt(Kelp.work(opened.history().present()).table().cell(21, 0).text());
            History before = opened.history().apply(new Edit.Undo());
            assertThat(Kelp.work(before.present()).table().cell(21, 0).text())
                    .isEqualTo(value % 1_000_000 == 0 ? "" : Integer.toString(value - 1));
            return value;
        }
    }

    @Test
    void everyEditOlderThanASecondOutlivesAKill() throws Exception {
        Random random = new Random(SEED);
        long worst = 0;
        for (int kill = 0; kill < KILLS; kill++) {
            Path state = Files.createDirectories(folder.resolve("state" + kill));
            boolean two = kill % 2 == 0;
            Process first = start(state, 0);
            CompletableFuture<Said> firstSaid = CompletableFuture.supplyAsync(() -> killed(first, 1_200 + random.nextInt(400)));
            if (two) {
                Process second = start(state, 1_000_000);
                Said secondSaid = killed(second, 1_200);
                Said said = firstSaid.get(60, TimeUnit.SECONDS);
                List<Integer> typed = new ArrayList<>(List.of(typed(journal(state, 1)), typed(journal(state, 2))));
                typed.sort(null);
                assertThat(typed.getFirst()).isBetween(said.calm(), said.last() + 1);
                assertThat(typed.getLast()).isBetween(secondSaid.calm(), secondSaid.last() + 1);
                worst = Math.max(worst, Math.max(said.last() - typed.getFirst(), secondSaid.last() - typed.getLast()));
            } else {
                Said said = firstSaid.get(60, TimeUnit.SECONDS);
                int typed = typed(journal(state, 1));
                assertThat(typed).isBetween(said.calm(), said.last() + 1);
                worst = Math.max(worst, said.last() - typed);
                LastOpen last = LastOpen.in(Settings.in(state));
                assertThat(last.desk().map(Desk::exercise)).as("what was open is found again without naming it")
                        .contains(KelpBlades.exercise());
                assertThat(last.file()).isEmpty();
            }
            if (KILLS > 2 && (kill % 100 == 99 || kill == KILLS - 1)) {
                System.out.println(kill + 1 + " kills, every second one of two windows at once: at most " + worst
                        + " of the newest edits lost, none older than a second, every journal opened");
            }
        }
    }

    private static Path journal(Path state, int window) {
        return OpenDesk.journalOf(state, KelpBlades.exercise(), window);
    }

    @Test
    void aSecondWindowHasAJournalOfItsOwn() {
        try (OpenDesk first = OpenDesk.of(folder, KelpBlades.exercise(), Optional.empty());
                OpenDesk second = OpenDesk.of(folder, KelpBlades.exercise(), Optional.empty())) {
            assertThat(first.isKept()).isTrue();
            assertThat(second.isKept()).isTrue();
            List<String> notices = new ArrayList<>();
            second.watchKeeping(failure -> failure.ifPresent(notices::add));
            second.record(new WorkEdit.ChangeTable(new TableEdit.Type(21, 0, "7")));
            assertThat(notices).isEmpty();
        }
        try (OpenDesk again = OpenDesk.of(folder, KelpBlades.exercise(), Optional.empty())) {
            assertThat(again.restored()).isZero();
        }
    }

    @Test
    void whereNothingCanBeKeptTheDeskOpensAllTheSame() throws IOException {
        Path file = Files.writeString(folder.resolve("file"), "in the way");
        try (OpenDesk open = OpenDesk.of(file, KelpBlades.exercise(), Optional.empty())) {
            assertThat(open.isKept()).isFalse();
            open.record(new Edit.Name("Ida"));
        }
    }
}
