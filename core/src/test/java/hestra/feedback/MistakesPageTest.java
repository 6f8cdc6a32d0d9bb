package hestra.feedback;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** The page of recognised mistakes is made from the registry; {@code -Dhestra.write-docs=true} makes it anew. */
class MistakesPageTest {

    private static final Path PAGE = Path.of("..", "docs", "recognised-mistakes.md");

    private static String page() {
        return """
                # Recognised mistakes

                Made from the registry (`hestra.feedback.Mistake`) by `mvn -B -pl core test -Dtest=MistakesPageTest \
                -Dhestra.write-docs=true`; a test fails while
                it is out of date. A mistake is named only when the answer fits what it gives and does not fit the key. {x}, \
                {y} and {rounding} stand for the
                variables and the rounding that is asked for. How often each is recognised stands in [feedback.md](feedback.md).

                | name in files | mistake | what the student is told | recognised by |
                | --- | --- | --- | --- |
                """ + Stream.of(Mistake.values()).map(MistakesPageTest::line).collect(Collectors.joining("\n")) + "\n";
    }

    private static String line(Mistake it) {
        return "| `" + it.id() + "` | " + it.inWords() + " | " + it.says() + " | " + it.recognisedBy() + " |";
    }

    @Test
    void thePageIsThatOfTheRegistry() throws IOException {
        if (Boolean.getBoolean("hestra.write-docs")) {
            Files.writeString(PAGE, page(), StandardCharsets.UTF_8);
        }
        assertThat(Files.readString(PAGE)).isEqualTo(page());
    }

    @Test
    void everyMistakeHasANameWordsAndSomethingToSay() {
        assertThat(Mistake.values()).extracting(Mistake::id).doesNotHaveDuplicates()
                .allMatch(it -> it.matches("[a-z0-9]+(?:-[a-z0-9]+)*"));
        assertThat(Mistake.values()).allSatisfy(it -> {
            assertThat(it.inWords()).isNotBlank().doesNotEndWith(".");
            assertThat(it.says()).matches("(?s)[A-Z0-9{p].*[.?]");
            assertThat(Mistake.of(it.id())).hasValue(it);
        });
    }
}
