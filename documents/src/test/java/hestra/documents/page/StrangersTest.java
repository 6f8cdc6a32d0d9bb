package hestra.documents.page;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import hestra.desk.Desk;
import hestra.desk.History;
import hestra.desk.Session;
import hestra.documents.exercise.Gradebook;
import hestra.documents.exercise.HandIns;
import hestra.documents.exercise.HestraFile;
import hestra.documents.exercise.MarksFile;
import hestra.documents.exercise.Strangers;
import hestra.documents.file.Archive;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.exercise.ClassList;
import hestra.exercise.Exercise;
import hestra.figure.Layout;
import hestra.figure.ScatterPlot;
import hestra.marking.ClassKey;
import hestra.marking.ClassResult;
import hestra.marking.ClassWork;
import hestra.marking.Marking;
import hestra.variants.Variants;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Files in which one value or a few are as far out as a value can be: whatever a reader accepts of them can be shown, printed,
 * varied, marked and given back. {@code -Dhestra.strangers} says how many of each sort, {@code -Dhestra.seed} which.
 */
class StrangersTest {

    private static final int EACH = Integer.getInteger("hestra.strangers", 2);
    private static final long SEED = Long.getLong("hestra.seed", 20_261_201);
    private static final String DATE = "3 May 2026";
    private static final int ON_PAPER = 10;
    /** Of so many of a sort some are accepted. */
    private static final int MANY = 50;

    private static final List<String> NUMBERS = List.of("0", "-1", "1", "2", "15", "32", "400", "2147483647", "-2147483648",
            "9223372036854775807", "253402300799", "0.5", "-0.0", "1e-320", "1e308", "-1e308", "1e15", "99999999999999999999");
    private static final List<String> TEXTS = List.of("", " ", "x", "𝔘𝔫".repeat(60), "क्षि".repeat(40), "<b>&amp;{slope}",
            "{r} and {nothing}", "\u202Eright to left", "a\nb", "=1+1", "1e308", "−1e308", "1e-320", "CON", "../../x",
            "long ".repeat(2_000),
            "2024-02-30", "00000000", "true", "$x^2$", "# A heading", "|a|b|", "\uFFFF");

    @TempDir
    private Path folder;

    private final ObjectMapper mapper = new ObjectMapper();
    private final Random random = new Random(SEED);
    private final List<String> failures = new ArrayList<>();
    private int allAccepted;

    /** What is done with a file that may be read; whether it was. */
    @FunctionalInterface
    private interface Use {
        boolean of(Path file, int number) throws IOException;
    }

    private static void places(JsonNode node, String at, List<String> places) {
        if (node.isObject()) {
            node.properties().forEach(field -> places(field.getValue(), at + "/" + field.getKey(), places));
        } else if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                places(node.get(i), at + "/" + i, places);
            }
        }
        if (!at.isEmpty() && (!node.isContainerNode() || node.isArray())) {
            places.add(at);
        }
    }

    private JsonNode other(JsonNode value) throws IOException {
        if (value.isArray()) {
            ArrayNode changed = value.deepCopy();
            if (!changed.isEmpty() && random.nextBoolean()) {
                changed.remove(random.nextInt(changed.size()));
            } else if (!changed.isEmpty()) {
                changed.add(changed.get(random.nextInt(changed.size())));
            }
            return changed;
        } else if (value.isNumber()) {
            return mapper.readTree(NUMBERS.get(random.nextInt(NUMBERS.size())));
        } else if (value.isBoolean()) {
            return mapper.valueToTree(!value.asBoolean());
        }
        return random.nextInt(6) == 0 ? mapper.nullNode() : mapper.valueToTree(TEXTS.get(random.nextInt(TEXTS.size())));
    }

    private void change(JsonNode tree) throws IOException {
        List<String> places = new ArrayList<>();
        places(tree, "", places);
        String at = places.get(random.nextInt(places.size()));
        JsonNode parent = tree.at(at.substring(0, at.lastIndexOf('/')));
        String name = at.substring(at.lastIndexOf('/') + 1);
        JsonNode other = other(tree.at(at));
        if (parent instanceof ObjectNode object) {
            object.set(name, other);
        } else if (parent instanceof ArrayNode array) {
            array.set(Integer.parseInt(name), other);
        }
    }

    /** A file like a good one, in which one value to three are others. */
    private Path changed(Path good, String ending) throws IOException {
        Path file = folder.resolve("one" + ending);
        if (MarksFile.ENDING.equals(ending)) {
            List<String> lines = new ArrayList<>(Files.readAllLines(good));
            int line = random.nextInt(lines.size());
            JsonNode tree = mapper.readTree(lines.get(line));
            change(tree);
            lines.set(line, tree.toString());
            return Files.write(file, lines);
        }
        Map<String, String> entries = new LinkedHashMap<>(((Result.Done<Archive>) Archive.read(good)).value().entries());
        for (int i = 1 + random.nextInt(3); i > 0; i--) {
            List<String> names = entries.keySet().stream().filter(name -> name.endsWith(".json")).toList();
            String name = names.get(random.nextInt(names.size()));
            JsonNode tree = mapper.readTree(entries.get(name));
            change(tree);
            entries.put(name, tree.toString());
        }
        new Archive(entries).write(file, Archive.MOST_BYTES);
        return file;
    }

    private void shown(Desk desk, int number) throws IOException {
        Session session = Session.of(History.of(desk));
        ScatterPlot.describe(session.findings().plot(), new Layout(600, 400, 1));
        session.findings().curves().prediction();
        Exercise exercise = desk.exercise();
        Page page = exercise.isStudy() ? StudyPage.of(desk, "Ida Fenn", DATE) : WriteUp.of(session.findings(), DATE);
        assertThat(HtmlPage.of(page)).contains("<html");
        if (number % ON_PAPER == 0) {
            PageFile.write(page, Paper.A4, folder.resolve("one.pdf"));
            PageFile.write(page, Paper.A4, folder.resolve("one.odt"));
        }
        if (!exercise.isStudy() && number % ON_PAPER == 1) {
            Handout.write(exercise, List.of(Variants.draw(exercise, 0), Variants.draw(exercise, 1)), List.of(), Paper.A4,
                    folder.resolve("handout.pdf"), Progress.UNWATCHED);
            Handout.writeKey(exercise, List.of(Variants.draw(exercise, 1)), Paper.A4, folder.resolve("key.pdf"),
                    Progress.UNWATCHED);
        }
    }

    private boolean opened(Path file, int number) throws IOException {
        if (HestraFile.read(file) instanceof Result.Done<Desk>(Desk desk)) {
            shown(desk, number);
            return true;
        }
        return false;
    }

    /** Marks the one hand-in of a folder and gives it back; its copy of the exercise is the key, for want of another. */
    private boolean givenBack(Optional<Exercise> own, Marking marking, Path handIns, boolean paper) throws IOException {
        if (!(HandIns.ofFolder(handIns, own, _ -> marking) instanceof Result.Done<ClassWork>(ClassWork work))) {
            return false;
        }
        Gradebook.csv(work, ClassList.NONE);
        HtmlPage.of(ClassPage.of(ClassResult.of(work), DATE, true));
        EnumSet<GiveBack.Form> forms = paper ? EnumSet.allOf(GiveBack.Form.class) : EnumSet.of(GiveBack.Form.HTML);
        GiveBack.Written written = new GiveBack(work, ClassKey.of(work.exercise()), true, DATE)
                .write(handIns, folder.resolve("back"), forms, Paper.A4, Progress.UNWATCHED);
        assertThat(written.failures()).isEmpty();
        return !work.roll().students().isEmpty();
    }

    private void tried(String sort, Path good, String ending, Use use) throws IOException {
        assertThat(use.of(Files.copy(good, folder.resolve("one" + ending), StandardCopyOption.REPLACE_EXISTING), 0))
                .as(sort + " as it is").isTrue();
        int accepted = 0;
        for (int i = 0; i < EACH; i++) {
            Path file = changed(good, ending);
            try {
                accepted += use.of(file, i) ? 1 : 0;
            } catch (Exception | AssertionError | StackOverflowError | OutOfMemoryError e) {
                Path kept = Files.copy(file, Files.createTempDirectory("hestra-stranger").resolve(file.getFileName()));
                failures.add(sort + " " + i + ", kept as " + kept + ": " + e.toString().lines().limit(6)
                        .toList() + " at " + List.of(e.getStackTrace()).subList(0, Math.min(6, e.getStackTrace().length)));
            }
        }
        if (EACH > 1_000) {
            System.out.printf("strangers, %s: %d, %d of them accepted%n", sort, EACH, accepted);
        }
        allAccepted += accepted;
        assertThat(EACH < MANY || accepted > 0).as(sort + " that are accepted").isTrue();
    }

    @Test
    void whateverIsAcceptedCanBeShownPrintedMarkedAndGivenBack() throws IOException {
        Path hands = Files.createDirectories(folder.resolve("hands"));
        tried("studies", Strangers.study(folder), ".hestra", this::opened);
        tried("exercises of parts", Strangers.exercise(folder), ".hestra", this::opened);
        tried("copies", Strangers.copy(folder), ".hestra", this::opened);
        Exercise own = Strangers.marked();
        tried("hand-ins, by their own copies", Strangers.handIn(folder), ".handin", (file, number) -> {
            Files.copy(file, hands.resolve("one.handin"), StandardCopyOption.REPLACE_EXISTING);
            return givenBack(Optional.empty(), Marking.none(own.id()), hands, number % ON_PAPER == 0);
        });
        tried("hand-ins", Strangers.handIn(folder), ".handin", (file, number) -> {
            Files.copy(file, hands.resolve("one.handin"), StandardCopyOption.REPLACE_EXISTING);
            return givenBack(Optional.of(own), Marking.none(own.id()), hands, number % ON_PAPER == 0);
        });
        Files.copy(Strangers.handIn(folder), hands.resolve("one.handin"), StandardCopyOption.REPLACE_EXISTING);
        tried("markings", Strangers.marking(folder), MarksFile.ENDING,
                (file, number) -> MarksFile.read(file) instanceof Result.Done<MarksFile>(MarksFile read)
                && givenBack(Optional.of(own), read.marking(), hands, number % ON_PAPER == 0));
        assertThat(failures).isEmpty();
        assertThat(allAccepted).as("so many are accepted, of all sorts").isGreaterThan(EACH);
    }
}
