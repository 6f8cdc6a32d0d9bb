package hestra.data;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** A variable called by what is typed into its heading. */
class HeadingTest {

    private static final Variable LENGTH = new Variable("length", "blade length", "cm");

    @Test
    void nameUnitAndWhatItIsAreTypedInOneLine() {
        assertThat(Variable.named("x").calledInFull("length (cm): blade length")).isEqualTo(LENGTH);
        assertThat(LENGTH.headingInFull()).isEqualTo("length (cm): blade length");
        assertThat(LENGTH.calledInFull(LENGTH.headingInFull())).as("nothing is lost where nothing is changed").isEqualTo(LENGTH);
        assertThat(Variable.named("x").headingInFull()).isEqualTo("x");
    }

    @Test
    void withoutAColonWhatItIsStaysAndWithNothingAfterItItGoes() {
        assertThat(LENGTH.calledInFull("size (mm)")).isEqualTo(new Variable("size", "blade length", "mm"));
        assertThat(LENGTH.calledInFull("size (mm):")).isEqualTo(new Variable("size", "", "mm"));
    }

    @Test
    void aColonWithinANameIsPartOfIt() {
        assertThat(Variable.named("x").calledInFull("mix 1:2 (g)")).isEqualTo(new Variable("mix 1:2", "", "g"));
    }
}
