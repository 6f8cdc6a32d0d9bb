package hestra.documents.page;

import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

import hestra.data.DataTable;
import hestra.data.Variable;
import hestra.desk.Findings;
import hestra.desk.FixedPlot;
import hestra.desk.TaskState;
import hestra.documents.exercise.Json;
import hestra.documents.picture.FigureImage;
import hestra.documents.picture.Palette;
import hestra.exercise.Block;
import hestra.exercise.LiveText;
import hestra.feedback.Verdict;
import hestra.figure.Layout;
import hestra.figure.ScatterPlot;
import hestra.task.Attempt;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.tracing.Picture;

/** The blocks of the part in hand as a page shows them. */
final class WriteUpBlocks {

    private static final double WIDTH = 620;
    private static final double HEIGHT = 380;

    private final Findings findings;
    private final boolean handedIn;

    WriteUpBlocks(Findings findings, boolean handedIn) {
        this.handedIn = handedIn;
        this.findings = findings;
    }

    List<Map<String, Object>> beforeTheTasks() {
        return findings.part().blocks().subList(0, firstTask()).stream().map(this::shown).toList();
    }

    List<Map<String, Object>> fromTheFirstTask() {
        return findings.part().blocks().subList(firstTask(), findings.part().blocks().size()).stream().map(this::shown).toList();
    }

    private int firstTask() {
        List<Block> blocks = findings.part().blocks();
        int index = 0;
        while (index < blocks.size() && !(blocks.get(index) instanceof Block.Asked)) {
            index++;
        }
        return index;
    }

    private Map<String, Object> shown(Block block) {
        return switch (block) {
            case Block.Prose(String _, String text) -> Map.of("prose", Prose.html(fill(text)));
            case Block.Illustration(String _, Picture picture, String caption, String alternative) ->
                Map.of("picture", Map.of("source", source(picture.bytes()), "alternative", alternative, "caption", fill(caption)));
            case Block.Plot plot -> Map.of("figure", Map.of("svg", FigureImage.svg(ScatterPlot.describe(FixedPlot.of(findings.exercise(), findings.part(), plot),
                    new Layout(WIDTH, HEIGHT, 1)), Palette.LIGHT, plot.caption().isBlank() ? "A plot of the data" : fill(plot.caption()) + ", " + plot.id()), "caption", fill(plot.caption())));
            case Block.Printed(String _, String caption) -> Map.of("printed", printed(findings.part().data(), fill(caption)));
            case Block.Formula(String _, String formula) -> Map.of("formula", fill(formula));
            case Block.Asked(Task task) -> Map.of("task", task(findings.task(task.id())));
        };
    }

    private String fill(String text) {
        return LiveText.fill(text, findings.part());
    }

    private static String source(byte[] bytes) {
        boolean png = bytes.length > 1 && bytes[1] == 'P';
        return "data:image/" + (png ? "png" : "jpeg") + ";base64," + Base64.getEncoder().encodeToString(bytes);
    }

    private static Map<String, Object> printed(DataTable data, String caption) {
        List<Map<String, Object>> rows = new ArrayList<>();
        for (int i = 0; i < data.size(); i++) {
            int row = i;
            rows.add(Map.of("number", i + 1, "cells", IntStream.range(0, data.width()).mapToObj(column -> data.cell(row, column).text()).toList()));
        }
        return Map.of("headings", data.variables().stream().map(Variable::name).toList(), "lines", rows, "caption", caption);
    }

    private Map<String, Object> task(TaskState state) {
        Task task = state.task();
        Map<String, Object> shown = new HashMap<>();
        shown.put("number", state.number());
        shown.put("name", task.terms().title());
        shown.put("prompt", Prose.html(fill(task.terms().prompt())));
        List<Attempt> attempts = findings.desk().work().attemptsAt(task.id()).stream().filter(attempt -> task.takes(attempt.answer())).toList();
        shown.put("answer", attempts.isEmpty() ? List.of("not answered") : task.inWords(attempts.getLast().answer(), findings.truth()));
        Optional<Verdict> told = state.verdict().filter(_ -> handedIn || task.terms().verdict() == Terms.Showing.AT_ONCE);
        shown.put("verdict", told.map(verdict -> verdict.outcome().sign() + " " + verdict.message()).orElse(""));
        shown.put("outcome", told.map(verdict -> Json.nameOf(verdict.outcome())).orElse("open"));
        shown.put("tries", attempts.size() > 1 ? attempts.size() + " tries" : "");
        return shown;
    }
}
