package hestra.documents.page;

import java.util.Locale;

import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** The styles of an OpenDocument text: named ones, so that all headings or captions can be changed in one place. */
final class OdtStyles {

    private static final String STYLE = OdtDocument.STYLE;
    private static final String FO = OdtDocument.FO;
    private static final String TEXT = OdtDocument.TEXT;

    private final OdtDocument document;
    private final Document dom;
    private final Element styles;

    OdtStyles(OdtDocument document) {
        this.document = document;
        this.dom = document.styles();
        this.styles = document.namedStyles();
    }

    /** Adds all of them, and sets the paper. */
    void add(Paper paper) {
        paragraph("Standard", "", "fo:font-family", "Source Sans 3", "fo:font-size", "11pt", "fo:line-height", "140%",
                "fo:margin-bottom", "0.2cm");
        heading(1, "20pt");
        heading(2, "14pt");
        heading(3, "12pt");
        paragraph("Caption", "Standard", "fo:font-size", "10pt", "fo:margin-bottom", "0.4cm");
        paragraph("Remark", "Standard", "fo:font-size", "10pt", "fo:color", "#5C6873");
        paragraph("Formula", "Standard", "fo:font-family", "Source Serif 4", "fo:font-size", "12pt", "fo:margin-left", "0.5cm");
        paragraph("Figure", "Standard", "fo:margin-top", "0.3cm", "fo:margin-bottom", "0.1cm", "fo:keep-with-next", "always");
        paragraph("Answer", "Standard", "fo:margin-left", "0.5cm", "fo:border-left", "0.06cm solid #DAD5C9", "fo:padding-left",
                "0.3cm");
        paragraph("Room", "Standard", "fo:border", "0.02cm solid #5C6873", "fo:padding", "0.2cm", "fo:margin-bottom", "3cm");
        paragraph("TableWords", "Standard", "fo:font-size", "10pt", "fo:margin-bottom", "0cm");
        paragraph("TableNumber", "Standard", "fo:font-size", "10pt", "fo:margin-bottom", "0cm", "fo:text-align", "end");
        paragraph("TableHeading", "TableWords", "fo:font-weight", "bold");
        paragraph("TableNumberHeading", "TableNumber", "fo:font-weight", "bold");
        letters("Emphasis", "fo:font-style", "italic");
        letters("Strong", "fo:font-weight", "bold");
        Element struck = letters("Struck", "fo:color", "#5C6873");
        ((Element) struck.getFirstChild()).setAttributeNS(STYLE, "style:text-line-through-style", "solid");
        cell("Cell", "0.02cm solid #DAD5C9");
        cell("HeadCell", "0.03cm solid #22303C");
        cell("BareCell", "none");
        lists();
        paper(paper);
    }

    /** Cells have automatic styles: word processors look for theirs there. */
    private void cell(String name, String below) {
        Element style = document.content().createElementNS(STYLE, "style:style");
        style.setAttributeNS(STYLE, "style:name", name);
        style.setAttributeNS(STYLE, "style:family", "table-cell");
        document.automaticStyles().appendChild(style);
        Element layout = document.content().createElementNS(STYLE, "style:table-cell-properties");
        layout.setAttributeNS(FO, "fo:padding", "0.08cm");
        layout.setAttributeNS(FO, "fo:border-bottom", below);
        layout.setAttributeNS(STYLE, "style:vertical-align", "bottom");
        style.appendChild(layout);
    }

    private void heading(int level, String size) {
        Element style = paragraph("Heading_20_" + level, "Standard", "fo:font-family", "Source Serif 4", "fo:font-size", size,
                "fo:font-weight", "bold", "fo:margin-top", "0.5cm",
                "fo:margin-bottom", "0.15cm", "fo:keep-with-next", "always");
        style.setAttributeNS(STYLE, "style:display-name", "Heading " + level);
        style.setAttributeNS(STYLE, "style:default-outline-level", Integer.toString(level));
    }

    private Element paragraph(String name, String parent, String... properties) {
        Element style = style(name, "paragraph");
        if (!parent.isEmpty()) {
            style.setAttributeNS(STYLE, "style:parent-style-name", parent);
        }
        Element layout = dom.createElementNS(STYLE, "style:paragraph-properties");
        Element letters = dom.createElementNS(STYLE, "style:text-properties");
        for (int i = 0; i < properties.length; i += 2) {
            boolean ofLetters = properties[i].startsWith("fo:font") || properties[i].equals("fo:color");
            (ofLetters ? letters : layout).setAttributeNS(FO, properties[i], properties[i + 1]);
        }
        style.appendChild(layout);
        style.appendChild(letters);
        return style;
    }

    private Element letters(String name, String property, String value) {
        Element style = style(name, "text");
        Element letters = dom.createElementNS(STYLE, "style:text-properties");
        letters.setAttributeNS(FO, property, value);
        style.appendChild(letters);
        return style;
    }

    private Element style(String name, String family) {
        Element style = dom.createElementNS(STYLE, "style:style");
        style.setAttributeNS(STYLE, "style:name", name);
        style.setAttributeNS(STYLE, "style:family", family);
        styles.appendChild(style);
        return style;
    }

    private void lists() {
        Element bullets = list("Bullets");
        Element bullet = dom.createElementNS(TEXT, "text:list-level-style-bullet");
        bullet.setAttributeNS(TEXT, "text:bullet-char", "•");
        level(bullets, bullet);
        Element numbers = list("Numbers");
        Element number = dom.createElementNS(TEXT, "text:list-level-style-number");
        number.setAttributeNS(STYLE, "style:num-format", "1");
        number.setAttributeNS(STYLE, "style:num-suffix", ".");
        level(numbers, number);
    }

    private Element list(String name) {
        Element list = dom.createElementNS(TEXT, "text:list-style");
        list.setAttributeNS(STYLE, "style:name", name);
        styles.appendChild(list);
        return list;
    }

    private void level(Element list, Element level) {
        level.setAttributeNS(TEXT, "text:level", "1");
        Element layout = dom.createElementNS(STYLE, "style:list-level-properties");
        layout.setAttributeNS(TEXT, "text:space-before", "0.4cm");
        layout.setAttributeNS(TEXT, "text:min-label-width", "0.5cm");
        level.appendChild(layout);
        list.appendChild(level);
    }

    private void paper(Paper paper) {
        Element layout = document.pageLayout();
        layout.setAttributeNS(FO, "fo:page-width", millimetres(paper.width()));
        layout.setAttributeNS(FO, "fo:page-height", millimetres(paper.height()));
        for (String side : new String[] {"left", "right", "top", "bottom"}) {
            layout.setAttributeNS(FO, "fo:margin-" + side, millimetres(Paper.MARGIN));
        }
    }

    private static String millimetres(double value) {
        return String.format(Locale.ROOT, "%.1fmm", value);
    }
}
