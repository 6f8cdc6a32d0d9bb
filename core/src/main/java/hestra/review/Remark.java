package hestra.review;

import java.util.Optional;

import hestra.desk.Edit;

/**
 * Something about an exercise that its author should look at before it is given out.
 *
 * @param sort what sort of thing it is
 * @param part the id of the part it is about; nothing for the whole
 * @param task the id of the task it is about; nothing for the part or the whole
 * @param message what is wrong and where, as a sentence or two
 * @param mend what would mend it; nothing where that is for the author to find
 */
public record Remark(Sort sort, Optional<String> part, Optional<String> task, String message, Optional<Mend> mend) {

    /** What can be wrong. */
    public enum Sort {
        /** A task has no right answer. */
        NO_KEY,
        /** A task earns nothing. */
        WORTH_NOTHING,
        /** A task calls for an aid that is still closed. */
        AID_CLOSED,
        /** An aid is closed that nothing opens. */
        NEVER_OPENED,
        /** A task is done by moving points, which the plot does not allow. */
        BARRED,
        /** A task asks for a curve that is not offered. */
        CURVE_NOT_OFFERED,
        /** A key lies so near a half that rounding decides it by a hair. */
        ON_THE_EDGE,
        /** A mistake gives the right answer at the rounding that is asked for. */
        MISTAKE_IS_RIGHT,
        /** A text or a prompt asks for a live value that there is none of. */
        UNKNOWN_VALUE,
        /** A prompt, a choice or the like is still empty. */
        EMPTY,
        /** A text says how many pairs there are, and there are others. */
        TEXT_DISAGREES,
        /** A key is a number of the author's, while the data differ from variant to variant. */
        FIXED_KEY,
        /** Two plain mistakes give the same number, so that neither can be named for sure. */
        MISTAKES_ALIKE,
        /** A block is of a kind that is not known here. */
        NOT_KNOWN,
        /** There is nothing to do at all. */
        NOTHING_ASKED,
        /** A task hides the plot or an aid from one that comes before it and is about it. */
        HIDDEN_BEFORE,
        /** A task is about pairs that a later one has typed. */
        TYPED_LATER,
        /** What a task asks to be found by eye can be seen before. */
        SEEN_BEFORE,
        /** A target cannot be met with the points and by the rules of the part. */
        OUT_OF_REACH,
        /** A text, a figure or another task tells what a task asks for. */
        TOLD,
        /** A prompt that will be printed speaks of what there is on a screen alone. */
        SCREEN_WORDS;

        /** Whether a student could not do what is asked, or could not be judged: what is so should not be given out. */
        public boolean isUnfinished() {
            return switch (this) {
                case NO_KEY, AID_CLOSED, BARRED, CURVE_NOT_OFFERED, UNKNOWN_VALUE, EMPTY, NOT_KNOWN, NOTHING_ASKED, HIDDEN_BEFORE,
                        TYPED_LATER -> true;
                case WORTH_NOTHING, NEVER_OPENED, ON_THE_EDGE, MISTAKE_IS_RIGHT, TEXT_DISAGREES, FIXED_KEY, MISTAKES_ALIKE,
                        SEEN_BEFORE, OUT_OF_REACH, TOLD, SCREEN_WORDS -> false;
            };
        }
    }

    /**
     * What would mend it.
     *
     * @param words what it does, for a button: "Give it 1 mark"
     * @param edit the edit that does it
     */
    public record Mend(String words, Edit.Lasting edit) {}

    /** Whether it is about a task. */
    public boolean isAbout(String taskId) {
        return task.filter(taskId::equals).isPresent();
    }
}
