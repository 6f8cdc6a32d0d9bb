package hestra.documents.picture;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalDouble;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import hestra.documents.file.FileWriting;
import hestra.figure.DrawnCurve;
import hestra.figure.Figure;
import hestra.figure.Layout;
import hestra.figure.PlotContent;
import hestra.figure.Scale;
import hestra.figure.ScatterPlot;
import hestra.figure.Ticks;
import hestra.numbers.NumberStyle;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;

/**
 * A scatter plot for fingers, on an A4 page across, to be printed on swell paper: large open rings, thick lines, ticks without a
 * grid, labels in braille of the usual size (dots of 1.5 mm, 2.5 mm apart, cells of 6 mm; Braille Authority of North America,
 * Size and Spacing of Braille Characters). What stands on the plot is what is open in it.
 */
public final class TactilePage {

    private static final double MM = 72 / 25.4;
    private static final PDRectangle PAGE = new PDRectangle(PDRectangle.A4.getHeight(), PDRectangle.A4.getWidth());
    private static final double LEFT = 46 * MM;
    private static final double RIGHT = 12 * MM;
    private static final double TOP = 30 * MM;
    private static final double BOTTOM = 34 * MM;
    private static final double RING = 3.2 * MM;
    private static final double SMALL_RING = 1.8 * MM;
    /** More points than this are drawn smaller: fingers tell large ones apart that stand alone. */
    private static final int MANY = 40;
    private static final double DOT = 1.5 * MM;
    private static final double APART = 2.5 * MM;
    private static final double CELL = 6.0 * MM;
    private static final double TICK = 4 * MM;
    private static final int ABOUT_TICKS = 5;
    private static final int STEPS = 120;
    private static final Layout ANY = new Layout(600, 400, 1);

    private final PlotContent plot;
    private final Graphics2D graphics;
    private final Scale x;
    private final Scale y;

    private TactilePage(PlotContent plot, Graphics2D graphics) {
        this.plot = plot;
        this.graphics = graphics;
        Figure seen = ScatterPlot.describe(plot, ANY);
        this.x = new Scale(seen.x().low(), seen.x().high(), LEFT, PAGE.getWidth() - RIGHT, seen.x().spacing());
        this.y = new Scale(seen.y().low(), seen.y().high(), PAGE.getHeight() - BOTTOM, TOP, seen.y().spacing());
    }

    /**
     * Writes a plot as such a page.
     *
     * @param said the plot in words, for whoever reads the file instead
     */
    public static void write(PlotContent plot, String said, Path file) throws IOException {
        try (PDDocument document = new PDDocument()) {
            PDPage page = new PDPage(PAGE);
            document.addPage(page);
            document.getDocumentInformation().setTitle(said);
            PdfBoxGraphics2D graphics = new PdfBoxGraphics2D(document, PAGE.getWidth(), PAGE.getHeight());
            new TactilePage(plot, graphics).draw();
            graphics.dispose();
            try (PDPageContentStream stream = new PDPageContentStream(document, page)) {
                stream.transform(Matrix.getTranslateInstance(0, 0));
                stream.drawForm(graphics.getXFormObject());
            }
            FileWriting.write(file, document::save);
        }
    }

    private void draw() {
        graphics.setColor(Color.BLACK);
        stroke(1.2);
        graphics.draw(new Line2D.Double(x.from(), y.from(), x.to(), y.from()));
        graphics.draw(new Line2D.Double(x.from(), y.from(), x.from(), y.to()));
        ticks();
        braille(plot.plane().y().axisTitle(), 8 * MM, 10 * MM, PAGE.getWidth() - RIGHT);
        braille(plot.plane().x().axisTitle(), LEFT, PAGE.getHeight() - 13 * MM, PAGE.getWidth() - RIGHT);
        stroke(1.6);
        plot.lines().curves().forEach(this::curve);
        stroke(1);
        double ring = plot.points().size() > MANY ? SMALL_RING : RING;
        for (PlotContent.Point point : plot.points()) {
            if (!point.setAside() && x.contains(point.x()) && y.contains(point.y())) {
                // A ring of its own ground, so that a line does not run through it.
                Ellipse2D shape = new Ellipse2D.Double(x.pixel(point.x()) - ring, y.pixel(point.y()) - ring, 2 * ring, 2 * ring);
                graphics.setColor(Color.WHITE);
                graphics.fill(shape);
                graphics.setColor(Color.BLACK);
                graphics.draw(shape);
            }
        }
    }

    private void stroke(double mm) {
        graphics.setStroke(new BasicStroke((float) (mm * MM), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    }

    private void ticks() {
        NumberStyle style = plot.precision().style();
        Ticks along = Ticks.along(x, ABOUT_TICKS);
        for (double value : along.values()) {
            if (x.contains(value)) {
                graphics.draw(new Line2D.Double(x.pixel(value), y.from(), x.pixel(value), y.from() + TICK));
                double width = Braille.cells(along.label(value, style)).size() * CELL;
                braille(along.label(value, style), x.pixel(value) - width / 2, y.from() + TICK + 2 * MM, PAGE.getWidth());
            }
        }
        Ticks upward = Ticks.along(y, ABOUT_TICKS);
        for (double value : upward.values()) {
            if (y.contains(value)) {
                graphics.draw(new Line2D.Double(x.from(), y.pixel(value), x.from() - TICK, y.pixel(value)));
                double width = Braille.cells(upward.label(value, style)).size() * CELL;
                braille(upward.label(value, style), x.from() - TICK - 2 * MM - width, y.pixel(value) - APART, PAGE.getWidth());
            }
        }
    }

    private void curve(DrawnCurve drawn) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i <= STEPS; i++) {
            double at = x.value(x.from() + (x.to() - x.from()) * i / STEPS);
            OptionalDouble fitted = drawn.curve().fitted(at);
            boolean seen = fitted.isPresent() && y.contains(fitted.getAsDouble());
            if (seen && path.getCurrentPoint() == null) {
                path.moveTo(x.pixel(at), y.pixel(fitted.getAsDouble()));
            } else if (seen) {
                path.lineTo(x.pixel(at), y.pixel(fitted.getAsDouble()));
            }
        }
        graphics.draw(path);
    }

    /** A line of cells from a place on, as far as there is room. */
    private void braille(String text, double left, double top, double end) {
        List<Integer> cells = Braille.cells(text);
        for (int i = 0; i < cells.size() && left + (i + 1) * CELL <= end + CELL; i++) {
            for (int dot = 0; dot < 6; dot++) {
                if ((cells.get(i) >> dot & 1) == 1) {
                    double at = left + i * CELL + (dot < 3 ? 0 : APART);
                    graphics.fill(new Ellipse2D.Double(at - DOT / 2, top + dot % 3 * APART - DOT / 2, DOT, DOT));
                }
            }
        }
    }
}
