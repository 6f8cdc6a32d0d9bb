package hestra.task;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.PointChange;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.Variable;
import hestra.feedback.Evidence;
import hestra.feedback.KeptPoints;
import hestra.feedback.KeptShare;
import hestra.feedback.NumberCriteria;
import hestra.feedback.Sought;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberStyle;
import hestra.numbers.Once;
import hestra.targets.Held;

/**
 * What is right in the data of a part: the true table, what of it is given out, and the lines that answers may rest on. Keys are
 * worked out from it when they are asked for, so they are never stale. What was worked out is kept, however many answers are
 * judged; used by one thread at a time.
 */
public final class Truth {

    private static final int USUAL_DIGITS = 4;

    private final DataTable data;
    private final Roles roles;
    private final DecimalMark mark;
    private final List<Task> tasks;
    private final KeptPoints counted;
    private final boolean picture;
    private final Set<PointChange> allowed;
    private final KeptShare share;
    private final Map<Set<Integer>, Evidence> without = new HashMap<>();
    private final Once<Evidence> evidence = new Once<>();
    private final Once<Set<Integer>> slips = new Once<>();
    private final Once<Held> start = new Once<>();
    private Optional<Evidence> withSlips = Optional.empty();
    private final Once<Optional<Evidence>> withSetAside = new Once<>();

    private Truth(DataTable data, Roles roles, DecimalMark mark, List<Task> tasks, KeptPoints counted, boolean picture,
            Set<PointChange> allowed, KeptShare share) {
        this.share = share;
        this.picture = picture;
        this.allowed = Set.copyOf(allowed);
        this.counted = counted;
        this.data = data;
        this.roles = roles;
        this.mark = mark;
        this.tasks = List.copyOf(tasks);
    }

    /**
     * The truth about some data.
     *
     * @param data the true data, as in the printed table
     * @param roles which column explains and which responds
     * @param mark the decimal mark
     * @param tasks all that is asked about the data: what one task gives out, the others must know of
     * @param counted how answers count that are right for the points alone that a student kept
     */
    public static Truth of(DataTable data, Roles roles, DecimalMark mark, List<Task> tasks, KeptPoints counted) {
        return new Truth(data, roles, mark, tasks, counted, false, EnumSet.allOf(PointChange.class), KeptShare.HALF);
    }

    /** The same of data that were read off a picture. */
    public Truth withPicture() {
        return new Truth(data, roles, mark, tasks, counted, true, allowed, share);
    }

    /** The same where these changes of points count, and no others, however they are made. */
    public Truth allowing(Set<PointChange> changes) {
        return new Truth(data, roles, mark, tasks, counted, picture, changes, share);
    }

    /** The same where answers that are right for the points a student kept count only with so many of them. */
    public Truth keeping(KeptShare least) {
        return new Truth(data, roles, mark, tasks, counted, picture, allowed, least);
    }

    /** The changes of points that count. */
    Set<PointChange> allowed() {
        return allowed;
    }

    /** Whether the data were read off a picture, which the student has too. */
    boolean hasPicture() {
        return picture;
    }

    public DataTable data() {
        return data;
    }

    public Roles roles() {
        return roles;
    }

    public DecimalMark mark() {
        return mark;
    }

    /** How numbers look. */
    public NumberStyle style() {
        return new NumberStyle(mark, USUAL_DIGITS);
    }

    public Variable x() {
        return data.variable(roles.explanatory());
    }

    public Variable y() {
        return data.variable(roles.response());
    }

    /** The true pairs. */
    public Pairs pairs() {
        return Pairs.of(data, roles);
    }

    /** The pairs with every slip still in. */
    public Pairs pairsWithSlips() {
        return Pairs.of(slipped(), roles);
    }

    /** The rows that the student types: the last ones. */
    public List<Integer> leftToType() {
        int count = tasks.stream().mapToInt(task -> LeavesToStudent.of(task).leavesToType()).max().orElse(0);
        return IntStream.range(Math.max(0, data.size() - count), data.size()).boxed().toList();
    }

    /** The rows in which a wrong value is given out. */
    Set<Integer> slips() {
        return slips.get(() -> tasks.stream().flatMap(task -> ChangesTable.slips(task).stream())
                .collect(Collectors.toUnmodifiableSet()));
    }

    /** The table that the student starts from: the true data with the slips in, without the rows left to type. */
    public DataTable given() {
        DataTable slipped = slipped();
        List<Row> rows = new ArrayList<>(slipped.rows());
        for (int row = 0; row < rows.size(); row++) {
            rows.set(row, rows.get(row).givenAs(row));
        }
        return slipped.withRows(rows).withoutRows(leftToType());
    }

    /** The table as it stands on paper: with the slips in, and all rows, since none can be typed there. */
    public DataTable printed() {
        return slipped();
    }

    /** The points that the student starts from. */
    Held start() {
        return start.get(() -> Held.of(given(), roles, Optional.empty()));
    }

    private DataTable slipped() {
        DataTable changed = data;
        for (Task task : tasks) {
            changed = task instanceof ChangesTable it ? it.givenOut(changed, mark) : changed;
        }
        return changed;
    }

    /** The true data with their line. */
    public Evidence evidence() {
        return evidence.get(() -> Evidence.of(data, roles));
    }

    Optional<Evidence> withSlips() {
        if (withSlips.isEmpty() && !slips().isEmpty()) {
            withSlips = Optional.of(Evidence.of(pairsWithSlips()));
        }
        return withSlips;
    }

    /** The true data with the points that the author set aside, where there are such. */
    private Optional<Evidence> withSetAside() {
        return withSetAside.get(() -> Optional.of(data).filter(it -> it.rows().stream().anyMatch(Row::isSetAside))
                .map(it -> Evidence.of(Pairs.of(it.withRows(it.rows().stream()
                        .map(row -> new Row(row.cells(), Optional.empty(), row.origin())).toList()), roles))));
    }

    /**
     * The data from which a number counts as right: the true ones; and, where a row with a slip was set aside instead of
     * mended, those without that row.
     */
    List<Evidence> accepted(Attempt attempt) {
        Set<Integer> setAside = attempt.setAside();
        return setAside.isEmpty() || !slips().containsAll(setAside) ? List.of(evidence())
                : List.of(evidence(), without(setAside));
    }

    /** How many rows of the true data were set aside for an attempt, but those with a slip. */
    public int setAsideBesideSlips(Attempt attempt) {
        return (int) attempt.setAside().stream().filter(row -> row < data.size() && !slips().contains(row)).count();
    }

    /**
     * The true data without the points that were set aside, where others were than those with a slip, and no more than may be.
     */
    Optional<Evidence> kept(Attempt attempt) {
        Set<Integer> setAside = attempt.setAside().stream().filter(row -> row < data.size()).collect(Collectors.toSet());
        Pairs all = pairs();
        long kept = IntStream.range(0, all.size()).filter(i -> !setAside.contains(all.row(i))).count();
        return slips().containsAll(setAside) || !share.holds(kept, all.size())
                ? Optional.empty() : Optional.of(without(setAside));
    }

    private Evidence without(Set<Integer> setAside) {
        return without.computeIfAbsent(setAside, rows -> Evidence.of(Pairs.of(data.withoutRows(rows), roles)));
    }

    /** All that decides on a number that an attempt gives. */
    NumberCriteria asked(Sought what, NumberCriteria.How how, Attempt attempt) {
        return new NumberCriteria(what, how, accepted(attempt), kept(attempt), counted, withSlips(), withSetAside(), x(), y());
    }

    /** All that decides on a number, whoever gives it. */
    NumberCriteria asked(Sought what, NumberCriteria.How how) {
        return new NumberCriteria(what, how, List.of(evidence()), Optional.empty(), counted, withSlips(), withSetAside(), x(),
                y());
    }
}
