package hestra.documents.page;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.multipdf.PDFMergerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;

/** Documents laid on one another into one PDF. */
final class PdfStack {

    private final boolean bothSides;
    private final List<byte[]> documents = new ArrayList<>();

    /** A stack; printed on both sides, each document begins on a sheet of its own, where that is wanted. */
    PdfStack(boolean bothSides) {
        this.bothSides = bothSides;
    }

    void add(byte[] pdf) throws IOException {
        documents.add(bothSides ? even(pdf) : pdf);
    }

    boolean isEmpty() {
        return documents.isEmpty();
    }

    /** With one more page, a blank one, where the number of pages is odd. */
    private static byte[] even(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            int pages = document.getNumberOfPages();
            if (pages % 2 == 0) {
                return pdf;
            }
            document.addPage(new PDPage(document.getPage(pages - 1).getMediaBox()));
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    void write(OutputStream out) throws IOException {
        if (documents.size() == 1) {
            out.write(documents.getFirst());
            return;
        }
        PDFMergerUtility merger = new PDFMergerUtility();
        for (byte[] document : documents) {
            merger.addSource(RandomAccessReadBuffer.createBufferFromStream(new ByteArrayInputStream(document)));
        }
        merger.setDestinationStream(out);
        merger.mergeDocuments(IOUtils.createMemoryOnlyStreamCache());
    }
}
