package hestra.overview;

import java.util.List;

/**
 * Numbers that belong together, as a table.
 *
 * @param title what they are about
 * @param headings what stands above the columns of numbers
 * @param lines one for each name
 */
public record Section(String title, List<String> headings, List<Line> lines) {

    public Section {
        headings = List.copyOf(headings);
        lines = List.copyOf(lines);
    }

    /** A name with a number in each column. */
    public record Line(String name, List<Entry> entries) {
        public Line {
            entries = List.copyOf(entries);
        }

        static Line of(String name, Entry entry) {
            return new Line(name, List.of(entry));
        }
    }
}
