package hestra.desktop.parts;

import java.util.Optional;

import hestra.desk.Findings;
import hestra.figure.Slot;
import hestra.fit.Curve;

/** What curves are called in menus, on chips and in the table that compares them. */
public final class CurveNames {

    private CurveNames() {}

    /** The curve's name on its own. */
    public static String of(Curve curve) {
        return switch (curve) {
            case Curve.Line _ -> "Line";
            case Curve.ThroughOrigin _ -> "Line through the origin";
            case Curve.Polynomial(int degree) -> degree == 2 ? "Quadratic" : degree == 3 ? "Cubic" : "Degree " + degree;
            case Curve.Exponential _ -> "Exponential";
            case Curve.Power _ -> "Power";
            case Curve.Logarithmic _ -> "Logarithmic";
            case Curve.Wave _ -> "Wave";
            case Curve.OwnTerms _ -> "Own terms";
        };
    }

    /** What a curve is called beside its mark. */
    public static String in(Findings findings, Slot slot) {
        return switch (slot) {
            case LINE -> "Line";
            case TRIAL -> findings.work().curves().trial()
                    .map(it -> it.curve() instanceof Curve.Line ? "By eye" : of(it.curve()) + " by eye").orElse("By eye");
            case FIRST, SECOND, THIRD, FOURTH ->
                    Optional.ofNullable(findings.work().curves().further().get(slot)).map(CurveNames::of).orElse("");
        };
    }
}
