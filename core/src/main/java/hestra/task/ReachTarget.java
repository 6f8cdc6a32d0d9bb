package hestra.task;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import hestra.data.DataTable;
import hestra.data.PointChange;
import hestra.feedback.Outcome;
import hestra.feedback.Quantity;
import hestra.feedback.Verdict;
import hestra.numbers.Counted;
import hestra.targets.Band;
import hestra.targets.Condition;
import hestra.targets.Held;
import hestra.targets.Measure;
import hestra.targets.Proof;
import hestra.targets.Proofs;
import hestra.targets.Reason;
import hestra.targets.Situation;
import hestra.targets.TargetSearch;

/**
 * The student adds, moves and removes points until conditions hold, or says that it can't be done and why.
 *
 * @param conditions what must hold, at least one
 */
public record ReachTarget(Terms terms, List<Condition> conditions) implements Task, DoneOnPlot, Sketched, UsesCurve {

    /** The most conditions of a target. */
    public static final int MOST = 10;
    /** As many points are listed with an answer. */
    private static final int MOST_LISTED = 24;
    /** How many reasons a student chooses from. */
    private static final int REASONS = 5;

    static final Kind KIND = new Kind("reach-target", "Reach a target", Kind.Group.PLOT, ReachTarget.class,
            (id, truth) -> new ReachTarget(
            Terms.of(id, "Reach a target", "Move the points until all this holds.", 2),
                    List.of(new Condition(new Measure.Value(Quantity.R), Band.atLeast(0.9)))));

    public ReachTarget {
        conditions = List.copyOf(conditions);
        if (conditions.isEmpty() || conditions.size() > MOST) {
            throw new IllegalArgumentException(conditions.size() + " conditions");
        }
    }

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new ReachTarget(other, conditions);
    }

    @Override
    public boolean canBeDoneWith(Set<PointChange> allowed) {
        return !allowed.isEmpty() || looksAtTrial();
    }

    @Override
    public Subject subject() {
        return Subject.CURVE;
    }

    /** Whether a line by eye is among the conditions. */
    private boolean looksAtTrial() {
        return conditions.stream().anyMatch(it -> it.measure() instanceof Measure.ByEye);
    }

    @Override
    public AnswerPlace place() {
        return AnswerPlace.PLOT;
    }

    @Override
    public Set<Aid> needs() {
        return looksAtTrial() ? Set.of(Aid.TRIAL) : Set.of();
    }

    @Override
    public Answer standing(Bench bench) {
        DataTable table = bench.table();
        boolean tooMany = table.size() > Held.MOST_POINTS;
        Held held = tooMany
                ? Held.NOTHING
                : Held.of(table, bench.roles().orElse(bench.truth().roles()),
                        looksAtTrial() ? bench.handiwork().trial() : Optional.empty());
        Answer.Reached begun = bench.draft(this, Answer.Reached.NOTHING).as(Answer.Reached.class);
        // Whoever goes on moving points no longer says that it can't be done.
        return new Answer.Reached(held, begun.cannot().filter(_ -> begun.held().equals(held)));
    }

    @Override
    public Optional<Sketch> sketch(Answer answer, Truth truth) {
        return Optional.of(answer.as(Answer.Reached.class).held()).filter(it -> !it.points().isEmpty())
                .map(held -> Sketch.of(held.pairs()).with(held.byEye()));
    }

    @Override
    public boolean takes(Answer answer) {
        return answer instanceof Answer.Reached;
    }

    private static Held start(Truth truth) {
        return truth.start();
    }

    /**
     * How a condition stands.
     *
     * @param condition the condition
     * @param value what it looks at, as it is now; nothing where it has no value
     * @param holds whether it holds
     */
    public record Standing(Condition condition, OptionalDouble value, boolean holds) {}

    /** How each condition stands, in their order. */
    public List<Standing> standings(Answer.Reached answer, Truth truth) {
        Situation now = Situation.of(answer.held(), start(truth));
        return conditions.stream().map(it -> {
            OptionalDouble value = it.value(now);
            return new Standing(it, value, value.isPresent() && it.band().holds(value.getAsDouble()));
        }).toList();
    }

    /**
     * What was changed though it may not be, as a sentence that says what to do; nothing where all was allowed. The rules bind
     * the points, however they are changed.
     */
    private static Optional<String> barred(Answer.Reached answer, Truth truth) {
        Situation now = Situation.of(answer.held(), start(truth));
        return Stream.of(PointChange.values()).filter(change -> !truth.allowed().contains(change) && now.changed(change) > 0)
                .findFirst().map(change -> {
            String points = Counted.of(now.changed(change), "point");
            return switch (change) {
                case ADD -> "No points may be added here, and " + points + (now.changed(change) == 1 ? " was" : " were")
                        + ". Take away what was added, in the plot or in the table.";
                case MOVE -> "No points may be moved here, and " + points + (now.changed(change) == 1 ? " was" : " were")
                        + ". Put them back.";
                case REMOVE -> "No points may be removed or set aside here, and " + points
                        + (now.changed(change) == 1 ? " is" : " are") + " missing. Put the points back.";
            };
        });
    }

    /** Why it can't be done, as far as that can be proved; none where it may be possible. */
    public List<Proof> proofs(Truth truth) {
        return proved(truth).stream().map(proof -> new Proof(proof.reason(), proof.conditions().stream()
                .filter(i -> i < conditions.size()).toList())).toList();
    }

    /**
     * All that is proved with the rules of the plot taken as further conditions, which they are: their places come after those of
     * the others.
     */
    private List<Proof> proved(Truth truth) {
        return Proofs.of(withRules(truth), start(truth));
    }

    private List<Condition> withRules(Truth truth) {
        List<Condition> all = new ArrayList<>(conditions);
        Stream.of(PointChange.values()).filter(change -> !truth.allowed().contains(change))
                .forEach(change -> all.add(new Condition(new Measure.Changed(change), Band.atMost(0))));
        return all;
    }

    /**
     * What the conditions themselves rule out may be meant so; what the points and the rules alone rule out most likely is not.
     */
    @Override
    public Optional<String> outOfReach(Truth truth) {
        List<Proof> proved = truth.data().size() > Held.MOST_POINTS ? List.of() : proved(truth);
        boolean meant = proved.stream().anyMatch(it -> !it.reason().isOfPoints()
                && it.conditions().stream().allMatch(i -> i < conditions.size()));
        return proved.isEmpty() || meant ? Optional.empty() : Optional.of(inWords(proved.getFirst()));
    }

    /** The reasons that a student chooses from, the right ones among them. */
    public List<Reason> reasons(Truth truth) {
        Set<Reason> right = proofs(truth).stream().map(Proof::reason)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Reason.class)));
        Set<Reason> offered = EnumSet.noneOf(Reason.class);
        offered.addAll(right);
        // The others are the same for every target, so that none stands out.
        Stream.concat(Stream.of(Reason.MEAN_POINT, Reason.SAME_SIGN, Reason.LEAST, Reason.LEVERAGE), Stream.of(Reason.values()))
                .filter(reason -> right.isEmpty() || reason != Reason.OPPOSITE).forEach(reason -> {
                    if (offered.size() < REASONS) {
                        offered.add(reason);
                    }
                });
        return List.copyOf(offered);
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        Answer.Reached reached = answer.as(Answer.Reached.class);
        if (reached.cannot().isPresent()) {
            return Optional.empty();
        }
        Optional<String> barred = barred(reached, truth);
        if (barred.isPresent()) {
            return barred;
        }
        List<Standing> standings = standings(reached, truth);
        long holding = standings.stream().filter(Standing::holds).count();
        return holding == standings.size() ? Optional.empty() : Optional.of(truth.data().size() > Held.MOST_POINTS ? tooMany()
                : holding + " of " + conditions.size() + " conditions hold. Not yet: "
                        + String.join("; ", standings.stream().filter(it -> !it.holds())
                        .map(it -> it.condition().inWords(truth.style())).toList()) + ".");
    }

    private static String tooMany() {
        return "There are more than " + Held.MOST_POINTS + " points, too many to reach a target with.";
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        Answer.Reached reached = attempt.answer().as(Answer.Reached.class);
        List<Proof> proofs = proofs(truth);
        if (reached.cannot().isPresent()) {
            return judgedReason(reached.cannot().get(), proofs, truth);
        }
        Optional<String> barred = barred(reached, truth);
        if (barred.isPresent()) {
            return Verdict.wrong(barred.get());
        }
        List<Standing> standings = standings(reached, truth);
        List<Verdict.Part> parts = standings.stream()
                .map(it -> new Verdict.Part(it.condition().inWords(truth.style()), it.holds() ? Outcome.RIGHT : Outcome.WRONG,
                        "")).toList();
        boolean all = standings.stream().allMatch(Standing::holds);
        return Verdict.ofParts(terms.marks(), parts, all ? "The target is reached." : "Not all conditions hold.");
    }

    /** Without a proof it is wrong only if it is known that it can be done: where points that meet it are found. */
    private Verdict judgedReason(Reason given, List<Proof> proofs, Truth truth) {
        if (proofs.isEmpty()) {
            return truth.data().size() <= Held.MOST_POINTS && TargetSearch.find(withRules(truth), start(truth)).isPresent()
                    ? Verdict.wrong("It can be done: there are points for which all conditions hold.")
                    .advising("Keep moving points, and watch which condition is furthest off.")
                    : Verdict.leftToMarker("Nothing that is known here rules it out, and no points that meet it were found. Your "
                    + "instructor decides.");
        }
        return proofs.stream().anyMatch(it -> it.reason() == given)
                ? Verdict.right(terms.marks(), "Right, it can\u2019t be done. " + given.inWords())
                : Verdict.of(Outcome.NEARLY, terms.marks() / 2.0, "It can\u2019t be done, but not for this reason.")
                .advising("What do the conditions ask for, and which of them can never hold?");
    }

    @Override
    public Key key(Truth truth) {
        if (truth.data().size() > Held.MOST_POINTS) {
            return Key.missing(tooMany());
        }
        List<Proof> proofs = proofs(truth);
        if (!proofs.isEmpty()) {
            return Key.of(String.join("\n", whyNot(truth)));
        }
        Situation before = Situation.of(start(truth), start(truth));
        long holding = conditions.stream().filter(it -> it.holds(before)).count();
        return Key.of("nothing rules it out; " + holding + " of " + conditions.size() + " hold at the start");
    }

    /**
     * Why it can't be done, a sentence or two for each proof, with the numbers of the conditions that clash; none where it may be
     * possible.
     */
    public List<String> whyNot(Truth truth) {
        return proved(truth).stream().map(this::inWords).toList();
    }

    private String inWords(Proof proof) {
        List<String> clashing = new ArrayList<>(proof.conditions().stream().filter(i -> i < conditions.size())
                .map(i -> Integer.toString(i + 1)).toList());
        boolean byRules = clashing.size() < proof.conditions().size();
        return "It can\u2019t be done (" + (clashing.size() == 1 ? "condition " : "conditions ") + String.join(" and ", clashing)
                + (byRules ? ", with what may be done to points here" : "") + "). "
                + proof.reason().inWords();
    }

    @Override
    public String rightAnswer(Truth truth) {
        List<Proof> proofs = proofs(truth);
        return proofs.isEmpty() ? "" : "it can\u2019t be done. " + proofs.getFirst().reason().inWords().replaceFirst("\\.$", "");
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        Answer.Reached reached = answer.as(Answer.Reached.class);
        if (reached.cannot().isPresent()) {
            return List.of("it can\u2019t be done: " + reached.cannot().get().inWords());
        }
        List<String> lines = new ArrayList<>(standings(reached, truth).stream()
                .map(it -> it.condition().inWords(truth.style()) + it.value().stream()
                .mapToObj(value -> " (" + (it.condition().measure().isCount() ? truth.style().shortest(value) : truth.style()
                .show(value)) + ")").collect(Collectors.joining())).toList());
        List<Held.Point> points = reached.held().points();
        if (!points.isEmpty() && points.size() <= MOST_LISTED) {
            lines.add("with the points " + points.stream()
                    .map(it -> "(" + truth.style().shortest(it.x()) + "; " + truth.style().shortest(it.y()) + ")")
                    .collect(Collectors.joining(" ")));
        }
        return lines;
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        return List.of(new OnPaper.InTheProgram());
    }
}
