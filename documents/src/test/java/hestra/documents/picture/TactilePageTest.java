package hestra.documents.picture;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;

import hestra.Kelp;
import hestra.data.Roles;
import hestra.desk.Desk;
import hestra.desk.Findings;
import hestra.desk.WorkEdit;
import hestra.exercise.Exercise;
import hestra.figure.Figure;
import hestra.figure.Layout;
import hestra.figure.PlotContent;
import hestra.figure.ScatterPlot;
import hestra.numbers.DecimalMark;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** A plot for fingers: each point an open ring where it belongs, a thick line, and labels that stand on the page. */
class TactilePageTest {

    private static final double MM = 72 / 25.4;

    @TempDir
    private Path folder;

    private static boolean isDark(BufferedImage page, double x, double y) {
        return (page.getRGB((int) Math.round(x), (int) Math.round(y)) & 0xFF) < 128;
    }

    @Test
    void pointsAreOpenRingsOnAThickLine() throws IOException {
        Findings findings = Findings.of(Desk.open(Exercise.study("kelp", "Kelp", DecimalMark.POINT))
                .apply(new WorkEdit.BringColumns(Kelp.table(), Roles.FIRST_EXPLAINS)));
        PlotContent plot = findings.plot();
        Path file = folder.resolve("kelp.pdf");
        TactilePage.write(plot, "Kelp", file);
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(document.getPage(0).getMediaBox().getWidth()).as("A4 across").isEqualTo(841.9f, within(0.5f));
            assertThat(document.getDocumentInformation().getTitle()).isEqualTo("Kelp");
            BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, 72, ImageType.RGB);
            Figure axes = ScatterPlot.describe(plot, new Layout(600, 400, 1));
            for (int i = 0; i < Kelp.DAYS.length; i++) {
                double x = 46 * MM + (Kelp.DAYS[i] - axes.x().low()) / (axes.x().high() - axes.x().low())
                        * (page.getWidth() - 58 * MM);
                double y = page.getHeight() - 34 * MM - (Kelp.LENGTHS[i] - axes.y().low()) / (axes.y().high() - axes.y().low())
                        * (page.getHeight() - 64 * MM);
                assertThat(isDark(page, x, y)).as("open in the middle: " + i).isFalse();
                assertThat(isDark(page, x + 3.2 * MM, y)).as("its edge: " + i).isTrue();
            }
            int dark = 0;
            for (int y = 0; y < page.getHeight(); y++) {
                dark += isDark(page, 40 * MM, y) ? 1 : 0;
                assertThat(isDark(page, page.getWidth() - 2, y)).as("nothing is cut by the edge").isFalse();
            }
            assertThat(dark).as("ticks and labels left of the axis").isPositive();
        }
    }
}
