package hestra.working;

import java.util.HashMap;
import java.util.Map;

import hestra.data.Pairs;

/** One working out of a formula: what a name stands for is looked up once, however many pairs a sum goes over. */
final class Evaluation {

    private final Results results;
    private final Map<String, Results.Found> found = new HashMap<>();

    /** {@code named} are results that have been given names. */
    Evaluation(Results results, Map<String, Calculation.Outcome> named) {
        this.results = results;
        named.forEach((name, outcome) -> found.put(name, switch (outcome) {
            case Calculation.Value(double value) -> new Results.Known(value);
            case Calculation.Problem _ -> new Results.Missing("“" + name + "” has no value: see its own line.");
        }));
    }

    Results.Found value(String name) {
        return found.computeIfAbsent(name, results::value);
    }

    Pairs pairs() {
        return results.pairs();
    }
}
