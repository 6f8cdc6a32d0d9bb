package hestra.sentences;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

import hestra.data.Variable;
import hestra.numbers.DecimalMark;
import hestra.units.Unit;
import hestra.units.UnitReader;

/**
 * What sentences are about: two variables, with what else they may be called.
 *
 * @param x the variable that explains
 * @param y the variable that responds
 * @param xNames what else x may be called
 * @param yNames what else y may be called
 * @param mark the decimal mark
 */
public record Topic(Variable x, Variable y, List<String> xNames, List<String> yNames, DecimalMark mark) {

    private static final Pattern NO_WORD = Pattern.compile("[^\\p{L}\\p{M}0-9]+");
    private static final int SHORTEST_TELLING_WORD = 3;
    /** Words of a label that tell nothing of what is measured. */
    private static final Set<String> EMPTY_WORDS = Set.of("the", "and", "per", "for", "since", "above", "below", "from", "with",
            "each", "noon", "index", "number", "largest", "value", "total", "time", "mean", "average", "rate", "level");

    private static final Set<String> JOINING = Set.of("the", "and", "of", "a", "an", "in", "on");

    public Topic {
        xNames = List.copyOf(xNames);
        yNames = List.copyOf(yNames);
    }

    /** Two variables that are called by their names and labels. */
    public static Topic of(Variable x, Variable y, DecimalMark mark) {
        return new Topic(x, y, List.of(), List.of(), mark);
    }

    Unit unitOfX() {
        return UnitReader.ofVariable(x.unit()).ofDifference();
    }

    Unit unitOfY() {
        return UnitReader.ofVariable(y.unit()).ofDifference();
    }

    /** The stems of single words by which x alone is meant. */
    Set<String> stemsOfX() {
        return ownStems(x, xNames, y, yNames);
    }

    /** The stems of single words by which y alone is meant. */
    Set<String> stemsOfY() {
        return ownStems(y, yNames, x, xNames);
    }

    private static Set<String> ownStems(Variable variable, List<String> names, Variable other, List<String> otherNames) {
        Set<String> own = stems(variable.name(), names);
        Set<String> label = stems(variable.label(), List.of());
        label.removeIf(it -> EMPTY_WORDS.contains(it) || it.length() < SHORTEST_TELLING_WORD);
        Set<String> others = stems(other.name(), otherNames);
        Set<String> otherLabel = stems(other.label(), List.of());
        Set<String> all = new HashSet<>(own);
        label.stream().filter(it -> !others.contains(it) && !otherLabel.contains(it)).forEach(all::add);
        all.removeAll(others);
        return all;
    }

    private static Set<String> stems(String text, List<String> names) {
        Set<String> all = new HashSet<>();
        List<String> texts = new ArrayList<>(names);
        texts.add(text);
        for (String one : texts) {
            for (String word : NO_WORD.split(one.toLowerCase(Locale.ROOT))) {
                if (!word.isBlank() && !JOINING.contains(word)) {
                    all.add(UnitReader.stem(word));
                }
            }
        }
        return all;
    }
}
