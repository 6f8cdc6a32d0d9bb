package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import hestra.Kelp;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.WorkEdit;
import hestra.documents.file.Archive;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.exercise.ClassList;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.marking.ClassWork;
import hestra.marking.Marking;
import hestra.marking.Student;
import hestra.numbers.Rounding;
import hestra.task.Answer;
import hestra.task.Described;
import hestra.task.Description;
import hestra.task.Hint;
import hestra.task.Task;
import hestra.task.Terms;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Hand-ins that somebody has changed by a script: each field of a real one, in each of several ways. Whatever that does, it never
 * raises the marks without a word, and never takes the place of the real one.
 */
class ForgedTest {

    private static final String FORGED = "forged.handin";
    /** Of each field so many are tried; the campaign tries them all. */
    private static final int MOST_OF_A_SORT = Integer.getInteger("hestra.forgeries", 1);

    @TempDir
    private Path folder;

    private final ObjectMapper mapper = new ObjectMapper();

    private static Exercise exercise() {
        Task slope = Kelp.read(Quantity.SLOPE, new Rounding.Places(2));
        Task hinted = slope.with(slope.terms().withHelps(List.of(new Hint("Look at the readings.", 1))).withTries(2));
        Task r = Kelp.read(Quantity.R, new Rounding.Places(3)).with(Terms.of("r", "Read r", "What is r?", 2).withTries(2));
        return Kelp.exercise(Kelp.enter(1), Kelp.roles(), Kelp.describe(), hinted, r, Kelp.predict(4, 20));
    }

    /** Work with mistakes in it: half of the marks, in all ways in which they are lost. */
    private static List<Edit> work() {
        return List.of(new Edit.Name("Ida Fenn"),
                new Edit.InPart("part-1", new WorkEdit.ChangeTable(new TableEdit.Type(4, 0, "10"))),
                        new Edit.InPart("part-1", new WorkEdit.ChangeTable(new TableEdit.Type(4, 1, "2.7"))),
                        new Edit.Check("enter"),
                new Edit.InPart("part-1", new WorkEdit.ChooseRoles(Roles.FIRST_EXPLAINS)), new Edit.Check("roles"),
                new Edit.Draft("describe", Described.NOTHING.with(Description.Direction.RISING)
                        .with(Description.Form.CURVED).with(Description.Strength.WEAK).with(Description.Unusual.ONE)),
                        new Edit.Check("describe"),
                new Edit.TakeHint("read"), new Edit.Draft("read", new Answer.Typed("0.52")), new Edit.Check("read"),
                new Edit.Draft("r", new Answer.Typed("0.5")), new Edit.Check("r"),
                new Edit.InPart("part-1", new WorkEdit.ChangeTable(new TableEdit.SetAside(List.of(1), "I think so"))),
                new Edit.Draft("r", new Answer.Typed("0.7")), new Edit.Check("r"));
    }

    private static <T> T done(Result<T> result) {
        assertThat(result).isInstanceOf(Result.Done.class);
        return ((Result.Done<T>) result).value();
    }

    private static Path handIn(Exercise copy, Path file) throws IOException {
        return Worked.handIn(copy, file, work().stream()
                .map(edit -> edit instanceof Edit.InPart(String _, Edit.Local local)
                        ? new Edit.InPart(copy.first().id(), local) : edit).toArray(Edit[]::new));
    }

    private ClassWork marked(Path hands, Exercise own) {
        return done(HandIns.ofFolder(hands, Optional.of(own), it -> Marking.none(it.id())));
    }

    /** The places of all simple values and lists in a tree, each as a pointer. */
    private static void places(JsonNode node, String at, Set<String> places) {
        if (node.isObject()) {
            places.add(at);
            node.properties().forEach(field -> places(field.getValue(), at + "/" + field.getKey(), places));
        } else if (node.isArray()) {
            places.add(at);
            for (int i = 0; i < node.size(); i++) {
                places(node.get(i), at + "/" + i, places);
            }
        } else {
            places.add(at);
        }
    }

    /** What a script would put in the place of a value. */
    private List<JsonNode> others(JsonNode value) {
        List<JsonNode> all = new ArrayList<>();
        if (value.isTextual()) {
            List.of("", "0.52", "0.998", "Tavi Roon", "straight", "strong", "none", "7.2", "true", "A")
                    .forEach(text -> all.add(mapper.valueToTree(text)));
        } else if (value.isNumber()) {
            List.of(0, 1, 2, 99, 253_402_300_799L, -1).forEach(number -> all.add(mapper.valueToTree(number)));
        } else if (value.isBoolean()) {
            all.add(mapper.valueToTree(!value.asBoolean()));
        } else if (value.isArray() && value.size() > 0) {
            all.add(mapper.createArrayNode());
            ArrayNode twice = value.deepCopy();
            twice.addAll((ArrayNode) value.deepCopy());
            all.add(twice);
            ArrayNode first = mapper.createArrayNode();
            first.add(value.get(0));
            all.add(first);
            ArrayNode last = mapper.createArrayNode();
            last.add(value.get(value.size() - 1));
            all.add(last);
        } else if (value.isObject()) {
            all.add(mapper.createObjectNode());
        }
        all.add(mapper.nullNode());
        all.removeIf(value::equals);
        return all;
    }

    private static JsonNode replaced(JsonNode tree, String at, JsonNode value) {
        JsonNode copy = tree.deepCopy();
        JsonNode parent = copy.at(at.substring(0, at.lastIndexOf('/')));
        String name = at.substring(at.lastIndexOf('/') + 1);
        if (parent instanceof ObjectNode object) {
            object.set(name, value);
        } else if (parent instanceof ArrayNode array) {
            array.set(Integer.parseInt(name), value);
        }
        return copy;
    }

    /** All changed forms of an entry of a hand-in, by what was changed. */
    private Map<String, String> changed(String name, String text) throws IOException {
        Map<String, String> all = new LinkedHashMap<>();
        if (name.endsWith(".json")) {
            JsonNode tree = mapper.readTree(text);
            Set<String> places = new LinkedHashSet<>();
            places(tree, "", places);
            for (String at : places) {
                if (!at.isEmpty()) {
                    int which = 0;
                    for (JsonNode other : others(tree.at(at))) {
                        all.put(name + at + " #" + which++, mapper.writeValueAsString(replaced(tree, at, other)));
                    }
                }
            }
        } else {
            List<String> lines = text.lines().toList();
            all.put(name + " emptied", "");
            for (int i = 0; i < lines.size(); i++) {
                List<String> without = new ArrayList<>(lines);
                without.remove(i);
                all.put(name + " without line " + (i + 1), String.join("\n", without) + "\n");
                List<String> other = new ArrayList<>(lines);
                other.set(i, lines.get(i).replace("2.7", "7.2").replace("0.7", "0.998").replace("curved", "straight")
                        .replace("weak", "strong").replace("one", "none").replace("1", "2"));
                all.put(name + " with another line " + (i + 1), String.join("\n", other) + "\n");
            }
        }
        return all;
    }

    @Test
    void aChangedHandInNeverRaisesMarksWithoutAWordNorTakesTheRealOnesPlace() throws IOException {
        ClassList list = ClassList.of(List.of("Ida Fenn", "Tavi Roon", "Pim Oster"));
        Publication publication = Publication.write(exercise(), new Publication.Readers.Named(list), folder.resolve("copies"),
                Progress.UNWATCHED);
        Exercise own = new ExerciseEdit.Publish(publication.edition()).appliedTo(exercise());
        Path hands = Files.createDirectories(folder.resolve("hands"));
        Path real = handIn(done(ExerciseFile.read(publication.files().getFirst())), hands.resolve("real.handin"));
        ClassWork before = marked(hands, own);
        Student ida = before.roll().students().getFirst();
        double marks = before.total(ida);
        assertThat(ida.doubts()).as("the real one").isEmpty();
        assertThat(marks).isGreaterThan(2).isLessThan(own.marks() / 2.0);

        Map<String, String> entries = done(Archive.read(real)).entries();
        Map<String, Integer> sorts = new TreeMap<>();
        List<String> silent = new ArrayList<>();
        int raised = 0;
        for (Map.Entry<String, String> entry : entries.entrySet()) {
            for (Map.Entry<String, String> change : changed(entry.getKey(), entry.getValue()).entrySet()) {
                String sort = change.getKey().replaceAll("/\\d+", "").replaceAll(" (#|without|with).*", "");
                if (sorts.merge(sort, 1, Integer::sum) > MOST_OF_A_SORT) {
                    continue;
                }
                Map<String, String> forged = new TreeMap<>(entries);
                forged.put(entry.getKey(), change.getValue());
                new Archive(order(entries, forged)).write(hands.resolve(FORGED), Archive.MOST_BYTES);
                ClassWork work = marked(hands, own);
                boolean stands = work.roll().students().stream()
                        .anyMatch(it -> it.handedIn().file().equals("real.handin") && work.total(it) == marks);
                Optional<Student> other = work.roll().students().stream()
                        .filter(it -> it.handedIn().file().equals(FORGED)).findFirst();
                boolean more = other.filter(it -> work.total(it) > marks).isPresent();
                raised += more ? 1 : 0;
                if (more && other.get().doubts().isEmpty() || other.isPresent() && !stands && work.total(other.get()) != marks) {
                    silent.add(change.getKey() + ": " + other.map(it -> work.total(it) + " " + it.handedIn().note()).orElse(""));
                }
            }
        }
        assertThat(silent).as("raised without a word, or in the place of the real one").isEmpty();
        assertThat(sorts.keySet()).as("sorts of fields").hasSizeGreaterThan(50);
        assertThat(raised).as("forgeries that would have paid").isPositive();
    }

    private static Map<String, String> order(Map<String, String> as, Map<String, String> entries) {
        Map<String, String> ordered = new LinkedHashMap<>();
        as.keySet().forEach(name -> ordered.put(name, entries.get(name)));
        return ordered;
    }
}
