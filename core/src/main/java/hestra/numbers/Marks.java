package hestra.numbers;

import java.util.OptionalDouble;

/**
 * Marks in words: the same on the sheet, on pages, in Mark and on the command line.
 *
 * @param mark the decimal mark of the exercise
 */
public record Marks(DecimalMark mark) {

    private static final double HUNDRED = 100;

    /** "2.5": with two places at most. */
    public String of(double marks) {
        return new NumberStyle(mark, NumberStyle.STANDARD.digits()).shortest(Math.round(marks * HUNDRED) / HUNDRED);
    }

    /** "1 mark", "2.5 marks". */
    public String counted(double marks) {
        return of(marks) + (marks == 1 ? " mark" : " marks");
    }

    /** "2.5 of 3 marks". */
    public String outOf(double marks, int most) {
        return of(marks) + " of " + Counted.of(most, "mark");
    }

    /** "−0.5 marks": what help or a comment takes off. */
    public String off(double cost) {
        return "\u2212" + counted(cost);
    }

    /**
     * Reads marks that were typed, with either decimal mark.
     *
     * @param most the most that there may be
     * @return nothing where it is no number from 0 to that
     */
    public static OptionalDouble read(String text, double most) {
        DecimalMark typed = text.indexOf(DecimalMark.COMMA.sign()) >= 0 ? DecimalMark.COMMA : DecimalMark.POINT;
        return NumberReading.ofAnswer(text, typed) instanceof NumberReading.Value value && !value.percent()
                && value.unit().isEmpty()
                && value.value() >= 0 && value.value() <= most ? OptionalDouble.of(value.value()) : OptionalDouble.empty();
    }
}
