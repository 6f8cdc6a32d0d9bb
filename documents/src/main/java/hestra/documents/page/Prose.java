package hestra.documents.page;

import java.util.List;
import java.util.Locale;

import org.commonmark.node.Document;
import org.commonmark.node.Node;
import org.commonmark.node.Paragraph;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;
import org.commonmark.renderer.html.UrlSanitizer;
import org.commonmark.renderer.text.LineBreakRendering;
import org.commonmark.renderer.text.TextContentRenderer;

/**
 * Light mark-up: paragraphs, emphasis, lists and small headings, after the CommonMark standard. Raw HTML is shown as text,
 * links lead only to the web. A text that no person writes, nested many times over or a single paragraph of many pages, is taken
 * as plain paragraphs, since to work out its mark-up could take for ever.
 */
public final class Prose {

    private static final int LONGEST_PARAGRAPH = 10_000;
    private static final int DEEPEST = 60;

    private static final Parser PARSER = Parser.builder().build();
    private static final TextContentRenderer WORDS =
            TextContentRenderer.builder().lineBreakRendering(LineBreakRendering.COMPACT).build();
    private static final HtmlRenderer HTML = HtmlRenderer.builder().escapeHtml(true).sanitizeUrls(true)
            .urlSanitizer(new WebOnly()).omitSingleParagraphP(false).build();

    private Prose() {}

    /** Lets through what leads to a page or a person; anything that carries contents or code of its own becomes an empty link. */
    private static final class WebOnly implements UrlSanitizer {
        private static final List<String> SCHEMES = List.of("http://", "https://", "mailto:");

        @Override
        public String sanitizeLinkUrl(String url) {
            String lower = url.strip().toLowerCase(Locale.ROOT);
            return SCHEMES.stream().anyMatch(lower::startsWith) ? url.strip() : "";
        }

        @Override
        public String sanitizeImageUrl(String url) {
            return "";
        }
    }

    /** The text as a tree, for a view to lay out: at most so deep that a view can go down it. */
    public static Node parse(String text) {
        if (longestParagraph(text) > LONGEST_PARAGRAPH) {
            return plain(text);
        }
        try {
            Node parsed = PARSER.parse(text);
            return isDeep(parsed) ? plain(text) : parsed;
        } catch (StackOverflowError e) {
            return plain(text);
        }
    }

    private static int longestParagraph(String text) {
        int longest = 0;
        int length = 0;
        for (String line : text.split("\n", -1)) {
            length = line.isBlank() ? 0 : length + line.length();
            longest = Math.max(longest, length);
        }
        return longest;
    }

    private static boolean isDeep(Node root) {
        int depth = 0;
        Node node = root;
        while (node != null && depth <= DEEPEST) {
            if (node.getFirstChild() != null) {
                node = node.getFirstChild();
                depth++;
                continue;
            }
            while (node != null && node != root && node.getNext() == null) {
                node = node.getParent();
                depth--;
            }
            node = node == null || node == root ? null : node.getNext();
        }
        return depth > DEEPEST;
    }

    private static Node plain(String text) {
        Document document = new Document();
        for (String part : text.split("\\n\\s*\\n")) {
            Paragraph paragraph = new Paragraph();
            paragraph.appendChild(new Text(part.strip()));
            document.appendChild(paragraph);
        }
        return document;
    }

    /** The words alone, without mark-up: “not *so* far” is “not so far”, and “2 * 3 * 4” as it stands. */
    public static String words(String text) {
        return WORDS.render(parse(text)).strip();
    }

    /** The text as HTML. Images are left out: a page stands by itself. */
    public static String html(String text) {
        return HTML.render(parse(text)).replaceAll("<img [^>]*>", "");
    }

    /** The kinds of mark-up there are, for a hint beside the field. */
    public static List<String> hints() {
        return List.of("*emphasis*", "**strong**", "- list", "blank line: new paragraph");
    }
}
