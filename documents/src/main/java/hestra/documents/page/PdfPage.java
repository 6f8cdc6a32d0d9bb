package hestra.documents.page;

import java.awt.Graphics2D;
import java.awt.Shape;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;

import com.openhtmltopdf.extend.FSObjectDrawer;
import com.openhtmltopdf.extend.FSObjectDrawerFactory;
import com.openhtmltopdf.extend.OutputDevice;
import com.openhtmltopdf.extend.OutputDeviceGraphicsDrawer;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.render.RenderingContext;
import com.openhtmltopdf.util.XRLog;
import hestra.documents.picture.EquationPicture;
import hestra.documents.picture.FigurePainter;
import hestra.documents.picture.Palette;
import hestra.figure.Figure;
import hestra.figure.Layout;
import hestra.fit.Equation;
import org.w3c.dom.Element;

/** A page as a PDF: figures and equations as vectors with their text beside them, headings and tables tagged for screen readers. */
public final class PdfPage {

    /** Of figures, in points: what would be a pixel on a page of the web. */
    private static final double PIXEL = 0.75;

    private PdfPage() {}

    /** Writes the page for some paper. */
    public static void write(Page page, Paper paper, OutputStream out) throws IOException {
        XRLog.setLoggingEnabled(false);
        Objects drawn = new Objects(paper.textWidth());
        String size = String.format(Locale.ROOT, "@page { size: %.1fmm %.1fmm; margin: %.0fmm; @bottom-center { content: counter(page) ' / ' counter(pages); font-family: 'Source Sans 3'; font-size: 9pt; } }\n",
                paper.width(), paper.height(), Paper.MARGIN);
        String html = new PageTemplate(drawn).fill(page, "", size + PageTemplate.resource("print.css")).replaceFirst("<!DOCTYPE html>\\s*", "");
        PdfRendererBuilder builder = new PdfRendererBuilder();
        for (Typefaces face : Typefaces.values()) {
            builder.useFont(face::open, face.family(), face.weight(), face.italic() ? FontStyle.ITALIC : FontStyle.NORMAL, true);
        }
        // What figures call it, which know no weights.
        builder.useFont(Typefaces.STRONG::open, "Source Sans 3 Semibold", Typefaces.TEXT.weight(), FontStyle.NORMAL, true);
        builder.usePdfUaAccessibility(true);
        builder.useObjectDrawerFactory(drawn);
        builder.useFastMode();
        builder.withProducer("Hestra");
        builder.withHtmlContent(html, null);
        builder.toStream(out);
        builder.run();
    }

    /** What is drawn on the page, by its number. */
    private static final class Objects implements PageTemplate.Drawings, FSObjectDrawerFactory, FSObjectDrawer {
        private static final String KIND = "hestra/drawing";

        /** {@code own} is the width in the units in which it is painted; width and height are in points. */
        private record Drawing(Consumer<Graphics2D> painting, double own, double width, double height) {}

        private final double textWidth;
        private final List<Drawing> all = new ArrayList<>();

        Objects(double textWidth) {
            this.textWidth = textWidth;
        }

        @Override
        public String plot(Piece.Plot plot, double share) {
            double width = (textWidth * share - (share < 1 ? 8 : 0)) / PIXEL;
            Figure figure = plot.drawing().at(new Layout(width, width * plot.ratio(), 1));
            return element(new Drawing(graphics -> FigurePainter.paint(figure, graphics, Palette.ON_WHITE), width, width * PIXEL, width * plot.ratio() * PIXEL), plot.alternative());
        }

        @Override
        public String equation(Equation equation) {
            EquationPicture picture = new EquationPicture(equation);
            double scale = Math.min(1, textWidth / picture.width());
            return element(new Drawing(graphics -> picture.paint(graphics, Palette.ON_WHITE), picture.width(), picture.width() * scale, picture.height() * scale), "predicted " + equation.plain());
        }

        private String element(Drawing drawing, String alternative) {
            all.add(drawing);
            return String.format(Locale.ROOT, "<object type=\"%s\" data=\"%d\" alt=\"%s\" title=\"%s\" style=\"display: block; width: %.2fpt; height: %.2fpt\"></object>", KIND, all.size() - 1,
                    XmlText.escaped(alternative), XmlText.escaped(alternative), drawing.width(), drawing.height());
        }

        @Override
        public boolean isReplacedObject(Element element) {
            return element.getTagName().equals("object") && KIND.equals(element.getAttribute("type"));
        }

        @Override
        public FSObjectDrawer createDrawer(Element element) {
            return isReplacedObject(element) ? this : null;
        }

        @Override
        public Map<Shape, String> drawObject(Element element, double x, double y, double width, double height, OutputDevice device, RenderingContext context, int dotsPerPixel) {
            Drawing drawing = all.get(Integer.parseInt(element.getAttribute("data")));
            OutputDeviceGraphicsDrawer drawer = graphics -> {
                double scale = width / dotsPerPixel / drawing.own();
                graphics.scale(scale, scale);
                drawing.painting().accept(graphics);
            };
            device.drawWithGraphics((float) x, (float) y, (float) width / dotsPerPixel, (float) height / dotsPerPixel, drawer);
            return null;
        }
    }
}
