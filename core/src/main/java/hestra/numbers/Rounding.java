package hestra.numbers;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/**
 * How an answer is to be rounded. Rounding starts from the double's exact decimal value and takes halves away from
 * zero, as a class is taught.
 */
public sealed interface Rounding {

    /** The value so rounded. */
    default BigDecimal apply(double value) {
        return apply(new BigDecimal(value), RoundingMode.HALF_UP);
    }

    /** The value rounded to this many digits, by the given rule. */
    BigDecimal apply(BigDecimal value, RoundingMode rule);

    /** The asked rounding in words, such as "to 2 decimal places"; empty where none is asked. */
    String inWords();

    /**
     * To a number of decimal places.
     *
     * @param count 0 to 12
     */
    record Places(int count) implements Rounding {
        public Places {
            requireWithin(count, 0, 12);
        }

        @Override
        public BigDecimal apply(BigDecimal value, RoundingMode rule) {
            return value.setScale(count, rule);
        }

        @Override
        public String inWords() {
            return switch (count) {
                case 0 -> "to a whole number";
                case 1 -> "to 1 decimal place";
                default -> "to " + count + " decimal places";
            };
        }
    }

    /**
     * To a number of significant digits.
     *
     * @param count 1 to 15
     */
    record Significant(int count) implements Rounding {
        public Significant {
            requireWithin(count, 1, 15);
        }

        @Override
        public BigDecimal apply(BigDecimal value, RoundingMode rule) {
            return toSignificant(value, count, rule);
        }

        @Override
        public String inWords() {
            return "to " + Counted.of(count, "significant digit");
        }
    }

    /** No rounding asked: right within half a unit in the third significant digit. */
    record Free() implements Rounding {
        @Override
        public BigDecimal apply(BigDecimal value, RoundingMode rule) {
            return toSignificant(value, 3, rule);
        }

        @Override
        public String inWords() {
            return "";
        }
    }

    private static BigDecimal toSignificant(BigDecimal value, int digits, RoundingMode rule) {
        if (value.signum() == 0) {
            return BigDecimal.ZERO.setScale(digits - 1);
        }
        BigDecimal rounded = value.round(new MathContext(digits, rule));
        // BigDecimal drops zeros at the end where the value has fewer digits than asked: 0.5 stays 0.5, not 0.500.
        int missing = digits - rounded.precision();
        return missing > 0 ? rounded.setScale(rounded.scale() + missing) : rounded;
    }

    private static void requireWithin(int count, int least, int greatest) {
        if (count < least || count > greatest) {
            throw new IllegalArgumentException(count + " digits; " + least + " to " + greatest + " can be asked");
        }
    }
}
