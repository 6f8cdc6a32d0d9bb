package hestra.documents.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Text in braille cells, letter by letter, after the Rules of Unified English Braille (second edition, 2013): letters, capitals
 * by dot 6, numbers by dots 3456 before the letters a to j, and the signs that names of variables and units have. A cell is six
 * bits, dot 1 the lowest.
 */
final class Braille {

    /** The dots of a to z. */
    private static final List<Integer> LETTERS = dots("1 12 14 145 15 124 1245 125 24 245 13 123 134 1345 135 1234 12345 1235 "
            + "234 2345 136 1236 2456 1346 13456 1356");
    private static final int CAPITAL = dots("6").getFirst();
    private static final int NUMBER = dots("3456").getFirst();
    private static final int LETTER = dots("56").getFirst();
    private static final Map<Character, String> SIGNS = Map.ofEntries(Map.entry('.', "256"), Map.entry(',', "2"),
            Map.entry('-', "5 36"), Map.entry('−', "5 36"), Map.entry('+', "5 235"), Map.entry('=', "5 2356"),
            Map.entry('/', "456 34"), Map.entry('(', "5 126"), Map.entry(')', "5 345"), Map.entry('%', "46 356"),
            Map.entry('°', "45 245"), Map.entry(':', "25"), Map.entry('²', "35 3456 12"), Map.entry('³', "35 3456 14"),
            Map.entry('·', "5 16"), Map.entry(' ', "0"));

    private Braille() {}

    /** The cells of a text; a sign that is none of these is left out. */
    static List<Integer> cells(String text) {
        List<Integer> cells = new ArrayList<>();
        boolean number = false;
        for (char sign : text.toCharArray()) {
            char small = Character.toLowerCase(sign);
            if (Character.isDigit(sign) && sign < 128) {
                if (!number) {
                    cells.add(NUMBER);
                }
                cells.add(letter((char) ('a' + (sign == '0' ? 9 : sign - '1'))));
                number = true;
            } else if (small >= 'a' && small <= 'z') {
                // After a number, a to j would be digits.
                if (number && small <= 'j' && small == sign) {
                    cells.add(LETTER);
                }
                if (small != sign) {
                    cells.add(CAPITAL);
                }
                cells.add(letter(small));
                number = false;
            } else {
                cells.addAll(dots(SIGNS.getOrDefault(sign, "")));
                number = number && (sign == '.' || sign == ',');
            }
        }
        return cells;
    }

    private static int letter(char letter) {
        return LETTERS.get(letter - 'a');
    }

    /** The cells of dots, which are named by their numbers: 1 to 3 down the left, 4 to 6 down the right, 0 for none. */
    private static List<Integer> dots(String cells) {
        return Stream.of(cells.split(" ")).filter(it -> !it.isEmpty()).map(cell ->
                cell.chars().filter(dot -> dot != '0').map(dot -> 1 << dot - '1').sum()).toList();
    }
}
