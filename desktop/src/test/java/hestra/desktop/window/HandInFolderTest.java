package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;

import hestra.data.Row;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desktop.demo.OrrinBay;
import hestra.documents.exercise.HandInFile;
import hestra.documents.exercise.MarksFile;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import hestra.marking.ClassWork;
import hestra.marking.HandIn;
import hestra.marking.Marking;
import hestra.marking.MarkingKey;
import hestra.marking.Pace;
import hestra.marking.Replay;
import hestra.marking.Student;
import hestra.task.Answer;
import hestra.task.Attempt;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** What is in a folder of hand-ins, what comes and goes, and what is given back. */
class HandInFolderTest extends MarkedClass {

    private static final int FEW = 4;

    /** A hand-in under somebody's name with another answer, later than the real one; and one from a time that has not come. */
    private static void forge(Path hands, String name, String answer, long handedIn) throws IOException {
        Path file = hands.resolve("Kelp blades, " + name + ".handin");
        HandIn real = ((Result.Done<HandIn>) HandInFile.read(file)).value();
        Map<String, List<Attempt>> answers = new HashMap<>(real.attempts());
        answers.put("slope", List.of(new Attempt(new Answer.Typed(answer), Set.of())));
        HandIn forged = new HandIn(name, real.exercise(), real.tables(), answers, real.works(), 1, real.pace()
                .map(it -> new Pace(it.begun(), handedIn, it.worked(), it.checks())));
        HandInFile.write(forged, HandInFile.steps(file, KELP.mark()), hands.resolve("again, " + name + ".handin"));
    }

    /**
     * The real ones stand beside the forged ones, whatever those claim, until the marker says which counts; other decisions and
     * another marker's stay what they are.
     */
    @Test
    void forgedHandInsTakeNobodysPlace() throws IOException {
        Path hands = handIns();
        long later = ((Result.Done<HandIn>) HandInFile.read(hands.resolve("Kelp blades, Runa Feld.handin"))).value().pace()
                .orElseThrow().handedIn() + 60;
        forge(hands, "Runa Feld", "0.98", later);
        forge(hands, "Ida Fenn", "7", 253_402_300_799L);
        Path other = folder.resolve("other.marks");
        new MarksFile("Kelp blades", given(Marking.none(KELP.id()), hands, "r", 1, "bo"), List.of()).write(other);
        try (Person person = opened(hands)) {
            person.until("the steps have been gone through", () -> work(person).roll().students().stream()
                    .filter(it -> !it.doubts().isEmpty()).count() == 2);
            assertThat(work(person).roll().students()).hasSize(28);
            assertThat(work(person).award(student(work(person), "Ida Fenn (1)"), "slope").marks()).isEqualTo(2);
            Student forged = work(person).roll().students().stream()
                    .filter(it -> it.handedIn().file().equals("again, Runa Feld.handin")).findFirst().orElseThrow();
            assertThat(forged.doubts()).containsExactly("Its steps do not lead to its answers: task 5.");
            person.willChoose(other);
            person.choose("menu", "Put a marking in…");
            person.click("mark-tab-class");
            for (int i = 0; i < 2; i++) {
                person.click("doubt-out-0");
            }
            ClassWork work = work(person);
            assertThat(work.roll().students()).hasSize(26);
            assertThat(work.award(student(work, "Ida Fenn"), "slope").marks()).isEqualTo(2);
            assertThat(work.award(student(work, "Runa Feld"), "slope").marks()).as("x on y at the only try, as it was").isZero();
            assertThat(work.award(student(work, "Ida Fenn"), "r").marks()).as("what the other marker gave").isEqualTo(1);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(work(person).roll().students()).as("leaving one out is taken back like anything else").hasSize(27);
            person.click("doubt-counts-0");
            assertThat(work(person).roll().students()).as("it is theirs: the later one counts").hasSize(26);
        }
    }

    @Test
    void whatComesLaterJoinsAndWhatGoesLeaves() throws IOException {
        Path hands = handIns();
        Path late = hands.resolve("Kelp blades, Mara Tind.handin");
        Path elsewhere = folder.resolve("elsewhere.handin");
        Files.move(late, elsewhere);
        try (Person person = opened(hands)) {
            assertThat(work(person).roll().students()).hasSize(25);
            Files.move(elsewhere, late);
            person.until("the hand-in that came later", () -> work(person).roll().students().size() >= 26);
            assertThat(work(person).roll().students()).hasSize(26);
        }
    }

    @Test
    void aFolderIsDroppedAndHandInsThatAreDroppedLaterJoinBesideThoseOfTheSameName() throws IOException {
        Path hands = handIns();
        Path mara = hands.resolve("Kelp blades, Mara Tind.handin");
        Path elsewhere = Files.createDirectory(folder.resolve("mail")).resolve(mara.getFileName());
        Files.move(mara, elsewhere);
        try (Person person = Person.at(KELP, folder.resolve("state"))) {
            person.drop(hands);
            assertThat(person.view()).isEqualTo(MainWindow.View.MARK);
            assertThat(work(person).roll().students()).hasSize(25);
            Path other = Files.createDirectory(folder.resolve("other")).resolve("Kelp blades, Ida Fenn.handin");
            Files.copy(hands.resolve("Kelp blades, Pim Oster.handin"), other);
            person.drop(elsewhere, other);
            person.drop(elsewhere);
            assertThat(mara).exists();
            assertThat(hands.resolve("Kelp blades, Ida Fenn (2).handin")).as("not written over").hasSameBinaryContentAs(other);
            assertThat(hands.resolve("Kelp blades, Mara Tind (2).handin")).as("there already").doesNotExist();
            person.until("the hand-in that came later", () -> work(person).roll().students().size() >= 26);
            assertThat(work(person).roll().students()).hasSize(26);
        }
    }

    @Test
    void fromStartTheExerciseIsFoundAmongRecentWorkOrTakenFromTheHandIns() throws IOException {
        Path hands = handIns();
        try (Person person = Person.atStart(folder.resolve("empty"))) {
            person.willChoose(hands);
            person.click("start-mark");
            person.settle();
            assertThat(person.view()).isEqualTo(MainWindow.View.MARK);
            assertThat(person.text("notice")).contains("marked by the copy that it holds");
            assertThat(work(person).roll().students()).hasSize(26);
            assertThat(work(person).award(student(work(person), "Runa Feld"), "slope").marks()).isZero();
            person.click("give-back");
            assertThat(person.text("notice")).contains("Open your own exercise first");
        }
    }

    /**
     * A hand-in of another exercise, first by its name, decides nothing: what is open is marked, and else the person says what.
     */
    @Test
    void whatIsMarkedIsTheInstructorsChoice() throws IOException {
        Path hands = handIns();
        Exercise other = OrrinBay.sets().get(1).exercise();
        HandInFile.write(HandIn.of(Desk.open(other).apply(new Edit.Name("A stranger"))), hands.resolve("aaa.handin"));
        try (Person person = opened(hands)) {
            assertThat(person.window().model().desk().exercise().id()).isEqualTo(KELP.id());
            assertThat(work(person).roll().students()).hasSize(26);
        }
        try (Person person = Person.atStart(folder.resolve("empty"))) {
            person.willChoose(hands);
            person.click("start-mark");
            person.settle();
            assertThat(person.text("notice")).contains("are work on several exercises. Which exercise is to be marked?");
            assertThat(person.text("choice-0")).isEqualTo("“Kelp blades” (27)");
            assertThat(person.text("choice-1")).endsWith("(1)");
            person.click("choice-0");
            person.settle();
            assertThat(work(person).roll().students()).hasSize(26);
        }
        try (Person person = Person.at(OrrinBay.sets().getLast().exercise(), folder.resolve("third"))) {
            person.click("view-mark");
            person.willChoose(hands);
            person.click("mark-choose");
            person.settle();
            assertThat(person.text("notice")).contains("None of the hand-ins in hands is work on");
            assertThat(person.window().model().desk().exercise().id()).as("nothing is gone over to by itself")
                    .isEqualTo(OrrinBay.sets().getLast().exercise().id());
        }
    }

    /** What lies beneath the hand-ins may go: a stick that is pulled out leaves an empty folder, or none. */
    @Test
    void aFolderThatIsGoneLosesNothing() throws IOException {
        Path hands = handIns();
        Path away = folder.resolve("away");
        try (Person person = opened(hands)) {
            Files.move(hands, away);
            person.until("it is missed", () -> person.text("notice").startsWith("The hand-ins are no longer in"));
            person.press(KeyCode.DIGIT3);
            person.settle();
            assertThat(work(person).roll().students()).hasSize(26);
            assertThat(hands).as("it is not made anew").doesNotExist();
            Files.createDirectory(hands);
            person.pause();
            assertThat(work(person).roll().students()).as("an empty place is no class without work").hasSize(26);
            Files.delete(hands);
            Files.move(away, hands);
            Files.delete(hands.resolve("Kelp blades, Runa Feld.handin"));
            person.until("it goes on", () -> work(person).roll().students().size() == 25);
        }
        assertThat(((Result.Done<MarksFile>) MarksFile.read(ofWindow())).value().marking().all()).isNotEmpty();
    }

    @Test
    void aFolderWithNothingInItWaits() throws IOException {
        Path empty = Files.createDirectory(folder.resolve("nothing"));
        Files.writeString(empty.resolve("notes.txt"), "not a hand-in");
        try (Person person = opened(empty)) {
            assertThat(person.text("notice")).contains("There are no hand-ins in");
            assertThat(work(person).roll().students()).isEmpty();
            person.press(KeyCode.DIGIT3);
            person.press(KeyCode.ENTER);
            person.press(KeyCode.SPACE);
            person.click("mark-tab-by-student");
            person.click("mark-tab-class");
            assertThat(person.text("class-words")).isEqualTo("No work has come in yet.");
        }
    }

    @Test
    void everythingIsGivenBack() throws IOException {
        Path hands = handIns();
        Path out = folder.resolve("back");
        try (Person person = opened(hands)) {
            person.press(KeyCode.DIGIT3);
            person.click("give-back");
            assertThat(person.text("give-unread")).contains("still to be read");
            person.click("give-csv");
            person.willChoose(out);
            person.click("give-write");
            person.settle();
            assertThat(person.text("notice")).contains("29 files in");
        }
        String page = Files.readString(out.resolve("Kelp blades, Runa Feld.html"));
        assertThat(page).contains("Runa Feld").contains("The answer: 0.87").contains("<svg");
        assertThat(Files.readString(out.resolve("Kelp blades, marks.csv")).lines().findFirst().orElseThrow())
                .startsWith("name,").endsWith("total,of,note");
        assertThat(Files.readString(out.resolve("Kelp blades, class.html"))).contains("variables the wrong way round");
        assertThat(Files.size(out.resolve("Kelp blades, marks.xlsx"))).isPositive();
    }

    /** In one file, each student's pages on sheets of their own, so that both sides can be printed. */
    @Test
    void theClassIsGivenBackInOneFileForBothSides() throws IOException {
        Path out = folder.resolve("together");
        Set<String> names = new HashSet<>();
        Path hands = handIns();
        try (Stream<Path> files = Files.list(hands)) {
            for (Path file : files.sorted().skip(FEW).toList()) {
                Files.delete(file);
            }
        }
        try (Person person = opened(hands)) {
            work(person).roll().students().forEach(it -> names.add(it.name()));
            person.press(KeyCode.DIGIT3);
            person.click("give-back");
            person.click("give-html");
            person.click("give-xlsx");
            person.click("give-class");
            assertThat(person.sees("give-both-sides")).isFalse();
            person.click("give-together");
            assertThat(person.sees("give-both-sides")).isTrue();
            assertThat(person.sees("give-paper")).isTrue();
            person.willChoose(out);
            person.click("give-write");
            person.settle();
            assertThat(person.text("notice")).contains("1 file in");
        }
        try (PDDocument all = Loader.loadPDF(out.resolve("Kelp blades, all pages.pdf").toFile())) {
            PDFTextStripper reader = new PDFTextStripper();
            Set<String> begun = new HashSet<>();
            for (int page = 1; page <= all.getNumberOfPages(); page++) {
                reader.setStartPage(page);
                reader.setEndPage(page);
                String text = reader.getText(all);
                Optional<String> begins = names.stream().filter(text::contains).filter(begun::add).findFirst();
                assertThat(begins.isEmpty() || page % 2 == 1).as("%s begins on page %d", begins, page).isTrue();
            }
            assertThat(begun).hasSize(FEW).isEqualTo(names);
            assertThat(all.getNumberOfPages() % 2).as("the last sheet has two sides too").isZero();
        }
    }

    @Test
    void theStepsOfAHandInEndWhereItEnds() throws IOException {
        try (Stream<Path> files = Files.list(handIns())) {
            Map<String, Boolean> same = files.filter(file -> HandInFile.read(file) instanceof Result.Done)
                    .collect(Collectors.toMap(file -> file.getFileName().toString(), HandInFolderTest::endsWhereItEnds));
            assertThat(same).hasSize(27).allSatisfy((_, ends) -> assertThat(ends).isTrue());
        }
    }

    private static boolean endsWhereItEnds(Path file) {
        var handIn = ((Result.Done<HandIn>) HandInFile.read(file)).value();
        var replay = Replay.of(MarkingKey.of(KELP), HandInFile.steps(file, KELP.mark()));
        var end = replay.moments().getLast().desk();
        return replay.whole() && end.work().attempts().equals(handIn.attempts())
                && end.work().part(KELP.first()).table()
                .withRows(end.work().part(KELP.first()).table().rows().stream().map(row -> row.givenAs(Row.OWN)).toList())
                .equals(handIn.tables().get(KELP.first().id()));
    }
}
