package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.Kelp;
import hestra.desk.Edit;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.documents.page.GiveBack;
import hestra.documents.page.Paper;
import hestra.exercise.ClassList;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.marking.ClassKey;
import hestra.marking.ClassWork;
import hestra.marking.Marking;
import hestra.numbers.Rounding;
import hestra.task.Answer;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** The pages of a class in one file. */
class GivenBackTogetherTest {

    private static final Exercise EXERCISE = Kelp.exercise(Kelp.read(Quantity.SLOPE, new Rounding.Places(2)), Kelp.explain())
            .withFirst(part -> part.withHeld(Set.of()));

    @TempDir
    private Path folder;

    private ClassWork work() throws IOException {
        for (String name : List.of("Wim", "Ada", "Runa")) {
            Worked.handIn(EXERCISE, folder.resolve("hands").resolve(name + ".handin"), new Edit.Name(name),
                    new Edit.Draft("read", new Answer.Typed("0.52")), new Edit.Check("read"));
        }
        return ((Result.Done<ClassWork>) HandIns.ofFolder(folder.resolve("hands"), Optional.of(EXERCISE),
                _ -> Marking.none(EXERCISE.id()))).value();
    }

    private List<String> pages(ClassList list, boolean bothSides) throws IOException {
        ClassWork work = work();
        Path file = folder.resolve("all.pdf");
        GiveBack.Written written = new GiveBack(work, ClassKey.of(EXERCISE), true, "today").writeTogether(
                Gradebook.inOrder(work, list), folder.resolve("hands"), file, Paper.A4, bothSides, Progress.UNWATCHED);
        assertThat(written.failures()).isEmpty();
        List<String> pages = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            PDFTextStripper text = new PDFTextStripper();
            for (int page = 1; page <= document.getNumberOfPages(); page++) {
                text.setStartPage(page);
                text.setEndPage(page);
                pages.add(text.getText(document));
            }
        }
        return pages;
    }

    @Test
    void theyStandInTheOrderOfTheListOrByName() throws IOException {
        assertThat(pages(ClassList.NONE, false)).satisfiesExactly(it -> assertThat(it).contains("Ada", "1 of 1", "2 of 8 marks"),
                it -> assertThat(it).contains("Runa"), it -> assertThat(it).contains("Wim"));
        assertThat(pages(ClassList.of(List.of("Wim", "Nobody", "Runa")), false)).satisfiesExactly(
                it -> assertThat(it).contains("Wim"), it -> assertThat(it).contains("Runa"),
                it -> assertThat(it).contains("Ada"));
    }

    @Test
    void onBothSidesEachBeginsOnASheetOfItsOwn() throws IOException {
        List<String> pages = pages(ClassList.NONE, true);
        assertThat(pages).hasSize(6);
        assertThat(pages.get(0)).contains("Ada");
        assertThat(pages.get(1)).isBlank();
        assertThat(pages.get(2)).contains("Runa");
        assertThat(pages.get(4)).contains("Wim");
    }

    /** What matters stands first: the marks, and what to look at again. */
    @Test
    void aPageBeginsWithTheMarksAndWhatToLookAtAgain() throws IOException {
        String page = pages(ClassList.NONE, false).getFirst();
        assertThat(page.indexOf("2 of 8 marks")).isBetween(0, page.indexOf("Look again at: 2 Explain"));
        assertThat(page.indexOf("Look again at")).isLessThan(page.indexOf("Prose."));
    }

    @Test
    void aHandInThatIsGoneIsListedAndTheOthersAreWritten() throws IOException {
        ClassWork work = work();
        Files.delete(folder.resolve("hands").resolve("Ada.handin"));
        GiveBack.Written written = new GiveBack(work, ClassKey.of(EXERCISE), true, "today").writeTogether(
                Gradebook.inOrder(work, ClassList.NONE), folder.resolve("hands"), folder.resolve("all.pdf"), Paper.A4, false,
                Progress.UNWATCHED);
        assertThat(written.failures()).singleElement().asString().startsWith("Ada: ");
        assertThat(written.files()).hasSize(1);
    }
}
