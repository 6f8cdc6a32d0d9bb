package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.input.KeyCode;

import hestra.Kelp;
import hestra.data.TableEdit;
import hestra.desk.Edit;
import hestra.desk.WorkEdit;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.fit.Curve;
import hestra.numbers.Rounding;
import hestra.sentences.Aspect;
import hestra.task.Asking;
import hestra.task.CheckConditions;
import hestra.task.ChooseCurve;
import hestra.task.CurveReason;
import hestra.task.Explain;
import hestra.task.Explaining;
import hestra.task.FitCondition;
import hestra.task.Hint;
import hestra.task.Question;
import hestra.task.ReadValue;
import hestra.task.SentenceFrame;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.WriteEquation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** Tasks in equations, choices and words, in the window: right and wrong, by mouse and by keys alone. */
class WordsAndChoicesTest {

    @TempDir
    Path folder;

    private static Terms terms(String id) {
        return Terms.of(id, "Do it", "Do it.", 2);
    }

    private Person at(Task... tasks) throws IOException {
        Exercise exercise = Kelp.exercise(tasks).withFirst(part -> part.withHeld(Set.of()));
        Person person = Person.at(exercise, folder);
        person.apply(new Edit.TurnTo(Optional.of(tasks[0].id())));
        return person;
    }

    private static void pasted(Person person, String field, String text) throws IOException {
        person.click(field);
        person.press(KeyCode.CONTROL, KeyCode.A);
        person.copied(text);
        person.press(KeyCode.CONTROL, KeyCode.V);
    }

    private static Question question(Question.Sort sort) {
        return new Question(terms("ask"), sort, List.of(new Question.Option("how close the points are", true, ""),
                new Question.Option("how steep the line is", false, "That is the slope."),
                new Question.Option("which way it goes", true, "Its sign says that.")), false, List.of("outlier"));
    }

    @Test
    void anEquationIsTypedAndWhatCannotBeReadCostsNoTry() throws IOException {
        try (Person person = at(new WriteEquation(terms("equation"), new Curve.Line(), 3))) {
            pasted(person, "equation-equation", "length = 2 + 3 mass");
            person.press(KeyCode.ENTER);
            assertThat(person.text("missing-equation")).contains("mass").contains("such as length");
            pasted(person, "equation-equation", "length = 0.515 + 1.95 days");
            person.press(KeyCode.ENTER);
            assertThat(person.text("verdict-equation")).contains("exchanged");
            pasted(person, "equation-equation", "y = 0.515x + 1.95");
            person.press(KeyCode.ENTER);
            assertThat(person.text("verdict-equation")).isEqualTo("\u2713 Right.");
        }
    }

    @Test
    void anAnswerSaysThatItsDataHaveBeenChangedSince() throws IOException {
        try (Person person = at(new WriteEquation(terms("equation"), new Curve.Line(), 3))) {
            pasted(person, "equation-equation", "y = 0.515x + 1.95");
            person.press(KeyCode.ENTER);
            assertThat(person.text("verdict-equation")).startsWith("✓").doesNotContain("changed");
            person.apply(new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "99")));
            assertThat(person.text("verdict-equation")).contains("The data have been changed since.");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.text("verdict-equation")).doesNotContain("changed");
        }
    }

    @Test
    void aStatementAndItsReasonByKeysAlone() throws IOException {
        try (Person person = at(question(Question.Sort.TRUE_BECAUSE))) {
            for (int i = 0; i < 40 && !person.focused().startsWith("ask-row-0"); i++) {
                person.press(KeyCode.TAB);
            }
            person.press(KeyCode.RIGHT);
            person.press(KeyCode.TAB);
            person.press(KeyCode.SPACE);
            person.press(KeyCode.CONTROL, KeyCode.ENTER);
            assertThat(person.text("verdict-ask")).isEqualTo("\u2713 Right.");
        }
    }

    @Test
    void severalAreTickedAndEachIsJudged() throws IOException {
        try (Person person = at(question(Question.Sort.SEVERAL))) {
            person.click("ask-row-0-0");
            person.click("ask-row-0-1");
            person.click("check-ask");
            assertThat(person.text("verdict-ask")).contains("1 of 3").contains("That is the slope.");
            person.click("ask-row-0-1");
            person.click("ask-row-0-2");
            person.click("check-ask");
            assertThat(person.text("verdict-ask")).isEqualTo("\u2713 Right.");
        }
    }

    @Test
    void aWordIsTyped() throws IOException {
        try (Person person = at(question(Question.Sort.SHORT_TEXT))) {
            person.click("ask-text");
            person.type("the outlier");
            person.press(KeyCode.ENTER);
            assertThat(person.text("verdict-ask")).isEqualTo("\u2713 Right.");
        }
    }

    @Test
    void aCurveIsChosenAndTheConditionsAreJudged() throws IOException {
        ChooseCurve curve = new ChooseCurve(terms("curve"), List.of(new Curve.Line(), new Curve.Logarithmic()),
                ChooseCurve.By.AUTHOR, 0, EnumSet.of(CurveReason.SIMPLE), false);
        CheckConditions conditions = new CheckConditions(terms("hold"),
                EnumSet.of(FitCondition.LINEARITY, FitCondition.NORMALITY), Set.of(), true);
        try (Person person = at(curve, conditions)) {
            person.click("curve-row-0-1");
            person.click("curve-row-1-" + CurveReason.SIMPLE.ordinal());
            person.click("check-curve");
            assertThat(person.text("verdict-curve")).contains("Another one");
            person.click("curve-row-0-0");
            person.click("check-curve");
            assertThat(person.text("verdict-curve")).isEqualTo("\u2713 Right.");
            person.click("hold-row-0-0");
            person.click("hold-row-1-0");
            person.click("hold-row-2-2");
            person.click("check-hold");
            assertThat(person.text("verdict-hold")).isEqualTo("\u2713 Right.");
        }
    }

    @Test
    void aHintIsAskedForAndPaidFor() throws IOException {
        Task read = Kelp.read(Quantity.SLOPE, new Rounding.Places(2));
        try (Person person = at(read.with(read.terms().withWhy("It is the *factor* of {x.name}.")
                .withHelps(List.of(new Hint("It multiplies {x.name}.", 0), new Hint("It is a half.", 1)))))) {
            assertThat(person.text("hint-read")).isEqualTo("Hint");
            person.click("hint-read");
            assertThat(person.text("hints-read")).isEqualTo("It multiplies days.");
            assertThat(person.text("hint-read")).isEqualTo("Next hint (\u22121 mark)");
            person.click("hint-read");
            assertThat(person.text("hints-read")).endsWith("It is a half.");
            assertThat(person.sees("hint-read")).isFalse();
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.text("hints-read")).as("it cannot be unread").endsWith("It is a half.");
            person.click("read-number");
            person.type("0.52");
            person.press(KeyCode.ENTER);
            assertThat(person.model().findings().earned()).isEqualTo(1);
            assertThat(person.text("why-read")).isEqualTo("It is the factor of days.");
        }
    }

    @Test
    void gapsAreFilledInFromOneToTheNext() throws IOException {
        Explain gapped = new Explain(terms("explain")).with(Explaining.SLOPE.withFrame(SentenceFrame.usual(Aspect.About.SLOPE)));
        try (Person person = at(gapped)) {
            person.click("explain-gap-0");
            person.type("day");
            person.press(KeyCode.TAB);
            person.type("blade length");
            person.press(KeyCode.ENTER);
            assertThat(person.text("missing-explain")).isEqualTo("Fill in every gap first.");
            person.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(person.text("explain-gap-1")).as("one gap is undone at a time").isEmpty();
            assertThat(person.text("explain-gap-0")).isEqualTo("day");
            person.press(KeyCode.CONTROL, KeyCode.Y);
            assertThat(person.text("explain-gap-1")).isEqualTo("blade length");
            person.click("explain-gap-2");
            person.type("0.52 cm");
            person.press(KeyCode.TAB);
            person.type("more");
            person.press(KeyCode.ENTER);
            assertThat(person.text("verdict-explain")).startsWith("\u2713");
        }
    }

    @Test
    void whatItWouldSayIsSeenWhileWriting() throws IOException {
        ReadValue read = new ReadValue(terms("read"), Quantity.SLOPE, new Rounding.Places(2)).with(Asking.USUAL.withUnit(true));
        try (Person person = at(read, new Explain(terms("explain")))) {
            person.click("view-write");
            person.apply(new Edit.TurnTo(Optional.of("read")));
            pasted(person, "edit-try-answer", "0.52 kg");
            assertThat(person.text("edit-try-verdict")).contains("right number, another unit");
            pasted(person, "edit-try-answer", "0.52 cm per day");
            assertThat(person.text("edit-try-message")).isEqualTo("Right.");
            pasted(person, "edit-try-answer", "perhaps");
            assertThat(person.text("edit-try-verdict")).contains("no try is used up");
            person.apply(new Edit.TurnTo(Optional.of("explain")));
            pasted(person, "edit-try-answer", "Days cause the blade to grow by about 0.52 cm each.");
            assertThat(person.text("edit-try-verdict")).contains("a cause claimed");
        }
    }

    @Test
    void eachNewKindIsWrittenAndUndone() throws IOException {
        try (Person person = at(question(Question.Sort.ONE), new WriteEquation(terms("equation"), new Curve.Line(), 3))) {
            Exercise before = person.model().desk().exercise();
            person.click("view-write");
            person.apply(new Edit.TurnTo(Optional.of("ask")));
            person.click("edit-add-option");
            pasted(person, "edit-option-3-text", "nothing at all");
            person.click("edit-option-3-right");
            Question asked = (Question) person.model().desk().exercise().task("ask").orElseThrow();
            assertThat(asked.options().getLast()).isEqualTo(new Question.Option("nothing at all", true, ""));
            person.click("edit-add-hint");
            pasted(person, "edit-hint-0", "Look closely.");
            pasted(person, "edit-hint-0-cost", "0.5");
            assertThat(person.model().desk().exercise().task("ask").orElseThrow().terms().helps())
                    .containsExactly(new Hint("Look closely.", 0.5));
            for (int i = 0; i < 12; i++) {
                person.press(KeyCode.CONTROL, KeyCode.Z);
            }
            assertThat(person.model().desk().exercise().task("ask")).isEqualTo(before.task("ask"));
        }
    }
}
