package hestra.task;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.numbers.Counted;

/**
 * The student writes a section of a report on the sheet of the part: text, and figures kept of the plot. That the figures are
 * there and show what was asked is looked at; the text is for a person to read.
 *
 * @param figures which figures are asked for
 * @param words how many words the text is to have at least
 */
public record WriteSection(Terms terms, Set<WantedFigure> figures, int words) implements Task, ReadByPerson, UsesCurve {

    public static final int MOST_WORDS = 2000;

    /** Room on paper: so many lines at the least, and so many words on a line written by hand. */
    private static final int LEAST_LINES = 4;
    private static final int WORDS_A_LINE = 8;

    static final Kind KIND = new Kind("write-section", "Write a section", Kind.Group.WORDS, WriteSection.class,
            (id, _) -> new WriteSection(
            Terms.of(id, "Write it up",
                    "Write a short report: what you asked, what you did, what came out, and how far it can be trusted. Keep "
                    + "the figures that it needs.", 6),
            EnumSet.of(WantedFigure.PLOT_WITH_LINE, WantedFigure.RESIDUALS), 40));

    public WriteSection {
        figures = figures.isEmpty() ? Set.of() : Set.copyOf(figures);
        if (words < 0 || words > MOST_WORDS) {
            throw new IllegalArgumentException(words + " words");
        }
    }

    public WriteSection with(Set<WantedFigure> wanted) {
        return new WriteSection(terms, wanted, words);
    }

    public WriteSection with(int leastWords) {
        return new WriteSection(terms, figures, leastWords);
    }

    /** The figures in the order in which they are listed. */
    private Stream<WantedFigure> wanted() {
        return Stream.of(WantedFigure.values()).filter(figures::contains);
    }

    @Override
    public boolean isReadByPerson() {
        return true;
    }

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new WriteSection(other, figures, words);
    }

    @Override
    public Set<Aid> needs() {
        Set<Aid> needs = EnumSet.noneOf(Aid.class);
        for (WantedFigure figure : figures) {
            switch (figure) {
                case PLOT_WITH_LINE -> needs.add(Aid.LINE);
                case PLOT_WITH_CURVE -> needs.add(Aid.CURVES);
                case PLOT_WITH_TRIAL -> needs.add(Aid.TRIAL);
                case RESIDUALS -> needs.add(Aid.RESIDUALS);
                case EQUATION, COEFFICIENTS -> needs.add(Aid.EQUATION);
                case READINGS -> needs.addAll(Set.of(Aid.R, Aid.R_SQUARED));
                case PREDICTIONS -> needs.add(Aid.PREDICTION);
                case PLOT_WITHOUT_CURVE, SUMMARY, CALCULATION, DATA -> { }
            }
        }
        return needs;
    }

    /** Its own figures are what it is about. */
    @Override
    public Subject subject() {
        return Subject.NOTHING;
    }

    @Override
    public boolean keepsSection() {
        return true;
    }

    @Override
    public Answer standing(Bench bench) {
        return bench.handiwork().section();
    }

    @Override
    public boolean takes(Answer answer) {
        return answer instanceof WrittenSection;
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        WrittenSection section = answer.as(WrittenSection.class);
        return section.isBlank()
                ? Optional.of("Write something first, or keep a figure: \u201cKeep plot\u201d puts the plot as it is now into "
                + "your section.") : Optional.empty();
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        WrittenSection section = attempt.answer().as(WrittenSection.class);
        List<Verdict.Part> parts = new ArrayList<>();
        List<String> missing = new ArrayList<>();
        wanted().forEach(figure -> {
            boolean kept = section.figures().stream().anyMatch(figure::isShownBy);
            parts.add(new Verdict.Part(figure.inWords(), kept ? Outcome.RIGHT : Outcome.WRONG,
                    kept ? "" : "This is not kept yet."));
            if (!kept) {
                missing.add("keep " + figure.inWords());
            }
        });
        if (words > 0) {
            int written = section.words();
            boolean enough = written >= words;
            parts.add(new Verdict.Part("text", enough ? Outcome.RIGHT : Outcome.WRONG,
                    enough ? "" : Counted.of(written, "word") + " of " + words));
            if (!enough) {
                missing.add("write at least " + Counted.of(words, "word") + " (there " + (written == 1 ? "is " : "are ") + written
                        + ")");
            }
        }
        if (parts.isEmpty()) {
            return Verdict.right(terms.marks(), "Written. Your instructor reads it and gives the marks.");
        }
        String message = missing.isEmpty()
                ? "All that was asked for is there. Your instructor reads it and gives the marks."
                : "Still to do: " + String.join("; ", missing) + ".";
        return Verdict.ofParts(terms.marks(), parts, message);
    }

    @Override
    public Key key(Truth truth) {
        List<String> asked = new ArrayList<>(wanted().map(WantedFigure::inWords).toList());
        if (words > 0) {
            asked.add("at least " + Counted.of(words, "word"));
        }
        return Key.of(asked.isEmpty() ? "read by you" : String.join("; ", asked) + "; the rest by you");
    }

    /** Nobody's text is the right one. */
    @Override
    public String rightAnswer(Truth truth) {
        return "";
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        WrittenSection section = answer.as(WrittenSection.class);
        String kept = section.figures().isEmpty()
                ? "no figures" : "kept: " + String.join("; ", section.figures().stream().map(KeptFigure::inWords).toList());
        return section.text().isBlank() ? List.of(kept) : List.of(section.text(), kept);
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        return List.of(new OnPaper.Lines(Math.max(LEAST_LINES, words / WORDS_A_LINE + 2), ""));
    }
}
