package hestra.documents.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import hestra.documents.page.Paging.Bond;

/** A page in pieces that a PDF may part: each with how it belongs to the one after it. */
final class Slabs {

    private static final String PARAGRAPH = "\\n\\s*\\n";

    private Slabs() {}

    /** A piece, and how it belongs to the next. */
    record Bound(Piece piece, Bond bond) {}

    /** The pieces themselves, where some were put together. */
    static Stream<Piece> flat(List<Piece> pieces) {
        return pieces.stream().flatMap(piece -> piece instanceof Piece.Together(List<Piece> inner) ? flat(inner)
                : Stream.of(piece));
    }

    static List<Bound> of(Page page) {
        List<Bound> bound = new ArrayList<>();
        page.pieces().forEach(piece -> add(piece, bound));
        // A text that follows a heading begins what comes next.
        for (int i = 1; i + 1 < bound.size(); i++) {
            if (bound.get(i - 1).piece instanceof Piece.Heading && bound.get(i).piece instanceof Piece.Text) {
                bound.set(i, new Bound(bound.get(i).piece, Bond.LOOSE));
            }
        }
        for (int i = 0; i + 1 < bound.size(); i++) {
            if (isBound(bound.get(i).piece, bound.get(i + 1).piece)) {
                bound.set(i, new Bound(bound.get(i).piece, Bond.FAST));
            }
        }
        return bound;
    }

    private static void add(Piece piece, List<Bound> bound) {
        switch (piece) {
            case Piece.Together(List<Piece> pieces) -> {
                int from = bound.size();
                pieces.forEach(inner -> add(inner, bound));
                for (int i = from; i + 1 < bound.size(); i++) {
                    bound.set(i, new Bound(bound.get(i).piece, bound.get(i).bond == Bond.FAST ? Bond.FAST : Bond.LOOSE));
                }
            }
            case Piece.Text(String markup) -> paragraphs(markup).forEach(it -> bound.add(new Bound(new Piece.Text(it),
                    Bond.NONE)));
            default -> bound.add(new Bound(piece, Bond.NONE));
        }
    }

    /** A text by its paragraphs; as a whole where lists are in it, whose numbers would begin anew. */
    private static List<String> paragraphs(String markup) {
        boolean plain = markup.lines().noneMatch(line -> line.strip().matches("(?:[-*+]|[0-9]+[.)])\\s.*|#+ .*"));
        return plain ? Stream.of(markup.split(PARAGRAPH)).filter(it -> !it.isBlank()).toList() : List.of(markup);
    }

    /** Whether the one says nothing without the other. */
    private static boolean isBound(Piece piece, Piece next) {
        return switch (piece) {
            case Piece.Heading _, Piece.TaskHead _ -> true;
            case Piece.Set _ -> next instanceof Piece.Values || next instanceof Piece.Remark;
            case Piece.Plot _, Piece.Plots _, Piece.Table _ -> next instanceof Piece.Remark;
            default -> false;
        };
    }

    /** A part of a table: from one line to another, with its heading; its label and caption stand above the first part. */
    static Piece.Table part(Piece.Table table, int from, int to) {
        return new Piece.Table(from == 0 ? table.label() : "", from == 0 ? table.caption() : "", table.headings(),
                table.lines().subList(from, to));
    }

    /** The table that a piece is; nothing for other pieces. */
    static Optional<Piece.Table> table(Piece piece) {
        return piece instanceof Piece.Table table ? Optional.of(table) : Optional.empty();
    }
}
