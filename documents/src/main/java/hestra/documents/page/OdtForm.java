package hestra.documents.page;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import hestra.numbers.NumberStyle;
import hestra.task.ChoiceRow;
import hestra.task.MatchPlot;
import hestra.task.OnPaper;
import hestra.task.SentenceFrame;

/**
 * Room for an answer in a text document: lines of text, a table, plots.
 *
 * @param form what is printed
 * @param answered whether the answers are written in
 */
record OdtForm(OnPaper form, boolean answered) {

    private static final String LINE = "_".repeat(78);
    private static final String SHORT = "_".repeat(18);
    private static final String EMPTY = "\u2610 ";
    private static final String TICKED = "\u2611 ";
    private static final double RATIO = 0.8;
    private static final double SMALL = 0.4;

    List<String> lines() {
        return switch (form) {
            case OnPaper.Lines(int count, String model) -> answered ? written(model) : Collections.nCopies(count, LINE);
            case OnPaper.Blank(String before, String after, boolean wide, String answer) ->
                    List.of((before + " " + blank(wide, answer) + " " + after).strip());
            case OnPaper.Choices(ChoiceRow row, var right) -> List.of(PaperForm.asked(row) + " "
                    + IntStream.range(0, row.options().size())
                            .mapToObj(i -> (answered && right.contains(i) ? TICKED : EMPTY) + row.options().get(i))
                            .collect(Collectors.joining("   ")));
            case OnPaper.Gaps(SentenceFrame frame, String model) ->
                    answered ? written(model) : List.of(String.join(SHORT, frame.pieces()));
            case OnPaper.LetteredPlots(var plots, var right) when answered ->
                    right.map(it -> "plot " + MatchPlot.letter(it)).stream().toList();
            case OnPaper.InTheProgram _ -> List.of("This one is done in Hestra, not on paper.");
            case OnPaper.Grid _, OnPaper.LetteredPlots _, OnPaper.Axes _, OnPaper.NumberedPoints _, OnPaper.ThePicture _ ->
                    List.of();
        };
    }

    private String blank(boolean wide, String answer) {
        if (answered && !answer.isBlank()) {
            return answer;
        }
        return wide ? LINE : SHORT;
    }

    private static List<String> written(String model) {
        return model.isBlank() ? List.of() : List.of(model);
    }

    Optional<Piece.Table> table() {
        if (!(form instanceof OnPaper.Grid(String title, List<List<OnPaper.Cell>> lines)) || lines.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Piece.Table("", title, lines.getFirst().stream().map(this::text).toList(),
                lines.stream().skip(1).map(line -> new Piece.Table.Line(line.stream().map(this::text).toList(), false))
                        .toList()));
    }

    private String text(OnPaper.Cell cell) {
        return cell.sort() == OnPaper.Cell.Sort.ASKED && !answered ? "" : cell.text();
    }

    List<Piece.Plot> plots() {
        return form instanceof OnPaper.LetteredPlots(var plots, var _) ? IntStream.range(0, plots.size())
                .mapToObj(i -> new Piece.Plot(layout -> plots.get(i).describe(layout, NumberStyle.STANDARD), RATIO, "",
                        MatchPlot.letter(i), "Plot " + MatchPlot.letter(i)).withShare(SMALL)).toList() : List.of();
    }
}
