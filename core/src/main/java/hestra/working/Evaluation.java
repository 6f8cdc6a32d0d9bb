package hestra.working;

import java.util.HashMap;
import java.util.Map;

import hestra.data.Pairs;

/** One working out of a formula: what a name stands for is looked up once, however many pairs a sum goes over. */
final class Evaluation {

    private final Results results;
    private final Map<String, Results.Found> found = new HashMap<>();

    Evaluation(Results results) {
        this.results = results;
    }

    Results.Found value(String name) {
        return found.computeIfAbsent(name, results::value);
    }

    Pairs pairs() {
        return results.pairs();
    }
}
