package hestra.sentences;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

import hestra.data.Variable;
import hestra.units.Spellings;
import hestra.units.Unit;
import hestra.units.UnitReader;

/**
 * The words of a topic: by which its two variables are meant, and in which their units are written.
 *
 * @param ofX the stems of single words by which x alone is meant
 * @param ofY those by which y alone is meant
 * @param kinOfX words that may stand for those of x: "higher" for a height
 * @param kinOfY words that may stand for those of y
 * @param all the stems of all these and of the units
 * @param units the units of both, by all words that they may be written in, the longest first
 */
record TopicWords(Set<String> ofX, Set<String> ofY, Set<String> kinOfX, Set<String> kinOfY, Set<String> all,
        Map<List<String>, Unit> units) {

    private static final int LONGEST_UNIT = 6;
    private static final Pattern MONEY = Pattern.compile("\\p{Sc}");
    private static final List<String> HUNDREDTHS_OF_MONEY = List.of("cent", "ct", "penny", "pence");
    private static final Pattern NO_WORD = Pattern.compile("[^\\p{L}\\p{M}0-9]+");
    private static final int SHORTEST_TELLING_WORD = 3;
    /** Words of a label that tell nothing of what is measured. */
    private static final Set<String> EMPTY_WORDS = Set.of("the", "and", "per", "for", "since", "above", "below", "from", "with",
            "each", "that", "which", "who", "where", "when", "how", "what", "than", "not", "all", "its", "are", "was", "were",
            "has", "had", "have", "been", "noon", "index", "number", "largest", "value", "total", "time", "mean", "average",
            "rate", "level");

    private static final Set<String> JOINING = Set.of("the", "and", "of", "a", "an", "in", "on");

    /** The words of a topic in a language. */
    static TopicWords of(Topic topic, WordList list) {
        Set<String> ofX = ownStems(topic.x(), topic.xNames(), topic.y(), topic.yNames());
        Set<String> ofY = ownStems(topic.y(), topic.yNames(), topic.x(), topic.xNames());
        Set<String> all = new HashSet<>(ofX);
        all.addAll(ofY);
        Map<List<String>, Unit> units = new LinkedHashMap<>();
        for (Variable variable : List.of(topic.y(), topic.x())) {
            Unit unit = UnitReader.ofVariable(variable.unit());
            if (MONEY.matcher(variable.unit().strip()).matches()) {
                Unit hundredth = unit.times(UnitReader.ofVariable("%"), 1);
                HUNDREDTHS_OF_MONEY.forEach(cent -> units.putIfAbsent(List.of(cent), hundredth));
            }
            for (String spelling : Spellings.of(variable.unit())) {
                List<String> parts = Token.of(spelling).stream().map(Token::word).toList();
                if (!parts.isEmpty() && parts.size() <= LONGEST_UNIT) {
                    units.putIfAbsent(parts, unit);
                }
                all.addAll(stems(spelling, List.of()));
            }
        }
        return new TopicWords(ofX, ofY, list.kin(ofX), list.kin(ofY), all, units);
    }

    /** Whether a word is a name of one of the two itself. */
    boolean isName(String word) {
        String stem = UnitReader.stem(word);
        return ofX.contains(stem) || ofY.contains(stem);
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
