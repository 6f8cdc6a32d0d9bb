package hestra.documents;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;

import hestra.figure.Figure;
import org.apache.batik.dom.GenericDOMImplementation;
import org.apache.batik.svggen.SVGGeneratorContext;
import org.apache.batik.svggen.SVGGraphics2D;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** Figures as pictures for other programs. */
public final class Picture {

    private static final String SVG = "http://www.w3.org/2000/svg";

    private Picture() {}

    /** The figure as an SVG element to be put into a page: scaled to the page's width, its text kept as text. */
    public static String svg(Figure figure, Palette palette, String description) {
        Document document = GenericDOMImplementation.getDOMImplementation().createDocument(SVG, "svg", null);
        SVGGeneratorContext context = SVGGeneratorContext.createDefault(document);
        context.setComment(null);
        context.setEmbeddedFontsOn(false);
        SVGGraphics2D graphics = new SVGGraphics2D(context, false);
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
