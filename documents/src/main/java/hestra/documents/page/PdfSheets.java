package hestra.documents.page;

import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import com.samskivert.mustache.Template;
import hestra.documents.page.Paging.Bond;
import hestra.documents.page.Paging.Leaf;
import hestra.documents.page.Paging.Slab;

/**
 * Sheets as one PDF. They are laid out twice: once on a page without an end, which shows how high each piece is, and again with
 * every page ended where {@link Paging} says. So nothing is parted that belongs together.
 */
final class PdfSheets {

    private static final Template TEMPLATE = PageTemplate.template("sheets");
    /** A page without an end, in millimetres. */
    private static final double ENDLESS = 90_000;
    /** What is kept free at the foot for what rounding adds. */
    private static final double SPARE = 8;
    /** A table that takes up less than this share of a page is not parted, where the page is well filled without it. */
    private static final double SHORT_TABLE = 0.45;
    /** The room above a table that goes on. */
    private static final double ABOVE_TABLE = 9;

    private final List<Sheet> sheets;
    private final Paper paper;

    private PdfSheets(List<Sheet> sheets, Paper paper) {
        this.sheets = sheets;
        this.paper = paper;
    }

    /** A piece as it is set: whether a page begins with it. */
    private record Set(Piece piece, boolean begins) {}

    /** What of the pieces one stretch between two ends of pages is. */
    private record Stretch(int piece, int from, int to) {}

    static void write(List<Sheet> sheets, Paper paper, OutputStream out) throws IOException {
        PdfSheets all = new PdfSheets(sheets, paper);
        List<List<Slabs.Bound>> bound = sheets.stream().map(it -> Slabs.of(it.page())).toList();
        PdfDrawings drawn = new PdfDrawings(paper.textWidth());
        Measured measured = PdfPage.measure(all.html(bound.stream()
                .map(pieces -> pieces.stream().map(it -> new Set(it.piece(), false)).toList()).toList(), drawn, ENDLESS), drawn);
        List<List<Set>> set = new ArrayList<>();
        for (int i = 0; i < sheets.size(); i++) {
            set.add(all.paged(i, bound.get(i), measured));
        }
        PdfDrawings again = new PdfDrawings(paper.textWidth());
        PdfPage.render(all.html(set, again, paper.height()), again, out);
    }

    // The pages of one sheet

    private List<Set> paged(int sheet, List<Slabs.Bound> pieces, Measured measured) {
        double height = paper.textHeight() - SPARE;
        List<Slab> slabs = new ArrayList<>();
        List<Stretch> stretches = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            double extent = measured.extent(id(sheet, i), i + 1 < pieces.size() ? id(sheet, i + 1) : "");
            // The title stands above the first piece, and goes with it.
            double title = i == 0 ? measured.top(id(sheet, 0)) - measured.top(topOf(sheet)) : 0;
            Bond bond = pieces.get(i).bond();
            Optional<Piece.Table> table = Slabs.table(pieces.get(i).piece()).filter(it -> it.lines().size() > 3);
            if (table.isPresent()) {
                lines(sheet, i, table.get(), extent, title, bond, height, measured, slabs, stretches);
            } else {
                double give = pieces.get(i).piece() instanceof Piece.Plot plot ? plotHeight(plot) * plot.give() : 0;
                slabs.add(new Slab(extent + title, extent + title - give, extent + title + give, 0, bond));
                stretches.add(new Stretch(i, 0, -1));
            }
        }
        List<Leaf> leaves = Paging.leaves(slabs, height);
        // Room for comments is no reason for one more page.
        boolean roomAlone = leaves.size() > 1 && leaves.getLast().heights().length == 1
                && pieces.getLast().piece() instanceof Piece.Room;
        return set(pieces, stretches, roomAlone ? leaves.subList(0, leaves.size() - 1) : leaves, slabs);
    }

    /** A table is as many pieces as it has lines, of which the first two and the last two stay together. */
    private void lines(int sheet, int place, Piece.Table table, double extent, double title, Bond bond, double height,
            Measured measured, List<Slab> slabs, List<Stretch> stretches) {
        int count = table.lines().size();
        Bond inner = extent <= SHORT_TABLE * height ? Bond.LOOSE : Bond.NONE;
        double begin = measured.top(id(sheet, place)) - title;
        double again = measured.height(id(sheet, place) + "-head") + ABOVE_TABLE;
        for (int line = 0; line < count; line++) {
            double top = line == 0 ? begin : measured.top(id(sheet, place) + "-" + line);
            double bottom = line == count - 1 ? begin + title + extent : measured.top(id(sheet, place) + "-" + (line + 1));
            Bond here = line == count - 1 ? bond : line == 0 || line == count - 2 ? Bond.FAST : inner;
            slabs.add(new Slab(bottom - top, bottom - top, bottom - top, line == 0 ? 0 : again, here));
            stretches.add(new Stretch(place, line, line + 1));
        }
    }

    private List<Set> set(List<Slabs.Bound> pieces, List<Stretch> stretches, List<Leaf> leaves, List<Slab> slabs) {
        List<Set> set = new ArrayList<>();
        for (Leaf leaf : leaves) {
            int at = leaf.from();
            while (at < leaf.to()) {
                Stretch stretch = stretches.get(at);
                Piece piece = pieces.get(stretch.piece).piece();
                boolean begins = at == leaf.from() && leaf.from() > 0;
                if (stretch.to < 0) {
                    set.add(new Set(stretched(piece, leaf.heights()[at - leaf.from()] - slabs.get(at).height()), begins));
                    at++;
                    continue;
                }
                int to = at + 1;
                while (to < leaf.to() && stretches.get(to).piece == stretch.piece) {
                    to++;
                }
                set.add(new Set(Slabs.part((Piece.Table) piece, stretch.from, stretches.get(to - 1).to), begins));
                at = to;
            }
        }
        return set;
    }

    private double plotHeight(Piece.Plot plot) {
        return PdfDrawings.width(paper.textWidth(), plot.share()) * plot.ratio();
    }

    private Piece stretched(Piece piece, double by) {
        return by != 0 && piece instanceof Piece.Plot plot
                ? plot.withRatio((plotHeight(plot) + by) / PdfDrawings.width(paper.textWidth(), plot.share())) : piece;
    }

    // As a document

    private static String topOf(int sheet) {
        return "s" + sheet + "-top";
    }

    private static String id(int sheet, int piece) {
        return "s" + sheet + "-" + piece;
    }

    private String html(List<List<Set>> set, PdfDrawings drawn, double height) {
        PageTemplate pieces = new PageTemplate(drawn);
        List<Map<String, Object>> filled = new ArrayList<>();
        // What lines are broken by is the page without a name.
        StringBuilder style = new StringBuilder(String.format(Locale.ROOT, "@page { size: %.1fmm %.1fmm; margin: %.0fmm; }%n",
                paper.width(), height, Paper.MARGIN));
        for (int i = 0; i < set.size(); i++) {
            Sheet sheet = sheets.get(i);
            Map<String, Object> values = new HashMap<>();
            values.put("page", "p" + i);
            values.put("top", topOf(i));
            values.put("name", sheet.page().title());
            values.put("by", sheet.page().byLine().isBlank() ? List.of() : List.of(sheet.page().byLine()));
            values.put("who", sheet.forWhom().map(name -> name.isBlank() ? "\u00a0" : name).stream().toList());
            List<Map<String, Object>> slabs = new ArrayList<>();
            List<Map<String, Object>> filledIn = pieces.pieces(set.get(i).stream().map(Set::piece).toList());
            for (int k = 0; k < set.get(i).size(); k++) {
                slabs.add(Map.of("id", id(i, k), "breaks", set.get(i).get(k).begins ? " begins" : "", "piece",
                        List.of(filledIn.get(k))));
            }
            values.put("slabs", slabs);
            filled.add(values);
            style.append(page("p" + i, sheet.foot(), height));
        }
        Page first = sheets.getFirst().page();
        return XmlText.clean(TEMPLATE.execute(Map.of("document", first.title(), "author", first.author(), "style",
                style + PageTemplate.resource("print.css"), "sheets", filled)));
    }

    /** The page of a sheet, with what stands at its foot. */
    private String page(String name, String foot, double height) {
        String text = "font-family: 'Source Sans 3'; font-size: 8.5pt; color: #444444;";
        return String.format(Locale.ROOT,
                "@page %s { size: %.1fmm %.1fmm; margin: %.0fmm; @bottom-left { content: \"%s\"; %s } @bottom-right { content: "
                + "counter(page) ' of ' counter(pages); %s } }%n",
                name, paper.width(), height, Paper.MARGIN, escaped(foot), text, text);
    }

    /** A text within quotation marks of a style sheet, in which nothing can end it. */
    private static String escaped(String text) {
        StringBuilder escaped = new StringBuilder();
        text.codePoints().forEach(c -> {
            if (Character.isLetterOrDigit(c) || c == ' ' || c == '\u00b7' || c == ',' || c == '.' || c == '-') {
                escaped.appendCodePoint(c);
            } else {
                escaped.append('\\').append(Integer.toHexString(c)).append(' ');
            }
        });
        return escaped.toString();
    }
}
