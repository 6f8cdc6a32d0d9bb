package hestra.documents.page;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;

import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import hestra.documents.exercise.Json;
import hestra.fit.Equation;

/** Fills the template of pages; how figures and equations are drawn is for the kind of page to say. */
final class PageTemplate {

    private static final Template TEMPLATE = template();
    private static final int TILES = 2;
    /** A table of so many lines stands on one page. */
    private static final int SHORT = 30;

    private final Drawings drawings;

    PageTemplate(Drawings drawings) {
        this.drawings = drawings;
    }

    /** Draws what is no text, as mark-up. */
    interface Drawings {

        /** A plot; {@code share} of the page's width. */
        String plot(Piece.Plot plot, double share);

        String equation(Equation equation);
    }

    /** The whole page. */
    String fill(Page page, String fonts, String style) {
        Map<String, Object> values = new HashMap<>();
        values.put("title", page.title());
        values.put("author", page.author());
        values.put("byLine", page.byLine().isBlank() ? List.of() : List.of(page.byLine()));
        values.put("fonts", fonts);
        values.put("style", style);
        values.put("pieces", page.pieces().stream().map(this::piece).toList());
        return XmlText.clean(TEMPLATE.execute(values));
    }

    private Map<String, Object> piece(Piece piece) {
        return switch (piece) {
            case Piece.Heading(int level, String text) -> Map.of(level <= 2 ? "heading2" : "heading3", text);
            case Piece.Text(String markup) -> Map.of("text", Prose.html(markup));
            case Piece.Plot plot ->
                    Map.of("figure", captioned(plot.label(), plot.caption(), Map.of("drawing", drawings.plot(plot, 1))));
            case Piece.Plots(List<Piece.Plot> plots, String label, String caption) ->
                    Map.of("figures", captioned(label, caption, Map.of("rows", tiles(plots))));
            case Piece.Image(var picture, String caption, String alternative) ->
                Map.of("image", captioned("", caption,
                        Map.of("source", HandoutPieces.source(picture.bytes()), "alternative", alternative)));
            case Piece.Table table -> Map.of("table", captioned(table.label(), table.caption(), table(table)));
            case Piece.Set(Equation equation, String after) ->
                    Map.of("equation", Map.of("drawing", drawings.equation(equation), "after",
                            after.isBlank() ? List.of() : List.of(after)));
            case Piece.Formula(String text) -> Map.of("formula", text);
            case Piece.Values(String title, List<Piece.Values.Value> values) ->
                    Map.of("values", Map.of("title", title.isBlank() ? List.of() : List.of(title),
                    "list", values.stream().map(value -> Map.of("name", value.name(), "value", value.value())).toList()));
            case Piece.Answered answered -> Map.of("answered", answered(answered));
            case Piece.Remark(String text) -> Map.of("remark", text);
            case Piece.Comment(String text) -> Map.of("comment", text);
            case Piece.Room(String title) -> Map.of("room", title);
        };
    }

    private static Map<String, Object> captioned(String label, String caption, Map<String, Object> contents) {
        Map<String, Object> all = new HashMap<>(contents);
        all.put("label", label.isEmpty() ? List.of() : List.of(label));
        all.put("caption", caption);
        all.put("hasCaption", !label.isEmpty() || !caption.isBlank());
        return all;
    }

    private List<Map<String, Object>> tiles(List<Piece.Plot> plots) {
        return IntStream.iterate(0, i -> i < plots.size(), i -> i + TILES)
                .mapToObj(from -> Map.<String, Object>of("tiles",
                        plots.subList(from, Math.min(plots.size(), from + TILES)).stream()
                .map(plot -> Map.of("drawing", drawings.plot(plot, 1.0 / TILES), "caption", plot.caption())).toList())).toList();
    }

    private static Map<String, Object> table(Piece.Table table) {
        int width = table.headings().size();
        Aligned.Columns set = Aligned.Columns.of(table);
        List<String> aligns = set.numbers().stream().map(numbers -> numbers ? "number" : "words").toList();
        List<Map<String, Object>> lines = new ArrayList<>();
        for (int row = 0; row < table.lines().size(); row++) {
            int at = row;
            boolean aside = table.lines().get(row).struckOut();
            lines.add(Map.of("struckOut", aside, "cells", IntStream.range(0, width).mapToObj(column -> {
                String aligned = set.cells().get(column).get(at);
                int end = Aligned.end(aligned);
                return Map.of("text", aligned.substring(0, end), "padding", aligned.substring(end), "align", aligns.get(column),
                        "struck", aside && set.numbers().get(column));
            }).toList()));
        }
        return Map.of("headings", IntStream.range(0, width)
                .mapToObj(column -> Map.of("text", table.headings().get(column), "align", aligns.get(column))).toList(), "lines",
                lines,
                "length", table.lines().size() <= SHORT ? "short" : "long");
    }

    private static Map<String, Object> answered(Piece.Answered answered) {
        Map<String, Object> values = new HashMap<>();
        values.put("number", answered.number());
        values.put("title", answered.title());
        values.put("prompt", Prose.html(answered.prompt()));
        values.put("lines", answered.answer());
        values.put("verdict", answered.verdict().isBlank() ? List.of() : List.of(answered.verdict()));
        values.put("outcome", answered.outcome().map(Json::nameOf).orElse("open"));
        values.put("sign", answered.outcome().map(outcome -> outcome.sign()).orElse(""));
        values.put("comments", answered.comments());
        values.put("key", answered.key().isBlank() ? List.of() : List.of(answered.key()));
        values.put("why", answered.why().isBlank() ? List.of() : List.of(Prose.html(answered.why())));
        values.put("marks", answered.marks().isBlank() ? List.of() : List.of(answered.marks()));
        return values;
    }

    /** A file that stands beside the template. */
    static String resource(String name) {
        try (InputStream in = Objects.requireNonNull(PageTemplate.class.getResourceAsStream("/hestra/documents/page/" + name))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Reader reader(String name) {
        return new InputStreamReader(Objects.requireNonNull(PageTemplate.class.getResourceAsStream("/hestra/documents/page/"
                + name + ".html")), StandardCharsets.UTF_8);
    }

    private static Template template() {
        return template("page");
    }

    /** The template of a kind of page. */
    static Template template(String name) {
        try (Reader page = reader(name)) {
            return Mustache.compiler().escapeHTML(true).withLoader(PageTemplate::reader).compile(page);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
