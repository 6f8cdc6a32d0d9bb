package hestra.variants;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

import hestra.data.Pairs;
import hestra.data.TableEdit;
import hestra.exercise.Exercise;
import hestra.exercise.Issue;
import hestra.exercise.Part;
import hestra.exercise.Provenance;
import hestra.exercise.Varying;
import hestra.exercise.Wish;
import hestra.numbers.DecimalMark;
import hestra.numbers.Mixing;
import hestra.numbers.NumberStyle;
import hestra.recipe.Range;
import hestra.recipe.Recipe;
import hestra.recipe.Sample;
import hestra.task.NamesRows;
import hestra.task.Truth;

/**
 * Draws the variants of an exercise. Variant k is the same for ever, on any machine, however many there are: it follows from the
 * exercise's seed, from k, and from how often its author had it drawn anew.
 */
public final class Variants {

    /** How often the data of a part are drawn before the nearest are taken. */
    public static final int MOST_DRAWS = 500;

    /**
     * How many rows may be drawn for one variant of a part, so that a wish that cannot be met ends in about two seconds. Counted,
     * not timed: a variant is the same on any machine.
     */
    private static final int MOST_ROWS = 200_000;

    private final Exercise exercise;
    private final DecimalMark mark;
    private final int number;

    private Variants(Exercise exercise, int number) {
        this.exercise = exercise;
        this.mark = exercise.mark();
        this.number = number;
    }

    /** Whether every variant of an exercise is the same. */
    public static boolean areAlike(Exercise exercise) {
        return exercise.parts().stream().allMatch(part -> part.varying().isSame());
    }

    /**
     * A variant of an exercise.
     *
     * @param number from 1; 0 for the exercise as it stands
     */
    public static Variant draw(Exercise exercise, int number) {
        Exercise plain = exercise.with(Issue.NONE)
                .withParts(exercise.parts().stream().map(part -> part.with(Varying.NONE)).toList());
        if (number == 0) {
            return new Variant(0, plain, List.of());
        }
        List<Variant.Missed> missed = new ArrayList<>();
        List<Part> parts = exercise.parts().stream()
                .map(part -> part.varying().isSame() && part.varying().wishes().isEmpty()
                        ? part : new Variants(exercise, number).drawn(part, missed)).toList();
        return new Variant(number, plain.withParts(parts.stream().map(part -> part.with(Varying.NONE)).toList()), missed);
    }

    /** One draw of a part, or why there is none. */
    private record Draw(Optional<Part> part, String refusal) {}

    private Part drawn(Part part, List<Variant.Missed> missed) {
        Random random = new Random(seed(part));
        List<Wish> wishes = part.varying().wishes();
        boolean once = part.varying().way() == Varying.Way.SAME
                || part.varying().way() == Varying.Way.NEW_DATA && !part.hasRounds();
        Part nearest = null;
        double least = Double.POSITIVE_INFINITY;
        String refusal = "";
        int draws = once ? 1 : Math.clamp(MOST_ROWS / Math.max(1, part.data().rows().size()), 1, MOST_DRAWS);
        for (int i = 0; i < draws; i++) {
            Draw draw = once(part, random);
            refusal = draw.refusal;
            if (draw.part.isEmpty()) {
                continue;
            }
            double off = shortfall(draw.part.get(), wishes, least);
            if (nearest == null || off < least) {
                nearest = draw.part.get();
                least = off;
            }
            if (off == 0) {
                return nearest;
            }
        }
        if (nearest == null) {
            missed.add(new Variant.Missed(part.id(), "Variant " + number + " could not be drawn: " + refusal));
            return part;
        }
        tell(nearest, wishes, draws, missed);
        return nearest;
    }

    /** By how much a part misses its wishes; those about tasks are looked at only where the others do not decide already. */
    private double shortfall(Part part, List<Wish> wishes, double least) {
        if (wishes.isEmpty()) {
            return 0;
        }
        Truth truth = part.truth(mark);
        double off = wishes.stream().filter(wish -> !wish.isOfTasks()).mapToDouble(wish -> wish.shortfall(part, truth)).sum();
        return off > 0 && off >= least
                ? off : off + wishes.stream().filter(Wish::isOfTasks).mapToDouble(wish -> wish.shortfall(part, truth)).sum();
    }

    private void tell(Part part, List<Wish> wishes, int draws, List<Variant.Missed> missed) {
        Truth truth = part.truth(mark);
        NumberStyle style = truth.style();
        wishes.stream().filter(wish -> !(wish.shortfall(part, truth) == 0))
                .forEach(wish -> missed.add(new Variant.Missed(part.id(),
                "Variant " + number + ": \u201c" + wish.inWords(style) + "\u201d was not met"
                        + (draws == 1 ? "" : " in " + draws + " draws") + "; in the nearest draw " + wish.found(part, truth)
                        + ".")));
    }

    private Draw once(Part part, Random random) {
        Varying varying = part.varying();
        Draw drawn = switch (varying.way()) {
            case SAME -> new Draw(Optional.of(part), "");
            case NEW_DATA -> newData(part, random);
            case SOME_ROWS -> new Draw(Optional.of(someRows(part, random)), "");
        };
        if (varying.tellings().isEmpty()) {
            return drawn;
        }
        Varying.Telling telling = varying.tellings().get(random.nextInt(varying.tellings().size()));
        return new Draw(drawn.part.map(it -> it.told(telling)), drawn.refusal);
    }

    private Draw newData(Part part, Random random) {
        if (!(part.provenance() instanceof Provenance.Made(Recipe recipe))) {
            return new Draw(Optional.of(part), "");
        }
        Recipe other = recipe;
        for (Range range : part.varying().ranges()) {
            other = range.parameter().set(other, range.draw(random));
        }
        Recipe again = other.withSeed(random.nextLong());
        return switch (Sample.of(again, part.x(), part.y(), mark)) {
            case Sample.Refused(String message) -> new Draw(Optional.empty(), message);
            case Sample.Done(Sample sample) ->
                    new Draw(Optional.of(part.withColumns(sample.table(), sample.roles(), new Provenance.Made(again))
                            .inStepWith(part, mark)), "");
        };
    }

    /**
     * Some of the rows that make a pair, in their order. Those that a task names or leaves to the student stay, and so do those
     * without a pair.
     */
    private Part someRows(Part part, Random random) {
        Pairs pairs = part.pairs();
        Set<Integer> kept = new HashSet<>(part.truth(mark).leftToType());
        part.tasks().stream().map(NamesRows::namedRows).forEach(kept::addAll);
        List<Integer> others = new ArrayList<>();
        for (int i = 0; i < pairs.size(); i++) {
            if (!kept.contains(pairs.row(i))) {
                others.add(pairs.row(i));
            }
        }
        int out = Math.clamp((long) pairs.size() - part.varying().rows(), 0, others.size());
        List<Integer> removed = picked(others, out, random);
        return removed.isEmpty() ? part : part.withTableEdited(new TableEdit.RemoveRows(removed), mark).inStepWith(part, mark);
    }

    private static List<Integer> picked(Collection<Integer> from, int count, Random random) {
        List<Integer> left = new ArrayList<>(from);
        List<Integer> picked = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            picked.add(left.remove(random.nextInt(left.size())));
        }
        return picked.stream().sorted().toList();
    }

    /** Chance for one part of one variant alone. */
    private long seed(Part part) {
        Issue issue = exercise.issue();
        long seed = mixed(issue.seed());
        seed = mixed(seed + number);
        seed = mixed(seed + issue.redrawn().getOrDefault(number, 0));
        return mixed(seed + part.id().hashCode());
    }

    /** The mixing step of SplitMix64 (Steele, Lea and Flood, 2014), so that neighbouring numbers have nothing in common. */
    private static long mixed(long value) {
        return Mixing.mixed(value + Mixing.STEP);
    }
}
