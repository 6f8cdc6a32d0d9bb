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
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import hestra.documents.exercise.Json;
import hestra.fit.Equation;
import hestra.task.OnPaper;

/** Fills the template of pages; how figures and equations are drawn is for the kind of page to say. */
final class PageTemplate {

    private static final Template TEMPLATE = template();
    private static final Template PIECE = template("piece");
    private static final int TILES = 2;
    /** The level of the first headings below the title. */
    private static final int FIRST_BELOW = 2;
    /** So many letters stand on a line. */
    private static final int LINE = 96;
    /** A table of more columns is set in small type. */
    private static final int MOST_WIDE = 8;

    private final Drawings drawings;
    /** The width that there is, as a share of the text's. */
    private final double room;

    PageTemplate(Drawings drawings) {
        this(drawings, 1);
    }

    private PageTemplate(Drawings drawings, double room) {
        this.drawings = drawings;
        this.room = room;
    }

    /** Draws what is no text, as mark-up. */
    interface Drawings {

        /** A plot; {@code share} of the page's width. */
        String plot(Piece.Plot plot, double share);

        /** An equation that is no wider than {@code room}, a share of the page's width. */
        String equation(Equation equation, double room);
    }

    /** The whole page. */
    String fill(Page page, String fonts, String style) {
        Map<String, Object> values = new HashMap<>();
        values.put("id", List.of());
        values.put("title", page.title());
        values.put("author", page.author());
        values.put("byLine", page.byLine().isBlank() ? List.of() : List.of(page.byLine()));
        values.put("fonts", fonts);
        values.put("style", style);
        values.put("pieces", pieces(Slabs.flat(page.pieces()).toList()));
        return XmlText.clean(TEMPLATE.execute(values));
    }

    /** Pieces that follow one another. */
    List<Map<String, Object>> pieces(List<Piece> pieces) {
        List<Map<String, Object>> all = new ArrayList<>();
        int level = FIRST_BELOW;
        for (Piece piece : pieces) {
            all.add(piece(piece, level));
            level = below(piece, level);
        }
        return all;
    }

    /** The level of a small heading behind a piece: those within a part stand one below its heading, and no level is left out. */
    static int below(Piece piece, int level) {
        return piece instanceof Piece.Heading(int at, String _) && at <= FIRST_BELOW ? FIRST_BELOW + 1 : level;
    }

    /** A piece, whose small headings have a level. */
    Map<String, Object> piece(Piece piece, int level) {
        return switch (piece) {
            case Piece.Heading(int at, String text) -> at <= FIRST_BELOW ? Map.of("heading2", text)
                    : Map.of("heading3", Map.of("level", level, "words", text));
            case Piece.Text(String markup) -> Map.of("text", Prose.html(markup).replaceAll("<(/?)h[1-6]>", "<$1h" + level + ">"));
            case Piece.Plot plot ->
                    Map.of("figure", captioned(plot.label(), plot.caption(),
                            Map.of("drawing", drawings.plot(plot, plot.share()))));
            case Piece.Plots(List<Piece.Plot> plots, String label, String caption) ->
                    Map.of("figures", captioned(label, caption, Map.of("rows", tiles(plots))));
            case Piece.Image(var picture, String caption, String alternative) ->
                Map.of("image", captioned("", caption,
                        Map.of("source", HandoutPieces.source(picture.bytes()), "alternative", alternative)));
            case Piece.Table table -> Map.of("table", captioned(table.label(), table.caption(), table(table)));
            case Piece.Set(Equation equation, String after) ->
                    Map.of("equation", Map.of("drawing", drawings.equation(equation, room), "after",
                            after.isBlank() ? List.of() : List.of(after)));
            case Piece.Formula(String text) -> Map.of("formula", text);
            case Piece.Values(String title, List<Piece.Values.Value> values) ->
                    Map.of("values", Map.of("title", title.isBlank() ? List.of() : List.of(title),
                    "list", values.stream().map(value -> Map.of("name", value.name(), "value", value.value())).toList()));
            case Piece.Answered answered -> Map.of("answered", answered(answered, level));
            case Piece.Remark(String text) -> Map.of("remark", text);
            case Piece.Comment(String text) -> Map.of("comment", text);
            case Piece.Room(String title) -> Map.of("room", title);
            case Piece.TaskHead(int number, String title, String terms, String prompt) ->
                    Map.of("head", Map.of("level", level, "number", number, "title", title, "terms", terms, "prompt",
                            Prose.html(prompt)));
            case Piece.Form(OnPaper form, boolean answered) -> Map.of("form", new PaperForm(drawings, answered).of(form));
            case Piece.Beside beside -> Map.of("beside", Map.of("columns", beside.columns().stream()
                    .map(PageTemplate::table).toList(), "plot",
                    beside.beside().map(plot -> drawings.plot(plot, plot.share())).stream().toList(), "note",
                    beside.note().isBlank() ? List.of() : List.of(beside.note())));
            case Piece.Written(String text) -> Map.of("written", text);
            case Piece.SideBySide(List<Piece> left, List<Piece> right, double share) ->
                    Map.of("sides", Map.of("left", alone(left, share, level), "right", alone(right, 1 - share, level), "width",
                            Math.round(100 * share)));
            case Piece.Together _ -> throw new IllegalArgumentException("what stays together is written piece by piece");
        };
    }

    /** Pieces that stand within another, filled in by themselves. */
    private String alone(List<Piece> pieces, double width, int level) {
        PageTemplate narrow = new PageTemplate(drawings, width * room);
        return Slabs.flat(pieces).map(it -> {
            Map<String, Object> values = new HashMap<>(narrow.piece(it, level));
            values.put("id", List.of());
            return PIECE.execute(values);
        }).collect(Collectors.joining());
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
            lines.add(Map.of("number", row, "struckOut", aside, "cells", IntStream.range(0, width).mapToObj(column -> {
                String aligned = set.cells().get(column).get(at);
                int end = Aligned.end(aligned);
                return Map.of("text", aligned.substring(0, end), "padding", aligned.substring(end), "align", aligns.get(column),
                        "struck", aside && set.numbers().get(column));
            }).toList()));
        }
        return Map.of("headings", IntStream.range(0, width)
                .mapToObj(column -> Map.of("text", table.headings().get(column), "align", aligns.get(column))).toList(), "lines",
                lines,
                "length", width > MOST_WIDE ? "many" : "few");
    }

    private static Map<String, Object> answered(Piece.Answered answered, int level) {
        Map<String, Object> values = new HashMap<>();
        values.put("level", level);
        values.put("number", answered.number());
        values.put("title", answered.title());
        values.put("prompt", Prose.html(answered.prompt()));
        values.put("lines", onOneLine(answered.answer()));
        values.put("verdict", answered.verdict().isBlank() ? List.of() : List.of(answered.verdict()));
        values.put("outcome", answered.outcome().map(Json::nameOf).orElse("open"));
        values.put("sign", answered.outcome().map(outcome -> outcome.sign()).orElse(""));
        values.put("comments", answered.comments());
        values.put("key", answered.key().isBlank() ? List.of() : List.of(answered.key()));
        values.put("why", answered.why().isBlank() ? List.of() : List.of(Prose.html(answered.why())));
        values.put("marks", answered.marks().isBlank() ? List.of() : List.of(answered.marks()));
        return values;
    }

    /** Short lines behind one another. */
    private static List<String> onOneLine(List<String> lines) {
        String all = String.join(" \u00b7 ", lines);
        return all.length() <= LINE && lines.stream().noneMatch(it -> it.length() > LINE / 3) ? List.of(all) : lines;
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
