package hestra.task;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;


/** Choices as they are typed: by their text, or so much of it that no other is meant. */
final class ChoiceText {

    private static final String BETWEEN = "\\s*[;,\u00b7\\n]\\s*";

    private ChoiceText() {}

    /** The pieces of a text that answers several things: what stands between semicolons, commas, dots or line ends. */
    static List<String> pieces(String text) {
        return List.of(text.strip().split(BETWEEN)).stream().filter(it -> !it.isBlank()).toList();
    }

    /** The one that is meant: the text itself, or the only one that holds it. */
    static <E> Optional<E> find(List<E> all, Function<E, String> words, String text) {
        String typed = plain(text);
        Optional<E> same = all.stream().filter(it -> plain(words.apply(it)).equals(typed)).findFirst();
        List<E> holding = typed.length() < 2
                ? List.of() : all.stream().filter(it -> plain(words.apply(it)).contains(typed)).toList();
        return same.isPresent() ? same : holding.size() == 1 ? Optional.of(holding.getFirst()) : Optional.empty();
    }

    /** The place in a list that is meant by a letter from A or a number from 1, or by the text. */
    static <E> Optional<Integer> place(List<E> all, Function<E, String> words, String text) {
        String typed = plain(text).replaceAll("^(?:plot|option|answer|choice|no\\.?)\\s+", "").replaceAll("[.)]$", "");
        if (typed.matches("[a-z]") && typed.charAt(0) - 'a' < all.size()) {
            return Optional.of(typed.charAt(0) - 'a');
        }
        return find(all, words, text).map(all::indexOf)
                .or(() -> typed.matches("\\d{1,3}") && Integer.parseInt(typed) >= 1 && Integer.parseInt(typed) <= all.size()
                ? Optional.of(Integer.parseInt(typed) - 1) : Optional.empty());
    }

    /**
     * The places of several that are typed in full, with commas or "and" between them, which may stand within them too; none
     * where anything else is left.
     */
    static Set<Integer> places(List<String> all, String text) {
        String rest = plain(text);
        Set<Integer> places = new TreeSet<>();
        for (String option : all.stream().sorted(Comparator.comparing(String::length).reversed()).toList()) {
            int at = rest.indexOf(plain(option));
            if (at >= 0 && !plain(option).isEmpty()) {
                places.add(all.indexOf(option));
                rest = rest.substring(0, at) + "," + rest.substring(at + plain(option).length());
            }
        }
        return rest.matches("(?:[,;\\s]|\\band\\b)*") ? places : Set.of();
    }

    /** What could have been typed, for a message. */
    static <E> String listed(List<E> all, Function<E, String> words) {
        List<String> shown = all.stream().map(words).map(it -> "\u201c" + it + "\u201d").toList();
        return shown.size() < 2
                ? String.join("", shown) : String.join(", ", shown.subList(0, shown.size() - 1)) + " or " + shown.getLast();
    }

    private static String plain(String text) {
        return text.strip().toLowerCase(Locale.ROOT).replaceAll("[.!\u201c\u201d\"']", "").replaceAll("\\s+", " ");
    }
}
