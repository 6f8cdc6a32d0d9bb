package hestra.task;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.numbers.Words;

/**
 * The student chooses the curve that describes the points best, or none, and says why.
 *
 * @param offered the curves to choose from
 * @param by how the right one is found
 * @param chosen the one that the author chose, where the author does: its place, from 0; that behind the last for none of them
 * @param reasons those that are right, of which one must be given; none where no reason is asked for
 * @param sentence whether a sentence is asked for too, which the instructor reads
 */
public record ChooseCurve(Terms terms, List<Curve> offered, By by, int chosen, Set<CurveReason> reasons, boolean sentence)
        implements ByChoice, ReadByPerson, RestsOnGiven, SetByHand, UsesCurve {

    /** How the right curve is found. */
    public enum By {
        AUTHOR("the one you say"),
        ADJUSTED_R_SQUARED("the greatest adjusted R\u00b2");

        private final String words;

        By(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }
    }

    public static final int MOST_CURVES = 7;
    private static final String NONE = "none: the data do not say";

    static final Kind KIND = new Kind("choose-curve", "Choose a curve", Kind.Group.WORDS, ChooseCurve.class, (id, truth) -> {
        List<Curve> usual = List.of(new Curve.Line(), new Curve.Polynomial(2), new Curve.Exponential(Curve.FittedOn.VALUES),
                new Curve.Logarithmic());
        return new ChooseCurve(Terms.of(id, "Choose a curve",
                "Fit several curves. Which of them describes the points best, and why?", 3), usual, By.ADJUSTED_R_SQUARED, 0,
                EnumSet.of(CurveReason.RESIDUALS, CurveReason.ADJUSTED, CurveReason.SMALLEST_S), false);
    });

    public ChooseCurve {
        offered = List.copyOf(offered);
        reasons = Set.copyOf(reasons);
        if (offered.isEmpty() || offered.size() > MOST_CURVES || offered.stream().distinct().count() < offered.size()
                || chosen < 0 || chosen > offered.size()) {
            throw new IllegalArgumentException(offered + ", " + chosen);
        }
    }

    @Override
    public boolean isReadByPerson() {
        return sentence;
    }

    @Override
    public boolean isToldInWords() {
        return true;
    }

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new ChooseCurve(other, offered, by, chosen, reasons, sentence);
    }

    public ChooseCurve with(By other) {
        return new ChooseCurve(terms, offered, other, chosen, reasons, sentence);
    }

    /** Other curves to choose from; the chosen one stays so where it is still among them. */
    public ChooseCurve offering(List<Curve> others) {
        int place = chosen < offered.size() ? others.indexOf(offered.get(chosen)) : others.size();
        return new ChooseCurve(terms, others, by, Math.max(0, place), reasons, sentence);
    }

    public ChooseCurve choosing(int place) {
        return new ChooseCurve(terms, offered, by, place, reasons, sentence);
    }

    public ChooseCurve because(Set<CurveReason> right) {
        return new ChooseCurve(terms, offered, by, chosen, right, sentence);
    }

    public ChooseCurve withSentence(boolean asked) {
        return new ChooseCurve(terms, offered, by, chosen, reasons, asked);
    }

    @Override
    public Set<Curve> curves() {
        return Set.copyOf(offered);
    }

    @Override
    public Set<Aid> needs() {
        return Set.of(Aid.CURVES);
    }

    /** The curves to choose from in words, and none of them. */
    public List<String> options() {
        return Stream.concat(offered.stream().map(it -> it instanceof Curve.Line ? "line" : it.inWords()), Stream.of(NONE))
                .toList();
    }

    @Override
    public List<ChoiceRow> rows(Truth truth) {
        ChoiceRow curve = new ChoiceRow("curve", "", options(), false);
        return reasons.isEmpty()
                ? List.of(curve)
                : List.of(curve, new ChoiceRow("reason", "because", Stream.of(CurveReason.values())
                        .map(CurveReason::inWords).toList(), false));
    }

    @Override
    public List<Set<Integer>> rightPlaces(Truth truth) {
        return List.of(right(truth).stream().collect(Collectors.toSet()),
                reasons.stream().map(CurveReason::ordinal).collect(Collectors.toSet()));
    }

    @Override
    public Optional<String> textPrompt() {
        return sentence ? Optional.of("Say it in a sentence. Your instructor reads it.") : Optional.empty();
    }

    @Override
    public boolean needsText() {
        return sentence;
    }

    /** The place of the right one; nothing where the rule finds none. */
    private Optional<Integer> right(Truth truth) {
        return by == By.AUTHOR ? Optional.of(chosen)
                : IntStream.range(0, offered.size()).boxed().filter(i -> adjusted(i, truth) > Double.NEGATIVE_INFINITY)
                .max(Comparator.comparingDouble(i -> adjusted(i, truth)));
    }

    private double adjusted(int place, Truth truth) {
        return truth.evidence().fit(offered.get(place)).curveFit().map(CurveFit::goodness)
                .map(it -> it.adjustedRSquared().orElse(Double.NEGATIVE_INFINITY)).orElse(Double.NEGATIVE_INFINITY);
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        Chosen given = attempt.answer().as(Chosen.class);
        boolean curve = right(truth).filter(given.at(0)::contains).isPresent();
        List<Verdict.Part> parts = new ArrayList<>();
        parts.add(new Verdict.Part("curve", curve ? Outcome.RIGHT : Outcome.WRONG, ""));
        boolean why = true;
        if (!reasons.isEmpty()) {
            why = given.at(1).stream().filter(it -> it < CurveReason.values().length)
                    .anyMatch(it -> reasons.contains(CurveReason.values()[it]));
            parts.add(new Verdict.Part("reason", why ? Outcome.RIGHT : Outcome.WRONG, ""));
        }
        String message = curve && why ? "Right."
                : curve ? "The curve is right. The reason is not the best one."
                : "Another one describes the points better. Compare their residuals.";
        return Verdict.ofParts(terms.marks(), parts, sentence ? message + " Your instructor reads your sentence." : message);
    }

    @Override
    public Key key(Truth truth) {
        return right(truth).map(it -> Key.of(options().get(it) + (reasons.isEmpty() ? "" : ", because "
                + String.join(" or ", Stream.of(CurveReason.values()).filter(reasons::contains)
                        .map(CurveReason::inWords).toList()))))
                .orElseGet(() -> Key.missing("none of the curves can be fitted"));
    }

    @Override
    public String rightAnswer(Truth truth) {
        return right(truth).map(it -> Words.capitalized(options().get(it))).orElse("");
    }

    /** Only where the author chose, since the greatest adjusted R² is there to be seen. */
    @Override
    public Optional<Sealing> sealing(Truth truth) {
        if (by != By.AUTHOR) {
            return Optional.empty();
        }
        List<Sealing.Piece> pieces = new ArrayList<>(List.of(new Sealing.Piece(reasons.isEmpty() ? "" : "curve",
                Set.of(Integer.toString(chosen)))));
        if (!reasons.isEmpty()) {
            pieces.add(new Sealing.Piece("reason", reasons.stream().map(it -> Integer.toString(it.ordinal()))
                    .collect(Collectors.toSet())));
        }
        // A reason has to be left, since without one none would be asked for.
        Set<CurveReason> anyReason = reasons.isEmpty() ? Set.of() : Set.of(CurveReason.values()[0]);
        return Optional.of(new Sealing(new ChooseCurve(terms, offered, by, 0, anyReason, sentence), pieces));
    }

    @Override
    public List<String> pieces(Answer answer, Truth truth) {
        Chosen given = answer.as(Chosen.class);
        return IntStream.range(0, rows(truth).size())
                .mapToObj(i -> given.at(i).stream().map(String::valueOf).collect(Collectors.joining(" "))).toList();
    }
}
