package hestra.task;

import java.util.List;

/** How a task is answered on paper: what is printed below its prompt, to be written into or ticked. */
public sealed interface OnPaper {

    /** Lines to write on. */
    record Lines(int count) implements OnPaper {}

    /**
     * A short line for a number or a word.
     *
     * @param before what stands before it; may be empty
     * @param after what stands behind it, such as a unit; may be empty
     * @param wide whether it is as wide as the page, for an equation
     */
    record Blank(String before, String after, boolean wide) implements OnPaper {
        /** A short one. */
        public Blank(String before, String after) {
            this(before, after, false);
        }
    }

    /** Choices to tick. */
    record Choices(ChoiceRow row) implements OnPaper {}

    /**
     * A table to fill in.
     *
     * @param headings of its columns, the first above the names of the lines
     * @param lines the names of the lines
     */
    record Grid(List<String> headings, List<String> lines) implements OnPaper {
        public Grid {
            headings = List.copyOf(headings);
            lines = List.copyOf(lines);
        }
    }

    /** A sentence with gaps. */
    record Gaps(SentenceFrame frame) implements OnPaper {}

    /** It is drawn on the axes beside the data. */
    record OnTheAxes() implements OnPaper {}

    /** It can only be done in the program. */
    record InTheProgram() implements OnPaper {}
}
