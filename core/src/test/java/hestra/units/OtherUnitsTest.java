package hestra.units;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class OtherUnitsTest {

    private static double[] ratios(String unit) {
        return OtherUnits.ratios(UnitReader.ofVariable(unit)).toArray();
    }

    @Test
    void aMinuteIsSixtySecondsAndASixtiethOfAnHour() {
        assertThat(ratios("min")).hasSize(4).usingComparatorWithPrecision(1e-12).contains(60.0).contains(1 / 60.0)
                .usingComparatorWithPrecision(1e-15).contains(1 / 1440.0)
                .usingComparatorWithPrecision(1e-15).contains(1 / 10080.0);
    }

    @Test
    void lengthsInInchesAreNoPowerOfTen() {
        assertThat(ratios("cm")).hasSize(4).usingComparatorWithPrecision(1e-12).contains(1 / 2.54).contains(1 / 30.48);
        assertThat(ratios("years")).usingComparatorWithPrecision(1e-12).contains(12.0).hasSize(1);
    }

    @Test
    void whatIsPerAUnitIsTurnedRound() {
        assertThat(OtherUnits.ratios(UnitReader.ofVariable("days"), -1).toArray()).usingComparatorWithPrecision(1e-12)
                .contains(7.0).contains(1 / 24.0);
        assertThat(OtherUnits.ratios(UnitReader.ofVariable("days"), 0)).isEmpty();
        assertThat(ratios("")).isEmpty();
        assertThat(ratios("shoots")).isEmpty();
    }
}
