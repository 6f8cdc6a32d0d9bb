package hestra.task;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import hestra.numbers.Words;

/**
 * What is said of one of several numbers.
 *
 * @param name which it is, such as "at 20"
 * @param says what is said of it: a sentence or two that begin small
 */
record PlaceNote(String name, String says) {

    /** All that is said, a line for each number; what is said of several alike is said once: "At 20 and 37: \u2026". */
    static String together(List<PlaceNote> notes) {
        Map<String, List<String>> byName = new LinkedHashMap<>();
        notes.forEach(it -> byName.computeIfAbsent(it.name, _ -> new ArrayList<>()).add(it.says));
        Map<List<String>, List<String>> names = new LinkedHashMap<>();
        byName.forEach((name, says) -> names.computeIfAbsent(says, _ -> new ArrayList<>()).add(name));
        return names.entrySet().stream().map(it -> Words.capitalized(listed(it.getValue())) + ": " + said(it.getKey()))
                .collect(Collectors.joining(" "));
    }

    private static String said(List<String> says) {
        return says.getFirst() + says.stream().skip(1).map(it -> " " + Words.capitalized(it)).collect(Collectors.joining());
    }

    /** "at 20, 37 and 60" */
    private static String listed(List<String> names) {
        String place = names.getFirst().substring(0, names.getFirst().indexOf(' ') + 1);
        List<String> bare = names.stream().map(it -> it.startsWith(place) ? it.substring(place.length()) : it).toList();
        int last = bare.size() - 1;
        return place + (last == 0 ? bare.getFirst()
                : String.join(", ", bare.subList(0, last)) + " and " + bare.get(last));
    }
}
