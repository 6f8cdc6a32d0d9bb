package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What every task has, whatever it asks.
 *
 * @param id stays the same when tasks are reordered; unique in the exercise
 * @param title short, for the sheet's margin, such as "Read the slope"
 * @param prompt what is asked, in light mark-up; may hold live values such as {x} and {n}
 * @param marks 0 to 100
 * @param tries how often it may be checked; 0 for as often as one likes
 * @param opens the aids that are opened when this is done
 * @param hint said after a wrong answer that no rule recognises; may be empty
 * @param verdict when the student sees the verdict
 * @param opening when it opens what it opens
 * @param afterwards what the student is told after the last try, where that was not right
 * @param playing whether it may be played again with new data
 * @param counting which of several answers counts
 * @param hints helps that the student may ask for, one after the other; nothing for none
 */
public record Terms(
        String id, String title, String prompt, int marks, int tries, Set<Aid> opens, String hint, Showing verdict,
                Opening opening, Afterwards afterwards,
        Playing playing, Counting counting, Optional<List<Hint>> hints) {

    /** When a task opens what it opens. */
    public enum Opening {
        RIGHT("when right"),
        DONE("or out of tries"),
        GIVEN("any answer");

        private final String words;

        Opening(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }
    }

    /** What a student is told after the last try, besides that it was not right. */
    public enum Afterwards {
        ANSWER("the answer"),
        HINT("a hint"),
        NOTHING("nothing");

        private final String words;

        Afterwards(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }
    }

    /** Whether a task may be played again, round after round. */
    public enum Playing {
        ONCE("these alone"),
        NEW_DATA("new data each round");

        private final String words;

        Playing(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }
    }

    /** Which of several answers counts. */
    public enum Counting {
        BEST("the best"),
        LAST("the last");

        private final String words;

        Counting(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }
    }

    /** When a verdict is shown. */
    public enum Showing {
        AT_ONCE("at once"),
        AFTER_LAST_TRY("after the last try"),
        AFTER_HANDING_IN("after handing in"),
        AFTER_MARKING("after marking");

        private final String words;

        Showing(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }
    }

    /** Whether a student may be told the verdict on a task that is done, or is not, before the work is handed in. */
    public boolean isTold(boolean done) {
        return verdict == Showing.AT_ONCE || verdict == Showing.AFTER_LAST_TRY && done;
    }

    /**
     * The terms as a student's copy has them: a hint that is said with a verdict is not there where no verdict is told before
     * handing in.
     */
    public Terms bare() {
        return isTold(true) ? this : withHint("");
    }

    public static final int MOST_MARKS = 100;
    public static final int MOST_TRIES = 20;

    public Terms {
        opens = Set.copyOf(opens);
        hints = hints.filter(it -> !it.isEmpty()).map(List::copyOf);
        if (id.isBlank()) {
            throw new IllegalArgumentException("a task without an id");
        }
        if (marks < 0 || marks > MOST_MARKS || tries < 0 || tries > MOST_TRIES) {
            throw new IllegalArgumentException("marks " + marks + ", tries " + tries);
        }
    }

    /** Terms with the usual settings: verdict at once, three tries, opens nothing; the answer is told after the last try. */
    public static Terms of(String id, String title, String prompt, int marks) {
        return new Terms(id, title, prompt, marks, 3, Set.of(), "", Showing.AT_ONCE, Opening.DONE, Afterwards.ANSWER,
                Playing.ONCE, Counting.BEST, Optional.empty());
    }

    /** Helps that the student may ask for, one after the other. */
    public List<Hint> helps() {
        return hints.orElse(List.of());
    }

    /** What so many of the helps cost together. */
    public double costOf(int taken) {
        return helps().stream().limit(Math.max(0, taken)).mapToDouble(Hint::cost).sum();
    }

    public Terms withHelps(List<Hint> helps) {
        return new Terms(id, title, prompt, marks, tries, opens, hint, verdict, opening, afterwards, playing, counting,
                Optional.of(helps));
    }

    /** The same of another task. */
    public Terms withId(String other) {
        return new Terms(other, title, prompt, marks, tries, opens, hint, verdict, opening, afterwards, playing, counting, hints);
    }

    public Terms withTitle(String text) {
        return new Terms(id, text, prompt, marks, tries, opens, hint, verdict, opening, afterwards, playing, counting, hints);
    }

    public Terms withPrompt(String text) {
        return new Terms(id, title, text, marks, tries, opens, hint, verdict, opening, afterwards, playing, counting, hints);
    }

    public Terms withMarks(int count) {
        return new Terms(id, title, prompt, count, tries, opens, hint, verdict, opening, afterwards, playing, counting, hints);
    }

    public Terms withTries(int count) {
        return new Terms(id, title, prompt, marks, count, opens, hint, verdict, opening, afterwards, playing, counting, hints);
    }

    public Terms withHint(String text) {
        return new Terms(id, title, prompt, marks, tries, opens, text, verdict, opening, afterwards, playing, counting, hints);
    }

    public Terms withVerdict(Showing when) {
        return new Terms(id, title, prompt, marks, tries, opens, hint, when, opening, afterwards, playing, counting, hints);
    }

    public Terms opening(Set<Aid> aids) {
        return new Terms(id, title, prompt, marks, tries, aids, hint, verdict, opening, afterwards, playing, counting, hints);
    }

    public Terms opening(Opening when) {
        return new Terms(id, title, prompt, marks, tries, opens, hint, verdict, when, afterwards, playing, counting, hints);
    }

    public Terms withAfterwards(Afterwards what) {
        return new Terms(id, title, prompt, marks, tries, opens, hint, verdict, opening, what, playing, counting, hints);
    }

    public Terms withPlaying(Playing how) {
        return new Terms(id, title, prompt, marks, tries, opens, hint, verdict, opening, afterwards, how, counting, hints);
    }

    public Terms withCounting(Counting which) {
        return new Terms(id, title, prompt, marks, tries, opens, hint, verdict, opening, afterwards, playing, which, hints);
    }
}
