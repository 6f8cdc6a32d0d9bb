package hestra.documents.page;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;

import hestra.Kelp;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.Findings;
import hestra.desk.OwnSheet;
import hestra.desk.PlotEdit;
import hestra.desk.SheetEdit;
import hestra.desk.WorkEdit;
import hestra.exercise.Exercise;
import hestra.figure.Layer;
import hestra.figure.Slot;
import hestra.fit.Curve;
import hestra.fit.Trial;
import hestra.numbers.DecimalMark;
import hestra.task.Keepable;
import hestra.working.CalculationLine;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureNode;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.tika.metadata.Metadata;
import org.apache.tika.parser.ParseContext;
import org.apache.tika.parser.odf.OpenDocumentParser;
import org.apache.tika.sax.BodyContentHandler;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

import static org.assertj.core.api.Assertions.assertThat;

/** A report as each kind of file, read back by other means than those it was written with. */
class PagesTest {

    private static final OwnSheet.Spot END = OwnSheet.Spot.before(99);
    private static final String DATE = "3 May 2026";

    @TempDir
    private Path folder;

    private static Desk after(Desk desk, Edit... edits) {
        Desk now = desk;
        for (Edit edit : edits) {
            now = now.apply(edit);
        }
        return now;
    }

    private static SheetEdit keep(Keepable what) {
        return new SheetEdit.Keep(END, what, false);
    }

    private static Desk study() {
        return after(Desk.open(Exercise.study("reeds", "Reeds & <rushes>", DecimalMark.POINT)),
                new WorkEdit.BringColumns(Kelp.table(), Roles.FIRST_EXPLAINS),
                new ExerciseEdit.WriteTexts("Reeds & <rushes>", "", "Reeds & <rushes>"),
                        new SheetEdit.Write(END, "We *measured*:\n\n- here\n- there", Optional.empty()),
                new PlotEdit.ShowLayer(Layer.LINE, false), keep(Keepable.FIGURE),
                        new SheetEdit.Caption("note-2", "Without a line & rising", Optional.empty()),
                new PlotEdit.ShowLayer(Layer.LINE, true),
                        new WorkEdit.ChangeTable(new TableEdit.SetAside(List.of(4), "in the shade")), keep(Keepable.FIGURE),
                keep(Keepable.EQUATION), keep(Keepable.READINGS), new PlotEdit.Pin(List.of(5.0, 20.0)),
                        keep(Keepable.PREDICTIONS), keep(Keepable.COEFFICIENTS), keep(Keepable.RESIDUALS),
                new SheetEdit.KeepLine(END, CalculationLine.typed("at20 = slope * 20")), keep(Keepable.DATA));
    }

    private static Page page() {
        return StudyPage.of(study(), "Ida Fenn", DATE);
    }

    private static Document xml(String text) throws Exception {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setNamespaceAware(true);
        DocumentBuilder builder = factory.newDocumentBuilder();
        return builder.parse(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void whatIsKeptOfACurveByEyeSaysThatItIsByEye() {
        Trial trial = new Trial(new Curve.Line(), List.of(new Trial.Handle(2, 3), new Trial.Handle(10, 7)));
        Desk byEye = after(Desk.open(Exercise.study("reeds", "Reeds", DecimalMark.POINT)),
                new WorkEdit.BringColumns(Kelp.table(), Roles.FIRST_EXPLAINS), new PlotEdit.ShowLayer(Layer.LINE, false),
                new PlotEdit.Try(trial, 1),
                new PlotEdit.TakeInHand(Slot.TRIAL), keep(Keepable.FIGURE), keep(Keepable.STRIP), keep(Keepable.READINGS),
                        new PlotEdit.Pin(List.of(5.0)), keep(Keepable.PREDICTIONS));
        String html = HtmlPage.of(StudyPage.of(byEye, "Ida Fenn", DATE));
        assertThat(html).contains("Line by eye, 5 points").contains("with the line by eye")
                .contains("Predictions of the line by eye").doesNotContain("least squares");
    }

    @Test
    void theWebPageStandsByItselfAndSaysEverythingInOrder() throws Exception {
        String html = HtmlPage.of(page());
        Document page = xml(html.replaceFirst("<!DOCTYPE html>", ""));
        assertThat(page.getElementsByTagName("h1").item(0).getTextContent()).isEqualTo("Reeds & <rushes>");
        assertThat(html).contains("Ida Fenn · 3 May 2026").contains("<em>measured</em>").contains("<li>")
                .doesNotContainPattern("(src|href)=\"(?!data:)");
        assertThat(page.getElementsByTagNameNS("*", "svg").getLength()).as("two figures and four residual plots").isEqualTo(6);
        for (int i = 0; i < 6; i++) {
            assertThat(((Element) page.getElementsByTagNameNS("*", "svg").item(i)).getAttribute("aria-label")).contains("length");
        }
        assertThat(page.getElementsByTagNameNS("*", "math").getLength()).isEqualTo(1);
        assertThat(((Element) page.getElementsByTagNameNS("*", "math").item(0)).getAttribute("alttext"))
                .startsWith("predicted").contains("days");
        List<String> order = List.of("measured", "Figure 1.", "Without a line &amp; rising", "Figure 2.", "<math", "Table 1.",
                "Table 2.", "Figure 3.", "at20", "Table 3.");
        assertThat(order.stream().map(html::indexOf)).doesNotContain(-1).isSorted();
        // 20 · 0.49, the slope without the row that was set aside.
        assertThat(page.getDocumentElement().getTextContent()).contains("at20 = slope * 20 = 9.8");
        assertThat(html).contains("<del>7.2</del>").contains("set aside: in the shade");
        assertThat(html).contains("font-family: \"Source Sans 3\"").contains("data:font/ttf;base64,");
    }

    /** One landmark with everything in it, headings that go down a step at a time, tables of layout that are no tables by ear. */
    @Test
    void theWebPageIsReadByEarAndDarkInADarkBrowser() {
        Findings tried = Findings.of(Desk.open(FilledPagesTest.exercise(new Random(7))));
        for (String html : List.of(HtmlPage.of(page()), HtmlPage.of(WriteUp.of(tried, DATE)))) {
            String body = html.substring(html.indexOf("<body>"));
            assertThat(body).containsPattern("<body>\\s*<main>").containsPattern("</main>\\s*</body>").containsOnlyOnce("<main>");
            List<Integer> levels = Pattern.compile("<h([1-6])").matcher(body).results()
                    .map(found -> Integer.parseInt(found.group(1))).toList();
            assertThat(levels).startsWith(1);
            for (int i = 1; i < levels.size(); i++) {
                assertThat(levels.get(i)).as("heading " + i + " of " + levels).isLessThanOrEqualTo(levels.get(i - 1) + 1);
            }
            Pattern.compile("<table class=\"([^\"]*)\"([^>]*)>").matcher(body).results().forEach(table ->
                    assertThat(table.group(1).startsWith("data") || table.group(1).equals("grid")
                            || table.group(2).contains("presentation")).as(table.group()).isTrue());
            assertThat(html).contains("@media screen and (prefers-color-scheme: dark)");
            Pattern.compile("<svg[^>]*>").matcher(body).results().forEach(figure ->
                    assertThat(figure.group()).as("every figure has its words").containsPattern("aria-label=\"[A-Z]"));
        }
    }

    @Test
    void namesInASvgAreUsedOnceInAPage() {
        String html = HtmlPage.of(page());
        List<String> ids = Pattern.compile(" id=\"([^\"]+)\"").matcher(html).results().map(it -> it.group(1)).toList();
        assertThat(ids).doesNotHaveDuplicates();
    }

    @Test
    void thePdfHoldsTheTextAndIsTaggedForAScreenReader() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfPage.write(page(), Paper.A4, out);
        try (PDDocument pdf = Loader.loadPDF(out.toByteArray())) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text).contains("Reeds & <rushes>").contains("Ida Fenn").contains("Without a line & rising")
                    .contains("set aside: in the shade").contains("at20 = slope * 20");
            assertThat(pdf.getPage(0).getMediaBox().getWidth()).isBetween(595f, 596f);
            assertThat(pdf.getDocumentInformation().getTitle()).isEqualTo("Reeds & <rushes>");
            assertThat(pdf.getDocumentCatalog().getLanguage()).isEqualTo("en");
            assertThat(pdf.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            List<PDStructureElement> elements = new ArrayList<>();
            collect(pdf.getDocumentCatalog().getStructureTreeRoot(), elements);
            List<String> types = elements.stream().map(PDStructureElement::getStructureType).toList();
            assertThat(types).contains("H1", "Table", "TH", "TD", "L", "Figure");
            List<String> alternatives = elements.stream().filter(it -> it.getStructureType().equals("Figure"))
                    .map(PDStructureElement::getAlternateDescription).toList();
            assertThat(alternatives).as("six plots and an equation").hasSize(7)
                    .allSatisfy(it -> assertThat(it).contains("length"));
            assertThat(alternatives.stream().filter(it -> it.startsWith("predicted"))).hasSize(1);
        }
        ByteArrayOutputStream letter = new ByteArrayOutputStream();
        PdfPage.write(page(), Paper.LETTER, letter);
        try (PDDocument pdf = Loader.loadPDF(letter.toByteArray())) {
            assertThat(pdf.getPage(0).getMediaBox().getWidth()).isBetween(611.5f, 612.5f);
        }
    }

    private static void collect(PDStructureNode node, List<PDStructureElement> into) {
        for (Object kid : node.getKids()) {
            if (kid instanceof PDStructureElement element) {
                into.add(element);
                collect(element, into);
            }
        }
    }

    @Test
    void theOpenDocumentTextIsOpenedByAnotherReader() throws Exception {
        Path file = folder.resolve("report.odt");
        PageFile.write(page(), Paper.LETTER, file);
        BodyContentHandler text = new BodyContentHandler();
        Metadata metadata = new Metadata();
        new OpenDocumentParser().parse(Files.newInputStream(file), text, metadata, new ParseContext());
        assertThat(text.toString()).contains("Reeds & <rushes>").contains("We measured:").contains("Without a line & rising")
                .contains("in the shade").contains("at20 = slope * 20");
        assertThat(metadata.get("dc:title")).isEqualTo("Reeds & <rushes>");
        String content = entry(file, "content.xml");
        Document document = xml(content);
        String textSpace = "urn:oasis:names:tc:opendocument:xmlns:text:1.0";
        assertThat(document.getElementsByTagNameNS(textSpace, "h").getLength()).isEqualTo(1);
        assertThat(document.getElementsByTagNameNS(textSpace, "list-item").getLength()).isEqualTo(2);
        assertThat(document.getElementsByTagNameNS(textSpace, "sequence").getLength())
                .as("three figures and three tables count themselves").isEqualTo(6);
        assertThat(document.getElementsByTagNameNS("*", "desc").getLength()).as("six plots and an equation").isEqualTo(7);
        assertThat(entry(file, "mimetype")).isEqualTo("application/vnd.oasis.opendocument.text");
        assertThat(xml(entry(file, "Object 1/content.xml")).getDocumentElement().getLocalName()).isEqualTo("math");
        assertThat(entry(file, "styles.xml")).contains("215.9mm");
        Document manifest = xml(entry(file, "META-INF/manifest.xml"));
        List<String> listed = new ArrayList<>();
        for (int i = 0; i < manifest.getElementsByTagNameNS("*", "file-entry").getLength(); i++) {
            listed.add(((Element) manifest.getElementsByTagNameNS("*", "file-entry").item(i))
                    .getAttributeNS("urn:oasis:names:tc:opendocument:xmlns:manifest:1.0", "full-path"));
        }
        for (String link : Pattern.compile("xlink:href=\"(?:\\./)?([^\"]+)\"").matcher(content).results()
                .map(it -> it.group(1)).toList()) {
            assertThat(listed).as("what is shown is in the file").anyMatch(it -> it.equals(link) || it.equals(link + "/"));
        }
    }

    private static String entry(Path file, String name) throws IOException {
        try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(file))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.getName().equals(name)) {
                    return new String(zip.readAllBytes(), StandardCharsets.UTF_8);
                }
            }
        }
        throw new AssertionError(name + " is not in " + file);
    }

    @Test
    void aBlankStudyAndOneWithNothingOnItsSheetHaveReportsToo() throws IOException {
        for (Desk desk : List.of(Desk.open(Exercise.study("s", "Your data", DecimalMark.POINT)),
                after(Desk.open(Exercise.study("s", "Your data", DecimalMark.POINT)),
                        new WorkEdit.BringColumns(Kelp.table(), Roles.FIRST_EXPLAINS)))) {
            for (String ending : PageFile.ENDINGS) {
                Path file = folder.resolve("bare" + ending);
                PageFile.write(StudyPage.of(desk, "", DATE), Paper.A4, file);
                assertThat(Files.size(file)).isPositive();
            }
        }
        Desk bare = after(Desk.open(Exercise.study("s", "Your data", DecimalMark.POINT)),
                new WorkEdit.BringColumns(Kelp.table(), Roles.FIRST_EXPLAINS));
        assertThat(HtmlPage.of(StudyPage.of(bare, "", DATE))).as("plot, equation, readings and data, as they are")
                .contains("<svg").contains("<math").contains(">7.2<");
    }

    @Test
    void aCaptionOfTenThousandLettersIsPrintedWhole() throws IOException {
        String caption = "word ".repeat(2_000) + "end";
        Desk desk = after(study(), new SheetEdit.Caption("note-2", caption, Optional.empty()));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfPage.write(StudyPage.of(desk, "", DATE), Paper.A4, out);
        try (PDDocument pdf = Loader.loadPDF(out.toByteArray())) {
            assertThat(new PDFTextStripper().getText(pdf).split("word", -1)).hasSize(2_001);
        }
    }

    @Test
    void numbersOfAColumnShareTheirPlaces() {
        assertThat(Aligned.column(List.of("3", "12.5", "−0.25", "", "–")))
                .containsExactly("3\u2008\u2007\u2007", "12.5\u2007", "−0.25", "", "–");
        assertThat(Aligned.isNumbers(List.of("3", "", "–", "1.5 × 10⁻⁷"))).isTrue();
        assertThat(Aligned.isNumbers(List.of("3", "", "–", "1,5"))).isTrue();
        assertThat(Aligned.isNumbers(List.of("north", "2 south"))).isFalse();
        assertThat("3\u2008\u2007".substring(0, Aligned.end("3\u2008\u2007"))).isEqualTo("3");
    }

    @Test
    void lettersThatNoTypefaceHasDoNotStopAPage() throws IOException {
        Desk desk = after(study(), new SheetEdit.Write(END, "海草 😀 \u0001 ŷ", Optional.empty()),
                new ExerciseEdit.WriteTexts("葦", "", "葦"));
        for (String ending : PageFile.ENDINGS) {
            Path file = folder.resolve("odd" + ending);
            PageFile.write(StudyPage.of(desk, "\u0000", DATE), Paper.A4, file);
            assertThat(Files.size(file)).isPositive();
        }
    }

    @Test
    void aFigureSaysWhichRowsWereSetAsideAndWhy() throws IOException {
        Desk bare = after(Desk.open(Exercise.study("reeds", "Reeds", DecimalMark.POINT)),
                new WorkEdit.BringColumns(Kelp.table(), Roles.FIRST_EXPLAINS));
        Desk none = after(bare, new SheetEdit.Keep(END, Keepable.FIGURE, false));
        assertThat(html(none)).doesNotContain("Set aside");
        Desk some = after(bare, new WorkEdit.ChangeTable(new TableEdit.SetAside(List.of(1), "odd")),
                new WorkEdit.ChangeTable(new TableEdit.SetAside(List.of(3), "")), new SheetEdit.Keep(END, Keepable.FIGURE, false),
                new WorkEdit.ChangeTable(new TableEdit.TakeBack(List.of(1, 3))));
        assertThat(html(some)).as("as it was when it was kept")
                .contains("Set aside, and left out of every number: row 2 (odd), row 4.");
    }

    @Test
    void aCalculationBySumsIsKeptAsAWholeUnlessSomeOfItIsUnfolded() throws IOException {
        Desk bare = after(Desk.open(Exercise.study("reeds", "Reeds", DecimalMark.POINT)),
                new WorkEdit.BringColumns(Kelp.table(), Roles.FIRST_EXPLAINS));
        assertThat(html(after(bare, keep(Keepable.SUMS)))).contains("20.6").contains("SSE");
        assertThat(html(after(bare, new PlotEdit.Unfold(5), keep(Keepable.SUMS)))).as("as far as it was unfolded")
                .contains("Sxx").doesNotContain("SSE");
    }

    private String html(Desk study) throws IOException {
        Path file = folder.resolve("study.html");
        PageFile.write(StudyPage.of(study, "", DATE), Paper.A4, file);
        return Files.readString(file);
    }
}
