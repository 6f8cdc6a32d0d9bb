package hestra.task;

/** Where a task is answered: that place is lit up while the task is in hand. */
public enum AnswerPlace {
    SHEET,
    TABLE,
    PLOT,
    CALCULATION
}
