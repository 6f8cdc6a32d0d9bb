package hestra.documents.page;

import java.util.regex.Pattern;

/** Text as XML may hold it. */
final class XmlText {

    private static final Pattern NOT_ALLOWED =
            Pattern.compile("[^\\t\\n\\r\\x{20}-\\x{D7FF}\\x{E000}-\\x{FFFD}\\x{10000}-\\x{10FFFF}]|"
                    + "[\\x{202A}-\\x{202E}\\x{2066}-\\x{2069}]");

    private XmlText() {}

    /**
     * The text without the control characters that XML has no place for, such as may come with what is pasted, and without signs
     * that turn the direction in which what follows is read.
     */
    static String clean(String text) {
        return NOT_ALLOWED.matcher(text).replaceAll("");
    }

    /** The text as it stands in an element or an attribute. */
    static String escaped(String text) {
        return clean(text).replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;").replace("\"", "&quot;");
    }
}
