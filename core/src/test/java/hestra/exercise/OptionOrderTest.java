package hestra.exercise;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

import hestra.Kelp;
import hestra.task.ChoiceRow;
import hestra.task.Question;
import hestra.task.Terms;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Each reader has the options in an order of their own, always the same. */
class OptionOrderTest {

    private static final Question QUESTION = new Question(Terms.of("q", "A question", "Which?", 1), Question.Sort.ONE,
            List.of(new Question.Option("a", true, ""), new Question.Option("b", false, ""), new Question.Option("c", false, ""),
                    new Question.Option("d", false, "")), true, List.of());

    private static ChoiceRow row(Question question) {
        return question.rows(Kelp.truth(Kelp.exercise())).getFirst();
    }

    @Test
    void readersHaveOrdersOfTheirOwnAndTheRightOneIsAnywhere() {
        int[] first = new int[4];
        Set<List<Integer>> orders = new HashSet<>();
        for (int i = 0; i < 400; i++) {
            List<Integer> places = new OptionOrder("kelp", 0, "reader " + i).places("q", row(QUESTION));
            assertThat(places).containsExactlyInAnyOrder(0, 1, 2, 3);
            assertThat(new OptionOrder("kelp", 0, "reader " + i).places("q", row(QUESTION))).isEqualTo(places);
            first[places.indexOf(0)]++;
            orders.add(places);
        }
        assertThat(orders).as("all 24 of them").hasSize(24);
        // 100 each are expected, with a standard deviation of √(400 · 1/4 · 3/4) = 8.7.
        assertThat(Arrays.stream(first).min().orElseThrow()).isGreaterThan(60);
    }

    @Test
    void variantsAndTasksDifferAndAFixedOrderStays() {
        Set<List<Integer>> orders = new HashSet<>();
        IntStream.rangeClosed(1, 20).forEach(it -> orders.add(new OptionOrder("kelp", it, "").places("q", row(QUESTION))));
        IntStream.rangeClosed(1, 20).forEach(it -> orders.add(new OptionOrder("kelp", 1, "").places("q" + it, row(QUESTION))));
        assertThat(orders).hasSizeGreaterThan(10);
        assertThat(new OptionOrder("kelp", 1, "Ida").places("q", row(QUESTION.inOrder(true)))).containsExactly(0, 1, 2, 3);
        ChoiceRow statement = QUESTION.with(Question.Sort.TRUE_BECAUSE).rows(Kelp.truth(Kelp.exercise())).getFirst();
        assertThat(new OptionOrder("kelp", 1, "Ida").places("q", statement)).as("true, not true").containsExactly(0, 1);
    }

    @Test
    void aCopyByNameIsReadAlikeAtEveryDesk() {
        Exercise named = Kelp.exercise().with(Optional.of(new Copy(3, 1, "Ida Fenn", Map.of())));
        assertThat(OptionOrder.of(named, "one desk")).isEqualTo(OptionOrder.of(named, "another"));
        Exercise open = Kelp.exercise().with(Optional.of(new Copy(3, 1, "", Map.of())));
        assertThat(OptionOrder.of(open, "one desk")).isNotEqualTo(OptionOrder.of(open, "another"));
    }
}
