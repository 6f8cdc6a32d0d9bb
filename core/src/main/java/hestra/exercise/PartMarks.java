package hestra.exercise;

import hestra.feedback.Verdict;

/** To what the marks of an answer are rounded that is right in part. */
public enum PartMarks {
    WHOLE(1, "whole marks"),
    HALVES(0.5, "halves"),
    QUARTERS(0.25, "quarters"),
    TENTHS(0.1, "tenths");

    /** A half, and what shares such as a third of three can be off by. */
    private static final double HALF = 0.5 + 1e-9;

    private final double step;
    private final String words;

    PartMarks(double step, String words) {
        this.step = step;
        this.words = words;
    }

    public String inWords() {
        return words;
    }

    /**
     * A verdict with its marks rounded, halves up: the one place where that is done. An answer that is not right does not come to all marks by it.
     *
     * @param most the task's marks
     */
    Verdict rounded(Verdict verdict, int most) {
        // Multiplied by how many steps make a mark, which is exact, where dividing by a tenth is not.
        double steps = Math.rint(1 / step);
        double marks = Math.floor(verdict.earned() * steps + HALF) / steps;
        return verdict.earning(!verdict.isRight() && marks >= most ? Math.max(0, (most * steps - 1) / steps) : marks);
    }
}
