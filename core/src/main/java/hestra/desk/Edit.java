package hestra.desk;

import java.util.Optional;
import java.util.OptionalInt;

import hestra.data.Selection;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.task.Answer;

/**
 * One thing that a person does to the desk. Edits are what the journal holds, so each is small and stands by itself; rows
 * and columns count from 0.
 */
public sealed interface Edit {

    /** An edit that changes what is kept: it can be undone and is journalled. It says itself what comes of it. */
    sealed interface Lasting extends Edit permits Local, ExerciseEdit, InPart, Pasted, Draft, Name, StartAgain {

        /**
         * The desk afterwards. An edit that names what is not there changes nothing, so that a journal can be replayed whatever
         * it holds.
         */
        Desk appliedTo(Desk desk);

        /** What it does, for "Undo …". */
        String inWords();

        /** The id of the part in which it happens; nothing where that is no part alone. */
        default Optional<String> where(Exercise exercise) {
            return Optional.empty();
        }

        /** Whether it goes on from the edit before it, so that both are undone as one. */
        default boolean continues(Lasting before) {
            return false;
        }

        /** This edit and the one before it, which it continues, as one: made from the same desk, it comes to the same. */
        default Lasting joinedTo(Lasting before) {
            return this;
        }
    }

    /** An edit in one part, whichever that is: the first where nothing says otherwise. */
    sealed interface Local extends Lasting permits WorkEdit, PartEdit {

        /** The desk after this edit in a part. */
        Desk appliedIn(Part part, Desk desk);

        @Override
        default Desk appliedTo(Desk desk) {
            return appliedIn(desk.exercise().first(), desk);
        }

        @Override
        default Optional<String> where(Exercise exercise) {
            return Optional.of(exercise.first().id());
        }

        @Override
        default Local joinedTo(Lasting before) {
            return this;
        }
    }

    /** An edit that stands once it is made: it is journalled, and no undo takes it back. */
    sealed interface Final extends Edit {}

    /** An edit of what is pointed at: neither undone nor journalled. */
    sealed interface Passing extends Edit {}

    /** A step back or forward: journalled, so that a restart can go on undoing. */
    sealed interface Step extends Edit {}

    /** The last lasting edit is taken back. */
    record Undo() implements Step {}

    /** The last edit taken back is made again. */
    record Redo() implements Step {}

    /** Rows are selected, or none. */
    record Select(Selection rows) implements Passing {

        /** One row is selected, or none. */
        public Select(OptionalInt row) {
            this(Selection.of(row));
        }
    }

    /** A handle of the curve tried by eye is taken, for keys to move, or none; no row is selected beside it. */
    record TakeHandle(OptionalInt handle) implements Passing {}

    /** The pointer is over a row's point, or over none. */
    record Hover(OptionalInt row) implements Passing {}

    /** A task is turned to, or the first that is not done. */
    record TurnTo(Optional<String> task) implements Passing {}

    /** A part is turned to. */
    record GoTo(String part) implements Passing {}

    /** An edit in one part of the exercise. */
    record InPart(String part, Local edit) implements Lasting {
        @Override
        public Desk appliedTo(Desk desk) {
            return desk.exercise().part(part).map(it -> edit.appliedIn(it, desk)).orElse(desk);
        }

        @Override
        public String inWords() {
            return edit.inWords();
        }

        @Override
        public Optional<String> where(Exercise exercise) {
            return Optional.of(part);
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof InPart other && other.part.equals(part) && edit.continues(other.edit);
        }

        @Override
        public Lasting joinedTo(Lasting before) {
            return before instanceof InPart other ? new InPart(part, edit.joinedTo(other.edit)) : this;
        }
    }

    /**
     * Something is pasted: an edit with a number. Pasted again under the same number, as when it is to be read in another way, it
     * takes the place of the first time, and what was done since stays; see {@link History}. A study without a name gets one
     * by what is pasted.
     */
    record Pasted(long number, Lasting edit) implements Lasting {
        @Override
        public String inWords() {
            return edit.inWords();
        }

        @Override
        public Desk appliedTo(Desk desk) {
            return StudyName.given(edit.appliedTo(desk));
        }

        @Override
        public Optional<String> where(Exercise exercise) {
            return edit.where(exercise);
        }
    }

    /**
     * An answer is begun or changed.
     *
     * @param run names the run of typing in one field, all of which is undone together; nothing for a choice, which stands by
     *     itself
     */
    record Draft(String task, Answer answer, Optional<String> run) implements Lasting {

        /** An answer given otherwise than by typing. */
        public Draft(String task, Answer answer) {
            this(task, answer, Optional.empty());
        }

        @Override
        public String inWords() {
            return "answering";
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof Draft other && other.task.equals(task) && run.isPresent() && other.run.equals(run);
        }

        @Override
        public Optional<String> where(Exercise exercise) {
            return exercise.partOf(task).map(Part::id);
        }

        @Override
        public Desk appliedTo(Desk desk) {
            return desk.exercise().task(task).isPresent() ? desk.with(desk.work().withDraft(task, answer)) : desk;
        }
    }

    /** The answer to a task is checked as it stands. */
    record Check(String task) implements Final {}

    /** The next help of a task is asked for: it cannot be unread. */
    record TakeHint(String task) implements Final {}

    /** The student types a name. */
    record Name(String student) implements Lasting {
        @Override
        public String inWords() {
            return "typing the name";
        }

        @Override
        public boolean continues(Lasting before) {
            return before instanceof Name;
        }

        @Override
        public Desk appliedTo(Desk desk) {
            return desk.with(desk.work().withStudent(student));
        }
    }

    /**
     * The work starts again from the exercise as it stands; that it was begun once more is kept, whatever is undone. What was
     * told stays told: a task whose answer was shown keeps its answers, and one that is played in rounds goes on with new data.
     */
    record StartAgain() implements Lasting {
        @Override
        public String inWords() {
            return "starting again";
        }

        @Override
        public Desk appliedTo(Desk desk) {
            return desk.begunAgain();
        }
    }
}
