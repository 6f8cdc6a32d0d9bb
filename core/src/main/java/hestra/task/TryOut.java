package hestra.task;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import hestra.data.Pairs;
import hestra.data.PointChange;
import hestra.data.TableEdit;
import hestra.feedback.Evidence;
import hestra.feedback.Parts;
import hestra.feedback.Quantity;
import hestra.feedback.Sought;
import hestra.feedback.Verdict;
import hestra.fit.Fit;
import hestra.fit.Trial;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;
import hestra.numbers.Rounding;

/**
 * The student tries out what moves of points do to a value, one at a time and each from the start, and says by how much each
 * changed it, which changed it more, and why. It is judged by the moves that were really made.
 *
 * @param moves what is to be tried, one to four
 * @param watched the value that is looked at
 * @param places to how many decimal places its changes are given
 * @param reason why one changes it more; nothing where that is not asked
 */
public record TryOut(Terms terms, List<Move> moves, Quantity watched, int places, Optional<TryReason> reason)
        implements Task, DoneOnPlot, KeepsInStep, NamesRows, Rounded, SetByHand, Sketched, UsesCurve {

    public static final int MOST_MOVES = 4;
    public static final int MOST_PLACES = 8;
    /** A move is one that was asked for where it differs from that by no more than this share, */
    private static final double NEAR = 0.2;
    /** and aside of its way by no more than this share of what the data span. */
    private static final double ASIDE = 0.03;
    private static final double HAIR = 1e-9;

    /** What may be watched. */
    public static final List<Quantity> WATCHED = List.of(Quantity.SLOPE, Quantity.INTERCEPT, Quantity.R, Quantity.R_SQUARED,
            Quantity.RESIDUAL_STANDARD_ERROR);

    /**
     * One move.
     *
     * @param row of the data, from 0
     * @param dx by how much to the right
     * @param dy by how much up
     */
    public record Move(int row, double dx, double dy) {
        public Move {
            if (row < 0 || !Double.isFinite(dx) || !Double.isFinite(dy)) {
                throw new IllegalArgumentException("row " + row + " by " + dx + ", " + dy);
            }
        }
    }

    static final Kind KIND = new Kind("try-out", "Try it out", Kind.Group.PLOT, TryOut.class, (id, truth) -> new TryOut(
            Terms.of(id, "Try it out",
                    "Lift the last point, put it back, then lift one in the middle by as much. What does each do to the slope?",
                    3), usual(truth), Quantity.SLOPE, 2,
            Optional.of(TryReason.FAR_FROM_MEAN)));

    public TryOut {
        moves = List.copyOf(moves);
        if (moves.isEmpty() || moves.size() > MOST_MOVES || places < 0 || places > MOST_PLACES) {
            throw new IllegalArgumentException(moves.size() + " moves, " + places + " places");
        }
    }

    /** The point furthest to the right and one in the middle, lifted by a fifth of what y spans. */
    private static List<Move> usual(Truth truth) {
        Pairs pairs = truth.pairs();
        List<Integer> order = IntStream.range(0, pairs.size()).boxed().sorted(Comparator.comparingDouble(pairs::x)).toList();
        DoubleSummaryStatistics y = pairs.ys().summaryStatistics();
        double lift = pairs.size() == 0 || y.getMax() == y.getMin()
                ? 1 : new Rounding.Significant(1).apply((y.getMax() - y.getMin()) / 5).doubleValue();
        return order.size() < 3
                ? List.of(new Move(0, 0, lift))
                : List.of(new Move(pairs.row(order.getLast()), 0, lift),
                        new Move(pairs.row(order.get(order.size() / 2)), 0, lift));
    }

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new TryOut(other, moves, watched, places, reason);
    }

    @Override
    public AnswerPlace place() {
        return AnswerPlace.PLOT;
    }

    @Override
    public boolean canBeDoneWith(Set<PointChange> allowed) {
        return allowed.contains(PointChange.MOVE);
    }

    @Override
    public Subject subject() {
        return Subject.CURVE;
    }

    @Override
    public boolean watchesMoves() {
        return true;
    }

    @Override
    public Rounding rounding() {
        return new Rounding.Places(places);
    }

    @Override
    public Set<Aid> needs() {
        return switch (watched) {
            case R -> Set.of(Aid.LINE, Aid.R);
            case R_SQUARED -> Set.of(Aid.LINE, Aid.R_SQUARED);
            default -> Set.of(Aid.LINE, Aid.EQUATION);
        };
    }

    @Override
    public Task following(TableEdit change) {
        List<Move> kept = moves.stream().filter(it -> change.rowAfter(it.row) >= 0)
                .map(it -> new Move(change.rowAfter(it.row), it.dx, it.dy)).toList();
        return kept.isEmpty() ? this : new TryOut(terms, kept, watched, places, reason);
    }

    @Override
    public Tried standing(Bench bench) {
        Tried begun = bench.draft(this, Tried.NOTHING).as(Tried.class);
        return new Tried(bench.handiwork().seen(), begun.amounts(), begun.most(), begun.reason());
    }

    @Override
    public boolean takes(Answer answer) {
        return answer instanceof Tried;
    }

    /** The state in which a move was made, the newest of several; nothing where it was not. */
    public Optional<Seen> made(int move, List<Seen> seen, Truth truth) {
        Move asked = moves.get(move);
        int at = truth.pairs().indexOfRow(asked.row);
        if (at < 0) {
            return Optional.empty();
        }
        DoubleSummaryStatistics x = truth.pairs().xs().summaryStatistics();
        DoubleSummaryStatistics y = truth.pairs().ys().summaryStatistics();
        return seen.stream().filter(it -> it.row() == asked.row && isAbout(it.x() - truth.pairs().x(at), asked.dx,
                x.getMax() - x.getMin())
                && isAbout(it.y() - truth.pairs().y(at), asked.dy, y.getMax() - y.getMin())).reduce((_, newest) -> newest);
    }

    private static boolean isAbout(double moved, double asked, double span) {
        return Math.abs(moved - asked) <= NEAR * Math.abs(asked) + (asked == 0 ? ASIDE * span : 0);
    }

    /** By how much the watched value changed by a move that was made; nothing where it has no value. */
    private OptionalDouble change(Seen seen, Truth truth) {
        Pairs pairs = truth.pairs();
        OptionalDouble before = truth.evidence().value(watched);
        OptionalDouble after = Evidence.of(pairs.withMoved(pairs.indexOfRow(seen.row()), seen.x(), seen.y())).value(watched);
        return before.isPresent() && after.isPresent()
                ? OptionalDouble.of(after.getAsDouble() - before.getAsDouble()) : OptionalDouble.empty();
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        Tried tried = answer.as(Tried.class);
        for (int i = 0; i < moves.size(); i++) {
            if (made(i, tried.seen(), truth).isEmpty()) {
                return Optional.of("Make this move first, with all other points where they were given: " + inWords(i, truth)
                        + ".");
            }
        }
        for (int i = 0; i < moves.size(); i++) {
            Optional<String> lacks = NumberAnswer.unfinished(tried.amount(i), truth, new Sought.Value(watched), rounding(),
                    "Type by how much the " + name() + " changed.");
            if (lacks.isPresent()) {
                return lacks;
            }
        }
        if (moves.size() > 1 && tried.most().isEmpty()) {
            return Optional.of("Say which move changed the " + name() + " most.");
        }
        return reason.isPresent() && tried.reason().isEmpty() ? Optional.of("Say why.") : Optional.empty();
    }

    /** The watched value in a word. */
    public String name() {
        return switch (watched) {
            case R -> "correlation r";
            case R_SQUARED -> "R\u00b2";
            case SLOPE -> "slope";
            case INTERCEPT -> "intercept";
            default -> watched.inWords();
        };
    }

    /** A move in words: "the point of row 23 up by 5 mm". */
    public String inWords(int move, Truth truth) {
        Move asked = moves.get(move);
        NumberStyle style = truth.style();
        List<String> ways = new ArrayList<>();
        if (asked.dy != 0) {
            ways.add((asked.dy > 0 ? "up by " : "down by ") + style.shortest(Math.abs(asked.dy)) + truth.y().unitAfterNumber());
        }
        if (asked.dx != 0) {
            ways.add((asked.dx > 0 ? "to the right by " : "to the left by ") + style.shortest(Math.abs(asked.dx)) + truth.x()
                    .unitAfterNumber());
        }
        return "the point of row " + (asked.row + 1) + " " + String.join(" and ", ways);
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        Tried tried = attempt.answer().as(Tried.class);
        Parts parts = Parts.none();
        double[] changes = new double[moves.size()];
        for (int i = 0; i < moves.size(); i++) {
            Optional<Seen> made = made(i, tried.seen(), truth);
            OptionalDouble change = made.map(it -> change(it, truth)).orElse(OptionalDouble.empty());
            changes[i] = Math.abs(change.orElse(Double.NaN));
            // What is no number fits nothing.
            double typed = NumberReading.ofAnswer(tried.amount(i), truth.mark()) instanceof NumberReading.Value value
                    ? value.value() : Double.NaN;
            boolean right = change.isPresent() && fits(typed, change.getAsDouble());
            boolean signLost = !right && change.isPresent() && fits(-typed, change.getAsDouble());
            // "It changed by 0.05" leaves open which way.
            boolean size = signLost && typed > 0;
            parts.add("change by move " + (i + 1), right || size,
                    "Move " + (i + 1) + (signLost
                            ? ": the size is right, its sign is not."
                            : ": this is not by how much the " + name() + " changed. Compare it before and after."));
        }
        if (moves.size() > 1) {
            int most = IntStream.range(0, changes.length).boxed()
                    .max(Comparator.comparingDouble(i -> Double.isNaN(changes[i]) ? -1 : changes[i])).orElseThrow();
            parts.add("which more", tried.most().isPresent() && tried.most().getAsInt() == most, "Another move changed it more.");
        }
        reason.ifPresent(key -> parts.add("why", tried.reason().filter(key::equals).isPresent(),
                "The reason is not the best one."));
        return parts.verdict(terms.marks(), "Right, by your own moves.");
    }

    private boolean fits(double typed, double value) {
        return Math.abs(typed - value) <= 0.5 * Math.pow(10, -places) + HAIR * Math.max(1e-6, Math.abs(value));
    }

    @Override
    public Key key(Truth truth) {
        List<String> changes = new ArrayList<>();
        for (Move move : moves) {
            int at = truth.pairs().indexOfRow(move.row);
            OptionalDouble change = at < 0
                    ? OptionalDouble.empty()
                    : change(new Seen(move.row, truth.pairs().x(at) + move.dx, truth.pairs().y(at) + move.dy), truth);
            if (change.isEmpty()) {
                return Key.missing(at < 0 ? "row " + (move.row + 1) + " is no point of the data"
                        : truth.evidence().fit() instanceof Fit.None(String why) ? why
                        : "not defined for this data");
            }
            changes.add(truth.style().show(change.getAsDouble(), rounding()));
        }
        return Key.of("if made exactly: " + String.join(" \u00b7 ", changes) + reason.map(it -> " \u00b7 " + it.inWords())
                .orElse(""));
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        Tried tried = answer.as(Tried.class);
        List<String> lines = new ArrayList<>();
        for (int i = 0; i < moves.size(); i++) {
            lines.add(inWords(i, truth) + ": " + (tried.amount(i).isBlank() ? "\u2013" : tried.amount(i)));
        }
        tried.most().ifPresent(it -> lines.add("move " + (it + 1) + " changed it more"));
        tried.reason().ifPresent(it -> lines.add("because " + it.inWords()));
        return lines;
    }

    /** The points, and where single ones were taken by the moves that count. */
    @Override
    public Optional<Sketch> sketch(Answer answer, Truth truth) {
        List<Seen> seen = answer.as(Tried.class).seen();
        return Optional.of(Sketch.of(truth.evidence().pairs())
                .marking(IntStream.range(0, moves.size()).boxed().flatMap(move -> made(move, seen, truth).stream())
                .map(it -> new Trial.Handle(it.x(), it.y())).toList()));
    }

    @Override
    public Set<Integer> namedRows() {
        return moves.stream().map(Move::row).collect(Collectors.toSet());
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        return List.of(new OnPaper.InTheProgram());
    }

    /** Moves that were the proposed ones are so for other data too. */
    @Override
    public Task inStep(Truth before, Truth now) {
        return moves.equals(usual(before)) ? new TryOut(terms, usual(now), watched, places, reason) : this;
    }

    @Override
    public Optional<Sealing> sealing(Truth truth) {
        return reason.map(key -> new Sealing(new TryOut(terms, moves, watched, places, Optional.of(TryReason.values()[0])),
                List.of(new Sealing.Piece("why", Set.of(key.name())))));
    }

    @Override
    public boolean isSealedInPart(Truth truth) {
        return true;
    }

    @Override
    public List<String> pieces(Answer answer, Truth truth) {
        return List.of(answer.as(Tried.class).reason().map(Enum::name).orElse(""));
    }
}
