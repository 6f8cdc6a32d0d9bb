package hestra.documents.page;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

import javax.imageio.ImageIO;

import hestra.documents.file.FileReading;
import hestra.documents.file.FileWriting;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;

/** The pages of a PDF as pictures, to be looked at where there is no program for PDFs. */
public final class PagePictures {

    private static final float FINENESS = 96;
    private static final String ENDING = ".pdf";

    private PagePictures() {}

    /** The first page of a PDF. */
    public static BufferedImage first(Path pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(Files.readAllBytes(pdf))) {
            return new PDFRenderer(document).renderImageWithDPI(0, FINENESS);
        }
    }

    /** Writes each page of a PDF into a folder, which is made where it is not there: "Kelp, page 1.png" and so on. */
    public static List<Path> write(Path pdf, Path folder) throws IOException {
        String name = FileReading.name(pdf);
        return write(Files.readAllBytes(pdf), name.endsWith(ENDING) ? name.substring(0, name.length() - ENDING.length()) : name,
                folder);
    }

    /** The same of a page that was not written as a PDF. */
    public static List<Path> write(Page page, Paper paper, String name, Path folder) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        PdfPage.write(page, paper, bytes);
        return write(bytes.toByteArray(), name, folder);
    }

    /** The pages of a PDF, each as a PNG. */
    static List<byte[]> of(byte[] pdf) throws IOException {
        List<byte[]> pictures = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFRenderer renderer = new PDFRenderer(document);
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                ByteArrayOutputStream bytes = new ByteArrayOutputStream();
                ImageIO.write(renderer.renderImageWithDPI(i, FINENESS), "png", bytes);
                pictures.add(bytes.toByteArray());
            }
        }
        return pictures;
    }

    private static List<Path> write(byte[] pdf, String name, Path folder) throws IOException {
        Files.createDirectories(folder);
        List<Path> written = new ArrayList<>();
        for (byte[] picture : of(pdf)) {
            written.add(folder.resolve(name + ", page " + (written.size() + 1) + ".png"));
            FileWriting.write(written.getLast(), out -> out.write(picture));
        }
        return written;
    }
}
