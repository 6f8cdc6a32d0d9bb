package hestra.desktop.demo;

import java.util.stream.Stream;

import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.task.Describe;
import hestra.task.Description;
import hestra.task.Task;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

import static org.assertj.core.api.Assertions.assertThat;

/** The descriptions of the demo's plots were written by eye: what is proposed for their data agrees with them. */
class SeenInTheDemoTest {

    static Stream<Arguments> described() {
        return Stream.concat(OrrinBay.sets().stream().map(OrrinBay.Set::exercise), Stream.of(KelpBlades.exercise()))
                .flatMap(exercise -> exercise.parts().stream()
                .flatMap(part -> part.tasks().stream().filter(Describe.class::isInstance)
                        .map(task -> Arguments.of(exercise.title(), exercise, part, task))));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("described")
    void whatIsProposedIsWhatWasSeen(String title, Exercise exercise, Part part, Task task) {
        Description proposed = Description.proposedFor(part.truth(exercise.mark()).pairsWithSlips());
        Description seen = ((Describe) task).key();
        assertThat(proposed.direction()).isEqualTo(seen.direction());
        assertThat(proposed.form()).isEqualTo(seen.form());
        assertThat(proposed.strength()).isEqualTo(seen.strength());
        // The scrubbed stone is taken for one that stands apart; the exercise speaks of it only later.
        assertThat(proposed.unusual())
                .isEqualTo(exercise.id().endsWith("lichen-rings") ? Description.Unusual.ONE : seen.unusual());
    }
}
