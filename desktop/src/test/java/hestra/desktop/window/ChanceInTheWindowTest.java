package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import javafx.scene.input.KeyCode;

import hestra.Kelp;
import hestra.chance.Pile;
import hestra.chance.Play;
import hestra.chance.Watched;
import hestra.desk.ChanceEdit;
import hestra.desk.ChanceInView;
import hestra.desk.ChanceState;
import hestra.desk.Edit;
import hestra.desk.Note;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.figure.Below;
import hestra.numbers.DecimalMark;
import hestra.task.Keepable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

/** What chance does, played in the window by mouse and by keys. */
class ChanceInTheWindowTest {

    private static final String ROPES = "depth (m)\tdays\n2\t22.3\n3.1\t31.8\n4.2\t20\n5.3\t25.2\n6.4\t28.9\n7.5\t38\n8.6\t30\n"
            + "9.7\t32.6\n10.8\t25.4\n11.9\t36\n13\t30.5\n14.1\t39\n15.2\t32.7\n16.3\t33.4\n";

    @TempDir
    private Path folder;

    private Person ropes() throws IOException {
        return pasted(ROPES);
    }

    private Person pasted(String data) throws IOException {
        Person person = Person.at(Exercise.study("ropes", "Ropes by the pier", DecimalMark.POINT), folder);
        person.copied(data);
        person.press(KeyCode.CONTROL, KeyCode.V);
        return person;
    }

    @ParameterizedTest
    @CsvSource({"2|3 3|3 4|3 5|3, All values of y are equal", "2|3 4|5, Two points are too few", "3|1 3|2 3|5, x"})
    void whereNothingCanBeDrawnItIsSaidWhyAndNothingCanBePressed(String pairs, String why) throws IOException {
        try (Person person = pasted("depth\tdays\n" + pairs.replace('|', '\t').replace(' ', '\n') + "\n")) {
            for (Play play : Play.values()) {
                person.apply(new ChanceEdit.PlayChance(play, 7));
                person.apply(new ChanceEdit.Draw(20));
                person.settle();
                boolean possible = person.model().findings().chance().orElseThrow().problem().isEmpty();
                assertThat(person.text("chance-watched").equals("\u2013")).as("%s, %s: there is nothing to watch", pairs, play)
                        .isEqualTo(!possible);
            }
            person.apply(new ChanceEdit.PlayChance(Play.SHUFFLE, 7));
            person.settle();
            assertThat(person.text("chance-sentence")).contains(why);
            person.click("chance-once");
            assertThat(person.sees("chance-headline")).isFalse();
        }
    }

    private static ChanceState state(Person person) {
        return person.model().findings().work().plot().chance().orElseThrow();
    }

    private static Pile pile(Person person) {
        return person.model().findings().chance().orElseThrow().asked().orElseThrow().pile();
    }

    private static void number(Person person, String number) throws IOException {
        person.click("chance-number");
        person.press(KeyCode.CONTROL, KeyCode.A);
        person.copied(number);
        person.press(KeyCode.CONTROL, KeyCode.V);
        person.press(KeyCode.ENTER);
    }

    @Test
    void aStudentShufflesOnceThenAThousandTimesAndKeepsThePile() throws IOException {
        try (Person person = ropes()) {
            assertThat(person.sees("chip-shuffle")).as("there is no room for every chip").isFalse();
            person.choose("more-layers", "Shuffle");
            assertThat(person.focused()).as("what to do next is in hand").isEqualTo("chance-once");
            assertThat(person.text("chance-sentence")).startsWith("Press Shuffle once");
            person.press(KeyCode.SPACE);
            assertThat(pile(person).draws()).isEqualTo(1);
            number(person, "4127");
            assertThat(state(person).number()).isEqualTo(4127);
            assertThat(state(person).draws()).as("another run begins with nothing").isEmpty();
            person.click("chance-thousand");
            person.until("a thousand shuffles", () -> pile(person).draws() == 1_000);
            assertThat(person.text("chance-headline")).isEqualTo(pile(person).asFar() + " of 1,000");
            assertThat(person.text("chance-sentence"))
                    .isEqualTo("shuffles gave a slope at least as far from 0 as 0.7245.");
            assertThat(person.text("chance-value-1")).isEqualTo("0.0258");
            person.click("keep-chance");
            person.rest();
            Note.Kept kept = (Note.Kept) person.model().findings().work().sheet().notes().getFirst();
            assertThat(kept.what()).isEqualTo(Keepable.CHANCE);
            assertThat(person.height(kept.id() + "-caption")).as("its caption is a line high").isLessThan(60);
            assertThat(kept.frozen().orElseThrow().plot().chance().orElseThrow().number()).isEqualTo(4127);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(state(person).draws()).as("what was drawn in one go is undone in one go").isEmpty();
        }
    }

    @Test
    void drawingIsStoppedWhereItIs() throws IOException {
        try (Person person = ropes()) {
            person.apply(new ChanceEdit.PlayChance(Play.DRAW_AGAIN, 7));
            person.settle();
            assertThat(person.sees("chance-stop")).isFalse();
            person.click("chance-thousand");
            person.until("some draws", () -> state(person).drawn() >= 3);
            person.press(KeyCode.ESCAPE);
            int stopped = state(person).drawn();
            assertThat(stopped).isLessThan(1_000);
            person.pause();
            assertThat(state(person).drawn()).isEqualTo(stopped);
            assertThat(person.sees("chance-stop")).isFalse();
        }
    }

    @Test
    void aPointThatIsDraggedHasThePileDrawnAnewOnceItStandsStill() throws IOException {
        try (Person person = ropes()) {
            person.apply(new ChanceEdit.PlayChance(Play.SHUFFLE, 7));
            person.apply(new ChanceEdit.Draw(1_000));
            double before = pile(person).ours();
            person.drag(person.point(0), person.point(5));
            person.until("the pile of the new points", () -> person.model().findings().chance()
                    .flatMap(ChanceInView::asked).filter(it -> it.pile().draws() == 1_000 && it.pile().ours() != before)
                    .isPresent());
            assertThat(person.sees("chance-stop")).isFalse();
        }
    }

    @Test
    void aLongRunThatIsStoppedStaysStopped() throws IOException {
        StringBuilder many = new StringBuilder("x\ty\n");
        for (int i = 0; i < 3_000; i++) {
            many.append(i).append('\t').append(i * 7 % 31).append('\n');
        }
        try (Person person = pasted(many.toString())) {
            person.apply(new ChanceEdit.PlayChance(Play.SHUFFLE, 7));
            person.apply(new ChanceEdit.Draw(90_000));
            assertThat(person.sees("chance-stop")).isTrue();
            person.click("chance-stop");
            int stopped = state(person).drawn();
            assertThat(stopped).isLessThan(90_000);
            person.apply(new Edit.Hover(OptionalInt.of(3)));
            person.pause();
            assertThat(pile(person).draws()).isEqualTo(stopped);
            assertThat(person.sees("chance-stop")).isFalse();
        }
    }

    @Test
    void inAnotherPartNothingIsDrawnForTheOneBefore() throws IOException {
        Exercise two = Kelp.exercise().withFirst(part -> part.withHeld(Set.of()));
        Part other = Part.blank("part-2").withData(Kelp.table());
        Exercise exercise = two.withParts(List.of(two.first(), other));
        try (Person person = Person.at(exercise, folder)) {
            person.apply(new ChanceEdit.PlayChance(Play.DRAW_AGAIN, 7));
            person.settle();
            person.click("chance-thousand");
            person.until("some draws", () -> state(person).drawn() >= 3);
            person.apply(new Edit.GoTo("part-2"));
            int before = drawnInFirst(person);
            person.pause();
            assertThat(drawnInFirst(person)).isEqualTo(before);
            assertThat(person.model().findings().part().id()).isEqualTo("part-2");
            person.apply(new Edit.GoTo(two.first().id()));
            assertThat(person.sees("chance-stop")).isFalse();
        }
    }

    private static int drawnInFirst(Person person) {
        return person.model().desk().work().part(person.model().desk().exercise().first()).plot().chance().orElseThrow().drawn();
    }

    @Test
    void byKeysAloneFromThePlotToAnotherNumber() throws IOException {
        try (Person person = ropes()) {
            person.apply(new ChanceEdit.PlayChance(Play.SHUFFLE, 7));
            person.focusPlot();
            person.press(KeyCode.SPACE);
            person.press(KeyCode.SPACE);
            assertThat(state(person).drawn()).isEqualTo(2);
            person.choose("chance-watched", "r");
            assertThat(state(person).watched()).isEqualTo(new Watched.R());
            assertThat(person.text("chance-sentence")).contains("gave an r at least as far from 0 as 0.5919.");
            number(person, "many");
            assertThat(state(person).number()).as("what is no number is put back").isEqualTo(7);
            assertThat(person.text("chance-number")).isEqualTo("7");
            person.click("chance-anew");
            assertThat(state(person).draws()).isEmpty();
            person.click("chip-another-sample");
            assertThat(state(person).play()).isEqualTo(Play.ANOTHER_SAMPLE);
            person.click("chip-another-sample");
            assertThat(person.model().findings().below()).isEqualTo(Below.RESIDUALS);
            assertThat(person.sees("chance")).isFalse();
            assertThat(person.sees("strip")).isTrue();
            assertThat(person.sees("chance-card")).isFalse();
        }
    }
}
