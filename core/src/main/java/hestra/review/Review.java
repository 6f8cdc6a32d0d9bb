package hestra.review;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

import hestra.data.PointChange;
import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.PartEdit;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.LiveText;
import hestra.exercise.Part;
import hestra.exercise.PlotRules;
import hestra.exercise.Varying;
import hestra.feedback.Mistake;
import hestra.feedback.NumberJudge;
import hestra.fit.CurveFamily;
import hestra.numbers.Rounding;
import hestra.task.Aid;
import hestra.task.AsksNumbers;
import hestra.task.Conceals;
import hestra.task.DoneOnPlot;
import hestra.task.Key;
import hestra.task.Task;
import hestra.task.Truth;
import hestra.task.UsesCurve;

/** Looks through an exercise as a careful colleague would, before it is given out. */
public final class Review {

    private static final int MOST_NAMED = 3;
    /** "24 pairs" and the like. */
    private static final Pattern PAIRS =
            Pattern.compile("\\b(\\d{1,5}) (?:pairs|points|rows|measurements|readings|observations)\\b");

    private final Exercise exercise;
    private final List<Remark> remarks = new ArrayList<>();

    private Review(Exercise exercise) {
        this.exercise = exercise;
    }

    /** What of an exercise is unfinished: a student could not do it, or could not be judged. */
    public static List<Remark> unfinished(Exercise exercise) {
        return of(exercise).stream().filter(it -> it.sort().isUnfinished()).toList();
    }

    /** All that there is to say of an exercise, in the order of its sheet. */
    public static List<Remark> of(Exercise exercise) {
        Review review = new Review(exercise);
        if (exercise.isStudy()) {
            return List.of();
        }
        if (exercise.tasks().isEmpty()) {
            review.remarks.add(new Remark(Remark.Sort.NOTHING_ASKED, Optional.empty(), Optional.empty(),
                    "Nothing is asked yet. Add a task: its right answer is computed from the data.", Optional.empty()));
        }
        exercise.parts().forEach(review::part);
        return List.copyOf(review.remarks);
    }

    private void part(Part part) {
        Truth truth = part.truth(exercise.mark());
        for (Block block : part.blocks()) {
            if (block instanceof Block.Asked(Task task)) {
                task(part, task, truth);
            } else if (block instanceof Block.Strange strange) {
                add(Remark.Sort.NOT_KNOWN, part, Optional.empty(),
                        "There is a block here of a kind that is not known, " + strange.called()
                        + ": students do not see it. Open the exercise in a newer Hestra.",
                        Optional.of(new Remark.Mend("Take it out", new ExerciseEdit.RemoveBlock(strange.id()))));
            } else {
                texts(block).forEach(text -> values(part, Optional.empty(), text, "A text"));
                counted(part, block);
            }
        }
        neverOpened(part);
    }

    /** What is closed and stays so, unless the part is played in rounds, in which it is shown. */
    private void neverOpened(Part part) {
        Set<Aid> never = EnumSet.noneOf(Aid.class);
        never.addAll(part.held());
        part.tasks().forEach(task -> never.removeAll(task.terms().opens()));
        part.shut().forEach(it -> never.remove(it.aid()));
        if (!never.isEmpty() && !part.tasks().isEmpty()
                && part.tasks().stream().allMatch(task -> Conceals.of(task).revealed().isEmpty())) {
            add(Remark.Sort.NEVER_OPENED, part, Optional.empty(),
                    "Closed" + in(part) + ", and opened by no task: "
                    + String.join(", ", never.stream().map(Aid::inWords).toList()) + ".",
                    Optional.of(new Remark.Mend("Leave " + (never.size() == 1 ? "it" : "them") + " open", open(part, never))));
        }
    }

    /** A number of pairs in a text that is not that of the data: likely to be left from other data. */
    private void counted(Part part, Block block) {
        if (part.isOwn() || !(block instanceof Block.Prose(String id, String text))) {
            return;
        }
        Matcher said = PAIRS.matcher(text);
        if (said.find() && !said.group(1).equals(Integer.toString(part.pairs().n()))
                && !said.group(1).equals(Integer.toString(part.data().size()))) {
            String live = text.substring(0, said.start(1)) + "{n}" + text.substring(said.end(1));
            add(Remark.Sort.TEXT_DISAGREES, part, Optional.empty(),
                    "A text speaks of " + said.group() + in(part) + ", and the data have " + part.pairs().n() + ".",
                    Optional.of(new Remark.Mend("Write {n}, which follows the data",
                            new ExerciseEdit.ChangeBlock(new Block.Prose(id, live)))));
        }
    }

    private static List<String> texts(Block block) {
        return switch (block) {
            case Block.Prose(String _, String text) -> List.of(text);
            case Block.Illustration(String _, var _, String caption, String alternative) -> List.of(caption, alternative);
            case Block.Plot plot -> List.of(plot.caption());
            case Block.Printed(String _, String caption) -> List.of(caption);
            case Block.Formula(String _, String formula) -> List.of(formula);
            case Block.Asked _, Block.Strange _ -> List.of();
        };
    }

    private void task(Part part, Task task, Truth truth) {
        Optional<String> id = Optional.of(task.id());
        String name = "Task " + (exercise.indexOf(task.id()) + 1);
        Key key = task.key(truth);
        if (!key.computed()) {
            add(Remark.Sort.NO_KEY, part, id, name + " has no right answer yet: " + ended(key.text()),
                    Optional.of(new Remark.Mend("Take it out", new ExerciseEdit.RemoveBlock(task.id()))));
        }
        if (task.terms().prompt().isBlank()) {
            add(Remark.Sort.EMPTY, part, id, name + " says nothing of what is to be done: its prompt is empty.",
                    Optional.empty());
        }
        task.lacks().ifPresent(lack -> add(Remark.Sort.EMPTY, part, id, name + ": " + lack, Optional.empty()));
        if (task.terms().marks() == 0) {
            add(Remark.Sort.WORTH_NOTHING, part, id, name + " is worth no marks.",
                    mend("Give it 1 mark", task, task.with(task.terms().withMarks(1))));
        }
        if (!DoneOnPlot.of(task).canBeDoneWith(part.rules().points())) {
            add(Remark.Sort.BARRED, part, id,
                    name + " is done by moving, adding or removing points, and the plot does not allow that here.",
                    Optional.of(new Remark.Mend("Allow it", in(part, new PartEdit.WriteRules(allowing(part.rules()))))));
        }
        notOffered(part, task, name);
        part.shut().stream().filter(it -> it.task().equals(task)).filter(it -> part.hider(task, it.aid()).isEmpty())
                .forEach(it -> shut(part, it, name));
        remarks.addAll(Order.of(exercise, part, task));
        DoneOnPlot.of(task).outOfReach(truth).filter(_ -> DoneOnPlot.of(task).canBeDoneWith(part.rules().points()))
                .ifPresent(why -> add(Remark.Sort.OUT_OF_REACH, part, id,
                        name + " cannot be done with these points and by these rules. " + why, Optional.empty()));
        remarks.addAll(Told.of(exercise, part, task, truth));
        if (task instanceof AsksNumbers asking && asking.hasFixedNumber() && part.varying().way() != Varying.Way.SAME) {
            add(Remark.Sort.FIXED_KEY, part, id,
                    name + ": the number is the same for all, and the data differ from student to student. Ask for a value "
                    + "that is read instead, or give all the same data.",
                    Optional.of(new Remark.Mend("The same data for all",
                            in(part, new PartEdit.Vary(part.varying().with(Varying.Way.SAME))))));
        }
        values(part, id, task.terms().prompt(), name);
        values(part, id, task.terms().hint(), name);
        values(part, id, task.terms().why(), name);
        numbers(part, task, truth, name);
    }

    private void notOffered(Part part, Task task, String name) {
        Set<CurveFamily> missing = EnumSet.noneOf(CurveFamily.class);
        UsesCurve.of(task).curves().stream().filter(curve -> !part.rules().offers(curve))
                .flatMap(curve -> CurveFamily.of(curve).stream()).forEach(missing::add);
        if (!missing.isEmpty()) {
            Set<CurveFamily> all = EnumSet.copyOf(missing);
            all.addAll(part.rules().offered());
            add(Remark.Sort.CURVE_NOT_OFFERED, part, Optional.of(task.id()),
                    name + " asks for a curve that is not offered here: "
                    + String.join(", ", missing.stream().map(CurveFamily::inWords).toList()) + ".",
                    Optional.of(new Remark.Mend("Offer " + (missing.size() == 1 ? "it" : "them"),
                            in(part, new PartEdit.WriteRules(part.rules().offering(all))))));
        }
    }

    private static PlotRules allowing(PlotRules rules) {
        PlotRules all = rules;
        for (PointChange change : PointChange.values()) {
            all = all.with(change, true);
        }
        return all;
    }

    private void shut(Part part, Part.Shut shut, String name) {
        String opens = shut.opener().map(it -> "only task " + (exercise.indexOf(it.id()) + 1) + " opens it")
                .orElse("no task opens it");
        List<Task> before = part.tasks().subList(0, part.tasks().indexOf(shut.task()));
        Optional<Remark.Mend> mend = before.isEmpty()
                ? Optional.of(new Remark.Mend("Leave it open", open(part, EnumSet.of(shut.aid()))))
                : opening(before.getLast(), shut.aid());
        add(Remark.Sort.AID_CLOSED, part, Optional.of(shut.task().id()), name + " calls for the " + shut.aid()
                .inWords() + ", which is still closed then: " + opens + ".", mend);
    }

    private Optional<Remark.Mend> opening(Task task, Aid aid) {
        Set<Aid> opens = EnumSet.of(aid);
        opens.addAll(task.terms().opens());
        return mend("Have task " + (exercise.indexOf(task.id()) + 1) + " open it", task, task.with(task.terms().opening(opens)));
    }

    private static Edit.Lasting open(Part part, Set<Aid> aids) {
        return in(part, new PartEdit.WriteHeld(part.held().stream().filter(it -> !aids.contains(it))
                .collect(Collectors.toSet())));
    }

    private static Edit.Lasting in(Part part, PartEdit edit) {
        return new Edit.InPart(part.id(), edit);
    }

    /** " in part 2", where there are several. */
    private String in(Part part) {
        return exercise.parts().size() == 1 ? "" : " in part " + (exercise.indexOf(part) + 1);
    }

    private void numbers(Part part, Task task, Truth truth, String name) {
        Set<String> alike = new TreeSet<>();
        boolean edge = false;
        for (NumberJudge judge : AsksNumbers.of(task, truth)) {
            edge |= judge.isOnTheEdge();
            judge.alike().stream().map(Mistake::inWords).forEach(alike::add);
        }
        Optional<Remark.Mend> finer = finer(task);
        Set<String> together = new TreeSet<>();
        AsksNumbers.of(task, truth).forEach(judge -> together.addAll(judge.alikeAmongThemselves().stream()
                .map(pair -> pair.stream().map(Mistake::inWords).collect(Collectors.joining(" and "))).toList()));
        if (!together.isEmpty()) {
            add(Remark.Sort.MISTAKES_ALIKE, part, Optional.of(task.id()),
                    name + ": so rounded, these mistakes give the same number, and both are named: " + together.stream()
                    .limit(MOST_NAMED).collect(Collectors.joining("; "))
                    + (together.size() > MOST_NAMED ? " and " + (together.size() - MOST_NAMED) + " more" : "") + ".", finer);
        }
        if (edge) {
            add(Remark.Sort.ON_THE_EDGE, part, Optional.of(task.id()),
                    name + ": the value lies so near a half that the last digit is decided by a hair. Ask for another number "
                    + "of digits.", finer);
        }
        if (!alike.isEmpty()) {
            String listed = alike.stream().limit(MOST_NAMED).collect(Collectors.joining("; "));
            add(Remark.Sort.MISTAKE_IS_RIGHT, part, Optional.of(task.id()),
                    name + ": so rounded, a mistake gives the right answer too and cannot be told from it: " + listed
                    + (alike.size() > MOST_NAMED ? " and " + (alike.size() - MOST_NAMED) + " more" : "") + ".", finer);
        }
    }

    /** One digit more; nothing where no rounding is asked for. */
    private static Optional<Remark.Mend> finer(Task task) {
        if (!(task instanceof AsksNumbers asks)) {
            return Optional.empty();
        }
        return switch (asks.rounding()) {
            case Rounding.Places(int count) when count < 12 ->
                    mend("Ask for one more place", task, asks.rounded(new Rounding.Places(count + 1)));
            case Rounding.Significant(int count) when count < 12 ->
                    mend("Ask for one more digit", task, asks.rounded(new Rounding.Significant(count + 1)));
            default -> Optional.empty();
        };
    }

    private void values(Part part, Optional<String> task, String text, String where) {
        List<String> unknown = LiveText.unknown(text);
        if (!unknown.isEmpty()) {
            add(Remark.Sort.UNKNOWN_VALUE, part, task,
                    where + " holds " + String.join(" and ", unknown)
                    + ", which stands for nothing. Type { to see the live values that there are.", Optional.empty());
        }
    }

    private static Optional<Remark.Mend> mend(String words, Task before, Task after) {
        return after.equals(before)
                ? Optional.empty() : Optional.of(new Remark.Mend(words, new ExerciseEdit.ChangeBlock(new Block.Asked(after))));
    }

    private void add(Remark.Sort sort, Part part, Optional<String> task, String message, Optional<Remark.Mend> mend) {
        remarks.add(new Remark(sort, Optional.of(part.id()), task, message, mend));
    }

    private static String ended(String text) {
        return text.endsWith(".") ? text : text + ".";
    }
}
