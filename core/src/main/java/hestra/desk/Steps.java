package hestra.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How work came about: every edit since the exercise was opened, with what was typed letter by letter in one step. Grows as work
 * goes on; used by one thread at a time.
 */
public final class Steps {

    /** The most that are kept. Of longer work nothing is kept: without its beginning it could not be gone through. */
    public static final int MOST = 20_000;

    /** A longer time without a step is a pause. */
    public static final long PAUSE_SECONDS = 300;

    private final List<Step> steps = new ArrayList<>();
    private boolean whole = true;

    /** None so far. */
    public Steps() {}

    /**
     * Takes down what was done. An edit of the author's makes another exercise of it, so that its steps are no longer a
     * student's.
     */
    public void add(Step step) {
        if (!whole) {
            return;
        }
        if (isAuthors(step.edit()) || steps.size() >= MOST) {
            whole = false;
            steps.clear();
            return;
        }
        Optional<Step> joined = steps.isEmpty() ? Optional.empty() : steps.getLast().joined(step);
        joined.ifPresentOrElse(it -> steps.set(steps.size() - 1, it), () -> steps.add(step));
    }

    private static boolean isAuthors(Edit edit) {
        return switch (edit) {
            case ExerciseEdit _, PartEdit _ -> true;
            case Edit.InPart(String _, Edit.Local local) -> isAuthors(local);
            case Edit.Pasted(long _, Edit.Lasting pasted) -> isAuthors(pasted);
            default -> false;
        };
    }

    /** The steps so far, oldest first; none where work is not whole. */
    public List<Step> all() {
        return List.copyOf(steps);
    }

    /** How many seconds somebody worked: the time between steps, without pauses. */
    public static long worked(List<Step> steps) {
        long worked = 0;
        for (int i = 1; i < steps.size(); i++) {
            long between = steps.get(i).at() - steps.get(i - 1).at();
            worked += between > 0 && between <= PAUSE_SECONDS ? between : 0;
        }
        return worked;
    }
}
