package hestra.desktop.demo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.task.AnsweredByText;
import hestra.task.EnterData;
import hestra.task.Explain;
import hestra.task.Key;
import hestra.task.Kind;
import hestra.task.Kinds;
import hestra.task.NumberQuestion;
import hestra.task.Question;
import hestra.task.ReadValue;
import hestra.task.Response;
import hestra.task.Task;
import hestra.task.Truth;
import hestra.task.WriteEquation;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** The keys of the demo exercises, typed as people type them, are right; and the demo uses what there is. */
class DemoKeysTest {

    private record Asked(String exercise, Task task, Truth truth) {
        Response response(String answer) {
            return Response.to(answer, task, truth, attempt -> task.judge(attempt, truth));
        }
    }

    private static Stream<Asked> asked() {
        List<Asked> all = new ArrayList<>();
        for (OrrinBay.Set set : OrrinBay.shelf()) {
            Exercise exercise = set.exercise();
            for (Part part : exercise.parts()) {
                part.tasks().forEach(task -> all.add(new Asked(exercise.title(), task, part.truth(exercise.mark()))));
            }
        }
        return all.stream();
    }

    private static List<String> habits(String key) {
        String number = key.split(" ")[0];
        String unit = key.contains(" ") ? key.substring(key.indexOf(' ') + 1) : "";
        String plain = number.replace("\u2212", "-");
        List<String> all = new ArrayList<>(List.of(number, plain, key, "= " + plain, "\u2248 " + number, "b = " + plain,
                "the value is " + plain, "about " + plain, "(" + plain + ")", plain + ".", plain.replace("-", "minus "),
                plain.replaceFirst("^(-?)0\\.", "$1.")));
        if (!unit.isEmpty()) {
            all.add(plain + unit.replace(" per ", "/"));
        }
        if (!plain.matches("-?\\d{1,3}\\.\\d{3}")) {
            all.add(plain.replace('.', ','));
        }
        return all;
    }

    @Test
    void everyNumberIsAcceptedInTenHabits() {
        List<Asked> numbers = asked().filter(it -> it.task instanceof ReadValue || it.task instanceof NumberQuestion).toList();
        assertThat(numbers).hasSizeGreaterThan(12);
        for (Asked one : numbers) {
            Key key = one.task.key(one.truth);
            assertThat(key.computed()).as(one.exercise + ", " + one.task.id()).isTrue();
            assertThat(habits(key.text())).hasSizeGreaterThanOrEqualTo(10);
            for (String text : habits(key.text())) {
                Response response = one.response(text);
                assertThat(response.outcome()).as("%s, %s: %s: %s", one.exercise, one.task.id(), text, response.message())
                        .isEqualTo("right");
                assertThat(response.mistakes()).isEmpty();
            }
        }
    }

    @Test
    void equationsChoicesAndModelSentencesAreAccepted() {
        asked().filter(it -> it.task instanceof WriteEquation).forEach(one -> {
            String key = one.task.key(one.truth).text();
            for (String text : List.of(key, key.replace(" \u00b7 ", "*"), key.replace(one.truth.y().name(), "\u0177")
                    .replace(one.truth.x().name(), "x"), key.replace("\u2212", "-"), key.replace(" ", ""))) {
                assertThat(one.response(text).outcome()).as("%s: %s", one.exercise, text).isEqualTo("right");
            }
        });
        asked().filter(it -> it.task instanceof Question question && question.sort() == Question.Sort.ONE)
                .forEach(one -> assertThat(one.response(one.task.key(one.truth).text()).outcome())
                        .isEqualTo("right"));
        asked().filter(it -> it.task instanceof Explain && !it.task.rightAnswer(it.truth).isEmpty())
                .forEach(one -> assertThat(one.response(one.task.rightAnswer(one.truth)).missing())
                .as(one.exercise).isEmpty());
    }

    @Test
    void allKindsAreUsedAndNoTwoBeginAlike() {
        Set<Kind> used = asked().map(it -> it.task.kind()).collect(Collectors.toSet());
        List<Kind> all = new ArrayList<>(Kinds.ALL);
        all.removeAll(used);
        assertThat(all).as("kinds that the demo does not use").isEmpty();
        List<List<String>> beginnings = OrrinBay.sets().stream()
                .map(it -> it.exercise().tasks().stream().limit(4).map(task -> task.kind().code()).toList()).toList();
        assertThat(beginnings).doesNotHaveDuplicates();
        assertThat(asked().anyMatch(it -> it.task instanceof EnterData)).isTrue();
    }

    @Test
    void theCourseStandsInTheGuideAndInEachExercise() throws IOException {
        String guide = Files.readString(Path.of("..", "docs", "guide-for-instructors.md"));
        for (OrrinBay.Set set : OrrinBay.shelf()) {
            assertThat(guide).contains("| " + set.week() + " | " + set.exercise().title() + " | " + set.exercise().heading()
            + " | "
                    + set.aim() + " | " + set.minutes() + " |");
            assertThat(((Block.Prose) set.exercise().first().blocks().getFirst()).text())
                    .endsWith(set.aimInFull() + " It takes about " + set.minutes() + " minutes.");
        }
    }

    @Test
    void badInputIsAnsweredWithWhatIsExpectedAndCostsNoTry() {
        List<String> odd = List.of("", "   ", "x".repeat(10_000), "1".repeat(10_000), "\u202e0.5\u202c and 0.6",
                "a\u0301\u0302\u0303", "3; 4; 5", "\u0000", "= = =", "(((((", "NaN");
        asked().filter(it -> it.task instanceof ReadValue || it.task instanceof NumberQuestion
                || it.task instanceof WriteEquation).forEach(one -> odd.forEach(text -> {
            Response response = one.response(text);
            assertThat(response.outcome()).as("%s: %s", one.task.id(), text.length() > 20 ? text.length() + " letters" : text)
                    .isEqualTo("unreadable");
            assertThat(response.message()).endsWith(".").hasSizeLessThan(300);
        }));
        asked().filter(it -> it.task instanceof AnsweredByText)
                .forEach(one -> odd.forEach(text -> assertThat(one.response(text).message())
                .isNotBlank()));
    }
}
