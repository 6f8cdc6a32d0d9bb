package hestra.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;

import hestra.Kelp;
import hestra.chance.Pile;
import hestra.chance.Play;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desk.WorkEdit;
import hestra.desktop.demo.OrrinBay;
import hestra.documents.exercise.HandInFile;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import hestra.feedback.Outcome;
import hestra.feedback.Quantity;
import hestra.feedback.Verdict;
import hestra.figure.Dress;
import hestra.fit.CurveFit;
import hestra.fit.Interval;
import hestra.fit.LeastSquares;
import hestra.fit.Trial;
import hestra.marking.ClassOfOne;
import hestra.marking.HandIn;
import hestra.numbers.NumberStyle;
import hestra.task.Attempt;
import hestra.task.ByChoice;
import hestra.task.ByEye;
import hestra.task.ChoiceRow;
import hestra.task.ChooseRoles;
import hestra.task.Chosen;
import hestra.task.Describe;
import hestra.task.Description;
import hestra.task.DrawIt;
import hestra.task.EnterData;
import hestra.task.Explain;
import hestra.task.FillCalculation;
import hestra.task.FillIn;
import hestra.task.FindPoint;
import hestra.task.FindSlip;
import hestra.task.FromPicture;
import hestra.task.MatchPlot;
import hestra.task.NumberQuestion;
import hestra.task.Predict;
import hestra.task.Question;
import hestra.task.ReachTarget;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.Truth;
import hestra.task.TryOut;
import hestra.task.WantedFigure;
import hestra.task.WhatChanceDoes;
import hestra.task.WriteEquation;
import hestra.task.WriteSection;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * What somebody does who has the program for the first time: from an empty window to a prediction, with data in any shape, and
 * the seven exercises.
 */
class FirstHourTest {

    /** x̄ = 3, ȳ = 6, Sxx = 10, Sxy = 19: the slope is 1.9, the intercept 0.3, and ŷ at 6 is 11.7. */
    private static final String[][] PAIRS = {{"1", "2"}, {"2", "5"}, {"3", "5"}, {"4", "8"}, {"5", "10"}};

    @TempDir
    Path folder;

    private static void typePairs(Person person) throws IOException {
        for (String[] pair : PAIRS) {
            person.type(pair[0]);
            person.press(KeyCode.TAB);
            person.type(pair[1]);
            person.press(KeyCode.ENTER);
        }
    }

    private static void assertRead(Person person) throws IOException {
        assertThat(person.model().findings().fit().line().orElseThrow().slope().value()).isEqualTo(1.9);
        assertThat(person.sees("equation")).isTrue();
        // Syy = 38, so r = 19 / √380.
        assertThat(person.text("reading-r")).isEqualTo(NumberStyle.STANDARD.show(19 / Math.sqrt(380)));
        assertThat(person.text("predicted")).isEqualTo("11.7");
    }

    @Test
    void fromColdToAPredictionWithOneClick() throws IOException {
        try (Person person = Person.at(Exercise.blank("cold"), folder)) {
            typePairs(person);
            person.click("predict-at");
            person.type("6");
            assertRead(person);
        }
    }

    @Test
    void theSameWithoutAMouse() throws IOException {
        try (Person person = Person.at(Exercise.blank("cold"), folder)) {
            typePairs(person);
            person.press(KeyCode.F6);
            person.type("6");
            assertRead(person);
            person.press(KeyCode.ESCAPE);
            person.press(KeyCode.SHIFT, KeyCode.F6);
            person.press(KeyCode.SHIFT, KeyCode.F6);
            assertThat(person.focused()).as("round the other way").isNotEqualTo("predict-at");
        }
    }

    /**
     * One of the shapes in which people have their data, with how many pairs come of it and what the two axes are then called.
     */
    private record Shape(String name, String text, int pairs, String x, String y) {
        @Override
        public String toString() {
            return name;
        }
    }

    static List<Shape> shapes() {
        return List.of(
                new Shape("dates", "day\tdepth (m)\n2024-03-01\t2\n2024-03-05\t4\n2024-03-09\t5\n", 3, "day", "depth (m)"),
                new Shape("across", "days\t1\t2\t3\t4\t5\ndepth (m)\t2\t4\t5\t7\t8\n", 5, "days", "depth (m)"),
                new Shape("pairs", "(1, 2.5), (2, 3.7), (4, 6.1)", 3, "x", "y"),
                new Shape("named lists", "days = 1, 2, 3, 4\ndepth = 2, 4, 5, 7\n", 4, "days", "depth"),
                new Shape("a line of units", "days\tdepth\nd\tm\n1\t2\n2\t4\n3\t5\n", 3, "days (d)", "depth (m)"),
                new Shape("rules and notes", "days  depth\n----  -----\n1     2\n2     4\n3     5\n\nSource: the pier\n", 3,
                        "days", "depth"),
                new Shape("footnotes and names",
                        "town\tpeople\tboats\nOrrin[a]\t1,709,037[2]\t41\nFell\t1,012,450\t33\nWick\t1,201,118\t35\n", 3,
                        "people", "boats"),
                new Shape("two kinds of decimals", "days\tdepth\n1.5\t2,25\n2.5\t4,75\n3.5\t5,5\n", 3, "days", "depth"),
                new Shape("ranks", "place\tboats\n1st\t14\n2nd\t11\n3rd\t8\n", 3, "place", "boats"));
    }

    @ParameterizedTest
    @MethodSource("shapes")
    void aTableOfOnesOwnInAnyShapeStandsAtOnce(Shape shape) throws IOException {
        try (Person person = Person.at(Exercise.blank("own"), folder)) {
            person.copied(shape.text);
            person.press(KeyCode.CONTROL, KeyCode.V);
            Findings findings = person.model().findings();
            assertThat(findings.pairs().n()).isEqualTo(shape.pairs);
            assertThat(findings.x().axisTitle()).isEqualTo(shape.x);
            assertThat(findings.y().axisTitle()).isEqualTo(shape.y);
            assertThat(findings.curves().visibleLine()).isPresent();
        }
    }

    /** Every third one; all of them in the campaign, {@code -Dhestra.exercises-done=8}. */
    static List<Exercise> exercises() {
        List<Exercise> all = OrrinBay.sets().stream().map(OrrinBay.Set::exercise).toList();
        int step = Integer.getInteger("hestra.exercises-done", all.size() / 2) < all.size() ? 3 : 1;
        return IntStream.range(0, all.size()).filter(i -> i % step == 0).mapToObj(all::get).toList();
    }

    @ParameterizedTest
    @MethodSource("exercises")
    void theDemoExercisesAreDoneToTheHandIn(Exercise exercise) throws IOException {
        Path file = folder.resolve("done.handin");
        try (Person person = Person.at(exercise, folder.resolve("state"))) {
            for (Task task : exercise.tasks()) {
                answer(person, task, Kelp.truth(exercise));
                person.press(KeyCode.CONTROL, KeyCode.ENTER);
                assertThat(person.text("verdict-" + task.id())).as(task.id()).startsWith("✓");
                if (person.sees("go-on-" + task.id())) {
                    person.press(KeyCode.CONTROL, KeyCode.ENTER);
                }
            }
            assertThat(person.focused()).as("all is done: the name is next").isEqualTo("student-name");
            person.type("Tove Marsh");
            person.willChoose(file);
            person.press(KeyCode.ENTER);
        }
        HandIn handIn = ((Result.Done<HandIn>) HandInFile.read(file)).value();
        assertThat(ClassOfOne.of(handIn, exercise).total()).isEqualTo(exercise.marks());
        assertThat(Files.readString(folder.resolve("done.html"))).contains("Tove Marsh");
    }

    /** Answers the task in hand by what its key says. */
    private static void answer(Person person, Task task, Truth truth) throws IOException {
        switch (task) {
            case EnterData _ -> enter(person, truth);
            case ChooseRoles _ -> person.click("role-" + truth.x().name() + "-explains");
            case Describe describe -> describe(person, describe);
            case FindSlip slip -> {
                person.pressAt(person.point(slip.row()), 1);
                person.click("cell-" + slip.row() + "-" + slip.column());
                person.type(truth.data().cell(slip.row(), slip.column()).text());
                person.press(KeyCode.ENTER);
            }
            case ReadValue _, NumberQuestion _ -> person.type(plain(task.key(truth).text().split(" ")[0]));
            case Predict predict -> predict(person, predict, truth);
            case Explain explain ->
                    paste(person, explain.rightAnswer(truth).isEmpty() ? sentence(truth) : explain.rightAnswer(truth));
            case FindPoint find -> find(person, find, truth);
            case MatchPlot match -> person.click(match.id() + "-option-" + match.key(truth).text().split(" ")[1]);
            case ByEye byEye -> place(person, byEye, truth);
            case FillCalculation fill -> fill(person, fill, truth);
            case DrawIt draw -> draw(person, draw, truth);
            case TryOut tried -> tryOut(person, tried, truth);
            case WhatChanceDoes chance -> chance(person, chance);
            case FromPicture picture -> throw new IllegalStateException("not in these: " + picture.id());
            case WriteEquation equation -> paste(person, equation.key(truth).text());
            case WriteSection section -> section(person, section);
            case ByChoice choice -> choose(person, choice, truth);
            case ReachTarget target -> throw new IllegalStateException("not in these: " + target.id());
        }
    }

    /** Keeps what is asked for, then writes on. */
    private static void section(Person person, WriteSection section) throws IOException {
        for (WantedFigure figure : WantedFigure.values()) {
            if (section.figures().contains(figure)) {
                switch (figure) {
                    case PLOT_WITH_LINE, PLOT_WITH_CURVE -> person.click(section.id() + "-keep-plot");
                    case EQUATION -> person.click(section.id() + "-keep-equation");
                    case READINGS -> person.click(section.id() + "-keep-readings");
                    case RESIDUALS -> person.choose(section.id() + "-keep-more", "The residual plot");
                    default -> throw new IllegalStateException("not in these: " + figure);
                }
            }
        }
        person.click(section.id() + "-write-on");
        paste(person, "It grows with it, as far as these data reach. ".repeat(1 + section.words() / 9));
    }

    private static void find(Person person, FindPoint find, Truth truth) throws IOException {
        person.pressAt(person.point(Integer.parseInt(find.key(truth).text().split("[ ,]")[1]) - 1), 1);
        person.click(find.id() + "-action-" + named(find.action().orElseThrow()));
        person.click(find.id() + "-reason-" + named(find.reason().orElseThrow()));
    }

    private static String named(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Drags each handle to the best curve. */
    private static void place(Person person, ByEye task, Truth truth) throws IOException {
        person.click(task.id() + "-place");
        CurveFit best = LeastSquares.fit(task.curve(), truth.pairs()).curveFit().orElseThrow();
        for (int i = 0; i < task.curve().coefficients(); i++) {
            Trial.Handle handle = person.model().findings().work().curves().trial().orElseThrow().handles().get(i);
            person.drag(person.place(handle.x(), handle.y()), person.place(handle.x(), best.fitted(handle.x()).orElseThrow()));
        }
    }

    /** Goes to the first cell and on from cell to cell with Tab. */
    private static void fill(Person person, FillCalculation task, Truth truth) throws IOException {
        FillIn fill = task.fillIn(truth).orElseThrow();
        person.click(task.id() + "-go");
        for (String id : fill.asked()) {
            person.type(plain(truth.style().show(fill.cells().value(id), task.rounding())));
            person.press(KeyCode.TAB);
        }
    }

    private static void draw(Person person, DrawIt task, Truth truth) throws IOException {
        person.click(task.id() + "-column-" + truth.roles().explanatory() + "-along");
        person.apply(new WorkEdit.ChangeTable(new TableEdit.Name(truth.roles().explanatory(), Variable.named(truth.x().name())
                .withUnit(truth.x().unit()))));
        person.apply(new WorkEdit.ChangeTable(new TableEdit.Name(truth.roles().response(), Variable.named(truth.y().name())
                .withUnit(truth.y().unit()))));
        person.apply(new PlotEdit.DressPlot(Dress.USUAL.withTitle("Rings")));
        person.shiftDrag(person.place(0, 0), person.place(130, 80));
    }

    private static void tryOut(Person person, TryOut task, Truth truth) throws IOException {
        for (int i = 0; i < task.moves().size(); i++) {
            TryOut.Move move = task.moves().get(i);
            Point2D from = person.point(move.row());
            person.drag(from, person.place(truth.pairs().x(move.row()), truth.pairs().y(move.row()) + move.dy()));
            double now = LeastSquares.line(person.model().findings().pairs()).line().orElseThrow().slope().value();
            double change = now - truth.evidence().value(Quantity.SLOPE).orElseThrow();
            person.click(task.id() + "-amount-" + i);
            person.type(plain(truth.style().show(change, task.rounding())));
            person.click(task.id() + "-put-back");
        }
        person.click(task.id() + "-most-move-1");
        person.click(task.id() + "-reason-" + named(task.reason().orElseThrow()));
    }

    /** Turns the play on, draws as often as is asked, and says what the pile shows. */
    private static void chance(Person person, WhatChanceDoes task) throws IOException {
        person.click(task.id() + "-play");
        for (int drawn = 0; drawn < task.draws(); drawn += 1_000) {
            int wanted = drawn + 1_000;
            person.click("chance-thousand");
            person.until("the draws", () -> person.model().findings().chance().orElseThrow().wanted() >= wanted);
        }
        Pile pile = person.model().findings().chance().orElseThrow().asked().orElseThrow().pile();
        NumberStyle style = NumberStyle.STANDARD;
        boolean share = task.play() == Play.SHUFFLE;
        Optional<Interval> middle = pile.middle(task.level());
        person.click(task.id() + "-low");
        person.type(plain(style.show(share ? pile.p().orElseThrow() : middle.orElseThrow().low(), task.rounding())));
        if (!share) {
            person.press(KeyCode.TAB);
            person.type(plain(style.show(middle.orElseThrow().high(), task.rounding())));
        }
        boolean against = share ? pile.p().orElseThrow() <= 1 - task.level()
                : middle.orElseThrow().low() > 0 || middle.orElseThrow().high() < 0;
        if (task.means()) {
            person.click(task.id() + "-meaning-" + (share ? "if-unrelated" : "could-be-off"));
        }
        if (task.concludes()) {
            person.click(task.id() + "-conclusion-" + (against ? "speaks-against" : "leaves-open"));
        }
    }

    /** As it is typed on a keyboard. */
    private static String plain(String number) {
        return number.replace(NumberStyle.MINUS, '-');
    }

    private static void enter(Person person, Truth truth) throws IOException {
        for (int row : truth.leftToType()) {
            for (int column = 0; column < truth.data().width(); column++) {
                person.type(truth.data().cell(row, column).text());
                person.press(KeyCode.TAB);
            }
        }
    }

    private static void describe(Person person, Describe describe) throws IOException {
        Description key = describe.key();
        List<Description.Choice> choices = List.of(key.direction(), key.form(), key.strength(), key.unusual());
        List<String> names = List.of("direction", "form", "strength", "unusual-points");
        for (int i = 0; i < choices.size(); i++) {
            person.click(describe.id() + "-" + names.get(i) + "-" + choices.get(i).inWords().replace(' ', '-'));
        }
    }

    private static void predict(Person person, Predict predict, Truth truth) throws IOException {
        String[] key = predict.key(truth).text().split(" · ");
        for (int i = 0; i < key.length; i++) {
            // "37.5 (28.5 to 46.5) ✓": a number, perhaps an interval, and a judgement.
            String[] pieces = key[i].replaceAll("[()]|to ", "").split(" ");
            person.click(predict.id() + "-at-" + i);
            person.type(plain(pieces[0]));
            if (predict.asks().band().isPresent()) {
                person.click(predict.id() + "-low-" + i);
                person.type(plain(pieces[1]));
                person.click(predict.id() + "-high-" + i);
                person.type(plain(pieces[2]));
            }
            person.click(predict.id() + "-trust-" + i + (key[i].endsWith("✓") ? "-trust"
                    : key[i].endsWith("✗") ? "-don’t"
                    : "-no-meaning"));
        }
    }

    private static String sentence(Truth truth) {
        double slope = truth.evidence().fit().line().orElseThrow().slope().value();
        return "On average " + truth.y().name() + " is predicted to be " + NumberStyle.STANDARD.show(Math.abs(slope))
                .replace(NumberStyle.MINUS, '-')
                + (truth.y().unit().isEmpty() ? "" : " " + truth.y().unit()) + (slope < 0 ? " lower" : " higher")
                + " for each further " + truth.x().name()
                + (truth.x().unit().isEmpty() ? "" : ", in " + truth.x().unit()) + ".";
    }

    @Test
    void afterTheLastTryTheAnswerIsToldAndNothingIsToBeLookedAtAgain() throws IOException {
        Describe describe = Kelp.describe();
        Exercise exercise = Kelp.exercise(describe.with(describe.terms().withTries(1)), Kelp.explain());
        try (Person person = Person.at(exercise, folder)) {
            Stream.of("describe-direction-falling", "describe-form-straight", "describe-strength-strong",
                    "describe-unusual-points-one").forEach(id -> click(person, id));
            person.click("check-describe");
            assertThat(person.text("verdict-describe")).contains("The answer: rising").doesNotContain("Look again");
            assertThat(person.isInSight("verdict-describe")).as("the verdict is scrolled to").isTrue();
        }
    }

    private static void click(Person person, String id) {
        try {
            person.click(id);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void everyControlIsReachedByKeysAndLeftAgain() throws IOException {
        try (Person person = Person.at(Kelp.whole().withFirst(part -> part.withHeld(java.util.Set.of())), folder)) {
            for (String view : List.of("view-work", "view-write")) {
                person.click(view);
                List<String> missed = person.walk();
                assertThat(missed).as("controls of " + view + " that no key reaches").isEmpty();
            }
        }
    }

    @Test
    void aKeyGoesRoundThePartsOfTheWindowAndEachRemembersItsPlace() throws IOException {
        try (Person person = Person.at(Kelp.exercise(Kelp.roles(), Kelp.explain())
                .withFirst(part -> part.withHeld(java.util.Set.of())), folder)) {
            List<String> round = round(person);
            assertThat(round).containsExactly("role-days-explains", "plot", "strip", "grid", "predict-at", "view-work");
            person.press(KeyCode.F6, KeyCode.F6);
            while (!person.focused().equals("grid")) {
                person.press(KeyCode.F6);
            }
            person.press(KeyCode.DOWN);
            person.press(KeyCode.DOWN);
            List<String> again = round(person);
            assertThat(again.getFirst()).isEqualTo("grid");
            assertThat(person.model().desk().selected()).as("the table remembers its row").hasValue(2);
            person.press(KeyCode.ESCAPE);
            assertThat(person.focused()).as("Escape leads back to the sheet").isEqualTo("role-days-explains");
        }
    }

    private static List<String> round(Person person) throws IOException {
        return IntStream.range(0, 6).mapToObj(_ -> {
            try {
                String at = person.focused();
                person.press(KeyCode.F6);
                return at;
            } catch (IOException e) {
                throw new AssertionError(e);
            }
        }).toList();
    }

    private static void paste(Person person, String text) throws IOException {
        person.copied(text);
        person.press(KeyCode.CONTROL, KeyCode.V);
    }

    /** Chooses what is right, row by row: found by judging each choice. */
    private static void choose(Person person, ByChoice task, Truth truth) throws IOException {
        List<ChoiceRow> rows = task.rows(truth);
        Chosen chosen = Chosen.NOTHING;
        for (int row = 0; row < rows.size(); row++) {
            Chosen before = chosen;
            int options = rows.get(row).options().size();
            int place = row;
            Set<Integer> best = IntStream.range(1, 1 << options)
                    .mapToObj(bits -> IntStream.range(0, options).filter(i -> (bits >> i & 1) == 1)
                            .boxed().collect(Collectors.toSet()))
                    .filter(picks -> rows.get(place).several() || picks.size() == 1)
                    .max(Comparator.comparingLong(picks -> right(task, before.with(place, picks), truth))).orElseThrow();
            for (int option : best) {
                person.click(task.id() + "-row-" + row + "-" + option);
            }
            chosen = chosen.with(row, best);
        }
        if (task.textPrompt().isPresent()) {
            person.click(task.id() + (task instanceof Question question
                    && question.sort() == Question.Sort.SHORT_TEXT ? "-text" : "-sentence"));
            person.type(task instanceof Question asked && !asked.accepted().isEmpty() ? asked.accepted().getFirst() : "It does.");
        }
    }

    private static long right(ByChoice task, Chosen chosen, Truth truth) {
        Verdict verdict = task.judge(new Attempt(chosen, Set.of()), truth);
        if (verdict.parts().isEmpty()) {
            return verdict.isRight() ? 1 : 0;
        }
        return verdict.parts().stream().filter(it -> it.outcome() == Outcome.RIGHT).count();
    }
}
