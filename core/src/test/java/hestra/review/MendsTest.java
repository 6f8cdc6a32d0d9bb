package hestra.review;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

import hestra.Kelp;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.History;
import hestra.exercise.Exercise;
import hestra.task.Aid;
import hestra.task.Kind;
import hestra.task.Kinds;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.Truth;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** What is proposed does mend: on many exercises put together at random. */
class MendsTest {

    private static final int EXERCISES = Integer.getInteger("hestra.exercises", 60);
    private static final int MOST_MENDS = 200;

    private static Set<Aid> some(Random random) {
        Set<Aid> aids = EnumSet.noneOf(Aid.class);
        for (Aid aid : Aid.values()) {
            if (random.nextInt(3) == 0) {
                aids.add(aid);
            }
        }
        return aids;
    }

    private static Exercise random(Random random) {
        Truth truth = Kelp.truth(Kelp.exercise());
        List<Task> tasks = new ArrayList<>();
        int count = 1 + random.nextInt(6);
        for (int i = 0; i < count; i++) {
            Kind kind = Kinds.ALL.get(random.nextInt(Kinds.ALL.size()));
            Task task = kind.create("task-" + i, truth);
            Terms terms = task.terms().withMarks(random.nextInt(3)).opening(some(random));
            tasks.add(task.with(terms));
        }
        return Kelp.exercise(tasks.toArray(Task[]::new)).withFirst(part -> part.withHeld(some(random)));
    }

    @Test
    void mendingOneThingAfterTheOtherComesToAnEnd() {
        for (int seed = 0; seed < EXERCISES; seed++) {
            Exercise exercise = random(new Random(seed));
            int mends = 0;
            List<Remark> remarks = Review.of(exercise);
            while (remarks.stream().anyMatch(it -> it.mend().isPresent())) {
                Remark remark = remarks.stream().filter(it -> it.mend().isPresent()).findFirst().orElseThrow();
                Exercise after = Desk.open(exercise).apply(remark.mend().orElseThrow().edit()).exercise();
                assertThat(after).as("%d: %s changes something", seed, remark).isNotEqualTo(exercise);
                exercise = after;
                remarks = Review.of(exercise);
                mends++;
                assertThat(mends).as("seed %d goes round in a circle at %s", seed, remark).isLessThan(MOST_MENDS);
            }
            assertThat(remarks).as("what is left is for the author").allMatch(it -> it.mend().isEmpty());
        }
    }

    @Test
    void aMendIsUndoneLikeAnyOtherEdit() {
        for (int seed = 0; seed < EXERCISES; seed++) {
            Exercise exercise = random(new Random(seed));
            for (Remark remark : Review.of(exercise)) {
                remark.mend().ifPresent(mend -> {
                    History history = History.of(Desk.open(exercise)).apply(mend.edit());
                    assertThat(history.present().exercise()).isNotEqualTo(exercise);
                    assertThat(history.apply(new Edit.Undo()).present().exercise()).isEqualTo(exercise);
                });
            }
        }
    }

    @Test
    void everyRemarkNamesItsPlaceAndEndsAsASentence() {
        for (int seed = 0; seed < EXERCISES; seed++) {
            Exercise exercise = random(new Random(seed));
            for (Remark remark : Review.of(exercise)) {
                assertThat(remark.message()).endsWith(".").doesNotContain("..").doesNotContain("null");
                remark.task().ifPresent(task -> assertThat(remark.message()).startsWith("Task " + (exercise.indexOf(task) + 1)));
                assertThat(remark.part()).contains(exercise.first().id());
                remark.mend().ifPresent(mend -> assertThat(mend.words()).matches("[A-Z][a-z]+ .*").hasSizeLessThan(40));
            }
        }
    }
}
