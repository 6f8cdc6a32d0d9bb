package hestra.exercise;

import java.util.EnumSet;
import java.util.Set;

import hestra.data.PointChange;
import hestra.fit.Curve;
import hestra.fit.CurveFamily;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class PlotRulesTest {

    @Test
    void allCurvesAreOfferedUnlessSomeAreNamed() {
        assertThat(Curve.all()).allMatch(PlotRules.USUAL::offers);
        PlotRules some = PlotRules.USUAL.offering(Set.of(CurveFamily.EXPONENTIAL, CurveFamily.HIGHER));
        assertThat(Curve.all()).filteredOn(some::offers).extracting(Curve::key)
                .containsExactlyInAnyOrder("line", "poly4", "poly5", "poly6", "exponential", "exponential-on-logarithms");
        assertThat(PlotRules.USUAL.offering(Set.of()).offers(new Curve.Line())).as("the line is always there").isTrue();
    }

    @Test
    void allOfThemNamedAreTheUsualRules() {
        assertThat(PlotRules.USUAL.offering(EnumSet.allOf(CurveFamily.class))).isEqualTo(PlotRules.USUAL);
    }

    @Test
    void otherRulesLeaveTheOfferAsItIs() {
        PlotRules some = PlotRules.USUAL.offering(Set.of(CurveFamily.WAVE));
        assertThat(some.with(some.form().withNames(false)).offered()).containsExactly(CurveFamily.WAVE);
        assertThat(some.with(PointChange.ADD, true).offered()).containsExactly(CurveFamily.WAVE);
    }
}
