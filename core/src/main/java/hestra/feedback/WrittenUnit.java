package hestra.feedback;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import hestra.data.Variable;
import hestra.units.Spellings;
import hestra.units.Unit;
import hestra.units.UnitReader;

/**
 * A unit that is made of the variables' own, as their author wrote them: "€/kg per night", "L/100 km". Whatever sign stands as
 * the unit of a variable is readable as that unit, known elsewhere or not.
 */
final class WrittenUnit {

    /** Words that stand for the author's units while the rest is read; nobody types them. */
    private static final String OF_Y = "unityq";
    private static final String OF_X = "unitxq";
    /** A unit of so few letters is a symbol, of which large and small letters are told apart. */
    private static final int LETTERS_OF_A_SYMBOL = 3;

    private WrittenUnit() {}

    /** Whether a text is the unit of what is asked, written with the units of the variables as they are. */
    static boolean isAsked(String text, Dimensions asked, Variable x, Variable y) {
        if (asked.kind() != Dimensions.Kind.MEASURED) {
            return false;
        }
        List<String> ofY = Spellings.of(y.unit());
        List<String> ofX = Spellings.of(x.unit());
        boolean same = ofY.stream().anyMatch(ofX::contains);
        String wordOfX = same ? OF_Y : OF_X;
        String replaced = replaced(text.strip().replaceFirst("[.,;!]+$", ""), ofY, ofX, wordOfX);
        if (replaced.equals(text)) {
            return false;
        }
        Unit wanted = power(OF_Y, ofY.isEmpty() ? 0 : asked.y()).times(power(wordOfX, ofX.isEmpty() ? 0 : asked.x()), 1);
        Optional<UnitReader.Reading> read = UnitReader.read(replaced, Set.of());
        return read.filter(it -> it.unknown().stream().allMatch(word -> word.equals(OF_X) || word.equals(OF_Y)))
                .map(UnitReader.Reading::unit).filter(wanted::equalTo).isPresent();
    }

    private static Unit power(String word, int power) {
        return Unit.NONE.times(UnitReader.ofVariable(word), power);
    }

    /** The text with each spelling of a unit replaced by a word, the longest first: "mg" is no part of "mg/l". */
    private static String replaced(String text, List<String> ofY, List<String> ofX, String wordOfX) {
        Map<String, String> words = new HashMap<>();
        ofX.forEach(spelling -> words.put(spelling.toLowerCase(Locale.ROOT), wordOfX));
        ofY.forEach(spelling -> words.put(spelling.toLowerCase(Locale.ROOT), OF_Y));
        String any = Stream.concat(ofY.stream(), ofX.stream()).distinct()
                .sorted(Comparator.comparing(String::length).reversed()).map(WrittenUnit::pattern)
                .collect(Collectors.joining("|"));
        return any.isEmpty() ? text : Pattern.compile("\\(?(" + any + ")\\)?").matcher(text)
                .replaceAll(found -> " " + words.getOrDefault(found.group(1).toLowerCase(Locale.ROOT), OF_Y) + " ").strip();
    }

    /** A spelling that stands by itself; of some letters, large or small. */
    private static String pattern(String spelling) {
        String before = startsWithLetter(spelling) ? "(?<![\\p{L}°])" : "";
        String after = endsWithLetter(spelling) ? "(?![\\p{L}²³⁻^\\d])" : "(?![²³^])";
        return before + (spelling.length() > LETTERS_OF_A_SYMBOL
                ? "(?iu:" + Pattern.quote(spelling) + ")" : Pattern.quote(spelling))
                + after;
    }

    private static boolean startsWithLetter(String text) {
        return Character.isLetter(text.codePointAt(0));
    }

    private static boolean endsWithLetter(String text) {
        return Character.isLetter(text.codePointBefore(text.length()));
    }
}
