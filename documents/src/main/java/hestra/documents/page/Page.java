package hestra.documents.page;

import java.util.List;
import java.util.stream.Stream;

/**
 * A page that stands by itself, described once and written as HTML, PDF or OpenDocument.
 *
 * @param title what it is called
 * @param author whose it is; may be empty
 * @param about where and when, "Orrin Bay field station", "3 May 2026"; those that are empty are left out
 * @param pieces what stands on it, in reading order
 */
public record Page(String title, String author, List<String> about, List<Piece> pieces) {
    public Page {
        about = about.stream().filter(text -> !text.isBlank()).toList();
        pieces = List.copyOf(pieces);
    }

    /** "Ida Fenn · Orrin Bay field station · 3 May 2026". */
    String byLine() {
        return String.join(" · ", Stream.concat(Stream.of(author).filter(it -> !it.isBlank()), about.stream()).toList());
    }
}
