package hestra.documents.page;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import hestra.documents.page.Piece.Table.Line;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Every sign that a text of the program's own holds is shown on a PDF, in text, headings, formulas and columns of numbers. */
class SpellingTest {

    /** Where signs stand that are read alone, and never shown. */
    private static final Set<String> READERS = Set.of("NumberReader.java", "CellText.java", "TextForms.java", "TextData.java",
            "NameList.java", "AnswerText.java", "UnitReader.java", "EquationReader.java", "XmlText.java");
    private static final Pattern TEXT = Pattern.compile("\"(?:[^\"\\\\\n]|\\\\.)*\"");
    private static final Pattern ESCAPED = Pattern.compile("\\\\u([0-9a-fA-F]{4})");

    /** The signs in the texts of the program, of one letter and its marks each. */
    private static Set<String> signs() throws IOException {
        Set<String> signs = new TreeSet<>();
        for (Path module : List.of(Path.of("../core/src/main/java"), Path.of("src/main/java"), Path.of("../desktop/src/main/java/"
                + "hestra/desktop/demo"))) {
            try (Stream<Path> files = Files.walk(module)) {
                for (Path file : files.filter(it -> it.toString().endsWith(".java")
                        && !READERS.contains(it.getFileName().toString())).toList()) {
                    Matcher texts = TEXT.matcher(Files.readString(file));
                    while (texts.find()) {
                        ESCAPED.matcher(texts.group()).replaceAll(it -> Matcher.quoteReplacement(Character.toString(
                                Integer.parseInt(it.group(1), 16)))).codePoints().filter(it -> it > 126
                                && Character.isDefined(it) && Character.getType(it) != Character.NON_SPACING_MARK
                                && Character.getType(it) != Character.FORMAT && Character.getType(it) != Character.SPACE_SEPARATOR
                                && Character.getType(it) != Character.PRIVATE_USE && Character.getType(it) != Character.CONTROL
                                && Character.getType(it) != Character.SURROGATE)
                                .mapToObj(Character::toString).forEach(signs::add);
                    }
                }
            }
        }
        return signs;
    }

    private static String printed(Page page) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfPage.write(page, Paper.A4, out);
        try (PDDocument document = Loader.loadPDF(out.toByteArray())) {
            return Normalizer.normalize(new PDFTextStripper().getText(document), Normalizer.Form.NFC);
        }
    }

    @Test
    void everySignOfTheProgramIsShown() throws IOException {
        Set<String> signs = signs();
        assertThat(signs).as("the texts were found").contains("\u0233", "\u2212", "\u00b2", "\u2713");
        List<Piece> pieces = new ArrayList<>();
        List<Line> lines = new ArrayList<>();
        for (String sign : signs) {
            pieces.add(new Piece.Formula("f" + sign));
            pieces.add(new Piece.Text("t" + sign));
            pieces.add(new Piece.Heading(2, "h" + sign));
            lines.add(Line.of("w" + sign, "1.5" + sign));
        }
        pieces.add(new Piece.Table("Table 1", "", List.of("word", "number"), lines));
        // A reader of PDFs may see a space where a sign has been moved closer.
        String text = printed(new Page("Signs", "", List.of(), pieces)).replace(" ", "");
        assertThat(text).as("a letter that is lacking is printed so").doesNotContain("#");
        // A typeface has one picture for the sign for micro and the letter, and for two apostrophes: read again it may be either.
        List<String> lacking = signs.stream().filter(sign -> !Set.of("\u03bc", "\u2019").contains(sign))
                .flatMap(sign -> Stream.of("f", "t", "h", "w", "1.5").map(before -> before + sign))
                .filter(it -> !text.contains(Normalizer.normalize(it, Normalizer.Form.NFC))).toList();
        assertThat(lacking).isEmpty();
    }
}
