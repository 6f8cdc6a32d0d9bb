package hestra.documents.picture;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import hestra.figure.Ink;

/**
 * The colours of a look, read from the style sheet of tokens that the window uses too, so that what is exported is what
 * is seen.
 */
public final class Palette {

    /** The style sheet of tokens, as a resource of this class. */
    public static final String TOKENS = "/hestra/documents/picture/tokens.css";

    /** The style class of what is shown black on white. */
    public static final String PRINT_STYLE = "black-on-white";

    private static final Pattern TOKEN = Pattern.compile("(-hestra-[a-z-]+):\\s*#([0-9A-Fa-f]{6});");

    /** On paper: dark on light. */
    public static final Palette LIGHT = read(".root");

    /** Light on dark. */
    public static final Palette DARK = read(".root.dark");

    /** With the highest contrast, dark on light. */
    public static final Palette HIGH_CONTRAST = read(".root.high-contrast");

    /** With the highest contrast, light on dark. */
    public static final Palette HIGH_CONTRAST_DARK = read(".root.dark.high-contrast");

    /** The same on white paper. */
    public static final Palette ON_WHITE = LIGHT.withPaper(LIGHT.rgb(Ink.SURFACE));

    /** Black on white, for printing. */
    public static final Palette PRINT = read("." + PRINT_STYLE);

    private final Map<Ink, Integer> colours;

    private Palette(Map<Ink, Integer> colours) {
        this.colours = colours;
    }

    /** The colour as 0xRRGGBB. */
    public int rgb(Ink ink) {
        return colours.get(ink);
    }

    private Palette withPaper(int rgb) {
        Map<Ink, Integer> other = new EnumMap<>(colours);
        other.put(Ink.PAPER, rgb);
        return new Palette(other);
    }

    private static Palette read(String selector) {
        String css = sheet();
        int start = css.indexOf(selector + " {");
        Matcher tokens = TOKEN.matcher(css.substring(start, css.indexOf('}', start)));
        Map<Ink, Integer> colours = new EnumMap<>(Ink.class);
        while (tokens.find()) {
            for (Ink ink : Ink.values()) {
                if (ink.token().equals(tokens.group(1))) {
                    colours.put(ink, Integer.parseInt(tokens.group(2), 16));
                }
            }
        }
        if (colours.size() < Ink.values().length) {
            throw new IllegalStateException(selector + " lacks a colour; it has " + colours.keySet());
        }
        return new Palette(colours);
    }

    private static String sheet() {
        try (InputStream in = Objects.requireNonNull(Palette.class.getResourceAsStream(TOKENS))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
