package hestra.fit;

import java.util.List;

import hestra.data.Pairs;

/**
 * Several curves on the same points, side by side. Each is compared by R², adjusted R² and s on the scale of y, never by
 * R² alone where the numbers of coefficients differ, and never across scales.
 *
 * @param rows one for each curve, in the order asked for
 */
public record Comparison(List<Row> rows) {

    /**
     * A curve with its fit, or with the reason why there is none.
     *
     * @param curve the family
     * @param fit what came of it
     */
    public record Row(Curve curve, Fit fit) {}

    /** The curves fitted to the pairs. */
    public static Comparison of(List<Curve> curves, Pairs pairs) {
        return new Comparison(curves.stream().map(curve -> new Row(curve, LeastSquares.fit(curve, pairs))).toList());
    }
}
