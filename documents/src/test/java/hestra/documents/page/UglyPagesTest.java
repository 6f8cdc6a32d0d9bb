package hestra.documents.page;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.desk.Desk;
import hestra.desk.Findings;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.documents.picture.PictureFile;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.numbers.DecimalMark;
import hestra.task.Task;
import hestra.tracing.Picture;
import hestra.variants.Variants;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** What is too long, too wide, too high, or written in other letters still comes out on pages, all of it. */
class UglyPagesTest {

    private static final double MARGIN = Paper.MARGIN / 25.4 * 72;

    @TempDir
    private Path folder;

    /** The text of a PDF, every letter of which stands on the paper. */
    private static String read(PDDocument document) throws IOException {
        PDRectangle paper = document.getPage(0).getMediaBox();
        return new PDFTextStripper() {
            @Override
            protected void processTextPosition(TextPosition text) {
                if (!text.getUnicode().isBlank()) {
                    assertThat(text.getX() + text.getWidth()).as(text.getUnicode())
                            .isLessThan(paper.getWidth() - (float) MARGIN / 2);
                    assertThat(text.getY()).as(text.getUnicode()).isBetween(10f, paper.getHeight() - 10);
                }
                super.processTextPosition(text);
            }
        }.getText(document).replaceAll("\\s+", " ");
    }

    private String handout(Exercise exercise) throws IOException {
        StringBuilder all = new StringBuilder();
        Path file = folder.resolve("handout.pdf");
        Handout.write(exercise, List.of(Variants.draw(exercise, 0)), List.of(), Paper.LETTER, file, Progress.UNWATCHED);
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            all.append(read(document));
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfPage.write(WriteUp.of(Findings.of(Desk.open(exercise)), "today"), Paper.A4, out);
        try (PDDocument document = Loader.loadPDF(out.toByteArray())) {
            all.append(read(document));
        }
        return all.toString();
    }

    private static Exercise asking(String prompt) {
        Task read = Kelp.explain();
        return Kelp.exercise(read.with(read.terms().withPrompt(prompt)));
    }

    @Test
    void aTitleOfThreeHundredLettersAndAPromptOfFiveThousand() throws IOException {
        String word = "seaweed ";
        Exercise exercise = asking((word.repeat(625) + "at last.")).withTexts("Kelp", "Orrin Bay", word.repeat(37).strip());
        assertThat(handout(exercise)).contains("at last.").contains(word.repeat(5).strip());
    }

    @Test
    void aWordThatIsWiderThanThePage() throws IOException {
        assertThat(handout(asking("weed".repeat(80)))).contains("How fast?");
    }

    @Test
    void aTableOfFourHundredRowsAndTwelveColumns() throws IOException {
        List<Variable> columns = IntStream.range(0, 12).mapToObj(i -> Variable.named("column " + i)).toList();
        List<Row> rows = new ArrayList<>();
        for (int row = 0; row < 400; row++) {
            int at = row;
            rows.add(Row.of(IntStream.range(0, 12).mapToObj(i -> Cell.of(1000 * at + i, DecimalMark.POINT))
                    .toArray(Cell[]::new)));
        }
        Exercise exercise = Kelp.exercise(Kelp.explain()).withFirst(part -> part.withData(new DataTable(columns, rows)));
        String text = handout(exercise);
        assertThat(text).contains("The first 120 of 400 rows", "column 11", "119011", "1 \u00b7 Explain");
    }

    @Test
    void aPictureThatIsMuchTooHigh() throws IOException {
        BufferedImage pole = new BufferedImage(10, 4_000, BufferedImage.TYPE_INT_RGB);
        Picture picture = ((Result.Done<Picture>) PictureFile.of(pole)).value();
        Exercise exercise = Kelp.exercise(Kelp.explain()).withFirst(part -> part.withBlockAt(0,
                new Block.Illustration("picture-1", picture, "A pole", "a pole")));
        assertThat(handout(exercise)).contains("A pole", "1 \u00b7 Explain");
    }

    @Test
    void namesFromRightToLeftAndSignsThatNoTypefaceHas() throws IOException {
        Exercise exercise = asking("Say it. \u05d0\u05d1\u05d2 \u0915\u0916 \ud83d\ude00").withTexts("\u05e9\u05dc\u05d5\u05dd",
                "", "");
        assertThat(handout(exercise)).contains("Say it.").contains("1 \u00b7 Explain");
    }
}
