package hestra.documents.page;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.text.Normalizer;

import hestra.numbers.Remembered;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TrueTypeFont;

/** Texts in letters that a typeface has: a PDF shows nothing of one that none of its typefaces has. */
final class Spelling {

    private static final int MOST_KNOWN = 2_000;

    private static final class Holder {
        private static final Spelling OF_TEXT = new Spelling(Typefaces.TEXT);
    }

    private final CmapLookup letters;
    private final Remembered<Integer, String> known = new Remembered<>(MOST_KNOWN);

    private Spelling(Typefaces face) {
        try (TrueTypeFont font = face.font()) {
            letters = font.getUnicodeCmapLookup();
        } catch (IOException e) {
            throw new UncheckedIOException("the program's own typefaces cannot be read", e);
        }
    }

    /** Of the typeface for text, to which the others fall back. */
    static Spelling ofText() {
        return Holder.OF_TEXT;
    }

    /** Whether all letters of a text can be shown. */
    boolean has(String text) {
        return text.codePoints().allMatch(letter -> letters.getGlyphId(letter) > 0);
    }

    /** The text with each letter that is lacking whole, such as ȳ, taken apart into letter and mark where both are there. */
    String spelled(String text) {
        StringBuilder spelled = new StringBuilder(text.length());
        text.codePoints().forEach(letter -> {
            if (letter <= Typefaces.LAST_PLAIN) {
                spelled.appendCodePoint(letter);
            } else {
                spelled.append(known.get(letter, this::apart));
            }
        });
        return spelled.toString();
    }

    private String apart(int letter) {
        String whole = Character.toString(letter);
        String apart = Normalizer.normalize(whole, Normalizer.Form.NFD);
        return has(whole) || !has(apart) ? whole : apart;
    }
}
