package hestra.figure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;

import hestra.numbers.NumberStyle;

/**
 * Round values along an axis: multiples of 1, 2 or 5 times a power of ten; on a logarithmic axis 1, 2 and 5 times powers of
 * ten, or powers of ten alone where there are many.
 *
 * @param step the distance between two ticks; 0 where they are not evenly spaced in value
 * @param values the ticks, ascending
 * @see "P. Heckbert, Nice numbers for graph labels, Graphics Gems (1990), p. 61"
 */
public record Ticks(double step, List<Double> values) {

    private static final int MOST = 60;
    /** Fewer numbers than this say too little of an axis: which way it runs, and how wide a step is. */
    private static final int FEWEST = 3;
    private static final double JUST_BELOW = 0.999;
    private static final double LEAST_LONG = 1e5;
    private static final double LEAST_STEP = 1e-3 * (1 - 1e-9);

    public Ticks {
        values = List.copyOf(values);
    }

    /** The ticks of a scale, about as many as are wanted. */
    public static Ticks along(Scale scale, int about) {
        return scale.spacing() == Spacing.LINEAR
                ? between(scale.low(), scale.high(), about) : decades(scale.low(), scale.high(), about);
    }

    private static Ticks decades(double low, double high, int about) {
        double decades = Math.log10(high) - Math.log10(low);
        int stride = (int) Math.max(1, Math.ceil(decades / about));
        // Where powers are written as such, other multiples of them would not fit beside the axis.
        boolean narrow = high >= LEAST_LONG || low < LEAST_STEP;
        double[] leads = decades > about * 0.6 || narrow ? new double[] {1} : new double[] {1, 2, 5};
        List<Double> values = new ArrayList<>();
        int first = Math.floorDiv((int) Math.floor(Math.log10(low)), stride) * stride;
        for (int power = first; power <= Math.ceil(Math.log10(high)); power += stride) {
            for (double lead : leads) {
                double value = new BigDecimal(lead).scaleByPowerOfTen(power).doubleValue();
                if (value >= low * (1 - 1e-9) && value <= high * (1 + 1e-9)) {
                    values.add(value);
                }
            }
        }
        // Within a part of a decade the axis is nearly even, and so are its ticks.
        return values.size() >= 3 ? new Ticks(0, values) : between(low, high, about);
    }

    /**
     * The ticks that lie between two values, at least three.
     *
     * @param low finite
     * @param high finite and above {@code low}
     * @param about how many are wanted, at least 2
     */
    public static Ticks between(double low, double high, int about) {
        double step = niceStep((high - low) / Math.max(1, about - 1));
        Ticks ticks = by(step, low, high);
        while (ticks.values.size() < FEWEST && step > Double.MIN_NORMAL) {
            step = niceBelow(step * JUST_BELOW);
            ticks = by(step, low, high);
        }
        return ticks;
    }

    private static Ticks by(double step, double low, double high) {
        List<Double> values = new ArrayList<>();
        double tolerance = step * 1e-9;
        long first = (long) Math.ceil((low - tolerance) / step);
        double last = Math.min(Double.MAX_VALUE, high + tolerance);
        for (long k = first; k * step <= last && values.size() < MOST; k++) {
            double value = multiple(k, step);
            if (Double.isFinite(value)) {
                values.add(value);
            }
        }
        return new Ticks(step, values);
    }

    /** The greatest value of 1, 2 or 5 times a power of ten that is not above the one given, which is above 0. */
    static double niceBelow(double value) {
        double power = Math.pow(10, Math.floor(Math.log10(value)));
        double share = value / power * (1 + 1e-12);
        return (share >= 5 ? 5 : share >= 2 ? 2 : 1) * power;
    }

    /** The least value of 1, 2 or 5 times a power of ten that is not below the one given, which is above 0. */
    static double niceAbove(double value) {
        double power = Math.pow(10, Math.floor(Math.log10(value)));
        double share = value / power * (1 - 1e-12);
        return (share <= 1 ? 1 : share <= 2 ? 2 : share <= 5 ? 5 : 10) * power;
    }

    /** The least step of 1, 2 or 5 times a power of ten that is not much smaller than the one given. */
    static double niceStep(double rough) {
        double power = Math.pow(10, Math.floor(Math.log10(rough)));
        double share = rough / power;
        double nice = share < 1.5 ? 1 : share < 3 ? 2 : share < 7 ? 5 : 10;
        return nice * power;
    }

    /** k × step without the noise of binary fractions: 3 × 0.1 is 0.3. */
    private static double multiple(long k, double step) {
        return BigDecimal.valueOf(k).multiply(new BigDecimal(step).round(new MathContext(6))).doubleValue();
    }

    /**
     * The power of ten that the ticks have in common, so that they need not each carry it: 0 where they can be written plainly.
     * A tick's text times ten to this power is its value.
     */
    public int power() {
        double largest = values.stream().mapToDouble(Math::abs).max().orElse(0);
        boolean plain = step == 0 || largest < LEAST_LONG && step >= LEAST_STEP;
        return plain || largest == 0 ? 0 : (int) Math.floor(Math.log10(largest) + 1e-9);
    }

    /** What stands after an axis's title, before its unit: the common power of ten. */
    String powerInWords() {
        return power() == 0 ? "" : "10" + NumberStyle.raised(Integer.toString(power()).replace('-', NumberStyle.MINUS));
    }

    /** A tick's text, with as many decimals as the step needs. */
    public String label(double value, NumberStyle style) {
        if (step == 0) {
            String text = style.withDigits(3).shortest(value);
            return text.startsWith("1 × ") ? text.substring("1 × ".length()) : text;
        }
        int power = power();
        int places = (int) Math.clamp(power - Math.floor(Math.log10(step) + 1e-9), 0, 12);
        return style.places(new BigDecimal(value).movePointLeft(power).doubleValue(), places);
    }
}
