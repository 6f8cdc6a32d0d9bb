package hestra.documents.picture;

import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Letters, numbers and signs as the rules of Unified English Braille write them without contractions. */
class BrailleTest {

    private static String of(String text) {
        return Braille.cells(text).stream().map(cell -> String.valueOf((char) ('\u2800' + cell))).collect(Collectors.joining());
    }

    @Test
    void lettersCapitalsAndNumbers() {
        assertThat(of("depth")).isEqualTo("⠙⠑⠏⠞⠓");
        assertThat(of("Tide")).isEqualTo("⠠⠞⠊⠙⠑");
        assertThat(of("10")).isEqualTo("⠼⠁⠚");
        assertThat(of("2.5")).isEqualTo("⠼⠃⠲⠑");
        assertThat(of("−4")).isEqualTo("⠐⠤⠼⠙");
    }

    @Test
    void aLetterBehindANumberIsNoDigit() {
        assertThat(of("3a")).isEqualTo("⠼⠉⠰⠁");
        assertThat(of("3m")).as("m is none anyway").isEqualTo("⠼⠉⠍");
        assertThat(of("length (cm)")).isEqualTo("⠇⠑⠝⠛⠞⠓⠀⠐⠣⠉⠍⠐⠜");
    }

    @Test
    void whatHasNoCellIsLeftOut() {
        assertThat(of("a★b")).isEqualTo("⠁⠃");
    }
}
