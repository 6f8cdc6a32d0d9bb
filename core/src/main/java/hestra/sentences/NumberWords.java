package hestra.sentences;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Numbers in words: "three tenths", "half a", "twenty-five", "a hundred", "nought point two nine". */
final class NumberWords {

    private static final Map<String, Integer> SMALL = Map.ofEntries(Map.entry("zero", 0), Map.entry("nought", 0),
            Map.entry("one", 1), Map.entry("two", 2), Map.entry("three", 3), Map.entry("four", 4), Map.entry("five", 5),
            Map.entry("six", 6), Map.entry("seven", 7), Map.entry("eight", 8), Map.entry("nine", 9), Map.entry("ten", 10),
                    Map.entry("eleven", 11), Map.entry("twelve", 12), Map.entry("thirteen", 13),
            Map.entry("fourteen", 14), Map.entry("fifteen", 15), Map.entry("sixteen", 16), Map.entry("seventeen", 17),
                    Map.entry("eighteen", 18), Map.entry("nineteen", 19), Map.entry("twenty", 20),
            Map.entry("thirty", 30), Map.entry("forty", 40), Map.entry("fifty", 50), Map.entry("sixty", 60),
                    Map.entry("seventy", 70), Map.entry("eighty", 80), Map.entry("ninety", 90));
    private static final Map<String, Integer> PARTS = Map.ofEntries(Map.entry("half", 2), Map.entry("halves", 2),
            Map.entry("third", 3), Map.entry("thirds", 3), Map.entry("quarter", 4), Map.entry("quarters", 4),
            Map.entry("fifth", 5), Map.entry("fifths", 5), Map.entry("sixth", 6), Map.entry("sixths", 6), Map.entry("eighth", 8),
                    Map.entry("eighths", 8), Map.entry("tenth", 10), Map.entry("tenths", 10),
            Map.entry("hundredth", 100), Map.entry("hundredths", 100), Map.entry("thousandth", 1000),
                    Map.entry("thousandths", 1000));

    private NumberWords() {}

    /**
     * A number that was read.
     *
     * @param value the number
     * @param length how many words it took
     */
    record Read(BigDecimal value, int length) {}

    /** The number that begins at a place; nothing where none does. */
    static Optional<Read> at(List<String> words, int at) {
        return whole(words, at).map(it -> withPart(it, words, at)).or(() -> part(words, at));
    }

    /** "three" + "tenths", "two" + "and a half", "nought" + "point two nine". */
    private static Read withPart(Read whole, List<String> words, int at) {
        int next = at + whole.length;
        if (word(words, next).equals("point")) {
            StringBuilder digits = new StringBuilder(whole.value.toPlainString()).append('.');
            int length = whole.length + 1;
            while (SMALL.getOrDefault(word(words, at + length), 10) < 10) {
                digits.append(SMALL.get(word(words, at + length++)));
            }
            return length > whole.length + 1 ? new Read(new BigDecimal(digits.toString()), length) : whole;
        }
        if (PARTS.containsKey(word(words, next))) {
            return new Read(share(whole.value, PARTS.get(word(words, next))), whole.length + 1);
        }
        if (word(words, next).equals("and") && (word(words, next + 1).equals("a") || word(words, next + 1).equals("one"))
                && PARTS.containsKey(word(words, next + 2))) {
            return new Read(whole.value.add(share(BigDecimal.ONE, PARTS.get(word(words, next + 2)))), whole.length + 3);
        }
        return whole;
    }

    private static BigDecimal share(BigDecimal of, int parts) {
        return of.divide(BigDecimal.valueOf(parts), new MathContext(3)).stripTrailingZeros();
    }

    /** "half a", "a quarter". */
    private static Optional<Read> part(List<String> words, int at) {
        int article = word(words, at).equals("a") ? 1 : 0;
        String name = word(words, at + article);
        if (name.equals("half") || article == 1 && PARTS.containsKey(name)) {
            return Optional.of(new Read(share(BigDecimal.ONE, PARTS.get(name)), article + 1));
        }
        return Optional.empty();
    }

    private static Optional<Read> whole(List<String> words, int at) {
        int article = word(words, at).equals("a") ? 1 : 0;
        if (article == 1 && !word(words, at + 1).matches("hundred|thousand|dozen")) {
            return Optional.empty();
        }
        int i = at + article;
        int value = article;
        boolean any = article == 1;
        while (true) {
            String word = word(words, i);
            String[] both = word.split("-");
            if (SMALL.containsKey(word)) {
                value += SMALL.get(word);
            } else if (both.length == 2 && SMALL.containsKey(both[0]) && SMALL.containsKey(both[1])) {
                value += SMALL.get(both[0]) + SMALL.get(both[1]);
            } else if (word.equals("hundred")) {
                value = Math.max(1, value) * 100;
            } else if (word.equals("thousand")) {
                value = Math.max(1, value) * 1000;
            } else if (word.equals("dozen")) {
                value = Math.max(1, value) * 12;
            } else {
                break;
            }
            any = true;
            i++;
            if (value > 1_000_000) {
                return Optional.empty();
            }
        }
        return any ? Optional.of(new Read(BigDecimal.valueOf(value), i - at)) : Optional.empty();
    }

    private static String word(List<String> words, int at) {
        return at < words.size() ? words.get(at) : "";
    }
}
