package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import hestra.data.TableEdit;
import hestra.feedback.NumberJudge;
import hestra.feedback.Quantity;
import hestra.feedback.Reading;
import hestra.feedback.Sought;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.fit.Fit;
import hestra.numbers.NumberStyle;
import hestra.numbers.Rounding;

/**
 * The student reads one value of the data or of a curve.
 *
 * @param quantity which
 * @param rounding how it is to be rounded
 * @param more of which curve, row and place, and how it is to be given; nothing for a value of the line
 */
public record ReadValue(Terms terms, Quantity quantity, Rounding rounding, Optional<Asking> more)
        implements ByTyping, AsksNumbers, NamesRows, RestsOnGiven, UsesCurve {

    static final Kind KIND = new Kind("read-value", "Read a value", Kind.Group.NUMBERS, ReadValue.class,
            Stream.of(Quantity.values()).map(Quantity::inWords).collect(Collectors.joining(" ")), (id, _) -> new ReadValue(
            Terms.of(id, Quantity.SLOPE.title(), Quantity.SLOPE.prompt(), 2), Quantity.SLOPE,
                    Quantity.SLOPE.usualRounding(OptionalDouble.empty())));

    private static final int FULL_DIGITS = 6;

    /** A value of the data or their line. */
    public ReadValue(Terms terms, Quantity quantity, Rounding rounding) {
        this(terms, quantity, rounding, Optional.empty());
    }

    /** What else is said of it. */
    public Asking asking() {
        return more.orElse(Asking.USUAL);
    }

    /** The same with something else said of it. */
    public ReadValue with(Asking asking) {
        return new ReadValue(terms, quantity, rounding, asking.equals(Asking.USUAL) ? Optional.empty() : Optional.of(asking));
    }

    /** The value that is read. */
    public Reading reading() {
        return asking().reading(quantity);
    }

    private Sought sought() {
        return new Sought.Value(reading());
    }

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new ReadValue(other, quantity, rounding, more);
    }

    @Override
    public Set<Curve> curves() {
        return quantity.of() == Quantity.Of.DATA ? Set.of() : Set.of(asking().ofCurve());
    }

    @Override
    public Set<Aid> needs() {
        Aid curve = asking().ofCurve() instanceof Curve.Line ? Aid.LINE : Aid.CURVES;
        return switch (quantity.of()) {
            case DATA -> quantity == Quantity.R || quantity == Quantity.RANK_CORRELATION ? Set.of(Aid.R) : Set.of();
            case LINE, LEVEL -> quantity == Quantity.R_LOW || quantity == Quantity.R_HIGH ? Set.of(Aid.R) : Set.of(Aid.EQUATION);
            case CURVE -> {
                Aid value = quantity.isShare() ? Aid.R_SQUARED : Aid.EQUATION;
                yield curve == Aid.LINE ? Set.of(value) : Set.of(curve, value);
            }
            case ROW -> quantity == Quantity.LEVERAGE ? Set.of(curve) : Set.of(curve, Aid.RESIDUALS);
            case PLACE -> curve == Aid.LINE ? Set.of(Aid.PREDICTION) : Set.of(curve, Aid.PREDICTION);
        };
    }

    /** The task for another value: a title, a prompt and a rounding that were not the author's own change with it. */
    public ReadValue asking(Quantity now, Truth truth) {
        Terms changed = terms.title().equals(quantity.title()) ? terms.withTitle(now.title()) : terms;
        changed = terms.prompt().equals(quantity.prompt()) ? changed.withPrompt(now.prompt()) : changed;
        boolean usual = rounding.equals(quantity.usualRounding(truth.evidence().value(reading())));
        Asking asking = suited(now, truth);
        return new ReadValue(changed, now, usual ? now.usualRounding(truth.evidence().value(asking.reading(now))) : rounding)
                .with(asking);
    }

    /** What is said of it, with a row and a place where the quantity wants them. */
    private Asking suited(Quantity now, Truth truth) {
        Asking asking = asking();
        if (now.of() == Quantity.Of.ROW && asking.row().isEmpty()) {
            asking = asking.ofRow(truth.pairs().size() == 0 ? 0 : truth.pairs().row(0));
        }
        return now.of() == Quantity.Of.PLACE && asking.at().isEmpty()
                ? asking.at(new Rounding.Significant(2)
                .apply(truth.evidence().value(Quantity.MEAN_X).orElse(1)).doubleValue()) : asking;
    }

    @Override
    public Task following(TableEdit change) {
        OptionalInt row = asking().row();
        return row.isEmpty() || change.rowAfter(row.getAsInt()) < 0
                ? this : with(asking().ofRow(change.rowAfter(row.getAsInt())));
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        return NumberAnswer.unfinished(answer.as(Answer.Typed.class).text(), truth, sought(), rounding, "Type a number first.");
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        return NumberAnswer.judge(attempt, truth, sought(), asking().how(rounding), terms.marks(), "This is not the " + reading()
                .inWords() + ".", "Look at the readings again.");
    }

    @Override
    public Task rounded(Rounding other) {
        return new ReadValue(terms, quantity, other, more);
    }

    @Override
    public List<NumberJudge> numbers(Truth truth) {
        return List.of(new NumberJudge(truth.asked(sought(), asking().how(rounding))));
    }

    @Override
    public Key key(Truth truth) {
        OptionalDouble value = truth.evidence().value(reading());
        if (value.isEmpty()) {
            return Key.missing(truth.evidence().fit(asking().ofCurve()) instanceof Fit.None(String reason)
                    ? reason : "not defined for this data");
        }
        NumberStyle style = truth.style();
        String unit = sought().measured().unit(truth.x(), truth.y());
        List<Key.Recognised> recognised = NumberAnswer.recognised(truth, sought(), rounding);
        return new Key(style.show(value.getAsDouble(), rounding) + (unit.isEmpty() ? "" : " " + unit), true,
                style.withDigits(FULL_DIGITS).show(value.getAsDouble()), recognised);
    }

    @Override
    public boolean asksFor(Quantity asked) {
        return quantity == asked && (quantity.of() == Quantity.Of.DATA || asking().ofCurve() instanceof Curve.Line);
    }

    @Override
    public Set<Integer> namedRows() {
        return reading().row().stream().boxed().collect(Collectors.toSet());
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        String unit = sought().measured().unit(truth.x(), truth.y());
        Key key = key(truth);
        String answer = key.computed() ? key.text() : "";
        String number = answer.endsWith(" " + unit) ? answer.substring(0, answer.length() - unit.length() - 1) : answer;
        return List.of(asking().unit() ? new OnPaper.Blank("", "", answer) : new OnPaper.Blank("", unit, number));
    }
}
