package hestra.feedback;

import java.util.Optional;

import hestra.data.Cell;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

class EntrySlipTest {

    private static Optional<EntrySlip> between(String printed, String entered) {
        return EntrySlip.between(Cell.of(printed, DecimalMark.POINT), Cell.of(entered, DecimalMark.POINT));
    }

    @ParameterizedTest
    @CsvSource({
        "41.2, 14.2, DIGITS_EXCHANGED", "41.2, 42.1, DIGITS_EXCHANGED", "1907, 1970, DIGITS_EXCHANGED",
        "41.2, 412, DECIMAL_POINT", "41.2, 4.12, DECIMAL_POINT", "41.2, 0.0412, DECIMAL_POINT", "3, 3000, DECIMAL_POINT",
        "-4.1, 4.1, SIGN", "41.25, 41.5, DIGIT_LOST", "41.25, 1.25, DIGIT_LOST", "41.5, 41.55, DIGIT_TOO_MANY",
                "41.5, 411.5, DIGIT_TOO_MANY"})
    void aSlipIsKnownByWhatItMakesOfTheNumber(String printed, String entered, EntrySlip slip) {
        assertThat(between(printed, entered)).contains(slip);
    }

    @ParameterizedTest
    @CsvSource({"41.2, 41.2", "41.2, 41.20", "41.2, 41.3", "41.2, 24.1", "41.2, abc", "41.2, ''", "0, 5", "1.5, 15e5"})
    void whatNoSingleSlipMakesIsNotCalledOne(String printed, String entered) {
        assertThat(between(printed, entered)).isEmpty();
    }
}
