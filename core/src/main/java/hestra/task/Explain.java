package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;

import hestra.feedback.Quantity;
import hestra.feedback.Reading;
import hestra.feedback.SentenceJudge;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.fit.Fit;
import hestra.sentences.Aspect;
import hestra.sentences.Facts;
import hestra.sentences.Passage;
import hestra.sentences.Topic;

/**
 * The student explains a quantity in a sentence.
 *
 * @param how what is explained, and what is looked at; nothing for a slope, by all that is usually looked at
 */
public record Explain(Terms terms, Optional<Explaining> how)
        implements Task, AnsweredByText, Explains, ReadByPerson, RestsOnGiven, UsesCurve {

    private static final int LINES = 3;

    static final Kind KIND = new Kind("explain", "Explain in words", Kind.Group.WORDS, Explain.class,
            (id, _) -> new Explain(Terms.of(id, "Say it in words", "What does the slope mean here?", 3)));

    /** A slope is explained. */
    public Explain(Terms terms) {
        this(terms, Optional.empty());
    }

    /** What is explained, and how it is looked at. */
    public Explaining explaining() {
        return how.orElse(Explaining.SLOPE);
    }

    /** The same explained otherwise. */
    public Explain with(Explaining other) {
        return new Explain(terms, other.equals(Explaining.SLOPE) ? Optional.empty() : Optional.of(other));
    }

    @Override
    public Aspect.About explained() {
        return explaining().about();
    }

    @Override
    public List<String> lookedFor() {
        return Aspect.switchable(explaining().about()).stream().filter(it -> !explaining().off().contains(it))
                .map(Aspect::inWords).toList();
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
        return new Explain(other, how);
    }

    @Override
    public Set<Curve> curves() {
        return Set.of(explaining().ofCurve());
    }

    @Override
    public Set<Aid> needs() {
        Aid value = switch (explaining().about()) {
            case SLOPE, INTERCEPT, S, P -> Aid.EQUATION;
            case R -> Aid.R;
            case R_SQUARED -> Aid.R_SQUARED;
            case PREDICTION -> Aid.PREDICTION;
        };
        return explaining().curve().isEmpty() ? Set.of(value) : Set.of(value, Aid.CURVES);
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
    public Optional<Answer> typed(String text, Truth truth) {
        return Optional.of(new Answer.Sentence(text));
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        String text = answer.as(Answer.Sentence.class).text();
        if (explaining().gapped().isPresent() && !SentenceFrame.isWhole(text)) {
            return Optional.of("Fill in every gap first.");
        }
        return text.chars().anyMatch(Character::isLetter)
                ? Optional.empty()
                : Optional.of("Write a sentence first, in words: what does the " + explaining().about()
                        .inWords() + " say about " + truth.y().described() + "?");
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        String sentence = attempt.answer().as(Answer.Sentence.class).text();
        return judge(truth).map(it -> it.judge(sentence, terms.marks())).orElseGet(() -> Verdict
                .wrong("The data give no " + explaining().about().inWords() + ", so there is nothing to explain."));
    }

    @Override
    public List<Passage> passages(String sentence, Truth truth) {
        return judge(truth).map(it -> it.passages(sentence)).orElse(List.of());
    }

    /** Who judges sentences on these data; nothing where there is nothing to explain. */
    private Optional<SentenceJudge> judge(Truth truth) {
        OptionalDouble value = value(truth);
        if (value.isEmpty()) {
            return Optional.empty();
        }
        double at = explaining().about() == Aspect.About.PREDICTION ? place(truth) : 0;
        Topic topic = new Topic(truth.x(), truth.y(), explaining().xNames(), explaining().yNames(), truth.mark());
        Facts facts = new Facts(value.getAsDouble(), at, truth.evidence().supports(explaining().ofCurve(), at), others(truth));
        return Optional.of(new SentenceJudge(explaining().about(), facts, topic, explaining().list(), explaining().off(),
                explaining().leaves().orElse(SentenceJudge.HALF)));
    }

    /** The other numbers that such a sentence could be about. */
    private List<Facts.Other> others(Truth truth) {
        return Stream.of(Aspect.About.values()).filter(it -> it != explaining().about() && it != Aspect.About.PREDICTION)
                .flatMap(it -> value(it, truth).stream().mapToObj(value -> new Facts.Other("the " + it.inWords(), value)))
                .toList();
    }

    private OptionalDouble value(Truth truth) {
        return value(explaining().about(), truth);
    }

    private OptionalDouble value(Aspect.About about, Truth truth) {
        return switch (about) {
            case SLOPE -> truth.evidence().value(Quantity.SLOPE);
            case INTERCEPT -> truth.evidence().value(Quantity.INTERCEPT);
            case R -> truth.evidence().value(Quantity.R);
            case P -> truth.evidence().value(Quantity.SLOPE_P);
            case R_SQUARED -> truth.evidence().value(Reading.of(Quantity.R_SQUARED).of(explaining().ofCurve()));
            case S -> truth.evidence().value(Reading.of(Quantity.RESIDUAL_STANDARD_ERROR).of(explaining().ofCurve()));
            case PREDICTION -> truth.evidence().predicted(explaining().ofCurve(), place(truth));
        };
    }

    /** Where a prediction is explained: at the mean where no place is given. */
    private double place(Truth truth) {
        return explaining().at().orElse(truth.evidence().value(Quantity.MEAN_X).orElse(0));
    }

    @Override
    public Key key(Truth truth) {
        long checks = Aspect.switchable(explaining().about()).stream().filter(it -> !explaining().off().contains(it)).count();
        return value(truth).isEmpty()
                ? Key.missing(truth.evidence().fit(explaining().ofCurve()) instanceof Fit.None(String reason)
                        ? reason : "not defined for this data") : Key.of(checks + " checks, the rest by you");
    }

    /** There is more than one good sentence: the author's own, where there is one. */
    @Override
    public String rightAnswer(Truth truth) {
        return explaining().model();
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        return List.of(answer.as(Answer.Sentence.class).text().replaceAll("\\p{Cf}", ""));
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        String model = explaining().model();
        return List.of(explaining().frame().isBlank()
                ? new OnPaper.Lines(LINES, model) : new OnPaper.Gaps(SentenceFrame.of(explaining().frame()), model));
    }

    /** A model sentence is in a copy only where the student is shown it after the last try. */
    @Override
    public Task bare() {
        boolean shown = terms.isTold(true) && terms.afterwards() == Terms.Afterwards.ANSWER;
        return shown ? this : new Explain(terms.bare(), how.map(it -> it.withModel("")));
    }
}
