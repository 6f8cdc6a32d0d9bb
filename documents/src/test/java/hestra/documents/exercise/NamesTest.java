package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

import hestra.chance.Play;
import hestra.chance.Watched;
import hestra.data.PointChange;
import hestra.data.TableEdit;
import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.PartEdit;
import hestra.desk.WorkEdit;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Provenance;
import hestra.exercise.Varying;
import hestra.exercise.Wish;
import hestra.feedback.KeptPoints;
import hestra.feedback.Mistake;
import hestra.feedback.Quantity;
import hestra.figure.Below;
import hestra.figure.Layer;
import hestra.figure.Slot;
import hestra.figure.Spacing;
import hestra.figure.StripKind;
import hestra.fit.EquationNotation;
import hestra.marking.DecisionScope;
import hestra.marking.DecisionSubject;
import hestra.marking.DecisionValue;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.recipe.Along;
import hestra.recipe.Parameter;
import hestra.sentences.Aspect;
import hestra.targets.Measure;
import hestra.targets.PointMeasure;
import hestra.targets.Reason;
import hestra.task.Aid;
import hestra.task.Answer;
import hestra.task.ChanceConclusion;
import hestra.task.ChanceMeaning;
import hestra.task.ChooseCurve;
import hestra.task.CurveReason;
import hestra.task.Description;
import hestra.task.FitCondition;
import hestra.task.Keepable;
import hestra.task.MatchPlot;
import hestra.task.OwnEquation;
import hestra.task.PointAction;
import hestra.task.PointReason;
import hestra.task.PointSort;
import hestra.task.Predicting;
import hestra.task.Question;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.Trust;
import hestra.task.TryReason;
import hestra.task.WantedFigure;
import hestra.task.WrongPlot;
import hestra.working.CalculationCells;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Names in files stay as they are, whatever is renamed in the code: they are held by a list beside this test. */
class NamesTest {

    private static final List<Class<?>> FAMILIES = List.of(Edit.Final.class, Edit.Step.class, Edit.Lasting.class, TableEdit.class,
            Provenance.class, Wish.class, Along.class, Watched.class,
            Answer.class, Measure.class, Rounding.class, Block.class, DecisionSubject.class, DecisionValue.class,
                    DecisionScope.class, Task.class);
    private static final List<Class<? extends Enum<?>>> ENUMS = List.of(Aid.class, Quantity.class, DecimalMark.class,
            PointChange.class, Layer.class, Slot.class, Spacing.class,
            StripKind.class, Below.class, Play.class, Terms.Showing.class, Terms.Opening.class, Terms.Afterwards.class,
            Terms.Playing.class,
                    Terms.Counting.class, Reason.class, PointMeasure.class, PointSort.class, PointAction.class, PointReason.class,
                    WrongPlot.class, MatchPlot.Shown.class,
            CalculationCells.Way.class, TryReason.class, ChanceMeaning.class, ChanceConclusion.class,
            EquationNotation.Base.class, KeptPoints.class,
            Keepable.class, Exercise.Purpose.class, Description.Direction.class, Description.Form.class,
                    Description.Strength.class, Description.Unusual.class, Aspect.class, Aspect.About.class, Question.Sort.class,
                    ChooseCurve.By.class, CurveReason.class, FitCondition.class, Trust.class, OwnEquation.class,
                    Predicting.Way.class, Predicting.Band.class, WantedFigure.class, Varying.Way.class, Parameter.class);

    private static Stream<Class<?>> members(Class<?> family) {
        return Stream.of(family.getPermittedSubclasses())
                .flatMap(member -> member.isSealed() ? members(member) : Stream.of(member));
    }

    @Test
    void everyMemberOfAFamilyHasANameOfItsOwn() {
        for (Class<?> family : FAMILIES) {
            assertThat(members(family)).allSatisfy(member -> assertThat(Names.all()).containsKey(member));
            assertThat(members(family).map(Names.all()::get)).doesNotHaveDuplicates();
        }
        assertThat(Names.all().keySet()).containsExactlyInAnyOrderElementsOf(FAMILIES.stream().flatMap(NamesTest::members)
                .toList());
        assertThat(List.of(WorkEdit.class, PartEdit.class, ExerciseEdit.class)).allMatch(Class::isSealed);
    }

    @Test
    void theNamesAreThoseOfTheList() throws IOException {
        List<String> names = new ArrayList<>();
        for (Class<?> family : FAMILIES) {
            members(family).map(Names.all()::get).sorted().forEach(name -> names.add(simple(family) + " " + name));
        }
        for (Class<? extends Enum<?>> family : ENUMS) {
            Stream.of(family.getEnumConstants()).map(Json::nameOf).forEach(name -> names.add(simple(family) + " " + name));
        }
        Stream.of(Mistake.values()).forEach(it -> {
            assertThat(it.id()).isEqualTo(Json.nameOf(it));
            names.add("mistake " + it.id());
        });
        assertThat(names).containsExactlyElementsOf(Files.readAllLines(Path.of("src", "test", "resources", "names.txt")));
    }

    private static String simple(Class<?> family) {
        return switch (family.getSimpleName()) {
            case "Final", "Step", "Lasting" -> "edit";
            default -> family.getSimpleName().toLowerCase(Locale.ROOT);
        };
    }
}
