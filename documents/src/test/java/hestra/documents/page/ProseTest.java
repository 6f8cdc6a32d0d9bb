package hestra.documents.page;

import org.commonmark.node.Node;
import org.commonmark.node.Paragraph;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

class ProseTest {

    @ParameterizedTest
    @ValueSource(strings = {">", "*a **b ", "- ", "1. ", "[a](", "![", "*", "<", "_a __b "})
    void whatIsNestedManyTimesOverIsShownAsPlainText(String mark) {
        for (int times : new int[] {300, 3_000, 20_000}) {
            Node parsed = Prose.parse(mark.repeat(times));
            assertThat(parsed.getFirstChild()).isNotNull();
            assertThat(Prose.html(mark.repeat(times))).isNotBlank();
        }
        assertThat(Prose.parse(">".repeat(20_000)).getFirstChild()).isInstanceOf(Paragraph.class);
    }

    @Test
    void aLongTextOfUsualParagraphsKeepsItsMarkUp() {
        String page = "Young *kelp* settles on the ropes. ".repeat(40) + "\n\n- one\n- two\n\n";
        assertThat(Prose.html(page.repeat(60))).contains("<em>kelp</em>").contains("<li>one</li>");
    }

    @Test
    void linksLeadToTheWebAndNowhereElse() {
        assertThat(Prose.html("[a](https://orrin.example) [b](mailto:ida@orrin.example)")).contains("https://orrin.example")
                .contains("mailto:ida@orrin.example");
        assertThat(Prose.html("[a](data:text/html;base64,PHA+) [b](javascript:alert(1)) [c](file:///etc/kelp) [d](/local)"))
                .doesNotContain("data:").doesNotContain("javascript").doesNotContain("file:").doesNotContain("/local");
        assertThat(Prose.html("![p](https://orrin.example/p.png)")).doesNotContain("<img");
    }

    @Test
    void ofATextTheWordsAloneAreItsMarkUpTakenOffAndNothingElse() {
        assertThat(Prose.words("Read *b*, **not** a.\n\nThen y_1 and 2 * 3 * 4 # five."))
                .isEqualTo("Read b, not a.\nThen y_1 and 2 * 3 * 4 # five.");
        assertThat(Prose.words("- one\n- two")).contains("one").contains("two").doesNotContain("*");
    }
}
