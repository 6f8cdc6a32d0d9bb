package hestra.exercise;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.PointChange;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.numbers.DecimalMark;
import hestra.recipe.Recipe;
import hestra.recipe.Sample;
import hestra.task.Aid;
import hestra.task.Conceals;
import hestra.task.DoneOnPlot;
import hestra.task.KeepsInStep;
import hestra.task.NamesRows;
import hestra.task.ReadByPerson;
import hestra.task.Task;
import hestra.task.Truth;
import hestra.task.UsesCurve;

/**
 * A part of an exercise: data, and a sheet about them.
 *
 * @param id identifies it in the exercise
 * @param heading stands above its sheet; may be empty
 * @param data the true data, as in the printed table; without rows where the student's own points are to come
 * @param roles which column explains and which responds
 * @param provenance how the data came about
 * @param held the aids that are closed at the start
 * @param rules what may be done in the plot, and how equations are written
 * @param blocks the sheet
 * @param differing how its data differ from variant to variant; nothing where they do not
 */
public record Part(String id, String heading, DataTable data, Roles roles, Provenance provenance, Set<Aid> held, PlotRules rules,
        List<Block> blocks,
        Optional<Varying> differing) {

    /** How far apart the seeds of two rounds lie: further than anyone counts up by hand. */
    private static final long ROUND = 1_000_003;

    public Part {
        differing = differing.filter(it -> !it.equals(Varying.NONE));
        held = Set.copyOf(held);
        blocks = List.copyOf(blocks);
        if (id.isBlank()) {
            throw new IllegalArgumentException("a part without an id");
        }
        if (data.width() < 2 || !roles.isWithin(data.width())) {
            throw new IllegalArgumentException("the roles name columns that are not there");
        }
    }

    /** A part whose data are the same in all variants. */
    public Part(String id, String heading, DataTable data, Roles roles, Provenance provenance, Set<Aid> held, PlotRules rules,
            List<Block> blocks) {
        this(id, heading, data, roles, provenance, held, rules, blocks, Optional.empty());
    }

    /** A part with two empty columns and nothing asked yet. Nothing is held back before a task is there that opens it. */
    public static Part blank(String id) {
        return new Part(id, "", DataTable.empty(Variable.named("x"), Variable.named("y")), Roles.FIRST_EXPLAINS,
                new Provenance.ByHand(), Set.of(),
                PlotRules.USUAL, List.of());
    }

    /** How its data differ from variant to variant. */
    public Varying varying() {
        return differing.orElse(Varying.NONE);
    }

    public Variable x() {
        return data.variable(roles.explanatory());
    }

    public Variable y() {
        return data.variable(roles.response());
    }

    /** The tasks, in the order of the sheet. */
    public List<Task> tasks() {
        return blocks.stream().filter(Block.Asked.class::isInstance).map(block -> ((Block.Asked) block).task()).toList();
    }

    /** Whether the student's own data are to come: then the columns are the student's too. */
    public boolean isOwn() {
        return data.size() == 0;
    }

    /** Whether a task asks for a section to be written on the sheet of the part. */
    public boolean hasSection() {
        return tasks().stream().anyMatch(ReadByPerson::keepsSection);
    }

    /**
     * The part in a round of playing: with other data of its recipe, where it has one. The same round has the same data for ever.
     */
    public Part inRound(OptionalInt round, DecimalMark mark) {
        if (round.isEmpty() || !(provenance instanceof Provenance.Made(Recipe recipe))) {
            return this;
        }
        Recipe again = recipe.withSeed(recipe.seed() + ROUND * round.getAsInt());
        return Sample.of(again, x(), y(), mark) instanceof Sample.Done(Sample sample)
                ? withColumns(sample.table(), sample.roles(), new Provenance.Made(again)) : this;
    }

    /** Whether other data can be made for it. */
    public boolean hasRounds() {
        return provenance instanceof Provenance.Made;
    }

    /** What is right in the data. */
    public Truth truth(DecimalMark mark) {
        // Where the student's own points are to come, they may come.
        Truth truth = Truth.of(data, roles, mark, tasks(), rules.kept()).keeping(rules.share())
                .allowing(isOwn() ? EnumSet.allOf(PointChange.class) : rules.points());
        return provenance instanceof Provenance.Traced ? truth.withPicture() : truth;
    }

    /** Whether it gives out the same and asks the same of it as another, so that work on the one can go on with the other. */
    public boolean asksTheSameAs(Part other) {
        return data == other.data && roles.equals(other.roles) && tasks().equals(other.tasks());
    }

    /** The pairs of the true data. */
    public Pairs pairs() {
        return Pairs.of(data, roles);
    }

    /**
     * The aids that are open from the beginning or opened by the tasks before one, and not hidden by a task that is still to be
     * done then.
     */
    public Set<Aid> openBefore(Task task) {
        Set<Aid> open = Aid.all();
        open.removeAll(held);
        tasksBefore(task).forEach(it -> open.addAll(it.terms().opens()));
        tasks().stream().skip(tasksBefore(task).size()).forEach(it -> open.removeAll(Conceals.of(it).hides()));
        return open;
    }

    /**
     * The task that hides an aid from one before it: the first, from that one on, in the way of whose answer the aid would be.
     */
    public Optional<Task> hider(Task from, Aid aid) {
        return tasks().stream().skip(tasksBefore(from).size()).filter(it -> Conceals.of(it).hides().contains(aid)).findFirst();
    }

    /** The tasks that stand before one. */
    public List<Task> tasksBefore(Task task) {
        return tasks().stream().takeWhile(it -> !it.id().equals(task.id())).toList();
    }

    /** The task whose doing opens an aid: the first that names it. */
    public Optional<Task> opener(Aid aid) {
        return tasks().stream().filter(task -> task.terms().opens().contains(aid) || Conceals.of(task).hides().contains(aid))
                .findFirst();
    }

    /**
     * A held aid that a task calls for while it is closed.
     *
     * @param task calls for it
     * @param aid is still closed then
     * @param opener opens it later; nothing where no task does
     */
    public record Shut(Task task, Aid aid, Optional<Task> opener) {}

    /** The tasks that cannot be done in the plot by its rules: most likely a slip of the author's. */
    public List<Task> barred() {
        return tasks().stream().filter(task -> !DoneOnPlot.of(task).canBeDoneWith(rules.points())).toList();
    }

    /** Where a task calls for something that no task before it opens: most likely a slip of the author's. */
    public List<Shut> shut() {
        return tasks().stream().flatMap(task -> {
            Set<Aid> open = openBefore(task);
            return UsesCurve.of(task).needs().stream().filter(aid -> !open.contains(aid)).sorted()
                    .map(aid -> new Shut(task, aid, opener(aid)));
        }).toList();
    }

    private Set<Aid> opened() {
        return tasks().stream().flatMap(task -> task.terms().opens().stream()).collect(Collectors.toSet());
    }

    /**
     * With what hangs together changed in step with the rest: what a task has come to open is held back, what none opens any more
     * is not; proposed keys follow the data.
     */
    public Part inStepWith(Part before, DecimalMark mark) {
        Set<Aid> now = opened();
        Set<Aid> earlier = before.opened();
        Set<Aid> hold = EnumSet.noneOf(Aid.class);
        hold.addAll(held);
        now.stream().filter(aid -> !earlier.contains(aid)).forEach(hold::add);
        earlier.stream().filter(aid -> !now.contains(aid)).forEach(hold::remove);
        Part holding = hold.equals(held) ? this : withHeld(hold);
        if (asksTheSameAs(before)) {
            return holding;
        }
        Truth earlierTruth = before.truth(mark);
        Truth truth = truth(mark);
        return holding.withTasks(task -> task instanceof KeepsInStep it ? it.inStep(earlierTruth, truth) : task);
    }

    /** The place of a block, from 0; −1 where there is none of this id. */
    public int indexOf(String blockId) {
        return blocks.stream().map(Block::id).toList().indexOf(blockId);
    }

    /** The same under another id, with other ids for its blocks: a part that is put in once more. */
    public Part called(String other, UnaryOperator<Block> renamed) {
        return new Part(other, heading, data, roles, provenance, held, rules, blocks.stream().map(renamed).toList(), differing);
    }

    public Part withHeading(String text) {
        return new Part(id, text, data, roles, provenance, held, rules, blocks, differing);
    }

    /**
     * With its data changed: the roles follow their columns, and tasks the places they name. A change that may not be changes
     * nothing.
     */
    public Part withTableEdited(TableEdit change, DecimalMark mark) {
        // To set a point aside is the student's to do: the true data are all true.
        boolean setsAside = change instanceof TableEdit.SetAside || change instanceof TableEdit.TakeBack;
        DataTable changed = setsAside ? data : change.appliedTo(data, mark);
        return changed == data
                ? this
                : withColumns(changed, roles.following(change::columnAfter, changed))
                .withTasks(task -> task instanceof NamesRows it ? it.following(change) : task);
    }

    public Part withData(DataTable table) {
        return withColumns(table, roles);
    }

    /** With other columns, and roles among them. */
    public Part withColumns(DataTable table, Roles chosen) {
        return withColumns(table, chosen, provenance);
    }

    /** With other data that came about in another way. */
    public Part withColumns(DataTable table, Roles chosen, Provenance how) {
        return new Part(id, heading, table, chosen, how, held, rules, blocks, differing);
    }

    public Part withRoles(Roles chosen) {
        return withColumns(data, chosen);
    }

    public Part withHeld(Set<Aid> aids) {
        return new Part(id, heading, data, roles, provenance, aids, rules, blocks, differing);
    }

    public Part withRules(PlotRules changed) {
        return new Part(id, heading, data, roles, provenance, held, changed, blocks, differing);
    }

    public Part withBlocks(List<Block> list) {
        return new Part(id, heading, data, roles, provenance, held, rules, list, differing);
    }

    public Part with(Varying how) {
        return new Part(id, heading, data, roles, provenance, held, rules, blocks, Optional.of(how));
    }

    /** With its variables called otherwise. */
    public Part told(Varying.Telling telling) {
        return withData(telling.named(data, roles.explanatory(), roles.response()));
    }

    /** With a block put in at a place from 0; before the first or after the last where the place is beyond. */
    public Part withBlockAt(int index, Block block) {
        List<Block> list = new ArrayList<>(blocks);
        list.add(Math.clamp(index, 0, list.size()), block);
        return withBlocks(list);
    }

    /** With the block of the same id replaced. */
    public Part withBlock(Block block) {
        return withBlocks(blocks.stream().map(old -> old.id().equals(block.id()) ? block : old).toList());
    }

    public Part withoutBlock(String blockId) {
        return withBlocks(blocks.stream().filter(block -> !block.id().equals(blockId)).toList());
    }

    /** With each task changed. */
    public Part withTasks(UnaryOperator<Task> change) {
        return withBlocks(blocks.stream()
                .map(block -> block instanceof Block.Asked(Task task) ? new Block.Asked(change.apply(task)) : block).toList());
    }

    /** With these tasks in the place of those there were, and the other blocks before them. */
    public Part withTasks(List<Task> tasks) {
        List<Block> list = new ArrayList<>(blocks.stream().filter(block -> !(block instanceof Block.Asked)).toList());
        tasks.forEach(task -> list.add(new Block.Asked(task)));
        return withBlocks(list);
    }
}
