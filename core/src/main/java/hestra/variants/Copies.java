package hestra.variants;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

import hestra.exercise.Copy;
import hestra.exercise.Edition;
import hestra.exercise.Exercise;
import hestra.exercise.Issue;
import hestra.exercise.Part;
import hestra.exercise.Provenance;
import hestra.task.Seal;
import hestra.task.Sealing;
import hestra.task.SetByHand;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.Truth;

/**
 * Students' copies: what a student needs and no more. A copy has the data of its variant and not how they were made; a key that
 * was set by hand is in it only as digests, and not at all where its verdict comes from the instructor.
 */
public final class Copies {

    private Copies() {}

    /** The edition that an exercise would be published as: the last one once more where nothing has been changed since. */
    public static Edition edition(Exercise exercise, int variants) {
        Issue issue = exercise.issue();
        Edition next = new Edition(issue.next(), variants, issue.seed(), issue.redrawn(), exercise.parts());
        return issue.editions().isEmpty() || !next.isSameAs(issue.editions().getLast())
                ? next : issue.editions().getLast().ofAtLeast(variants);
    }

    /**
     * A student's copy of a variant.
     *
     * @param edition of which edition it is
     * @param name for whom; empty for anybody
     * @param sealer seals a key, with a salt of its own for each task
     */
    public static Exercise of(Variant variant, int edition, String name, Function<Sealing, Seal> sealer) {
        Exercise whole = variant.exercise();
        Map<String, Seal> seals = new HashMap<>();
        Exercise bare = whole.with(Issue.NONE).withParts(whole.parts().stream().map(part -> bare(part, whole, seals, sealer))
                .toList());
        return bare.with(Optional.of(new Copy(variant.number(), edition, name, seals)));
    }

    private static Part bare(Part part, Exercise whole, Map<String, Seal> seals, Function<Sealing, Seal> sealer) {
        Truth truth = part.truth(whole.mark());
        boolean playsOn = part.tasks().stream().anyMatch(task -> task.terms().playing() == Terms.Playing.NEW_DATA);
        boolean keepsHow = part.provenance() instanceof Provenance.Made
                ? playsOn : part.tasks().stream().anyMatch(Task::readsPicture);
        Part without = part.withTasks((Task task) -> SetByHand.sealing(task, truth)
                .map(sealing -> sealed(sealing, seals, sealer)).orElse(task).bare());
        return keepsHow ? without : without.withColumns(without.data(), without.roles(), new Provenance.ByHand());
    }

    private static Task sealed(Sealing sealing, Map<String, Seal> seals, Function<Sealing, Seal> sealer) {
        Task blank = sealing.blank();
        boolean told = blank.terms().verdict() != Terms.Showing.AFTER_MARKING
                || blank.terms().opening() != Terms.Opening.GIVEN && !blank.terms().opens().isEmpty();
        seals.put(blank.id(), sealer.apply(told ? sealing : new Sealing(blank, sealing.pieces().stream()
                .map(it -> new Sealing.Piece(it.name(), Set.of())).toList())));
        // Why it is so would tell the key that is sealed: pages that are given back say it.
        return blank.with(blank.terms().withWhy(""));
    }
}
