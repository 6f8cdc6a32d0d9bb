package hestra.documents.exercise;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Dates;
import hestra.data.PointChange;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.RandomEdits;
import hestra.desk.WorkEdit;
import hestra.documents.file.Archive;
import hestra.documents.file.Result;
import hestra.documents.picture.PictureFile;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.exercise.PlotRules;
import hestra.exercise.Provenance;
import hestra.feedback.KeptPoints;
import hestra.feedback.Quantity;
import hestra.figure.Frame;
import hestra.figure.Layer;
import hestra.fit.Curve;
import hestra.fit.EquationNotation;
import hestra.fit.Term;
import hestra.marking.HandIn;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.recipe.Along;
import hestra.recipe.MeanCurve;
import hestra.recipe.Oddities;
import hestra.recipe.Recipe;
import hestra.recipe.Scatter;
import hestra.task.Aid;
import hestra.task.Answer;
import hestra.task.Described;
import hestra.task.Description.Form;
import hestra.task.Kind;
import hestra.task.Kinds;
import hestra.task.Predicted;
import hestra.task.Predictions;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.Trust;
import hestra.tracing.Picture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class FilesTest {

    @TempDir
    Path folder;

    private static String refusal(Result<?> reading) {
        assertThat(reading).isInstanceOf(Result.Refused.class);
        return ((Result.Refused<?>) reading).message();
    }

    private static <T> T done(Result<T> reading) {
        assertThat(reading).isInstanceOf(Result.Done.class);
        return ((Result.Done<T>) reading).value();
    }

    /** An exercise of two parts with all kinds of blocks. */
    static Exercise rich() {
        Terms terms = Terms.of("r2", "Read R²", "“Quotes”, <tags> & ünïcode", 3).withHint("look").withWhy("It is *so*.")
                .withVerdict(Terms.Showing.AFTER_HANDING_IN);
        Exercise one = Kelp.whole().withFirst(part -> part.withBlockAt(4,
                new Block.Asked(new ReadValue(terms, Quantity.R_SQUARED, new Rounding.Significant(3))))
                .withBlockAt(0, new Block.Asked(new ReadValue(Terms.of("free", "Count", "n?", 1).withTries(0), Quantity.N,
                new Rounding.Free()))));
        DataTable other = DataTable.empty(Variable.named("width"), new Variable("mass", "claw mass", "g"), Variable.named("crab"))
                .withCell(2, 1, Cell.of("3.20", DecimalMark.POINT));
        return one.withPartAt(1, new Part("claws", "Claws & more", other, Roles.FIRST_EXPLAINS, new Provenance.ByHand(),
                Set.of(Aid.R), PlotRules.USUAL, List.of(
                new Block.Prose("text-2", "*Second* part"),
                        new Block.Illustration("picture-1", picture(), "A claw", "a claw beside a ruler"),
                new Block.Plot("figure-1", Set.of(Layer.LINE, Layer.MEAN), Optional.of(new Frame(0, 10, -1, 5)), "Drawn"),
                        new Block.Plot("figure-2", Set.of(), Optional.empty(), ""),
                new Block.Printed("table-1", "As printed"), new Block.Formula("formula-1", "b = r · sy / sx"),
                new Block.Asked(new ReadValue(Terms.of("n2", "Count", "n?", 1), Quantity.N, new Rounding.Places(0))))));
    }

    private static Picture picture() {
        return ((Result.Done<Picture>) PictureFile.of(new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB))).value();
    }

    private static HandIn handIn() {
        Desk desk = Desk.open(rich())
                .apply(new WorkEdit.ChangeTable(new TableEdit.Type(4, 0, "10")))
                .apply(new WorkEdit.ChangeTable(new TableEdit.Type(4, 1, "7..2"))).apply(new Edit.Check("enter"))
                .apply(new WorkEdit.ChangeTable(new TableEdit.SetAside(Kelp.SLIP_ROW, "misread, \"surely\"")))
                .apply(new Edit.Check("slip"))
                .apply(new Edit.Draft("read", new Answer.Typed("0.52"))).apply(new Edit.Check("read"))
                .apply(new Edit.Draft("describe", Described.NOTHING.with(Form.CURVED)))
                .apply(new Edit.Draft("explain", new Answer.Sentence("It grows."))).apply(new Edit.Check("explain"))
                .apply(new Edit.Draft("predict", new Predictions(List.of(new Predicted("4.0",
                Optional.of(Trust.TRUSTED)),
                        new Predicted("12.3", Optional.of(Trust.DOUBTED)))))).apply(new Edit.Check("predict"))
                .apply(new WorkEdit.ChangeTable(new TableEdit.Name(1, new Variable("length", "how long", "mm"))))
                .apply(new Edit.Name("Ida Fenn"));
        return HandIn.of(desk);
    }

    private Path zip(Map<String, String> entries) throws IOException {
        Path file = folder.resolve("made.hestra");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            for (Map.Entry<String, String> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue().getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        }
        return file;
    }

    @Test
    void anExerciseReadsBackAsItWasWritten() throws IOException {
        Path file = folder.resolve("kelp.hestra");
        ExerciseFile.write(rich(), file);
        assertThat(done(ExerciseFile.read(file))).isEqualTo(rich());
        Exercise comma = Exercise.ofOnePart("c", "t", "", "", "", Kelp.table().withCell(0, 1, Cell.of("3,1", DecimalMark.COMMA)),
                rich().first().roles(), List.of(), Set.of(), DecimalMark.COMMA);
        ExerciseFile.write(comma, file);
        assertThat(done(ExerciseFile.read(file))).isEqualTo(comma);
        ExerciseFile.write(Exercise.blank("b"), file);
        assertThat(done(ExerciseFile.read(file))).isEqualTo(Exercise.blank("b"));
    }

    @Test
    void writingAgainLeavesNothingBehindAndTheFileIsTheSameToTheByte() throws IOException {
        Path file = folder.resolve("kelp.hestra");
        ExerciseFile.write(rich(), file);
        byte[] first = Files.readAllBytes(file);
        ExerciseFile.write(rich(), file);
        assertThat(Files.readAllBytes(file)).isEqualTo(first);
        try (var files = Files.list(folder)) {
            assertThat(files).containsExactly(file);
        }
    }

    @Test
    void aHandInReadsBackAsItWasWritten() throws IOException {
        Path file = folder.resolve(HandInFile.fileName(handIn()));
        HandInFile.write(handIn(), file);
        assertThat(done(HandInFile.read(file))).isEqualTo(handIn());
        assertThat(file.getFileName().toString()).isEqualTo("Kelp, Ida Fenn.handin");
    }

    @Test
    void aNameThatIsNoFileNameStillGivesOne() {
        HandIn odd = new HandIn("../../a/b\\c:d*?" + "x".repeat(300), rich(), Map.of("part-1", Kelp.table()), Map.of());
        assertThat(HandInFile.fileName(odd)).doesNotContain("/").endsWith(HandInFile.ENDING);
        HandIn hindi = HandIn.of(Desk.open(Kelp.whole()).apply(new Edit.Name("\u0915\u093f".repeat(60))));
        assertThat(HandInFile.fileName(hindi).getBytes(StandardCharsets.UTF_8).length)
                .as("names of files are bounded in bytes").isLessThan(255);
    }

    @Test
    void whatIsWrittenFollowsThePublishedSchemas() throws IOException {
        Path exercise = folder.resolve("kelp.hestra");
        ExerciseFile.write(rich(), exercise);
        assertThat(problems("exercise", done(Archive.read(exercise)).entries().get("exercise.json"))).isEmpty();
        Path work = folder.resolve("ida.handin");
        HandInFile.write(handIn(), work);
        assertThat(problems("hand-in", done(Archive.read(work)).entries().get("work.json"))).isEmpty();
        assertThat(problems("exercise", "{\"format\":\"hestra-exercise\",\"version\":1}")).isNotEmpty();
    }

    /** An exercise made by a recipe with everything in it, its columns put to every use. */
    private static Exercise made(Along along, MeanCurve truth) {
        Recipe recipe = new Recipe(-3, 12, along, truth, new Scatter(Scatter.Shape.HEAVY_TAILED, 0.5, true),
                OptionalDouble.of(0.4),
                new Oddities(2, 4.5, Optional.of(new Oddities.FarPoint(70, -3)), 1), 3, 2.5, 1, 3);
        DataTable table = DataTable.empty(Variable.named("x").withPossible(Optional.of(new Variable.Limits(-1.5, 70))),
                Variable.ofDates("y", new Dates("2024-03-01", Dates.Step.YEARS)), Variable.named("name"),
                Variable.named("group"), Variable.named("times"));
        return Exercise.blank("made").withFirst(part -> part.withColumns(table,
                new Roles(0, 1, OptionalInt.of(2), OptionalInt.of(3), OptionalInt.of(4)), new Provenance.Made(recipe)))
                .withFirst(part -> part.withRules(PlotRules.USUAL.with(PointChange.MOVE, false)
                .with(new EquationNotation(false, true, EquationNotation.Base.E))));
    }

    @Test
    void recipesAndUsesOfColumnsReadBackAndFollowTheSchema() throws IOException {
        List<Exercise> all = List.of(made(new Along.Steps(1, 0.5), MeanCurve.line(1, 2)),
                made(new Along.Between(1, 9), new MeanCurve(new Curve.Wave(), List.of(1.0, 2.0, 3.0, 0.5))),
                made(new Along.About(5, 1), new MeanCurve(new Curve.OwnTerms(List.of(Term.ONE, Term.ROOT)), List.of(1.0, 2.0))),
                made(new Along.Between(1, 9), new MeanCurve(new Curve.Exponential(Curve.FittedOn.LOGARITHMS),
                        List.of(1.0, 2.0))));
        Path file = folder.resolve("made.hestra");
        for (Exercise exercise : all) {
            ExerciseFile.write(exercise, file);
            assertThat(done(ExerciseFile.read(file))).isEqualTo(exercise);
            assertThat(problems("exercise", done(Archive.read(file)).entries().get("exercise.json"))).isEmpty();
        }
    }

    @Test
    void aFileFromBeforeColumnsHadMoreUsesStillOpens() throws IOException {
        Path file = folder.resolve("kelp.hestra");
        ExerciseFile.write(rich(), file);
        Map<String, String> entries = new LinkedHashMap<>(done(Archive.read(file)).entries());
        String before = entries.get("exercise.json").replaceAll(",\\s*\"(label|group|count|possible|dates|provenance|rules|"
                + "frame|round|more|how|curve|row|at|level|hints|why|paper|printed|ground|asked|band|shows)\" : null", "");
        assertThat(before).doesNotContain("null");
        entries.put("exercise.json", before);
        assertThat(done(ExerciseFile.read(zip(entries)))).isEqualTo(rich());
    }

    @Test
    void whatOlderFilesLeaveOutIsAsItWasThen() throws IOException {
        Task read = Kelp.read(Quantity.SLOPE, new Rounding.Places(2));
        Exercise exercise = Kelp.exercise(read.with(read.terms().opening(Terms.Opening.GIVEN).withPlaying(Terms.Playing.NEW_DATA)
                .withCounting(Terms.Counting.LAST))).withFirst(part -> part.withRules(part.rules().with(KeptPoints.HALF)
                .with(part.rules().form().with(EquationNotation.Base.E))));
        Path file = folder.resolve("kelp.hestra");
        ExerciseFile.write(exercise, file);
        assertThat(done(ExerciseFile.read(file))).isEqualTo(exercise);
        Map<String, String> entries = new LinkedHashMap<>(done(Archive.read(file)).entries());
        entries.put("exercise.json", entries.get("exercise.json")
                .replaceAll(",\\s*\"(opening|afterwards|kept|base|playing|counting)\" : \"[a-z-]+\"", ""));
        assertThat(entries.get("exercise.json")).doesNotContain("afterwards", "opening", "kept", "base", "playing", "counting");
        assertThat(done(ExerciseFile.read(zip(entries))))
                .isEqualTo(Kelp.exercise(read.with(read.terms().withAfterwards(Terms.Afterwards.HINT))));
    }

    @Test
    void aTaskOfEveryKindReadsBackAndFollowsTheSchema() throws IOException {
        Path file = folder.resolve("kinds.hestra");
        ExerciseFile.write(Kelp.ofEveryKind(), file);
        assertThat(done(ExerciseFile.read(file))).isEqualTo(Kelp.ofEveryKind());
        assertThat(problems("exercise", ExerciseFile.entries(Kelp.ofEveryKind()).get("exercise.json"))).isEmpty();
    }

    @Test
    void whatIsOfAKindThatIsNotKnownIsKeptAndNeverDroppedOnSaving() throws IOException {
        Path file = folder.resolve("kelp.hestra");
        ExerciseFile.write(Kelp.exercise(Kelp.explain()), file);
        Map<String, String> entries = new LinkedHashMap<>(done(Archive.read(file)).entries());
        String strange = "{\"kind\":\"task\",\"task\":{\"kind\":\"sing-it\",\"terms\":{\"id\":\"song\"},"
                + "\"verses\":3,\"notes\":[null,1.5]}}";
        entries.put("exercise.json", entries.get("exercise.json")
                .replaceFirst("\"blocks\" : \\[", "\"blocks\" : [" + Matcher.quoteReplacement(strange
                        + ",{\"kind\":\"film\",\"id\":\"film-1\",\"seconds\":12},")));
        Exercise read = done(ExerciseFile.read(zip(entries)));
        assertThat(read.blocks()).extracting(Block::id).startsWith("song", "film-1").contains("explain");
        assertThat(read.blocks().getFirst().inWords()).isEqualTo("\u201csing-it\u201d, of a kind that is not known here");
        ExerciseFile.write(read, file);
        assertThat(done(Archive.read(file)).entries().get("exercise.json").replaceAll("\\s+", "")).contains(strange)
                .contains("\"kind\":\"film\",\"id\":\"film-1\",\"seconds\":12");
        assertThat(done(ExerciseFile.read(file))).isEqualTo(read);
        entries.put("exercise.json", entries.get("exercise.json").replace("\"id\":\"song\"", "\"id\":7.5e3"));
        assertThat(ExerciseFile.read(zip(entries))).as("an id of another shape is an id all the same")
                .isInstanceOf(Result.Done.class);
    }

    @Test
    void everyKindOfTaskStandsInTheSchemaAndInTheGuide() throws IOException {
        String schema = Files.readString(Path.of("..", "docs", "formats", "exercise.schema.json"));
        String guide = Files.readString(Path.of("..", "docs", "guide-for-instructors.md"));
        for (Kind kind : Kinds.ALL) {
            assertThat(schema).contains("\"const\": \"" + kind.code() + "\"");
            assertThat(guide).contains("| " + kind.title() + " |");
        }
    }

    private static Set<?> problems(String schema, String json) throws IOException {
        String text = Files.readString(Path.of("..", "docs", "formats", schema + ".schema.json"));
        JsonSchema validator = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(text);
        return validator.validate(json, InputFormat.JSON);
    }

    @Test
    void whatIsNoArchiveIsRefusedKindly() throws IOException {
        assertThat(refusal(ExerciseFile.read(folder.resolve("none.hestra")))).contains("not there");
        assertThat(refusal(ExerciseFile.read(folder))).contains("folder");
        Path text = Files.writeString(folder.resolve("text.hestra"), "just text");
        assertThat(refusal(ExerciseFile.read(text))).contains("not a Hestra file");
        Path empty = Files.createFile(folder.resolve("empty.hestra"));
        assertThat(refusal(ExerciseFile.read(empty))).contains("not a Hestra file");
    }

    @ParameterizedTest
    @ValueSource(strings = {"../outside.txt", "/etc/kelp", "a/../../b", "..\\up", "C:\\kelp", "C:kelp"})
    void aPathOutOfTheArchiveIsRefused(String name) throws IOException {
        assertThat(refusal(ExerciseFile.read(zip(Map.of(name, "x"))))).contains("outside itself");
    }

    @Test
    void anArchiveThatUnpacksToTooMuchIsRefusedWithoutUnpackingIt() throws IOException {
        Path file = folder.resolve("bomb.hestra");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            zip.putNextEntry(new ZipEntry("exercise.json"));
            byte[] zeros = new byte[1 << 20];
            for (int i = 0; i < 140; i++) {
                zip.write(zeros);
            }
        }
        assertThat(Files.size(file)).isLessThan(1 << 20);
        assertThat(refusal(ExerciseFile.read(file))).contains("128 MB");
    }

    @Test
    void tooManyFilesAndDirectoriesAreCounted() throws IOException {
        Map<String, String> many = new TreeMap<>();
        for (int i = 0; i < 200; i++) {
            many.put("file" + i, "x");
        }
        assertThat(refusal(ExerciseFile.read(zip(many)))).contains("too many");
        Map<String, String> folders = new TreeMap<>();
        for (int i = 0; i < 200; i++) {
            folders.put("folder" + i + "/", "");
        }
        assertThat(refusal(ExerciseFile.read(zip(folders)))).contains("too many");
    }

    @Test
    void aFolderWithContentsIsCountedLikeAFile() throws IOException {
        Path file = folder.resolve("made.hestra");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            zip.putNextEntry(new ZipEntry("folder/"));
            byte[] zeros = new byte[1 << 20];
            for (int i = 0; i < 140; i++) {
                zip.write(zeros);
            }
        }
        assertThat(refusal(ExerciseFile.read(file))).contains("128 MB");
    }

    @Test
    void whatWouldBeTooLargeToBeOpenedAgainIsNotSavedAndSaysSo() throws IOException {
        Path file = Files.writeString(folder.resolve("large.hestra"), "as it was");
        List<Row> wordy = Collections.nCopies(200, Row.of(Cell.of("x".repeat(400_000), DecimalMark.POINT)));
        assertThatThrownBy(() -> ExerciseFile.write(Kelp.exercise()
                .withFirst(part -> part.withData(Kelp.table().withRows(wordy))), file))
                .isInstanceOf(IOException.class).hasMessageContaining("76 MB").hasMessageContaining("56 MB");
        List<Variable> columns = IntStream.range(0, 200).mapToObj(i -> Variable.named("v" + i)).toList();
        DataTable wide = new DataTable(columns, Collections.nCopies(20_100, Row.of(Cell.of("1", DecimalMark.POINT))));
        assertThatThrownBy(() -> ExerciseFile.write(Kelp.exercise().withFirst(part -> part.withData(wide)), file))
                .isInstanceOf(IOException.class).hasMessageContaining("4000000");
        assertThat(file).hasContent("as it was");
    }

    @Test
    void aSavedExerciseEqualsItsCopyWhateverItsRowsLackAtTheirEnds() throws IOException {
        DataTable ragged = Kelp.table().withCell(4, 1, Cell.EMPTY).withCell(2, 0, Cell.EMPTY).withCell(2, 1, Cell.EMPTY)
                .withCell(7, 0, Cell.of("12", DecimalMark.POINT));
        RandomEdits edits = new RandomEdits(5);
        Path file = folder.resolve("copy.hestra");
        Exercise exercise = Kelp.whole().withFirst(part -> part.withData(ragged));
        for (int i = 0; i < 200; i++) {
            ExerciseFile.write(exercise, file);
            assertThat(((Result.Done<Exercise>) ExerciseFile.read(file)).value()).isEqualTo(exercise);
            exercise = exercise.withFirst(part -> part.withTableEdited(edits.table(part.data()), DecimalMark.POINT));
        }
    }

    @Test
    void aNewerFormatAsksForANewerHestra() throws IOException {
        String json = ExerciseFile.entries(rich()).get("exercise.json").replace("\"version\" : 2", "\"version\" : 7");
        assertThat(refusal(ExerciseFile.read(zip(Map.of("exercise.json", json, "data-1.csv", "days,length\n")))))
                .contains("newer Hestra").contains("7");
        String other = json.replace("hestra-exercise", "something-else");
        assertThat(refusal(ExerciseFile.read(zip(Map.of("exercise.json", other, "data-1.csv", ""))))).contains("not an exercise");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "\"read-value\" | \"explain\"", "\"slope\" | \"slant\"", "\"tries\" : 3 | \"tries\" : 99",
                "\"marks\" : 2 | \"marks\" : null",
        "\"count\" : 2 | \"count\" : -4", "\"title\" : \"Kelp\" | \"title\" : null", "\"title\" : \"Kelp\", | ''",
        "\"explanatory\" : 0 | \"explanatory\" : 9", "\"explanatory\" : 0 | \"explanatory\" : 1", "\"held\" | \"unheard\"",
        "\"at\" : [ 4.0 | \"at\" : [ 1e999", "} | ",
    })
    void damagedJsonIsRefusedWithoutAStackTrace(String from, String to) throws IOException {
        String json = ExerciseFile.entries(rich()).get("exercise.json");
        String damaged = json.replaceFirst(Pattern.quote(from), to == null ? "" : Matcher.quoteReplacement(to));
        assertThat(damaged).isNotEqualTo(json);
        Map<String, String> entries = new LinkedHashMap<>(ExerciseFile.entries(rich()));
        entries.put("exercise.json", damaged);
        assertThat(refusal(ExerciseFile.read(zip(entries)))).contains("made.hestra").contains("damaged");
    }

    @Test
    void deeplyNestedJsonIsRefused() throws IOException {
        assertThat(refusal(ExerciseFile.read(zip(Map.of("exercise.json", "[".repeat(100_000), "data-1.csv", "")))))
                .contains("damaged");
    }

    @Test
    void aMissingPartIsNamed() throws IOException {
        Map<String, String> entries = ExerciseFile.entries(rich());
        assertThat(refusal(ExerciseFile.read(zip(Map.of("exercise.json", entries.get("exercise.json")))))).contains("data-1.csv");
        assertThat(refusal(HandInFile.read(zip(entries)))).contains("work.json");
        assertThat(refusal(ExerciseFile.read(zip(Map.of("exercise.json", entries.get("exercise.json"), "data-1.csv",
                "a,b,c\n1,2,3\n"))))).contains("columns");
    }

    @Test
    void anyByteThatIsLostOrChangedIsNoticedOrHarmless() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        Path file = folder.resolve("ida.handin");
        HandInFile.write(handIn(), file);
        bytes.write(Files.readAllBytes(file));
        Random random = new Random(7);
        for (int i = 0; i < 400; i++) {
            byte[] changed = bytes.toByteArray();
            if (i % 2 == 0) {
                changed[random.nextInt(changed.length)] ^= (byte) (1 << random.nextInt(8));
            } else {
                changed = Arrays.copyOf(changed, random.nextInt(changed.length));
            }
            try (OutputStream out = Files.newOutputStream(file)) {
                out.write(changed);
            }
            switch (HandInFile.read(file)) {
                case Result.Refused<HandIn>(String message) -> assertThat(message).contains("ida.handin");
                case Result.Done<HandIn>(HandIn value) -> assertThat(value).isEqualTo(handIn());
            }
        }
    }

    @Test
    void aHandInOfOwnDataKeepsItsColumns() throws IOException {
        DataTable own = new DataTable(List.of(Variable.named("stone"), new Variable("depth", "", "m"), Variable.named("shells")),
                List.of(Row.of(Cell.of("A", DecimalMark.POINT), Cell.of("2", DecimalMark.POINT),
                        Cell.of("14", DecimalMark.POINT))));
        HandIn handIn = HandIn.of(Desk.open(Exercise.blank("own")).apply(new WorkEdit.BringColumns(own, new Roles(1, 2)))
                .apply(new Edit.Name("Ida Fenn")));
        Path file = folder.resolve("own.handin");
        HandInFile.write(handIn, file);
        assertThat(HandInFile.read(file)).isEqualTo(Result.done(handIn));
        assertThat(handIn.tables().values()).containsExactly(own);
    }
}
