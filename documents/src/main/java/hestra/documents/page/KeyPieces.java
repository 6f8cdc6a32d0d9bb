package hestra.documents.page;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.task.AsksNumbers;
import hestra.task.ReadByPerson;
import hestra.task.Task;
import hestra.task.Truth;
import hestra.variants.Variant;

/** The keys of all variants beside each other. */
final class KeyPieces {

    private static final int LONGEST_SHORT = 26;
    /** So many columns fit a page. */
    private static final int MOST_COLUMNS = 5;
    private static final Pattern LEADING_NUMBER = Pattern.compile("[\u2212-]?[0-9][0-9.,\u202f\u00a0]*(?: \u00d7 10\\S*)?");

    private KeyPieces() {}

    /** The short keys of every variant, a line each; in several tables where there are more tasks than fit a page. */
    static List<Piece> together(List<Variant> variants) {
        List<Task> tasks = variants.getFirst().exercise().tasks();
        List<Map<Integer, String>> keys = variants.stream().map(KeyPieces::keys).toList();
        List<Integer> shown = IntStream.range(0, tasks.size())
                .filter(i -> !ReadByPerson.isReadByPerson(tasks.get(i)))
                .filter(i -> keys.stream().allMatch(it -> it.get(i).length() <= LONGEST_SHORT)).boxed().toList();
        List<Piece> tables = new ArrayList<>();
        for (int from = 0; from < shown.size(); from += MOST_COLUMNS) {
            List<Integer> columns = shown.subList(from, Math.min(shown.size(), from + MOST_COLUMNS));
            tables.add(new Piece.Heading(3, "All " + variants.size() + " variants"));
            tables.add(new Piece.Table("", "", Stream.concat(Stream.of("variant"), columns.stream()
                    .map(i -> (i + 1) + " " + tasks.get(i).terms().title())).toList(),
                    IntStream.range(0, variants.size()).mapToObj(k -> new Piece.Table.Line(Stream.concat(
                            Stream.of(Integer.toString(variants.get(k).number())),
                            columns.stream().map(i -> keys.get(k).get(i))).toList(), false)).toList()));
        }
        return tables;
    }

    private static Map<Integer, String> keys(Variant variant) {
        Exercise exercise = variant.exercise();
        Map<Integer, String> keys = new HashMap<>();
        for (Part part : exercise.parts()) {
            Truth truth = part.truth(exercise.mark());
            part.tasks().forEach(task -> keys.put(exercise.indexOf(task.id()), task instanceof AsksNumbers
                    ? numbersOf(task.key(truth).text()) : task.key(truth).text()));
        }
        return keys;
    }

    /** The numbers of a key without their units and intervals, where it is made of numbers; else the key. */
    private static String numbersOf(String key) {
        List<String> numbers = new ArrayList<>();
        for (String piece : key.split(" \u00b7 ")) {
            Matcher matcher = LEADING_NUMBER.matcher(piece);
            if (!matcher.lookingAt()) {
                return key;
            }
            numbers.add(matcher.group());
        }
        return String.join(" \u00b7 ", numbers);
    }
}
