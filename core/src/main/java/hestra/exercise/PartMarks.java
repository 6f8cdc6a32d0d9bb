package hestra.exercise;

import hestra.feedback.Verdict;

/** To what the marks of an answer are rounded that is right in part. */
public enum PartMarks {
    WHOLE(1, "whole marks"),
    HALVES(2, "halves"),
    QUARTERS(4, "quarters"),
    TENTHS(10, "tenths");

    /** A half, and what shares such as a third of three can be off by. */
    private static final double HALF = 0.5 + 1e-9;

    /** How many make a mark. */
    private final int steps;
    private final String words;

    PartMarks(int steps, String words) {
        this.steps = steps;
        this.words = words;
    }

    public String inWords() {
        return words;
    }

    /**
     * A verdict with its marks rounded, halves up: the one place where that is done. An answer that is not right does not come to
     * all marks by it.
     *
     * @param most the task's marks
     */
    Verdict rounded(Verdict verdict, int most) {
        double marks = Math.floor(verdict.earned() * steps + HALF) / steps;
        return verdict.earning(!verdict.isRight() && marks >= most ? Math.max(0, (most * steps - 1.0) / steps) : marks);
    }
}
