package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import javafx.scene.input.KeyCode;

import hestra.desktop.demo.OrrinBay;
import hestra.exercise.Exercise;
import hestra.figure.Below;
import hestra.figure.Layer;
import hestra.task.Aid;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** The calculation by hand unfolds below the plot. */
class WorkingTest {

    @TempDir
    private Path folder;

    private Person at(String set, Set<Aid> held) throws IOException {
        Exercise exercise = OrrinBay.sets().stream().map(OrrinBay.Set::exercise)
                .filter(it -> it.id().contains(set)).findFirst().orElseThrow();
        return Person.at(exercise.withFirst(part -> part.withHeld(held)).withFirst(part -> part.withTasks(List.of())), folder);
    }

    @Test
    void theCalculationUnfoldsColumnByColumnAndItsStepsFollow() throws IOException {
        try (Person person = at("limpets", Set.of())) {
            assertThat(person.sees("strip")).isTrue();
            person.choose("strip-kind", "calculation by sums");
            assertThat(person.sees("strip")).isFalse();
            assertThat(person.text("unfold")).isEqualTo("Next: x − x̄");
            assertThat(person.texts("step")).containsExactly("x̄ = Σx ÷ n ≈ 31.70", "ȳ = Σy ÷ n ≈ 35.68");
            for (int i = 0; i < 4; i++) {
                person.click("unfold");
            }
            assertThat(person.texts("step")).anyMatch(it -> it.startsWith("b = Sxy ÷ Sxx ≈ −0.27"))
                    .noneMatch(it -> it.startsWith("r ="));
            person.click("unfold");
            assertThat(person.texts("step")).anyMatch(it -> it.startsWith("r = "));
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.model().findings().work().plot().unfolded()).isEqualTo(6);
            person.click("copy-calculation");
            assertThat(person.clipboard().lines()).as("a heading, 23 pairs, the sums and the steps so far").hasSizeGreaterThan(26)
                    .contains("row\texposure\theight\tx − x̄\ty − ȳ\t(x − x̄)²\t(x − x̄)(y − ȳ)")
                    .anyMatch(it -> it.startsWith("slope\tb = Sxy ÷ Sxx\t-0.27"));
            person.click("fold");
            assertThat(person.model().findings().work().plot().unfolded()).isEqualTo(2);
        }
    }

    @Test
    void aRowShowsItsRectangleInThePlot() throws IOException {
        try (Person person = at("limpets", Set.of())) {
            person.choose("strip-kind", "calculation by sums");
            assertThat(person.model().findings().plot().layers()).contains(Layer.PRODUCTS);
            person.hoverRow("sums-table", 0);
            assertThat(person.model().desk().hovered()).as("the sums are no point").isEmpty();
            person.hoverRow("sums-table", 1);
            assertThat(person.model().desk().hovered()).as("below the sums stands the first pair").isEqualTo(OptionalInt.of(0));
            person.click("below-residuals");
            assertThat(person.model().findings().plot().layers()).doesNotContain(Layer.PRODUCTS);
        }
    }

    @Test
    void theMatricesAreOfTheCurveInHand() throws IOException {
        try (Person person = at("limpets", Set.of())) {
            person.choose("strip-kind", "calculation by matrices");
            assertThat(person.firstLabel("matrices")).isEqualTo("X: 1, x");
            person.choose("add-curve", "Quadratic");
            assertThat(person.firstLabel("matrices")).isEqualTo("X: 1, x, x²");
            person.choose("add-curve", "Wave");
            assertThat(person.firstLabel("working")).isEqualTo("Calculation");
            assertThat(person.sees("matrices")).isFalse();
            assertThat(person.model().findings().work().plot().below()).isEqualTo(Below.MATRICES);
        }
    }

    @Test
    void whatIsHeldBackIsNotGivenAwayByItsCalculation() throws IOException {
        try (Person person = at("limpets", Set.of(Aid.R))) {
            person.choose("strip-kind", "calculation by sums");
            assertThat(person.texts("step")).isEmpty();
            assertThat(person.sees("sums-table")).isFalse();
            assertThat(person.sees("copy-calculation")).as("there is nothing to copy").isFalse();
        }
    }
}
