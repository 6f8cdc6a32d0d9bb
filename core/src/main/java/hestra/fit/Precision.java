package hestra.fit;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

import hestra.data.Fineness;
import hestra.data.Variable;
import hestra.numbers.NumberStyle;

/**
 * With how many digits the numbers of a curve are shown. What is asked is shown. Where nothing is asked, an equation has digits
 * enough, four at least, that the ŷ it gives over the range of the data is right to the last digit of the measured y, and a
 * prediction has one digit more than the data.
 *
 * @param style the decimal mark, and the digits that are asked for or are the least
 * @param x how finely the explanatory variable was measured
 * @param y how finely the response was
 */
public record Precision(NumberStyle style, Fineness x, Fineness y) {

    private static final double NOTHING = 1e-6;
    private static final int PLACES_LOOKED_AT = 8;
    private static final int MOST_DIGITS = 15;

    /** Exactly the digits of a style. */
    public static Precision asked(NumberStyle style) {
        return new Precision(style.asked(style.digits()), new Fineness(0), new Fineness(0));
    }

    /** A predicted y. */
    public String predicted(double value) {
        return style.asked() ? style.show(value) : y.show(value, 1, style);
    }

    /** A difference of y: 0 where it is nothing beside the last digit of the measured y, but rounding of the arithmetic. */
    public double settled(double difference) {
        return Math.abs(difference) < NOTHING * y.half() ? 0 : difference;
    }

    /** A residual with its sign, as finely as a predicted y: a difference has places, whatever digits are asked for. */
    public String residual(double value) {
        String text = y.show(settled(value), 1, style);
        return value > 0 && text.chars().anyMatch(sign -> sign >= '1' && sign <= '9') ? "+" + text : text;
    }

    /**
     * An x at which a curve reaches a value, with its unit: with a digit more than the data, or two where the
     * first would not lead back to the value; the date that it stands for where the variable's values are dates.
     */
    public String reached(CurveOnData curve, Variable variable, double value) {
        if (variable.dates().isPresent()) {
            return variable.shown(value, style);
        }
        int more = leadsBack(curve, value, x.places() + 1) ? 1 : 2;
        return (style.asked() ? style.show(value) : x.show(value, more, style)) + variable.unitAfterNumber();
    }

    private boolean leadsBack(CurveOnData curve, double value, int places) {
        OptionalDouble back = curve.fitted(BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP).doubleValue());
        OptionalDouble full = curve.fitted(value);
        return back.isEmpty() || full.isEmpty() || Math.abs(back.getAsDouble() - full.getAsDouble()) <= y.half();
    }

    /** How many digits each coefficient of an equation has. */
    int[] digits(CurveOnData curve) {
        List<Coefficient> coefficients = curve.coefficients();
        int[] digits = IntStream.generate(style::digits).limit(coefficients.size()).toArray();
        if (style.asked()) {
            return digits;
        }
        double[] values = coefficients.stream().mapToDouble(Coefficient::shown).toArray();
        double[] weights = weights(curve, values);
        long told = IntStream.range(0, weights.length).filter(j -> weights[j] > 0).count();
        for (int j = 0; j < digits.length; j++) {
            double size = Math.abs(values[j]);
            if (weights[j] > 0 && size > 0) {
                // Rounded to d digits a coefficient changes by up to half a unit of its last one; each may use up its share.
                double most = y.half() / told / weights[j];
                double needed = Math.floor(Math.log10(size)) + 1 - Math.floor(Math.log10(2 * most));
                digits[j] = (int) Math.clamp(needed, digits[j], MOST_DIGITS);
            }
        }
        return digits;
    }

    /**
     * How many digits the logarithm of a coefficient has that is shown with so many: as many as tell the coefficient as finely,
     * unless digits are asked for.
     */
    int digitsOfLogarithm(int digits, double logarithm) {
        // A change of ln b by d changes b by the share d.
        return style.asked() || logarithm == 0
                ? digits : (int) Math.clamp(digits + Math.floor(Math.log10(Math.abs(logarithm))) + 2, 2, MOST_DIGITS);
    }

    /** By how much ŷ changes at the most, over the range of the data, where a coefficient of the equation changes by one. */
    private static double[] weights(CurveOnData curve, double[] values) {
        double[] weights = new double[values.length];
        Interval range = curve.support();
        for (int i = 0; i <= PLACES_LOOKED_AT; i++) {
            double x = range.low() + (range.high() - range.low()) * i / PLACES_LOOKED_AT;
            double[] at = curve.curve().weights(values, curve.reference().entered(x));
            for (int j = 0; j < at.length; j++) {
                weights[j] = Double.isFinite(at[j]) ? Math.max(weights[j], Math.abs(at[j])) : weights[j];
            }
        }
        return weights;
    }
}
