package hestra.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import hestra.figure.Figure.Area;
import hestra.figure.Mark.Anchor;
import hestra.figure.Mark.Face;

/** The size of a figure, its margins and its type, shared by the scatter plot and the residual strip above each other. */
public record Layout(double width, double height, double type) {

    static final double TICK_SIZE = 12;
    static final double TITLE_SIZE = 12.5;
    static final double RADIUS = 4.6;
    private static final double LEFT = 62;
    private static final double RIGHT = 20;
    private static final double LEAST = 40;
    /** The width of a letter, as a share of its size. */
    private static final double LETTER = 0.52;
    private static final int MIN_LETTERS = 8;
    private static final double NOTICE_SIZE = 14;
    private static final int MOST_NOTICE_LINES = 3;

    /** The size of letters at this scale of type. */
    double size(double pixels) {
        return pixels * type;
    }

    Area area(double top, double bottom) {
        double left = LEFT * Math.sqrt(type);
        return new Area(left, top, Math.max(LEAST, width - left - RIGHT), Math.max(LEAST, height - top - bottom));
    }

    /** The whole figure and the plot's inner rectangle. */
    void paper(List<Mark> ground, Area area) {
        ground.add(new Mark.Box(0, 0, width, height, 0, Ink.PAPER, 1));
        ground.add(new Mark.Box(area.left(), area.top(), area.width(), area.height(), 0, Ink.SURFACE, 1));
    }

    /** Hatches what lies left and right of the data. */
    static void unsupported(List<Mark> ground, Area area, Scale x, double low, double high) {
        double left = Math.clamp(x.pixel(low), area.left(), area.right());
        double right = Math.clamp(x.pixel(high), area.left(), area.right());
        if (left > area.left()) {
            ground.add(new Mark.Hatch(area.left(), area.top(), left - area.left(), area.height()));
        }
        if (right < area.right()) {
            ground.add(new Mark.Hatch(right, area.top(), area.right() - right, area.height()));
        }
    }

    /** A title along an edge, cut short where it is longer than the edge. */
    void title(List<Mark> ground, double x, double y, String text, boolean upward) {
        int room = (int) Math.max(MIN_LETTERS, (upward ? height : width) / (size(TITLE_SIZE) * LETTER));
        String shown = text.length() <= room ? text : text.substring(0, room - 1) + "\u2026";
        ground.add(new Mark.Label(x, y, shown, Face.TEXT, size(TITLE_SIZE), Ink.INK, Anchor.MIDDLE, upward));
    }

    void tick(List<Mark> ground, double x, double y, String text, Anchor anchor) {
        ground.add(new Mark.Label(x, y, text, Face.FIGURES, size(TICK_SIZE), Ink.MUTED, anchor, false));
    }

    /** A text over as few lines of the plot's width as it takes, at most so many: what does not go into them is left out. */
    List<String> wrapped(String text, double letters, int most) {
        int room = (int) Math.max(MIN_LETTERS, (width - LEFT * Math.sqrt(type) - RIGHT) / (size(letters) * LETTER));
        List<String> lines = new ArrayList<>();
        String rest = text;
        while (!rest.isEmpty() && lines.size() < most) {
            int end = rest.length() <= room ? rest.length() : rest.lastIndexOf(' ', room);
            end = end <= 0 ? Math.min(room, rest.length()) : end;
            lines.add(rest.substring(0, end));
            rest = rest.substring(end).strip();
        }
        if (!rest.isEmpty()) {
            lines.set(most - 1, lines.getLast().substring(0, Math.min(lines.getLast().length(), room - 1)) + "\u2026");
        }
        return lines;
    }

    /** The message of an empty plot, over as many lines as it has. */
    void notice(List<Mark> ground, Area area, String text) {
        List<String> lines = Stream.of(text.split("\n"))
                .flatMap(line -> wrapped(line, NOTICE_SIZE, MOST_NOTICE_LINES).stream()).toList();
        double leading = size(20);
        double y = area.top() + area.height() / 2 - leading * (lines.size() - 1) / 2 + size(4);
        for (String line : lines) {
            ground.add(new Mark.Label(area.left() + area.width() / 2, y, line, Face.TEXT, size(NOTICE_SIZE), Ink.MUTED,
                    Anchor.MIDDLE, false));
            y += leading;
        }
    }
}
