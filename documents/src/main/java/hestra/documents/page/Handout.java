package hestra.documents.page;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import com.samskivert.mustache.Template;
import hestra.documents.file.FileWriting;
import hestra.documents.file.Progress;
import hestra.exercise.Exercise;
import hestra.variants.Variant;
import hestra.variants.Variants;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.multipdf.PDFMergerUtility;

/**
 * An exercise on paper, as one PDF: the sheet of each variant with room for the answers, or its key. Each variant begins on a
 * page of its own.
 */
public final class Handout {

    private static final Template TEMPLATE = PageTemplate.template("handout");
    /** So many variants are laid out in one go: between one go and the next the work can be stopped. */
    private static final int AT_ONCE = 6;
    private static final int LONGEST_FOOT = 60;

    private final Exercise exercise;
    private final Paper paper;
    private final boolean key;

    private Handout(Exercise exercise, Paper paper, boolean key) {
        this.exercise = exercise;
        this.paper = paper;
        this.key = key;
    }

    /**
     * The variants that are to be printed.
     *
     * @param numbers 0 for the exercise as it stands
     * @throws Progress.Stopped where that is wanted: between one and the next
     */
    public static List<Variant> drawn(Exercise exercise, List<Integer> numbers, Progress progress) {
        return numbers.stream().map(number -> {
            progress.tell(0);
            return Variants.draw(exercise, number);
        }).toList();
    }

    /**
     * Writes the handout.
     *
     * @param variants at least one
     * @param names for whom each variant is, in their order; empty where nobody is named
     * @throws Progress.Stopped where that is wanted; then nothing is written
     */
    public static void write(Exercise exercise, List<Variant> variants, List<String> names, Paper paper, Path file,
            Progress progress) throws IOException {
        Handout handout = new Handout(exercise, paper, false);
        FileWriting.write(file, out -> handout.pages(variants, names, progress, out));
    }

    /** Writes the key to it, with the keys of all variants at its end. */
    public static void writeKey(Exercise exercise, List<Variant> variants, Paper paper, Path file, Progress progress)
            throws IOException {
        Handout handout = new Handout(exercise, paper, true);
        FileWriting.write(file, out -> handout.pages(variants, List.of(), progress, out));
    }

    private void pages(List<Variant> variants, List<String> names, Progress progress, OutputStream out) throws IOException {
        List<byte[]> documents = new ArrayList<>();
        for (int from = 0; from < variants.size(); from += AT_ONCE) {
            int to = Math.min(variants.size(), from + AT_ONCE);
            documents.add(document(variants.subList(from, to),
                    names.subList(Math.min(from, names.size()), Math.min(to, names.size())),
                    key && to == variants.size() && variants.size() > 1 ? variants : List.of()));
            progress.tell((double) to / variants.size());
        }
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

    private byte[] document(List<Variant> variants, List<String> names, List<Variant> together) throws IOException {
        PdfDrawings drawings = new PdfDrawings(paper.textWidth());
        List<Map<String, Object>> sheets = new ArrayList<>();
        // What lines are broken by is the page without a name.
        StringBuilder style = new StringBuilder(String.format(Locale.ROOT, "@page { size: %.1fmm %.1fmm; margin: %.0fmm; }%n",
                paper.width(), paper.height(), Paper.MARGIN));
        for (int i = 0; i < variants.size(); i++) {
            Variant variant = variants.get(i);
            sheets.add(sheet("v" + i, variant, i < names.size() ? names.get(i) : "", drawings));
            style.append(page("v" + i, foot(variant)));
        }
        if (!together.isEmpty()) {
            Map<String, Object> all = new HashMap<>();
            all.put("page", "all");
            all.put("title", "Key \u00b7 " + title());
            all.put("by", "all variants \u00b7 for the instructor");
            all.put("who", List.of());
            all.put("pieces", KeyPieces.together(together));
            sheets.add(all);
            style.append(page("all", exercise.title() + " \u00b7 key"));
        }
        String html = XmlText.clean(TEMPLATE.execute(Map.of("title", title(), "style",
                style + PageTemplate.resource("handout.css"), "sheets", sheets)));
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        PdfPage.render(html, drawings, bytes);
        return bytes.toByteArray();
    }

    private Map<String, Object> sheet(String page, Variant variant, String name, PdfDrawings drawings) {
        Exercise shown = variant.exercise();
        String which = variant.number() == 0 ? "" : "variant " + variant.number();
        List<String> about = new ArrayList<>(List.of(shown.place(), which, key ? "for the instructor" : ""));
        about.removeIf(String::isBlank);
        Map<String, Object> sheet = new HashMap<>();
        sheet.put("page", page);
        sheet.put("title", (key ? "Key \u00b7 " : "") + title());
        sheet.put("by", String.join(" \u00b7 ", about));
        sheet.put("who", key ? List.of() : List.of(name.isBlank() ? "\u00a0" : name));
        sheet.put("pieces", key ? KeyPieces.of(shown, drawings) : HandoutPieces.of(shown, drawings));
        return sheet;
    }

    private String title() {
        return exercise.heading().isBlank() ? exercise.title() : exercise.heading();
    }

    private String foot(Variant variant) {
        String title = exercise.title().length() > LONGEST_FOOT
                ? exercise.title().substring(0, LONGEST_FOOT) + "\u2026" : exercise.title();
        return title + (key ? " \u00b7 key" : "") + (variant.number() == 0 ? "" : " \u00b7 " + variant.number());
    }

    /** The page of a variant, with what stands at its foot. */
    private String page(String name, String foot) {
        String text = "font-family: 'Source Sans 3'; font-size: 8.5pt; color: #444444;";
        return String.format(Locale.ROOT,
                "@page %s { size: %.1fmm %.1fmm; margin: %.0fmm; @bottom-left { content: \"%s\"; %s } @bottom-right { content: "
                + "counter(page) ' of ' counter(pages); %s } }%n",
                name, paper.width(), paper.height(), Paper.MARGIN, escaped(foot), text, text);
    }

    /** A text within quotation marks of a style sheet, in which nothing can end it. */
    private static String escaped(String text) {
        StringBuilder escaped = new StringBuilder();
        text.codePoints().forEach(c -> {
            if (Character.isLetterOrDigit(c) || c == ' ' || c == '\u00b7' || c == ',' || c == '.' || c == '-') {
                escaped.appendCodePoint(c);
            } else {
                escaped.append('\\').append(Integer.toHexString(c)).append(' ');
            }
        });
        return escaped.toString();
    }
}
