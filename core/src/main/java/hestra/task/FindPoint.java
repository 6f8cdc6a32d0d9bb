package hestra.task;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import hestra.data.Pairs;
import hestra.data.TableEdit;
import hestra.feedback.Mistake;
import hestra.feedback.Parts;
import hestra.feedback.Verdict;
import hestra.fit.Diagnostics;
import hestra.fit.Fit;
import hestra.fit.Trial;

/**
 * The student points at one point or several in the plot, and says what to do about them and why.
 *
 * @param sort which are to be found
 * @param count how many, at least 1; with points that the author names as many as those are, where they are there
 * @param rows the rows, from 0, that the author names; for a mistyped value only where no task of the part gives a slip out
 * @param action what is to be done about them; nothing where that is not asked
 * @param reason why; nothing where that is not asked
 */
public record FindPoint(Terms terms, PointSort sort, int count, Set<Integer> rows, Optional<PointAction> action,
        Optional<PointReason> reason) implements Task, AnsweredByText, Conceals, NamesRows, RestsOnGiven, SetByHand, Sketched {

    public static final int MOST = 10;

    static final Kind KIND = new Kind("find-point", "Find the point", Kind.Group.PLOT, FindPoint.class, (id, _) -> new FindPoint(
            Terms.of(id, "Find the point", "Which point changes the line most?", 2), PointSort.MOST_INFLUENTIAL, 1,
                    Set.of(), Optional.empty(), Optional.empty()));

    /** Two points that stand out by amounts as near as this are not told apart. */
    private static final double TIED = 1e-9;

    public FindPoint {
        rows = Set.copyOf(rows);
        if (count < 1 || count > MOST || rows.size() > MOST || rows.stream().anyMatch(row -> row < 0)) {
            throw new IllegalArgumentException(count + " points, rows " + rows);
        }
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
        return new FindPoint(other, sort, count, rows, action, reason);
    }

    @Override
    public AnswerPlace place() {
        return AnswerPlace.PLOT;
    }

    @Override
    public Subject subject() {
        return Subject.POINTS;
    }

    @Override
    public boolean hidesSuspicions() {
        return sort == PointSort.MISTYPED;
    }

    @Override
    public Task following(TableEdit change) {
        return new FindPoint(terms, sort, count, rows.stream().map(change::rowAfter).filter(row -> row >= 0)
                .collect(Collectors.toSet()), action, reason);
    }

    /** How many points are to be found. */
    public int wanted(Truth truth) {
        return switch (sort) {
            // In a student's copy the rows are left out, and how many there are is not.
            case MISTYPED, CHOSEN -> named(truth).isEmpty() ? count : named(truth).size();
            case MOST_INFLUENTIAL, HIGHEST_LEVERAGE, LARGEST_RESIDUAL -> count;
        };
    }

    private Set<Integer> named(Truth truth) {
        return sort == PointSort.MISTYPED && !truth.slips().isEmpty()
                ? truth.slips() : rows.stream().filter(row -> row < truth.data().size()).collect(Collectors.toSet());
    }

    /** The rows of points that are right, in the true data or in those with a slip still in; none where they cannot be told. */
    private List<Set<Integer>> right(Truth truth) {
        if (sort == PointSort.MISTYPED || sort == PointSort.CHOSEN) {
            return named(truth).isEmpty() ? List.of() : List.of(named(truth));
        }
        return Stream.of(truth.pairs(), truth.pairsWithSlips()).map(pairs -> foremost(sort, pairs))
                .flatMap(Optional::stream).distinct().toList();
    }

    /** The rows of the points that stand out most in a way; nothing where there are too few or the last of them is tied. */
    private Optional<Set<Integer>> foremost(PointSort how, Pairs pairs) {
        List<Map.Entry<Integer, Double>> sizes = how.sizes(pairs).entrySet().stream()
                .sorted(Map.Entry.<Integer, Double>comparingByValue().reversed()).toList();
        boolean told = sizes.size() > count && sizes.get(count - 1).getValue() > sizes.get(count).getValue() * (1 + TIED);
        return told
                ? Optional.of(sizes.subList(0, count).stream().map(Map.Entry::getKey).collect(Collectors.toSet()))
                : Optional.empty();
    }

    /** The answer with the points of these rows of the student's table marked, and everything else as it was given before. */
    public Pointed pointing(Bench bench, Iterable<Integer> places) {
        Placement placement = bench.placement();
        Set<Integer> printed = new TreeSet<>();
        places.forEach(place -> {
            int row = placement.printedAt(place);
            printed.add(row < 0 ? bench.truth().data().size() + place : row);
        });
        Pointed before = standing(bench);
        return new Pointed(printed, before.action(), before.reason());
    }

    @Override
    public Pointed standing(Bench bench) {
        return bench.draft(this, Pointed.NOTHING).as(Pointed.class);
    }

    @Override
    public boolean takes(Answer answer) {
        return answer instanceof Pointed;
    }

    /** Rows by their numbers, then what to do about them and why, with semicolons between. */
    @Override
    public Optional<Answer> typed(String text, Truth truth) {
        String[] pieces = text.strip().split("\\s*[;\\n]\\s*");
        Set<Integer> rows = Pattern.compile("\\d{1,6}").matcher(pieces[0]).results().map(it -> Integer.parseInt(it.group()) - 1)
                .filter(it -> it >= 0).collect(Collectors.toSet());
        Pointed pointed = new Pointed(rows, Optional.empty(), Optional.empty());
        for (int i = 1; i < pieces.length; i++) {
            Optional<PointAction> action = ChoiceText.find(List.of(PointAction.values()), PointAction::inWords, pieces[i]);
            Optional<PointReason> reason = ChoiceText.find(List.of(PointReason.values()), PointReason::inWords, pieces[i]);
            if (action.isEmpty() && reason.isEmpty()) {
                return Optional.empty();
            }
            pointed = action.map(pointed::with).orElse(pointed);
            pointed = reason.isPresent() ? pointed.with(reason.get()) : pointed;
        }
        return rows.isEmpty() ? Optional.empty() : Optional.of(pointed);
    }

    @Override
    public String expected(Truth truth) {
        return "Give the row, such as \u201crow 3\u201d"
                + (action.isPresent() || reason.isPresent()
                        ? ", then what to do about it and why, with semicolons between." : ".");
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        Pointed given = answer.as(Pointed.class);
        int wanted = wanted(truth);
        if (given.rows().size() != wanted) {
            String one = given.rows().isEmpty()
                    ? "Click the point in the plot first." : "One point is asked for. Click it by itself.";
            return Optional.of(wanted == 1 ? one
                    : "Mark " + wanted + " points: click one, then the others with Ctrl held down. " + given.rows()
                    .size() + " marked so far.");
        } else if (action.isPresent() && given.action().isEmpty()) {
            return Optional.of("Say what is to be done about it.");
        }
        return reason.isPresent() && given.reason().isEmpty() ? Optional.of("Say why.") : Optional.empty();
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        Pointed given = attempt.answer().as(Pointed.class);
        List<Set<Integer>> right = right(truth);
        boolean found = right.contains(given.rows());
        Optional<PointSort> other = found ? Optional.empty() : standingOutOtherwise(given.rows(), truth);
        Parts parts = Parts.none().add("point", found, other.map(it -> "This is " + it.named() + ", not " + sort.named() + ".")
                .orElseGet(() -> isNot(given.rows(), right)));
        if (found) {
            parts.say(given.rows().size() == 1 ? "You found the point." : "You found the points.");
        }
        action.ifPresent(key -> parts.add("what to do", given.action().filter(key.holding(reason)::contains).isPresent(),
                "What to do about it is not right yet."));
        reason.ifPresent(key -> {
            boolean holds = given.reason().filter(key::equals).isPresent();
            parts.add("why", holds, given.reason().map(it -> it.against(decides(given.rows(), truth), sort == PointSort.MISTYPED))
                    .orElse(""));
            if (holds) {
                parts.say("Your reason holds: " + key.inWords() + ".");
            }
        });
        return parts.verdict(terms.marks(), "").recognising(other.isPresent() ? List.of(Mistake.ANOTHER_POINT) : List.of())
                .advising(found ? "" : advice());
    }

    /** Whether the line rests on one of these points, by Cook's distance. */
    private static boolean decides(Set<Integer> rows, Truth truth) {
        return truth.evidence().fit().line().stream().flatMap(line -> Diagnostics.of(line, truth.pairs()).stream())
                .anyMatch(point -> rows.contains(point.row())
                        && point.cooksDistance().orElse(0) >= Diagnostics.NOTABLE_COOKS_DISTANCE);
    }

    private String isNot(Set<Integer> rows, List<Set<Integer>> right) {
        if (rows.size() == 1) {
            return "This is not " + sort.named() + ".";
        }
        return right.stream().noneMatch(it -> rows.stream().anyMatch(it::contains))
                ? "None of these is one of them." : "Some of these are right, not all.";
    }

    private String advice() {
        return switch (sort) {
            case MISTYPED -> "Which value cannot be true?";
            case MOST_INFLUENTIAL -> "Which point would change the line most if it were gone?";
            case HIGHEST_LEVERAGE -> "Leverage is a matter of x alone.";
            case LARGEST_RESIDUAL -> "Look at the distances from the line, upward and downward.";
            case CHOSEN -> "";
        };
    }

    /** In which other way these points stand out most. */
    private Optional<PointSort> standingOutOtherwise(Set<Integer> rows, Truth truth) {
        return Stream.of(PointSort.MOST_INFLUENTIAL, PointSort.HIGHEST_LEVERAGE, PointSort.LARGEST_RESIDUAL)
                .filter(it -> it != sort && rows.size() == 1 && wanted(truth) == 1)
                .filter(it -> foremost(it, truth.pairs()).filter(rows::equals).isPresent()).findFirst();
    }

    @Override
    public Key key(Truth truth) {
        List<Set<Integer>> right = right(truth);
        if (right.isEmpty()) {
            return Key.missing(switch (sort) {
                case MISTYPED -> "no task of this part gives out a mistyped value, and no row is named";
                case CHOSEN -> "no row is named";
                case MOST_INFLUENTIAL, HIGHEST_LEVERAGE, LARGEST_RESIDUAL ->
                        truth.evidence().fit() instanceof Fit.None(String why)
                        ? why : "two points stand out by as much as each other";
            });
        }
        String what = Stream.of(Optional.of(rowsInWords(right.getFirst())), action.map(PointAction::inWords),
                reason.map(PointReason::inWords)).flatMap(Optional::stream).collect(Collectors.joining(" · "));
        List<Key.Recognised> recognised = wanted(truth) > 1
                ? List.of()
                : Stream.of(PointSort.MOST_INFLUENTIAL, PointSort.HIGHEST_LEVERAGE, PointSort.LARGEST_RESIDUAL)
                .filter(it -> it != sort)
                .flatMap(it -> foremost(it, truth.pairs()).stream()).filter(it -> !right.contains(it)).distinct()
                .map(it -> new Key.Recognised(Mistake.ANOTHER_POINT, rowsInWords(it))).toList();
        return Key.of(what).recognising(recognised);
    }

    private static String rowsInWords(Set<Integer> rows) {
        return (rows.size() == 1 ? "row " : "rows ") + rows.stream().sorted().map(row -> Integer.toString(row + 1))
                .collect(Collectors.joining(", "));
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        Pointed given = answer.as(Pointed.class);
        List<String> lines = new ArrayList<>();
        lines.add(given.rows().isEmpty() ? "no point marked" : rowsInWords(given.rows()));
        given.action().ifPresent(it -> lines.add(it.inWords()));
        given.reason().ifPresent(it -> lines.add("because " + it.inWords()));
        return lines;
    }

    @Override
    public Optional<Sketch> sketch(Answer answer, Truth truth) {
        Pairs pairs = truth.withSlips().orElseGet(truth::evidence).pairs();
        return Optional.of(Sketch.of(pairs).marking(answer.as(Pointed.class).rows().stream().map(pairs::indexOfRow)
                .filter(place -> place >= 0)
                .map(place -> new Trial.Handle(pairs.x(place), pairs.y(place))).toList()));
    }

    @Override
    public Set<Integer> toFind(Truth truth) {
        return right(truth).stream().flatMap(Set::stream).collect(Collectors.toSet());
    }

    @Override
    public Set<Integer> namedRows() {
        return rows;
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        List<Set<Integer>> right = right(truth);
        List<OnPaper> all = new ArrayList<>(List.of(new OnPaper.NumberedPoints(),
                new OnPaper.Blank(count == 1 ? "row" : "rows", "", right.isEmpty() ? "" : right.getFirst().stream().sorted()
                        .map(row -> Integer.toString(row + 1)).collect(Collectors.joining(", ")))));
        action.ifPresent(key -> all.add(new OnPaper.Choices(new ChoiceRow("what to do", "", Stream.of(PointAction.values())
                .map(PointAction::inWords).toList(), false),
                key.holding(reason).stream().map(PointAction::ordinal).collect(Collectors.toSet()))));
        reason.ifPresent(key -> all.add(new OnPaper.Choices(new ChoiceRow("why", "", Stream.of(PointReason.values())
                .map(PointReason::inWords).toList(), false), Set.of(key.ordinal()))));
        return all;
    }

    /** Whether its points are those that the author names, and not such as can be worked out. */
    private boolean namesRows(Truth truth) {
        return sort == PointSort.CHOSEN || sort == PointSort.MISTYPED && truth.slips().isEmpty();
    }

    @Override
    public Optional<Sealing> sealing(Truth truth) {
        List<Sealing.Piece> pieces = new ArrayList<>();
        if (namesRows(truth)) {
            pieces.add(new Sealing.Piece("point", named(truth).isEmpty() ? Set.of() : Set.of(piece(named(truth)))));
        }
        action.ifPresent(key -> pieces.add(new Sealing.Piece("what to do",
                key.holding(reason).stream().map(Enum::name).collect(Collectors.toSet()))));
        reason.ifPresent(key -> pieces.add(new Sealing.Piece("why", Set.of(key.name()))));
        // That something is asked stays; which is right goes.
        FindPoint blank = new FindPoint(terms, sort, wanted(truth), Set.of(), action.map(_ -> PointAction.values()[0]),
                reason.map(_ -> PointReason.values()[0]));
        return pieces.isEmpty() ? Optional.empty() : Optional.of(new Sealing(blank, pieces));
    }

    @Override
    public boolean isSealedInPart(Truth truth) {
        return !namesRows(truth);
    }

    @Override
    public List<String> pieces(Answer answer, Truth truth) {
        Pointed given = answer.as(Pointed.class);
        List<String> pieces = new ArrayList<>(namesRows(truth) ? List.of(piece(given.rows())) : List.of());
        action.ifPresent(_ -> pieces.add(given.action().map(Enum::name).orElse("")));
        reason.ifPresent(_ -> pieces.add(given.reason().map(Enum::name).orElse("")));
        return pieces;
    }

    private static String piece(Set<Integer> rows) {
        return rows.stream().sorted().map(String::valueOf).collect(Collectors.joining(" "));
    }
}
