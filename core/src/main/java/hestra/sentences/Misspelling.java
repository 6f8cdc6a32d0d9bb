package hestra.sentences;

import java.util.Collection;
import java.util.Optional;
import java.util.stream.IntStream;

/** Finds the word that was meant by one with a slip of the pen: a letter left out, put in, changed, or two turned round. */
final class Misspelling {

    private static final int SHORTEST = 5;
    /** A changed letter makes another word of a short one too often. */
    private static final int SHORTEST_CHANGED = 7;

    private Misspelling() {}

    /**
     * The one word of some that is a slip away; nothing where there is none, or where it could be several.
     *
     * @param known words; with a * behind the beginning of words of which any ending will do
     */
    static Optional<String> of(String word, Collection<String> known) {
        if (word.length() < SHORTEST) {
            return Optional.empty();
        }
        String found = null;
        for (String one : known) {
            boolean beginning = one.endsWith("*");
            String meant = beginning ? one.substring(0, one.length() - 1) : one;
            if (meant.length() >= SHORTEST && meant.charAt(0) == word.charAt(0)
                    && (isSlip(word, meant) || beginning && meant.length() >= SHORTEST_CHANGED && beginsAsSlip(word, meant))) {
                if (found != null && !found.startsWith(meant) && !meant.startsWith(found)) {
                    return Optional.empty();
                }
                found = meant;
            }
        }
        return Optional.ofNullable(found);
    }

    /** Whether a word begins with it but for a letter left out or put in: a changed one makes "swallow" of "shallow". */
    private static boolean beginsAsSlip(String word, String meant) {
        return IntStream.rangeClosed(meant.length() - 1, Math.min(word.length(), meant.length() + 1))
                .anyMatch(i -> i <= word.length() && i != meant.length() && isSlip(word.substring(0, i), meant));
    }

    /** Whether one is the other with one slip. */
    private static boolean isSlip(String written, String meant) {
        int more = written.length() - meant.length();
        if (Math.abs(more) > 1) {
            return false;
        }
        int same = 0;
        while (same < Math.min(written.length(), meant.length()) && written.charAt(same) == meant.charAt(same)) {
            same++;
        }
        if (more != 0) {
            return more > 0 ? written.substring(same + 1).equals(meant.substring(same))
                    : written.substring(same).equals(meant.substring(same + 1));
        }
        if (same + 1 >= written.length()) {
            return false;
        }
        boolean turned = written.charAt(same) == meant.charAt(same + 1) && written.charAt(same + 1) == meant.charAt(same)
                && written.substring(same + 2).equals(meant.substring(same + 2));
        return turned || written.length() >= SHORTEST_CHANGED && written.substring(same + 1).equals(meant.substring(same + 1));
    }
}
