package hestra.documents.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

import hestra.figure.SmallPlot;
import hestra.numbers.NumberStyle;
import hestra.task.ChoiceRow;
import hestra.task.MatchPlot;
import hestra.task.OnPaper;
import hestra.task.SentenceFrame;

/**
 * Room for an answer as the template has it: empty, or with what is right in a second ink.
 *
 * @param drawings draws plots
 * @param answered whether the answers are written in
 */
record PaperForm(PageTemplate.Drawings drawings, boolean answered) {

    private static final double SMALL_RATIO = 0.8;
    private static final int MOST_BESIDE = 3;
    /** So many letters fit a line, and so many a box takes up. */
    private static final int LINE = 100;
    private static final int BOX = 5;

    Map<String, Object> of(OnPaper form) {
        return switch (form) {
            case OnPaper.Lines(int count, String model) -> answered
                    ? Map.of("written", model.isBlank() ? List.of() : List.of(model))
                    : Map.of("lines", IntStream.range(0, count).boxed().toList());
            case OnPaper.Blank(String before, String after, boolean wide, String answer) ->
                    Map.of("blank", Map.of("before", before, "after", after, "width", wide ? "line-wide" : "line-short",
                            "written", written(answer)));
            case OnPaper.Choices(ChoiceRow row, var right) -> Map.of("choices", Map.of("style", style(row), "name",
                    asked(row).isEmpty() ? List.of() : List.of(asked(row)), "options",
                    IntStream.range(0, row.options().size()).mapToObj(i -> Map.of("text", row.options().get(i), "right",
                            answered && right.contains(i))).toList()));
            case OnPaper.Grid(String title, var lines) -> Map.of("grid", Map.of("title", title.isBlank() ? List.of()
                    : List.of(title), "lines", lines.stream().map(line -> Map.of("cells", line.stream().map(this::cell).toList()))
                    .toList()));
            case OnPaper.Gaps(SentenceFrame frame, String model) -> Map.of("gaps", Map.of("pieces",
                    IntStream.range(0, frame.pieces().size()).mapToObj(i -> Map.of("text", frame.pieces().get(i), "gap",
                            i < frame.gaps())).toList(), "model", written(model)));
            case OnPaper.LetteredPlots(List<SmallPlot> plots, Optional<Integer> right) -> Map.of("plots", Map.of("rows",
                    lettered(plots, right)));
            case OnPaper.Axes _ -> Map.of("said", answered ? List.of() : List.of("Draw it on the axes."));
            case OnPaper.NumberedPoints _, OnPaper.ThePicture _ -> Map.of();
            case OnPaper.InTheProgram _ -> Map.of("said", List.of("This one is done in Hestra, not on paper."));
        };
    }

    private List<String> written(String answer) {
        return answered && !answer.isBlank() ? List.of(answer) : List.of();
    }

    /** Short choices stand beside one another, longer ones in two columns, and long ones one below the other. */
    private static String style(ChoiceRow row) {
        int all = row.options().stream().mapToInt(it -> it.length() + BOX).sum() + asked(row).length();
        int longest = row.options().stream().mapToInt(String::length).max().orElse(0);
        return all <= LINE ? "choice" : longest <= LINE / 2 - BOX ? "choice half" : "choice listed";
    }

    /** What is asked by a row of choices; nothing where the task's prompt says it. */
    static String asked(ChoiceRow row) {
        return !row.prompt().isBlank() ? row.prompt() : row.name().equals("choice") ? "" : row.name();
    }

    private Map<String, Object> cell(OnPaper.Cell cell) {
        return switch (cell.sort()) {
            case HEADING -> Map.of("kind", "name", "text", cell.text());
            case GIVEN -> Map.of("kind", "given", "text", cell.text());
            case ASKED -> Map.of("kind", answered ? "asked written" : "asked", "text", answered ? cell.text() : "\u00a0");
            case NONE -> Map.of("kind", "none", "text", "");
        };
    }

    private List<Map<String, Object>> lettered(List<SmallPlot> plots, Optional<Integer> right) {
        List<Map<String, Object>> rows = new ArrayList<>();
        int beside = plots.size() == MOST_BESIDE + 1 ? plots.size() : Math.clamp(plots.size(), 1, MOST_BESIDE);
        for (int from = 0; from < plots.size(); from += beside) {
            rows.add(Map.of("tiles", IntStream.range(from, Math.min(plots.size(), from + beside)).mapToObj(i ->
                    Map.of("letter", MatchPlot.letter(i), "right", answered && right.filter(it -> it == i).isPresent(), "drawing",
                            drawings.plot(new Piece.Plot(layout -> plots.get(i).describe(layout, NumberStyle.STANDARD),
                                    SMALL_RATIO, "", "", "Plot " + MatchPlot.letter(i)), 1.0 / beside))).toList()));
        }
        return rows;
    }
}
