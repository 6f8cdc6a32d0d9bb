package hestra.benchmarks;

import java.io.File;
import java.io.IOException;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.zip.ZipFile;
import javafx.event.Event;
import javafx.scene.Parent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;

import com.fasterxml.jackson.databind.ObjectMapper;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.History;
import hestra.desk.Step;
import hestra.desktop.demo.OrrinBay;
import hestra.desktop.files.OpenDesk;
import hestra.desktop.files.Settings;
import hestra.desktop.look.Look;
import hestra.desktop.look.Looks;
import hestra.desktop.tour.FxThread;
import hestra.desktop.window.MainWindow;
import hestra.documents.exercise.HandInFile;
import hestra.documents.exercise.HandIns;
import hestra.documents.file.Progress;
import hestra.documents.page.GiveBack;
import hestra.documents.page.Paper;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.marking.AnswerGroup;
import hestra.marking.ClassKey;
import hestra.marking.ClassWork;
import hestra.marking.DecisionSubject;
import hestra.marking.DecisionValue;
import hestra.marking.Ground;
import hestra.marking.HandIn;
import hestra.marking.Pace;
import hestra.marking.Received;
import hestra.task.Answer;
import hestra.task.ReadByPerson;
import hestra.task.ReadValue;
import hestra.task.Task;

/**
 * What a marker waits for: 1,000 hand-ins of 20 tasks opened and marked beside the bare reading of their JSON, a decision on a
 * group, 200 pages given back.
 */
public final class Marking {

    private static final PrintStream OUT = System.out;
    private static final int HAND_INS = 1000;
    private static final int PAGES = 200;
    private static final int TASKS = 20;
    private static final int WARM_UP = 10;
    private static final int TURNS = 11;
    private static final double MILLISECOND = 1e6;

    private Marking() {}

    /**
     * The whole, or with an argument and the folder: writes the hand-ins ({@code write}), reads their JSON alone once
     * ({@code bare}), or opens and marks them once ({@code marked}), and says how many milliseconds it took in a program that has
     * only just begun.
     */
    public static void main(String[] arguments) throws IOException {
        Exercise exercise = twenty();
        Path folder = arguments.length > 1 ? Path.of(arguments[1]) : Files.createTempDirectory("hestra-hand-ins");
        String what = arguments.length > 0 ? arguments[0] : "";
        if (what.isEmpty() || what.equals("write")) {
            for (int i = 0; i < HAND_INS; i++) {
                handIn(exercise, i, folder.resolve("%04d.handin".formatted(i)));
            }
        }
        List<Path> files = List.of(folder.toFile().listFiles()).stream().map(File::toPath).sorted().toList();
        switch (what) {
            case "write" -> OUT.println(files.size());
            case "bare" -> OUT.println(Math.round(Times.timed(() -> read(files))));
            case "marked" -> OUT.println(Math.round(Times.timed(() -> mark(exercise, files))));
            default -> all(exercise, files, folder);
        }
    }

    private static ClassWork mark(Exercise exercise, List<Path> files) {
        return ClassWork.of(exercise, HandIns.of(ClassKey.of(exercise)).read(files), hestra.marking.Marking.none(exercise.id()));
    }

    private static void all(Exercise exercise, List<Path> files, Path folder) throws IOException {
        List<Double> bare = new ArrayList<>();
        List<Double> marked = new ArrayList<>();
        ClassWork[] work = new ClassWork[1];
        for (int turn = 0; turn < WARM_UP + TURNS; turn++) {
            bare.add(Times.timed(() -> read(files)));
            marked.add(Times.timed(() -> work[0] = mark(exercise, files)));
        }
        double usual = Times.median(bare.subList(WARM_UP, bare.size()));
        double ours = Times.median(marked.subList(WARM_UP, marked.size()));
        Runtime.getRuntime().gc();
        long heap = (Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory()) >> 20;
        OUT.printf("%d hand-ins of %d tasks, %d KB each, warm: JSON alone %.0f ms, opened and marked %.0f ms, ratio %.2f (bar "
                + "1.5); %d MB held%n", files.size(), exercise.tasks().size(), Files.size(files.getFirst()) >> 10, usual, ours,
                ours / usual, heap);
        decisions(work[0]);
        back(work[0], folder);
        window(exercise, folder);
    }

    /** From a key to all that the next group shows, laid out. */
    private static void window(Exercise exercise, Path folder) throws IOException {
        FxThread.start();
        Path state = Files.createTempDirectory("hestra-state");
        List<Double> times = new ArrayList<>();
        MainWindow window = FxThread.call(() -> {
            Looks.prepare();
            MainWindow made = new MainWindow(OpenDesk.passing(Desk.open(exercise), ""), Settings.in(state), null, new Look());
            Stage stage = new Stage();
            stage.setScene(made.scene(1280, 800));
            stage.show();
            made.mark().open(folder);
            return made;
        });
        long from = System.nanoTime();
        double first = 0;
        while (FxThread.call(window::isBusy)) {
            if (first == 0 && FxThread.call(() -> window.mark().work().roll().students().size() >= 100)) {
                first = (System.nanoTime() - from) / MILLISECOND;
            }
            FxThread.settle();
        }
        for (int i = 0; i < 40; i++) {
            KeyCode key = i % 10 == 9 ? KeyCode.PAGE_UP : KeyCode.DOWN;
            times.add(FxThread.call(() -> {
                Parent root = (Parent) window.mark().node();
                long pressed = System.nanoTime();
                Event.fireEvent(root.lookup("#mark-groups"),
                        new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, false, false, false, false));
                root.applyCss();
                root.layout();
                return (System.nanoTime() - pressed) / MILLISECOND;
            }));
            FxThread.settle();
        }
        OUT.printf("in the window: the first hundred after %.0f ms; to the next group: median %.1f ms, the slowest %.1f ms "
                + "(bar 50)%n", first, Times.median(times), times.stream().mapToDouble(Double::doubleValue).max().orElse(0));
        FxThread.stop();
    }

    /** An exercise of twenty tasks on one data set: values to be read, over and over, and the rest of its own. */
    private static Exercise twenty() {
        Exercise exercise = OrrinBay.sets().get(2).exercise();
        List<Task> values = exercise.tasks().stream().filter(ReadValue.class::isInstance).toList();
        int i = 0;
        while (exercise.tasks().size() < TASKS) {
            Part last = exercise.parts().getLast();
            exercise = exercise.with(last.withBlockAt(last.blocks().size(),
                    exercise.fresh(new Block.Asked(values.get(i++ % values.size())))));
        }
        return exercise;
    }

    private static void handIn(Exercise exercise, int number, Path file) throws IOException {
        List<Step> steps = new ArrayList<>(List.of(new Step(1_700_000_000, new Edit.Name("student " + number))));
        for (Task task : exercise.tasks()) {
            if (task instanceof ReadValue) {
                String key = task.key(exercise.first().truth(exercise.mark())).text().split(" ")[0].replace('−', '-');
                steps.add(new Step(1_700_000_100, new Edit.Draft(task.id(), new Answer.Typed(number % 3 == 0 ? key
                        : number % 3 == 1 ? "1"
                        : "0." + number))));
                steps.add(new Step(1_700_000_110, new Edit.Check(task.id())));
            } else if (ReadByPerson.isReadByPerson(task)) {
                steps.add(new Step(1_700_000_120, new Edit.Draft(task.id(),
                        new Answer.Sentence("On average the shell height falls by " + (number % 7)
                                + " mm for each step of wave exposure."))));
                steps.add(new Step(1_700_000_130, new Edit.Check(task.id())));
            }
        }
        History history = History.of(Desk.open(exercise));
        for (Step step : steps) {
            history = history.apply(step.edit());
        }
        HandInFile.write(HandIn.of(history.present(), Optional.of(Pace.of(steps, 1_700_000_200))), steps, file);
    }

    /** The JSON of all files as trees, and nothing else; on as many processors as the marking has. */
    private static void read(List<Path> files) {
        ObjectMapper mapper = new ObjectMapper();
        files.parallelStream().forEach(file -> {
            try (ZipFile zip = new ZipFile(file.toFile())) {
                for (String entry : List.of("exercise.json", "work.json", "desk.json")) {
                    mapper.readTree(zip.getInputStream(zip.getEntry(entry)).readAllBytes());
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }

    /** A decision, and all that follows from it in the list of groups. */
    private static void decisions(ClassWork work) {
        List<Double> times = new ArrayList<>();
        ClassWork now = work;
        for (int i = 0; i < 3 * TURNS; i++) {
            Task task = now.exercise().tasks().get(i % TASKS);
            AnswerGroup group = now.groups(task).getFirst();
            long from = System.nanoTime();
            now = ClassWork.of(now.exercise(), now.roll().students().stream().<Received>map(it -> it.handedIn()).toList(),
                    now.marking().decide(new DecisionSubject.Marks(task.id(), group.whom()),
                            Optional.of(new DecisionValue.Points(1, Ground.of(task, now.students(task, group.whom())))), "a"));
            now.groups(task);
            now.reading();
            times.add((System.nanoTime() - from) / MILLISECOND);
        }
        OUT.printf("a decision on a group of %d hand-ins, with all that follows: median %.1f ms (bar 50 to the next group)%n",
                work.roll().students().size(), Times.median(times));
    }

    private static void back(ClassWork work, Path folder) throws IOException {
        ClassWork some = ClassWork.of(work.exercise(),
                IntStream.range(0, PAGES).<Received>mapToObj(i -> work.roll().students().get(i).handedIn()).toList(),
                work.marking());
        Path out = Files.createTempDirectory("hestra-back");
        long from = System.nanoTime();
        new GiveBack(some, ClassKey.of(work.exercise()), true, "today")
                .write(folder, out, EnumSet.copyOf(Set.of(GiveBack.Form.HTML)), Paper.A4, Progress.UNWATCHED);
        OUT.printf("%d pages given back as HTML: %.1f s (bar 20 s)%n", PAGES, (System.nanoTime() - from) / MILLISECOND / 1000);
    }
}
