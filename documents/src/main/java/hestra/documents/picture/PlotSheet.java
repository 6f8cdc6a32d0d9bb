package hestra.documents.picture;

import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.font.GlyphVector;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import javax.imageio.ImageIO;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import hestra.documents.file.FileReading;
import hestra.documents.file.FileWriting;
import hestra.figure.Figure;
import hestra.figure.Ink;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * A plot to be taken away, as it is seen: the scatter plot, the residual strip below it and the equation above it, as far as
 * they are wanted.
 *
 * @param plot the scatter plot
 * @param strip the residual strip; nothing to leave it out
 * @param equation the equation on one line; nothing to leave it out
 * @param palette the colours
 */
public record PlotSheet(Figure plot, Optional<Figure> strip, Optional<String> equation, Palette palette) {

    /** The endings under which a plot can be saved. */
    public static final List<String> ENDINGS = List.of(".png", ".svg", ".pdf");

    /** How many pixels of a PNG stand for one on the screen. */
    public static final int FINENESS = 2;

    private static final double EQUATION_HEIGHT = 34;
    private static final double EQUATION_SIZE = 17;
    private static final double GAP = 6;
    /** The size of an exponent, as a share of what it stands by. */
    private static final double RAISED = 0.72;

    public double width() {
        return plot.width();
    }

    public double height() {
        return above() + plot.height() + strip.map(it -> it.height() + GAP).orElse(0.0);
    }

    private double above() {
        return equation.isPresent() ? EQUATION_HEIGHT : 0;
    }

    /** Saves the plot; the ending says as what. */
    public void write(Path file) throws IOException {
        String name = FileReading.name(file).toLowerCase(Locale.ROOT);
        if (name.endsWith(".svg")) {
            FileWriting.write(file, "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n" + svg());
        } else if (name.endsWith(".pdf")) {
            FileWriting.write(file, this::pdf);
        } else {
            FileWriting.write(file, out -> out.write(png()));
        }
    }

    /** The plot as a PNG file, at twice the fineness of the screen. */
    public byte[] png() throws IOException {
        BufferedImage image = new BufferedImage((int) Math.ceil(width() * FINENESS), (int) Math.ceil(height() * FINENESS),
                BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.scale(FINENESS, FINENESS);
        paint(graphics);
        graphics.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    /** The plot as an SVG element. */
    public String svg() {
        return FigureImage.svg(this::paint, width(), height(), "Scatter plot", 1);
    }

    private void pdf(OutputStream out) throws IOException {
        try (PDDocument document = new PDDocument()) {
            PDPage page = new PDPage(new PDRectangle((float) width(), (float) height()));
            document.addPage(page);
            PdfBoxGraphics2D graphics = new PdfBoxGraphics2D(document, (float) width(), (float) height());
            paint(graphics);
            graphics.dispose();
            try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                content.drawForm(graphics.getXFormObject());
            }
            document.save(out);
        }
    }

    private void paint(Graphics2D graphics) {
        graphics.setColor(new Color(palette.rgb(Ink.PAPER)));
        graphics.fill(new Rectangle2D.Double(0, 0, width(), height()));
        equation.ifPresent(text -> {
            graphics.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
            graphics.setColor(new Color(palette.rgb(Ink.INK)));
            Font font = FigurePainter.textFont().deriveFont((float) EQUATION_SIZE);
            int raised = text.indexOf('^');
            GlyphVector base = font.createGlyphVector(graphics.getFontRenderContext(),
                    raised < 0 ? text : text.substring(0, raised));
            float left = (float) plot.area().left();
            float foot = (float) (EQUATION_HEIGHT - 10);
            // As shapes, so that it looks the same where the typeface is missing.
            graphics.fill(base.getOutline(left, foot));
            if (raised >= 0) {
                String exponent = text.substring(raised + 1).replaceAll("^\\((.*)\\)$", "$1");
                Font small = font.deriveFont((float) (EQUATION_SIZE * RAISED));
                graphics.fill(small.createGlyphVector(graphics.getFontRenderContext(), exponent)
                        .getOutline(left + (float) base.getLogicalBounds().getWidth() + 1, foot - (float) EQUATION_SIZE * 0.42f));
            }
        });
        graphics.translate(0, above());
        FigurePainter.paint(plot, graphics, palette);
        strip.ifPresent(it -> {
            graphics.translate(0, plot.height() + GAP);
            FigurePainter.paint(it, graphics, palette);
            graphics.translate(0, -plot.height() - GAP);
        });
        graphics.translate(0, -above());
    }
}
