package hestra.task;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.data.Pairs;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.fit.Coefficient;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Fit;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;
import hestra.summary.Association;

/**
 * The student judges from the residuals whether the conditions of the line hold, and says by what it is seen.
 *
 * @param asked the conditions that are judged
 * @param failing those of them that do not hold, as the instructor confirmed them
 * @param signs whether it is asked, too, by what is seen that one does not hold
 */
public record CheckConditions(Terms terms, Set<FitCondition> asked, Set<FitCondition> failing, boolean signs)
        implements ByChoice, KeepsInStep, RestsOnGiven, SetByHand, UsesCurve {

    /** A test below this level says that a condition does not hold. */
    private static final double LEVEL = 0.01;
    /** Neighbouring residuals whose correlation is greater are alike. */
    private static final double ALIKE = 0.5;
    private static final double LONG_TAIL = 3.5;
    private static final List<String> HOLDS = List.of("holds", "does not hold");
    private static final String ALL_HOLD = "nothing of this kind: all hold";

    static final Kind KIND = new Kind("check-conditions", "Check the conditions", Kind.Group.WORDS, CheckConditions.class,
            (id, truth) -> new CheckConditions(
            Terms.of(id, "Check the conditions", "Look at the residuals. Which of these hold for the line?", 4),
                    EnumSet.allOf(FitCondition.class), proposed(truth.pairs()), false));

    public CheckConditions {
        asked = Set.copyOf(asked);
        failing = Set.copyOf(failing);
        if (asked.isEmpty()) {
            throw new IllegalArgumentException("no conditions");
        }
    }

    /**
     * The conditions that a test finds broken: linearity where the square of x adds to the line, equal spread where the sizes of
     * the residuals go with x, normality where a residual is more than 3.5 standard ones off, independence where neighbours, in
     * the order of x, are alike; the first two at the level 0.01.
     */
    static Set<FitCondition> proposed(Pairs pairs) {
        Set<FitCondition> broken = EnumSet.noneOf(FitCondition.class);
        if (!(LeastSquares.line(pairs) instanceof LineFit line) || pairs.size() < 5) {
            return broken;
        }
        Optional<CurveFit> bent = LeastSquares.fit(new Curve.Polynomial(2), pairs).curveFit();
        if (bent.map(it -> it.coefficients().getLast()).map(Coefficient::p).filter(it -> it.orElse(1) < LEVEL).isPresent()) {
            broken.add(FitCondition.LINEARITY);
        }
        int[] order = IntStream.range(0, pairs.size()).boxed().sorted((i, j) -> Double.compare(pairs.x(i), pairs.x(j)))
                .mapToInt(it -> it).toArray();
        double[] x = IntStream.of(order).mapToDouble(pairs::x).toArray();
        double[] residuals = IntStream.of(order).mapToDouble(i -> (bent.isPresent()
                && broken.contains(FitCondition.LINEARITY)
                ? bent.get().residual(pairs.x(i), pairs.y(i)).orElse(0) : line.residualOf(pairs.x(i), pairs.y(i)))).toArray();
        double[] sizes = IntStream.range(0, residuals.length).mapToDouble(i -> Math.abs(residuals[i])).toArray();
        Association.of(Pairs.of(x, sizes)).filter(it -> it.p().orElse(1) < LEVEL)
                .ifPresent(_ -> broken.add(FitCondition.EQUAL_SPREAD));
        double s = line.residualStandardError().orElse(0);
        if (s > 0 && IntStream.range(0, sizes.length).anyMatch(i -> sizes[i] > LONG_TAIL * s)) {
            broken.add(FitCondition.NORMALITY);
        }
        double[] next = IntStream.range(1, residuals.length).mapToDouble(i -> residuals[i]).toArray();
        double[] before = IntStream.range(0, residuals.length - 1).mapToDouble(i -> residuals[i]).toArray();
        Association.of(Pairs.of(before, next)).filter(it -> it.r().orElse(0) > ALIKE)
                .ifPresent(_ -> broken.add(FitCondition.INDEPENDENCE));
        return broken;
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
        return new CheckConditions(other, asked, failing, signs);
    }

    public CheckConditions asking(Set<FitCondition> others) {
        return new CheckConditions(terms, others, failing, signs);
    }

    public CheckConditions failing(Set<FitCondition> others) {
        return new CheckConditions(terms, asked, others, signs);
    }

    public CheckConditions withSigns(boolean asking) {
        return new CheckConditions(terms, asked, failing, asking);
    }

    @Override
    public Task inStep(Truth before, Truth now) {
        return failing.equals(proposed(before.pairs())) ? failing(proposed(now.pairs())) : this;
    }

    @Override
    public Set<Aid> needs() {
        return Set.of(Aid.LINE, Aid.RESIDUALS);
    }

    private List<FitCondition> inOrder() {
        return Stream.of(FitCondition.values()).filter(asked::contains).toList();
    }

    @Override
    public List<ChoiceRow> rows(Truth truth) {
        List<ChoiceRow> rows = new ArrayList<>();
        inOrder().forEach(it -> rows.add(new ChoiceRow(it.inWords(), it.statement(), HOLDS, false)));
        if (signs) {
            rows.add(new ChoiceRow("seen by", "What in the pictures says so?",
                    Stream.concat(inOrder().stream().map(FitCondition::sign), Stream.of(ALL_HOLD)).toList(), true));
        }
        return rows;
    }

    @Override
    public List<Set<Integer>> rightPlaces(Truth truth) {
        List<FitCondition> conditions = inOrder();
        List<Set<Integer>> right = new ArrayList<>();
        conditions.forEach(it -> right.add(Set.of(failing.contains(it) ? 1 : 0)));
        Set<Integer> seen = IntStream.range(0, conditions.size()).filter(i -> failing.contains(conditions.get(i))).boxed()
                .collect(Collectors.toSet());
        right.add(seen.isEmpty() ? Set.of(conditions.size()) : seen);
        return right;
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        Chosen given = attempt.answer().as(Chosen.class);
        List<FitCondition> conditions = inOrder();
        List<Verdict.Part> parts = new ArrayList<>();
        List<String> wrong = new ArrayList<>();
        int misread = 0;
        for (int i = 0; i < conditions.size(); i++) {
            boolean right = given.at(i).contains(failing.contains(conditions.get(i)) ? 1 : 0);
            parts.add(new Verdict.Part(conditions.get(i).inWords(), right ? Outcome.RIGHT : Outcome.WRONG, ""));
            if (!right) {
                wrong.add(conditions.get(i).inWords());
            }
        }
        if (signs) {
            // Each tick is worth as much as each condition: whoever sees one sign and misses another has seen one.
            for (int i = 0; i <= conditions.size(); i++) {
                boolean right = given.at(conditions.size()).contains(i) == isSeen(i);
                parts.add(new Verdict.Part(seenBy(i), right ? Outcome.RIGHT : Outcome.WRONG, ""));
                misread += right ? 0 : 1;
            }
        }
        int missed = wrong.size() + misread;
        String again = wrong.isEmpty() ? "" : "Look at the residuals again: " + String.join(", ", wrong) + ".";
        String signsAgain = misread == 0 ? "" : "Look again at what in the pictures says so.";
        return Verdict.ofParts(terms.marks(), parts,
                missed == 0 ? "Right." : (parts.size() - missed) + " of " + parts.size() + " are right.")
                .advising((again + " " + signsAgain).strip());
    }

    /** Whether a sign is to be seen in the pictures; the last of them says that all conditions hold. */
    private boolean isSeen(int sign) {
        List<FitCondition> conditions = inOrder();
        return sign < conditions.size()
                ? failing.contains(conditions.get(sign)) : conditions.stream().noneMatch(failing::contains);
    }

    private String seenBy(int sign) {
        List<FitCondition> conditions = inOrder();
        return "seen: " + (sign < conditions.size() ? conditions.get(sign).inWords() : "all hold");
    }

    @Override
    public Key key(Truth truth) {
        if (truth.evidence().fit() instanceof Fit.None(String reason)) {
            return Key.missing(reason);
        }
        return Key.of(String.join(" \u00b7 ", inOrder().stream()
                .map(it -> it.inWords() + (failing.contains(it) ? " \u2717" : " \u2713")).toList()));
    }

    @Override
    public String rightAnswer(Truth truth) {
        return String.join("; ", inOrder().stream()
                .map(it -> it.inWords() + ": " + HOLDS.get(failing.contains(it) ? 1 : 0)).toList());
    }

    /** Only where it is not the proposed one, which anyone can work out who has the data. */
    @Override
    public Optional<Sealing> sealing(Truth truth) {
        Set<FitCondition> proposed = proposed(truth.pairs());
        if (failing.equals(proposed)) {
            return Optional.empty();
        }
        List<Sealing.Piece> pieces = new ArrayList<>();
        inOrder().forEach(it -> pieces.add(new Sealing.Piece(it.inWords(), Set.of(failing.contains(it) ? "1" : "0"))));
        for (int i = 0; signs && i <= asked.size(); i++) {
            pieces.add(new Sealing.Piece(seenBy(i), Set.of(isSeen(i) ? "1" : "0")));
        }
        return Optional.of(new Sealing(failing(proposed), pieces));
    }

    @Override
    public List<String> pieces(Answer answer, Truth truth) {
        Chosen given = answer.as(Chosen.class);
        List<String> pieces = new ArrayList<>(IntStream.range(0, asked.size())
                .mapToObj(i -> given.at(i).stream().sorted().map(String::valueOf).collect(Collectors.joining(" "))).toList());
        for (int i = 0; signs && i <= asked.size(); i++) {
            pieces.add(given.at(asked.size()).contains(i) ? "1" : "0");
        }
        return pieces;
    }
}
