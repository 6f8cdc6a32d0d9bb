package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import hestra.Kelp;
import hestra.data.TableEdit;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.History;
import hestra.desk.Note;
import hestra.desk.OwnSheet;
import hestra.desk.SheetEdit;
import hestra.desk.Step;
import hestra.desk.WorkEdit;
import hestra.documents.file.Archive;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import hestra.feedback.Mistake;
import hestra.fit.Curve;
import hestra.marking.HandIn;
import hestra.marking.Pace;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.sentences.Aspect;
import hestra.task.Aid;
import hestra.task.Answer;
import hestra.task.Asking;
import hestra.task.Attempt;
import hestra.task.Explain;
import hestra.task.Explaining;
import hestra.task.Keepable;
import hestra.task.OwnEquation;
import hestra.task.Predict;
import hestra.task.Predicted;
import hestra.task.Predicting;
import hestra.task.Predictions;
import hestra.task.Question;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.Trust;
import hestra.task.WantedFigure;
import hestra.task.WriteEquation;
import hestra.task.WriteSection;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

/** Answers, and what is asked of them, as they stand in files. */
class AnswersInFilesTest {

    private static final Predict PREDICT = new Predict(Terms.of("predict", "Predict", "Predict.", 4), List.of(4.0, 20.0),
            new Rounding.Places(1));
    private static final WriteEquation EQUATION = new WriteEquation(Terms.of("equation", "Write it", "Write it.", 2),
            new Curve.Line(), 3);

    @TempDir
    private Path folder;

    private static Set<?> problems(String schema, String json) throws IOException {
        String text = Files.readString(Path.of("..", "docs", "formats", schema + ".schema.json"));
        return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(text).validate(json, InputFormat.JSON);
    }

    @Test
    void whatIsAskedOfAnswersReadsBackAndFollowsTheSchema() throws IOException {
        Predicting all = Predicting.USUAL.with(Optional.of(Predicting.Band.SINGLE)).withMeaning(true)
                .judging(false).counting(OwnEquation.HALF);
        Question shows = new Question(Terms.of("question", "What is p?", "What is p?", 1), Question.Sort.ONE,
                List.of(new Question.Option("the chance that there is no relation", false, "",
                        Optional.of(Mistake.P_AS_CHANCE_OF_NONE)), new Question.Option("something else", true, "")), true,
                        List.of()).inOrder(true);
        Explain curved = new Explain(Terms.of("curved", "Explain", "Explain.", 2))
                .with(Explaining.of(Aspect.About.R_SQUARED).of(new Curve.Polynomial(2)));
        Explain p = new Explain(Terms.of("p", "Explain p", "Explain.", 2)).with(Explaining.of(Aspect.About.P)
                .withLeaves(OptionalDouble.of(0)));
        List<Task> tasks = List.of(PREDICT.with(all).with(Asking.USUAL.atLevel(0.9)),
                PREDICT.with(Predicting.USUAL.with(Predicting.Way.X_FROM_Y)).with(Terms.of("back", "Back", "Back.", 1)), shows,
                curved, p);
        Exercise exercise = Kelp.exercise(tasks.toArray(Task[]::new));
        Path file = folder.resolve("kelp.hestra");
        ExerciseFile.write(exercise, file);
        assertThat(ExerciseFile.read(file)).isEqualTo(new Result.Done<>(exercise));
        assertThat(problems("exercise", ExerciseFile.entries(exercise).get("exercise.json"))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"true, TRUSTED", "false, DOUBTED", "'\"trusted\"', TRUSTED", "'\"meaningless\"', MEANINGLESS"})
    void aJudgementOfEarlierFilesWasYesOrNo(String written, Trust trust) throws IOException {
        String json = "{\"kind\":\"predictions\",\"given\":[{\"text\":\"4.0\",\"trusted\":" + written + "}]}";
        assertThat(Json.read(json, Answer.class, DecimalMark.POINT))
                .isEqualTo(new Predictions(List.of(new Predicted("4.0", Optional.of(trust)))));
    }

    @Test
    void theEquationThatAPredictionGoesOnFromStandsInTheHandIn() throws IOException {
        Exercise exercise = Kelp.exercise(EQUATION, PREDICT.with(Predicting.USUAL.counting(OwnEquation.FULL)));
        Predicted first = Predicted.NOTHING.with("4.5").with(Trust.TRUSTED).withLow("4").withHigh("5");
        Desk desk = Desk.open(exercise)
                .apply(new Edit.Draft("equation", new Answer.Typed("y = 3 + 0.5x"))).apply(new Edit.Check("equation"))
                .apply(new Edit.Draft("equation", new Answer.Typed("y = 2.5 + 0.5x"))).apply(new Edit.Check("equation"))
                .apply(new Edit.Draft("predict", new Predictions(List.of(first, Predicted.NOTHING.with("12.5")
                .with(Trust.DOUBTED))))).apply(new Edit.Check("predict"))
                .apply(new Edit.Name("Ida Fenn"));
        Attempt attempt = desk.work().attemptsAt("predict").getLast();
        assertThat(attempt.own()).contains("y = 2.5 + 0.5x");
        assertThat(desk.work().attemptsAt("equation").getLast().own()).isEmpty();
        Path file = folder.resolve("ida.hestra-answers");
        HandIn handIn = HandIn.of(desk);
        HandInFile.write(handIn, file);
        assertThat(HandInFile.read(file)).isEqualTo(new Result.Done<>(handIn));
        assertThat(problems("hand-in", ((Result.Done<Archive>) Archive.read(file)).value().entries().get("work.json"))).isEmpty();
    }

    @Test
    void aSectionGoesAlongWithItsFiguresAndIsThereWhenTheHandInIsRead() throws IOException {
        WriteSection section = new WriteSection(Terms.of("report", "Write it up", "Write.", 2),
                Set.of(WantedFigure.PLOT_WITHOUT_CURVE), 3);
        Exercise exercise = Kelp.exercise(section).withFirst(part -> part.withHeld(Set.of(Aid.LINE)));
        Desk desk = Desk.open(exercise)
                .apply(new SheetEdit.Write(OwnSheet.Spot.before(0), "It grows by half a centimetre.", Optional.empty()))
                .apply(new SheetEdit.Keep(OwnSheet.Spot.before(1), Keepable.FIGURE, false))
                .apply(new SheetEdit.Caption("note-2", "All blades", Optional.empty()))
                .apply(new SheetEdit.Keep(OwnSheet.Spot.before(2), Keepable.DATA, true)).apply(new Edit.Check("report"))
                .apply(new Edit.Name("Ida Fenn"));
        Path file = folder.resolve("ida.handin");
        HandInFile.write(HandIn.of(desk), file);
        assertThat(problems("hand-in", ((Result.Done<Archive>) Archive.read(file)).value().entries().get("work.json"))).isEmpty();
        Desk read = ((Result.Done<HandIn>) HandInFile.read(file)).value().desk();
        OwnSheet sheet = Kelp.work(read).sheet();
        assertThat(sheet.notes()).hasSize(3);
        assertThat(sheet.note("note-2")).hasValueSatisfying(note -> {
            assertThat(((Note.Kept) note).caption()).isEqualTo("All blades");
            assertThat(((Note.Kept) note).frozen().orElseThrow().shut()).as("the line was closed then").containsExactly(Aid.LINE);
        });
        assertThat(read.standing(section)).as("the figures say of themselves what they show")
                .isEqualTo(desk.work().attemptsAt("report").getLast().answer());
    }

    @Test
    void aHandInFromBeforeSectionsStillOpens() throws IOException {
        Path file = folder.resolve("ida.handin");
        HandInFile.write(HandIn.of(Desk.open(Kelp.exercise(EQUATION)).apply(new Edit.Name("Ida Fenn"))), file);
        Map<String, String> entries = new HashMap<>(((Result.Done<Archive>) Archive.read(file)).value().entries());
        entries.remove("desk.json");
        entries.put("work.json", entries.get("work.json").replace("\"version\" : 3", "\"version\" : 2"));
        new Archive(entries).write(file, Archive.MOST_BYTES);
        HandIn handIn = ((Result.Done<HandIn>) HandInFile.read(file)).value();
        assertThat(handIn.works()).isEmpty();
        assertThat(handIn.desk().work().student()).isEqualTo("Ida Fenn");
    }

    @Test
    void aHandInSaysHowItCameAboutAndIsMarkedWithoutReadingThat() throws IOException {
        List<Step> steps = List.of(new Step(1_700_000_000, new WorkEdit.ChangeTable(new TableEdit.Type(1, 1, "3,95"))),
                new Step(1_700_000_060, new Edit.Draft("equation", new Answer.Typed("length = 1.95 + 0.515 days"))),
                new Step(1_700_000_090, new Edit.Check("equation")), new Step(1_700_000_095, new Edit.Undo()),
                        new Step(1_700_000_100, new Edit.Name("Ida Fenn")));
        History history = History.of(Desk.open(Kelp.exercise(EQUATION)));
        for (Step step : steps) {
            history = history.apply(step.edit());
        }
        HandIn handIn = HandIn.of(history.present(), Optional.of(Pace.of(steps, 1_700_000_120)));
        Path file = folder.resolve("ida.handin");
        HandInFile.write(handIn, steps, file);
        assertThat(HandInFile.steps(file, DecimalMark.POINT)).isEqualTo(steps);
        assertThat(HandInFile.read(file)).isEqualTo(new Result.Done<>(handIn));
        assertThat(HandInFile.script(file)).isEqualTo(new Result.Done<>(handIn.script()));
        assertThat(handIn.pace().orElseThrow().worked()).isEqualTo(100);
        assertThat(problems("hand-in", ((Result.Done<Archive>) Archive.read(file)).value().entries().get("work.json"))).isEmpty();
    }

    @Test
    void stepsThatCannotBeReadAreLeftOut() throws IOException {
        Path file = folder.resolve("ida.handin");
        HandInFile.write(HandIn.of(Desk.open(Kelp.exercise(EQUATION))),
                List.of(new Step(1, new Edit.Name("Ida")), new Step(2, new Edit.Undo())), file);
        Map<String, String> entries = new HashMap<>(((Result.Done<Archive>) Archive.read(file)).value().entries());
        entries.put("steps.jsonl", entries.get("steps.jsonl").replace("undo", "fly"));
        new Archive(entries).write(file, Archive.MOST_BYTES);
        assertThat(HandInFile.steps(file, DecimalMark.POINT)).isEmpty();
        assertThat(HandInFile.read(file)).isInstanceOf(Result.Done.class);
    }
}
