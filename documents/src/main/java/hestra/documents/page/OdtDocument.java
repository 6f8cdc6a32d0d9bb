package hestra.documents.page;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.transform.OutputKeys;
import javax.xml.transform.Transformer;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;

import org.w3c.dom.Document;
import org.w3c.dom.Element;

/**
 * An OpenDocument text as a package of files: its contents, its styles, what it is about, and what is shown in it.
 *
 * @see <a href="https://docs.oasis-open.org/office/OpenDocument/v1.3/">OASIS, Open Document Format for Office Applications 1.3,
 *     parts 2 (packages) and 3 (schema)</a>
 */
final class OdtDocument {

    static final String OFFICE = "urn:oasis:names:tc:opendocument:xmlns:office:1.0";
    static final String STYLE = "urn:oasis:names:tc:opendocument:xmlns:style:1.0";
    static final String TEXT = "urn:oasis:names:tc:opendocument:xmlns:text:1.0";
    static final String TABLE = "urn:oasis:names:tc:opendocument:xmlns:table:1.0";
    static final String DRAW = "urn:oasis:names:tc:opendocument:xmlns:drawing:1.0";
    static final String FO = "urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0";
    static final String SVG = "urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0";
    static final String XLINK = "http://www.w3.org/1999/xlink";
    private static final String META = "urn:oasis:names:tc:opendocument:xmlns:meta:1.0";
    private static final String DC = "http://purl.org/dc/elements/1.1/";
    private static final String MANIFEST = "urn:oasis:names:tc:opendocument:xmlns:manifest:1.0";
    private static final String VERSION = "1.3";
    private static final String KIND = "application/vnd.oasis.opendocument.text";
    private static final String XML = "text/xml";
    /** In one order, so that the same page is the same file. */
    private static final SortedMap<String, String> PREFIXES = new TreeMap<>(Map.of("office", OFFICE, "style", STYLE, "text", TEXT,
            "table", TABLE, "draw", DRAW, "fo", FO, "svg", SVG, "xlink", XLINK, "meta", META, "dc", DC));

    /** A file in the package, and of what kind it is. */
    private record Entry(byte[] bytes, String type) {}

    private final Document content;
    private final Document styles;
    private final Document meta;
    private final Element automatic;
    private final Element body;
    private final Element named;
    private final Element pageLayout;
    private final Map<String, Entry> inserted = new LinkedHashMap<>();
    private final Set<String> counted = new HashSet<>();
    private final Element counts;

    OdtDocument(String title, String author) throws IOException {
        content = document("office:document-content");
        automatic = add(content, content.getDocumentElement(), OFFICE, "office:automatic-styles");
        body = add(content, add(content, content.getDocumentElement(), OFFICE, "office:body"), OFFICE, "office:text");
        counts = add(content, body, TEXT, "text:sequence-decls");
        styles = document("office:document-styles");
        named = add(styles, styles.getDocumentElement(), OFFICE, "office:styles");
        Element layout = add(styles, add(styles, styles.getDocumentElement(), OFFICE, "office:automatic-styles"), STYLE,
                "style:page-layout");
        layout.setAttributeNS(STYLE, "style:name", "Page");
        pageLayout = add(styles, layout, STYLE, "style:page-layout-properties");
        Element master = add(styles, add(styles, styles.getDocumentElement(), OFFICE, "office:master-styles"), STYLE,
                "style:master-page");
        master.setAttributeNS(STYLE, "style:name", "Standard");
        master.setAttributeNS(STYLE, "style:page-layout-name", "Page");
        meta = document("office:document-meta");
        Element about = add(meta, meta.getDocumentElement(), OFFICE, "office:meta");
        add(meta, about, META, "meta:generator").setTextContent("Hestra");
        add(meta, about, DC, "dc:title").setTextContent(XmlText.clean(title));
        add(meta, about, DC, "dc:creator").setTextContent(XmlText.clean(author));
    }

    private static Document document(String root) throws IOException {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newDefaultNSInstance();
            Document document = factory.newDocumentBuilder().newDocument();
            Element element = document.createElementNS(OFFICE, root);
            PREFIXES.forEach((prefix, uri) ->
                    element.setAttributeNS("http://www.w3.org/2000/xmlns/", "xmlns:" + prefix, uri));
            element.setAttributeNS(OFFICE, "office:version", VERSION);
            document.appendChild(element);
            return document;
        } catch (ParserConfigurationException e) {
            throw new IOException(e.getMessage(), e);
        }
    }

    private static Element add(Document document, Element parent, String namespace, String name) {
        Element element = document.createElementNS(namespace, name);
        parent.appendChild(element);
        return element;
    }

    /** The document's contents, to make elements of. */
    Document content() {
        return content;
    }

    /** Where its text stands. */
    Element body() {
        return body;
    }

    /** Has the things of a name, such as figures, counted by the document itself. */
    void count(String name) {
        if (counted.add(name)) {
            Element count = add(content, counts, TEXT, "text:sequence-decl");
            count.setAttributeNS(TEXT, "text:display-outline-level", "0");
            count.setAttributeNS(TEXT, "text:name", name);
        }
    }

    /** Where the styles stand that the contents alone use. */
    Element automaticStyles() {
        return automatic;
    }

    /** The document's styles, to make elements of. */
    Document styles() {
        return styles;
    }

    /** Where the styles stand that have a name to be changed by. */
    Element namedStyles() {
        return named;
    }

    /** The paper and its margins. */
    Element pageLayout() {
        return pageLayout;
    }

    /** Puts a file beside the contents; a path that ends in a slash is a folder, such as that of a formula. */
    void insert(byte[] bytes, String path, String type) {
        inserted.put(path, new Entry(bytes, type));
    }

    /** Writes the package. */
    void save(OutputStream out) throws IOException {
        Map<String, Entry> entries = new LinkedHashMap<>();
        entries.put("content.xml", new Entry(bytes(content), XML));
        entries.put("styles.xml", new Entry(bytes(styles), XML));
        entries.put("meta.xml", new Entry(bytes(meta), XML));
        entries.putAll(inserted);
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        // First and as it is, so that the kind of file can be told by its first bytes.
        byte[] kind = KIND.getBytes(StandardCharsets.US_ASCII);
        ZipEntry first = new ZipEntry("mimetype");
        CRC32 sum = new CRC32();
        sum.update(kind);
        first.setMethod(ZipEntry.STORED);
        first.setSize(kind.length);
        first.setCrc(sum.getValue());
        zip.putNextEntry(first);
        zip.write(kind);
        for (Map.Entry<String, Entry> entry : entries.entrySet()) {
            if (!entry.getKey().endsWith("/")) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue().bytes());
            }
        }
        zip.putNextEntry(new ZipEntry("META-INF/manifest.xml"));
        zip.write(manifest(entries));
        zip.finish();
    }

    private static byte[] manifest(Map<String, Entry> entries) {
        StringBuilder text = new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<manifest:manifest xmlns:manifest=\"")
                .append(MANIFEST).append("\" manifest:version=\"").append(VERSION).append("\">\n");
        line(text, "/", KIND);
        entries.forEach((path, entry) -> line(text, path, entry.type()));
        return text.append("</manifest:manifest>\n").toString().getBytes(StandardCharsets.UTF_8);
    }

    private static void line(StringBuilder text, String path, String type) {
        text.append("  <manifest:file-entry manifest:full-path=\"").append(XmlText.escaped(path))
                .append("\" manifest:media-type=\"").append(type).append("\"/>\n");
    }

    private static byte[] bytes(Document document) throws IOException {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            Transformer transformer = TransformerFactory.newDefaultInstance().newTransformer();
            transformer.setOutputProperty(OutputKeys.ENCODING, "UTF-8");
            document.setXmlStandalone(true);
            transformer.transform(new DOMSource(document), new StreamResult(out));
            return out.toByteArray();
        } catch (TransformerException e) {
            throw new IOException(e.getMessage(), e);
        }
    }
}
