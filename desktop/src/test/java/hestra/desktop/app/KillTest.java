package hestra.desktop.app;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;

import hestra.data.TableEdit;
import hestra.desk.Edit;
import hestra.desk.History;
import hestra.desktop.demo.FxThread;
import hestra.desktop.demo.KelpBlades;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** A real process that types is killed without warning; what it had typed is there again. */
class KillTest {

    @TempDir
    Path folder;

    /** The process to be killed: opens the demo in the real window, types numbers into a cell, and says each one. */
    static final class Typist {
        private Typist() {}

        public static void main(String[] arguments) throws IOException, InterruptedException {
            Path state = Path.of(arguments[0]);
            try (Person person = Person.at(KelpBlades.exercise(), state)) {
                for (int i = 0; i < 100_000; i++) {
                    int value = i;
                    FxThread.call(() -> {
                        person.model().apply(new Edit.ChangeTable(new TableEdit.Type(21, 0, Integer.toString(value))));
                        return null;
                    });
                    System.out.println(i);
                    System.out.flush();
                    TimeUnit.MILLISECONDS.sleep(2);
                }
            }
        }
    }

    @Test
    void everyEditThatWasSaidToBeMadeOutlivesAKill() throws Exception {
        Process typist = start();
        int said = -1;
        try (BufferedReader lines = typist.inputReader()) {
            while (said < 60) {
                String line = lines.readLine();
                assertThat(line).as("the typist goes on until it is killed").isNotNull();
                said = line.matches("\\d+") ? Integer.parseInt(line) : said;
            }
            // By its handle: destroying the Process would close the stream with what it still said.
            typist.toHandle().destroyForcibly();
            for (String line = lines.readLine(); line != null && line.matches("\\d+"); line = lines.readLine()) {
                said = Integer.parseInt(line);
            }
        }
        try (OpenDesk again = OpenDesk.of(folder, KelpBlades.exercise(), Optional.empty())) {
            History history = again.history();
            int restored = Integer.parseInt(history.present().work().table().cell(21, 0).text());
            assertThat(restored).isGreaterThanOrEqualTo(said);
            assertThat(again.restored()).isGreaterThanOrEqualTo(said + 1);
            assertThat(history.apply(new Edit.Undo()).present().work().table().cell(21, 0).text()).isEqualTo(Integer.toString(restored - 1));
        }
        LastOpen last = LastOpen.in(Settings.in(folder));
        assertThat(last.exercise()).as("what was open is found again without naming it").contains(KelpBlades.exercise());
        assertThat(last.file()).isEmpty();
    }

    private Process start() throws IOException {
        List<String> command = new ArrayList<>(List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Dglass.platform=Headless", "-Dprism.order=sw", "--enable-native-access=ALL-UNNAMED",
                "--sun-misc-unsafe-memory-access=allow", "-cp", System.getProperty("java.class.path"),
                Typist.class.getName(), folder.toString()));
        return new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD).start();
    }

    @Test
    void aSecondWindowHasAJournalOfItsOwn() {
        try (OpenDesk first = OpenDesk.of(folder, KelpBlades.exercise(), Optional.empty());
                OpenDesk second = OpenDesk.of(folder, KelpBlades.exercise(), Optional.empty())) {
            assertThat(first.isKept()).isTrue();
            assertThat(second.isKept()).isTrue();
            List<String> notices = new ArrayList<>();
            second.record(new Edit.ChangeTable(new TableEdit.Type(21, 0, "7")), notices::add);
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
            open.record(new Edit.Name("Ida"), notice -> { });
        }
    }
}
