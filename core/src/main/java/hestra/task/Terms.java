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
 * @param scoring what it is worth, and which answer counts
 * @param telling what the student is told, and when
 * @param opened what it opens, and when
 * @param printed how it stands on paper
 */
public record Terms(String id, String title, String prompt, Scoring scoring, Telling telling, Opened opened,
        Printed printed) {

    public static final int MOST_MARKS = 100;
    public static final int MOST_TRIES = 20;

    public Terms {
        if (id.isBlank()) {
            throw new IllegalArgumentException("a task without an id");
        }
    }

    /**
     * What a task is worth, and which answer counts.
     *
     * @param marks 0 to 100
     * @param tries how often it may be checked, up to 20; 0 for as often as one likes
     * @param counting which of several answers counts
     * @param playing whether it may be played again with new data
     */
    public record Scoring(int marks, int tries, Counting counting, Playing playing) {
        public Scoring {
            if (marks < 0 || marks > MOST_MARKS || tries < 0 || tries > MOST_TRIES) {
                throw new IllegalArgumentException("marks " + marks + ", tries " + tries);
            }
        }
    }

    /**
     * What the student is told, and when.
     *
     * @param verdict when the verdict is seen
     * @param hint said after a wrong answer that no rule recognises; may be empty
     * @param afterwards what is told after the last try, where that was not right
     * @param hints helps that the student may ask for, one after the other; nothing for none
     * @param why a sentence of the author's on why it is so, told once the task is solved or its answer is told; may be nothing
     */
    public record Telling(Showing verdict, String hint, Afterwards afterwards, Optional<List<Hint>> hints,
            Optional<String> why) {
        public Telling {
            hints = hints.filter(it -> !it.isEmpty()).map(List::copyOf);
            why = why.filter(it -> !it.isBlank());
        }
    }

    /**
     * What a task opens.
     *
     * @param aids the aids that are opened
     * @param when when they are
     */
    public record Opened(Set<Aid> aids, Opening when) {
        public Opened {
            aids = Set.copyOf(aids);
        }
    }

    /**
     * How a task stands on paper.
     *
     * @param prompt what is asked there, in the place of its prompt; nothing for the same
     * @param leftOut whether a handout leaves it out
     */
    public record Printed(Optional<String> prompt, boolean leftOut) {

        /** On paper as on the screen. */
        public static final Printed USUAL = new Printed(Optional.empty(), false);

        public Printed {
            prompt = prompt.filter(it -> !it.isBlank());
        }
    }

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

    /** Terms with the usual settings: verdict at once, three tries, opens nothing; the answer is told after the last try. */
    public static Terms of(String id, String title, String prompt, int marks) {
        return new Terms(id, title, prompt, new Scoring(marks, 3, Counting.BEST, Playing.ONCE),
                new Telling(Showing.AT_ONCE, "", Afterwards.ANSWER, Optional.empty(), Optional.empty()),
                new Opened(Set.of(), Opening.DONE), Printed.USUAL);
    }

    public int marks() {
        return scoring.marks;
    }

    public int tries() {
        return scoring.tries;
    }

    public Counting counting() {
        return scoring.counting;
    }

    public Playing playing() {
        return scoring.playing;
    }

    public Showing verdict() {
        return telling.verdict;
    }

    public String hint() {
        return telling.hint;
    }

    /** Why it is so, as the author says it once the task is solved; empty where nothing is said. */
    public String why() {
        return telling.why.orElse("");
    }

    public Afterwards afterwards() {
        return telling.afterwards;
    }

    public Set<Aid> opens() {
        return opened.aids;
    }

    public Opening opening() {
        return opened.when;
    }

    /** Helps that the student may ask for, one after the other. */
    public List<Hint> helps() {
        return telling.hints.orElse(List.of());
    }

    /** What so many of the helps cost together. */
    public double costOf(int taken) {
        return helps().stream().limit(Math.max(0, taken)).mapToDouble(Hint::cost).sum();
    }

    /** Whether a student may be told the verdict on a task that is done, or is not, before the work is handed in. */
    public boolean isTold(boolean done) {
        return verdict() == Showing.AT_ONCE || verdict() == Showing.AFTER_LAST_TRY && done;
    }

    /**
     * The terms as a student's copy has them: what is said with a verdict is not there where no verdict is told before handing
     * in.
     */
    public Terms bare() {
        return isTold(true) ? this : withHint("").withWhy("");
    }

    private Terms with(Scoring other) {
        return new Terms(id, title, prompt, other, telling, opened, printed);
    }

    private Terms with(Telling other) {
        return new Terms(id, title, prompt, scoring, other, opened, printed);
    }

    /** The same of another task. */
    public Terms withId(String other) {
        return new Terms(other, title, prompt, scoring, telling, opened, printed);
    }

    public Terms withTitle(String text) {
        return new Terms(id, text, prompt, scoring, telling, opened, printed);
    }

    public Terms withPrompt(String text) {
        return new Terms(id, title, text, scoring, telling, opened, printed);
    }

    public Terms withMarks(int count) {
        return with(new Scoring(count, tries(), counting(), playing()));
    }

    public Terms withTries(int count) {
        return with(new Scoring(marks(), count, counting(), playing()));
    }

    public Terms withCounting(Counting which) {
        return with(new Scoring(marks(), tries(), which, playing()));
    }

    public Terms withPlaying(Playing how) {
        return with(new Scoring(marks(), tries(), counting(), how));
    }

    public Terms withVerdict(Showing when) {
        return with(new Telling(when, hint(), afterwards(), telling.hints, telling.why));
    }

    public Terms withHint(String text) {
        return with(new Telling(verdict(), text, afterwards(), telling.hints, telling.why));
    }

    public Terms withAfterwards(Afterwards what) {
        return with(new Telling(verdict(), hint(), what, telling.hints, telling.why));
    }

    public Terms withHelps(List<Hint> helps) {
        return with(new Telling(verdict(), hint(), afterwards(), Optional.of(helps), telling.why));
    }

    public Terms withWhy(String text) {
        return with(new Telling(verdict(), hint(), afterwards(), telling.hints, Optional.of(text)));
    }

    public Terms opening(Set<Aid> aids) {
        return new Terms(id, title, prompt, scoring, telling, new Opened(aids, opening()), printed);
    }

    public Terms opening(Opening when) {
        return new Terms(id, title, prompt, scoring, telling, new Opened(opens(), when), printed);
    }

    /** What is asked on paper. */
    public String paperPrompt() {
        return printed.prompt.orElse(prompt);
    }

    /** With what is asked on paper; as on the screen where that is empty. */
    public Terms onPaper(String text) {
        return new Terms(id, title, prompt, scoring, telling, opened, new Printed(Optional.of(text), printed.leftOut));
    }

    /** Left out of handouts, or not. */
    public Terms leftOutOnPaper(boolean out) {
        return new Terms(id, title, prompt, scoring, telling, opened, new Printed(printed.prompt, out));
    }
}
