package hestra.documents.page;

import org.commonmark.node.BulletList;
import org.commonmark.node.Code;
import org.commonmark.node.Emphasis;
import org.commonmark.node.HardLineBreak;
import org.commonmark.node.ListBlock;
import org.commonmark.node.Node;
import org.commonmark.node.OrderedList;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.StrongEmphasis;
import org.commonmark.node.Text;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** Writes text into an OpenDocument text: headings, paragraphs, runs of letters, and light mark-up as what it means. */
final class OdtWriter {

    private static final String TEXT = OdtDocument.TEXT;

    private final Document dom;
    private final Element body;

    OdtWriter(Document dom, Element body) {
        this.dom = dom;
        this.body = body;
    }

    Element body() {
        return body;
    }

    Element element(String namespace, String name) {
        return dom.createElementNS(namespace, name);
    }

    void heading(int level, String text) {
        Element heading = element(TEXT, "text:h");
        heading.setAttributeNS(TEXT, "text:outline-level", Integer.toString(level));
        heading.setAttributeNS(TEXT, "text:style-name", "Heading_20_" + level);
        heading.setTextContent(XmlText.clean(text));
        body.appendChild(heading);
    }

    Element paragraph(String style, String text) {
        return paragraph(body, style, text);
    }

    Element paragraph(Element parent, String style, String text) {
        Element paragraph = element(TEXT, "text:p");
        paragraph.setAttributeNS(TEXT, "text:style-name", style);
        paragraph.setTextContent(XmlText.clean(text));
        parent.appendChild(paragraph);
        return paragraph;
    }

    void span(Element parent, String style, String text) {
        Element span = element(TEXT, "text:span");
        span.setAttributeNS(TEXT, "text:style-name", style);
        span.setTextContent(XmlText.clean(text));
        parent.appendChild(span);
    }

    void text(Element parent, String text) {
        parent.appendChild(dom.createTextNode(XmlText.clean(text)));
    }

    /** Light mark-up: paragraphs, lists, emphasis and small headings. */
    void prose(Node parent, Element into) {
        for (Node node = parent.getFirstChild(); node != null; node = node.getNext()) {
            switch (node) {
                case org.commonmark.node.Heading heading -> heading(Math.min(3, heading.getLevel() + 1), text(heading));
                case ListBlock list -> list(list, into);
                case Paragraph paragraph -> inline(paragraph, paragraph(into, "Standard", ""), "");
                default -> {
                    if (node.getFirstChild() != null) {
                        prose(node, into);
                    } else if (!text(node).isBlank()) {
                        paragraph(into, "Standard", text(node));
                    }
                }
            }
        }
    }

    private void list(ListBlock block, Element into) {
        Element list = element(TEXT, "text:list");
        list.setAttributeNS(TEXT, "text:style-name",
                block instanceof BulletList || !(block instanceof OrderedList) ? "Bullets" : "Numbers");
        for (Node item = block.getFirstChild(); item != null; item = item.getNext()) {
            Element entry = element(TEXT, "text:list-item");
            prose(item, entry);
            list.appendChild(entry);
        }
        into.appendChild(list);
    }

    private void inline(Node parent, Element into, String style) {
        for (Node node = parent.getFirstChild(); node != null; node = node.getNext()) {
            switch (node) {
                case Text text -> run(into, style, text.getLiteral());
                case Code code -> run(into, style, code.getLiteral());
                case SoftLineBreak _ -> run(into, style, " ");
                case HardLineBreak _ -> into.appendChild(element(TEXT, "text:line-break"));
                case Emphasis emphasis -> inline(emphasis, into, "Emphasis");
                case StrongEmphasis strong -> inline(strong, into, "Strong");
                default -> inline(node, into, style);
            }
        }
    }

    private void run(Element into, String style, String text) {
        if (style.isEmpty()) {
            text(into, text);
        } else {
            span(into, style, text);
        }
    }

    private static String text(Node node) {
        StringBuilder text = new StringBuilder();
        for (Node child = node.getFirstChild(); child != null; child = child.getNext()) {
            text.append(child instanceof Text it ? it.getLiteral()
                    : child instanceof Code it ? it.getLiteral()
                    : child instanceof SoftLineBreak ? " "
                    : text(child));
        }
        return text.toString();
    }
}
