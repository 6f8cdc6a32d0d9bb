package hestra.desktop.demo;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.task.CheckConditions;
import hestra.task.Describe;
import hestra.task.Description;
import hestra.task.FitCondition;
import hestra.task.Question;
import hestra.task.Task;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** What a strict teacher asks of the exercises that come with the program, as far as it can be reckoned. */
class CourseTest {

    /** A rank correlation times \u221a(n \u2212 1) beyond which chance alone would bring it once in 100 times. */
    private static final double SHOWN = 2.58;
    /** Below which it would bring it once in 5 times. */
    private static final double NOT_SHOWN = 1.28;

    private static Stream<Exercise> exercises() {
        return OrrinBay.shelf().stream().map(OrrinBay.Set::exercise);
    }

    private static Exercise exercise(String title) {
        return exercises().filter(it -> it.title().equals(title)).findFirst().orElseThrow();
    }

    private static double[] ranks(double[] values) {
        return Arrays.stream(values).map(value -> Arrays.stream(values).filter(it -> it < value).count()
                + (Arrays.stream(values).filter(it -> it == value).count() - 1) / 2.0).toArray();
    }

    private static double correlation(double[] a, double[] b) {
        double meanA = Arrays.stream(a).average().orElseThrow();
        double meanB = Arrays.stream(b).average().orElseThrow();
        double ab = IntStream.range(0, a.length).mapToDouble(i -> (a[i] - meanA) * (b[i] - meanB)).sum();
        double aa = Arrays.stream(a).map(it -> (it - meanA) * (it - meanA)).sum();
        double bb = Arrays.stream(b).map(it -> (it - meanB) * (it - meanB)).sum();
        return ab / Math.sqrt(aa * bb);
    }

    /** The residuals of y after its regression on x and x\u00b2, worked out by taking off one column after the other. */
    private static double[] aboutParabola(double[] x, double[] y) {
        double[] one = new double[x.length];
        Arrays.fill(one, 1);
        double[] first = without(x, one);
        double[] second = without(without(Arrays.stream(x).map(it -> it * it).toArray(), one), first);
        return without(without(without(y, one), first), second);
    }

    private static double[] without(double[] of, double[] column) {
        double share = IntStream.range(0, of.length).mapToDouble(i -> of[i] * column[i]).sum()
                / Arrays.stream(column).map(it -> it * it).sum();
        return IntStream.range(0, of.length).mapToDouble(i -> of[i] - share * column[i]).toArray();
    }

    @Test
    void theCourseGoesFromWeekToWeek() {
        assertThat(OrrinBay.shelf()).extracting(OrrinBay.Set::week).isSortedAccordingTo(Comparator.naturalOrder());
        assertThat(OrrinBay.shelf().stream().map(OrrinBay.Set::week).distinct()).as("every week").hasSize(10);
        assertThat(exercises().map(Exercise::id)).doesNotHaveDuplicates();
        assertThat(OrrinBay.shelf()).allSatisfy(it -> assertThat(it.minutes()).isBetween(40, 70));
    }

    @Test
    void theSameDataAreSeenAlikeWhereverTheyAreUsed() {
        Map<DataTable, Description> seen = new HashMap<>();
        exercises().flatMap(it -> it.parts().stream()).forEach(part -> part.tasks().stream()
                .filter(Describe.class::isInstance).map(task -> ((Describe) task).key()).forEach(key -> {
                    Description before = seen.putIfAbsent(part.data(), key);
                    assertThat(before == null || before.equals(key)).as(part.heading()).isTrue();
                }));
        assertThat(seen).hasSizeGreaterThan(6);
    }

    @Test
    void spreadIsKeyedOnlyWhereTheDataShowItOrClearlyDoNot() {
        int looked = 0;
        for (Exercise exercise : exercises().toList()) {
            for (Part part : exercise.parts()) {
                for (Task task : part.tasks()) {
                    if (task instanceof CheckConditions conditions && conditions.asked().contains(FitCondition.EQUAL_SPREAD)) {
                        Pairs pairs = Pairs.of(part.data(), Roles.FIRST_EXPLAINS);
                        double[] x = pairs.xs().toArray();
                        double[] sizes = Arrays.stream(aboutParabola(x, pairs.ys().toArray())).map(Math::abs).toArray();
                        double spread = Math.abs(correlation(ranks(x), ranks(sizes))) * Math.sqrt(x.length - 1);
                        assertThat(conditions.failing().contains(FitCondition.EQUAL_SPREAD) ? spread > SHOWN : spread < NOT_SHOWN)
                                .as("%s: %.2f", exercise.title(), spread).isTrue();
                        looked++;
                    }
                }
            }
        }
        assertThat(looked).isEqualTo(2);
    }

    @Test
    void theTermsThatAreWorkedOutByHandShowWhyTheyCancel() {
        Pairs pairs = Pairs.of(exercise("Eelgrass").first().data(), Roles.FIRST_EXPLAINS);
        double meanX = pairs.xs().average().orElseThrow();
        double meanY = pairs.ys().average().orElseThrow();
        double[] terms = Stream.of(0, 1, 26, 27).mapToDouble(i -> (pairs.x(i) - meanX) * (pairs.y(i) - meanY)).toArray();
        assertThat(terms[0]).isPositive();
        assertThat(terms[1]).isPositive();
        assertThat(terms[2]).isNegative();
        assertThat(terms[3]).isNegative();
    }

    @Test
    void reedsAreTallerAtTheNorthShoreAndEachShoreLiesCloser() {
        DataTable all = exercise("Reed beds").first().data();
        Set<Integer> north = Set.copyOf(IntStream.range(0, all.size()).filter(i -> all.cell(i, 2).text().equals("north")).boxed()
                .toList());
        Set<Integer> south = Set.copyOf(IntStream.range(0, all.size()).filter(i -> !north.contains(i)).boxed().toList());
        Pairs atNorth = Pairs.of(all.withoutRows(south), Roles.FIRST_EXPLAINS);
        Pairs atSouth = Pairs.of(all.withoutRows(north), Roles.FIRST_EXPLAINS);
        Pairs both = Pairs.of(all, Roles.FIRST_EXPLAINS);
        assertThat(correlation(both.xs().toArray(), both.ys().toArray())).isBetween(0.7, 0.85);
        for (Pairs shore : List.of(atNorth, atSouth)) {
            assertThat(correlation(shore.xs().toArray(), shore.ys().toArray())).isGreaterThan(0.93);
        }
        IntStream.range(0, atNorth.size()).forEach(i -> IntStream.range(0, atSouth.size())
                .filter(j -> Math.abs(atNorth.x(i) - atSouth.x(j)) <= 2)
                .forEach(j -> assertThat(atNorth.y(i)).as("at %s cm", atNorth.x(i)).isGreaterThan(atSouth.y(j))));
    }

    @Test
    void everyTaskHasAHelpButForThoseThatArePlayed() {
        exercises().filter(it -> !it.title().equals("Playground")).flatMap(it -> it.tasks().stream())
                .forEach(task -> assertThat(task.terms().helps()).as(task.terms().title()).isNotEmpty());
    }

    @Test
    void theRightOptionIsNotTheFirst() {
        List<Question> questions = exercises().flatMap(it -> it.tasks().stream()).filter(Question.class::isInstance)
                .map(Question.class::cast).filter(it -> it.sort().hasOptions()).toList();
        assertThat(questions).hasSizeGreaterThan(8);
        questions.forEach(it -> assertThat(it.options().getFirst().right()).as(it.terms().title()).isFalse());
    }

    @Test
    void noStoryTellsWhatComesOut() {
        String told = "(?is).*\\b(boulder|fans? out|more and more slowly|quickly at first|"
                + "outlier|optimum|strong|weak|falls|rises|bends?)\\b.*";
        exercises().forEach(it -> assertThat(((Block.Prose) it.first().blocks().getFirst()).text().split("Afterwards")[0])
                .as(it.title()).doesNotMatch(told));
    }
}
