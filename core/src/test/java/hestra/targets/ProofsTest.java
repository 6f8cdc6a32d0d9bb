package hestra.targets;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;

import hestra.data.PointChange;
import hestra.data.Row;
import hestra.feedback.Quantity;
import hestra.fit.Curve;
import hestra.fit.Trial;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** What is called impossible is: each proof by an example, and all of them against random points and a search for a way. */
class ProofsTest {

    private static final int TARGETS = Integer.getInteger("hestra.targets", 5_000);

    private static final Held HEAP = held(2.3, 4.1, 3.5, 3.2, 1.6, 3.3, 2.6, 3.6, 3.1, 2.7);

    private static Held held(double... values) {
        List<Held.Point> points = new ArrayList<>();
        for (int i = 0; i < values.length; i += 2) {
            points.add(new Held.Point(i / 2, values[i], values[i + 1], 1));
        }
        return new Held(points, Optional.empty());
    }

    private static Condition value(Quantity quantity, Band band) {
        return new Condition(new Measure.Value(quantity), band);
    }

    private static Condition changed(PointChange change, Band band) {
        return new Condition(new Measure.Changed(change), band);
    }

    private static Condition leverage(OptionalInt row, Band band) {
        return new Condition(new Measure.OfPoint(row, PointMeasure.LEVERAGE), band);
    }

    private static final Condition STAY = new Condition(new Measure.Touched(Set.of()), Band.atMost(0));

    private static List<Proof> of(Condition... conditions) {
        return Proofs.of(List.of(conditions), HEAP);
    }

    private static void proves(Reason reason, List<Integer> places, Condition... conditions) {
        assertThat(of(conditions)).containsExactly(new Proof(reason, places));
    }

    @Test
    void eachReasonByAnExample() {
        proves(Reason.SAME_SIGN, List.of(0, 2), value(Quantity.SLOPE, Band.atMost(-0.1)), value(Quantity.N, Band.atLeast(5)),
                value(Quantity.R, Band.atLeast(0.2)));
        proves(Reason.SAME_SIGN, List.of(0, 1), value(Quantity.SLOPE, Band.exactly(0)), value(Quantity.R, Band.atLeast(0.2)));
        proves(Reason.WITHIN_ONE, List.of(0), value(Quantity.R, Band.atLeast(1.01)));
        proves(Reason.WITHIN_ONE, List.of(0), value(Quantity.R, Band.atMost(-1.5)));
        proves(Reason.WITHIN_ONE, List.of(0), value(Quantity.R_SQUARED, Band.atLeast(1.1)));
        proves(Reason.WITHIN_ONE, List.of(0), value(Quantity.R_SQUARED, Band.atMost(-0.1)));
        proves(Reason.SQUARE, List.of(0, 1), value(Quantity.R, Band.atLeast(0.9)), value(Quantity.R_SQUARED, Band.atMost(0.8)));
        proves(Reason.SQUARE, List.of(0, 1), value(Quantity.R, Band.between(-0.5, 0.3)),
                value(Quantity.R_SQUARED, Band.atLeast(0.26)));
        proves(Reason.OFF_LINE, List.of(0, 1), STAY, value(Quantity.R_SQUARED, Band.exactly(1)));
        proves(Reason.OFF_LINE, List.of(0, 1), STAY, value(Quantity.R, Band.atMost(-1)));
        proves(Reason.OFF_LINE, List.of(0, 1, 2), changed(PointChange.MOVE, Band.atMost(0)),
                changed(PointChange.REMOVE, Band.atMost(0)), value(Quantity.RESIDUAL_STANDARD_ERROR, Band.atMost(0)));
        proves(Reason.MEAN_POINT, List.of(0), new Condition(new Measure.OnSide(true), Band.atMost(0)));
        proves(Reason.MEAN_POINT, List.of(0), new Condition(new Measure.PastMean(), Band.atLeast(0.5)));
        proves(Reason.LEAST, List.of(0), new Condition(new Measure.ByEye(), Band.atMost(0.9)));
        proves(Reason.LEVERAGE, List.of(0), leverage(OptionalInt.of(2), Band.atLeast(1.2)));
        proves(Reason.LEVERAGE, List.of(0, 1), value(Quantity.N, Band.atMost(6)),
                leverage(OptionalInt.empty(), Band.atMost(0.3)));
        proves(Reason.LEVERAGE, List.of(0, 1), value(Quantity.N, Band.atMost(6)), leverage(OptionalInt.of(1), Band.atMost(0.16)));
        proves(Reason.COUNT, List.of(0, 1), value(Quantity.N, Band.atLeast(8)), changed(PointChange.ADD, Band.atMost(2)));
        proves(Reason.COUNT, List.of(0), value(Quantity.N, Band.between(5.2, 5.8)));
        proves(Reason.COUNT, List.of(0), changed(PointChange.MOVE, Band.atLeast(6)));
        proves(Reason.COUNT, List.of(0, 1), value(Quantity.N, Band.atMost(1)), value(Quantity.SLOPE, Band.atLeast(1)));
        proves(Reason.FIXED, List.of(0, 1, 2), STAY, changed(PointChange.ADD, Band.atMost(0)),
                value(Quantity.R, Band.atLeast(0.9)));
        proves(Reason.BELOW_ZERO, List.of(0), value(Quantity.RESIDUAL_STANDARD_ERROR, Band.atMost(-1)));
        proves(Reason.BELOW_ZERO, List.of(0), changed(PointChange.ADD, Band.atMost(-1)));
        proves(Reason.OPPOSITE, List.of(0, 2), value(Quantity.R, Band.atLeast(0.9)), value(Quantity.N, Band.atLeast(5)),
                value(Quantity.R, Band.atMost(0.5)));
        proves(Reason.OPPOSITE, List.of(0), value(Quantity.SLOPE, Band.between(2, 1)));
    }

    private static Condition residual(Band band) {
        return new Condition(new Measure.OfPoint(OptionalInt.empty(), PointMeasure.RESIDUAL), band);
    }

    @Test
    void whatOneNumberOfALineSaysOfAnother() {
        Condition noResidual = value(Quantity.RESIDUAL_STANDARD_ERROR, Band.exactly(0));
        proves(Reason.ON_LINE, List.of(0, 1), noResidual, value(Quantity.R_SQUARED, Band.atMost(0.9)));
        proves(Reason.ON_LINE, List.of(0, 1), noResidual, value(Quantity.R, Band.between(-0.5, 0.8)));
        proves(Reason.ON_LINE, List.of(0, 1), value(Quantity.RESIDUAL_STANDARD_ERROR, Band.atLeast(1)),
                value(Quantity.R_SQUARED, Band.exactly(1)));
        proves(Reason.TWO_POINTS, List.of(0, 1), value(Quantity.N, Band.exactly(2)), value(Quantity.R, Band.between(-0.5, 0.5)));
        proves(Reason.TWO_POINTS, List.of(0, 1), value(Quantity.N, Band.atMost(2)), value(Quantity.R_SQUARED, Band.atMost(0.5)));
        proves(Reason.TWO_POINTS, List.of(0, 1), value(Quantity.N, Band.atMost(2)),
                value(Quantity.RESIDUAL_STANDARD_ERROR, Band.atLeast(0)));
        proves(Reason.THROUGH_MEAN, List.of(0, 1, 2, 3), value(Quantity.SLOPE, Band.between(2, 3)),
                value(Quantity.INTERCEPT, Band.between(1, 2)), value(Quantity.MEAN_X, Band.between(1, 2)),
                value(Quantity.MEAN_Y, Band.atLeast(8.1)));
        proves(Reason.SPREAD, List.of(0, 1), residual(Band.atMost(0.1)),
                value(Quantity.RESIDUAL_STANDARD_ERROR, Band.atLeast(5)));
        // With five points s² is at most 5/3 of the greatest residual squared.
        proves(Reason.SPREAD, List.of(1, 2), value(Quantity.N, Band.atLeast(5)), residual(Band.atMost(1)),
                value(Quantity.RESIDUAL_STANDARD_ERROR, Band.atLeast(1.3)));
    }

    @Test
    void whatOneNumberLeavesToAnotherIsNotRuledOut() {
        assertThat(of(value(Quantity.RESIDUAL_STANDARD_ERROR, Band.exactly(0)), value(Quantity.R_SQUARED, Band.atLeast(0.5))))
                .isEmpty();
        assertThat(of(value(Quantity.N, Band.exactly(2)), value(Quantity.R, Band.atMost(-1)))).isEmpty();
        assertThat(of(value(Quantity.N, Band.between(2, 3)), value(Quantity.R, Band.between(-0.5, 0.5)))).isEmpty();
        assertThat(of(value(Quantity.SLOPE, Band.between(2, 3)), value(Quantity.INTERCEPT, Band.between(1, 2)),
                value(Quantity.MEAN_X, Band.between(1, 2)), value(Quantity.MEAN_Y, Band.atLeast(8)))).as("3 · 2 + 2").isEmpty();
        assertThat(of(value(Quantity.SLOPE, Band.atLeast(2)), value(Quantity.INTERCEPT, Band.between(1, 2)),
                value(Quantity.MEAN_X, Band.between(1, 2)), value(Quantity.MEAN_Y, Band.atLeast(8.1))))
                        .as("a steep line").isEmpty();
        assertThat(of(residual(Band.atMost(1)), value(Quantity.RESIDUAL_STANDARD_ERROR, Band.atLeast(1.7))))
                .as("of three points √3 times as much").isEmpty();
    }

    @Test
    void pointsThatMeetConditionsAreFoundWhereThereAreMany() {
        List<Condition> reachable = List.of(value(Quantity.R, Band.between(0.3, 0.6)), value(Quantity.N, Band.atLeast(6)),
                new Condition(new Measure.Touched(Set.of()), Band.atMost(0)));
        Held found = TargetSearch.find(reachable, HEAP).orElseThrow();
        assertThat(allHold(reachable, found, HEAP)).isTrue();
        assertThat(TargetSearch.find(List.of(value(Quantity.R, Band.atLeast(0.9)), value(Quantity.R_SQUARED, Band.atMost(0.5))),
                HEAP))
                .as("there are none").isEmpty();
    }

    @Test
    void whatCanBeDoneIsNotCalledImpossible() {
        assertThat(of(value(Quantity.R, Band.atLeast(0.9)), value(Quantity.R_SQUARED, Band.atMost(0.81))))
                .as("at 0.9 and 0.81 itself").isEmpty();
        assertThat(of(value(Quantity.R, Band.atLeast(1)))).as("on a line").isEmpty();
        assertThat(of(value(Quantity.SLOPE, Band.atMost(-0.1)), value(Quantity.R, Band.between(-1, 0.2)))).isEmpty();
        assertThat(of(leverage(OptionalInt.empty(), Band.atMost(0.3)))).as("more points").isEmpty();
        assertThat(of(leverage(OptionalInt.of(0), Band.atLeast(1)))).as("alone in its x").isEmpty();
        assertThat(of(value(Quantity.N, Band.atMost(6)), leverage(OptionalInt.of(1), Band.atMost(0.2))))
                .as("one point alone may come down to a sixth").isEmpty();
        assertThat(of(value(Quantity.SLOPE, Band.exactly(0)), value(Quantity.R, Band.exactly(0)))).as("level").isEmpty();
        assertThat(of(STAY, value(Quantity.R, Band.atLeast(0.9)))).isEmpty();
        assertThat(of(STAY, value(Quantity.N, Band.exactly(6)), value(Quantity.SLOPE, Band.atMost(-0.1)))).isEmpty();
        assertThat(of(new Condition(new Measure.Touched(Set.of(0, 1, 2)), Band.atMost(0)),
                value(Quantity.R_SQUARED, Band.exactly(1)))).as("two that stay are on a line").isEmpty();
        assertThat(of(new Condition(new Measure.ByEye(), Band.atMost(1)))).isEmpty();
        assertThat(Proofs.of(List.of(STAY, value(Quantity.R_SQUARED, Band.exactly(1))), held(0, 0.1, 1, 0.3, 2, 0.5)))
                .as("0.1, 0.3, 0.5 lie on a line but for their last digit").hasSizeLessThanOrEqualTo(1);
    }

    @Test
    void threePointsOnALineAreSeenToBe() {
        Held line = held(0, 1, 1, 3, 4, 9);
        assertThat(Proofs.of(List.of(STAY, value(Quantity.R_SQUARED, Band.exactly(1))), line)).isEmpty();
        assertThat(Proofs.of(List.of(STAY, value(Quantity.R_SQUARED, Band.exactly(1))), held(1, 1, 1, 3)))
                .extracting(Proof::reason).as("one above the other").containsExactly(Reason.OFF_LINE);
    }

    /** Conditions by chance, of all sorts, with ends that meet now and then. */
    private static List<Condition> conditions(Random random) {
        List<Condition> conditions = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(5); i++) {
            Measure measure = switch (random.nextInt(15)) {
                case 0 -> new Measure.Value(Quantity.N);
                case 1 -> new Measure.Value(Quantity.SLOPE);
                case 2 -> new Measure.Value(Quantity.R);
                case 3 -> new Measure.Value(Quantity.R_SQUARED);
                case 4 -> new Measure.Value(Quantity.RESIDUAL_STANDARD_ERROR);
                case 5 -> new Measure.OfPoint(random.nextBoolean() ? OptionalInt.of(random.nextInt(6)) : OptionalInt.empty(),
                        PointMeasure.values()[random.nextInt(3)]);
                case 6 -> new Measure.Changed(PointChange.values()[random.nextInt(3)]);
                case 7 -> new Measure.Touched(random.nextBoolean() ? Set.of() : Set.of(random.nextInt(5)));
                case 8 -> new Measure.OnSide(random.nextBoolean());
                case 9 -> new Measure.PastMean();
                case 10 -> new Measure.Value(Quantity.INTERCEPT);
                case 11 -> new Measure.Value(Quantity.MEAN_X);
                case 12 -> new Measure.Value(Quantity.MEAN_Y);
                case 13 -> new Measure.OfPoint(OptionalInt.empty(), PointMeasure.RESIDUAL);
                default -> new Measure.ByEye();
            };
            double end = measure.isCount() ? random.nextInt(8) - 1 : Math.rint(random.nextDouble(-1.6, 1.6) * 10) / 10;
            Band band = switch (random.nextInt(3)) {
                case 0 -> Band.atLeast(end);
                case 1 -> Band.atMost(end);
                default -> Band.between(end, end + Math.rint(random.nextDouble(-0.2, 1) * 10) / 10);
            };
            conditions.add(new Condition(measure, band, random.nextInt(8) == 0, Optional.empty()));
        }
        return conditions;
    }

    /** Points as somebody might leave them: moved, removed, added, some on a line, some on one x. */
    private static Held points(Held start, Random random) {
        List<Held.Point> points = new ArrayList<>();
        int how = random.nextInt(4);
        double slope = random.nextInt(5) - 2;
        for (Held.Point point : start.points()) {
            if (random.nextInt(6) > 0) {
                boolean moved = random.nextInt(3) == 0;
                double x = moved ? random.nextInt(9) : point.x();
                points.add(new Held.Point(point.origin(), x, how == 0 ? 3 + slope * x
                        : moved ? random.nextDouble(0, 9)
                        : point.y(), 1));
            }
        }
        for (int i = random.nextInt(5); i > 0; i--) {
            double x = how == 1 ? 4 : random.nextInt(12) - 1;
            points.add(new Held.Point(Row.OWN, x, how == 0 ? 3 + slope * x : random.nextDouble(-3,
                    12) * (random.nextInt(10) == 0 ? 1e4 : 1), 1));
        }
        Optional<Trial> trial = random.nextBoolean() ? Optional.empty()
                : Optional.of(new Trial(new Curve.Line(),
                List.of(new Trial.Handle(0, random.nextDouble(0, 8)), new Trial.Handle(8, random.nextDouble(0, 8)))));
        return new Held(points, trial);
    }

    private static boolean allHold(List<Condition> conditions, Held now, Held start) {
        Situation situation = Situation.of(now, start);
        return conditions.stream().allMatch(it -> it.holds(situation));
    }

    @Test
    void noPointsEverMeetWhatIsCalledImpossible() {
        Random random = new Random(20261126);
        int impossible = 0;
        int met = 0;
        for (int i = 0; i < TARGETS; i++) {
            Held start = random.nextBoolean() ? HEAP : held(0, 1, 1, 3, 2, 5);
            List<Condition> conditions = conditions(random);
            Held now = points(start, random);
            boolean hold = allHold(conditions, now, start);
            met += hold ? 1 : 0;
            if (!Proofs.of(conditions, start).isEmpty()) {
                impossible++;
                assertThat(hold).as("%s by %s", conditions, now).isFalse();
            }
        }
        assertThat(impossible).as("what is tried at all").isGreaterThan(TARGETS / 20);
        assertThat(met).as("conditions that can be met are met now and then").isGreaterThan(TARGETS / 100);
    }

    /** How far conditions are from holding: 0 where all do. */
    private static double distance(List<Condition> conditions, Held now, Held start) {
        Situation situation = Situation.of(now, start);
        double sum = 0;
        for (Condition condition : conditions) {
            OptionalDouble value = condition.value(situation);
            sum += value.isEmpty()
                    ? 10
                    : Math.max(0, Math.max(condition.band().least() - value.getAsDouble(),
                            value.getAsDouble() - condition.band().most()));
        }
        return sum;
    }

    /** Points that come as near as a search by small steps finds. */
    private static double nearest(List<Condition> conditions, Held start, Random random) {
        Held best = points(start, random);
        double distance = distance(conditions, best, start);
        double step = 4;
        for (int i = 0; i < 400 && distance > 0; i++) {
            Held next = best;
            List<Held.Point> points = new ArrayList<>(best.points());
            if (!points.isEmpty()) {
                int at = random.nextInt(points.size());
                Held.Point old = points.get(at);
                if (random.nextInt(20) == 0) {
                    points.remove(at);
                } else {
                    points.set(at, new Held.Point(old.origin(), old.x() + step * random.nextGaussian(),
                            old.y() + step * random.nextGaussian(), 1));
                }
            }
            if (random.nextInt(20) == 0 && points.size() < 12) {
                points.add(new Held.Point(Row.OWN, random.nextDouble(0, 9), random.nextDouble(0, 9), 1));
            }
            next = new Held(points, best.byEye());
            double now = distance(conditions, next, start);
            if (now <= distance) {
                best = next;
                distance = now;
            } else {
                step = Math.max(1e-3, step * 0.99);
            }
        }
        return distance;
    }

    @Test
    void noSearchFindsAWayToWhatIsCalledImpossible() {
        Random random = new Random(7);
        int found = 0;
        int tried = 0;
        while (tried < 300) {
            List<Condition> conditions = conditions(random);
            boolean impossible = !Proofs.of(conditions, HEAP).isEmpty();
            double distance = nearest(conditions, HEAP, random);
            if (impossible) {
                tried++;
                assertThat(distance).as("%s", conditions).isPositive();
            } else {
                found += distance == 0 ? 1 : 0;
            }
        }
        assertThat(found).as("the search finds what can be found").isGreaterThan(100);
    }
}
