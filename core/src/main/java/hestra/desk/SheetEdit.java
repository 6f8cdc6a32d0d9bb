package hestra.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.exercise.Part;
import hestra.numbers.DecimalMark;
import hestra.task.Keepable;
import hestra.working.CalculationLine;

/**
 * Something that a person does to a sheet of their own. What is put in has the id {@link OwnSheet#freshId}. One that names what
 * is not there changes nothing.
 */
public sealed interface SheetEdit extends WorkEdit {

    /** The longest text of a note, far more than a person types. */
    int LONGEST = 200_000;

    /** The sheet after the edit of some work. */
    OwnSheet appliedTo(OwnSheet sheet, PartWork work);

    /** Whether it keeps how things stand now, so that it must be known what is closed. */
    default boolean keeps() {
        return false;
    }

    @Override
    default Desk appliedIn(Part part, Desk desk) {
        PartWork before = desk.work().part(part);
        PartWork after = appliedTo(keeps() ? before.shutting(TaskStates.closed(part, desk)) : before,
                part, desk.exercise().mark());
        return new Desk(desk.exercise(), desk.work().with(part, after.shutting(Set.of())), desk.pointing());
    }

    @Override
    default PartWork appliedTo(PartWork work, Part part, DecimalMark mark) {
        OwnSheet changed = appliedTo(work.sheet(), work);
        return changed.equals(work.sheet()) ? work : work.with(changed);
    }

    private static boolean sameRun(Optional<String> run, Optional<String> other) {
        return run.isPresent() && run.equals(other);
    }

    /**
     * A text is begun.
     *
     * @param run names the run of typing in one field, all of which is undone together
     */
    record Write(OwnSheet.Spot at, String text, Optional<String> run) implements SheetEdit {
        @Override
        public String inWords() {
            return "writing";
        }

        @Override
        public OwnSheet appliedTo(OwnSheet sheet, PartWork work) {
            return text.length() > LONGEST ? sheet : sheet.with(at, new Note.Text(sheet.freshId(), text));
        }
    }

    /** A text is changed. */
    record ChangeText(String note, String text, Optional<String> run) implements SheetEdit {
        @Override
        public String inWords() {
            return "writing";
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof ChangeText other && other.note.equals(note) && sameRun(run, other.run)
                    || before instanceof Write begun && sameRun(run, begun.run);
        }

        @Override
        public Edit.Local joinedTo(Edit.Lasting before) {
            return before instanceof Write begun ? new Write(begun.at(), text, run) : this;
        }

        @Override
        public OwnSheet appliedTo(OwnSheet sheet, PartWork work) {
            return text.length() > LONGEST
                    ? sheet : sheet.with(note, it -> it instanceof Note.Text ? new Note.Text(note, text) : it);
        }
    }

    /**
     * The plot is kept, or what is read off it.
     *
     * @param follows whether it goes on changing with the plot
     */
    record Keep(OwnSheet.Spot at, Keepable what, boolean follows) implements SheetEdit {
        @Override
        public String inWords() {
            return "keeping " + what.inWords();
        }

        @Override
        public boolean keeps() {
            return true;
        }

        @Override
        public OwnSheet appliedTo(OwnSheet sheet, PartWork work) {
            return sheet.with(at,
                    new Note.Kept(sheet.freshId(), what, follows ? Optional.empty() : Optional.of(work.asItStands()), ""));
        }
    }

    /** A calculation line is kept with its result. */
    record KeepLine(OwnSheet.Spot at, CalculationLine line) implements SheetEdit {
        @Override
        public String inWords() {
            return "keeping a calculation";
        }

        @Override
        public boolean keeps() {
            return true;
        }

        @Override
        public OwnSheet appliedTo(OwnSheet sheet, PartWork work) {
            return sheet.with(at, new Note.Calculated(sheet.freshId(), line, Optional.of(work.asItStands())));
        }
    }

    /** The caption of something that is kept is typed. */
    record Caption(String note, String text, Optional<String> run) implements SheetEdit {
        @Override
        public String inWords() {
            return "typing a caption";
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof Caption other && other.note.equals(note) && sameRun(run, other.run);
        }

        @Override
        public OwnSheet appliedTo(OwnSheet sheet, PartWork work) {
            return text.length() > LONGEST
                    ? sheet : sheet.with(note, it -> it instanceof Note.Kept kept ? kept.captioned(text) : it);
        }
    }

    /** What is kept is to follow the plot from now on, or stays as it is now. */
    record Follow(String note, boolean follows) implements SheetEdit {
        @Override
        public String inWords() {
            return follows ? "following the plot" : "keeping it as it is";
        }

        @Override
        public boolean keeps() {
            return true;
        }

        @Override
        public OwnSheet appliedTo(OwnSheet sheet, PartWork work) {
            return sheet.with(note, it -> it instanceof Note.Shown shown && shown.follows() != follows
                    ? shown.with(follows ? Optional.empty() : Optional.of(work.asItStands())) : it);
        }
    }

    /** A note is moved up or down by so many places. */
    record Move(String note, int by) implements SheetEdit {
        @Override
        public String inWords() {
            return "moving it";
        }

        @Override
        public OwnSheet appliedTo(OwnSheet sheet, PartWork work) {
            return sheet.moved(note, by);
        }
    }

    /** A note is taken off the sheet. */
    record Remove(String note) implements SheetEdit {
        @Override
        public String inWords() {
            return "removing it from the sheet";
        }

        @Override
        public OwnSheet appliedTo(OwnSheet sheet, PartWork work) {
            return sheet.without(note);
        }
    }

    /**
     * The plot comes back as it stood when something was kept, with the data of then. What is kept stays; what followed the plot
     * follows it there.
     */
    record BringBack(String note) implements SheetEdit {
        @Override
        public String inWords() {
            return "bringing back a kept plot";
        }

        @Override
        public OwnSheet appliedTo(OwnSheet sheet, PartWork work) {
            return sheet;
        }

        @Override
        public PartWork appliedTo(PartWork work, Part part, DecimalMark mark) {
            return work.sheet().note(note).filter(Note.Shown.class::isInstance).flatMap(it -> ((Note.Shown) it).frozen())
                    .map(work::asItStood).orElse(work);
        }
    }

    /**
     * A calculation line is typed.
     *
     * @param index which, from 0; the number of lines for a new one
     */
    record WriteLine(int index, CalculationLine line, Optional<String> run) implements SheetEdit {
        @Override
        public String inWords() {
            return "a calculation";
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof WriteLine other && other.index == index && sameRun(run, other.run);
        }

        @Override
        public OwnSheet appliedTo(OwnSheet sheet, PartWork work) {
            if (index < 0 || index > sheet.lines().size() || index >= CalculationLine.MOST || line.text().length() > LONGEST) {
                return sheet;
            }
            List<CalculationLine> changed = new ArrayList<>(sheet.lines());
            if (index == changed.size()) {
                changed.add(line);
            } else {
                changed.set(index, line);
            }
            return sheet.withLines(changed);
        }
    }

    /** A calculation line is taken away. */
    record RemoveLine(int index) implements SheetEdit {
        @Override
        public String inWords() {
            return "removing a calculation";
        }

        @Override
        public OwnSheet appliedTo(OwnSheet sheet, PartWork work) {
            if (index < 0 || index >= sheet.lines().size()) {
                return sheet;
            }
            List<CalculationLine> changed = new ArrayList<>(sheet.lines());
            changed.remove(index);
            return sheet.withLines(changed);
        }
    }
}
