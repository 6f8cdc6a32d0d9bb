package hestra.documents.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;

import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.data.Variable;
import hestra.desk.Desk;
import hestra.desk.Findings;
import hestra.documents.page.EquationText;
import hestra.exercise.Exercise;
import hestra.figure.Figure;
import hestra.figure.Ink;
import hestra.figure.Layout;
import hestra.figure.ResidualStrip;
import hestra.figure.ScatterPlot;
import hestra.figure.StripKind;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Equation;
import hestra.fit.LeastSquares;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import hestra.recipe.Along;
import hestra.recipe.MeanCurve;
import hestra.recipe.Oddities;
import hestra.recipe.Recipe;
import hestra.recipe.Sample;
import hestra.recipe.Scatter;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.w3c.dom.Document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class PlotSheetTest {

    @TempDir
    private Path folder;

    private static Findings findings(int n) {
        Recipe recipe = new Recipe(3, n, new Along.Between(0, 50), MeanCurve.line(5, 2),
                new Scatter(Scatter.Shape.NORMAL, 6, false), OptionalDouble.empty(), Oddities.NONE, 1, 0, 2, 2);
        Sample sample = ((Sample.Done) Sample.of(recipe, new Variable("days", "", "d"), new Variable("length", "", "cm"),
                DecimalMark.POINT)).sample();
        return Findings.of(Desk.open(Exercise.blank("sheet")
                .withFirst(part -> part.withColumns(sample.table(), Roles.FIRST_EXPLAINS))
                .withFirst(part -> part.withHeld(Set.of()))));
    }

    private static PlotSheet sheet(int n, boolean everything) {
        Findings findings = findings(n);
        Figure plot = ScatterPlot.describe(findings.plot(), new Layout(610, 480, 1));
        Figure strip = ResidualStrip.describe(findings.strip(), StripKind.AGAINST_X, new Layout(610, 150, 1));
        return new PlotSheet(plot, everything ? Optional.of(strip) : Optional.empty(),
                everything ? Optional.of("length = 5 + 2 · days") : Optional.empty(), Palette.LIGHT);
    }

    @Test
    void aPngIsTwiceAsFineAsTheScreenAndHoldsWhatIsWanted() throws IOException {
        BufferedImage alone = ImageIO.read(new ByteArrayInputStream(sheet(20, false).png()));
        assertThat(alone.getWidth()).isEqualTo(1220);
        assertThat(alone.getHeight()).isEqualTo(960);
        BufferedImage whole = ImageIO.read(new ByteArrayInputStream(sheet(20, true).png()));
        assertThat(whole.getHeight()).isEqualTo(2 * (34 + 480 + 6 + 150));
        assertThat(colours(whole, Palette.LIGHT.rgb(Ink.RESIDUAL)))
                .isGreaterThan(colours(alone, Palette.LIGHT.rgb(Ink.RESIDUAL)));
        assertThat(colours(alone, Palette.LIGHT.rgb(Ink.OBSERVED))).isGreaterThan(1000);
    }

    private static long colours(BufferedImage image, int rgb) {
        long count = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                count += (image.getRGB(x, y) & 0xFFFFFF) == (rgb & 0xFFFFFF) ? 1 : 0;
            }
        }
        return count;
    }

    @Test
    void anSvgOfAThousandPointsHoldsThemAllAtTheirPlacesAndIsSmall() throws Exception {
        PlotSheet sheet = sheet(1000, true);
        Path file = folder.resolve("plot.svg");
        sheet.write(file);
        assertThat(Files.size(file)).isLessThan(200_000);
        Document svg = DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(file.toFile());
        assertThat(svg.getDocumentElement().getAttribute("viewBox")).isEqualTo("0 0 610 670");
        Matcher circles = Pattern.compile("<circle[^>]*>").matcher(Files.readString(file));
        List<String> found = circles.results().map(it -> it.group()).toList();
        assertThat(found).as("a disc for each point in plot and strip").hasSizeBetween(1990, 2005);
        Figure.Spot first = sheet.plot().spots().get(0);
        assertThat(found).anySatisfy(circle -> {
            assertThat(number(circle, "cx")).isCloseTo(first.x(), within(0.006));
            assertThat(number(circle, "cy")).isCloseTo(first.y(), within(0.006));
        });
    }

    private static double number(String element, String name) {
        Matcher value = Pattern.compile(" " + name + "=\"([-0-9.]+)\"").matcher(element);
        return value.find() ? Double.parseDouble(value.group(1)) : Double.NaN;
    }

    @Test
    void aPdfIsOnePageOfTheSameSize() throws IOException {
        Path file = folder.resolve("Plot.PDF");
        sheet(40, true).write(file);
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(document.getPage(0).getMediaBox().getWidth()).isCloseTo(610, within(0.5f));
            assertThat(document.getPage(0).getMediaBox().getHeight()).isCloseTo(670, within(0.5f));
            assertThat(document.getPage(0).getResources().getXObjectNames()).hasSize(1);
        }
        assertThat(new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1)).startsWith("%PDF");
    }

    private static Equation equation(Curve curve, String y, NumberStyle style) {
        Pairs pairs = Pairs.of(new double[] {1, 2, 3, 4}, new double[] {7, 5, 3, 1});
        CurveFit fit = LeastSquares.fit(curve, pairs).curveFit().orElseThrow();
        return Equation.of(fit, Variable.named("days"), Variable.named(y), style);
    }

    @Test
    void equationsAreSetForLatex() {
        assertThat(EquationText.latex(equation(new Curve.Line(), "length", NumberStyle.STANDARD)))
                .isEqualTo("\\widehat{\\mathrm{length}} = 9.000 - 2.000 \\cdot \\mathrm{days}");
        assertThat(EquationText.latex(equation(new Curve.Line(), "a_b %", new NumberStyle(DecimalMark.COMMA, 4))))
                .isEqualTo("\\widehat{\\mathrm{a\\_b\\ \\%}} = 9{,}000 - 2{,}000 \\cdot \\mathrm{days}");
        assertThat(EquationText.mathMl(equation(new Curve.Line(), "length", NumberStyle.STANDARD)))
                .contains("<mtext>days</mtext>");
    }
}
