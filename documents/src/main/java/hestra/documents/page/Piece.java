package hestra.documents.page;

import java.util.List;
import java.util.Optional;

import hestra.feedback.Outcome;
import hestra.figure.Figure;
import hestra.figure.Layout;
import hestra.fit.Equation;
import hestra.task.OnPaper;
import hestra.tracing.Picture;

/** One thing on a page, whatever the page is written as. */
public sealed interface Piece {

    /** A heading; level 2 stands under the page's title. */
    record Heading(int level, String text) implements Piece {}

    /** Text in light mark-up, see {@link Prose}. */
    record Text(String markup) implements Piece {}

    /** Describes a figure at a size. */
    @FunctionalInterface
    interface Drawing {
        Figure at(Layout layout);
    }

    /**
     * A plot.
     *
     * @param ratio its height as a share of its width
     * @param share its width as a share of the text's
     * @param give by how much it may be made lower or higher to fill pages, as a share of its height
     * @param label "Figure 2"; may be empty
     * @param caption what it shows; may be empty
     * @param alternative the same for those who cannot see it, never empty
     */
    record Plot(Drawing drawing, double ratio, double share, double give, String label, String caption, String alternative)
            implements Piece {

        private static final double USUAL_GIVE = 0.4;

        /** One as wide as the text. */
        public Plot(Drawing drawing, double ratio, String label, String caption, String alternative) {
            this(drawing, ratio, 1, USUAL_GIVE, label, caption, alternative);
        }

        /** The same, as high as so many widths of it. */
        Plot withRatio(double other) {
            return new Plot(drawing, other, share, give, label, caption, alternative);
        }

        /** The same, so wide. */
        Plot withShare(double other) {
            return new Plot(drawing, ratio, other, give, label, caption, alternative);
        }

        /** The same, made lower or higher by no more than this share of its height. */
        Plot withGive(double most) {
            return new Plot(drawing, ratio, share, most, label, caption, alternative);
        }
    }

    /** Several small plots side by side under one caption. */
    record Plots(List<Plot> plots, String label, String caption) implements Piece {
        public Plots {
            plots = List.copyOf(plots);
        }
    }

    /** A picture that was laid in. */
    record Image(Picture picture, String caption, String alternative) implements Piece {}

    /**
     * A table. Columns of numbers are lined up by their decimal marks.
     *
     * @param label "Table 1"; may be empty
     * @param caption stands with it; may be empty
     * @param headings one for each column
     * @param lines the cells of each line
     */
    record Table(String label, String caption, List<String> headings, List<Line> lines) implements Piece {
        public Table {
            headings = List.copyOf(headings);
            lines = List.copyOf(lines);
        }

        /** Which columns are of numbers, and are set to the right. */
        public List<Boolean> numbers() {
            return Aligned.Columns.of(this).numbers();
        }

        /** A line of a table; struck out where it takes no part, with the reason in its last cell. */
        public record Line(List<String> cells, boolean struckOut) {
            public Line {
                cells = List.copyOf(cells);
            }

            static Line of(String... cells) {
                return new Line(List.of(cells), false);
            }
        }
    }

    /** An equation on a line of its own, with what is said of it after it. */
    record Set(Equation equation, String after) implements Piece {}

    /** A formula on a line of its own, in plain text. */
    record Formula(String text) implements Piece {}

    /** Numbers with their names, under a title. */
    record Values(String title, List<Value> values) implements Piece {
        public Values {
            values = List.copyOf(values);
        }

        /** "r" and "0.934". */
        public record Value(String name, String value) {}
    }

    /**
     * A task with what was answered.
     *
     * @param number of the task, from 1
     * @param prompt in light mark-up
     * @param answer what was answered, line by line
     * @param outcome how it was judged; nothing while that is not told
     * @param verdict what was said of it; empty while that is not told
     * @param marks "2 of 3 marks"; empty while that is not told
     * @param comments what a marker says of it
     * @param key what would have been right; empty where that is not told
     * @param why why it is so, in light mark-up; empty where that is not told
     */
    record Answered(int number, String title, String prompt, List<String> answer, Optional<Outcome> outcome, String verdict,
            String marks, List<String> comments, String key, String why) implements Piece {
        public Answered {
            answer = List.copyOf(answer);
            comments = List.copyOf(comments);
        }

        /** An answer that nobody has marked yet. */
        public Answered(int number, String title, String prompt, List<String> answer, Optional<Outcome> outcome, String verdict,
                String marks) {
            this(number, title, prompt, answer, outcome, verdict, marks, List.of(), "", "");
        }
    }

    /**
     * What is asked by a task.
     *
     * @param number of the task, from 1
     * @param terms "1 decimal place \u00b7 2 marks"; may be empty
     * @param prompt in light mark-up
     */
    record TaskHead(int number, String title, String terms, String prompt) implements Piece {}

    /**
     * Room for the answer to a task, or the answer itself in a second ink.
     *
     * @param form what is printed; choices in the order in which they are printed
     * @param answered whether the answers are written in
     */
    record Form(OnPaper form, boolean answered) implements Piece {}

    /**
     * Data in tables beside one another, and a plot beside them.
     *
     * @param columns the tables
     * @param beside what stands beside them; nothing for nothing
     * @param note stands below; may be empty
     */
    record Beside(List<Table> columns, Optional<Plot> beside, String note) implements Piece {
        public Beside {
            columns = List.copyOf(columns);
        }
    }

    /**
     * Pieces beside one another.
     *
     * @param share the width of what stands on the left, as a share of the text's
     */
    record SideBySide(List<Piece> left, List<Piece> right, double share) implements Piece {
        public SideBySide {
            left = List.copyOf(left);
            right = List.copyOf(right);
        }
    }

    /** What stays on one page where there is room for it. */
    record Together(List<Piece> pieces) implements Piece {
        public Together {
            pieces = List.copyOf(pieces);
        }
    }

    /** A right answer, in the second ink. */
    record Written(String text) implements Piece {}

    /** A remark in small type. */
    record Remark(String text) implements Piece {}

    /** What a marker says of the whole. */
    record Comment(String text) implements Piece {}

    /** Room for somebody to write into by hand, under a title. */
    record Room(String title) implements Piece {}
}
