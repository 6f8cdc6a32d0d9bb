package hestra.documents.page;

import java.awt.Graphics2D;
import java.awt.Shape;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;

import com.openhtmltopdf.extend.FSObjectDrawer;
import com.openhtmltopdf.extend.FSObjectDrawerFactory;
import com.openhtmltopdf.extend.OutputDevice;
import com.openhtmltopdf.extend.OutputDeviceGraphicsDrawer;
import com.openhtmltopdf.render.RenderingContext;
import hestra.documents.picture.EquationPicture;
import hestra.documents.picture.FigurePainter;
import hestra.documents.picture.Palette;
import hestra.figure.Figure;
import hestra.figure.Layout;
import hestra.fit.Equation;
import org.w3c.dom.Element;

/** What is drawn on a page that becomes a PDF, as vectors; the page names each drawing by its number. */
final class PdfDrawings implements PageTemplate.Drawings, FSObjectDrawerFactory, FSObjectDrawer {

    private static final String KIND = "hestra/drawing";
    /** Of figures, in points: what would be a pixel on a page of the web. */
    private static final double PIXEL = 0.75;

    /** {@code own} is the width in the units in which it is painted; width and height are in points. */
    private record Drawing(Consumer<Graphics2D> painting, double own, double width, double height) {}

    private final double textWidth;
    private final List<Drawing> all = new ArrayList<>();

    /** Drawings on a page whose text is so wide, in points. */
    PdfDrawings(double textWidth) {
        this.textWidth = textWidth;
    }

    @Override
    public String plot(Piece.Plot plot, double share) {
        double width = width(textWidth, share) / PIXEL;
        Figure figure = plot.drawing().at(new Layout(width, width * plot.ratio(), 1));
        return element(new Drawing(graphics -> FigurePainter.paint(figure, graphics, Palette.ON_WHITE), width, width * PIXEL,
                width * plot.ratio() * PIXEL), plot.alternative());
    }

    /** How wide a plot is that takes a share of the text's width, in points. */
    static double width(double textWidth, double share) {
        return textWidth * share - (share < 1 ? 8 : 0);
    }

    @Override
    public String equation(Equation equation, double room) {
        EquationPicture picture = new EquationPicture(equation);
        double scale = Math.min(1, width(textWidth, room) / picture.width());
        return element(new Drawing(graphics -> picture.paint(graphics, Palette.ON_WHITE), picture.width(),
                picture.width() * scale, picture.height() * scale), "predicted " + equation.plain());
    }

    /** Whatever is painted, width and height in points. */
    String painting(Consumer<Graphics2D> painting, double width, double height, String alternative) {
        return element(new Drawing(painting, width, width, height), alternative);
    }

    private String element(Drawing drawing, String alternative) {
        all.add(drawing);
        return String.format(Locale.ROOT,
                "<object type=\"%s\" data=\"%d\" alt=\"%s\" title=\"%s\" style=\"display: block; width: %.2fpt; height: "
                + "%.2fpt\"></object>", KIND, all.size() - 1,
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
    public Map<Shape, String> drawObject(Element element, double x, double y, double width, double height, OutputDevice device,
            RenderingContext context, int dotsPerPixel) {
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
