package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;

import hestra.Kelp;
import hestra.desk.OwnSheet;
import hestra.desk.SheetEdit;
import hestra.desktop.demo.KelpBlades;
import hestra.desktop.parts.KeyLine;
import hestra.desktop.parts.Names;
import hestra.desktop.speech.SpokenControl;
import hestra.desktop.tour.FxThread;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.task.Keepable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** Where the keyboard goes when what has it is made anew or goes, and what holds it. */
class KeyboardTest {

    private static final Path SOURCES = Stream.of("src/main/java", "../desktop/src/main/java", "../../desktop/src/main/java")
            .map(Path::of).filter(Files::isDirectory).findFirst().orElseThrow();
    private static final Pattern COMBINATION = Pattern.compile("(?:KeyCombination\\.valueOf|GridKey\\.of|[A-Z_]{3,}|entry)"
            + "\\((?:\"[^\"\n]*\", )?\"((?:Shortcut|Alt|Shift)\\+[^\"]+|F\\d+)\"");

    @TempDir
    private Path folder;

    private static Exercise three() {
        return Kelp.exercise(Kelp.describe(), Kelp.read(Quantity.SLOPE, new Rounding.Places(2)), Kelp.explain());
    }

    private static void addByKeys(Person person, String what) throws IOException {
        person.focus("write-heading");
        person.press(KeyCode.ENTER);
        person.type(what);
        person.press(KeyCode.ENTER);
    }

    @Test
    void whatIsAddedInWriteTakesTheKeyboard() throws IOException {
        try (Person person = Person.at(three(), folder)) {
            person.click("view-write");
            addByKeys(person, "predict");
            assertThat(person.focused()).isEqualTo("edit-title");
            person.press(KeyCode.ENTER);
            assertThat(person.view()).isEqualTo(MainWindow.View.WRITE);
            assertThat(person.focused()).isEqualTo("edit-prompt");
            addByKeys(person, "formula");
            assertThat(person.focused()).startsWith("outline-formula");
            addByKeys(person, "part");
            assertThat(person.focused()).startsWith("write-heading-part");
        }
    }

    @Test
    void whereWhatHasItIsTakenAwayItGoesToWhatStandsThere() throws IOException {
        try (Person person = Person.at(three(), folder)) {
            List<String> tasks = three().tasks().stream().map(task -> "outline-" + task.id()).toList();
            person.click("view-write");
            person.focus(tasks.get(1));
            person.press(KeyCode.DELETE);
            assertThat(person.focused()).as("never the emblem, where Enter leads away").isNotEqualTo("go-to-start")
                    .matches("outline-.*|add-.*|edit-title|write-.*");
            person.press(KeyCode.ENTER);
            assertThat(person.view()).isEqualTo(MainWindow.View.WRITE);
        }
    }

    @Test
    void whereTheWholeViewIsAnotherItGoesToTheNameOfTheView() throws IOException {
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            Optional<String> inHand = person.model().desk().task();
            FxThread.call(() -> {
                person.window().show(MainWindow.View.WRITE);
                return null;
            });
            person.settle();
            person.settle();
            assertThat(person.focused()).isEqualTo("view-write");
            assertThat(person.model().desk().task()).as("nothing is turned to by that").isEqualTo(inHand);
        }
    }

    @Test
    void aBoardHoldsTheKeyboardAndBeginsAtItsFirstField() throws IOException {
        try (Person person = Person.at(three(), folder)) {
            person.click("view-write");
            person.focus("publish");
            person.press(KeyCode.ENTER);
            assertThat(person.focused()).isEqualTo("publish-whom-one-for-all");
            Set<String> stops = new LinkedHashSet<>();
            for (int i = 0; i < 14; i++) {
                stops.add(person.focused());
                person.press(KeyCode.TAB);
            }
            assertThat(stops).contains("publish-handout", "publish-key", "publish-go", "publish-board-close")
                    .allMatch(id -> id.startsWith("publish-"));
            person.focus("publish-board-close");
            person.press(KeyCode.SHIFT, KeyCode.TAB);
            assertThat(person.focused()).startsWith("publish-");
            person.press(KeyCode.CONTROL, KeyCode.N);
            assertThat(person.sees("publish-board")).as("nothing is begun behind it").isTrue();
            assertThat(person.model().desk().exercise().tasks()).hasSize(3);
            person.press(KeyCode.ESCAPE);
            assertThat(person.focused()).isEqualTo("publish");
        }
    }

    @Test
    void keysAreFoundByTypingAndALongBoardScrollsByKeys() throws IOException {
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            person.press(KeyCode.F1);
            assertThat(person.focused()).isEqualTo("keys-find");
            person.type("insert row");
            assertThat(person.texts("key")).containsExactly("Alt+Insert");
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.type("no such thing");
            assertThat(person.sees("keys-none")).isTrue();
            person.press(KeyCode.ESCAPE);
            person.choose("menu", "How the numbers are worked out");
            person.resize(1000, 560);
            assertThat(person.isInSight("numbers-last")).isFalse();
            person.press(KeyCode.END);
            assertThat(person.isInSight("numbers-last")).isTrue();
        }
    }

    @Test
    void thePlotIsReadAndHeardByKeys() throws IOException {
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            person.focusPlot();
            person.press(KeyCode.COMMA);
            assertThat(person.text("hint")).isEqualTo("From left to right in 6 seconds");
            person.press(KeyCode.S);
            // Where there is no sound device that is said instead, a moment later.
            assertThat(person.text("hint")).containsAnyOf("Playing the points", "plays no sound");
            person.press(KeyCode.D);
            assertThat(person.sees("plot-words")).isTrue();
            assertThat(person.focused()).isEqualTo("plot-words-said");
            assertThat(person.text("plot-words-said")).startsWith("Scatter plot of");
            person.click("plot-words-copy");
            assertThat(person.clipboard()).contains("Scatter plot of", "row 1: ");
            person.press(KeyCode.ESCAPE);
            assertThat(person.focused()).isEqualTo("plot");
        }
    }

    @Test
    void theWayOutOfTheTableIsToldWhileOneIsInIt() throws IOException {
        try (Person person = Person.atStart(folder)) {
            person.copied("depth\theight\n1\t3\n2\t5\n3\t8\n");
            person.press(KeyCode.CONTROL, KeyCode.V);
            person.focus("grid");
            assertThat(person.text("table-summary")).isEqualTo("3 pairs · Ctrl+Tab leads on");
            person.press(KeyCode.CONTROL, KeyCode.TAB);
            assertThat(person.text("table-summary")).isEqualTo("3 pairs");
            person.focus("grid");
            person.press(KeyCode.DIGIT4);
            person.press(KeyCode.ENTER);
            person.focusPlot();
            assertThat(person.text("table-summary")).as("after a cell was typed").doesNotContain("Ctrl+Tab");
        }
    }

    @Test
    void thePrintedTableIsReadRowByRow() throws IOException {
        Exercise entering = Kelp.exercise(Kelp.enter(2));
        try (Person person = Person.at(entering, folder)) {
            person.focus("printed-table");
            List<String> heard = new ArrayList<>();
            for (KeyCode key : List.of(KeyCode.DOWN, KeyCode.DOWN, KeyCode.END, KeyCode.UP)) {
                person.press(key);
                heard.add(FxThread.call(() -> person.window().root().lookup("#printed-table").getAccessibleText()));
            }
            assertThat(heard).containsExactly("Row 1: days 2, length 3.1", "Row 2: days 4, length 3.9",
                    "Row 5: days 10, length 7.2", "Row 4: days 8, length 6.0");
            assertThat(person.focused()).as("arrows read, they lead nowhere").isEqualTo("printed-table");
        }
    }

    /** Of several choices it is said what is chosen by them, not the choice alone. */
    @Test
    void aChoiceIsSaidWithWhatItIsAbout() throws IOException {
        try (Person person = Person.at(Kelp.exercise(Kelp.roles()), folder)) {
            String said = FxThread.call(() -> person.window().root().lookupAll(".choice").stream()
                    .peek(Names::settle).map(SpokenControl::of).collect(Collectors.joining("; ")));
            assertThat(said).contains("days: explains, choice", "length: responds, choice");
        }
    }

    @Test
    void theMenuOpensByItsKey() throws IOException {
        try (Person person = Person.entering(KelpBlades.exercise(), folder)) {
            person.press(KeyCode.F10);
            person.chooseShown("Mouse and keys");
            assertThat(person.sees("keys")).isTrue();
        }
    }

    @Test
    void wordsTypedOnAKeptFigureAreItsCaption() throws IOException {
        Exercise study = Exercise.study("reeds", "Your data", DecimalMark.POINT);
        try (Person person = Person.at(study, folder)) {
            person.copied("depth\theight\n1\t3\n2\t5\n3\t8\n");
            person.press(KeyCode.CONTROL, KeyCode.V);
            person.apply(List.of(new SheetEdit.Keep(OwnSheet.Spot.before(9), Keepable.FIGURE, false)));
            String figure = person.model().findings().work().sheet().notes().getLast().id();
            person.focus(figure);
            person.type("our blades");
            assertThat(person.focused()).isEqualTo(figure + "-caption");
            assertThat(person.text(figure + "-caption")).isEqualTo("our blades");
        }
    }

    /** Every combination that stands in the sources is told on the board of the keys. */
    @Test
    void everyKeyIsTold() throws IOException {
        List<String> missing = new ArrayList<>();
        try (Person person = Person.entering(KelpBlades.exercise(), folder);
                Stream<Path> files = Files.walk(SOURCES)) {
            person.press(KeyCode.F1);
            Set<String> told = person.texts("key").stream().flatMap(text -> Stream.of(text.split(", ")))
                    .collect(Collectors.toSet());
            for (Path file : files.filter(it -> it.toString().endsWith(".java")).toList()) {
                COMBINATION.matcher(Files.readString(file)).results().map(found -> found.group(1)).forEach(key -> {
                    if (!told.contains(KeyLine.of(KeyCombination.valueOf(key), "").how())) {
                        missing.add(key + " in " + file.getFileName());
                    }
                });
            }
            assertThat(told).hasSizeGreaterThan(60);
        }
        assertThat(missing).isEmpty();
    }
}
