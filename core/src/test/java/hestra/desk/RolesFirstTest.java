package hestra.desk;

import java.util.Set;

import hestra.Kelp;
import hestra.data.Roles;
import hestra.exercise.Exercise;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** While it is asked which variable explains, the plot does not say so. */
class RolesFirstTest {

    private static final Exercise ASKS = Kelp.exercise(Kelp.roles(), Kelp.describe()).withFirst(part -> part.withHeld(Set.of()));

    @Test
    void thePlotIsEmptyAndItsAxesHaveNoNames() {
        Findings findings = Findings.of(Desk.open(ASKS));
        assertThat(findings.plot().points()).isEmpty();
        assertThat(findings.plot().plane().x().axisTitle()).isEmpty();
        assertThat(findings.plot().plane().y().axisTitle()).isEmpty();
        assertThat(findings.plot().notice()).isEqualTo("The plot is drawn by your choice in task 1:\n" + Kelp.roles().terms()
                .title());
        assertThat(findings.strip().inHand()).as("residuals would tell too").isEmpty();
    }

    @Test
    void itFollowsTheChoiceRightOrWrong() {
        Desk desk = Desk.open(ASKS);
        Findings turned = Findings.of(desk.apply(new WorkEdit.ChooseRoles(Roles.FIRST_EXPLAINS.swapped())));
        assertThat(turned.plot().points()).isNotEmpty();
        assertThat(turned.plot().plane().x().name()).isEqualTo("length");
        assertThat(Findings.of(desk.apply(new WorkEdit.ChooseRoles(Roles.FIRST_EXPLAINS))).plot().plane().x().name())
                .isEqualTo("days");
    }

    @Test
    void whereNothingIsAskedThePlotStandsAtOnce() {
        assertThat(Findings.of(Desk.open(Kelp.exercise(Kelp.describe()))).plot().points()).isNotEmpty();
    }
}
