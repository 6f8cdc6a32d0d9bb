package hestra.numbers;

import java.util.List;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class WordsTest {

    @Test
    void theArticleGoesWithTheWordAfterIt() {
        assertThat(Words.withArticle("exponential curve")).isEqualTo("an exponential curve");
        assertThat(Words.withArticle("quadratic curve")).isEqualTo("a quadratic curve");
        assertThat(Words.article("Eelgrass")).isEqualTo("an");
    }

    @Test
    void aSentenceHasOneStop() {
        assertThat(Words.ended("Read the slope")).isEqualTo("Read the slope.");
        assertThat(Words.ended(new IllegalStateException().getMessage())).isEqualTo("the reason is not known.");
        for (String ended : List.of("Which explains?", "Look!", "It is full.", "And so on…")) {
            assertThat(Words.ended(ended + " ")).isEqualTo(ended);
        }
    }
}
