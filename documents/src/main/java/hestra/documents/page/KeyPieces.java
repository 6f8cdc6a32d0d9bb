package hestra.documents.page;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.desk.Findings;
import hestra.desk.FixedPlot;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.figure.Layer;
import hestra.figure.PlotContent;
import hestra.figure.ScatterPlot;
import hestra.fit.LineFit;
import hestra.numbers.NumberStyle;
import hestra.task.Key;
import hestra.task.Task;
import hestra.task.Truth;
import hestra.variants.Variant;

/** What stands on the key of one variant, and the keys of all variants beside each other, for the template. */
final class KeyPieces {

    private static final double RATIO = 0.42;
    private static final int MOST_WRONG = 4;
    private static final int LONGEST_SHORT = 26;
    /** So many columns fit a page. */
    private static final int MOST_COLUMNS = 5;
    private static final Pattern LEADING_NUMBER = Pattern.compile("[\u2212-]?[0-9][0-9.,\u202f\u00a0]*(?: \u00d7 10\\S*)?");

    private KeyPieces() {}

    /** The plot, the line and the keys of a variant, part by part. */
    static List<Map<String, Object>> of(Exercise exercise, PdfDrawings drawings) {
        List<Map<String, Object>> pieces = new ArrayList<>();
        for (Part part : exercise.parts()) {
            if (exercise.parts().size() > 1) {
                pieces.add(Map.of("heading", "Part " + (exercise.indexOf(part) + 1)
                        + (part.heading().isBlank() ? "" : ": " + part.heading())));
            }
            plot(exercise, part, drawings, pieces);
            if (!part.tasks().isEmpty()) {
                pieces.add(Map.of("keys", Map.of("lines", lines(exercise, part))));
            }
        }
        return pieces;
    }

    private static void plot(Exercise exercise, Part part, PdfDrawings drawings, List<Map<String, Object>> pieces) {
        Findings truth = FixedPlot.truth(exercise, part);
        if (truth.pairs().size() == 0) {
            return;
        }
        PlotContent content = truth.showing(EnumSet.of(Layer.POINTS, Layer.LINE), true);
        pieces.add(Map.of("figure",
                Map.of("caption", "", "drawing", drawings.plot(new Piece.Plot(layout -> ScatterPlot.describe(content, layout),
                        RATIO, "", "", FigureText.of(truth)), 1))));
        Optional<LineFit> line = truth.fit().line();
        if (line.isPresent() && truth.curves().curveInHand().isPresent()) {
            pieces.add(Map.of("equation", Map.of("drawing", drawings.equation(truth.numbers()
                    .equation(truth.curves().curveInHand().get())))));
            NumberStyle style = truth.numbers().style();
            List<Map<String, String>> values = Stream.of(Map.of("name", "r", "value", style.show(line.get().r())),
                    Map.of("name", "R\u00b2", "value", style.show(line.get().rSquared())),
                    Map.of("name", "s", "value", style.show(line.get().residualStandardError()) + truth.y().unitAfterNumber()),
                            Map.of("name", "n", "value", Integer.toString(truth.pairs().n()))).toList();
            pieces.add(Map.of("values", Map.of("list", values)));
        }
    }

    private static List<Map<String, String>> lines(Exercise exercise, Part part) {
        Truth truth = part.truth(exercise.mark());
        return part.tasks().stream().map(task -> {
            Key key = task.key(truth);
            String wrong = String.join(" \u00b7 ", key.recognised().stream().limit(MOST_WRONG)
                    .map(it -> it.answer() + " " + it.mistake().inWords()).toList());
            return Map.of("task", (exercise.indexOf(task.id()) + 1) + " " + task.terms().title(), "key", key.text(), "wrong",
                    wrong, "marks", Integer.toString(task.terms().marks()));
        }).toList();
    }

    /** The short keys of every variant, a line each; in several tables where there are more tasks than fit a page. */
    static List<Map<String, Object>> together(List<Variant> variants) {
        List<Task> tasks = variants.getFirst().exercise().tasks();
        List<Map<Integer, String>> keys = variants.stream().map(KeyPieces::keys).toList();
        List<Integer> shown = IntStream.range(0, tasks.size())
                .filter(i -> keys.stream().allMatch(it -> it.get(i).length() <= LONGEST_SHORT)).boxed().toList();
        List<Map<String, Object>> tables = new ArrayList<>();
        for (int from = 0; from < shown.size(); from += MOST_COLUMNS) {
            List<Integer> columns = shown.subList(from, Math.min(shown.size(), from + MOST_COLUMNS));
            Map<String, Object> table = new HashMap<>();
            table.put("title", "All " + variants.size() + " variants");
            table.put("headings", Stream.concat(Stream.of("variant"), columns.stream()
                    .map(i -> (i + 1) + " " + tasks.get(i).terms().title())).toList());
            table.put("lines", IntStream.range(0, variants.size())
                    .mapToObj(k -> Map.of("cells", Stream.concat(Stream.of(Integer.toString(variants.get(k).number())),
                            columns.stream().map(i -> keys.get(k).get(i))).toList())).toList());
            tables.add(Map.of("all", table));
        }
        return tables;
    }

    private static Map<Integer, String> keys(Variant variant) {
        Exercise exercise = variant.exercise();
        Map<Integer, String> keys = new HashMap<>();
        for (Part part : exercise.parts()) {
            Truth truth = part.truth(exercise.mark());
            part.tasks().forEach(task -> keys.put(exercise.indexOf(task.id()), numbersOf(task.key(truth).text())));
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
