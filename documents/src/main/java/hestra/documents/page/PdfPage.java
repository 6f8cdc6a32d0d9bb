package hestra.documents.page;

import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;

/**
 * A page as a PDF: figures and equations as vectors with their text beside them, headings and tables tagged for screen readers.
 */
public final class PdfPage {

    /** What stands between two tags. */
    private static final Pattern TEXTS = Pattern.compile(">[^<]*\u0304[^<]*<");
    private static final Pattern BARRED = Pattern.compile("(\\p{L})\u0304");

    private PdfPage() {}

    /** Writes the page for some paper. */
    public static void write(Page page, Paper paper, OutputStream out) throws IOException {
        PdfSheets.write(List.of(new Sheet(page, Optional.empty(), page.title())), paper, out);
    }

    /** Writes a page that has been laid out as HTML, with what is drawn on it. */
    static void render(String html, PdfDrawings drawn, OutputStream out) throws IOException {
        PdfRendererBuilder builder = builder(html, drawn);
        builder.toStream(out);
        builder.run();
    }

    /** Lays a page out and measures it. */
    static Measured measure(String html, PdfDrawings drawn) throws IOException {
        PdfRendererBuilder builder = builder(html, drawn);
        builder.toStream(OutputStream.nullOutputStream());
        try (PdfBoxRenderer renderer = builder.buildPdfRenderer()) {
            renderer.layout();
            return Measured.of(renderer);
        }
    }

    private static PdfRendererBuilder builder(String html, PdfDrawings drawn) {
        XRLog.setLoggingEnabled(false);
        PdfRendererBuilder builder = new PdfRendererBuilder();
        for (Typefaces face : Typefaces.values()) {
            builder.useFont(face::openPlain, face.family(), face.weight(), face.italic() ? FontStyle.ITALIC : FontStyle.NORMAL,
                    true);
        }
        // What figures call it, which know no weights.
        builder.useFont(Typefaces.STRONG::openPlain, "Source Sans 3 Semibold", Typefaces.TEXT.weight(), FontStyle.NORMAL, true);
        builder.usePdfUaAccessibility(true);
        builder.useObjectDrawerFactory(drawn);
        builder.useFastMode();
        builder.withProducer("Hestra");
        builder.withHtmlContent(barred(Spelling.ofText().spelled(html)), null);
        return builder;
    }

    /** A bar is moved over its letter: the marks of typefaces are not set over their letters here. */
    private static String barred(String html) {
        return TEXTS.matcher(html).replaceAll(text -> Matcher.quoteReplacement(
                BARRED.matcher(text.group()).replaceAll("<span class=\"under-bar\">$1</span><span class=\"bar\">\u0304</span>")));
    }
}
