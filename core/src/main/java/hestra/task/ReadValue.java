package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

import hestra.feedback.Quantity;
import hestra.feedback.Sought;
import hestra.feedback.Verdict;
import hestra.fit.Fit;
import hestra.numbers.NumberStyle;
import hestra.numbers.Rounding;

/**
 * The student reads one value of the fit.
 *
 * @param quantity which
 * @param rounding how it is to be rounded
 */
public record ReadValue(Terms terms, Quantity quantity, Rounding rounding) implements Task {

    static final Kind KIND = new Kind("read-value", "Read a value", ReadValue.class, (id, _) -> new ReadValue(
            Terms.of(id, Quantity.SLOPE.title(), Quantity.SLOPE.prompt(), 2), Quantity.SLOPE, Quantity.SLOPE.usualRounding(OptionalDouble.empty())));

    private static final int FULL_DIGITS = 6;

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new ReadValue(other, quantity, rounding);
    }

    @Override
    public Set<Aid> needs() {
        return switch (quantity) {
            case SLOPE, INTERCEPT, RESIDUAL_STANDARD_ERROR -> Set.of(Aid.EQUATION);
            case R -> Set.of(Aid.R);
            case R_SQUARED -> Set.of(Aid.R_SQUARED);
            case N, MEAN_X, MEAN_Y -> Set.of();
        };
    }

    /** The task for another value: a title, a prompt and a rounding that were not the author's own change with it. */
    public ReadValue asking(Quantity now, Truth truth) {
        Terms changed = terms.title().equals(quantity.title()) ? terms.withTitle(now.title()) : terms;
        changed = terms.prompt().equals(quantity.prompt()) ? changed.withPrompt(now.prompt()) : changed;
        boolean usual = rounding.equals(quantity.usualRounding(truth.evidence().value(quantity)));
        return new ReadValue(changed, now, usual ? now.usualRounding(truth.evidence().value(now)) : rounding);
    }

    @Override
    public Answer standing(Bench bench) {
        return bench.draft(this, new Answer.Typed(""));
    }

    @Override
    public boolean takes(Answer answer) {
        return answer instanceof Answer.Typed;
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        return NumberAnswer.unfinished(answer.as(Answer.Typed.class).text(), truth.mark(), "Type a number first.");
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        return NumberAnswer.judge(attempt, truth, new Sought.Value(quantity), this, "This is not the " + quantity.inWords() + ".", "Look at the readings again.");
    }

    @Override
    public Key key(Truth truth) {
        OptionalDouble value = truth.evidence().value(quantity);
        if (value.isEmpty()) {
            return Key.missing(truth.evidence().fit() instanceof Fit.None(String reason) ? reason : "not defined for this data");
        }
        NumberStyle style = truth.style();
        String unit = quantity.unit(truth.x(), truth.y());
        List<Key.Recognised> recognised = NumberAnswer.recognised(truth, new Sought.Value(quantity), rounding);
        return new Key(style.show(value.getAsDouble(), rounding) + (unit.isEmpty() ? "" : " " + unit), true,
                style.withDigits(FULL_DIGITS).show(value.getAsDouble()), recognised);
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        return List.of(answer.as(Answer.Typed.class).text());
    }
}
