package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

import com.fasterxml.jackson.databind.JsonNode;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import hestra.Kelp;
import hestra.chance.Play;
import hestra.chance.Watched;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.desk.ChanceEdit;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.OwnSheet;
import hestra.desk.PlotEdit;
import hestra.desk.SheetEdit;
import hestra.desk.Step;
import hestra.desk.WorkEdit;
import hestra.documents.file.Archive;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import hestra.figure.Layer;
import hestra.figure.Slot;
import hestra.fit.Curve;
import hestra.numbers.DecimalMark;
import hestra.task.Keepable;
import hestra.working.CalculationLine;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

class StudyFileTest {

    private static final OwnSheet.Spot END = OwnSheet.Spot.before(99);

    @TempDir
    private Path folder;

    private static Desk blank() {
        return Desk.open(Exercise.study("reeds", "Reeds", DecimalMark.POINT));
    }

    /** A study with something of everything on its sheet. */
    static Desk rich() {
        Desk desk = blank();
        for (Edit edit : List.of(new WorkEdit.BringColumns(Kelp.table(), Roles.FIRST_EXPLAINS),
                new ExerciseEdit.WriteTexts("Reeds", "", "Do they?"), new SheetEdit.Write(END, "One *two*.", Optional.empty()),
                new SheetEdit.Keep(END, Keepable.FIGURE, false), new SheetEdit.Caption("note-2", "Before.", Optional.empty()),
                        new WorkEdit.ChangeTable(new TableEdit.SetAside(List.of(2), "odd")),
                new PlotEdit.AddCurve(new Curve.Polynomial(2)), new PlotEdit.ReadAt(OptionalDouble.of(7.5)),
                        new PlotEdit.Pin(List.of(3.0, 20.0)), new PlotEdit.ShowLayer(Layer.SQUARES, true),
                new ChanceEdit.PlayChance(Play.SHUFFLE, 4127), new ChanceEdit.Draw(200),
                new ChanceEdit.Watch(new Watched.FittedAt(7.5)),
                new PlotEdit.ShowDigits(OptionalInt.of(6)), new PlotEdit.TakeInHand(Slot.LINE),
                        new SheetEdit.WriteLine(0, CalculationLine.typed("q = slope * 2"), Optional.empty()),
                new SheetEdit.KeepLine(END, CalculationLine.typed("q = slope * 2")))) {
            desk = desk.apply(edit);
        }
        for (Keepable what : Keepable.values()) {
            desk = desk.apply(new SheetEdit.Keep(END, what, what == Keepable.FIGURE));
        }
        return desk;
    }

    private static <T> T done(Result<T> result) {
        assertThat(result).isInstanceOf(Result.Done.class);
        return ((Result.Done<T>) result).value();
    }

    private static String refusal(Result<?> result) {
        return ((Result.Refused<?>) result).message();
    }

    private static List<String> problems(String schema, String json) throws IOException {
        String text = Files.readString(Path.of("..", "docs", "formats", schema + ".schema.json"));
        return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(text).validate(Json.tree(json)).stream()
                .map(it -> it.getMessage()).toList();
    }

    @Test
    void aStudyReadsBackWithAllThatWasKept() throws IOException {
        Path file = folder.resolve("reeds.hestra");
        for (Desk desk : List.of(rich(), blank(), blank().apply(new WorkEdit.ChangeTable(new TableEdit.Type(0, 0, "3"))))) {
            HestraFile.write(desk, file);
            assertThat(done(HestraFile.read(file))).isEqualTo(desk);
        }
    }

    @Test
    void anExerciseIsReadAsItIsFoundByAStudent() throws IOException {
        Path file = folder.resolve("kelp.hestra");
        HestraFile.write(Desk.open(Kelp.whole()).apply(new Edit.Name("Ida")), file);
        assertThat(done(HestraFile.read(file))).isEqualTo(Desk.open(Kelp.whole()));
        assertThat(done(ExerciseFile.read(file))).isEqualTo(Kelp.whole());
    }

    @Test
    void whatIsWrittenFollowsThePublishedSchemas() throws IOException {
        Path file = folder.resolve("reeds.hestra");
        HestraFile.write(rich(), file);
        Map<String, String> entries = done(Archive.read(file)).entries();
        assertThat(problems("exercise", entries.get("exercise.json"))).isEmpty();
        assertThat(problems("study", entries.get("study.json"))).isEmpty();
        assertThat(problems("study", entries.get("study.json").replace("\"figure\"", "\"photo\""))).isNotEmpty();
    }

    @Test
    void aTableThatIsKeptManyTimesStandsInTheFileOnce() throws IOException {
        Path file = folder.resolve("reeds.hestra");
        HestraFile.write(rich(), file);
        JsonNode study = Json.tree(done(Archive.read(file)).entries().get("study.json"));
        assertThat(study.path("work").path("tables")).as("the data before a row was set aside, and since").hasSize(2);
        HestraFile.write(rich().apply(new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "9")))
                .apply(new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "3.1"))), file);
        assertThat(Json.tree(done(Archive.read(file)).entries().get("study.json")).path("work").path("tables"))
                .as("one that is the same again").hasSize(2);
    }

    @Test
    void aNewerStudyAndADamagedOneAreRefusedInWords() throws IOException {
        Path file = folder.resolve("reeds.hestra");
        HestraFile.write(rich(), file);
        Map<String, String> entries = done(Archive.read(file)).entries();
        assertThat(refusal(read(entries, "\"version\" : 1", "\"version\" : 2"))).contains("newer Hestra").contains("Update");
        assertThat(refusal(read(entries, "\"hestra-study\"", "\"other\""))).contains("not a study");
        assertThat(refusal(read(entries, "\"table\" : 1", "\"table\" : 7"))).contains("damaged");
        assertThat(refusal(read(entries, "\"caption\" : \"Before.\"", "\"caption\" : ")))
                .contains("damaged").contains("study.json");
        assertThat(refusal(read(entries, "\"note-2\"", "\"note-1\""))).contains("damaged");
        Map<String, String> without = new LinkedHashMap<>(entries);
        without.remove("study.json");
        new Archive(without).write(file, Archive.MOST_BYTES);
        assertThat(refusal(HestraFile.read(file))).contains("study.json");
    }

    private Result<Desk> read(Map<String, String> entries, String what, String by) throws IOException {
        Map<String, String> changed = new LinkedHashMap<>(entries);
        assertThat(entries.get("study.json")).contains(what);
        changed.put("study.json", entries.get("study.json").replace(what, by));
        Path file = folder.resolve("changed.hestra");
        new Archive(changed).write(file, Archive.MOST_BYTES);
        return HestraFile.read(file);
    }

    @Test
    void anEarlierHestraSeesThatAStudyIsNewerThanItself() throws IOException {
        Path file = folder.resolve("reeds.hestra");
        HestraFile.write(blank(), file);
        assertThat(Json.tree(done(Archive.read(file)).entries().get("exercise.json")).path("version").asInt()).isEqualTo(3);
        HestraFile.write(Desk.open(Kelp.whole()), file);
        assertThat(Json.tree(done(Archive.read(file)).entries().get("exercise.json")).path("version").asInt())
                .as("exercises are written as before").isEqualTo(2);
    }

    @Test
    void aJournalGoesOnFromTheStudyThatWasOpened() throws IOException {
        Path journal = folder.resolve("reeds.jsonl");
        Desk opened = rich();
        Desk later;
        try (JournalFile file = JournalFile.open(journal, opened).journal()) {
            Edit edit = new SheetEdit.Write(END, "Later.", Optional.empty());
            file.add(new Step(0, edit));
            later = opened.apply(edit);
        }
        JournalFile.Opened again = JournalFile.open(journal, opened);
        again.journal().close();
        assertThat(again.trouble()).isEmpty();
        assertThat(again.history().present()).isEqualTo(later);
        // The file was saved with the newest work, and is opened with the same journal.
        JournalFile.Opened saved = JournalFile.open(journal, later);
        saved.journal().close();
        assertThat(saved.history().present()).isEqualTo(later);
        assertThat(saved.trouble()).isEmpty();
        // The file was worked on elsewhere: this journal knows nothing of that.
        Desk elsewhere = later.apply(new SheetEdit.Write(END, "Elsewhere.", Optional.empty()));
        JournalFile.Opened other = JournalFile.open(journal, elsewhere);
        other.journal().close();
        assertThat(other.history().present()).isEqualTo(elsewhere);
        assertThat(other.trouble().orElseThrow()).contains("has changed since you worked on it");
        assertThat(JournalFile.look(journal).orElseThrow().now()).isEqualTo(elsewhere);
    }
}
