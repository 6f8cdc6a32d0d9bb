package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import hestra.Kelp;
import hestra.data.DataTable;
import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.documents.file.Archive;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.exercise.ClassList;
import hestra.exercise.Copy;
import hestra.exercise.Exercise;
import hestra.exercise.Issue;
import hestra.exercise.Provenance;
import hestra.exercise.Varying;
import hestra.exercise.Wish;
import hestra.feedback.Quantity;
import hestra.feedback.Reading;
import hestra.fit.Curve;
import hestra.marking.ClassWork;
import hestra.marking.Marking;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.recipe.MeanCurve;
import hestra.recipe.Parameter;
import hestra.recipe.Range;
import hestra.recipe.Recipe;
import hestra.recipe.Sample;
import hestra.task.Answer;
import hestra.task.NumberQuestion;
import hestra.task.Question;
import hestra.task.Terms;
import hestra.variants.Copies;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** From an exercise to a folder of copies, and from the copies back to marks. */
class PublicationTest {

    @TempDir
    private Path folder;

    private static <T> T done(Result<T> reading) {
        assertThat(reading).isInstanceOf(Result.Done.class);
        return ((Result.Done<T>) reading).value();
    }

    /** Everything that can be said about variants; its recipe has a slope of 2.7183 that stands nowhere else. */
    private static Exercise varied() {
        Recipe recipe = Recipe.simple().with(MeanCurve.line(5, 2.7183));
        Exercise plain = Kelp.exercise(Kelp.read(Quantity.N, new Rounding.Places(0)));
        Sample sample = ((Sample.Done) Sample.of(recipe, plain.first().x(), plain.first().y(), DecimalMark.POINT)).sample();
        Varying varying = new Varying(Varying.Way.NEW_DATA,
                List.of(new Range(Parameter.B, 2.5, 2.9), new Range(Parameter.PAIRS, 20, 24)), 3,
                List.of(new Varying.Telling("days (days)", "")),
                List.of(new Wish.Between(Reading.of(Quantity.R), OptionalDouble.of(0.9), OptionalDouble.empty()),
                        new Wish.Better(new Curve.Line(), new Curve.ThroughOrigin(), -1), new Wish.KeysClear(),
                        new Wish.MistakesTold()));
        return plain.withFirst(part -> part.withHeld(Set.of())
                .withColumns(sample.table(), sample.roles(), new Provenance.Made(recipe)).with(varying));
    }

    private static Set<?> problems(String json) throws IOException {
        String schema = Files.readString(Path.of("..", "docs", "formats", "exercise.schema.json"));
        return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(schema).validate(json, InputFormat.JSON);
    }

    @Test
    void whatIsSaidAboutVariantsAndEditionsReadsBackAndFollowsTheSchema() throws IOException {
        Exercise published = new ExerciseEdit.Publish(Copies.edition(varied(), 30))
                .appliedTo(new ExerciseEdit.DrawAnew(7).appliedTo(varied().with(Issue.NONE.withSeed(-4))));
        Path file = folder.resolve("kelp.hestra");
        ExerciseFile.write(published, file);
        assertThat(done(ExerciseFile.read(file))).isEqualTo(published);
        String json = done(Archive.read(file)).entries().get("exercise.json");
        assertThat(problems(json)).isEmpty();
        assertThat(json).contains("\"version\" : 4");
        ExerciseFile.write(Kelp.whole(), file);
        assertThat(done(Archive.read(file)).entries().get("exercise.json")).as("what an earlier Hestra can open stays so")
                .contains("\"version\" : 2").doesNotContain("issue", "differing", "copy");
    }

    @Test
    void everyCopyOpensFollowsTheSchemaAndHasItsOwnData() throws IOException {
        Publication publication = Publication.write(varied(), new Publication.Readers.Count(12), folder, Progress.UNWATCHED);
        assertThat(publication.missed()).isEmpty();
        assertThat(publication.files().stream().map(file -> file.getFileName().toString()))
                .startsWith("Kelp, variant 01.hestra", "Kelp, variant 02.hestra").hasSize(12);
        Set<DataTable> tables = new HashSet<>();
        for (int k = 1; k <= 12; k++) {
            Path file = publication.files().get(k - 1);
            Exercise copy = done(ExerciseFile.read(file));
            assertThat(copy.copy()).contains(new Copy(k, 1, "", Map.of()));
            tables.add(copy.first().data());
            assertThat(problems(done(Archive.read(file)).entries().get("exercise.json"))).isEmpty();
        }
        assertThat(tables).hasSize(12);
    }

    @Test
    void nothingOfAKeySetByHandOrOfTheRecipeStandsInACopy() throws IOException {
        Question word = new Question(Terms.of("word", "A word", "What is left over?", 1), Question.Sort.SHORT_TEXT, List.of(),
                true, List.of("the zymurgite"));
        Question one = new Question(Terms.of("one", "Which?", "Which one?", 1), Question.Sort.ONE,
                List.of(new Question.Option("up", true, ""), new Question.Option("down", false, "Quixotic, it goes up.")), true,
                List.of());
        NumberQuestion number = new NumberQuestion(Terms.of("number", "How many?", "How many?", 1), 48151.62,
                new Rounding.Places(2), "");
        Exercise exercise = varied().withFirst(part -> part.withTasks(List.of(word, one, number)));
        ExerciseFile.write(exercise, folder.resolve("own.hestra"));
        String own = String.join("\n", done(Archive.read(folder.resolve("own.hestra"))).entries().values());
        assertThat(own).contains("zymurgite", "48151.62", "2.7183", "Quixotic", "new-data");
        Path file = Publication.write(exercise, new Publication.Readers.Named(ClassList.of(List.of("Ida Fenn"))), folder,
                Progress.UNWATCHED).files().getFirst();
        String text = String.join("\n", done(Archive.read(file)).entries().values());
        assertThat(text).contains("Ida Fenn", "seals")
                .doesNotContain("zymurgite", "48151", "2.7183", "Quixotic", "new-data", "recipe", "seed", "\"right\" : true");
        assertThat(problems(done(Archive.read(file)).entries().get("exercise.json"))).isEmpty();
    }

    @Test
    void namesMakeSafeFileNamesAndAGradebook() throws IOException {
        List<String> names = List.of("Ida Fenn", "ida fenn", "Tavi/Roon", "../..", "\ud83e\udd80", "=cmd()", "x".repeat(300));
        Publication publication = Publication.write(varied(), new Publication.Readers.Named(ClassList.of(names)), folder,
                Progress.UNWATCHED);
        assertThat(publication.files().stream().map(file -> file.getFileName().toString()))
                .startsWith("Kelp, Ida Fenn.hestra", "Kelp, ida fenn (2).hestra", "Kelp, Tavi_Roon.hestra",
                        "Kelp, student.hestra", "Kelp, student (2).hestra");
        assertThat(publication.files()).allSatisfy(file -> {
            assertThat(file.getParent()).isEqualTo(folder);
            assertThat(file.getFileName().toString().length()).isLessThan(120);
            assertThat(done(ExerciseFile.read(file)).copy().orElseThrow().name()).isNotBlank();
        });
        assertThat(Files.readString(folder.resolve("for the instructor").resolve("gradebook.csv")))
                .startsWith("name,variant,Read,total\nIda Fenn,1,,\n").contains("'=cmd(),6,,\n");
    }

    @Test
    void oneForAllHasNoVariantAndTheDataAsTheyStand() throws IOException {
        Path file = Publication.write(varied(), new Publication.Readers.All(), folder, Progress.UNWATCHED).files().getFirst();
        assertThat(file.getFileName()).hasToString("Kelp.hestra");
        assertThat(done(ExerciseFile.read(file)).first().data()).isEqualTo(varied().first().data());
    }

    @Test
    void stoppedItLeavesWhatWasWritten() {
        assertThatThrownBy(() -> Publication.write(varied(), new Publication.Readers.Count(9), folder, share -> share < 0.3))
                .isInstanceOf(Progress.Stopped.class);
        assertThat(folder.toFile().list()).hasSize(3);
    }

    @Test
    void handInsOfCopiesAreMarkedByTheInstructorsOwnExercise() throws IOException {
        Publication publication = Publication.write(varied(), new Publication.Readers.Count(4), folder.resolve("copies"),
                Progress.UNWATCHED);
        Exercise own = new ExerciseEdit.Publish(publication.edition()).appliedTo(varied());
        Path hands = Files.createDirectory(folder.resolve("hands"));
        for (int k = 1; k <= 4; k++) {
            Exercise copy = done(ExerciseFile.read(publication.files().get(k - 1)));
            int n = copy.first().data().size();
            Worked.handIn(copy, hands.resolve(k + ".handin"),
                    new Edit.Draft("read", new Answer.Typed(Integer.toString(k == 2 ? n + 1 : n))), new Edit.Check("read"),
                    new Edit.Name("student " + k));
        }
        ClassWork work = marked(hands, Optional.of(own));
        assertThat(totals(work)).containsExactly(2.0, 0.0, 2.0, 2.0);
        assertThat(work.roll().students().getFirst().handedIn().note()).isEqualTo("Variant 1 of edition 1.");
        Exercise changed = own.withFirst(part -> part.withTasks(List.of(Kelp.read(Quantity.SLOPE, new Rounding.Places(2)))));
        assertThat(totals(marked(hands, Optional.of(changed)))).as("by the edition they had").containsExactly(2.0, 0.0, 2.0, 2.0);
        assertThat(marked(hands, Optional.of(varied())).roll().students().getFirst().handedIn().note())
                .isEqualTo("Variant 1 of edition 1. Your exercise no longer holds this edition; marked with it as it is now.");
        assertThat(totals(marked(hands, Optional.empty()))).as("without it by their own copies")
                .containsExactly(2.0, 0.0, 2.0, 2.0);
    }

    private static ClassWork marked(Path hands, Optional<Exercise> own) {
        return done(HandIns.ofFolder(hands, own, exercise -> Marking.none(exercise.id())));
    }

    private static List<Double> totals(ClassWork work) {
        return work.roll().students().stream().map(work::total).toList();
    }
}
