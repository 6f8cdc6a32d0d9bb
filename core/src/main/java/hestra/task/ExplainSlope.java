package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.feedback.SlopeSentence;
import hestra.feedback.Verdict;
import hestra.fit.Fit;

/** The student explains the slope in a sentence. */
public record ExplainSlope(Terms terms) implements Task {

    static final Kind KIND = new Kind("explain-slope", "Explain the slope", ExplainSlope.class, (id, _) -> new ExplainSlope(
            Terms.of(id, "Say it in words", "What does the slope mean here?", 3)));

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new ExplainSlope(other);
    }

    @Override
    public Set<Aid> needs() {
        return Set.of(Aid.EQUATION);
    }

    @Override
    public Answer standing(Bench bench) {
        return bench.draft(this, new Answer.Sentence(""));
    }

    @Override
    public boolean takes(Answer answer) {
        return answer instanceof Answer.Sentence;
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        return answer.as(Answer.Sentence.class).isBlank() ? Optional.of("Write a sentence first.") : Optional.empty();
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        String sentence = attempt.answer().as(Answer.Sentence.class).text();
        return truth.evidence().fit().line()
                .map(line -> SlopeSentence.about(truth.x(), truth.y(), line.slope().value(), truth.mark()).judge(sentence, terms.marks()))
                .orElseGet(() -> Verdict.wrong("The data give no line, so there is no slope to explain."));
    }

    @Override
    public Key key(Truth truth) {
        return truth.evidence().fit() instanceof Fit.None(String reason) ? Key.missing(reason) : Key.of("6 checks, the rest by you");
    }

    /** There is more than one good sentence. */
    @Override
    public String rightAnswer(Truth truth) {
        return "";
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        return List.of(answer.as(Answer.Sentence.class).text());
    }
}
