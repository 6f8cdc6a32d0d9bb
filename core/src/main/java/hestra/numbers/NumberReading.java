package hestra.numbers;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Stream;

/** What a piece of text says as a number: a value, nothing at all, or a reason why it is no number. */
public sealed interface NumberReading {

    /** Empty, or spaces only. */
    record Blank() implements NumberReading {}

    /**
     * A number.
     *
     * @param typed the decimal as it was typed, zeros at the end included, before any percent is taken
     * @param value the nearest double, percent taken
     * @param percent whether a percent sign followed
     * @param unit what followed the number, such as "cm"; empty for none
     */
    record Value(BigDecimal typed, double value, boolean percent, String unit) implements NumberReading {
        /** Decimal places as typed: 2 for "0.80". */
        public int places() {
            return Math.max(0, typed.scale());
        }

        /** Significant digits as typed: 2 for "0.80". */
        public int significant() {
            return typed.signum() == 0 ? 1 : typed.precision();
        }
    }

    /**
     * Not a number.
     *
     * @param reason what is wrong and what to type instead, as a sentence
     */
    record Unreadable(String reason) implements NumberReading {}

    /**
     * Reads a measured value: digits of any script with either decimal mark where that is unambiguous, any kind of minus sign,
     * e-notation or × 10ⁿ, a sign such as ½; thousands may be grouped by spaces, or by the other mark where the decimal mark
     * shows which is which, and a group never follows a leading 0. No unit, fraction or percent. A number beyond the range of a
     * double, or so small that it would turn into zero, is refused, and so is whatever could be meant as another number.
     */
    static NumberReading ofMeasurement(String text, DecimalMark mark) {
        return NumberReader.read(text, mark, false);
    }

    /**
     * Reads several measured values with spaces, semicolons or commas between them, "5, 7.5, 12" or "5; 7,5; 12".
     *
     * @param one reads a value; nothing where a text is none
     * @return nothing where one of them cannot be read, or there are none
     */
    static Optional<List<Double>> several(String text, Function<String, OptionalDouble> one) {
        // A comma alone may be a decimal mark: it parts two numbers only where there is no other way to read them.
        return Stream.of("[;\\s]+|,\\s+", "\\s*;\\s*|,\\s+", "[;,\\s]+").map(gap -> text.strip().split(gap))
                .map(parts -> Stream.of(parts).map(one).toList())
                .filter(read -> read.stream().allMatch(OptionalDouble::isPresent)).findFirst()
                .map(read -> read.stream().map(OptionalDouble::getAsDouble).toList());
    }

    /** The number that a text says as a measured value; nothing where it says none. */
    static OptionalDouble measured(String text, DecimalMark mark) {
        return ofMeasurement(text, mark) instanceof Value value ? OptionalDouble.of(value.value()) : OptionalDouble.empty();
    }

    /** The same of numbers as an exercise writes them. */
    static Optional<List<Double>> several(String text, DecimalMark mark) {
        return several(text, part -> measured(part, mark));
    }

    /** Whether a text is nothing but digits, a hyphen before them and one decimal mark among them, as most cells are. */
    static boolean isSimple(String text, DecimalMark mark) {
        return NumberReader.isSimple(text, mark);
    }

    /** The number that a simple text says: the nearest double. */
    static double simpleValue(String text, DecimalMark mark) {
        return NumberReader.simpleValue(text, mark);
    }

    /** Reads an answer: as a measured value, and also percent, a fraction such as 3/4, and a unit after the number. */
    static NumberReading ofAnswer(String text, DecimalMark mark) {
        return NumberReader.read(text, mark, true);
    }

    /**
     * Whether a text may be what a number is measured in, such as "cm per day", "m²" or "°C": not if it belongs to the number
     * itself, as "thousand" does, a sign of arithmetic, or another number.
     */
    static boolean isUnit(String text) {
        return Units.isUnit(text);
    }
}
