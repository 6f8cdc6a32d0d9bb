package hestra.equations;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import hestra.data.Variable;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;

/**
 * Reads an equation: names or ŷ and x, terms in any order, ×, · or * or nothing between factors, powers as ^ or ², e^(…), exp,
 * ln, log₁₀ and roots, either decimal mark.
 */
public final class EquationReader {

    private static final int LONGEST = 400;
    private static final int DEEPEST = 40;
    private static final Pattern TOKEN = Pattern.compile(
            "\\s*(?:(?<number>(?:\\d+(?:[.,]\\d+)?|[.,]\\d+)(?:[eE][-+]?\\d{1,3}(?![\\d.,]))?)|"
                    + "(?<raised>[\u207b\u207a]?[\u2070\u00b9\u00b2\u00b3\u2074-\u2079]+|\u02e3)|(?<name>log_?10|"
                    + "[\\p{L}\\p{M}_]+(?:-hat\\b)?)|(?<sign>\\*\\*|"
                    + "[-+*/^()=\u00b7\u00d7\u22c5\u2219\u2022\u2217\u2212\u2013\u2014:\u00f7\u221a\u2248]))");
    private static final Pattern LOGARITHM = Pattern.compile("(?i)(log_?10|ln|log|lg)\\s*\\(?\\s*([^()]+?)\\s*\\)?");
    private static final Pattern ONLY_X = Pattern.compile("(?<!\\p{L})[Xx](?!\\p{L})");
    private static final String NAME_OF_ONE =
            "\\s*(?:the\\s+)?(slope|gradient|intercept|constant|[abcm]|b_?[01]|b[\u2080\u2081])\\s*"
            + "(?:=|:|is)\\s*([-+\u2212\u2013\u2014]?\\s*\\d+(?:[.,]\\d+)?)\\s*";
    private static final Pattern COEFFICIENTS =
            Pattern.compile("(?i)" + NAME_OF_ONE + "(?:[,;]|and|\\s)" + NAME_OF_ONE + "[.]?");
    private static final String RAISED = "\u2070\u00b9\u00b2\u00b3\u2074\u2075\u2076\u2077\u2078\u2079";

    /** What was read, or why not. */
    public sealed interface Reading {}

    /** An equation. */
    public record Done(TypedEquation equation) implements Reading {}

    /**
     * None.
     *
     * @param reason what is wrong, as a sentence
     */
    public record Refused(String reason) implements Reading {}

    private record Token(char kind, String text) {}

    /** Stops the reading. */
    private static final class Stop extends RuntimeException {
        private static final long serialVersionUID = 1;

        Stop(String message) {
            super(message, null, false, false);
        }
    }

    private final Variable x;
    private final Variable y;
    private final DecimalMark mark;
    private List<Token> tokens = new ArrayList<>();
    private int at;
    private int depth;
    private Optional<TypedEquation.Side> inner = Optional.empty();

    private EquationReader(Variable x, Variable y, DecimalMark mark) {
        this.x = x;
        this.y = y;
        this.mark = mark;
    }

    /** Reads an equation of two variables. */
    public static Reading read(String text, Variable x, Variable y, DecimalMark mark) {
        try {
            return new Done(new EquationReader(x, y, mark).equation(text));
        } catch (Stop stop) {
            return new Refused(stop.getMessage());
        }
    }

    private TypedEquation equation(String text) {
        String plain = Normalizer.normalize(text, Normalizer.Form.NFC).replaceAll("\\p{Cf}", "")
                .replace("\u2081\u2080", "10").strip();
        if (plain.length() > LONGEST) {
            throw new Stop("This is far too long for an equation.");
        }
        String named = withLeftSide(named(coefficients(plain).orElse(plain)));
        int equals = Math.max(named.indexOf('='), named.indexOf('\u2248'));
        if (equals < 0) {
            throw new Stop("An equation has an equals sign.");
        }
        if (named.indexOf('=', equals + 1) >= 0) {
            throw new Stop("There are two equals signs here. Give one equation.");
        }
        Matcher logarithm = LOGARITHM.matcher(named.substring(0, equals).strip());
        TypedEquation.Side left = side(logarithm.matches() ? logarithm.group(2) : named.substring(0, equals))
                .orElseThrow(() -> new Stop("\u201c" + shortened(plain.substring(0,
                        Math.max(1, Math.max(plain.indexOf('='), plain.indexOf('\u2248')))))
                + "\u201d is none of the two variables. Begin with " + y.name() + " = or \u0177 =."));
        tokens = tokens(named.substring(equals + 1), left);
        if (tokens.isEmpty()) {
            throw new Stop("Nothing stands behind the equals sign.");
        }
        Sum sum = sum();
        if (at < tokens.size()) {
            throw new Stop("\u201c" + tokens.get(at).text() + "\u201d cannot be read at this place.");
        }
        return new TypedEquation(left, inner, logarithm.matches() ? turnedBack(sum, logarithm.group(1)) : sum);
    }

    /** "ln y = 4 − 0.3 x" is y = e^(4 − 0.3 x). */
    private static Sum turnedBack(Sum sum, String function) {
        double base = function.toLowerCase(Locale.ROOT).equals("ln") ? 1 : Math.log(10);
        return or(sum.times(base).exp(), "This logarithm cannot be turned back here. Begin with \u0177 =.");
    }

    /** A formula of x alone is that of y: "1.95 + 0.515 x". */
    private static String withLeftSide(String named) {
        boolean equals = named.indexOf('=') >= 0 || named.indexOf('\u2248') >= 0;
        return !equals && ONLY_X.matcher(named).find() ? "Y = " + named : named;
    }

    /** Two coefficients by their names, "slope = 0.515, intercept = 1.95" or "b1 = 0.515 and b0 = 1.95", are those of a line. */
    private Optional<String> coefficients(String text) {
        Matcher pair = COEFFICIENTS.matcher(text);
        if (!pair.matches()) {
            return Optional.empty();
        }
        boolean first = isSlope(pair.group(1), pair.group(3));
        boolean second = isSlope(pair.group(3), pair.group(1));
        return first == second ? Optional.empty()
                : Optional.of("y = " + pair.group(first ? 4 : 2) + " + (" + pair.group(first ? 2 : 4) + ") x");
    }

    private static boolean isSlope(String name, String other) {
        String lower = name.toLowerCase(Locale.ROOT);
        // Of a and b, b is the slope; of b and c, b is too.
        return lower.matches("slope|gradient|b_?1|b\u2081|m") || lower.equals("b") && other.toLowerCase(Locale.ROOT)
                .matches("a|c|intercept|constant");
    }

    /** Which variable the text before the equals sign is. */
    private static Optional<TypedEquation.Side> side(String text) {
        String bare = text.replaceAll("\\([^()]*\\)", "").strip()
                .replaceAll("(?i)^(?:the\\s+)?(?:predicted|estimated|mean|average|expected|fitted)\\s+", "").strip();
        if (bare.equals("Y") || bare.matches("(?iu)\u0177|y|y[-_ ]?hat|f")) {
            return Optional.of(TypedEquation.Side.Y);
        }
        return bare.equals("X") || bare.matches("(?i)x|x\u0302|x[-_ ]?hat")
                ? Optional.of(TypedEquation.Side.X) : Optional.empty();
    }

    private static String shortened(String text) {
        String shown = text.strip();
        return shown.length() > 24 ? shown.substring(0, 23) + "\u2026" : shown;
    }

    /** With the variables' names and labels, which may be of several words, as the one letters X and Y. */
    private String named(String text) {
        String named = text;
        List<String[]> names = new ArrayList<>(List.of(new String[] {x.label(), "X"}, new String[] {y.label(), "Y"},
                new String[] {x.name(), "X"}, new String[] {y.name(), "Y"}));
        names.removeIf(it -> it[0].isBlank() || it[0].equalsIgnoreCase("e"));
        names.sort((one, other) -> other[0].length() - one[0].length());
        for (String[] name : names) {
            named = named.replaceAll("(?iu)(?<!\\p{L})" + Pattern.quote(name[0]) + "(?:[-_ ]?hat|\u0302)?(?!\\p{L})", name[1]);
        }
        return named;
    }

    private List<Token> tokens(String text, TypedEquation.Side left) {
        List<Token> all = new ArrayList<>();
        Matcher matcher = TOKEN.matcher(text.strip().replaceAll("[.;]$", ""));
        int end = 0;
        String source = text.strip().replaceAll("[.;]$", "");
        while (end < source.length()) {
            if (!matcher.find(end) || matcher.start() != end) {
                throw new Stop("\u201c" + shortened(source.substring(end)) + "\u201d cannot be read here.");
            }
            end = matcher.end();
            if (matcher.group("number") != null) {
                all.add(new Token('n', matcher.group("number")));
            } else if (matcher.group("name") != null) {
                names(matcher.group("name"), left, all);
            } else if (matcher.group("raised") != null) {
                all.add(new Token('r', matcher.group("raised")));
            } else {
                String sign = matcher.group("sign");
                all.add(new Token(switch (sign) {
                    case "**", "^" -> '^';
                    case "\u00b7", "\u00d7", "\u22c5", "\u2219", "\u2022", "\u2217", "*" -> '*';
                    case ":", "\u00f7", "/" -> '/';
                    case "\u2212", "\u2013", "\u2014", "-" -> '-';
                    case "\u221a" -> 'f';
                    default -> sign.charAt(0);
                }, sign.equals("\u221a") ? "sqrt" : sign));
            }
        }
        return withTimes(all);
    }

    /** An x between a number and the variable's name, or a number, is a sign of multiplication. */
    private List<Token> withTimes(List<Token> all) {
        for (int i = 1; i + 1 < all.size(); i++) {
            boolean letter = all.get(i).kind == 'v' && all.get(i).text.equals("x");
            boolean behind = all.get(i + 1).kind == 'v' && all.get(i + 1).text.equals("X") || all.get(i + 1).kind == 'n';
            if (letter && behind && (all.get(i - 1).kind == 'n' || all.get(i - 1).kind == ')')) {
                all.set(i, new Token('*', "x"));
            }
        }
        return all;
    }

    /** "lnx" is ln x; "X", "x" and "y" are the variables. */
    private void names(String name, TypedEquation.Side left, List<Token> all) {
        String lower = name.toLowerCase(Locale.ROOT);
        if (name.equals("X") || name.equals("Y") || lower.equals("x") || lower.equals("y")) {
            TypedEquation.Side side = lower.equals("x") ? TypedEquation.Side.X : TypedEquation.Side.Y;
            if (side == left) {
                throw new Stop("The same variable stands on both sides.");
            }
            inner = Optional.of(side);
            all.add(new Token('v', name));
        } else if (lower.matches("ln|log|log_?10|lg|exp|sqrt|root")) {
            all.add(new Token('f', lower));
        } else if (lower.equals("e")) {
            all.add(new Token('e', name));
        } else if (lower.matches("(?:ln|log|lg|exp|sqrt|e)[xy]") || lower.matches("e[xy]")) {
            names(name.substring(0, name.length() - 1), left, all);
            names(name.substring(name.length() - 1), left, all);
        } else {
            throw new Stop("\u201c" + shortened(name) + "\u201d is a name that is not known here. The variables are " + x.name()
                    + " and " + y.name() + ", or x and \u0177.");
        }
    }

    private boolean is(char kind) {
        return at < tokens.size() && tokens.get(at).kind == kind;
    }

    private boolean take(char kind) {
        boolean is = is(kind);
        at += is ? 1 : 0;
        return is;
    }

    private Sum sum() {
        if (++depth > DEEPEST) {
            throw new Stop("There are too many brackets in each other.");
        }
        Sum sum = product(sign());
        while (is('+') || is('-')) {
            sum = sum.plus(product(sign()));
        }
        depth--;
        return sum;
    }

    private double sign() {
        double sign = 1;
        while (is('+') || is('-')) {
            sign *= is('-') ? -1 : 1;
            at++;
        }
        return sign;
    }

    private Sum product(double sign) {
        Sum product = power().times(sign);
        while (at < tokens.size()) {
            if (take('*')) {
                product = times(product, power().times(1));
            } else if (take('/')) {
                product = times(product, or(power().reciprocal(), "This cannot be divided by here."));
            } else if (is('n') || is('v') || is('f') || is('e') || is('(')) {
                product = times(product, power());
            } else {
                break;
            }
        }
        return product;
    }

    private static Sum times(Sum one, Sum other) {
        return or(one.times(other), "This has too many terms.");
    }

    private static Sum or(Optional<Sum> sum, String why) {
        return sum.orElseThrow(() -> new Stop(why));
    }

    private Sum power() {
        double sign = sign();
        if (take('f')) {
            String function = tokens.get(at - 1).text();
            // "ln² x" is not read; "ln x" and "ln(x)" are.
            Sum inside = is('(') ? bracket() : power();
            Sum value = switch (function) {
                case "exp" -> or(inside.exp(), "This cannot be raised to here.");
                case "sqrt", "root" -> or(inside.raised(Sum.of(0.5)), "This root cannot be taken here.");
                case "ln" -> or(inside.log(), "This logarithm cannot be taken here.");
                default -> or(inside.log(), "This logarithm cannot be taken here.").times(1 / Math.log(10));
            };
            return raised(value).times(sign);
        }
        if (take('e')) {
            return (is('^') || is('r') ? raisedE() : Sum.of(Math.E)).times(sign);
        }
        return raised(atom()).times(sign);
    }

    private Sum raisedE() {
        Sum exponent = exponent();
        return or(exponent.exp(), "e cannot be raised to this here.");
    }

    private Sum raised(Sum base) {
        return is('^') || is('r') ? or(base.raised(exponent()), "This cannot be raised to that here.") : base;
    }

    private Sum exponent() {
        if (take('r')) {
            String text = tokens.get(at - 1).text();
            if (text.equals("\u02e3")) {
                inner = inner.or(() -> Optional.of(TypedEquation.Side.X));
                return Sum.x();
            }
            int value = 0;
            int sign = 1;
            for (char c : text.toCharArray()) {
                sign = c == '\u207b' ? -1 : sign;
                value = RAISED.indexOf(c) >= 0 ? value * 10 + RAISED.indexOf(c) : value;
            }
            return Sum.of((double) sign * value);
        }
        at++;
        double sign = sign();
        if (is('(')) {
            return bracket().times(sign);
        }
        // "e^-0.04x" means that all of it is the exponent.
        Sum exponent = atom();
        if (is('v') && exponent.constant().isPresent() && at > 0 && tokens.get(at - 1).kind == 'n') {
            exponent = times(exponent, atom());
        }
        return exponent.times(sign);
    }

    private Sum bracket() {
        at++;
        Sum sum = sum();
        if (!take(')')) {
            throw new Stop("A bracket is not closed.");
        }
        return sum;
    }

    private Sum atom() {
        if (is('(')) {
            return bracket();
        }
        if (take('v')) {
            return Sum.x();
        }
        if (take('e')) {
            return Sum.of(Math.E);
        }
        if (take('n')) {
            return switch (NumberReading.ofMeasurement(tokens.get(at - 1).text(), mark)) {
                case NumberReading.Value value -> Sum.of(value.value());
                case NumberReading.Unreadable(String reason) -> throw new Stop(reason);
                case NumberReading.Blank _ -> throw new Stop("A number is missing.");
            };
        }
        throw new Stop(at >= tokens.size()
                ? "Something is missing at the end." : "\u201c" + tokens.get(at).text() + "\u201d cannot be read at this place.");
    }
}
