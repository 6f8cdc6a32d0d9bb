package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;

import hestra.data.Roles;
import hestra.data.Roles.Use;
import hestra.exercise.Exercise;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** What columns are for, in a study: offered, chosen at the heading, seen together, and joined. */
class ColumnsTest {

    private static final String GULLS =
            "depth\tgulls\tn\tshore\n1\t8\t3\tnorth\n2\t9\t1\tsouth\n4\t12\t2\tnorth\n5\t13\t7\tsouth\n";

    @TempDir
    private Path folder;

    private Person pasted() throws IOException {
        Person person = Person.at(Exercise.study("gulls", "Your data", DecimalMark.POINT), folder);
        person.copied(GULLS);
        person.press(KeyCode.CONTROL, KeyCode.V);
        return person;
    }

    private static Roles roles(Person person) {
        return person.model().findings().work().drawnRoles();
    }

    @Test
    void countsAndGroupsAreOfferedAndAClickTakesThem() throws IOException {
        try (Person person = pasted()) {
            assertThat(person.model().findings().pairs().n()).isEqualTo(4);
            assertThat(person.texts("small")).contains("“n” looks like counts: how often each pair was observed.",
                    "“shore” looks like groups.");
            person.click("offer-counts");
            assertThat(person.model().findings().pairs().n()).as("3 + 1 + 2 + 7").isEqualTo(13);
            assertThat(person.sees("offer-counts")).isFalse();
            person.click("offer-groups");
            assertThat(person.model().findings().plot().groups()).containsExactly("north", "south");
            assertThat(person.sees("paste-offers")).isFalse();
        }
    }

    @Test
    void theHeadingsMenuSaysWhatIsInAColumnAndPutsItToAUse() throws IOException {
        try (Person person = pasted()) {
            person.chooseByRightClick("heading-1", "On the x axis: it explains");
            assertThat(roles(person)).isEqualTo(new Roles(1, 0));
            person.focus("grid");
            person.press(KeyCode.RIGHT);
            person.press(KeyCode.RIGHT);
            person.press(KeyCode.ALT, KeyCode.U);
            person.chooseShown("Counts: how often each pair was observed");
            assertThat(roles(person).useOf(2)).isEqualTo(Use.COUNTS);
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(roles(person)).as("one undo for one choice").isEqualTo(new Roles(1, 0));
        }
    }

    /** What is done is never done to another cell than the one that is seen. */
    @Test
    void residualsArePassedOverAndNothingIsDoneInThem() throws IOException {
        try (Person person = pasted()) {
            String before = person.model().findings().work().table().rows().toString();
            person.focus("grid");
            person.press(KeyCode.RIGHT);
            person.press(KeyCode.RIGHT);
            person.press(KeyCode.DELETE);
            assertThat(person.model().findings().work().table().cell(0, 2).text())
                    .as("the third column, beyond the residual").isEmpty();
            person.press(KeyCode.CONTROL, KeyCode.Z);
            person.press(KeyCode.LEFT);
            person.press(KeyCode.SHIFT, KeyCode.RIGHT);
            person.press(KeyCode.SHIFT, KeyCode.RIGHT);
            person.press(KeyCode.DELETE);
            assertThat(person.model().findings().work().table().cell(0, 0).text()).as("not the first, which was not selected")
                    .isEqualTo("1");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().findings().work().table().rows().toString()).isEqualTo(before);
        }
    }

    @Test
    void pointsArePutByDoubleClickInAStudy() throws IOException {
        try (Person person = Person.at(Exercise.study("points", "Your data", DecimalMark.POINT), folder)) {
            person.pressAt(person.place(2, 4), 2);
            person.pressAt(person.place(6, 7), 2);
            assertThat(person.model().findings().pairs().n()).isEqualTo(2);
            assertThat(person.model().findings().fit().line()).isPresent();
        }
    }

    @Test
    void allColumnsAreSeenAtOneKey() throws IOException {
        try (Person person = pasted()) {
            person.press(KeyCode.F4);
            assertThat(person.text("variable-overview-0")).isEqualTo("4 whole numbers, 1 to 5");
            assertThat(person.text("variable-overview-3")).isEqualTo("4 words");
            person.press(KeyCode.CONTROL, KeyCode.A);
            person.type("depth of water");
            assertThat(person.model().findings().x().name()).isEqualTo("depth of water");
            person.press(KeyCode.ESCAPE);
            assertThat(person.sees("columns-board")).isFalse();
        }
    }

    @Test
    void aSecondTableIsJoinedInAStudyToo() throws IOException {
        try (Person person = pasted()) {
            person.willChoose(Files.writeString(folder.resolve("light.csv"), "shore,light\nnorth,12\nsouth,15\n"));
            person.choose("menu", "Join data…");
            person.until("the columns are joined", () -> person.model().findings().work().table().width() >= 5);
            assertThat(person.text("join-told")).startsWith("4 of 4 rows matched.");
            assertThat(person.model().findings().work().table().cell(1, 4).text()).isEqualTo("15");
            assertThat(person.model().findings().fit().line()).isPresent();
        }
    }
}
