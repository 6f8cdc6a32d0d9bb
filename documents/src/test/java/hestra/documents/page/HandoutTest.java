package hestra.documents.page;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

import hestra.Kelp;
import hestra.documents.file.Progress;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.exercise.Provenance;
import hestra.exercise.SquaredPaper;
import hestra.exercise.Varying;
import hestra.feedback.Quantity;
import hestra.figure.Layout;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.recipe.Recipe;
import hestra.recipe.Sample;
import hestra.task.FillCalculation;
import hestra.task.FindPoint;
import hestra.task.PointSort;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.variants.Variant;
import hestra.variants.Variants;
import hestra.working.CalculationCells;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Handouts and keys, read back from the PDF. */
class HandoutTest {

    private static final double MARGIN = 20 / 25.4 * 72;

    @TempDir
    private Path folder;

    private static Exercise varied(Task... tasks) {
        Exercise plain = Kelp.exercise(tasks);
        Sample sample = ((Sample.Done) Sample.of(Recipe.simple(), plain.first().x(), plain.first().y(), DecimalMark.POINT))
                .sample();
        return plain.withFirst(part -> part.withColumns(sample.table(), sample.roles(), new Provenance.Made(Recipe.simple()))
                .with(Varying.NONE.with(Varying.Way.NEW_DATA)));
    }

    private static List<Variant> variants(Exercise exercise, int count) {
        return IntStream.rangeClosed(1, count).mapToObj(k -> Variants.draw(exercise, k)).toList();
    }

    private Path handout(Exercise exercise, List<Variant> variants, List<String> names, Paper paper) throws IOException {
        Path file = folder.resolve("handout.pdf");
        Handout.write(exercise, variants, names, paper, file, Progress.UNWATCHED);
        return file;
    }

    /** The text of each page. */
    private static List<String> pages(Path file) throws IOException {
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            List<String> pages = new ArrayList<>();
            for (int page = 1; page <= document.getNumberOfPages(); page++) {
                PDFTextStripper text = new PDFTextStripper();
                text.setStartPage(page);
                text.setEndPage(page);
                pages.add(text.getText(document).replaceAll("\\s+", " "));
            }
            return pages;
        }
    }

    /** Every letter stands on the paper, within its margins at the sides and on the page above and below. */
    private static void nothingIsCutOff(Path file) throws IOException {
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            PDRectangle paper = document.getPage(0).getMediaBox();
            new PDFTextStripper() {
                @Override
                protected void processTextPosition(TextPosition text) {
                    if (!text.getUnicode().isBlank()) {
                        assertThat(text.getX()).as(text.getUnicode()).isGreaterThan((float) MARGIN - 2);
                        assertThat(text.getX() + text.getWidth()).as(text.getUnicode())
                                .isLessThan(paper.getWidth() - (float) MARGIN + 2);
                        assertThat(text.getY()).as(text.getUnicode()).isBetween(10f, paper.getHeight() - 10);
                    }
                }
            }.getText(document);
        }
    }

    @Test
    void aTaskOfEveryKindStandsOnItWithItsPromptAndItsMarks() throws IOException {
        Exercise exercise = Kelp.ofEveryKind();
        Path file = handout(exercise, List.of(Variants.draw(exercise, 0)), List.of(), Paper.A4);
        String text = String.join(" ", pages(file));
        for (int i = 0; i < exercise.tasks().size(); i++) {
            assertThat(text).contains((i + 1) + " \u00b7 " + exercise.tasks().get(i).terms().title());
        }
        assertThat(text).contains("direction", "rising", "unusual points", "trust it?", "explains", "cm per day",
                "Draw it on the axes", "done in Hestra, not on paper");
        nothingIsCutOff(file);
    }

    @Test
    void everyVariantBeginsOnAPageOfItsOwnAndCountsItsOwnPages() throws IOException {
        Exercise exercise = varied(Kelp.read(Quantity.SLOPE, new Rounding.Places(2)), Kelp.explain());
        List<String> names = IntStream.rangeClosed(1, 8).mapToObj(k -> "Student " + k).toList();
        List<String> pages = pages(handout(exercise, variants(exercise, 8), names, Paper.A4));
        assertThat(pages).hasSize(8);
        for (int k = 1; k <= 8; k++) {
            assertThat(pages.get(k - 1)).contains("How fast?", "variant " + k, "Student " + k, "Kelp \u00b7 " + k, "1 of 1");
            assertThat(pages.get(k - 1)).contains(Variants.draw(exercise, k).exercise().first().data().row(23).cell(1).text());
        }
    }

    /** To compare what was entered with the printed table would compare with nothing, were the slip in that. */
    @Test
    void thePrintedTableIsTrueAndTheSlipStandsInASecondOne() throws IOException {
        Exercise exercise = Kelp.exercise(Kelp.enter(2), Kelp.slip());
        List<String> pages = pages(handout(exercise, List.of(Variants.draw(exercise, 0)), List.of(), Paper.LETTER));
        assertThat(pages).hasSize(1);
        String[] tables = pages.getFirst().split("The table as it was entered:");
        assertThat(tables[0]).contains("days", "length (cm)", "3.1", "3.9", "5.0", "6.0", "7.2").doesNotContain(" 50 ");
        assertThat(tables[1]).contains("3.1", "3.9", " 50 ").doesNotContain("5.0", "6.0", "7.2");
        Exercise placed = Kelp.exercise(Kelp.explain()).withFirst(part -> part.withBlockAt(0,
                new Block.Printed("table-1", "As it was written down.")));
        assertThat(pages(handout(placed, List.of(Variants.draw(placed, 0)), List.of(), Paper.A4)).getFirst())
                .containsOnlyOnce("3.9");
    }

    @Test
    void theKeyHasWhatIsRightAndWrongAnswersWithWhatTheyComeFrom() throws IOException {
        Exercise exercise = varied(Kelp.read(Quantity.SLOPE, new Rounding.Places(2)), Kelp.explain());
        Path file = folder.resolve("key.pdf");
        Handout.writeKey(exercise, variants(exercise, 3), Paper.A4, file, Progress.UNWATCHED);
        List<String> pages = pages(file);
        assertThat(pages).hasSize(4);
        for (int k = 1; k <= 3; k++) {
            Exercise variant = Variants.draw(exercise, k).exercise();
            Part part = variant.first();
            assertThat(pages.get(k - 1)).contains("Key \u00b7 How fast?", "variant " + k, "sign lost", "cm per day", variant
                    .tasks().getFirst().key(part.truth(DecimalMark.POINT)).text().replace(" cm per day", ""));
            assertThat(pages.getLast()).contains(k + " " + variant.tasks().getFirst().key(part.truth(DecimalMark.POINT)).text()
                    .replace(" cm per day", ""));
        }
        assertThat(pages.getLast()).contains("All 3 variants").as("a sentence has no short key").doesNotContain("2 Explain");
        assertThat(pages.getFirst()).contains("looked for: ", "both variables", "no cause");
        nothingIsCutOff(file);
    }

    @Test
    void whatStrangersWriteBecomesNoMarkUp() throws IOException {
        String nasty = "\"} @page { size: 1mm } <script>alert(1)</script> \\";
        Exercise exercise = varied(Kelp.explain()).withTexts(nasty, "<b>Orrin</b>", "");
        List<String> pages = pages(handout(exercise, variants(exercise, 1), List.of("<img src=x onerror=alert(1)>"), Paper.A4));
        assertThat(pages).hasSize(1);
        assertThat(pages.getFirst()).contains("<script>alert(1)</script>", "<b>Orrin</b>", "<img src=x onerror=alert(1)>");
    }

    @Test
    void aLongTableGoesOnAndSaysWhatIsLeftOut() throws IOException {
        Recipe many = Recipe.simple().withPairs(500);
        Exercise plain = Kelp.exercise(Kelp.explain());
        Sample sample = ((Sample.Done) Sample.of(many, plain.first().x(), plain.first().y(), DecimalMark.POINT)).sample();
        Exercise exercise = plain.withFirst(part -> part.withData(sample.table()));
        Path file = handout(exercise, List.of(Variants.draw(exercise, 0)), List.of(), Paper.A4);
        assertThat(String.join(" ", pages(file)))
                .contains("The first 120 of 500 rows; all are in the file.", exercise.tasks().getFirst().terms().title());
        nothingIsCutOff(file);
    }

    @Test
    void stoppedItLeavesNoFile() {
        Exercise exercise = varied(Kelp.explain());
        Path file = folder.resolve("stopped.pdf");
        assertThatThrownBy(() -> Handout.write(exercise, variants(exercise, 8), List.of(), Paper.A4, file, _ -> false))
                .isInstanceOf(Progress.Stopped.class);
        assertThat(Files.exists(file)).isFalse();
        assertThat(Set.of(folder.toFile().list())).isEmpty();
    }

    /** What is asked and what that is worked out from, and nothing that tells the answer to another task. */
    @Test
    void theCalculationIsItsOwnTableWithEmptyCells() throws IOException {
        FillCalculation fill = new FillCalculation(Terms.of("fill", "By hand", "Fill it in.", 2), CalculationCells.Way.SUMS,
                Set.of("dx", "dy", "dxy"), Set.of(), 1);
        Exercise exercise = Kelp.exercise(fill);
        String text = String.join(" ", pages(handout(exercise, List.of(Variants.draw(exercise, 0)), List.of(), Paper.A4)));
        // The mean of 2, 4, 6, 8, 10 is 6, that of the lengths 25.2 / 5; Sxx = 40 and SSE are not asked for.
        assertThat(text).contains("5.04").doesNotContain("40").doesNotContain("SSE");
        Path file = folder.resolve("key.pdf");
        Handout.writeKey(exercise, List.of(Variants.draw(exercise, 0)), Paper.A4, file, Progress.UNWATCHED);
        // (2 \u2212 6)(3.1 \u2212 5.04) = 7.76, in one decimal place.
        assertThat(String.join(" ", pages(file))).contains("7.8");
    }

    @Test
    void whatTheAuthorSaysForPaperStandsThereAndWhatIsLeftOutDoesNot() throws IOException {
        Task read = Kelp.read(Quantity.SLOPE, new Rounding.Places(2));
        Exercise exercise = Kelp.exercise(read.with(read.terms().withPrompt("Click it.").onPaper("Write its row.")),
                Kelp.explain().with(Kelp.explain().terms().withTitle("Not here").leftOutOnPaper(true)));
        String text = String.join(" ", pages(handout(exercise, List.of(Variants.draw(exercise, 0)), List.of(), Paper.A4)));
        assertThat(text).contains("Write its row.").doesNotContain("Click it.").doesNotContain("Not here");
    }

    @Test
    void theSquaredPaperIsAsLargeAsTheAuthorSays() throws IOException {
        Exercise exercise = Kelp.exercise(Kelp.explain());
        for (SquaredPaper size : SquaredPaper.values()) {
            Exercise sized = exercise.withFirst(part -> part.withRules(part.rules().with(size)));
            List<Piece> pieces = Slabs.flat(HandoutPieces.of(sized, false, Paper.A4)).toList();
            double heights = pieces.stream().mapToDouble(piece -> switch (piece) {
                case Piece.Plot plot -> plot.ratio() * plot.share();
                case Piece.Beside beside -> beside.beside().map(it -> it.ratio() * it.share()).orElse(0.0);
                default -> 0;
            }).sum() * Paper.A4.textWidth() / Paper.A4.textHeight();
            assertThat(heights).as(size.inWords()).isBetween(size.share() * 0.75, size.share() + 0.01);
        }
    }

    /** From the same pieces, one variant as a page for a browser or a word processor. */
    @Test
    void oneVariantIsAlsoAWebPageAndATextDocument() throws IOException {
        Exercise exercise = Kelp.ofEveryKind();
        Path html = folder.resolve("handout.html");
        Handout.write(exercise, Variants.draw(exercise, 0), false, Paper.A4, html);
        assertThat(Files.readString(html)).contains("class=\"box\"", "class=\"grid\"", "class=\"line\"")
                .doesNotContain("class=\"ink\"").contains(exercise.tasks().getLast().terms().title());
        Path odt = folder.resolve("key.odt");
        Handout.write(exercise, Variants.draw(exercise, 0), true, Paper.A4, odt);
        assertThat(Files.size(odt)).isPositive();
    }

    /** In a plot of the true values nobody could find it. */
    @Test
    void aMistypedPointIsToBeSeenInThePlotInWhichItIsToBeFound() {
        Terms terms = Terms.of("find", "Find it", "Which?", 2);
        for (PointSort sort : List.of(PointSort.MISTYPED, PointSort.LARGEST_RESIDUAL)) {
            Exercise exercise = Kelp.exercise(Kelp.slip(), new FindPoint(terms, sort, 1, Set.of(), Optional.empty(),
                    Optional.empty()));
            double highest = Slabs.flat(HandoutPieces.of(exercise, false, Paper.A4)).filter(Piece.Plot.class::isInstance)
                    .map(Piece.Plot.class::cast).mapToDouble(it -> it.drawing().at(new Layout(500, 300, 1)).y().high()).max()
                    .orElseThrow();
            // The slip is 50 in the place of 5.0; the others go to 7.2.
            assertThat(highest > 50).as(sort.name()).isEqualTo(sort == PointSort.MISTYPED);
        }
    }
}
