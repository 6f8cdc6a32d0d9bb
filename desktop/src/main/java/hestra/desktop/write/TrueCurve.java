package hestra.desktop.write;

import java.util.Collections;
import java.util.List;
import java.util.Optional;

import hestra.fit.Curve;
import hestra.fit.Curve.FittedOn;

/** The families of curves that made-up data may follow, as they are chosen from a list. */
enum TrueCurve {
    LINE("line", "line", "y = a + b\u00b7x", List.of(5.0, 2.0)),
    ORIGIN("line through the origin", "origin", "y = a\u00b7x", List.of(2.0)),
    QUADRATIC("quadratic", "quadratic", "y = a + b\u00b7x + c\u00b7x\u00b2", List.of(2.0, 4.0, -0.15)),
    CUBIC("cubic", "cubic", "y = a + b\u00b7x + c\u00b7x\u00b2 + d\u00b7x\u00b3", List.of(10.0, 6.0, -0.6, 0.016)),
    FOURTH("4th degree", "poly4", "y = a + b\u00b7x + \u2026 + e\u00b7x\u2074", List.of()),
    FIFTH("5th degree", "poly5", "y = a + b\u00b7x + \u2026 + f\u00b7x\u2075", List.of()),
    SIXTH("6th degree", "poly6", "y = a + b\u00b7x + \u2026 + g\u00b7x\u2076", List.of()),
    EXPONENTIAL("exponential", "exponential", "y = a\u00b7b\u02e3", List.of(70.0, 0.9)),
    POWER("power", "power", "y = a\u00b7x\u1d47", List.of(0.5, 1.5)),
    LOGARITHMIC("logarithmic", "log", "y = a + b\u00b7ln x", List.of(4.0, 6.0)),
    WAVE("wave", "wave", "y = a + b\u00b7sin(c\u00b7x + d)", List.of(12.0, 5.0, 0.5, 0.0)),
    OWN_TERMS("own terms", "terms:", "", List.of());

    private final String words;
    private final String code;
    private final String formula;
    private final List<Double> usual;

    TrueCurve(String words, String code, String formula, List<Double> usual) {
        this.words = words;
        this.code = code;
        this.formula = formula;
        this.usual = usual;
    }

    static TrueCurve of(Curve curve) {
        return curve instanceof Curve.OwnTerms ? OWN_TERMS
                : List.of(values()).stream().filter(it -> it.code.equals(curve.code())).findFirst().orElseThrow();
    }

    /** The family; nothing where own terms cannot be read. */
    Optional<Curve> curve(String terms) {
        return Curve.of(this == OWN_TERMS ? code + terms : code, FittedOn.VALUES);
    }

    String formula() {
        return formula;
    }

    /** Coefficients to begin with. */
    List<Double> usual(int count) {
        return usual.size() == count ? usual : Collections.nCopies(count, 1.0);
    }

    @Override
    public String toString() {
        return words;
    }
}
