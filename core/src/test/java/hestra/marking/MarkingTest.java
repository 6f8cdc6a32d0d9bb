package hestra.marking;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

import hestra.marking.MarkingHistory.Choice;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class MarkingTest {

    private static final DecisionSubject IDA = new DecisionSubject.Marks("explain", new DecisionScope.One("ida fenn"));
    private static final DecisionSubject ALL = new DecisionSubject.Marks("explain", new DecisionScope.All());

    private static final Ground GROUND = new Ground(3, Set.of("00:right:3.0"), Set.of("00000000"));

    private static Optional<DecisionValue> points(double marks) {
        return Optional.of(given(marks));
    }

    private static DecisionValue.Points given(double marks) {
        return new DecisionValue.Points(marks, GROUND);
    }

    private static final Marking NONE = Marking.none("kelp");

    @Test
    void theLatestDecisionOfAMarkerCounts() {
        Marking marking = NONE.decide(IDA, points(1), "ann").decide(IDA, points(2), "ann");
        assertThat(marking.value(IDA)).isEqualTo(points(2));
        assertThat(marking.all()).hasSize(1);
        assertThat(marking.conflicts()).isEmpty();
        assertThat(marking.decide(IDA, points(2), "ann")).as("the same again changes nothing").isSameAs(marking);
        assertThat(marking.decide(IDA, Optional.empty(), "ann").value(IDA)).isEmpty();
    }

    @Test
    void halvesOfAClassArePutTogether() {
        Marking ann = NONE.decide(IDA, points(1), "ann");
        Marking bo = NONE.decide(ALL, points(3), "bo");
        assertThat(ann.with(bo).all()).hasSize(2);
        assertThat(ann.with(bo).conflicts()).isEmpty();
    }

    @Test
    void whatTwoDecidedWithoutKnowingOfEachOtherIsAConflictUntilOneOfThemDecides() {
        Marking ann = NONE.decide(IDA, points(1), "ann");
        Marking bo = NONE.decide(IDA, points(3), "bo");
        Marking both = ann.with(bo);
        assertThat(both.conflicts()).hasSize(1);
        assertThat(both.conflicts().getFirst()).extracting(Decision::by).containsExactly("ann", "bo");
        Marking settled = both.decide(IDA, points(2), "ann");
        assertThat(settled.conflicts()).isEmpty();
        assertThat(settled.with(bo).with(ann)).as("older versions that come later change nothing").isEqualTo(settled);
        assertThat(NONE.decide(IDA, points(2), "ann").with(NONE.decide(IDA, points(2), "bo")).conflicts()).as("of one mind")
                .isEmpty();
    }

    @Test
    void aDecisionThatKnewOfAnotherReplacesItAndNoOther() {
        Marking ann = NONE.decide(IDA, points(1), "ann");
        Marking bo = ann.decide(IDA, points(2), "bo");
        Marking annAgain = ann.decide(IDA, points(3), "ann");
        assertThat(bo.with(ann).value(IDA)).isEqualTo(points(2));
        assertThat(bo.with(annAgain).conflicts()).as("ann’s second was not known to bo").hasSize(1);
    }

    /** What would be left if every decision remembered all that it was made in knowledge of: the definition, written out. */
    private static final class Model {
        private record Made(Decision decision, Set<Made> known) {}

        private final List<List<Made>> seen = new ArrayList<>();
        private final List<Marking> markings = new ArrayList<>();

        Model(int markers) {
            for (int i = 0; i < markers; i++) {
                seen.add(new ArrayList<>());
                markings.add(NONE);
            }
        }

        void decide(int marker, DecisionSubject matter, Optional<DecisionValue> value) {
            Marking before = markings.get(marker);
            Marking after = before.decide(matter, value, "m" + marker);
            if (after != before) {
                Decision made = after.decisions().get(matter).getLast();
                Set<Made> known = new HashSet<>(seen.get(marker).stream()
                        .filter(it -> it.decision().matter().equals(matter)).toList());
                seen.get(marker).add(new Made(made, known));
                markings.set(marker, after);
            }
        }

        void give(int from, int to) {
            seen.get(from).stream().filter(it -> !seen.get(to).contains(it)).toList().forEach(seen.get(to)::add);
            markings.set(to, markings.get(to).with(markings.get(from)));
        }

        Set<Decision> expected(int marker) {
            List<Made> all = seen.get(marker);
            Set<Decision> live = new HashSet<>();
            all.stream().filter(it -> all.stream().noneMatch(other -> other.known().contains(it)))
                    .forEach(it -> live.add(it.decision()));
            return live;
        }
    }

    @Property(tries = 400)
    void nothingIsLostAndTheOrderDoesNotMatter(@ForAll long seed) {
        Random random = new Random(seed);
        Model model = new Model(3);
        List<DecisionSubject> matters = List.of(IDA, ALL,
                new DecisionSubject.Said("explain", new DecisionScope.Group("right"), "c1"));
        for (int i = 0; i < 25; i++) {
            if (random.nextInt(3) == 0) {
                model.give(random.nextInt(3), random.nextInt(3));
            } else {
                model.decide(random.nextInt(3), matters.get(random.nextInt(matters.size())),
                        random.nextInt(4) == 0 ? Optional.empty() : points(random.nextInt(4)));
            }
        }
        for (int i = 0; i < 3; i++) {
            assertThat(new HashSet<>(model.markings.get(i).all())).isEqualTo(model.expected(i));
        }
        Marking a = model.markings.get(0);
        Marking b = model.markings.get(1);
        Marking c = model.markings.get(2);
        assertThat(a.with(b)).isEqualTo(b.with(a));
        assertThat(a.with(b).with(c)).isEqualTo(a.with(b.with(c)));
        assertThat(a.with(a)).isEqualTo(a);
        assertThat(a.with(b).with(b)).isEqualTo(a.with(b));
    }

    @Test
    void everythingCanBeTakenBackAndDecidedAgain() {
        MarkingHistory history = MarkingHistory.of(NONE.decide(IDA, points(1), "bo"), "ann");
        MarkingHistory decided = history.decide("marks", List.of(Choice.of(IDA, given(2)), Choice.of(ALL, given(3))))
                .decide("a comment", List.of(Choice.of(new DecisionSubject.Wording("c1"),
                new DecisionValue.Comment("Why?", 0.5))));
        assertThat(decided.undoable()).contains("a comment");
        MarkingHistory undone = decided.undo().undo();
        assertThat(undone.present().value(IDA)).isEqualTo(points(1));
        assertThat(undone.present().value(ALL)).isEmpty();
        assertThat(undone.redoable()).contains("marks");
        MarkingHistory again = undone.redo().redo();
        assertThat(again.present().value(IDA)).isEqualTo(points(2));
        assertThat(again.present().value(new DecisionSubject.Wording("c1"))).contains(new DecisionValue.Comment("Why?", 0.5));
        assertThat(again.redo()).isSameAs(again);
        assertThat(undone.present().with(decided.present()))
                .as("to take back is to decide: older versions do not bring it back").isEqualTo(undone.present());
        assertThat(history.decide("nothing", List.of(Choice.of(IDA, given(1))))).isSameAs(history);
    }

    @Test
    void anotherMarkingIsPutInAndTakenOutInOneStep() {
        Marking bo = NONE.decide(IDA, points(3), "bo").decide(ALL, points(1), "bo");
        MarkingHistory ann = MarkingHistory.of(NONE, "ann").decide("marks", List.of(Choice.of(IDA, given(2))));
        MarkingHistory joined = ann.with(bo);
        assertThat(joined.undoable()).contains("putting another marking in");
        assertThat(joined.present().conflicts()).hasSize(1);
        assertThat(joined.with(bo)).as("nothing new").isSameAs(joined);
        MarkingHistory later = joined.decide("marks", List.of(Choice.of(ALL, given(0))));
        assertThat(later.undo().undo().present().value(IDA)).isEqualTo(points(2));
        assertThat(joined.undo().present()).isEqualTo(ann.present());
        assertThat(joined.undo().redo().present()).isEqualTo(joined.present());
        assertThat(joined.decide("marks", List.of(Choice.of(IDA, given(0)))).undo().present().conflicts())
                .as("what was settled is disputed again").hasSize(1);
        assertThat(joined.undo().undo().present().value(IDA)).as("and what was decided before it can be taken back").isEmpty();
    }

    @Test
    void marksOfOtherAnswersAreNoConflict() {
        DecisionValue.Points others = new DecisionValue.Points(1, new Ground(3, Set.of("11:right:3.0"), Set.of("11111111")));
        Marking both = NONE.decide(ALL, points(3), "ann").with(NONE.decide(ALL, Optional.of(others), "bo"));
        assertThat(both.conflicts()).isEmpty();
        assertThat(NONE.decide(ALL, points(3), "ann")
                .with(NONE.decide(ALL, Optional.of(new DecisionValue.Points(1, GROUND)), "bo")).conflicts()).hasSize(1);
    }

    @Test
    void aDecisionIsNotMadeOfNonsense() {
        assertThatThrownBy(() -> given(Double.NaN)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> given(-1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new DecisionValue.Comment("x", -1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Decision(IDA, points(1), " ", 1, Map.of())).isInstanceOf(IllegalArgumentException.class);
    }
}
