package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.feedback.NumberCriteria;
import hestra.feedback.NumberJudge;
import hestra.feedback.Sought;
import hestra.feedback.Verdict;
import hestra.numbers.NumberReading;
import hestra.numbers.Rounding;

/**
 * The student answers a question of the author's with a number that the author gives.
 *
 * @param key the number; finite
 * @param rounding how it is to be rounded
 * @param unit what it is measured in; may be empty
 */
public record NumberQuestion(Terms terms, double key, Rounding rounding, String unit)
        implements ByTyping, AsksNumbers, SetByHand {

    static final Kind KIND = new Kind("number-question", "Question: a number", Kind.Group.NUMBERS, NumberQuestion.class,
            (id, truth) -> new NumberQuestion(
            Terms.of(id, "A question", "How many pairs are there?", 1), truth.pairs().n(), new Rounding.Free(), ""));

    public NumberQuestion {
        if (!Double.isFinite(key)) {
            throw new IllegalArgumentException("key " + key);
        }
    }

    private Sought sought() {
        return new Sought.Given(key, unit);
    }

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new NumberQuestion(other, key, rounding, unit);
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        return NumberAnswer.unfinished(answer.as(Answer.Typed.class).text(), truth, sought(), rounding, "Type a number first.");
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        return NumberAnswer.judge(attempt, truth, sought(), NumberCriteria.How.rounded(rounding), terms.marks(),
                "This is not the number that is asked for.", "");
    }

    @Override
    public Task rounded(Rounding other) {
        return new NumberQuestion(terms, key, other, unit);
    }

    @Override
    public List<NumberJudge> numbers(Truth truth) {
        return List.of(new NumberJudge(truth.asked(sought(), NumberCriteria.How.rounded(rounding))));
    }

    @Override
    public Key key(Truth truth) {
        return Key.of(truth.style().show(key, rounding) + (unit.isEmpty() ? "" : " " + unit))
                .recognising(NumberAnswer.recognised(truth, sought(), rounding));
    }

    @Override
    public Optional<Sealing> sealing(Truth truth) {
        return Optional.of(new Sealing(new NumberQuestion(terms, 0, rounding, unit),
                List.of(new Sealing.Piece("", Set.of(written(key))))));
    }

    @Override
    public List<String> pieces(Answer answer, Truth truth) {
        return NumberReading.ofAnswer(answer.as(Answer.Typed.class).text(), truth.mark()) instanceof NumberReading.Value typed
                ? List.of(written(typed.value())) : List.of();
    }

    private String written(double value) {
        return rounding.apply(value).stripTrailingZeros().toPlainString();
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        return List.of(new OnPaper.Blank("", unit, truth.style().show(key, rounding)));
    }

    @Override
    public boolean hasFixedNumber() {
        return true;
    }
}
