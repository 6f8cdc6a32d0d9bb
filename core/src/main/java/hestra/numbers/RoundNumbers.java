package hestra.numbers;

import java.util.Set;

/** Words of round numbers, which stand before what is counted: "two million euros", "per hundred metres". */
public final class RoundNumbers {

    /** In small letters, one of each. */
    public static final Set<String> WORDS = Set.of("dozen", "hundred", "thousand", "million", "billion");

    private RoundNumbers() {}
}
