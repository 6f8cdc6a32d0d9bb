package hestra.documents;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;

import hestra.figure.Figure;
import org.apache.batik.dom.GenericDOMImplementation;
import org.apache.batik.svggen.SVGGeneratorContext;
import org.apache.batik.svggen.SVGGraphics2D;
import org.apache.batik.svggen.SVGIDGenerator;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** Figures as pictures for other programs. */
public final class Picture {

    private static final String SVG = "http://www.w3.org/2000/svg";

    private Picture() {}

    /**
     * The figure as an SVG element to be put into a page: scaled to the page's width, its letters as shapes, so that it
     * looks the same where the typefaces are missing.
     */
    public static String svg(Figure figure, Palette palette, String description) {
        Document document = GenericDOMImplementation.getDOMImplementation().createDocument(SVG, "svg", null);
        SVGGeneratorContext context = SVGGeneratorContext.createDefault(document);
        context.setComment(null);
        // Several pictures may stand in one page, where a name may be used once only.
        String own = Integer.toHexString(description.hashCode());
        context.setIDGenerator(new SVGIDGenerator() {
            @Override
            public String generateID(String prefix) {
                return super.generateID(prefix + "-" + own + "-");
            }
        });
        SVGGraphics2D graphics = new SVGGraphics2D(context, true);
        FigurePainter.paint(figure, graphics, palette);
        Element root = graphics.getRoot();
        root.setAttribute("viewBox", "0 0 " + Math.round(figure.width()) + " " + Math.round(figure.height()));
        root.setAttribute("role", "img");
        root.setAttribute("aria-label", description);
        StringWriter text = new StringWriter();
        try {
            graphics.stream(root, text, true, false);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        String whole = text.toString();
        return whole.substring(whole.indexOf("<svg"));
    }
}
