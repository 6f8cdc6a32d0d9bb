package hestra.documents.page;

import java.io.IOException;
import java.io.OutputStream;
import java.util.Locale;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;

/**
 * A page as a PDF: figures and equations as vectors with their text beside them, headings and tables tagged for screen readers.
 */
public final class PdfPage {

    private PdfPage() {}

    /** Writes the page for some paper. */
    public static void write(Page page, Paper paper, OutputStream out) throws IOException {
        PdfDrawings drawn = new PdfDrawings(paper.textWidth());
        String size = String.format(Locale.ROOT,
                "@page { size: %.1fmm %.1fmm; margin: %.0fmm; @bottom-center { content: counter(page) ' / ' counter(pages); "
                + "font-family: 'Source Sans 3'; font-size: 9pt; } }\n",
                paper.width(), paper.height(), Paper.MARGIN);
        render(new PageTemplate(drawn).fill(page, "", size + PageTemplate.resource("print.css"))
                .replaceFirst("<!DOCTYPE html>\\s*", ""), drawn, out);
    }

    /** Writes a page that has been laid out as HTML, with what is drawn on it. */
    static void render(String html, PdfDrawings drawn, OutputStream out) throws IOException {
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
        builder.withHtmlContent(Spelling.ofText().spelled(html), null);
        builder.toStream(out);
        builder.run();
    }
}
