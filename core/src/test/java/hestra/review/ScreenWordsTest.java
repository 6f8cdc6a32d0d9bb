package hestra.review;

import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.Kelp;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.numbers.Rounding;
import hestra.task.FindPoint;
import hestra.task.Kind;
import hestra.task.Kinds;
import hestra.task.PointSort;
import hestra.task.Task;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

/** Prompts that would be printed and speak of the screen. */
class ScreenWordsTest {

    private static final Task SLOPE = Kelp.read(Quantity.SLOPE, new Rounding.Places(3));

    private static List<String> said(Task task) {
        Exercise exercise = Kelp.exercise(task);
        return ScreenWords.of(exercise).stream().map(Remark::message).toList();
    }

    private static Task asking(String prompt) {
        return SLOPE.with(SLOPE.terms().withPrompt(prompt));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Click the point with the largest residual.         | Click
            Drag it on to the line, then read the slope.       | Drag
            Type the last three pairs into the table.          | Type the
            Copy the values and paste them into the table.     | paste
            Use the plot on the right to read it.              | the plot on the right
            Read r from the table of numbers on the right.     | on the right
            Look at your screen again.                         | your screen
            """)
    void isSaidWithTheWord(String prompt, String word) {
        assertThat(said(asking(prompt))).containsExactly("Task 1 says \u201c" + word + "\u201d, which nobody can do on paper. "
                + "Give it words of its own for paper.");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            What type of curve would you choose?
            Which point is farthest on the right side of the bay?
            Read the slope of the line of least squares.
            Was the water pressed through a sieve? Which table tells you?
            The boats to the right of the pier took 40 ropes. How many were pasted over?
            """)
    void isNotSaidOfPlainWords(String prompt) {
        assertThat(said(asking(prompt))).isEmpty();
    }

    @Test
    void wordsForPaperOrBeingLeftOutSettleIt() {
        Task click = asking("Click it.");
        assertThat(said(click)).hasSize(1);
        assertThat(said(click.with(click.terms().onPaper("Mark it in the plot.")))).isEmpty();
        assertThat(said(click.with(click.terms().onPaper("Click the printed plot.")))).hasSize(1);
        assertThat(said(click.with(click.terms().leftOutOnPaper(true)))).isEmpty();
    }

    @Test
    void aRemarkLeadsToItsTask() {
        Task find = new FindPoint(SLOPE.terms().withPrompt("Double-click the point."),
                PointSort.LARGEST_RESIDUAL, 1, Set.of(), Optional.empty(), Optional.empty());
        Exercise exercise = Kelp.exercise(SLOPE, find.with(find.terms().withId("second")));
        assertThat(ScreenWords.of(exercise)).singleElement().satisfies(remark -> {
            assertThat(remark.isAbout("second")).isTrue();
            assertThat(remark.message()).startsWith("Task 2 says \u201cDouble-click\u201d");
            assertThat(remark.sort().isUnfinished()).isFalse();
        });
    }

    /** What a kind asks by itself can be printed as it is. */
    @Test
    void noKindSpeaksOfTheScreenOnPaper() {
        for (Kind kind : Kinds.ALL) {
            assertThat(said(kind.create("new", Kelp.truth(Kelp.exercise())))).as(kind.title()).isEmpty();
        }
    }
}
