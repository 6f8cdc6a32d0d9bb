package hestra.desk;

import java.util.Optional;

import hestra.exercise.Block;
import hestra.exercise.Closing;
import hestra.exercise.Copy;
import hestra.exercise.Edition;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.exercise.PartMarks;
import hestra.numbers.DecimalMark;
import hestra.task.Terms;

/**
 * Something that the author does to the exercise as a whole: its texts, its parts, and the blocks of their sheets, which are
 * named by their ids wherever they stand. One that names what is not there changes nothing.
 */
public sealed interface ExerciseEdit extends Edit.Lasting {

    /** The exercise after the edit; the same object where it changes nothing. */
    Exercise appliedTo(Exercise exercise);

    @Override
    default Desk appliedTo(Desk desk) {
        return desk.with(appliedTo(desk.exercise()));
    }

    /**
     * The instructor changes the exercise's title, place and heading.
     *
     * @param run names the run of typing in one field, all of which is undone together
     */
    record WriteTexts(String title, String place, String heading, Optional<String> run) implements ExerciseEdit {

        /** Texts given all at once. */
        public WriteTexts(String title, String place, String heading) {
            this(title, place, heading, Optional.empty());
        }

        @Override
        public String inWords() {
            return "changing the title";
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof WriteTexts other && run.isPresent() && other.run.equals(run);
        }

        @Override
        public Exercise appliedTo(Exercise exercise) {
            return exercise.withTexts(title, place, heading);
        }
    }

    /** The author adds a part at a place from 0. */
    record AddPart(int index, Part part) implements ExerciseEdit {
        @Override
        public String inWords() {
            return "adding a part";
        }

        @Override
        public Exercise appliedTo(Exercise exercise) {
            boolean fits = exercise.parts().size() < Exercise.MOST_PARTS
                    && exercise.blocks().size() + part.blocks().size() <= Exercise.MOST_BLOCKS
                    && exercise.tasks().size() + part.tasks().size() <= Exercise.MOST_TASKS;
            boolean known = exercise.part(part.id()).isPresent()
                    || part.blocks().stream().anyMatch(block -> exercise.block(block.id()).isPresent());
            return fits && !known ? exercise.withPartAt(index, part) : exercise;
        }
    }

    /** The author moves a part to a place from 0. */
    record MovePart(String part, int index) implements ExerciseEdit {
        @Override
        public String inWords() {
            return "moving a part";
        }

        @Override
        public Exercise appliedTo(Exercise exercise) {
            return exercise.parts().size() == 1 ? exercise
                    : exercise.part(part).map(it -> exercise.withoutPart(part).withPartAt(index, it)).orElse(exercise);
        }
    }

    /** The author removes a part; the last one stays. */
    record RemovePart(String part) implements ExerciseEdit {
        @Override
        public String inWords() {
            return "removing a part";
        }

        @Override
        public Exercise appliedTo(Exercise exercise) {
            return exercise.withoutPart(part);
        }
    }

    /** The author adds a block to a part's sheet, at a place from 0. */
    record AddBlock(String part, int index, Block block) implements ExerciseEdit {
        @Override
        public String inWords() {
            return block instanceof Block.Asked ? "adding a task" : "adding to the sheet";
        }

        @Override
        public Exercise appliedTo(Exercise exercise) {
            boolean full = exercise.blocks().size() >= Exercise.MOST_BLOCKS
                    || block instanceof Block.Asked && exercise.tasks().size() >= Exercise.MOST_TASKS;
            boolean known = exercise.block(block.id()).isPresent() || exercise.part(block.id()).isPresent();
            return full || known
                    ? exercise : exercise.part(part).map(it -> exercise.with(it.withBlockAt(index, block))).orElse(exercise);
        }
    }

    /**
     * The author changes a block, named by its id.
     *
     * @param run names the run of typing in one field, all of which is undone together; nothing for a choice, which stands by
     *     itself
     */
    record ChangeBlock(Block block, Optional<String> run) implements ExerciseEdit {

        /** A change made otherwise than by typing. */
        public ChangeBlock(Block block) {
            this(block, Optional.empty());
        }

        @Override
        public String inWords() {
            return block instanceof Block.Asked ? "changing a task" : "writing";
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof ChangeBlock other && other.block.id().equals(block.id()) && run.isPresent()
                    && other.run.equals(run);
        }

        @Override
        public Exercise appliedTo(Exercise exercise) {
            return exercise.partOf(block.id()).map(part -> exercise.with(part.withBlock(block))).orElse(exercise);
        }
    }

    /** The author moves a block to a part, at a place from 0 among its other blocks. */
    record MoveBlock(String block, String part, int index) implements ExerciseEdit {
        @Override
        public String inWords() {
            return "moving a block";
        }

        @Override
        public Exercise appliedTo(Exercise exercise) {
            Optional<Block> moved = exercise.block(block);
            if (moved.isEmpty() || exercise.part(part).isEmpty()) {
                return exercise;
            }
            Exercise without = exercise.with(exercise.partOf(block).orElseThrow().withoutBlock(block));
            return without.with(without.part(part).orElseThrow().withBlockAt(index, moved.get()));
        }
    }

    /** The author removes a block. */
    record RemoveBlock(String block) implements ExerciseEdit {
        @Override
        public String inWords() {
            return "removing a block";
        }

        @Override
        public Exercise appliedTo(Exercise exercise) {
            return exercise.partOf(block).map(part -> exercise.with(part.withoutBlock(block))).orElse(exercise);
        }
    }

    /** The author has a variant drawn once more. */
    record DrawAnew(int variant) implements ExerciseEdit {
        @Override
        public String inWords() {
            return "drawing variant " + variant + " anew";
        }

        @Override
        public Exercise appliedTo(Exercise exercise) {
            return variant < 1 || variant > Copy.MOST_VARIANTS ? exercise : exercise.with(exercise.issue().drawnAnew(variant));
        }
    }

    /** All variants are drawn from another seed. */
    record DrawFrom(long seed) implements ExerciseEdit {
        @Override
        public String inWords() {
            return "drawing all variants anew";
        }

        @Override
        public Exercise appliedTo(Exercise exercise) {
            return exercise.with(exercise.issue().withSeed(seed));
        }
    }

    /** The exercise was published: how it stands is kept, so that what is handed in can be marked when it has been changed. */
    record Publish(Edition edition) implements ExerciseEdit {
        @Override
        public String inWords() {
            return "publishing edition " + edition.number();
        }

        @Override
        public Exercise appliedTo(Exercise exercise) {
            return exercise.issue().edition(edition.number()).equals(Optional.of(edition))
                    ? exercise : exercise.with(exercise.issue().publishing(edition));
        }
    }

    /** The author brings back an earlier version: everything but which exercise it is, and what was published. */
    record GoBackTo(Exercise version) implements ExerciseEdit {
        @Override
        public String inWords() {
            return "going back to an earlier version";
        }

        @Override
        public Exercise appliedTo(Exercise exercise) {
            Exercise back = version.called(exercise.id()).with(exercise.issue());
            return back.purpose() != exercise.purpose() || back.isCopy() || back.equals(exercise) ? exercise : back;
        }
    }

    /** The author changes the decimal mark. */
    record WriteMark(DecimalMark mark) implements ExerciseEdit {
        @Override
        public String inWords() {
            return "changing the decimal sign";
        }

        @Override
        public Exercise appliedTo(Exercise exercise) {
            return exercise.with(mark);
        }
    }

    /** The author says to what the marks of answers are rounded that are right in part. */
    record RoundMarks(PartMarks to) implements ExerciseEdit {
        @Override
        public String inWords() {
            return "changing how marks are rounded";
        }

        @Override
        public Exercise appliedTo(Exercise exercise) {
            return to == exercise.partMarks() ? exercise : exercise.with(to);
        }
    }

    /** The author says when verdicts are shown, at all tasks at once. */
    record ShowVerdicts(Terms.Showing when) implements ExerciseEdit {
        @Override
        public String inWords() {
            return "changing when verdicts are shown";
        }

        @Override
        public Exercise appliedTo(Exercise exercise) {
            return exercise.showing(when);
        }
    }

    /**
     * The author says what students find once all is answered.
     *
     * @param run names the run of typing, all of which is undone together; nothing for a choice
     */
    record WriteClosing(Closing closing, Optional<String> run) implements ExerciseEdit {
        @Override
        public String inWords() {
            return "changing what students see at the end";
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof WriteClosing other && run.isPresent() && other.run.equals(run);
        }

        @Override
        public Exercise appliedTo(Exercise exercise) {
            return exercise.with(closing);
        }
    }
}
