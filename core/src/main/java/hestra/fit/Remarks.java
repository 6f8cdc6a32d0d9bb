package hestra.fit;

import java.util.ArrayList;
import java.util.List;

/** What a reader of a curve's numbers should know. */
final class Remarks {

    private Remarks() {}

    static List<String> of(CurveFit fit, boolean linearWithConstant) {
        List<String> remarks = new ArrayList<>();
        Goodness goodness = fit.goodness();
        if (goodness.rSquared().isEmpty()) {
            remarks.add("All y are equal, so R² is not defined.");
        } else if (goodness.degreesOfFreedom() == 0) {
            remarks.add("With as many coefficients as points the curve passes through every point: R² = 1 says nothing here.");
        } else if (goodness.rSquared().getAsDouble() < 0) {
            remarks.add("R² is negative: the curve does worse than the mean of y.");
        } else if (!linearWithConstant) {
            remarks.add("R² is 1 − SSE ÷ SST about the mean of y; for this curve it can be negative.");
        }
        return remarks;
    }
}
