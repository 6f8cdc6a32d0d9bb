package hestra.documents.page;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Line2D;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

import hestra.data.DataTable;
import hestra.desk.FixedPlot;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.LiveText;
import hestra.exercise.OptionOrder;
import hestra.exercise.Part;
import hestra.figure.PlotContent;
import hestra.figure.ScatterPlot;
import hestra.numbers.Counted;
import hestra.task.ChoiceRow;
import hestra.task.OnPaper;
import hestra.task.Rounded;
import hestra.task.SentenceFrame;
import hestra.task.Task;
import hestra.task.Truth;
import hestra.tracing.Picture;

/**
 * What stands on the handout of one variant, for the template: texts, data with empty axes, and each task with room for its
 * answer.
 */
final class HandoutPieces {

    private static final double RATIO = 0.55;
    /** More rows than these are not printed. */
    static final int MOST_ROWS = 120;
    /** Rows of the data one below the other before they go on beside. */
    private static final int COLUMN = 14;
    private static final int SQUARES_ACROSS = 12;
    private static final int SQUARES_UP = 9;
    private static final double SQUARE = 17;
    private static final int MOST_BESIDE = 3;

    private final Exercise exercise;
    private final PdfDrawings drawings;
    private final List<Map<String, Object>> pieces = new ArrayList<>();

    private HandoutPieces(Exercise exercise, PdfDrawings drawings) {
        this.exercise = exercise;
        this.drawings = drawings;
    }

    static List<Map<String, Object>> of(Exercise exercise, PdfDrawings drawings) {
        HandoutPieces all = new HandoutPieces(exercise, drawings);
        exercise.parts().forEach(all::part);
        return all.pieces;
    }

    private void part(Part part) {
        Truth truth = part.truth(exercise.mark());
        if (!part.heading().isBlank()) {
            pieces.add(Map.of("heading", part.heading()));
        }
        boolean printed = part.blocks().stream().anyMatch(Block.Printed.class::isInstance) || part.isOwn();
        for (Block block : part.blocks()) {
            // The data stand before the first task, unless the author put them somewhere.
            if (block instanceof Block.Asked && !printed) {
                printed = true;
                data(truth.printed(), "");
            }
            block(block, part, truth);
        }
    }

    private void block(Block block, Part part, Truth truth) {
        switch (block) {
            case Block.Prose(String _, String text) ->
                    pieces.add(Map.of("text", Prose.html(LiveText.fill(text, part, exercise.mark()))));
            case Block.Illustration(String _, Picture picture, String caption, String alternative) ->
                pieces.add(Map.of("image", Map.of("source", source(picture.bytes()), "caption",
                        LiveText.fill(caption, part, exercise.mark()), "alternative", alternative)));
            case Block.Plot plot -> {
                PlotContent content = FixedPlot.of(exercise, part, plot);
                String caption = LiveText.fill(plot.caption(), part, exercise.mark());
                pieces.add(Map.of("figure", Map.of("caption", caption,
                        "drawing", drawings.plot(new Piece.Plot(layout -> ScatterPlot.describe(content, layout), RATIO, "", "",
                                caption.isBlank() ? "A plot of the data" : caption), 1))));
            }
            case Block.Printed(String _, String caption) -> data(truth.printed(), LiveText.fill(caption, part, exercise.mark()));
            case Block.Formula(String _, String formula) ->
                    pieces.add(Map.of("formula", LiveText.fill(formula, part, exercise.mark())));
            case Block.Strange _ -> { }
            case Block.Asked(Task task) -> task(task, part, truth);
        }
    }

    /** The table, in columns beside each other, and empty axes beside it or below. */
    private void data(DataTable table, String caption) {
        int rows = Math.min(table.size(), MOST_ROWS);
        List<String> headings = table.variables().stream().map(it -> it.heading()).toList();
        int fitting = Math.max(1, Math.min(MOST_BESIDE, 8 / table.width()));
        int beside = Math.clamp((rows + COLUMN - 1) / COLUMN, 1, fitting);
        int height = Math.max(1, (rows + beside - 1) / beside);
        List<Map<String, Object>> columns = new ArrayList<>();
        for (int from = 0; from < rows; from += height) {
            columns.add(Map.of("headings", headings, "lines", IntStream.range(from, Math.min(rows, from + height))
                    .mapToObj(row -> Map.of("cells",
                    IntStream.range(0, table.width()).mapToObj(column -> table.row(row).cell(column).text()).toList()))
                            .toList()));
        }
        String left = rows < table.size()
                ? "The first " + rows + " of " + Counted.of(table.size(), "row") + "; all are in the file." : "";
        boolean axesFit = columns.size() * table.width() <= 4;
        pieces.add(Map.of("data", Map.of("columns", columns, "axes", axesFit ? List.of(axes()) : List.of(), "axesBelow",
                axesFit ? List.of() : List.of(axes()),
                "note", (caption + " " + left).strip())));
    }

    private String axes() {
        double width = SQUARES_ACROSS * SQUARE;
        double height = SQUARES_UP * SQUARE;
        return drawings.painting(graphics -> squares(graphics, width, height), width + 2, height + 2,
                "Empty squared paper for a plot");
    }

    private static void squares(Graphics2D graphics, double width, double height) {
        graphics.setColor(new Color(0xB0B0B0));
        graphics.setStroke(new BasicStroke(0.5f));
        for (int i = 0; i <= SQUARES_ACROSS; i++) {
            graphics.draw(new Line2D.Double(1 + i * SQUARE, 1, 1 + i * SQUARE, height + 1));
        }
        for (int i = 0; i <= SQUARES_UP; i++) {
            graphics.draw(new Line2D.Double(1, 1 + i * SQUARE, width + 1, 1 + i * SQUARE));
        }
    }

    private void task(Task task, Part part, Truth truth) {
        String rounding = Rounded.of(task).inWords().replaceFirst("^to (a )?", "");
        String marks = task.terms().marks() == 0 ? "" : Counted.of(task.terms().marks(), "mark");
        Map<String, Object> values = new HashMap<>();
        values.put("number", exercise.indexOf(task.id()) + 1);
        values.put("title", task.terms().title());
        values.put("terms", rounding + (rounding.isEmpty() || marks.isEmpty() ? "" : " \u00b7 ") + marks);
        values.put("prompt", Prose.html(LiveText.fill(task.terms().prompt(), part, exercise.mark())));
        values.put("forms", task.onPaper(truth).stream().map(it -> form(task, it)).toList());
        pieces.add(Map.of("task", values));
    }

    private Map<String, Object> form(Task task, OnPaper form) {
        return switch (form) {
            case OnPaper.Lines(int count) -> Map.of("lines", IntStream.range(0, count).boxed().toList());
            case OnPaper.Blank(String before, String after, boolean wide) ->
                    Map.of("blank", Map.of("before", before, "after", after, "width", wide ? "wide" : "short"));
            case OnPaper.Choices(ChoiceRow row) ->
                    Map.of("choices", Map.of("name", asked(row).isEmpty() ? List.of() : List.of(asked(row)), "options",
                            OptionOrder.of(exercise, "").places(task.id(), row).stream().map(row.options()::get).toList()));
            case OnPaper.Grid(List<String> headings, List<String> lines) -> Map.of("grid", Map.of("headings", headings,
                    "rows", lines.stream().map(name -> Map.of("name", name, "cells", headings.subList(1, headings.size())))
                            .toList()));
            case OnPaper.Gaps(SentenceFrame frame) ->
                    Map.of("gaps", Map.of("pieces", IntStream.range(0, frame.pieces().size())
                            .mapToObj(i -> Map.of("text", frame.pieces().get(i), "gap", i < frame.gaps())).toList()));
            case OnPaper.OnTheAxes _ -> Map.of("said", "Draw it on the squared paper. Label both axes with name and unit.");
            case OnPaper.InTheProgram _ -> Map.of("said", "This one is done in Hestra, not on paper.");
        };
    }

    /** What is asked by a row of choices; nothing where the task's prompt says it. */
    private static String asked(ChoiceRow row) {
        return !row.prompt().isBlank() ? row.prompt() : row.name().equals("choice") ? "" : row.name();
    }

    /** A picture, for the page to hold in itself. */
    static String source(byte[] bytes) {
        boolean png = bytes.length > 1 && bytes[1] == 'P';
        return "data:image/" + (png ? "png" : "jpeg") + ";base64," + Base64.getEncoder().encodeToString(bytes);
    }
}
