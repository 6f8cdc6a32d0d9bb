package hestra.fit;

import java.util.Optional;

/** A family of curves that an exercise may offer beside the line, or not. The line itself is always there. */
public enum CurveFamily {
    ORIGIN("line through the origin"),
    QUADRATIC("quadratic"),
    CUBIC("cubic"),
    HIGHER("polynomials of degree 4 to 6"),
    EXPONENTIAL("exponential"),
    POWER("power"),
    LOGARITHMIC("logarithmic"),
    WAVE("wave"),
    OWN_TERMS("own terms");

    private static final int SQUARE = 2;
    private static final int CUBE = 3;

    private final String words;

    CurveFamily(String words) {
        this.words = words;
    }

    public String inWords() {
        return words;
    }

    /** The family of a curve, however it is fitted; nothing for the line. */
    public static Optional<CurveFamily> of(Curve curve) {
        return switch (curve) {
            case Curve.Line _ -> Optional.empty();
            case Curve.ThroughOrigin _ -> Optional.of(ORIGIN);
            case Curve.Polynomial(int degree) -> Optional.of(degree == SQUARE ? QUADRATIC : degree == CUBE ? CUBIC : HIGHER);
            case Curve.Exponential _ -> Optional.of(EXPONENTIAL);
            case Curve.Power _ -> Optional.of(POWER);
            case Curve.Logarithmic _ -> Optional.of(LOGARITHMIC);
            case Curve.Wave _ -> Optional.of(WAVE);
            case Curve.OwnTerms _ -> Optional.of(OWN_TERMS);
        };
    }
}
