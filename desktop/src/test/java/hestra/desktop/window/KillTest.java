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
import java.util.stream.Stream;
import javafx.event.Event;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

import hestra.Kelp;
import hestra.data.TableEdit;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.History;
import hestra.desk.WorkEdit;
import hestra.desktop.demo.KelpBlades;
import hestra.desktop.demo.KelpClass;
import hestra.desktop.files.LastOpen;
import hestra.desktop.files.OpenDesk;
import hestra.desktop.files.Settings;
import hestra.desktop.tour.FxThread;
import hestra.documents.exercise.JournalFile;
import hestra.documents.exercise.MarksFile;
import hestra.documents.file.Result;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.marking.Decision;
import hestra.marking.DecisionValue;
import hestra.marking.Marking;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Real programs in which somebody types or marks are killed without warning, one by itself and two at once on the same exercise,
 * in each of the views; what each had done is there again. {@code -Dhestra.kills} says how many are killed.
 */
class KillTest {

    private static final int KILLS = Integer.getInteger("hestra.kills", 1);
    private static final long SEED = Long.getLong("hestra.seed", 20_261_126);
    private static final long CALM = 1_000;
    /** What the second of two windows counts from. */
    private static final int SECOND = 1_000_000;
    private static final String PROSE = "text-1";

    @TempDir
    Path folder;

    /** Where something is done: each time another value takes the place of the one before. */
    private enum Place {
        WORK(21),
        STUDY(0) {
            @Override
            Exercise exercise() {
                return Exercise.study("reeds", "Reeds", DecimalMark.POINT);
            }
        },
        /** A run of typing, which is kept as what it came to. */
        WRITE(0) {
            @Override
            Edit edit(int value) {
                return new ExerciseEdit.ChangeBlock(new Block.Prose(PROSE, Integer.toString(value)), Optional.of("typing"));
            }

            @Override
            String standing(Desk desk) {
                return desk.exercise().block(PROSE).map(block -> ((Block.Prose) block).text()).filter(it -> it.matches("\\d+"))
                        .orElse("");
            }
        },
        /** One answer is given other marks again and again; the second window marks another answer, by other marks. */
        MARK(0);

        /** Where in the table it is typed. */
        private final int row;

        Place(int row) {
            this.row = row;
        }

        Edit edit(int value) {
            return new WorkEdit.ChangeTable(new TableEdit.Type(row, 0, Integer.toString(value)));
        }

        String standing(Desk desk) {
            return Kelp.work(desk).table().cell(row, 0).text();
        }

        Exercise exercise() {
            return KelpBlades.exercise();
        }
    }

    /** The program to be killed: does one thing after another in the real window, and says each one and when it was done. */
    static final class Typist {
        private Typist() {}

        public static void main(String[] arguments) {
            try {
                type(arguments);
            } catch (IOException | InterruptedException | RuntimeException | AssertionError e) {
                System.out.println(e);
                // The window's thread would go on without end.
                Runtime.getRuntime().halt(1);
            }
        }

        private static void type(String... arguments) throws IOException, InterruptedException {
            Path state = Path.of(arguments[0]);
            int from = Integer.parseInt(arguments[1]);
            Place place = Place.valueOf(arguments[2]);
            try (Person person = place == Place.WORK ? Person.entering(place.exercise(), state)
                    : Person.at(place.exercise(), state)) {
                if (place == Place.MARK) {
                    person.click("view-mark");
                    person.willChoose(hands(state));
                    person.click("mark-choose");
                    if (from == SECOND) {
                        person.click("mark-groups");
                        person.press(KeyCode.DOWN);
                    }
                }
                System.out.println("ready " + from);
                for (int i = from; i < from + 900_000; i++) {
                    int value = i;
                    FxThread.call(() -> {
                        if (place == Place.MARK) {
                            int marks = value % 2 + (from == SECOND ? 2 : 0);
                            Event.fireEvent(person.window().root().lookup("#mark-groups"), new KeyEvent(KeyEvent.KEY_PRESSED, "",
                                    "", KeyCode.valueOf("DIGIT" + marks), false, false, false, false));
                        } else {
                            person.model().apply(place.edit(value));
                        }
                        return null;
                    });
                    System.out.println(i + " " + System.currentTimeMillis());
                    System.out.flush();
                    TimeUnit.MILLISECONDS.sleep(2);
                }
            }
        }
    }

    private static Path hands(Path state) {
        return state.resolveSibling(state.getFileName() + " hands");
    }

    /** What a typist said before it was killed: the last number, and the last that it had typed a second before. */
    private record Said(int last, int calm) {}

    private static Process start(Path state, int from, Place place) throws IOException {
        List<String> command = new ArrayList<>(List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Dglass.platform=Headless", "-Dprism.order=sw", "--enable-native-access=ALL-UNNAMED",
                "--sun-misc-unsafe-memory-access=allow", "-XX:TieredStopAtLevel=1", "-cp", System.getProperty("java.class.path"),
                Typist.class.getName(), state.toString(), Integer.toString(from), place.name()));
        return new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD).start();
    }

    /** Lets a typist type for a while and kills it. */
    private static Said killed(Process typist, long millis) {
        List<long[]> said = new ArrayList<>();
        List<String> others = new ArrayList<>();
        long killedAt = 0;
        try (BufferedReader lines = typist.inputReader()) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.matches("\\d+ \\d+")) {
                    String[] parts = line.split(" ");
                    said.add(new long[] {Long.parseLong(parts[0]), Long.parseLong(parts[1])});
                } else {
                    others.add(line);
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
        assertThat(said).as("the typist goes on until it is killed: %s", others).isNotEmpty();
        return new Said((int) said.getLast()[0], (int) said.stream().filter(it -> it[1] < before).mapToLong(it -> it[0])
                .max().orElse(said.getFirst()[0]));
    }

    /** What each window did last, as it is kept, in the order of the windows. */
    private static List<Integer> kept(Path state, Place place, int windows) throws IOException {
        List<Integer> kept = new ArrayList<>();
        if (place == Place.MARK) {
            Marking marking = marking(state);
            for (int window = 0; window < windows; window++) {
                int from = window * SECOND;
                // The first decision is the window's own count from 1.
                kept.add(marking.all().stream()
                        .filter(it -> it.value().filter(value -> value instanceof DecisionValue.Points points
                        && points.marks() > 1 == from > 0).isPresent()).mapToInt(Decision::count).max().orElse(0) - 1 + from);
            }
        } else {
            for (int window = 1; window <= windows; window++) {
                kept.add(typed(OpenDesk.journalOf(state, place.exercise(), window), place));
            }
        }
        kept.sort(null);
        return kept;
    }

    private static Marking marking(Path state) throws IOException {
        try (Stream<Path> files = Files.list(state.resolve("markings"))) {
            Path file = files.filter(it -> it.toString().endsWith(MarksFile.ENDING)).findFirst().orElseThrow();
            return ((Result.Done<MarksFile>) MarksFile.read(file)).value().marking();
        }
    }

    /** What a journal says was typed last. */
    private static int typed(Path journal, Place place) throws IOException {
        JournalFile.Opened opened = JournalFile.resume(journal);
        try (JournalFile file = opened.journal()) {
            assertThat(file).isNotNull();
            int value = Integer.parseInt(place.standing(opened.history().present()));
            History before = opened.history().apply(new Edit.Undo());
            // A run of typing is taken back whole.
            assertThat(place.standing(before.present())).isEqualTo(value % SECOND == 0 || place == Place.WRITE ? ""
                    : Integer.toString(value - 1));
            return value;
        }
    }

    @Test
    void everyEditOlderThanASecondOutlivesAKill() throws Exception {
        Random random = new Random(SEED);
        long worst = 0;
        for (int kill = 0; kill < KILLS; kill++) {
            Path state = Files.createDirectories(folder.resolve("state" + kill));
            Place place = Place.values()[kill / 2 % Place.values().length];
            if (place == Place.MARK) {
                KelpClass.write(hands(state), SEED);
            }
            List<Integer> windows = kill % 2 == 0 ? List.of(0, SECOND) : List.of(0);
            List<CompletableFuture<Said>> killed = new ArrayList<>();
            for (int from : windows) {
                Process typist = start(state, from, place);
                long millis = 1_200 + random.nextInt(400);
                killed.add(CompletableFuture.supplyAsync(() -> killed(typist, millis)));
            }
            List<Integer> kept = List.of();
            List<Said> said = new ArrayList<>();
            for (CompletableFuture<Said> one : killed) {
                said.add(one.get(5, TimeUnit.MINUTES));
            }
            kept = kept(state, place, windows.size());
            for (int i = 0; i < windows.size(); i++) {
                assertThat(kept.get(i)).as("%s, window %d of %d, kill %d", place, i + 1, windows.size(), kill)
                        .isBetween(said.get(i).calm(), said.get(i).last() + 1);
                worst = Math.max(worst, said.get(i).last() - kept.get(i));
            }
            if (windows.size() == 1) {
                LastOpen last = LastOpen.in(Settings.in(state));
                assertThat(last.desk().map(it -> it.exercise().id())).as("what was open is found again without naming it")
                        .contains(place.exercise().id());
                assertThat(last.file()).isEmpty();
            }
            if (KILLS > 2 && (kill % 100 == 99 || kill == KILLS - 1)) {
                System.out.println(kill + 1 + " kills over " + List.of(Place.values())
                        + ", every second one of two windows at once: at most " + worst
                        + " of the newest edits lost, none older than a second, every journal and marking opened");
            }
        }
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
