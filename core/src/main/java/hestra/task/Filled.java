package hestra.task;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/** Cells of a calculation as they were filled in, by their ids. */
public record Filled(Map<String, String> cells) implements Answer {
    public static final Filled NOTHING = new Filled(Map.of());

    public Filled {
        cells = Collections.unmodifiableMap(new TreeMap<>(cells));
    }

    @Override
    public boolean isBlank() {
        return cells.values().stream().allMatch(String::isBlank);
    }

    /** What stands in a cell; empty where nothing does. */
    public String text(String id) {
        return cells.getOrDefault(id, "");
    }

    public Filled with(String id, String text) {
        Map<String, String> changed = new TreeMap<>(cells);
        if (text.isEmpty()) {
            changed.remove(id);
        } else {
            changed.put(id, text);
        }
        return new Filled(changed);
    }
}
