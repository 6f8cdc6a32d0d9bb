package hestra.documents.page;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

import hestra.documents.file.FileReading;
import hestra.documents.file.FileWriting;

/** Pages as files; the ending says as what. */
public final class PageFile {

    /** The endings under which a page can be saved. */
    public static final List<String> ENDINGS = List.of(".html", ".pdf", ".odt");

    private PageFile() {}

    /** Whether a page can be saved under a name. */
    public static boolean isOne(Path file) {
        String name = FileReading.name(file).toLowerCase(Locale.ROOT);
        return ENDINGS.stream().anyMatch(name::endsWith);
    }

    /** Saves a page. */
    public static void write(Page page, Paper paper, Path file) throws IOException {
        String name = FileReading.name(file).toLowerCase(Locale.ROOT);
        if (name.endsWith(".pdf")) {
            FileWriting.write(file, out -> PdfPage.write(page, paper, out));
        } else if (name.endsWith(".odt")) {
            FileWriting.write(file, out -> OdtPage.write(page, paper, out));
        } else {
            FileWriting.write(file, HtmlPage.of(page));
        }
    }
}
