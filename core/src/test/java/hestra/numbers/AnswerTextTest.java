package hestra.numbers;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

/** Numbers as people write them into an answer, with what they put before and behind. */
class AnswerTextTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "= 0.288 | 0.288", "≈ 0.288 | 0.288", "~0.288 | 0.288", "b = 0.288 | 0.288", "b=0.288 | 0.288", "slope 0.288 | 0.288",
                "slope: 0.288 | 0.288", "the slope is 0.288 | 0.288", "The slope is about 0.288. | 0.288",
        "R² = 0.997 | 0.997", "R^2 = 0.997 | 0.997", "R2 = 0.997 | 0.997", "r2 0.997 | 0.997", "R² ≈ .997 | 0.997",
                "r = -0.767 | -0.767", "r = −0.767 | -0.767", "minus 0.767 | -0.767", "r is minus 0.767 | -0.767",
        "negative 0.767 | -0.767", "plus 3 | 3", "about 12.5 | 12.5", "approx. 12.5 | 12.5", "ŷ = 12.5 | 12.5",
                "y\u0302 = 12.5 | 12.5", "y-hat = 12.5 | 12.5", "(0.288) | 0.288", "adjusted R² = 0.98 | 0.98",
        "ŷ = 3.1 + 0.83·20 = 19.7 | 19.7", "b = 12.4/43 = 0.288 | 0.288", "s = 2,5 | 2.5", "slope (b) = 0.288 | 0.288",
                "length = 12.5 | 12.5", "\u200e0.288 | 0.288", "\u202b0.288\u202c | 0.288", "answer: 5! | 5",
                "k = -4.3e-2 | -0.043",
        "p = 3.2 × 10⁻⁷ | 3.2E-7", "n = 24 | 24", "I get 0.288 | 0.288", "it falls by 0.271 | -0.271",
                "a decrease of 0.271 | -0.271", "falls by -0.271 | -0.271", "0.271 lower | -0.271", "0.271 mm less | -0.271",
                "lower quartile 5 | 5", "-0.271 (mm per step) | -0.271", "﹣0.271 | -0.271",
    })
    void whatStandsBeforeANumberIsLeftOut(String text, double value) {
        NumberReading reading = NumberReading.ofAnswer(text, DecimalMark.POINT);
        assertThat(reading).as(text).isInstanceOf(NumberReading.Value.class);
        assertThat(((NumberReading.Value) reading).value()).as(text).isEqualTo(value);
    }

    @ParameterizedTest
    @ValueSource(strings = {"less than 5", "more than 0.288", "not 5", "between 3 and 4", "3 or 4", "5 ± 1", "3 to 4", "5 = 5",
            "at least 4", "b = 0.8, a = 3", "p < 0.05", "half 5", "e 5", "x 5", "0.2 0.3", "a = b", "log 5", "one", "a fair bit",
            "2 + 3",
        "slope = 3 + 0.288 x", "10 squared 2", "square root of 5"})
    void whatIsNotOneNumberIsRefused(String text) {
        assertThat(NumberReading.ofAnswer(text, DecimalMark.POINT)).as(text).isInstanceOf(NumberReading.Unreadable.class);
    }

    @Test
    void severalNumbersAreCalledThat() {
        assertThat(((NumberReading.Unreadable) NumberReading.ofAnswer("3 or 4", DecimalMark.POINT)).reason())
                .contains("not one number");
    }

    @Test
    void aMeasurementHasNothingBeforeIt() {
        assertThat(NumberReading.ofMeasurement("b = 5", DecimalMark.POINT)).isInstanceOf(NumberReading.Unreadable.class);
    }
}
