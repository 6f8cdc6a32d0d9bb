package hestra.fit;

import java.util.List;
import java.util.OptionalDouble;

/** A curve with given coefficients, set against data: fitted to them, or tried by eye. */
public sealed interface CurveOnData permits CurveFit, TrialFit {

    Curve curve();

    /** What it is in a sentence: "line of least squares", "line by eye". */
    String inWords();

    /** The coefficients in the order of the equation. */
    List<Coefficient> coefficients();

    /** From which x the equation is written; usually none. */
    default Reference reference() {
        return Reference.NONE;
    }

    /** The x range that the data cover. */
    Interval support();

    /** ŷ at x; nothing where the curve is not defined or leaves the range of a double. */
    OptionalDouble fitted(double x);

    /** y − ŷ of one pair; nothing where the curve is not defined at x. */
    OptionalDouble residual(double x, double y);

    /** Σ (y − ŷ)² over the data. */
    double sumOfSquares();
}
