package hestra.feedback;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

import hestra.sentences.Aspect;
import hestra.sentences.Facts;
import hestra.sentences.Passage;
import hestra.sentences.Rubric;
import hestra.sentences.Said;
import hestra.sentences.Topic;
import hestra.sentences.WordList;

/**
 * Judges a sentence by what can be decided for sure: the student is told what is missing, never that the sentence is bad. What a
 * careful marker could dispute is left to the marker.
 *
 * @param about what it is about
 * @param facts what is true of that
 * @param topic the two variables
 * @param words the words of the language
 * @param off what is not looked at
 * @param leaves the share of the marks, 0 to 1, that a sentence with a misconception can earn at most
 */
public record SentenceJudge(Aspect.About about, Facts facts, Topic topic, WordList words, Set<Aspect> off, double leaves) {

    /** What a misconception leaves where nobody says otherwise: half of the marks. */
    public static final double HALF = 0.5;

    /** The longest text that is read word by word. */
    private static final int LONGEST = 4000;

    public SentenceJudge {
        off = Set.copyOf(off);
    }

    /** The verdict on a text. */
    public Verdict judge(String text, int marks) {
        if (text.isBlank()) {
            return Verdict.wrong("Write a sentence.");
        }
        List<Rubric.Finding> findings = Rubric.findings(about, said(text), facts, off);
        List<Verdict.Part> parts = new ArrayList<>();
        List<String> missing = new ArrayList<>();
        for (Rubric.Finding finding : findings) {
            boolean found = finding.found() == Rubric.Found.YES;
            parts.add(new Verdict.Part(finding.aspect().inWords(), found ? Outcome.RIGHT : Outcome.WRONG,
                    found ? "" : finding.todo()));
            if (!found) {
                missing.add(finding.todo());
            }
        }
        String message = missing.isEmpty() ? "Everything that can be checked is there. Your instructor reads it too."
                : (parts.size() - missing.size()) + " of " + parts.size() + " found. Still to do: " + String.join("; ", missing)
                + ".";
        List<Mistake> mistakes = findings.stream().filter(it -> it.found() == Rubric.Found.NO)
                .flatMap(it -> mistake(it.aspect())).toList();
        Verdict verdict = Verdict.ofParts(marks, parts, message).recognising(mistakes);
        boolean misconception = findings.stream().anyMatch(Rubric.Finding::misconception);
        return misconception && verdict.earned() > leaves * marks ? verdict.earning(leaves * marks) : verdict;
    }

    /** The passages of a text by which something was found in it, for those who read it after the program. */
    public List<Passage> passages(String text) {
        return text.isBlank() ? List.of() : Rubric.passages(about, said(text), facts, off);
    }

    private Said said(String text) {
        return Said.of(text.substring(0, Math.min(text.length(), LONGEST)), topic, words);
    }

    private Stream<Mistake> mistake(Aspect aspect) {
        return switch (aspect) {
            case NO_CAUSE -> Stream.of(Mistake.CAUSE_CLAIMED);
            case WAY_ROUND -> Stream.of(Mistake.EXPLAINED_WRONG_WAY);
            case NOT_OF_POINTS, NOT_ACCURACY -> Stream.of(Mistake.R_SQUARED_AS_ACCURACY);
            case NOT_OF_NONE -> Stream.of(Mistake.P_AS_CHANCE_OF_NONE);
            case DECISION_WAY -> Stream.of(Mistake.DECISION_REVERSED);
            case MEANING -> Stream.of(Mistake.INTERCEPT_FAR_OUTSIDE);
            default -> Stream.of();
        };
    }
}
