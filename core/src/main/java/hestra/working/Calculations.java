package hestra.working;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.IntStream;

import hestra.numbers.DecimalMark;
import hestra.working.Calculation.Outcome;
import hestra.working.Calculation.Problem;

/**
 * Calculation lines worked out one after another: each may use the names of those before it. Large and small letters of names are
 * the same.
 */
public final class Calculations {

    private static final String NAME = "[\\p{L}][\\p{L}\\p{N}_]*";

    private final List<CalculationLine> lines;
    private final Results results;
    private final DecimalMark mark;
    private final List<Outcome> outcomes = new ArrayList<>();
    private final Map<String, Outcome> named = new LinkedHashMap<>();

    private Calculations(List<CalculationLine> lines, Results results, DecimalMark mark) {
        this.lines = lines;
        this.results = results;
        this.mark = mark;
        for (CalculationLine line : lines) {
            Outcome outcome = workedOut(line);
            outcomes.add(outcome);
            if (!line.name().isEmpty()) {
                named.putIfAbsent(line.name().toLowerCase(Locale.ROOT), outcome);
            }
        }
    }

    /** These lines on some results. */
    public static Calculations of(List<CalculationLine> lines, Results results, DecimalMark mark) {
        return new Calculations(lines, results, mark);
    }

    private Outcome workedOut(CalculationLine line) {
        String name = line.name().toLowerCase(Locale.ROOT);
        if (!name.isEmpty() && !name.matches(NAME)) {
            return new Problem(0, "A name is made of letters, figures and _, with a letter first.");
        }
        if (FormulaParser.isTaken(name)) {
            return new Problem(0, "“" + line.name() + "” stands for something already. Choose another name.");
        }
        if (named.containsKey(name)) {
            return new Problem(0, "“" + line.name() + "” is the name of a line above. Choose another name.");
        }
        return Calculation.read(line.formula(), mark, named.keySet()).of(results, named);
    }

    /** What each line comes to, in their order. */
    public List<Outcome> outcomes() {
        return List.copyOf(outcomes);
    }

    /** What a line comes to, whether it is one of these or was one once: it may use all their names. */
    public Outcome outcome(CalculationLine line) {
        OptionalInt place = IntStream.range(0, lines.size()).filter(i -> lines.get(i).equals(line)).findFirst();
        return place.isPresent() ? outcomes.get(place.getAsInt()) : workedOut(new CalculationLine("", line.formula()));
    }
}
