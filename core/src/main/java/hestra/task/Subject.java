package hestra.task;

/** What of the plot an answer is about: a report shows that beside it. */
public enum Subject {
    NOTHING,
    POINTS,
    CURVE
}
