package hestra.figure;

import java.util.Locale;

/** What a mark is coloured for. Painters look the colour up in the tokens of the style sheet, light or dark. */
public enum Ink {
    PAPER,
    SURFACE,
    INK,
    MUTED,
    RULE,
    GRID,
    OBSERVED,
    BEST,
    TRIAL,
    RESIDUAL,
    CURVE_A,
    CURVE_B,
    CURVE_C,
    CURVE_D,
    CHANCE,
    CHANCE_PALE,
    CHANCE_FAR,
    SET_ASIDE,
    RIGHT,
    NEARLY,
    WRONG,
    CALLOUT,
    CALLOUT_TEXT,
    CALLOUT_NOTE;

    /** The name of the colour's token: "-hestra-observed". */
    public String token() {
        return "-hestra-" + name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
