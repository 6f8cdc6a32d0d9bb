package hestra.documents.page;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TTFSubsetter;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** The program's own typefaces, for pages that are to look the same everywhere. */
enum Typefaces {
    TEXT("Source Sans 3", 400, false, "SourceSans3-Regular.ttf"),
    STRONG("Source Sans 3", 600, false, "SourceSans3-Semibold.ttf"),
    SLANTED("Source Sans 3", 400, true, "SourceSans3-It.ttf"),
    HEADINGS("Source Serif 4", 600, false, "SourceSerif4-Semibold.ttf"),
    MATHEMATICS("Source Serif 4", 400, false, "SourceSerif4-Regular.ttf"),
    FIGURES("Source Code Pro", 400, false, "SourceCodePro-Regular.ttf");

    /** The parts of a typeface that a browser asks for. */
    private static final List<String> KEPT = List.of("head", "hhea", "loca", "maxp", "cvt ", "prep", "glyf", "hmtx", "fpgm",
            "gasp", "OS/2", "name", "post", "cmap");

    /** Where the directory of an OpenType file has the number of its tables and their records, and how long each is. */
    private static final int TABLE_COUNT = 4;
    private static final int TABLE_RECORDS = 12;
    private static final int TABLE_RECORD = 16;
    /** "GSUB", and a name for it that is no table's. */
    private static final int SUBSTITUTIONS = 0x47535542;
    private static final int UNKNOWN = 0x78737562;

    /** The last sign that every typeface has. */
    static final int LAST_PLAIN = 126;
    private static final int MOST_MADE = 16;

    /** The rules for the letters of the pages that were written last, by those beyond the alphabet. */
    private static final Map<String, String> MADE = new LinkedHashMap<>(MOST_MADE, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, String> eldest) {
            return size() > MOST_MADE;
        }
    };

    private final String family;
    private final int weight;
    private final boolean italic;
    private final String file;

    Typefaces(String family, int weight, boolean italic, String file) {
        this.family = family;
        this.weight = weight;
        this.italic = italic;
        this.file = file;
    }

    String family() {
        return family;
    }

    int weight() {
        return weight;
    }

    boolean italic() {
        return italic;
    }

    InputStream open() {
        return Objects.requireNonNull(Typefaces.class.getResourceAsStream("/hestra/fonts/" + file));
    }

    /**
     * The typeface for text on a PDF: its table of substitutions goes by a name that nothing looks for. The library asks that
     * table about every single text, which takes nine tenths of the time of a page, for ligatures that nobody misses.
     */
    InputStream openPlain() {
        try (InputStream in = open()) {
            byte[] font = in.readAllBytes();
            ByteBuffer tables = ByteBuffer.wrap(font);
            int count = tables.getShort(TABLE_COUNT);
            for (int i = 0; i < count; i++) {
                int record = TABLE_RECORDS + i * TABLE_RECORD;
                if (tables.getInt(record) == SUBSTITUTIONS) {
                    tables.putInt(record, UNKNOWN);
                }
            }
            return new ByteArrayInputStream(font);
        } catch (IOException e) {
            throw new UncheckedIOException("the program's own typeface " + file + " cannot be read", e);
        }
    }

    /**
     * Rules of a style sheet that bring the typefaces with them, each with the letters of a text and those of the alphabet alone.
     * Pages of one class have the same letters, so what was made last is kept.
     */
    static String embedded(String text) {
        String others = text.codePoints().filter(letter -> letter > LAST_PLAIN).distinct().sorted()
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append).toString();
        synchronized (MADE) {
            return MADE.computeIfAbsent(others, Typefaces::rules);
        }
    }

    private static String rules(String text) {
        StringBuilder rules = new StringBuilder();
        for (Typefaces face : List.of(TEXT, STRONG, SLANTED, HEADINGS, MATHEMATICS)) {
            rules.append("@font-face { font-family: \"").append(face.family).append("\"; font-weight: ")
                    .append(face.weight).append("; font-style: ")
                    .append(face.italic ? "italic" : "normal").append("; src: url(data:font/ttf;base64,")
                    .append(Base64.getEncoder().encodeToString(face.subset(text))).append("); }\n");
        }
        return rules.toString();
    }

    /** The typeface, to be looked into. */
    TrueTypeFont font() throws IOException {
        try (InputStream in = open()) {
            return new TTFParser().parse(new RandomAccessReadBuffer(in.readAllBytes()));
        }
    }

    /** The typeface with the letters of a text and those of the alphabet. */
    private byte[] subset(String text) {
        try (TrueTypeFont font = font()) {
            TTFSubsetter subsetter = new TTFSubsetter(font, KEPT);
            var letters = font.getUnicodeCmapLookup();
            text.codePoints().distinct().filter(letter -> letter >= ' ' && letters.getGlyphId(letter) > 0)
                    .forEach(subsetter::add);
            for (int letter = ' '; letter <= LAST_PLAIN; letter++) {
                subsetter.add(letter);
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            subsetter.writeToStream(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("the program's own typeface " + file + " cannot be read", e);
        }
    }
}
