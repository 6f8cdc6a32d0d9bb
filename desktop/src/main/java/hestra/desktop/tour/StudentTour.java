package hestra.desktop.tour;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.BiConsumer;

import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desk.TaskState;
import hestra.desk.WorkEdit;
import hestra.desktop.demo.KelpBlades;
import hestra.desktop.window.MainWindow;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.exercise.Gradebook;
import hestra.documents.exercise.HandInFile;
import hestra.documents.exercise.HandIns;
import hestra.documents.file.FileWriting;
import hestra.documents.file.Result;
import hestra.documents.page.HtmlPage;
import hestra.documents.page.WriteUp;
import hestra.exercise.ClassList;
import hestra.exercise.Exercise;
import hestra.fit.LeastSquares;
import hestra.marking.ClassWork;
import hestra.marking.HandIn;
import hestra.marking.Marking;
import hestra.numbers.NumberStyle;
import hestra.task.Answer;
import hestra.task.Described;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;
import hestra.task.Description.Strength;
import hestra.task.Description.Unusual;
import hestra.task.Predict;
import hestra.task.Predicted;
import hestra.task.Predictions;
import hestra.task.Trust;

/** What a student does in the example, from the first pair to the hand-in. */
final class StudentTour {

    private final MainWindow window;
    private final Exercise exercise;
    private final Path folder;
    private final List<Path> written;
    private final BiConsumer<String, List<String>> say;

    /**
     * A student at a window.
     *
     * @param folder into which files are written
     * @param written to which those that were are added
     * @param say takes what there is to tell, under a heading
     */
    StudentTour(MainWindow window, Exercise exercise, Path folder, List<Path> written, BiConsumer<String, List<String>> say) {
        this.window = window;
        this.exercise = exercise;
        this.folder = folder;
        this.written = written;
        this.say = say;
    }

    /** Says which explains, types the last pairs, and describes the plot. */
    void enterAndDescribe() {
        apply(new WorkEdit.ChooseRoles(Roles.FIRST_EXPLAINS));
        check("roles");
        int first = exercise.first().truth(exercise.mark()).leftToType().getFirst();
        for (int row : exercise.first().truth(exercise.mark()).leftToType()) {
            for (int column = 0; column < exercise.first().data().width(); column++) {
                apply(new WorkEdit.ChangeTable(new TableEdit.Type(row, column, exercise.first()
                        .data().cell(row, column).text())));
            }
        }
        check("enter");
        apply(new Edit.Draft("describe", Described.NOTHING.with(Direction.RISING).with(Form.STRAIGHT)
                .with(Strength.STRONG).with(Unusual.ONE)
                .withSentence("Older blades are longer; one blade stands far above the rest.")));
        check("describe");
        say.accept("Entered", List.of("Rows " + (first + 1) + " to " + exercise.first().data().size()
                + " typed from the printed table.",
                equation(window.model().findings())));
    }

    /** Mends the mistyped blade. */
    void mend() {
        apply(new WorkEdit.ChangeTable(new TableEdit.Type(KelpBlades.SLIP_ROW, 1, exercise.first().data()
                .cell(KelpBlades.SLIP_ROW, 1).text())));
        check("slip");
    }

    /** Reads slope and correlation, the slope wrongly at first. */
    void readValues() {
        var line = window.model().findings().fit().line().orElseThrow();
        var swapped = LeastSquares.line(window.model().findings().pairs().swapped()).line().orElseThrow();
        typed("slope", NumberStyle.STANDARD.places(swapped.slope().value(), 2));
        say.accept("A recognised mistake", List.of(window.model().findings().task("slope").verdict().orElseThrow().message()));
        typed("slope", NumberStyle.STANDARD.places(line.slope().value(), 2));
        typed("r", NumberStyle.STANDARD.places(line.r().orElseThrow(), 3));
    }

    private void typed(String task, String text) {
        apply(new Edit.Draft(task, new Answer.Typed(text)));
        check(task);
    }

    /** Predicts by the line. */
    void predict() {
        Predict task = (Predict) exercise.task("predict").orElseThrow();
        var line = window.model().findings().fit().line().orElseThrow();
        List<Predicted> given = task.at().stream().map(x -> new Predicted(
                NumberStyle.STANDARD.show(line.at(x), task.rounding()),
                        Optional.of(line.support().contains(x) ? Trust.TRUSTED : Trust.DOUBTED))).toList();
        apply(new Edit.Draft("predict", new Predictions(given)));
        apply(new Edit.Select(OptionalInt.empty()));
        apply(new PlotEdit.ReadAt(OptionalDouble.of(60)));
        check("predict");
    }

    /** Says in words what the slope means, and signs. */
    void explain() {
        String slope = NumberStyle.STANDARD.places(window.model().findings().fit().line().orElseThrow().slope().value(), 2);
        apply(new Edit.Draft("explain", new Answer.Sentence(
                "On average a blade is predicted to grow " + slope + " cm longer with each day since settling.")));
        check("explain");
        apply(new Edit.Name("Tove Marsh"));
    }

    /** Hands in, with the write-up beside it. */
    void handIn() throws IOException {
        Findings findings = window.model().findings();
        HandIn handIn = HandIn.of(window.model().desk());
        Path file = folder.resolve(HandInFile.fileName(handIn));
        HandInFile.write(handIn, file);
        written.add(file);
        Path page = folder.resolve("write-up.html");
        FileWriting.write(page, HtmlPage.of(WriteUp.of(findings, "")));
        written.add(page);
        Path own = folder.resolve("kelp-blades" + ExerciseFile.ENDING);
        ExerciseFile.write(exercise, own);
        written.add(own);
        List<String> tasks = new ArrayList<>();
        for (TaskState state : findings.tasks()) {
            tasks.add("- " + state.number() + " · " + state.task().terms().title() + ": "
                    + state.verdict().map(verdict -> verdict.outcome().sign() + " " + verdict.message()).orElse("not answered"));
        }
        say.accept("Answers", tasks);
        if (HandIns.ofFolder(folder, Optional.of(exercise),
                it -> Marking.none(it.id())) instanceof Result.Done<ClassWork>(ClassWork work)) {
            say.accept("Marks of this folder", List.of("```", Gradebook.csv(work, ClassList.NONE).strip(), "```"));
        }
    }

    private void apply(Edit edit) {
        window.model().apply(edit);
    }

    private void check(String task) {
        apply(new Edit.Check(task));
        apply(new Edit.TurnTo(Optional.empty()));
    }

    /** The equation of the line, with r and R². */
    static String equation(Findings findings) {
        return findings.fit().line().map(line -> findings.numbers().equation(line).plain()
                + ", r = " + findings.numbers().style().show(line.r()) + ", R² = " + findings.numbers()
                .style().show(line.rSquared()))
                .orElse("no line");
    }
}
