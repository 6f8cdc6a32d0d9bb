package hestra.units;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The units that are known by name or symbol. Symbols are told apart by large and small letters, names are not.
 *
 * @see "The International System of Units, 9th edition, BIPM 2019"
 */
final class UnitNames {

    private static final Map<String, Unit> SYMBOLS = new HashMap<>();
    private static final Map<String, Unit> NAMES = new HashMap<>();
    private static final Map<String, Double> PREFIXES = Map.ofEntries(Map.entry("G", 1e9), Map.entry("M", 1e6),
            Map.entry("k", 1e3), Map.entry("h", 1e2), Map.entry("d", 1e-1),
            Map.entry("c", 1e-2), Map.entry("m", 1e-3), Map.entry("\u00b5", 1e-6), Map.entry("\u03bc", 1e-6),
                    Map.entry("u", 1e-6), Map.entry("n", 1e-9));
    private static final Map<String, Double> LONG_PREFIXES = Map.of("giga", 1e9, "mega", 1e6, "kilo", 1e3, "hecto", 1e2, "deci",
            1e-1, "centi", 1e-2, "milli", 1e-3, "micro", 1e-6, "nano", 1e-9);

    static {
        Unit metre = Unit.counted("m");
        Unit gram = Unit.counted("g");
        Unit second = Unit.counted("s");
        Unit litre = scaled(metre.times(metre, 2), 1e-3);
        Unit newton = scaled(gram.times(metre, 1).times(second, -2), 1e3);
        Unit pascal = newton.times(metre, -2);
        Unit joule = newton.times(metre, 1);
        Unit watt = joule.times(second, -1);
        Unit ampere = Unit.counted("A");
        Unit volt = watt.times(ampere, -1);
        prefixed(metre, "m", "metre", "meter");
        prefixed(gram, "g", "gram", "gramme", "gramm");
        prefixed(second, "s", "second");
        prefixed(litre, "l", "litre", "liter");
        prefixed(litre, "L", "litre", "liter");
        prefixed(newton, "N", "newton");
        prefixed(pascal, "Pa", "pascal");
        prefixed(joule, "J", "joule");
        prefixed(watt, "W", "watt");
        prefixed(volt, "V", "volt");
        prefixed(ampere, "A", "ampere", "amp");
        prefixed(volt.times(ampere, -1), "\u03a9", "ohm");
        prefixed(Unit.NONE.times(second, -1), "Hz", "hertz");
        prefixed(Unit.counted("mol"), "mol", "mole");
        add(scaled(second, 60), "min", "minute", "min", "mins");
        add(scaled(second, 3600), "h", "hour", "hr", "hrs");
        add(scaled(second, 86_400), "d", "day");
        add(scaled(second, 604_800), "wk", "week", "wk", "wks");
        add(scaled(second, 1_209_600), "", "fortnight");
        add(second, "sec", "sec", "secs");
        add(Unit.counted("month"), "mo", "month");
        add(scaled(Unit.counted("month"), 12), "yr", "year", "yr", "yrs");
        add(scaled(Unit.counted("month"), 120), "", "decade");
        add(scaled(Unit.counted("month"), 1200), "", "century", "centurie");
        add(scaled(gram, 1e6), "t", "tonne", "ton");
        add(scaled(gram, 453.59237), "lb", "pound", "lbs");
        add(scaled(gram, 28.349523125), "oz", "ounce");
        add(scaled(metre, 0.0254), "", "inch", "inche");
        add(scaled(metre, 0.3048), "ft", "foot", "feet");
        add(scaled(metre, 0.9144), "yd", "yard");
        add(scaled(metre, 1609.344), "mi", "mile");
        add(scaled(metre.times(metre, 1), 1e4), "ha", "hectare");
        add(scaled(pascal, 1e5), "bar", "bar");
        add(scaled(pascal, 1e2), "mbar", "millibar");
        add(scaled(metre.times(second, -1), 1000 / 3600.0), "kph", "kph", "kmh");
        add(scaled(metre.times(second, -1), 1609.344 / 3600.0), "mph", "mph");
        add(scaled(metre.times(second, -1), 1852 / 3600.0), "kn", "knot", "kt");
        add(Unit.counted("K"), "K", "kelvin");
        add(Unit.counted("\u00b0C"), "\u00b0C", "celsius", "degc", "centigrade", "degree", "deg", "\u00b0");
        add(Unit.counted("\u00b0F"), "\u00b0F", "fahrenheit", "degf");
        add(scaled(Unit.NONE, 0.01), "%", "percent", "pct");
        add(scaled(Unit.NONE, 0.001), "\u2030", "permille");
        add(scaled(Unit.NONE, 12), "", "dozen");
        add(scaled(Unit.NONE, 100), "", "hundred");
        add(scaled(Unit.NONE, 1000), "", "thousand");
        add(scaled(Unit.NONE, 1e6), "", "million");
        add(scaled(Unit.NONE, 1e9), "", "billion");
    }

    private UnitNames() {}

    /** The unit of a symbol or a name, in the plural too; nothing where none is known. */
    static Optional<Unit> find(String word) {
        Unit unit = SYMBOLS.get(word);
        if (unit == null) {
            String lower = word.toLowerCase(Locale.ROOT);
            unit = NAMES.get(lower);
            if (unit == null && lower.length() > 3 && lower.endsWith("s")) {
                unit = NAMES.get(lower.substring(0, lower.length() - 1));
            }
        }
        return Optional.ofNullable(unit);
    }

    private static void prefixed(Unit unit, String symbol, String... names) {
        add(unit, symbol, names);
        PREFIXES.forEach((prefix, scale) -> SYMBOLS.putIfAbsent(prefix + symbol, scaled(unit, scale)));
        for (String name : names) {
            LONG_PREFIXES.forEach((prefix, scale) -> NAMES.put(prefix + name, scaled(unit, scale)));
        }
    }

    private static void add(Unit unit, String symbol, String... names) {
        if (!symbol.isEmpty()) {
            SYMBOLS.put(symbol, unit);
        }
        for (String name : names) {
            NAMES.put(name, unit);
        }
    }

    private static Unit scaled(Unit unit, double by) {
        return new Unit(unit.scale() * by, unit.powers());
    }
}
