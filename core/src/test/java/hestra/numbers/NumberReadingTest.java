package hestra.numbers;

import java.math.BigDecimal;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

class NumberReadingTest {

    private static double measured(String text) {
        NumberReading reading = NumberReading.ofMeasurement(text, DecimalMark.POINT);
        assertThat(reading).as(text).isInstanceOf(NumberReading.Value.class);
        return ((NumberReading.Value) reading).value();
    }

    private static NumberReading.Value answered(String text) {
        NumberReading reading = NumberReading.ofAnswer(text, DecimalMark.POINT);
        assertThat(reading).as(text).isInstanceOf(NumberReading.Value.class);
        return (NumberReading.Value) reading;
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "28.6 | 28.6", "28,6 | 28.6", ".5 | 0.5", "5. | 5", "+3 | 3", "-3 | -3", "−3.5 | -3.5", "–3.5 | -3.5",
        "1e3 | 1000", "1.5E-3 | 0.0015", "2 × 10^3 | 2000", "2 x 10^-2 | 0.02", "4.5·10⁻³ | 0.0045", "3*10^(2) | 300",
                "2 x 10**3 | 2000", "1½ | 1.5", "−3½ | -3.5", "¾ | 0.75", "2٣ | 23", "٣٫٥ | 3.5", "1 234,567 | 1234.567",
                "0,123 | 0.123",
        "12 345 | 12345", "1 234 567.5 | 1234567.5", "1,234.5 | 1234.5", "1.234,5 | 1234.5", "1,234,567 | 1234567",
        "0,234 | 0.234", "12,34 | 12.34", "1234,567 | 1234.567", "1'234.5 | 1234.5", "0 | 0", "007 | 7",
    })
    void readsAMeasuredValue(String text, double value) {
        assertThat(measured(text)).isEqualTo(value);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "\t", "\u00a0 "})
    void nothingIsBlank(String text) {
        assertThat(NumberReading.ofMeasurement(text.replace('\u00a0', ' '), DecimalMark.POINT))
                .isInstanceOf(NumberReading.Blank.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"abc", "12..5", "1.2.3", "--3", "1e", "12 5", "3 cm", "50%", "3/4", "NaN", "Infinity", "1,2,3", "x",
            "1e999999999999", "٣x", "3*100", "20x100", "2 x 105", "3 × 10-4", "0.123.456", "0,123,456", "012 345", "3²", "+-5",
            "1 234 5", "1 234'567"})
    void whatIsNoMeasuredValueIsRefusedWithAReason(String text) {
        NumberReading reading = NumberReading.ofMeasurement(text, DecimalMark.POINT);
        assertThat(reading).isInstanceOf(NumberReading.Unreadable.class);
        assertThat(((NumberReading.Unreadable) reading).reason()).isNotBlank().endsWith(".");
    }

    @Test
    void anAmbiguousCommaNamesBothReadings() {
        NumberReading reading = NumberReading.ofMeasurement("1,234", DecimalMark.POINT);
        assertThat(((NumberReading.Unreadable) reading).reason()).contains("1.234").contains("1234");
        assertThat(NumberReading.ofMeasurement("1,234", DecimalMark.COMMA)).isInstanceOf(NumberReading.Value.class);
        assertThat(((NumberReading.Unreadable) NumberReading.ofMeasurement("1.234", DecimalMark.COMMA)).reason())
                .contains("1,234");
    }

    @Test
    void numbersBeyondADoubleAreRefused() {
        assertThat(((NumberReading.Unreadable) NumberReading.ofMeasurement("1e999", DecimalMark.POINT)).reason())
                .contains("larger");
        assertThat(((NumberReading.Unreadable) NumberReading.ofMeasurement("1e-999", DecimalMark.POINT)).reason())
                .contains("smaller");
        assertThat(measured("0e-999")).isZero();
    }

    @Test
    void veryLongTextIsNotTriedAtAll() {
        assertThat(NumberReading.ofMeasurement("1".repeat(5000), DecimalMark.POINT)).isInstanceOf(NumberReading.Unreadable.class);
    }

    @Test
    void answersMayCarryPercentUnitOrFraction() {
        assertThat(answered("0.83 cm per day").unit()).isEqualTo("cm per day");
        assertThat(answered("0.83cm/day").value()).isEqualTo(0.83);
        assertThat(answered("97 %").value()).isEqualTo(0.97);
        assertThat(answered("97%").percent()).isTrue();
        assertThat(answered("3/4").value()).isEqualTo(0.75);
        assertThat(answered("−1/8 m").value()).isEqualTo(-0.125);
        assertThat(NumberReading.ofAnswer("3/0", DecimalMark.POINT)).isInstanceOf(NumberReading.Unreadable.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"3*100", "20x100", "2 x 105", "0.123.456", "1/2.5", "10/20/2020", "3²", "5 thousand", "5k",
            "--5", "5 and a half", "5 x", "5 × 10", "3 cm 4", "5 e3 7", "5 = 5", "2 million", "2 million and a half"})
    void whatCouldBeAnotherNumberIsNoAnswer(String text) {
        assertThat(NumberReading.ofAnswer(text, DecimalMark.POINT)).as(text).isInstanceOf(NumberReading.Unreadable.class);
        assertThat(NumberReading.ofAnswer(text, DecimalMark.COMMA)).as(text).isInstanceOf(NumberReading.Unreadable.class);
    }

    @ParameterizedTest
    @CsvSource({"1½ m,1.5,m", "5 percent,0.05,''", "5 per cent,0.05,''", "3 m^2,3,m^2", "3 m²,3,m²", "4 m s-1,4,m s-1", "5 K,5,K",
            "12.5°C,12.5,°C", "7 g/kg,7,g/kg", "3/4 %,0.0075,''", "2٣ cm,23,cm", "5‰,5,‰", "2 million cm,2,million cm",
                    "€2.50,2.5,€", "-$3 per night,-3,$ per night",
            "€ -4,-4,€", "0.5 1/s,0.5,/s", "7.2 l/100 km,7.2,l/100 km", "-2 %/m,-0.02,/m"})
    void answersMayBeWrittenAsPeopleWriteThem(String text, double value, String unit) {
        assertThat(answered(text).value()).isEqualTo(value);
        assertThat(answered(text).unit()).isEqualTo(unit);
    }

    @Test
    void zerosAtTheEndCountAsTyped() {
        assertThat(answered("0.80").places()).isEqualTo(2);
        assertThat(answered("0.80").significant()).isEqualTo(2);
        assertThat(answered("120").places()).isZero();
    }

    @Test
    void simpleNumbersAreReadAsAnyOthers() {
        for (String text : new String[] {"0", "7", "-7", "007", "8.1", "-0.50", "123456789012345678901234567890"}) {
            assertThat(NumberReading.isSimple(text, DecimalMark.POINT)).as(text).isTrue();
            assertThat(NumberReading.ofMeasurement(text, DecimalMark.POINT))
                    .isEqualTo(NumberReading.ofMeasurement(" " + text, DecimalMark.POINT));
        }
        for (String text : new String[] {"", "-", ".5", "5.", "1.2.3", "1,5", "+3", "1e5", "−3", " 4", "4 cm", "١"}) {
            assertThat(NumberReading.isSimple(text, DecimalMark.POINT)).as(text).isFalse();
        }
        assertThat(NumberReading.isSimple("1,5", DecimalMark.COMMA)).isTrue();
    }

    @Test
    void simpleNumbersAreTheNearestDoubles() {
        Random random = new Random(7);
        for (int i = 0; i < 20_000; i++) {
            BigDecimal number = BigDecimal.valueOf(random.nextLong() >> random.nextInt(60), random.nextInt(18));
            String text = number.toPlainString();
            assertThat(NumberReading.simpleValue(text, DecimalMark.POINT)).as(text).isEqualTo(number.doubleValue());
            assertThat(NumberReading.simpleValue(text.replace('.', ','), DecimalMark.COMMA)).as(text)
                    .isEqualTo(number.doubleValue());
        }
    }

    @Test
    void severalValuesAreReadWithCommasSemicolonsOrSpacesBetweenThem() {
        assertThat(NumberReading.several("5, 7.5, 12", DecimalMark.POINT)).hasValue(List.of(5.0, 7.5, 12.0));
        assertThat(NumberReading.several("5,7.5,12", DecimalMark.POINT)).hasValue(List.of(5.0, 7.5, 12.0));
        assertThat(NumberReading.several("5; 7,5; 12", DecimalMark.COMMA)).hasValue(List.of(5.0, 7.5, 12.0));
        assertThat(NumberReading.several(" 5 7,5  12 ", DecimalMark.COMMA)).hasValue(List.of(5.0, 7.5, 12.0));
        assertThat(NumberReading.several("5, seven", DecimalMark.POINT)).isEmpty();
        assertThat(NumberReading.several("", DecimalMark.POINT)).isEmpty();
        assertThat(NumberReading.several("1 Sep; 2 Sep", it -> it.endsWith("Sep") && it.length() > 3
                ? OptionalDouble.of(it.charAt(0) - '0') : OptionalDouble.empty())).hasValue(List.of(1.0, 2.0));
    }
}
