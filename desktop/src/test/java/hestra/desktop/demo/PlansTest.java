package hestra.desktop.demo;

import java.util.List;

import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.PartEdit;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.LiveText;
import hestra.exercise.Part;
import hestra.numbers.DecimalMark;
import hestra.review.Remark;
import hestra.review.Review;
import hestra.task.Kinds;
import hestra.task.Task;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import static org.assertj.core.api.Assertions.assertThat;

@Execution(ExecutionMode.CONCURRENT)
class PlansTest {

    static List<Plans.Plan> plans() {
        return Plans.all();
    }

    @ParameterizedTest
    @MethodSource("plans")
    void aPlanIsComplete(Plans.Plan plan) {
        assertThat(Review.of(plan.exercise()).stream().map(Remark::message)).as(plan.exercise().title()).isEmpty();
        assertThat(plan.exercise().marks()).isPositive();
        assertThat(plan.exercise().tasks()).isNotEmpty();
    }

    /**
     * With the data of every set of Orrin Bay in their place, tasks and keys follow, or what does not fit is said with a mend.
     */
    @ParameterizedTest
    @MethodSource("plans")
    void otherDataTakeThePlaceOfItsOwn(Plans.Plan plan) {
        for (OrrinBay.Set set : OrrinBay.sets()) {
            Part other = set.exercise().first();
            Exercise exchanged = Desk.open(plan.exercise())
                    .apply(new Edit.InPart(plan.exercise().first().id(), new PartEdit.WriteColumns(other.data(), other.roles())))
                    .exercise().inStepWith(plan.exercise());
            Part part = exchanged.first();
            String texts = String.join(" ", part.blocks().stream()
                    .map(block -> block instanceof Block.Prose(String _, String text)
                            ? LiveText.fill(text, part, exchanged.mark()) : "").toList());
            assertThat(texts).as("nothing of the data it came with")
                    .doesNotContain(plan.exercise().first().x().equals(other.x())
                            ? "\ue000" : plan.exercise().first().x().described() + " and");
            for (Task task : part.tasks()) {
                Task before = plan.exercise().task(task.id()).orElseThrow();
                if (before.equals(usual(before, plan.exercise().first()))) {
                    assertThat(task).as("what was proposed for its data is proposed for the others").isEqualTo(usual(task, part));
                }
                boolean computed = task.key(part.truth(exchanged.mark())).computed();
                List<Remark> remarks = Review.of(exchanged).stream()
                        .filter(remark -> remark.isAbout(task.id()) && remark.sort() == Remark.Sort.NO_KEY).toList();
                assertThat(computed || remarks.getFirst().mend().isPresent())
                        .as("%s, %s", plan.exercise().title(), task.terms().title()).isTrue();
            }
        }
    }

    /** The task as its kind proposes it for the data of a part. */
    private static Task usual(Task task, Part part) {
        return task.kind().create(task.id(), part.truth(DecimalMark.POINT)).with(task.terms());
    }

    @ParameterizedTest
    @MethodSource("plans")
    void aPlanUsesKindsThatThereAre(Plans.Plan plan) {
        assertThat(plan.exercise().tasks()).allMatch(task -> Kinds.ALL.contains(task.kind()));
    }
}
