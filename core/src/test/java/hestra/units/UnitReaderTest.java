package hestra.units;

import java.util.Set;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

class UnitReaderTest {

    private static Unit read(String text) {
        UnitReader.Reading reading = UnitReader.read(text, Set.of()).orElseThrow();
        assertThat(reading.unknown()).as(text).isEmpty();
        return reading.unit();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "cm per day | cm/d", "cm per day | centimetres per day", "cm per day | cm a day", "cm per day | cm each day",
                "cm per day | cm for each further day", "cm per day | centimeters/day", "cm per day | cm d^-1",
        "cm per day | cm·d⁻¹", "cm per day | cm in a day", "mm per cm | millimetre per centimetre", "g/kg | grams per kilogram",
                "m² | square metres", "m² | m^2", "m² | m squared", "cm³ | cubic centimetres", "°C | degrees Celsius",
        "°C | deg C", "°C | ° C", "°C per min | degrees per minute", "min | minutes", "min | mins", "s | seconds", "years | yr",
                "h | hrs", "kg m s^-2 | N", "in | inches", "in/s | inches per second", "µm | um", "l | litres",
    })
    void theSameUnitIsReadFromEitherWay(String one, String other) {
        assertThat(read(one).equalTo(read(other))).as("%s = %s, %s", read(one), read(other), other).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"cm, m, 0.01", "mm per cm, cm per mm, 0.01", "g, kg, 0.001", "cm per day, mm per h, 0.41666666666666669",
            "min, h, 0.016666666666666666", "week, days, 7", "years, months, 12", "ml, l, 0.001", "g/kg, mg/g, 1", "%, g/kg, 10"})
    void unitsOfOneKindDifferByAFactor(String one, String other, double ratio) {
        assertThat(read(one).isOfSameKind(read(other))).isTrue();
        assertThat(read(one).scale() / read(other).scale()).isCloseTo(ratio, org.assertj.core.data.Offset.offset(1e-12));
    }

    @ParameterizedTest
    @CsvSource({"mm, g", "cm per day, cm", "cm per day, day per cm", "mm, mm²", "°C, K", "min, m", "kg, km"})
    void unitsOfOtherKindsAreTold(String one, String other) {
        assertThat(read(one).isOfSameKind(read(other))).isFalse();
    }

    @Test
    void differencesOfTemperaturesAreTheSameInKelvins() {
        assertThat(read("°C per min").ofDifference().equalTo(read("K/min").ofDifference())).isTrue();
        assertThat(read("mm").ofDifference()).isEqualTo(read("mm"));
    }

    @Test
    void whatIsCountedIsAUnitOfItsOwn() {
        UnitReader.Reading shoots = UnitReader.read("shoots per tray", Set.of()).orElseThrow();
        assertThat(shoots.unknown()).containsExactly("shoots", "tray");
        assertThat(shoots.unit().equalTo(UnitReader.read("shoot / trays", Set.of()).orElseThrow().unit())).isTrue();
        assertThat(shoots.unit().measured()).isEqualTo(Unit.NONE);
        assertThat(UnitReader.read("mm of pen height", Set.of("pen", "height")).orElseThrow().unit()).isEqualTo(read("mm"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"cm = 3", "cm ^2 ^0", "^2", "cm & mm", "cm?"})
    void whatIsNoUnitIsNotRead(String text) {
        assertThat(UnitReader.read(text, Set.of())).isEmpty();
    }

    @Test
    void pluralsLoseTheirEnding() {
        assertThat(UnitReader.stem("Berries")).isEqualTo("berry");
        assertThat(UnitReader.stem("glass")).isEqualTo("glass");
        assertThat(UnitReader.stem("gas")).isEqualTo("gas");
        assertThat(UnitReader.stem("days")).isEqualTo("day");
    }
}
