package hestra.documents;

import java.util.List;

import org.commonmark.node.Node;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;

/**
 * Light mark-up: paragraphs, emphasis, lists and small headings, after the CommonMark standard. Raw HTML is shown as text,
 * links lead only to the web.
 */
public final class Prose {

    private static final Parser PARSER = Parser.builder().build();
    private static final HtmlRenderer HTML =
            HtmlRenderer.builder().escapeHtml(true).sanitizeUrls(true).omitSingleParagraphP(false).build();

    private Prose() {}

    /** The text as a tree, for a view to lay out. */
    public static Node parse(String text) {
        return PARSER.parse(text);
    }

    /** The text as HTML. Images are left out: a page stands by itself. */
    public static String html(String text) {
        return HTML.render(PARSER.parse(text)).replaceAll("<img [^>]*>", "");
    }

    /** The kinds of mark-up there are, for a hint beside the field. */
    public static List<String> hints() {
        return List.of("*emphasis*", "**strong**", "- list", "blank line: new paragraph");
    }
}
