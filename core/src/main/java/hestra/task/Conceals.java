package hestra.task;

import java.util.Set;

/** A task that would be given away by something of the part, which is not shown before it is done. */
public sealed interface Conceals permits ByEye, ChooseRoles, FindPoint, FindSlip, MatchPlot, Conceals.None {

    /** Whether what looks wrong in the table may not be pointed out until it is done. */
    default boolean hidesSuspicions() {
        return false;
    }

    /**
     * Whether the part's plot is drawn only once the student has said which variable explains: drawn before, it would say so
     * itself.
     */
    default boolean drawsByRoles() {
        return false;
    }

    /** Whether the part's plot is not shown before it is done. */
    default boolean hidesPlot() {
        return false;
    }

    /** The aids that are closed before it is done, whatever else opens them. */
    default Set<Aid> hides() {
        return Set.of();
    }

    /** The aids that are open while a round that has been checked lasts: what the answer is then seen beside. */
    default Set<Aid> revealed() {
        return Set.of();
    }

    /** The aids that together show what it asks to be found by eye; none where it asks for nothing of that kind. */
    default Set<Aid> shownBy() {
        return Set.of();
    }

    /** Whether the answer can be read off a plot of the true data in which these aids are drawn. */
    default boolean isToldByPlotWith(Set<Aid> drawn) {
        return hidesPlot() || drawsByRoles() || hides().stream().anyMatch(drawn::contains)
                || !shownBy().isEmpty() && drawn.containsAll(shownBy());
    }

    /** What a task is in this respect: of the other kinds, nothing. */
    static Conceals of(Task task) {
        return task instanceof Conceals it ? it : None.OF_THIS;
    }

    /** Nothing is concealed. */
    enum None implements Conceals {
        OF_THIS
    }
}
