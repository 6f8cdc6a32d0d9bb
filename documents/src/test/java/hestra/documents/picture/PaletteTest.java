package hestra.documents.picture;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

import hestra.figure.Ink;
import hestra.figure.Slot;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** The colours can be read, and told apart by everybody. */
class PaletteTest {

    private static final Map<String, Palette> PALETTES = Map.of("light", Palette.LIGHT, "dark", Palette.DARK, "print",
            Palette.PRINT, "high contrast", Palette.HIGH_CONTRAST, "high contrast, dark", Palette.HIGH_CONTRAST_DARK);
    private static final List<Palette> ON_SCREEN = List.of(Palette.LIGHT, Palette.DARK, Palette.HIGH_CONTRAST,
            Palette.HIGH_CONTRAST_DARK);
    /** The looks of the window, as they are called in the style sheet. */
    private static final Map<String, Double> LOOKS = Map.of(".root", 4.5, ".root.dark", 4.5, ".root.high-contrast", 7.0,
            ".root.dark.high-contrast", 7.0);
    private static final List<String> TEXTS = List.of("ink", "muted", "faint", "observed", "best", "trial", "residual", "curve-a",
            "curve-b", "curve-c", "curve-d", "set-aside", "right", "nearly", "wrong");
    private static final List<String> GROUNDS = List.of("paper", "surface", "wash", "live", "selected", "warn-ground");
    private static final Pattern TOKEN = Pattern.compile("-hestra-([a-z-]+): #([0-9A-F]{6});");

    private static Map<String, Integer> tokens(String look) throws IOException {
        try (InputStream in = Palette.class.getResourceAsStream(Palette.TOKENS)) {
            String sheet = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            int start = sheet.indexOf(look + " {");
            return TOKEN.matcher(sheet.substring(start, sheet.indexOf('}', start))).results()
                    .collect(Collectors.toMap(found -> found.group(1), found -> Integer.parseInt(found.group(2), 16)));
        }
    }

    /** Every colour in which words are set on every ground that there is, in every look of the window. */
    @Test
    void everyWordStandsOutFromEveryGround() throws IOException {
        List<String> faint = new ArrayList<>();
        for (Map.Entry<String, Double> look : LOOKS.entrySet()) {
            Map<String, Integer> tokens = tokens(look.getKey());
            for (String text : TEXTS) {
                for (String ground : GROUNDS) {
                    if (contrast(tokens.get(text), tokens.get(ground)) < look.getValue()) {
                        faint.add(look.getKey() + ": " + text + " on " + ground);
                    }
                }
            }
            for (String ground : List.of("paper", "surface")) {
                assertThat(contrast(tokens.get("ring"), tokens.get(ground))).as("the ring, " + look).isGreaterThanOrEqualTo(3);
            }
            for (String text : List.of("callout-text", "callout-note")) {
                assertThat(contrast(tokens.get(text), tokens.get("callout"))).isGreaterThanOrEqualTo(look.getValue());
            }
            assertThat(tokens.keySet()).as(look.getKey()).isEqualTo(tokens(".root").keySet());
        }
        assertThat(faint).isEmpty();
    }

    /**
     * How the common forms of colour-blindness see: matrices for linear red, green and blue, after G. M. Machado, M. M. Oliveira
     * and L. A. F. Fernandes, A physiologically-based model for simulation of color vision deficiency (2009), severity 1.
     */
    private static final Map<String, double[][]> EYES = Map.of(
            "usual", new double[][] {{1, 0, 0}, {0, 1, 0}, {0, 0, 1}},
            "protanopia", new double[][] {{0.152286, 1.052583, -0.204868}, {0.114503, 0.786281, 0.099216},
                    {-0.003882, -0.048116, 1.051998}},
            "deuteranopia", new double[][] {{0.367322, 0.860646, -0.227968}, {0.280085, 0.672501, 0.047413},
                    {-0.011820, 0.042940, 0.968881}},
            "tritanopia", new double[][] {{1.255528, -0.076749, -0.178779}, {-0.078411, 0.930809, 0.147602},
                    {0.004733, 0.691367, 0.303900}});

    private static double[] linear(int rgb) {
        double[] linear = new double[3];
        for (int i = 0; i < 3; i++) {
            double share = (rgb >> 16 - 8 * i & 0xFF) / 255.0;
            linear[i] = share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
        }
        return linear;
    }

    private static double luminance(int rgb) {
        double[] linear = linear(rgb);
        return 0.2126 * linear[0] + 0.7152 * linear[1] + 0.0722 * linear[2];
    }

    /** The contrast of two colours, from 1 to 21, as the guidelines for accessible web content define it. */
    private static double contrast(int one, int other) {
        double a = luminance(one);
        double b = luminance(other);
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    /** A colour as an eye sees it, in CIELAB with white D65. */
    private static double[] seen(int rgb, double[][] eye) {
        double[] linear = linear(rgb);
        double[] seen = new double[3];
        for (int i = 0; i < 3; i++) {
            seen[i] = Math.clamp(eye[i][0] * linear[0] + eye[i][1] * linear[1] + eye[i][2] * linear[2], 0, 1);
        }
        double x = f((0.4124564 * seen[0] + 0.3575761 * seen[1] + 0.1804375 * seen[2]) / 0.95047);
        double y = f(0.2126729 * seen[0] + 0.7151522 * seen[1] + 0.0721750 * seen[2]);
        double z = f((0.0193339 * seen[0] + 0.1191920 * seen[1] + 0.9503041 * seen[2]) / 1.08883);
        return new double[] {116 * y - 16, 500 * (x - y), 200 * (y - z)};
    }

    private static double f(double t) {
        return t > 216.0 / 24389 ? Math.cbrt(t) : (24389.0 / 27 * t + 16) / 116;
    }

    private static double distance(int one, int other, double[][] eye) {
        double[] a = seen(one, eye);
        double[] b = seen(other, eye);
        return Math.sqrt(Math.pow(a[0] - b[0], 2) + Math.pow(a[1] - b[1], 2) + Math.pow(a[2] - b[2], 2));
    }

    @Test
    void theMeasuresAreThoseOfTheBooks() {
        assertThat(contrast(0x000000, 0xFFFFFF)).isEqualTo(21, within(1e-9));
        assertThat(contrast(0x777777, 0xFFFFFF)).isEqualTo(4.48, within(0.01));
        assertThat(distance(0xFFFFFF, 0x000000, EYES.get("usual"))).isEqualTo(100, within(0.01));
        assertThat(distance(0xFF0000, 0x00FF00, EYES.get("usual"))).isEqualTo(170.6, within(0.2));
        assertThat(distance(0xD00000, 0x7A7A00, EYES.get("deuteranopia"))).as("red and olive")
                .isLessThan(0.4 * distance(0xD00000, 0x7A7A00, EYES.get("usual")));
    }

    @Test
    void textStandsOutFromItsGround() {
        PALETTES.forEach((name, palette) -> {
            for (Ink ink : List.of(Ink.INK, Ink.MUTED, Ink.OBSERVED, Ink.BEST, Ink.NEARLY, Ink.WRONG, Ink.RIGHT, Ink.RESIDUAL,
                    Ink.CURVE_A, Ink.CURVE_B, Ink.CURVE_C, Ink.CURVE_D)) {
                assertThat(contrast(palette.rgb(ink), palette.rgb(Ink.SURFACE)))
                        .as(ink + ", " + name).isGreaterThanOrEqualTo(4.5);
            }
            assertThat(contrast(palette.rgb(Ink.CALLOUT_TEXT), palette.rgb(Ink.CALLOUT))).as(name).isGreaterThanOrEqualTo(4.5);
            assertThat(contrast(palette.rgb(Ink.CALLOUT_NOTE), palette.rgb(Ink.CALLOUT))).as(name).isGreaterThanOrEqualTo(4.5);
            assertThat(contrast(palette.rgb(Ink.TRIAL), palette.rgb(Ink.SURFACE)))
                    .as("a line, " + name).isGreaterThanOrEqualTo(3);
        });
    }

    @Test
    void curvesOfOneDashAreToldApartByEveryEyeAndOthersByTheirDashInGreyToo() {
        for (Slot one : Slot.values()) {
            for (Slot other : EnumSet.range(Slot.values()[one.ordinal()], Slot.FOURTH)) {
                if (one != other && one.stroke().dash().equals(other.stroke().dash())) {
                    EYES.forEach((eye, matrix) -> ON_SCREEN.forEach(palette ->
                            assertThat(distance(palette.rgb(one.ink()), palette.rgb(other.ink()), matrix))
                                    .as(one + " and " + other + ", " + eye).isGreaterThan(20)));
                }
            }
        }
        assertThat(Slot.FURTHER.stream().map(slot -> slot.stroke().dash()).distinct()).hasSize(Slot.FURTHER.size());
    }

    @Test
    void whatLiesTogetherInThePlotIsToldApartByEveryEye() {
        Set<Set<Ink>> together = Set.of(EnumSet.of(Ink.OBSERVED, Ink.RESIDUAL), EnumSet.of(Ink.BEST, Ink.RESIDUAL),
                EnumSet.of(Ink.OBSERVED, Ink.SET_ASIDE),
                EnumSet.of(Ink.OBSERVED, Ink.TRIAL), EnumSet.of(Ink.OBSERVED, Ink.BEST));
        for (Set<Ink> pair : together) {
            List<Ink> inks = List.copyOf(pair);
            EYES.forEach((eye, matrix) -> ON_SCREEN.forEach(palette ->
                    assertThat(distance(palette.rgb(inks.get(0)), palette.rgb(inks.get(1)), matrix))
                            .as(pair + ", " + eye).isGreaterThan(9)));
        }
    }
}
