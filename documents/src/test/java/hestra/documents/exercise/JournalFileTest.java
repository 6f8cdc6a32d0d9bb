package hestra.documents.exercise;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;

import hestra.Kelp;
import hestra.chance.Play;
import hestra.chance.Watched;
import hestra.data.Cell;
import hestra.data.Dates;
import hestra.data.PointChange;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.desk.ChanceEdit;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.History;
import hestra.desk.OwnSheet;
import hestra.desk.PartEdit;
import hestra.desk.PlotEdit;
import hestra.desk.RandomEdits;
import hestra.desk.SheetEdit;
import hestra.desk.Step;
import hestra.desk.Steps;
import hestra.desk.WorkEdit;
import hestra.exercise.Block;
import hestra.exercise.Closing;
import hestra.exercise.Edition;
import hestra.exercise.Exercise;
import hestra.exercise.PlotRules;
import hestra.exercise.Varying;
import hestra.exercise.Wish;
import hestra.feedback.KeptShare;
import hestra.feedback.Quantity;
import hestra.feedback.Reading;
import hestra.figure.Below;
import hestra.figure.Dress;
import hestra.figure.Frame;
import hestra.figure.Hue;
import hestra.figure.LabelPlace;
import hestra.figure.Layer;
import hestra.figure.Sign;
import hestra.figure.Slot;
import hestra.figure.Spacing;
import hestra.figure.StripKind;
import hestra.fit.Curve;
import hestra.fit.Curve.FittedOn;
import hestra.fit.CurveFamily;
import hestra.fit.EquationNotation;
import hestra.fit.Term;
import hestra.fit.Trial;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.recipe.Parameter;
import hestra.recipe.Range;
import hestra.task.Aid;
import hestra.task.Answer;
import hestra.task.Described;
import hestra.task.Keepable;
import hestra.task.Predict;
import hestra.task.Terms;
import hestra.tracing.PictureAxes;
import hestra.tracing.PicturePoint;
import hestra.tracing.Tracing;
import hestra.working.CalculationLine;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class JournalFileTest {

    private static final List<Edit> EDITS = List.of(
            new SheetEdit.Write(OwnSheet.Spot.before(0), "One “two”.\n\nThree.", Optional.of("write-on 1")),
                    new SheetEdit.ChangeText("note-1", "Four.\n\nFive.", Optional.empty()),
            new SheetEdit.Keep(new OwnSheet.Spot(0, 2), Keepable.FIGURE, false),
                    new SheetEdit.Caption("note-2", "A caption", Optional.empty()), new SheetEdit.Follow("note-2", true),
            new SheetEdit.Keep(OwnSheet.Spot.before(0), Keepable.READINGS, true), new SheetEdit.Move("note-2", -2),
                    new SheetEdit.WriteLine(0, CalculationLine.typed("q = slope * 2"), Optional.empty()),
            new SheetEdit.KeepLine(OwnSheet.Spot.before(9), CalculationLine.typed("q = slope * 2")),
                    new SheetEdit.Follow("note-2", false), new SheetEdit.RemoveLine(0), new SheetEdit.Remove("note-1"),
            new WorkEdit.ChangeTable(new TableEdit.Type(4, 0, "10")),
                    new WorkEdit.ChangeTable(new TableEdit.Paste(4, 0, List.of(List.of("10", "7,2")))),
                    new WorkEdit.ChangeTable(new TableEdit.Clear(0, 0, 0, 1)),
            new WorkEdit.ChangeTable(new TableEdit.InsertRows(1, 1)),
                    new WorkEdit.ChangeTable(new TableEdit.RemoveRows(List.of(1))),
                    new WorkEdit.ChangeTable(new TableEdit.SetAside(2, "why “so”?")),
                    new WorkEdit.ChangeTable(new TableEdit.TakeBack(2)),
            new WorkEdit.PlayAgain(2), new WorkEdit.PutBack(),
                    new WorkEdit.ReadPicture(new Tracing(PictureAxes.within(200, 100), List.of(new PicturePoint(3.5, 7))), 5),
                    new WorkEdit.MovePoint(1, 4.5, 1e-7, 77), new WorkEdit.ChooseRoles(new Roles(1, 0)),
                    new PlotEdit.ShowLayer(Layer.SQUARES, true),
            new PlotEdit.ReadAt(OptionalDouble.of(52.5)), new PlotEdit.ReadAt(OptionalDouble.empty()),
                    new PlotEdit.ReadAtY(OptionalDouble.of(-2e-9)), new PlotEdit.Pin(List.of(1.5, 2e9)),
            new PlotEdit.AddCurve(new Curve.Polynomial(3)), new PlotEdit.AddCurve(new Curve.Power(FittedOn.LOGARITHMS)),
                    new PlotEdit.ChangeCurve(Slot.SECOND, new Curve.Exponential(FittedOn.VALUES)),
            new PlotEdit.AddCurve(new Curve.OwnTerms(List.of(Term.ONE, Term.ROOT))), new PlotEdit.RemoveCurve(Slot.FIRST),
                    new PlotEdit.ShowCurve(Slot.SECOND, false), new PlotEdit.TakeInHand(Slot.THIRD),
            new PlotEdit.Try(new Trial(new Curve.Exponential(FittedOn.LOGARITHMS),
                    List.of(new Trial.Handle(1, 2), new Trial.Handle(3, 0.1))), 12),
            new PlotEdit.PutLabel(Slot.TRIAL, new LabelPlace(0.25, 1, 1.5), 13),
                    new PlotEdit.SpaceAxis(false, Spacing.LOGARITHMIC), new PlotEdit.ShowStrip(StripKind.NORMAL),
                    new PlotEdit.FitOnly(Set.of(0, 2)), new PlotEdit.ShowBelow(Below.SUMS), new PlotEdit.Unfold(5),
            new PlotEdit.ShowForm(new EquationNotation(false, true, EquationNotation.Base.E)), new PlotEdit.ShowLevel(0.99),
                    new PlotEdit.DressPlot(Dress.USUAL.withPoints(Hue.RED).with(Slot.FIRST, Hue.BLACK)),
            new WorkEdit.BringColumns(Kelp.table().withVariable(0, Variable.ofDates("day",
                    new Dates("2024-02-27", Dates.Step.DAYS))), Roles.FIRST_EXPLAINS),
            new PlotEdit.DressPlot(Dress.USUAL.with(Sign.LOZENGE).withLines(Dress.Size.LARGE).withBlackOnWhite(true)),
            new PartEdit.WriteRules(new PlotRules(Set.of(PointChange.ADD, PointChange.REMOVE), new EquationNotation(false, false))
                    .with(KeptShare.NINE_TENTHS)), new WorkEdit.AddPoint(9, 6.5), new WorkEdit.RemovePoints(List.of(0, 2)),
            new PlotEdit.ShowFrame(Optional.of(new Frame(0, 1, -2, 3))), new PlotEdit.ShowFrame(Optional.empty()),
            new ChanceEdit.PlayChance(Play.DRAW_AGAIN, 4127), new ChanceEdit.Draw(1_000), new ChanceEdit.NumberRun(7),
            new ChanceEdit.Watch(new Watched.R()), new ChanceEdit.Watch(new Watched.FittedAt(2.5)),
            new ChanceEdit.Watch(Watched.INTERCEPT),
            new Edit.Draft("describe", Described.NOTHING.withSentence("rising")),
                    new Edit.Draft("roles", new Answer.RolesChosen(Optional.empty())),
            new Edit.Check("roles"), new Edit.TakeHint("roles"), new Edit.Name("Ida"), new Edit.Undo(), new Edit.Redo(),
            new ExerciseEdit.WriteTexts("t", "p", "h"), new ExerciseEdit.WriteTexts("u", "p", "h", Optional.of("title 1")),
                    new Edit.Pasted(8, new PartEdit.WriteTable(new TableEdit.Type(1, 1, "4"))),
                    new Edit.Pasted(8, new PartEdit.WriteTable(new TableEdit.Type(1, 1, "3.9"))),
                    new ExerciseEdit.ChangeBlock(new Block.Prose("text-1", "p\nq"), Optional.of("text-1")),
                    new PartEdit.WriteTable(new TableEdit.Name(0, new Variable("a", "b", "c"))),
            new PartEdit.WriteHeld(Set.of(Aid.R)), new PartEdit.WriteRoles(new Roles(1, 0)),
                    new ExerciseEdit.AddBlock("part-1", 1,
                            new Block.Asked(new Predict(Terms.of("again", "t", "p", 2), List.of(1.5, 2e9),
                            new Rounding.Significant(3)))),
            new ExerciseEdit.ChangeBlock(new Block.Asked(Kelp.explain().with(Kelp.explain().terms().withTitle("x")))),
                    new ExerciseEdit.MoveBlock("explain", "part-1", 1),
            new ExerciseEdit.RemoveBlock("roles"), new PartEdit.WriteColumns(Kelp.table(), Roles.FIRST_EXPLAINS),
            new PartEdit.WriteColumns(Kelp.table(), new Roles(1, 0)), new Edit.StartAgain(),
            new SheetEdit.BringBack("note-2"),
            new PartEdit.Vary(new Varying(Varying.Way.NEW_DATA, List.of(new Range(Parameter.FAR_X, -1, 2.5)), 4,
                    List.of(new Varying.Telling("a (b): c", "")),
                    List.of(new Wish.Between(Reading.of(Quantity.R), OptionalDouble.of(0.5),
                    OptionalDouble.empty()), new Wish.Better(new Curve.Polynomial(2), new Curve.Line(), 0.05),
                            new Wish.KeysClear(), new Wish.MistakesTold())), Optional.of("vary 1")),
            new ExerciseEdit.DrawAnew(3), new ExerciseEdit.DrawFrom(-5),
                    new ExerciseEdit.Publish(new Edition(1, 30, -5, Map.of(3, 1), Kelp.whole().parts())),
                    new ExerciseEdit.ShowVerdicts(Terms.Showing.AFTER_MARKING),
            new ExerciseEdit.WriteClosing(new Closing("Well done, {n} of them.", true), Optional.of("closing 1")),
                    new PartEdit.WriteRules(PlotRules.USUAL.offering(Set.of(CurveFamily.OWN_TERMS, CurveFamily.WAVE))),
            new ExerciseEdit.WriteMark(DecimalMark.COMMA),
                    new PartEdit.WriteColumns(Kelp.whole().with(DecimalMark.COMMA).first().data()
                            .withCell(0, 1, Cell.of("1,234", DecimalMark.COMMA)), Roles.FIRST_EXPLAINS),
                    new ExerciseEdit.GoBackTo(Kelp.whole().withTexts("Earlier", "", "")
                            .withFirst(part -> part.withData(part.data().withCell(1, 1, Cell.of("1,234.5", DecimalMark.POINT))))),
            new PartEdit.WriteColumns(Kelp.table(), new Roles(1, 0)));

    private static final int MUTATIONS = Integer.getInteger("hestra.mutations", 80);
    private static final long SEED = Long.getLong("hestra.seed", 20_261_126);

    @TempDir
    Path folder;

    private Path file;

    @BeforeEach
    void name() {
        file = folder.resolve("journals").resolve("kelp.jsonl");
    }

    /** What stands in the journal of a program that was killed: all but what is noted on closing. */
    private byte[] unnoted() throws IOException {
        List<String> lines = Files.readAllLines(file);
        return (String.join("\n", lines.subList(0, lines.size() - 1)) + "\n").getBytes(StandardCharsets.UTF_8);
    }

    private History written(List<Edit> edits) throws IOException {
        try (JournalFile journal = JournalFile.open(file, Desk.open(Kelp.whole())).journal()) {
            History history = History.of(Desk.open(Kelp.whole()));
            for (Edit edit : edits) {
                history = history.apply(edit);
                journal.add(new Step(1_700_000_000, edit));
            }
            return history;
        }
    }

    private JournalFile.Opened reopened(Exercise exercise) throws IOException {
        JournalFile.Opened opened = JournalFile.open(file, Desk.open(exercise));
        opened.journal().close();
        return opened;
    }

    @Test
    void everyKindOfEditIsMadeAgainAsItWas() throws IOException {
        for (int i = 1; i <= EDITS.size(); i++) {
            Files.deleteIfExists(file);
            History before = written(EDITS.subList(0, i));
            JournalFile.Opened after = reopened(Kelp.whole());
            assertThat(after.restored()).isEqualTo(i);
            assertThat(after.history().present()).as(EDITS.get(i - 1).toString()).isEqualTo(before.present());
            assertThat(after.history().undoable()).isEqualTo(before.undoable());
        }
    }

    @Test
    void whatWasRestoredCanBeUndone() throws IOException {
        written(List.of(new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "9"))));
        History history = reopened(Kelp.whole()).history();
        assertThat(Kelp.work(history.apply(new Edit.Undo()).present()).table().cell(0, 1).text()).isEqualTo("3.1");
    }

    @Test
    void aLineCutShortByACrashIsLeftOutAndWrittenOver() throws IOException {
        written(List.of(new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "9")),
                new WorkEdit.ChangeTable(new TableEdit.Type(1, 1, "8"))));
        byte[] bytes = unnoted();
        Files.write(file, Arrays.copyOf(bytes, bytes.length - 9));
        try (JournalFile journal = JournalFile.open(file, Desk.open(Kelp.whole())).journal()) {
            journal.add(new Step(1_700_000_000, new WorkEdit.ChangeTable(new TableEdit.Type(2, 1, "7"))));
        }
        JournalFile.Opened again = reopened(Kelp.whole());
        assertThat(again.restored()).isEqualTo(2);
        assertThat(Kelp.work(again.history().present()).table().cell(2, 1).text()).isEqualTo("7");
        assertThat(Kelp.work(again.history().present()).table().cell(1, 1).text()).isEqualTo("3.9");
    }

    @Test
    void aLineThatIsNoEditEndsTheReplay() throws IOException {
        written(List.of(new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "9"))));
        Files.writeString(file, "{\"kind\":\"unheard-of\"}\n{\"kind\":\"undo\"}\n", StandardCharsets.UTF_8,
                StandardOpenOption.APPEND);
        byte[] whole = Files.readAllBytes(file);
        JournalFile.Opened opened = reopened(Kelp.whole());
        assertThat(opened.restored()).isEqualTo(1);
        assertThat(opened.trouble()).hasValueSatisfying(it -> assertThat(it).contains("1 step").contains("damaged-1"));
        assertThat(file.resolveSibling("kelp.jsonl.damaged-1")).hasBinaryContent(whole);
        assertThat(reopened(Kelp.whole()).trouble()).isEmpty();
    }

    @Test
    void oneBadByteSpoilsNoLineBeforeIt() throws IOException {
        written(List.of(new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "9")), new Edit.Name("Ida"),
                new WorkEdit.ChangeTable(new TableEdit.Type(1, 1, "8"))));
        byte[] bytes = unnoted();
        bytes[bytes.length - 5] = (byte) 0xE2;
        Files.write(file, bytes);
        JournalFile.Opened opened = reopened(Kelp.whole());
        assertThat(opened.restored()).isEqualTo(2);
        assertThat(opened.history().present().work().student()).isEqualTo("Ida");
    }

    @Test
    void aJournalThatEndsInAnEditThatCannotBeWorkedOutOpensWithoutIt() throws IOException {
        written(List.of(new Edit.Name("Ida")));
        Files.writeString(file, "{\"kind\":\"pin\",\"at\":[null]}\n{\"kind\":\"name\",\"student\":\"Per\"}\n",
                StandardCharsets.UTF_8, StandardOpenOption.APPEND);
        JournalFile.Opened opened = reopened(Kelp.whole());
        assertThat(opened.history().present().work().student()).isEqualTo("Ida");
    }

    /** {@code -Dhestra.mutations} says how many. */
    @Test
    void aJournalOpensWhateverItsLinesHold() throws IOException {
        RandomEdits edits = new RandomEdits(SEED);
        List<Edit> made = new ArrayList<>(EDITS);
        Desk desk = Desk.open(Kelp.whole());
        for (int i = 0; i < 60; i++) {
            made.add(edits.next(desk));
        }
        written(made);
        byte[] whole = Files.readAllBytes(file);
        Mutation mutation = new Mutation(SEED);
        int opened = 0;
        for (int i = 0; i < MUTATIONS; i++) {
            Files.write(file, mutation.of(whole));
            JournalFile.Opened again = reopened(Kelp.whole());
            assertThat(again.history().present()).isNotNull();
            opened += again.restored() > 0 ? 1 : 0;
            try (Stream<Path> copies = Files.list(file.getParent())) {
                for (Path copy : copies.filter(it -> !it.equals(file) && !it.toString().endsWith(".lock")).toList()) {
                    Files.delete(copy);
                }
            }
        }
        assertThat(opened).as("most mutations spoil some lines only").isGreaterThan(MUTATIONS / 2);
    }

    @Test
    void anotherVersionOfTheExerciseBeginsANewJournalAndKeepsTheOld() throws IOException {
        written(List.of(new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "9"))));
        JournalFile.Opened other = reopened(saying("changed"));
        assertThat(other.restored()).isZero();
        assertThat(other.trouble()).hasValueSatisfying(it -> assertThat(it).contains("has changed").contains("Recent work"));
        assertThat(JournalFile.begun(file).map(Desk::exercise)).contains(saying("changed"));
        Path earlier = file.resolveSibling("kelp.earlier-1.jsonl");
        JournalFile.Opened old = JournalFile.resume(earlier);
        old.journal().close();
        assertThat(Kelp.work(old.history().present()).table().cell(0, 1).text()).isEqualTo("9");
        reopened(saying("changed again"));
        assertThat(file.resolveSibling("kelp.earlier-2.jsonl")).exists();
        assertThat(JournalSummary.of(earlier)).contains(new JournalSummary("Kelp", "Orrin Bay", 1));
    }

    @Test
    void aSavedExerciseIsFoundAgainInItsJournalWithWhatCameAfter() throws IOException {
        written(List.of(new ExerciseEdit.ChangeBlock(new Block.Prose("text-1", "saved"), Optional.of("text-1")),
                new ExerciseEdit.ChangeBlock(new Block.Prose("text-1", "saved, and more"), Optional.of("text-1")),
                new Edit.Name("Ida")));
        JournalFile.Opened opened = reopened(saying("saved"));
        assertThat(opened.restored()).isEqualTo(3);
        assertThat(((Block.Prose) opened.history().present().exercise().block("text-1").orElseThrow()).text())
                .isEqualTo("saved, and more");
    }

    @Test
    void aFileThatIsNoJournalIsKeptAside() throws IOException {
        Files.createDirectories(file.getParent());
        Files.write(file, new byte[] {(byte) 0xFF, (byte) 0xFE, 0, 1, 2});
        assertThat(reopened(Kelp.whole()).restored()).isZero();
        Files.writeString(file, "not a journal\n");
        JournalFile.Opened opened = reopened(Kelp.whole());
        assertThat(opened.restored()).isZero();
        assertThat(opened.trouble()).hasValueSatisfying(it -> assertThat(it).contains("kelp.jsonl.damaged-2"));
        assertThat(file.resolveSibling("kelp.jsonl.damaged-2")).hasContent("not a journal");
        assertThat(JournalFile.begun(folder.resolve("none"))).isEmpty();
    }

    @Test
    void twoWindowsCannotWriteTheSameJournal() throws IOException {
        try (JournalFile first = JournalFile.open(file, Desk.open(Kelp.whole())).journal()) {
            assertThat(first).isNotNull();
            assertThatThrownBy(() -> JournalFile.open(file, Desk.open(Kelp.whole()))).isInstanceOf(JournalFile.InUse.class)
                    .hasMessageContaining("another window");
            assertThatThrownBy(() -> JournalFile.open(file, Desk.open(Kelp.whole())))
                    .as("and asking for it does not give it free").isInstanceOf(JournalFile.InUse.class);
        }
    }

    /** Another program: opens the journal, says whether it could, and holds it until its input ends. */
    static final class Holder {
        private Holder() {}

        public static void main(String[] arguments) throws IOException {
            try (JournalFile journal = JournalFile.open(Path.of(arguments[0]), Desk.open(Kelp.whole())).journal()) {
                System.out.println("has it");
                System.in.read();
                journal.add(new Step(1_700_000_000, new Edit.Name("Per")));
            } catch (JournalFile.InUse e) {
                System.out.println("in use");
            }
        }
    }

    private Process holder() throws IOException {
        return new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-cp",
                System.getProperty("java.class.path"),
                Holder.class.getName(), file.toString()).redirectError(ProcessBuilder.Redirect.INHERIT).start();
    }

    @Test
    void twoProgramsCannotWriteTheSameJournalEither() throws Exception {
        written(List.of(new Edit.Name("Ida")));
        Process first = holder();
        try (BufferedReader said = first.inputReader()) {
            assertThat(said.readLine()).isEqualTo("has it");
            Process second = holder();
            try (BufferedReader other = second.inputReader()) {
                assertThat(other.readLine()).isEqualTo("in use");
            }
            assertThat(second.waitFor()).isZero();
            assertThatThrownBy(() -> JournalFile.open(file, Desk.open(Kelp.whole()))).isInstanceOf(JournalFile.InUse.class);
            first.getOutputStream().close();
            assertThat(first.waitFor()).isZero();
        }
        assertThat(reopened(Kelp.whole()).history().present().work().student()).isEqualTo("Per");
    }

    private static Exercise saying(String prose) {
        return Kelp.whole().withFirst(part -> part.withBlock(new Block.Prose("text-1", prose)));
    }

    /** A long text is written once, and what is typed into it as what changed. */
    @Test
    void aLongTextIsKeptOnceAndItsChangesByThemselves() throws IOException {
        Random random = new Random(SEED);
        StringBuilder text = new StringBuilder("The blades grew. ".repeat(400));
        List<Edit> edits = new ArrayList<>();
        for (int i = 0; i < 300; i++) {
            int at = random.nextInt(text.length());
            switch (random.nextInt(4)) {
                case 0 -> text.insert(at, "\n\"“é” \\ 🐚🐌");
                case 1 -> text.delete(at, Math.min(text.length(), at + 3));
                case 2 -> text.append("a🐚");
                default -> text.setCharAt(at, '\uDC1A');
            }
            edits.add(i % 7 == 0
                    ? new Edit.Name("Ida " + i)
                    : new ExerciseEdit.ChangeBlock(new Block.Prose("text-1", text.toString()), Optional.of("run " + i / 20)));
        }
        History history = written(edits);
        assertThat(Files.size(file)).as("%d letters three hundred times", text.length()).isLessThan(60L * text.length());
        JournalFile.Opened opened = reopened(Kelp.whole());
        assertThat(opened.restored()).isEqualTo(300);
        assertThat(opened.history().present().exercise().block("text-1").orElseThrow().toString().length())
                .isEqualTo(history.present().exercise().block("text-1").orElseThrow().toString().length());
        opened.journal().close();
    }

    /** Whatever is done, closed in between and gone on with: it is as if every line stood there in full. */
    @Test
    void whatIsWrittenAsChangesIsReadAsItWas() throws IOException {
        for (int round = 0; round < 3; round++) {
            Files.deleteIfExists(file);
            RandomEdits random = new RandomEdits(SEED + round);
            History history = History.of(Desk.open(Kelp.whole()));
            Steps steps = new Steps();
            int made = 0;
            for (int sitting = 0; sitting < 3; sitting++) {
                JournalFile.Opened before = JournalFile.open(file, Desk.open(Kelp.whole()));
                assertThat(before.trouble()).as("round %d, edits %d, journal %s", round, before.restored(), folder).isEmpty();
                try (JournalFile journal = before.journal()) {
                    for (int i = 0; i < 40; i++) {
                        Step step = new Step(1_700_000_000 + i, random.next(history.present()));
                        history = history.apply(step.edit());
                        if (!(step.edit() instanceof Edit.Passing)) {
                            steps.add(step);
                            journal.add(step);
                            made++;
                        }
                    }
                }
            }
            JournalFile.Opened opened = JournalFile.resume(file);
            opened.journal().close();
            assertThat(opened.trouble()).as("round %d", round).isEmpty();
            assertThat(opened.restored()).isEqualTo(made);
            assertThat(opened.history().present().exercise()).isEqualTo(history.present().exercise());
            assertThat(opened.history().present().work()).isEqualTo(history.present().work());
            assertThat(opened.history().undoable()).isEqualTo(history.undoable());
            assertThat(opened.steps().all()).isEqualTo(steps.all());
        }
    }

    /** What recent work asks for stands at the end of a journal that was closed, and is looked for in one that was not. */
    @Test
    void whatAJournalIsAboutStandsAtItsEnd() throws IOException {
        written(List.of(new Edit.Name("Ida"), new ExerciseEdit.WriteTexts("Blades", "Skerry", "", Optional.empty()),
                new Edit.Name("Ida Fenn")));
        JournalSummary about = new JournalSummary("Blades", "Skerry", 3);
        assertThat(JournalSummary.of(file)).contains(about);
        List<String> lines = Files.readAllLines(file);
        assertThat(JournalSummary.isOne(lines.getLast())).isTrue();
        Files.write(file, lines.subList(0, lines.size() - 1));
        assertThat(JournalSummary.of(file)).as("after a kill").contains(about);
        Files.writeString(file, String.join("\n", lines.subList(1, lines.size())) + "\n");
        assertThat(JournalSummary.of(file)).as("nothing but the end is read").contains(about);
    }

    @Test
    void aChangeOfWhatIsNotThereEndsTheReplay() throws IOException {
        written(List.of(new Edit.Name("Ida")));
        Files.write(file, unnoted());
        long good = Files.size(file);
        Files.writeString(file, "{\"at\":1,\"keep\":[20,90],\"put\":\"x\"}\n", StandardOpenOption.APPEND);
        JournalFile.Opened opened = reopened(Kelp.whole());
        assertThat(opened.restored()).isEqualTo(1);
        assertThat(opened.trouble()).hasValueSatisfying(it -> assertThat(it).contains("damaged"));
        opened.journal().close();
        assertThat(Files.size(file)).isEqualTo(good);
    }
}
