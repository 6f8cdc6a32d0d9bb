package hestra.numbers;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An answer as it is typed, without what may stand before its number: a name ("slope", "R² ="), a sign such as ≈, or a word such
 * as "about". "minus" is a sign; words that make another statement of it, such as "less than", stay, so that it is refused.
 */
final class AnswerText {

    private static final String R_SQUARED = "(?:adj(?:usted|\\.)?\\s*)?[rR]\\s*(?:\\^\\s*)?(?:2|\u00b2)(?!\\d|[.,]\\d)";
    private static final Pattern NAMED_R_SQUARED = Pattern.compile("^(?:[\\p{L}\\s,]*\\s)?" + R_SQUARED
            + "\\s*(?:(?:[=\u2248:~\u2243\u2245]|is|was|of|equals)\\s*)*(?=[^\\s=])", Pattern.CASE_INSENSITIVE);
    private static final Pattern WORDS = Pattern.compile("^((?:[\\p{L}\\p{M}'\u2019_]+(?:[.-](?=\\s|"
            + "\\p{L}))?\\s*)+)(?:\\([^()\\d]{0,40}\\)\\s*)?(?=[-+\u2212\u2013(.,\\d\u00bd\u00bc\u00be=\u2248:~\u2243\u2245])");
    private static final Pattern SIGN = Pattern.compile("^[=\u2248:~\u2243\u2245]+\\s*");
    private static final Pattern SAID_SIGN = Pattern.compile("^(minus|negative|plus|positive)\\s+(?=[.,\\d\u00bd\u00bc\u00be])",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern CHAIN = Pattern.compile("^[^=\u2248,;]*[=\u2248]?[^=\u2248,;]*\\d\\s*"
            + "[-+\u2212\u00b7*\u00d7/x][^=\u2248;]*[=\u2248](?=[^=\u2248]*\\d)");
    private static final Set<String> OTHER_STATEMENTS = Set.of("not", "no", "less", "more", "under", "over", "below", "above",
            "between", "than", "least", "most", "never", "greater", "smaller", "fewer", "from",
            "without", "except", "e", "half", "or", "either", "neither", "nor", "hundred", "thousand", "x", "point", "power",
                    "times", "sqrt", "root", "log", "ln", "exp");
    private static final Set<String> SIGNS = Set.of("minus", "negative", "plus", "positive");
    private static final int MOST_WORDS = 8;
    /** Words that turn a number the other way: "it falls by 0.27". */
    private static final Pattern FALLS =
            Pattern.compile("(?i)\\b(?:falls?|fell|decreas(?:es?|ed)|drops?|dropped|declines?|declined|(?:goes |went )?down)\\b");
    private static final Pattern LESS = Pattern.compile("(?i)^([.,]?\\d[\\d.,]*\\s*[^\\d]*?)\\s*\\b(?:lower|less|fewer|shorter|"
            + "smaller|down|flatter)\\b([^\\d]*)$");
    private static final Pattern MONEY = Pattern.compile("(\\p{Sc})\\s*([-+\u2212\u2013]?)\\s*(\\d[\\d.,]*)");
    private static final Pattern ONE_PER = Pattern.compile("(?<=\\d)(?:\\s+|\\s*(?=\\())(\\(?)1\\s*/\\s*(?=\\p{L})");
    private static final Pattern BRACKETED = Pattern.compile("^\\(\\s*([^()]*\\d[^()]*)\\)\\s*([^()\\d]*)$");
    private static final Pattern ENDS_A_SENTENCE = Pattern.compile(".*[\\p{L}\\d%\u00b2\u00b3)][.!;]$");
    private static final Pattern BEGINS_WITH_NUMBER = Pattern.compile("[-+\u2212\u2013]?[.,]?\\d.*[^.!;)]", Pattern.DOTALL);
    private static final Pattern UNIT_IN_BRACKETS = Pattern.compile("^([^()]*\\d[^()\\p{L}]*)\\(([^()\\d]+)\\)\\s*$");

    private AnswerText() {}

    /** The text from its number on; unchanged where something else than a name stands before it. */
    static String fromNumber(String text) {
        String plain = moneyBehind(Normalizer.normalize(text, Normalizer.Form.NFC).replaceAll("\\p{Cf}", "").strip());
        // "1/s" behind a number is for one second, and no second number.
        plain = ONE_PER.matcher(plain).replaceFirst(" $1/");
        if (BEGINS_WITH_NUMBER.matcher(plain).matches() && plain.indexOf('=') < 0 && plain.indexOf('\u2248') < 0
                && !LESS.matcher(plain).matches()) {
            return plain;
        }
        Matcher chain = CHAIN.matcher(plain);
        String rest = chain.find() ? plain.substring(chain.end()).strip() : plain;
        Matcher squared = NAMED_R_SQUARED.matcher(rest);
        boolean named = squared.find();
        if (named) {
            rest = rest.substring(squared.end());
        }
        rest = withoutWords(rest);
        rest = SIGN.matcher(rest).replaceFirst("");
        rest = withoutWords(rest);
        Matcher sign = SAID_SIGN.matcher(rest);
        if (sign.find()) {
            rest = (sign.group(1).toLowerCase(Locale.ROOT).matches("minus|negative") ? "-" : "+") + rest.substring(sign.end());
        }
        rest = turned(plain, rest);
        Matcher unit = UNIT_IN_BRACKETS.matcher(rest);
        rest = unit.matches() ? unit.group(1) + " " + unit.group(2) : rest;
        Matcher bracketed = BRACKETED.matcher(rest);
        rest = bracketed.matches() ? (bracketed.group(1).strip() + " " + bracketed.group(2)).strip() : rest;
        return rest.length() > 1 && ENDS_A_SENTENCE.matcher(rest).matches() ? rest.substring(0, rest.length() - 1) : rest;
    }

    /** A sign of money is said before its number and belongs behind it: "−€2.50 per night". */
    private static String moneyBehind(String text) {
        Matcher money = MONEY.matcher(text);
        return money.find() ? text.substring(0, money.start()) + money.group(2) + money.group(3) + " " + money.group(1)
                + text.substring(money.end()) : text;
    }

    /** "Falls by 0.27" and "0.27 lower" are −0.27; "falls by −0.27" is so too. */
    private static String turned(String whole, String number) {
        if (number.isEmpty() || !(Character.isDigit(number.charAt(0)) || number.charAt(0) == '.')) {
            return number;
        }
        String before = whole.endsWith(number) ? whole.substring(0, whole.length() - number.length()) : "";
        if (FALLS.matcher(before).find()) {
            return "-" + number;
        }
        Matcher less = LESS.matcher(number);
        return less.matches() ? "-" + less.group(1) + " " + less.group(2).strip() : number;
    }

    /** Without words at the front that name what the number is. */
    private static String withoutWords(String text) {
        Matcher words = WORDS.matcher(text);
        if (!words.find()) {
            return text;
        }
        int kept = words.end();
        String[] all = words.group(1).strip().replaceAll("(?i)least[ -]squares", "fit").split("\\s+");
        int count = all.length;
        if (count > 0 && SIGNS.contains(all[count - 1].toLowerCase(Locale.ROOT))) {
            kept = words.start(1) + words.group(1).stripTrailing().length() - all[count - 1].length();
            count--;
        }
        if (count > MOST_WORDS) {
            return text;
        }
        for (int i = 0; i < count; i++) {
            if (OTHER_STATEMENTS.contains(all[i].toLowerCase(Locale.ROOT).replaceAll("[.,']", ""))) {
                return text;
            }
        }
        return text.substring(kept).strip();
    }
}
