package hestra.documents.page;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;

import hestra.desk.Findings;
import hestra.documents.file.Progress;
import hestra.exercise.Exercise;
import hestra.variants.Variants;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.PDFAValidator;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.TestAssertion;
import org.verapdf.pdfa.results.ValidationResult;

import static org.assertj.core.api.Assertions.assertThat;

/** PDFs can be read by ear: ISO 14289-1 (PDF/UA-1), as far as a program can tell. */
class AccessiblePdfTest {

    @TempDir
    private Path folder;

    @BeforeAll
    static void begin() {
        VeraGreenfieldFoundryProvider.initialise();
    }

    private static TreeSet<String> faults(byte[] pdf) throws Exception {
        TreeSet<String> faults = new TreeSet<>();
        try (PDFAParser parser = Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), PDFAFlavour.PDFUA_1);
                PDFAValidator validator = Foundries.defaultInstance().createValidator(PDFAFlavour.PDFUA_1, false)) {
            ValidationResult result = validator.validate(parser);
            for (TestAssertion assertion : result.getTestAssertions()) {
                if (assertion.getStatus() == TestAssertion.Status.FAILED) {
                    faults.add(assertion.getRuleId().getClause() + ": " + assertion.getMessage());
                }
            }
        }
        return faults;
    }

    @Test
    void handoutsAndKeys() throws Exception {
        Exercise exercise = FilledPagesTest.exercise(new Random(5));
        Path file = folder.resolve("handout.pdf");
        Handout.write(exercise, List.of(Variants.draw(exercise, 0)), List.of("Ida Fenn"), Paper.A4, file, Progress.UNWATCHED);
        assertThat(faults(Files.readAllBytes(file))).isEmpty();
        Handout.writeKey(exercise, List.of(Variants.draw(exercise, 0)), Paper.A4, file, Progress.UNWATCHED);
        assertThat(faults(Files.readAllBytes(file))).isEmpty();
    }

    @Test
    void writeUps() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfPage.write(WriteUp.of(Findings.of(hestra.desk.Desk.open(FilledPagesTest.exercise(new Random(6)))), "today"), Paper.A4,
                out);
        assertThat(faults(out.toByteArray())).isEmpty();
    }
}
