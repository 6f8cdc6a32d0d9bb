package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.figure.SmallPlot;

/**
 * How a task is answered on paper: what is printed below its prompt, to be written into or ticked. Each form knows what is right,
 * for the key; a handout leaves that out.
 */
public sealed interface OnPaper {

    /**
     * Lines to write on.
     *
     * @param model what a good answer is like, or what is looked for; may be empty
     */
    record Lines(int count, String model) implements OnPaper {}

    /**
     * A line for a number, a word or an equation.
     *
     * @param before what stands before it; may be empty
     * @param after what stands behind it, such as a unit; may be empty
     * @param wide whether it is as wide as the page, for an equation
     * @param answer what is right; may be empty
     */
    record Blank(String before, String after, boolean wide, String answer) implements OnPaper {
        /** A short one. */
        public Blank(String before, String after, String answer) {
            this(before, after, false, answer);
        }
    }

    /**
     * Choices to tick.
     *
     * @param right the places of those that are right
     */
    record Choices(ChoiceRow row, Set<Integer> right) implements OnPaper {
        public Choices {
            right = Set.copyOf(right);
        }
    }

    /**
     * A table to fill in.
     *
     * @param title stands above it; may be empty
     * @param lines its cells, line by line
     */
    record Grid(String title, List<List<Cell>> lines) implements OnPaper {
        public Grid {
            lines = lines.stream().map(List::copyOf).toList();
        }
    }

    /**
     * A cell of a table.
     *
     * @param text what stands in it; what is right where it is to be filled in
     * @param sort what it is for
     */
    record Cell(String text, Sort sort) {

        /** What a cell is for. */
        public enum Sort {
            /** It names a line or a column. */
            HEADING,
            /** It is given. */
            GIVEN,
            /** It is to be filled in. */
            ASKED,
            /** There is none. */
            NONE
        }

        static Cell heading(String text) {
            return new Cell(text, Sort.HEADING);
        }

        static Cell given(String text) {
            return new Cell(text, Sort.GIVEN);
        }

        static Cell asked(String answer) {
            return new Cell(answer, Sort.ASKED);
        }
    }

    /**
     * A sentence with gaps.
     *
     * @param model the sentence as it may be; may be empty
     */
    record Gaps(SentenceFrame frame, String model) implements OnPaper {}

    /**
     * Axes to draw on.
     *
     * @param points whether the points stand there already
     * @param named whether the axes bear their names and numbers
     */
    record Axes(boolean points, boolean named) implements OnPaper {}

    /** The plot, its points numbered as the rows are. */
    record NumberedPoints() implements OnPaper {}

    /**
     * Small plots with letters.
     *
     * @param right the place of the right one; nothing where there is none
     */
    record LetteredPlots(List<SmallPlot> plots, Optional<Integer> right) implements OnPaper {
        public LetteredPlots {
            plots = List.copyOf(plots);
        }
    }

    /** The picture that the data are read off. */
    record ThePicture() implements OnPaper {}

    /** It can only be done in the program. */
    record InTheProgram() implements OnPaper {}

    /** Whether what a task is answered by can be done on paper. */
    static boolean isDoneOnPaper(List<OnPaper> forms) {
        return forms.stream().noneMatch(InTheProgram.class::isInstance);
    }
}
