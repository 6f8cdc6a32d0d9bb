package hestra.numbers;

/** How many there are of something, in words: "1 row", "3 rows". */
public final class Counted {

    private Counted() {}

    /** A number with what it counts; several take an s. */
    public static String of(long number, String one) {
        return of(number, one, one + "s");
    }

    /** The same where several are called otherwise. */
    public static String of(long number, String one, String several) {
        return number + " " + (number == 1 ? one : several);
    }
}
