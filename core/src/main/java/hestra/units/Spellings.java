package hestra.units;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** How else a unit may be written: by the name of its sign, in the plural, without spaces about a stroke. */
public final class Spellings {

    /** Signs, and what they are called. */
    private static final List<List<String>> NAMES = List.of(List.of("\u20ac", "euros", "euro", "EUR"),
            List.of("$", "dollars", "dollar", "USD"), List.of("\u00a3", "pounds", "pound", "GBP"),
            List.of("\u00a5", "yen", "JPY"),
            List.of("%", "percent", "per cent", "pct"), List.of("\u2030", "per mille", "permille"),
            List.of("\u00b0C", "degrees", "degree"), List.of("\u00b0", "degrees", "degree"));

    private Spellings() {}

    /** All ways of writing a unit, the longest first; none for no unit. */
    public static List<String> of(String unit) {
        String plain = unit.strip();
        if (plain.isEmpty()) {
            return List.of();
        }
        List<String> all = new ArrayList<>(List.of(plain, singular(plain), plain + "s"));
        for (List<String> names : NAMES) {
            names.stream().filter(name -> plain.equalsIgnoreCase(name)
                    || plain.contains(names.getFirst()) && name.equals(names.getFirst()))
                    .findFirst().ifPresent(found -> names.forEach(other -> all.add(plain.replace(found, other))));
        }
        // Spaces about a stroke are nothing.
        Stream<String> tight = all.stream().flatMap(it -> Stream.of(it, it.replaceAll("\\s*/\\s*", "/")));
        return tight.distinct().sorted(Comparator.comparing(String::length).reversed()).toList();
    }

    /** "days" \u2192 "day"; symbols such as "s" and "gauss" stay as they are. */
    public static String singular(String unit) {
        boolean plural = unit.length() > 3 && unit.endsWith("s") && !unit.endsWith("ss");
        return plural ? unit.substring(0, unit.length() - 1) : unit;
    }
}
