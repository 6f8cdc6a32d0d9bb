package hestra.numbers;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class WordsTest {

    @Test
    void theArticleGoesWithTheWordAfterIt() {
        assertThat(Words.withArticle("exponential curve")).isEqualTo("an exponential curve");
        assertThat(Words.withArticle("quadratic curve")).isEqualTo("a quadratic curve");
        assertThat(Words.article("Eelgrass")).isEqualTo("an");
    }
}
