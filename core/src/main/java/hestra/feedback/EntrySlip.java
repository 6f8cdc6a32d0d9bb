package hestra.feedback;

import java.util.Optional;

import hestra.data.Cell;

/** How a number came to be entered otherwise than it is printed, recognised from the two. */
public enum EntrySlip {
    DIGITS_EXCHANGED("two digits have changed places"),
    DECIMAL_POINT("the decimal point has slipped"),
    SIGN("the sign is the other way round"),
    DIGIT_LOST("a digit is missing"),
    DIGIT_TOO_MANY("there is a digit too many");

    private final String words;

    EntrySlip(String words) {
        this.words = words;
    }

    public String inWords() {
        return words;
    }

    /** The slip that makes one number of the other; nothing where they agree or no single slip does. */
    public static Optional<EntrySlip> between(Cell printed, Cell entered) {
        if (!(printed instanceof Cell.Measured key && entered instanceof Cell.Measured it) || key.value() == it.value()) {
            return Optional.empty();
        }
        if (key.value() == -it.value()) {
            return Optional.of(SIGN);
        }
        String right = digits(key.text());
        String wrong = digits(it.text());
        if (key.value() != 0 && isPowerOfTen(it.value() / key.value())) {
            return Optional.of(DECIMAL_POINT);
        }
        if (!isPlain(key.text()) || !isPlain(it.text())) {
            return Optional.empty();
        }
        if (right.length() == wrong.length()) {
            return areNeighboursExchanged(right, wrong) ? Optional.of(DIGITS_EXCHANGED) : Optional.empty();
        }
        if (right.length() == wrong.length() + 1 && isOneShorter(wrong, right)) {
            return Optional.of(DIGIT_LOST);
        }
        return wrong.length() == right.length() + 1 && isOneShorter(right, wrong)
                ? Optional.of(DIGIT_TOO_MANY) : Optional.empty();
    }

    private static String digits(String text) {
        return text.replaceAll("[^0-9]", "");
    }

    /** Whether a number is written without a power of ten, whose digits mean something else. */
    private static boolean isPlain(String text) {
        return text.matches("[-+\u2212]?[0-9., \u00a0]+");
    }

    private static boolean isPowerOfTen(double ratio) {
        double power = Math.log10(ratio);
        return ratio > 0 && Math.abs(power - Math.rint(power)) < 1e-9 && Math.abs(power) <= 3.5;
    }

    private static boolean areNeighboursExchanged(String right, String wrong) {
        int first = 0;
        while (first < right.length() && right.charAt(first) == wrong.charAt(first)) {
            first++;
        }
        return first + 1 < right.length() && right.charAt(first) == wrong.charAt(first + 1)
                && right.charAt(first + 1) == wrong.charAt(first)
                && right.substring(first + 2).equals(wrong.substring(first + 2));
    }

    /** Whether the longer text becomes the shorter one when one sign is left out. */
    private static boolean isOneShorter(String shorter, String longer) {
        int i = 0;
        while (i < shorter.length() && shorter.charAt(i) == longer.charAt(i)) {
            i++;
        }
        return shorter.substring(i).equals(longer.substring(i + 1));
    }
}
