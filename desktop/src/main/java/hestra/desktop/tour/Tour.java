package hestra.desktop.tour;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Stream;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.Toggle;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;

import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.PartEdit;
import hestra.desk.PlotDescription;
import hestra.desk.PlotEdit;
import hestra.desktop.demo.FlaskPicture;
import hestra.desktop.demo.KelpBlades;
import hestra.desktop.demo.KelpClass;
import hestra.desktop.demo.OrrinBay;
import hestra.desktop.demo.ReedHeights;
import hestra.desktop.files.FileDialogs;
import hestra.desktop.files.OpenDesk;
import hestra.desktop.files.Settings;
import hestra.desktop.look.Look;
import hestra.desktop.look.Looks;
import hestra.desktop.window.MainWindow;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.exercise.HandInFile;
import hestra.documents.file.FileWriting;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.documents.page.GiveBack;
import hestra.documents.page.Handout;
import hestra.documents.page.PageFile;
import hestra.documents.page.Paper;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Varying;
import hestra.exercise.Wish;
import hestra.fit.Curve;
import hestra.marking.ClassKey;
import hestra.marking.ClassResult;
import hestra.marking.ClassWork;
import hestra.marking.HandIn;
import hestra.marking.Student;
import hestra.recipe.Parameter;
import hestra.recipe.Range;
import hestra.task.Kind;
import hestra.tracing.Picture;
import hestra.variants.Variants;

/**
 * Goes through the whole example in the real window without a display: a student's work from the first pair to the
 * hand-in, the instructor's view, and the marks. Writes a picture of each stage, the files, and a report.
 */
public final class Tour {

    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;
    private static final int SAMPLES = 24;
    /** The made-up class, and how far its first student's steps are gone through. */
    private static final long CLASS = 28;
    private static final int STEPS = 14;

    private final Path folder;
    private final List<Path> written = new ArrayList<>();
    private final List<String> report = new ArrayList<>();
    private final Exercise exercise = KelpBlades.exercise();
    private MainWindow window;

    /** Hestra's own folder on this walk, and the made-up class; gone when the walk is over. */
    private final Path state;

    private Tour(Path folder, Path state) {
        this.folder = folder;
        this.state = state;
    }

    /** Writes the example into a folder, and says which files it wrote. The program must have no window yet. */
    public static List<Path> run(Path folder) throws IOException {
        Files.createDirectories(folder);
        Path state = Files.createTempDirectory("hestra-tour");
        FxThread.start();
        try {
            return new Tour(folder, state).go();
        } finally {
            FxThread.stop();
            remove(state);
        }
    }

    private static void remove(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(file);
            }
        }
    }

    private List<Path> go() throws IOException {
        Stage stage = FxThread.call(() -> {
            Looks.prepare();
            window = new MainWindow(OpenDesk.of(state, exercise, Optional.empty()), Settings.in(state), new NoDialogs(),
                    new Look());
            Stage opened = new Stage();
            opened.setScene(window.scene(WIDTH, HEIGHT));
            opened.show();
            window.begin();
            return opened;
        });
        StudentTour student = new StudentTour(window, exercise, folder, written, this::say);
        picture(stage, "1-exercise.png");
        step(student::enterAndDescribe);
        picture(stage, "2-line-with-the-slip.png");
        step(() -> {
            student.mend();
            say("The line", List.of(StudentTour.equation(window.model().findings()),
                    "r, R² and s follow at once when the mistyped value is mended."));
            student.readValues();
            window.model().apply(new Edit.Select(OptionalInt.of(KelpBlades.SLIP_ROW)));
        });
        picture(stage, "3-line-fitted.png");
        step(student::predict);
        picture(stage, "4-prediction-outside.png");
        step(student::explain);
        FxThread.call(() -> {
            student.handIn();
            return null;
        });
        step(() -> window.look().darkProperty().set(true));
        picture(stage, "5-dark.png");
        step(() -> {
            window.look().darkProperty().set(false);
            window.show(MainWindow.View.WRITE);
            window.model().apply(new Edit.TurnTo(Optional.of("slope")));
        });
        picture(stage, "6-write.png");
        step(() -> ((Toggle) stage.getScene().lookup("#write-data")).setSelected(true));
        picture(stage, "7-write-data.png");
        data(stage);
        curves(stage);
        playground(stage);
        parts(stage);
        study(stage);
        marking(stage);
        step(() -> {
            window.close(stage);
            stage.hide();
        });
        Path file = folder.resolve("report.md");
        FileWriting.write(file, "# The example “" + exercise.title() + "”\n\n" + String.join("\n", report) + "\n");
        written.add(file);
        return written;
    }

    /** Where data come from besides typing and files: the shelf, a recipe, a picture. */
    private void data(Stage stage) throws IOException {
        step(window::openShelf);
        picture(stage, "8-orrin-bay.png");
        step(() -> ((Button) stage.getScene().lookup("#shelf-orrin-bay-limpets")).fire());
        step(() -> window.show(MainWindow.View.WRITE));
        FxThread.settle();
        step(() -> ((Toggle) stage.getScene().lookup("#write-recipe")).setSelected(true));
        FxThread.settle();
        step(() -> {
            Button next = (Button) stage.getScene().lookup("#recipe-next");
            for (int sample = 0; sample < SAMPLES; sample++) {
                next.fire();
            }
        });
        picture(stage, "9-make-data.png");
        FlaskPicture flask = FlaskPicture.of(OrrinBay.sets().get(1).exercise());
        Picture report = flask.picture();
        step(() -> {
            apply(new ExerciseEdit.WriteTexts("Cooling flask", "from an old report", "How long does the tea stay hot?"));
            apply(new ExerciseEdit.ChangeBlock(new Block.Prose("text-1",
                    "A report from years ago shows how a flask of tea cooled on the pier. Its table is lost; its plot is not.")));
            apply(new PartEdit.LayPicture(report, flask.tracing().axes()));
            apply(new PartEdit.Trace(flask.tracing(), 1));
            ((Toggle) stage.getScene().lookup("#write-trace")).setSelected(true);
        });
        picture(stage, "10-from-a-picture.png");
    }

    /** What is done beside the line: a calculation by hand, other curves. */
    private void curves(Stage stage) throws IOException {
        CurveTour tour = new CurveTour(window::model);
        open(stage, "eelgrass", tour);
        step(HandsOnTour.of(window::model)::fill);
        picture(stage, "12-calculation.png");
        step(() -> apply(new Edit.TurnTo(Optional.of("describe"))));
        step(tour::compare);
        picture(stage, "13-curves.png");
        variants(stage);
        say("Curves", List.of(window.model().findings().curves().curveInHand()
                .map(it -> window.model().findings().numbers().equation(it).plain()).orElse("no curve")));
        open(stage, "ropes-at-the-pier", tour);
        step(tour::shuffle);
        picture(stage, "27-chance.png");
        say("Chance", List.of(PlotDescription.ofChance(window.model().findings())));
    }

    /** What differs from student to student, what can be put in on the sheet, and the exercise on paper. */
    private void variants(Stage stage) throws IOException {
        Wish bends = new Wish.Better(new Curve.Polynomial(2), new Curve.Line(), 0.3);
        step(() -> window.show(MainWindow.View.WRITE));
        FxThread.settle();
        step(() -> {
            apply(new PartEdit.Vary(Varying.NONE.with(Varying.Way.NEW_DATA)
                    .withRanges(List.of(new Range(Parameter.C, -0.13, -0.09), new Range(Parameter.PAIRS, 24, 30)))
                    .withWishes(List.of(new Wish.KeysClear(), bends))));
            apply(new Edit.TurnTo(Optional.of("describe")));
            ((Toggle) stage.getScene().lookup("#write-variants")).setSelected(true);
        });
        while (FxThread.call(() -> stage.getScene().lookup("#variant-12") == null)) {
            FxThread.settle();
        }
        picture(stage, "20-variants.png");
        step(() -> {
            ((Toggle) stage.getScene().lookup("#write-plot")).setSelected(true);
            ((Button) stage.getScene().lookup("#add-part-1-3")).fire();
        });
        FxThread.settle();
        step(() -> {
            ((TextField) stage.getScene().lookup("#plus-find")).setText("curve");
        });
        picture(stage, "21-write-plus.png");
        Exercise varied = window.model().desk().exercise();
        Path handout = folder.resolve("handout.pdf");
        Handout.write(varied, List.of(Variants.draw(varied, 1), Variants.draw(varied, 2)), List.of("Ida Fenn", "Tavi Roon"),
                Paper.A4, handout, Progress.UNWATCHED);
        written.add(handout);
        Path page = folder.resolve("22-handout.png");
        StudyTour.picture(handout, page);
        written.add(page);
        step(() -> window.show(MainWindow.View.WORK));
    }

    private void open(Stage stage, String set, CurveTour tour) throws IOException {
        step(window::openShelf);
        step(() -> ((Button) stage.getScene().lookup("#shelf-orrin-bay-" + set)).fire());
        step(() -> {
            window.show(MainWindow.View.WORK);
            tour.openEverything();
        });
    }

    /** The playground: a line by eye beside the best, a target that is nearly reached, and the conditions in Write. */
    private void playground(Stage stage) throws IOException {
        HandsOnTour tour = HandsOnTour.of(window::model);
        step(window::openShelf);
        step(() -> ((Button) stage.getScene().lookup("#shelf-orrin-bay-playground")).fire());
        step(() -> {
            window.show(MainWindow.View.WORK);
            tour.byEye();
        });
        picture(stage, "11-by-eye.png");
        step(tour::target);
        picture(stage, "14-parts.png");
        step(() -> window.show(MainWindow.View.WRITE));
        picture(stage, "15-write-parts.png");
        say("Playground", List.of(window.model().findings().task("by-eye-line").verdict().orElseThrow().message()));
    }

    /** An exercise of several parts. */
    private void parts(Stage stage) throws IOException {
        step(window::openShelf);
        step(() -> ((Button) stage.getScene().lookup("#shelf-orrin-bay-three-questions")).fire());
        say("Parts", window.model().desk().exercise().parts().stream()
                .map(part -> part.heading() + " " + part.pairs().n() + " pairs, " + part.tasks().size() + " tasks.").toList());
    }

    /** Start, with the work of before on it; a study of data of one's own, all its numbers, and its report. */
    private void study(Stage stage) throws IOException {
        Desk study = ReedHeights.study();
        step(() -> window.goToStart());
        while (FxThread.call(() -> stage.getScene().lookup("#recent-2") == null
                || stage.getScene().lookup("#start-orrin-bay-kelp-blades") == null)) {
            FxThread.settle();
        }
        picture(stage, "16-start.png");
        Path saved = StudyTour.save(study, folder);
        written.add(saved);
        step(() -> window.open(saved));
        step(() -> apply(new PlotEdit.ReadAt(OptionalDouble.of(45))));
        picture(stage, "17-study.png");
        step(() -> ((Button) stage.getScene().lookup("#all-numbers")).fire());
        while (FxThread.call(() -> stage.getScene().getRoot().lookupAll(".overview-number").isEmpty())) {
            FxThread.settle();
        }
        picture(stage, "18-all-numbers.png");
        Path report = StudyTour.report(study, folder);
        written.add(report);
        Path page = folder.resolve("19-report.png");
        StudyTour.picture(report, page);
        written.add(page);
        say("A study", List.of(StudentTour.equation(window.model().findings())));
    }

    /** A made-up class: sentences that are read, one student's steps, the class, and what a student gets back. */
    private void marking(Stage stage) throws IOException {
        Path hands = state.resolve("class");
        KelpClass.write(hands, CLASS);
        step(() -> window.open(folder.resolve("kelp-blades" + ExerciseFile.ENDING)));
        step(() -> window.open(hands));
        step(() -> ((Button) stage.getScene().lookup("#group-give-3")).fire());
        step(() -> press(stage.getScene().lookup("#mark-groups"), KeyCode.DOWN));
        step(() -> ((TextInputControl) stage.getScene().lookup("#comment-text"))
                .setText("Say it of blades on average: not every blade does so."));
        step(() -> ((Button) stage.getScene().lookup("#comment-add")).fire());
        picture(stage, "23-mark.png");
        step(() -> ((ButtonBase) stage.getScene().lookup("#mark-tab-by-student")).fire());
        while (FxThread.call(() -> stage.getScene().lookup("#step-track") == null)) {
            FxThread.settle();
        }
        step(() -> press(stage.getScene().lookup("#step-track"), KeyCode.HOME));
        for (int i = 0; i < STEPS; i++) {
            step(() -> press(stage.getScene().lookup("#step-track"), KeyCode.RIGHT));
        }
        picture(stage, "24-mark-student.png");
        step(() -> ((ButtonBase) stage.getScene().lookup("#mark-tab-class")).fire());
        picture(stage, "25-mark-class.png");
        ClassWork work = FxThread.call(() -> window.mark().work());
        Student student = work.roll().students().stream().filter(it -> it.name().equals("Runa Feld")).findFirst().orElseThrow();
        if (HandInFile.read(hands.resolve(student.handedIn().file())) instanceof Result.Done<HandIn>(HandIn handIn)) {
            Path page = folder.resolve("given-back.pdf");
            PageFile.write(new GiveBack(work, ClassKey.of(work.exercise()), true, "1 December 2026").page(student, handIn),
                    Paper.A4, page);
            written.add(page);
            StudyTour.picture(page, folder.resolve("26-given-back.png"));
            written.add(folder.resolve("26-given-back.png"));
        }
        say("A class", List.of(work.roll().students().size() + " students, " + work.roll().asides().size() + " files not marked.",
                FxThread.call(() -> ClassResult.of(work).inWords())));
    }

    private static void press(Node node, KeyCode key) {
        Event.fireEvent(node, new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, false, false, false, false));
    }

    private void step(Runnable action) throws IOException {
        FxThread.call(() -> {
            action.run();
            return null;
        });
        // What is opened is read beside the window's thread.
        while (FxThread.call(window::isBusy)) {
            FxThread.settle();
        }
    }

    private void apply(Edit edit) {
        window.model().apply(edit);
    }

    private void say(String heading, List<String> lines) {
        report.add("## " + heading);
        report.add("");
        report.addAll(lines);
        report.add("");
    }

    private void picture(Stage stage, String name) throws IOException {
        Path file = folder.resolve(name);
        FxThread.settle();
        FxThread.call(() -> {
            Snapshot.of(stage.getScene(), file);
            return null;
        });
        written.add(file);
    }

    /** Nobody is there to be asked. */
    private static final class NoDialogs implements FileDialogs {
        @Override
        public Optional<Path> folder(String title, Path folder) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> open(Kind kind, Path from) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> save(Kind kind, Path into, String name) {
            return Optional.empty();
        }
    }
}
