package hestra.exercise;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import hestra.data.Variable;
import hestra.feedback.Quantity;
import hestra.numbers.DecimalMark;
import hestra.numbers.Words;
import hestra.task.Truth;

/**
 * Texts with live values: {x} and {y} for what the variables are, {x.name}, {x.unit} and so on for their parts, {n} for the
 * number of pairs, and every reading of the data and their line, such as {slope} and {r}. A variant has its own. Anything else in
 * braces stays as it is.
 */
public final class LiveText {

    /**
     * A live value.
     *
     * @param name as it is written, "{n}"
     * @param what what it stands for
     * @param now what it is in a part; empty where the data do not define it
     */
    public record Value(String name, String what, String now) {}

    /** A live value in a part: what it stands for, how it is found, and which value of the data it is, where it is one. */
    private record Source(String what, Function<Here, String> value, Optional<Quantity> quantity) {
        Source(String what, Function<Here, String> value) {
            this(what, value, Optional.empty());
        }
    }

    /** The part in which values are looked up, and what is right in it. */
    private record Here(Part part, Truth truth) {
        String number(Quantity quantity) {
            OptionalDouble value = truth.evidence().value(quantity);
            return value.isEmpty() ? "" : truth.style().show(value.getAsDouble());
        }
    }

    private static final Map<String, Source> SOURCES = sources();

    /** The names of the live values that there are. */
    public static final List<String> KNOWN = List.copyOf(SOURCES.keySet());

    /** What is written as live values are and may well be meant as one. */
    private static final Pattern MEANT = Pattern.compile("\\{[A-Za-z][A-Za-z0-9.-]{0,40}\\}");

    private LiveText() {}

    private static Map<String, Source> sources() {
        Map<String, Source> all = new LinkedHashMap<>();
        all.put("{n}", new Source("number of pairs", here -> Integer.toString(here.part.pairs().n()), Optional.of(Quantity.N)));
        variable(all, "x", "the explanatory variable", Part::x);
        variable(all, "y", "the response", Part::y);
        for (Quantity quantity : Quantity.values()) {
            if (quantity != Quantity.N && (quantity.of() == Quantity.Of.DATA || quantity.of() == Quantity.Of.LINE
                    || quantity == Quantity.R_SQUARED || quantity == Quantity.RESIDUAL_STANDARD_ERROR)) {
                all.put("{" + Words.dashed(quantity.name()) + "}",
                        new Source(quantity.inWords(), here -> here.number(quantity), Optional.of(quantity)));
            }
        }
        return all;
    }

    private static void variable(Map<String, Source> all, String letter, String what, Function<Part, Variable> which) {
        all.put("{" + letter + "}", new Source("what " + what + " is", here -> which.apply(here.part).described()));
        all.put("{" + letter + ".name}", new Source("name of " + what, here -> which.apply(here.part).name()));
        all.put("{" + letter + ".unit}", new Source("unit of " + what, here -> which.apply(here.part).unit()));
    }

    /** What stands in braces in a text like a live value and is none; not what stands in code. */
    public static List<String> unknown(String text) {
        return MEANT.matcher(text.replaceAll("`[^`]*`", "")).results().map(MatchResult::group)
                .filter(it -> !SOURCES.containsKey(it)).distinct().toList();
    }

    /** The values of the data and their line that a text tells. */
    public static Set<Quantity> told(String text) {
        return MEANT.matcher(text).results().map(MatchResult::group).map(SOURCES::get).filter(Objects::nonNull)
                .flatMap(it -> it.quantity.stream()).collect(Collectors.toSet());
    }

    /**
     * The live values whose name or meaning holds some words, with what each is in a part; those whose name begins so come first.
     */
    public static List<Value> matching(String words, Part part, DecimalMark mark) {
        Here here = new Here(part, part.truth(mark));
        String wanted = words.toLowerCase(Locale.ROOT);
        List<String> begin = KNOWN.stream().filter(name -> name.startsWith("{" + wanted)).toList();
        Stream<String> hold = KNOWN.stream().filter(name -> !begin.contains(name)
                && (name.contains(wanted) || SOURCES.get(name).what.toLowerCase(Locale.ROOT).contains(wanted)));
        List<Value> values = new ArrayList<>();
        Stream.concat(begin.stream(), hold).forEach(name -> values.add(new Value(name, SOURCES.get(name).what, SOURCES.get(name)
                .value.apply(here))));
        return values;
    }

    /** The text with its live values filled in. */
    public static String fill(String text, Part part, DecimalMark mark) {
        return fill(text, part, mark, UnaryOperator.identity());
    }

    /** The same, each value as it is marked; one that the data do not define stays as it is written. */
    public static String fill(String text, Part part, DecimalMark mark, UnaryOperator<String> marked) {
        if (text.indexOf('{') < 0) {
            return text;
        }
        Here here = new Here(part, part.truth(mark));
        return MEANT.matcher(text).replaceAll(found -> {
            Source source = SOURCES.get(found.group());
            String value = source == null ? "" : source.value.apply(here);
            boolean nameless = source != null && found.group().endsWith(".unit}");
            return Matcher.quoteReplacement(source == null || value.isEmpty() && !nameless ? found.group()
                    : value.isEmpty() ? ""
                    : marked.apply(value));
        });
    }
}
