package hestra.desk;

import hestra.Kelp;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.numbers.Rounding;
import hestra.task.Answer;
import hestra.task.Task;
import hestra.task.Terms;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** What a student is told of a task, and when. */
class TaskWordsTest {

    private static final Terms TERMS = Kelp.read(Quantity.SLOPE, new Rounding.Places(2)).terms().withTries(2)
            .withWhy("It multiplies {x.name}.");

    private static TaskWords after(Terms terms, String... answers) {
        Task read = Kelp.read(Quantity.SLOPE, new Rounding.Places(2)).with(terms);
        Desk desk = Desk.open(Kelp.exercise(read));
        for (String answer : answers) {
            desk = desk.apply(new Edit.Draft("read", new Answer.Typed(answer))).apply(new Edit.Check("read"));
        }
        return new TaskWords(Findings.of(desk), Findings.of(desk).task("read"));
    }

    @Test
    void whyItIsSoIsSaidOnceThatGivesNothingAway() {
        assertThat(after(TERMS).why()).isEmpty();
        assertThat(after(TERMS, "7").why()).as("there is a try left").isEmpty();
        assertThat(after(TERMS, "0.52").why()).contains("It multiplies days.");
        assertThat(after(TERMS, "7", "8").why()).as("the answer is told as well").contains("It multiplies days.");
        assertThat(after(TERMS.withAfterwards(Terms.Afterwards.NOTHING), "7", "8").why()).isEmpty();
        assertThat(after(TERMS.withVerdict(Terms.Showing.AFTER_HANDING_IN), "0.52").why()).as("it would be a verdict").isEmpty();
    }

    @Test
    void aVerdictThatComesLaterIsAnnounced() {
        assertThat(after(TERMS).verdict()).isEmpty();
        assertThat(after(TERMS, "0.52").verdict()).contains("\u2713 Right.");
        assertThat(after(TERMS, "7", "8").verdict().orElseThrow()).startsWith("\u2717 ").contains("The answer: 0.52");
        assertThat(after(TERMS.withVerdict(Terms.Showing.AFTER_MARKING), "0.52").verdict())
                .contains("Answer saved. You will see the verdict after marking.");
    }

    /** A sign is not heard: its word is, and once. */
    @Test
    void aVerdictIsHeardByItsWordOnce() {
        assertThat(after(TERMS).heard()).isEmpty();
        assertThat(after(TERMS, "0.52").heard()).contains("Right.");
        String wrong = after(TERMS, "7").heard().orElseThrow();
        assertThat(wrong).startsWith("Not yet. ").doesNotContain("\u2717");
        assertThat(wrong.indexOf("Not yet")).isEqualTo(wrong.lastIndexOf("Not yet"));
        assertThat(after(TERMS.withVerdict(Terms.Showing.AFTER_MARKING), "0.52").heard())
                .as("a verdict that comes later is not heard before")
                .contains("Answer saved. You will see the verdict after marking.");
    }

    @Test
    void theTermsSayHowExactlyAndForHowMuch() {
        assertThat(after(TERMS).terms()).isEqualTo("2 decimal places \u00b7 2 marks");
    }

    /** Why it is so would tell the key of a copy to whoever opens the file. */
    @Test
    void aCopyWithoutVerdictsHasNoWhy() {
        assertThat(TERMS.bare().why()).isNotEmpty();
        assertThat(TERMS.withVerdict(Terms.Showing.AFTER_MARKING).bare().why()).isEmpty();
        Exercise ofNoWhy = Kelp.exercise(Kelp.read(Quantity.SLOPE, new Rounding.Places(2)).with(TERMS.withWhy("  ")));
        assertThat(ofNoWhy.tasks().getFirst().terms().telling().why()).isEmpty();
    }
}
