package hestra.documents.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Text in braille cells, letter by letter, after the Rules of Unified English Braille (second edition, 2013): letters, capitals
 * by ⠠, numbers by ⠼ before the letters a to j, and the signs that names of variables and units have. A cell is six bits, dot 1
 * the lowest.
 */
final class Braille {

    private static final String LETTERS = "⠁⠃⠉⠙⠑⠋⠛⠓⠊⠚⠅⠇⠍⠝⠕⠏⠟⠗⠎⠞⠥⠧⠺⠭⠽⠵";
    private static final char FIRST = '⠀';
    private static final int CAPITAL = '⠠' - FIRST;
    private static final int NUMBER = '⠼' - FIRST;
    private static final int LETTER = '⠰' - FIRST;
    private static final Map<Character, String> SIGNS = Map.ofEntries(Map.entry('.', "⠲"), Map.entry(',', "⠂"),
            Map.entry('-', "⠐⠤"), Map.entry('−', "⠐⠤"), Map.entry('+', "⠐⠖"), Map.entry('=', "⠐⠶"), Map.entry('/', "⠸⠌"),
            Map.entry('(', "⠐⠣"), Map.entry(')', "⠐⠜"), Map.entry('%', "⠨⠴"), Map.entry('°', "⠘⠚"), Map.entry(':', "⠒"),
            Map.entry('²', "⠔⠼⠃"), Map.entry('³', "⠔⠼⠉"), Map.entry('·', "⠐⠡"), Map.entry(' ', "⠀"));

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
                SIGNS.getOrDefault(sign, "").chars().forEach(cell -> cells.add(cell - FIRST));
                number = number && (sign == '.' || sign == ',');
            }
        }
        return cells;
    }

    private static int letter(char letter) {
        return LETTERS.charAt(letter - 'a') - FIRST;
    }
}
