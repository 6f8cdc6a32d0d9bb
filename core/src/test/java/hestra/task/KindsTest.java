package hestra.task;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;

import hestra.Kelp;
import hestra.desk.Desk;
import hestra.exercise.Exercise;
import hestra.feedback.Mistake;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** The family of tasks, walked from one end to the other. */
class KindsTest {

    /** An answer of each sort. */
    private static final List<Answer> ANSWERS = List.of(new Answer.Entered(List.of()), new Answer.RolesChosen(Optional.empty()),
            Described.NOTHING,
            new Answer.Treated("", Optional.empty(), List.of()), new Answer.Typed(""), new Predictions(List.of()),
                    new Answer.Sentence(""), Answer.Reached.NOTHING,
            new Answer.Placed(Optional.empty()), Pointed.NOTHING, new Answer.Picked(OptionalInt.empty()),
                    Filled.NOTHING, Chosen.NOTHING,
            new Answer.Drawn(Optional.empty(), "", "", "", "", "", Optional.empty()), Tried.NOTHING, Played.NOTHING,
                    new Answer.ReadOff(Optional.empty()), WrittenSection.NOTHING);

    private static Stream<Class<?>> members(Class<?> family) {
        return Stream.of(family.getPermittedSubclasses()).flatMap(it -> it.isSealed() ? members(it) : Stream.of(it));
    }

    @Test
    void everyKindIsOffered() {
        assertThat(Kinds.ALL.stream().<Class<?>>map(Kind::type))
                .containsExactlyInAnyOrderElementsOf(members(Task.class).toList());
        assertThat(Kinds.ALL).extracting(Kind::code).doesNotHaveDuplicates().allMatch(code -> code.matches("[a-z]+(-[a-z]+)*"));
        assertThat(Kinds.ALL).extracting(Kind::title).doesNotHaveDuplicates();
    }

    @Test
    void aFreshTaskIsOfItsKindAndHasAKey() {
        Truth truth = Kelp.truth(Kelp.exercise()).withPicture();
        for (Kind kind : Kinds.ALL) {
            Task task = kind.create("task-1", truth);
            assertThat(task).isInstanceOf(kind.type());
            assertThat(task.kind()).isSameAs(kind);
            assertThat(task.id()).isEqualTo("task-1");
            assertThat(task.key(truth).computed()).as(kind.code()).isTrue();
            Terms other = task.terms().withTitle("Another title");
            assertThat(task.with(other)).isInstanceOf(kind.type()).extracting(Task::terms).isEqualTo(other);
        }
    }

    @Test
    void aTaskTakesTheAnswerThatItMakesAndNoOther() {
        Truth truth = Kelp.truth(Kelp.ofEveryKind());
        Bench bench = new Bench(truth, truth.given(), Optional.empty(), Map.of());
        assertThat(ANSWERS.stream().<Class<?>>map(Answer::getClass))
                .containsExactlyInAnyOrder(Answer.class.getPermittedSubclasses());
        for (Task task : Kelp.ofEveryKind().tasks()) {
            Answer own = task.standing(bench);
            assertThat(task.takes(own)).isTrue();
            for (Answer answer : ANSWERS) {
                boolean takes = answer.getClass() == own.getClass();
                assertThat(task.takes(answer)).isEqualTo(takes);
                if (!takes) {
                    assertThatThrownBy(() -> task.judge(new Attempt(answer, Set.of()), truth))
                            .isInstanceOf(IllegalArgumentException.class);
                    assertThatThrownBy(() -> task.inWords(answer, truth)).isInstanceOf(IllegalArgumentException.class);
                }
            }
        }
    }

    @Test
    void anotherKindsDraftIsNoAnswer() {
        Truth truth = Kelp.truth(Kelp.whole());
        Bench bench = new Bench(truth, truth.given(), Optional.empty(), Map.of("explain", new Answer.Typed("3")));
        assertThat(Kelp.explain().standing(bench)).isEqualTo(new Answer.Sentence(""));
    }

    @Test
    void mistakesAreFoundByTheirNamesInFiles() {
        for (Mistake mistake : Mistake.values()) {
            assertThat(Mistake.of(mistake.id())).contains(mistake);
        }
        assertThat(Stream.of(Mistake.values()).map(Mistake::id)).doesNotHaveDuplicates();
        assertThat(Mistake.of("none")).isEmpty();
    }

    @Test
    void aSlipBeyondTheTableIsSaidAndStopsNothing() {
        Exercise exercise = Kelp.exercise(new FindSlip(Kelp.slip().terms(), 1, 7, "50"));
        Truth truth = Kelp.truth(exercise);
        Task task = exercise.tasks().getFirst();
        Answer answer = task.standing(Desk.open(exercise).bench(task));
        assertThat(task.key(truth).text()).contains("column 8 is not in the data");
        assertThat(task.onPaper(truth)).hasSize(2);
        assertThat(task.unfinished(answer, truth).orElseThrow()).contains("is not in the data");
        assertThat(task.judge(new Attempt(answer, Set.of()), truth).isRight()).isFalse();
    }
}
