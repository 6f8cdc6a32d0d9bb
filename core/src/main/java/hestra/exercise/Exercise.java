package hestra.exercise;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

import hestra.data.DataTable;
import hestra.data.PointChange;
import hestra.data.Roles;
import hestra.feedback.Verdict;
import hestra.numbers.DecimalMark;
import hestra.numbers.Marks;
import hestra.task.Aid;
import hestra.task.Attempt;
import hestra.task.Seal;
import hestra.task.SetByHand;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.Truth;

/**
 * Parts with data, text and tasks: what an instructor writes and a student opens.
 *
 * @param id identifies the exercise across its copies and hand-ins
 * @param title what the window and the file are called
 * @param place where the data come from, such as "Orrin Bay field station"; may be empty
 * @param heading the heading of the sheet; may be empty
 * @param mark the decimal mark
 * @param parts in their order, at least one, each with an id of its own
 * @param purpose what it is for
 * @param issue how it is given out
 * @param copy which copy it is, where it is a student's; nothing for the exercise itself
 * @param atEnd what stands at the foot of the sheet once all is answered; nothing where that is nothing
 * @param parting to what the marks of answers are rounded that are right in part; nothing for halves
 */
public record Exercise(String id, String title, String place, String heading, DecimalMark mark, List<Part> parts, Purpose purpose,
        Issue issue, Optional<Copy> copy, Optional<Closing> atEnd,
        Optional<PartMarks> parting) {

    /** What an exercise is for. */
    public enum Purpose {
        /** An author asks, a student answers. */
        EXERCISE,
        /** A study: somebody looks at data of their own. It has one part, nothing is asked in it and nothing held back. */
        STUDY
    }

    /** The most tasks that an exercise may have. */
    public static final int MOST_TASKS = 100;
    /** The most parts. */
    public static final int MOST_PARTS = 20;
    /** The most blocks on all sheets together. */
    public static final int MOST_BLOCKS = 400;

    /** What the first part is called unless somebody calls it something else. */
    public static final String FIRST_PART = "part-1";

    public Exercise {
        parts = List.copyOf(parts);
        atEnd = atEnd.filter(it -> !it.equals(Closing.NONE));
        parting = parting.filter(it -> it != PartMarks.HALVES);
        if (parts.isEmpty()) {
            throw new IllegalArgumentException("an exercise without a part");
        }
        List<String> ids = ids(parts).toList();
        if (ids.stream().distinct().count() < ids.size()) {
            throw new IllegalArgumentException("two parts, blocks or tasks with the same id");
        }
        if (purpose == Purpose.STUDY && (parts.size() > 1 || !parts.getFirst().blocks().isEmpty()
                || !parts.getFirst().held().isEmpty() || !parts.getFirst().isOwn())) {
            throw new IllegalArgumentException("a study that asks or holds something back");
        }
    }

    /** An exercise of which nothing was given out yet. */
    public Exercise(String id, String title, String place, String heading, DecimalMark mark, List<Part> parts, Purpose purpose) {
        this(id, title, place, heading, mark, parts, purpose, Issue.NONE, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** An exercise that asks. */
    public Exercise(String id, String title, String place, String heading, DecimalMark mark, List<Part> parts) {
        this(id, title, place, heading, mark, parts, Purpose.EXERCISE);
    }

    private static Stream<String> ids(List<Part> parts) {
        return parts.stream().flatMap(part -> Stream.concat(Stream.of(part.id()), part.blocks().stream().map(Block::id)));
    }

    /** An exercise of one part with a text and then tasks, whose data were not made here, with the usual rules. */
    public static Exercise ofOnePart(String id, String title, String place, String heading, String prose, DataTable data,
            Roles roles, List<Task> tasks,
            Set<Aid> held, DecimalMark mark) {
        List<Block> blocks = new ArrayList<>();
        blocks.add(new Block.Prose("text-1", prose));
        tasks.forEach(task -> blocks.add(new Block.Asked(task)));
        return new Exercise(id, title, place, heading, mark,
                List.of(new Part(FIRST_PART, "", data, roles, new Provenance.ByHand(), held, PlotRules.USUAL, blocks)));
    }

    /** An exercise of one part with two empty columns, an empty text and nothing asked yet. */
    public static Exercise blank(String id) {
        return new Exercise(id, "New exercise", "", "", DecimalMark.POINT,
                List.of(Part.blank(FIRST_PART).withBlockAt(0, new Block.Prose("text-1", ""))));
    }

    /** A study of data that are to come. */
    public static Exercise study(String id, String title, DecimalMark mark) {
        // One's own points may be put where one likes.
        Part own = Part.blank(FIRST_PART).withRules(PlotRules.USUAL.with(PointChange.ADD, true));
        return new Exercise(id, title, "", "", mark, List.of(own), Purpose.STUDY);
    }

    /** Whether somebody looks at data of their own in it. */
    public boolean isStudy() {
        return purpose == Purpose.STUDY;
    }

    /** The first part, where work begins. */
    public Part first() {
        return parts.getFirst();
    }

    /** The first part that has data; the very first where none has. */
    public Part firstWithData() {
        return parts.stream().filter(part -> !part.isOwn()).findFirst().orElseGet(this::first);
    }

    public Optional<Part> part(String partId) {
        return parts.stream().filter(part -> part.id().equals(partId)).findFirst();
    }

    /** The part on whose sheet a block stands. */
    public Optional<Part> partOf(String blockId) {
        return parts.stream().filter(part -> part.indexOf(blockId) >= 0).findFirst();
    }

    /** The place of a part, from 0. */
    public int indexOf(Part part) {
        return parts.stream().map(Part::id).toList().indexOf(part.id());
    }

    public Optional<Block> block(String blockId) {
        return partOf(blockId).map(part -> part.blocks().get(part.indexOf(blockId)));
    }

    /** All blocks, part after part. */
    public List<Block> blocks() {
        return parts.stream().flatMap(part -> part.blocks().stream()).toList();
    }

    /** All tasks, part after part. */
    public List<Task> tasks() {
        return parts.stream().flatMap(part -> part.tasks().stream()).toList();
    }

    public Optional<Task> task(String taskId) {
        return tasks().stream().filter(task -> task.id().equals(taskId)).findFirst();
    }

    /** The place of a task among all tasks, from 0. */
    public int indexOf(String taskId) {
        return tasks().stream().map(Task::id).toList().indexOf(taskId);
    }

    public int marks() {
        return tasks().stream().mapToInt(task -> task.terms().marks()).sum();
    }

    /** A block of this exercise or of another, with an id that is free in this one. */
    public Block fresh(Block block) {
        return block.called(freshId(block.idKind()));
    }

    /** A part of this exercise or of another, with ids that are free in this one. */
    public Part fresh(Part part) {
        Set<String> taken = new HashSet<>(ids(parts).toList());
        return part.called(freshId("part"), block -> {
            int number = 1;
            while (!taken.add(block.idKind() + "-" + number)) {
                number++;
            }
            return block.called(block.idKind() + "-" + number);
        });
    }

    /** The exercise as a student finds it who has come to a task: what the tasks before it open in its part is open. */
    public Exercise startingAt(String taskId) {
        Optional<Part> part = partOf(taskId);
        if (part.isEmpty()) {
            return this;
        }
        Set<Aid> held = new HashSet<>(part.get().held());
        held.removeAll(part.get().openBefore(task(taskId).orElseThrow()));
        return with(part.get().withHeld(held));
    }

    /** An id that no part, block or task has yet: "task-4", for example. */
    public String freshId(String kind) {
        Set<String> taken = new HashSet<>(ids(parts).toList());
        int number = 1;
        while (taken.contains(kind + "-" + number)) {
            number++;
        }
        return kind + "-" + number;
    }

    /** The same as an exercise of its own, under another id. */
    public Exercise called(String other) {
        return new Exercise(other, title, place, heading, mark, parts, purpose, issue, copy, atEnd, parting);
    }

    /** With another decimal mark: numbers in the tables and in what tasks give out are written with it. */
    public Exercise with(DecimalMark other) {
        if (other == mark) {
            return this;
        }
        UnaryOperator<String> written = text -> text.replace(mark.sign(), other.sign());
        List<Part> rewritten = parts.stream().map(part -> part.withData(part.data()
                .withRows(part.data().rows().stream().map(row -> row.rewritten(written, other)).toList()))
                .withTasks((Task task) -> task.rewritten(written))).toList();
        return new Exercise(id, title, place, heading, other, rewritten, purpose, issue, copy, atEnd, parting);
    }

    /** With every verdict shown at the same time. */
    public Exercise showing(Terms.Showing when) {
        return withParts(parts.stream().map(part -> part.withTasks((Task task) -> task.with(task.terms().withVerdict(when))))
                .toList());
    }

    public Exercise withTexts(String newTitle, String newPlace, String newHeading) {
        return new Exercise(id, newTitle, newPlace, newHeading, mark, parts, purpose, issue, copy, atEnd, parting);
    }

    public Exercise withParts(List<Part> list) {
        return new Exercise(id, title, place, heading, mark, list, purpose, issue, copy, atEnd, parting);
    }

    public Exercise with(Issue how) {
        return new Exercise(id, title, place, heading, mark, parts, purpose, how, copy, atEnd, parting);
    }

    public Exercise with(Optional<Copy> which) {
        return new Exercise(id, title, place, heading, mark, parts, purpose, issue, which, atEnd, parting);
    }

    public Exercise with(Closing closing) {
        return new Exercise(id, title, place, heading, mark, parts, purpose, issue, copy, Optional.of(closing), parting);
    }

    /** With the marks of answers that are right in part rounded otherwise. */
    public Exercise with(PartMarks other) {
        return new Exercise(id, title, place, heading, mark, parts, purpose, issue, copy, atEnd, Optional.of(other));
    }

    /** To what the marks of answers are rounded that are right in part. */
    public PartMarks partMarks() {
        return parting.orElse(PartMarks.HALVES);
    }

    /** How marks are written. */
    public Marks inMarks() {
        return new Marks(mark);
    }

    /** What stands at the foot of the sheet once all is answered. */
    public Closing closing() {
        return atEnd.orElse(Closing.NONE);
    }

    /**
     * Why nothing can be written, drawn, printed or marked by it, as a sentence, where it is a student's copy; nothing where it
     * is the author's own.
     */
    public Optional<String> refusesAuthors() {
        return isCopy()
                ? Optional.of("This is a student\u2019s copy of \u201c" + title
                        + "\u201d: its keys are left out or sealed. Use your own exercise, from which it was published.")
                : Optional.empty();
    }

    /** Whether it is a student's copy, which is worked in and not written. */
    public boolean isCopy() {
        return copy.isPresent();
    }

    /** Whether the key of a task is sealed in this copy, so that the right answer cannot be told. */
    public boolean isSealed(Task task) {
        return copy.flatMap(it -> it.seal(task)).isPresent();
    }

    /**
     * The verdict on an attempt: in a copy, by the sealed key where there is one; its marks are rounded here and nowhere else.
     */
    public Verdict judge(Task task, Attempt attempt, Truth truth) {
        return partMarks().rounded(unrounded(task, attempt, truth), task.terms().marks());
    }

    private Verdict unrounded(Task task, Attempt attempt, Truth truth) {
        Optional<Seal> seal = copy.flatMap(it -> it.seal(task));
        if (seal.isEmpty() || !(task instanceof SetByHand set)) {
            return task.judge(attempt, truth);
        }
        List<String> pieces = set.pieces(attempt.answer(), truth);
        Verdict verdict = set.isSealedInPart(truth)
                ? seal.get().judge(task, pieces, task.judged(attempt, truth)) : seal.get().judge(task, pieces);
        return verdict.costing(task.terms().costOf(attempt.hints().orElse(0)));
    }

    /** With the part of the same id replaced. */
    public Exercise with(Part part) {
        return withParts(parts.stream().map(old -> old.id().equals(part.id()) ? part : old).toList());
    }

    /** With what hangs together changed in step with the rest, after an edit of the author's. */
    public Exercise inStepWith(Exercise before) {
        return withParts(parts.stream().map(part -> before.part(part.id()).map(it -> part.inStepWith(it, mark)).orElse(part))
                .toList());
    }

    /** With the first part changed. */
    public Exercise withFirst(UnaryOperator<Part> change) {
        return with(change.apply(first()));
    }

    /** With a part put in at a place from 0. */
    public Exercise withPartAt(int index, Part part) {
        List<Part> list = new ArrayList<>(parts);
        list.add(Math.clamp(index, 0, list.size()), part);
        return withParts(list);
    }

    /** Without a part; the last one stays. */
    public Exercise withoutPart(String partId) {
        return parts.size() == 1 ? this : withParts(parts.stream().filter(part -> !part.id().equals(partId)).toList());
    }
}
