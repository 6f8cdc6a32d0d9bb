package hestra.documents.picture;

import java.awt.Graphics2D;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.function.Consumer;
import java.util.regex.Pattern;

import hestra.figure.Figure;
import org.apache.batik.dom.GenericDOMImplementation;
import org.apache.batik.svggen.SVGGeneratorContext;
import org.apache.batik.svggen.SVGGraphics2D;
import org.apache.batik.svggen.SVGIDGenerator;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** Figures as pictures for other programs. */
public final class FigureImage {

    private static final String SVG = "http://www.w3.org/2000/svg";

    /** Lines broken within elements. */
    private static final Pattern BREAKS = Pattern.compile("\\s*\\R\\s*(/?>)");

    /** A hundredth of a pixel is finer than anybody sees, and makes for half the file. */
    private static final int DECIMALS = 2;

    private FigureImage() {}

    /**
     * The figure as an SVG element to be put into a page: scaled to the page's width, its letters as shapes, so that it
     * looks the same where the typefaces are missing.
     *
     * @param number tells it from the other pictures of the page
     */
    public static String svg(Figure figure, Palette palette, String description, int number) {
        return svg(graphics -> FigurePainter.paint(figure, graphics, palette), figure.width(), figure.height(), description,
                number);
    }

    /** Whatever is painted, likewise. */
    static String svg(Consumer<Graphics2D> painting, double width, double height, String description, int number) {
        Document document = GenericDOMImplementation.getDOMImplementation().createDocument(SVG, "svg", null);
        SVGGeneratorContext context = SVGGeneratorContext.createDefault(document);
        context.setComment(null);
        context.setPrecision(DECIMALS);
        // Several pictures may stand in one page, where a name may be used once only.
        String own = Integer.toHexString(description.hashCode()) + "-" + number;
        context.setIDGenerator(new SVGIDGenerator() {
            @Override
            public String generateID(String prefix) {
                return super.generateID(prefix + "-" + own + "-");
            }
        });
        SVGGraphics2D graphics = new SVGGraphics2D(context, true);
        painting.accept(graphics);
        Element root = graphics.getRoot();
        SlimSvg.slim(root);
        // The library calls these the same in every picture, and nothing refers to them.
        NodeList definitions = root.getElementsByTagNameNS(SVG, "defs");
        for (int i = 0; i < definitions.getLength(); i++) {
            ((Element) definitions.item(i)).removeAttribute("id");
        }
        root.setAttribute("viewBox", "0 0 " + Math.round(width) + " " + Math.round(height));
        root.setAttribute("role", "img");
        root.setAttribute("aria-label", description);
        StringWriter text = new StringWriter();
        try {
            graphics.stream(root, text, true, false);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        String whole = text.toString();
        return BREAKS.matcher(whole.substring(whole.indexOf("<svg"))).replaceAll("$1");
    }
}
