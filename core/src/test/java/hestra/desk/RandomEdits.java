package hestra.desk;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

import hestra.Kelp;
import hestra.chance.Play;
import hestra.chance.Watched;
import hestra.data.DataTable;
import hestra.data.Dates;
import hestra.data.PointChange;
import hestra.data.Roles;
import hestra.data.Selection;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.exercise.Block;
import hestra.exercise.Edition;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.exercise.PlotRules;
import hestra.exercise.Varying;
import hestra.exercise.Wish;
import hestra.feedback.KeptShare;
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
import hestra.fit.EquationNotation;
import hestra.fit.Term;
import hestra.fit.Trial;
import hestra.recipe.Parameter;
import hestra.recipe.Range;
import hestra.recipe.Recipe;
import hestra.targets.Held;
import hestra.targets.Reason;
import hestra.task.Aid;
import hestra.task.Answer;
import hestra.task.Described;
import hestra.task.Description;
import hestra.task.EnterData;
import hestra.task.Keepable;
import hestra.task.Predicted;
import hestra.task.Predictions;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.Trust;
import hestra.tracing.PictureAxes;
import hestra.tracing.PicturePoint;
import hestra.tracing.Tracing;
import hestra.working.CalculationLine;

/**
 * Edits of every kind as chance gives them, sensible ones and wild ones: rows that are not there, numbers at the end of what a
 * double holds.
 */
public final class RandomEdits {

    private static final double[] WILD = {0, -0.0, 1e-320, -1e-300, 1.7e308, -1.7e308, 1e300, 9e15, 1e-12, 1, -1, 0.1};
    private static final String[] TEXTS = {"", " ", "abc", "3,5", "1.7e308", "-1.7e308", "4.9e-324", "1e400", "NaN", "12%", "0",
            "−4", "1 234", "1/2", "=1+1", "ŷ", "\u00a0", "x\ny"};

    private final Random random;

    public RandomEdits(long seed) {
        this.random = new Random(seed);
    }

    /** One edit; its rows and columns lie mostly within the desk's tables. */
    public Edit next(Desk desk) {
        Edit edit = any(desk);
        return edit instanceof Edit.Local local && random.nextBoolean() ? new Edit.InPart(partId(desk), local) : edit;
    }

    private Edit any(Desk desk) {
        return switch (random.nextInt(36)) {
            case 0 -> new Edit.Undo();
            case 1 -> new Edit.Redo();
            case 2, 3, 4, 5 -> new WorkEdit.ChangeTable(table(Kelp.work(desk).table()));
            case 6 -> new WorkEdit.Restore(row(Kelp.work(desk).table()));
            case 7, 8 -> new WorkEdit.MovePoint(row(Kelp.work(desk).table()), number(), number(), random.nextInt(3));
            case 9 -> switch (random.nextInt(5)) {
                case 2 -> new WorkEdit.ReadPicture(new Tracing(PictureAxes.within(200, 100),
                        List.of(new PicturePoint(number(), number()))), random.nextInt(3));
                case 0 -> new WorkEdit.PlayAgain(random.nextInt(4));
                case 1 -> new WorkEdit.PutBack();
                default -> new WorkEdit.AddPoint(number(), number());
            };
            case 10 -> new WorkEdit.RemovePoints(rows(Kelp.work(desk).table()));
            case 11 -> new WorkEdit.ChooseRoles(roles(desk));
            case 12, 13 -> draft(desk);
            case 14 -> random.nextInt(5) == 0 ? new Edit.TakeHint(taskId(desk)) : new Edit.Check(taskId(desk));
            case 15 -> random.nextInt(4) == 0 ? new Edit.StartAgain() : new Edit.Name(text());
            case 16 -> new ExerciseEdit.WriteTexts(text(), text(), text(), run());
            case 17 -> new ExerciseEdit.ChangeBlock(new Block.Prose("text-1", text()), run());
            case 18 -> new PartEdit.WriteTable(table(desk.exercise().first().data()));
            case 19 -> random.nextInt(3) == 0
                    ? brought(desk)
                    : new PartEdit.WriteColumns(random.nextBoolean() ? Kelp.table() : desk.exercise().first().data(),
                            roles(desk));
            case 20 -> random.nextBoolean() ? new PartEdit.WriteRoles(roles(desk)) : new PartEdit.WriteHeld(some(Aid.class));
            case 21 -> new PartEdit.WriteRules(new PlotRules(some(PointChange.class),
                    new EquationNotation(random.nextBoolean(), random.nextBoolean()))
                            .with(KeptShare.values()[random.nextInt(3)]));
            case 22 -> taskEdit(desk);
            case 23 -> new Edit.Pasted(random.nextInt(4),
                    random.nextBoolean()
                    ? new WorkEdit.ChangeTable(table(Kelp.work(desk).table()))
                    : new PartEdit.WriteTable(table(desk.exercise().first().data())));
            case 24 -> new PartEdit.WriteRecipe(Recipe.simple().withSeed(random.nextInt(9)));
            case 25 -> passing(desk);
            case 26 -> partEdit(desk);
            case 27, 28, 29, 30 -> sheet(desk);
            default -> plot(desk);
        };
    }

    /** An edit of the sheet of one's own. */
    private Edit sheet(Desk desk) {
        OwnSheet sheet = Kelp.work(desk).sheet();
        OwnSheet.Spot spot = new OwnSheet.Spot(random.nextInt(6) - 1, random.nextInt(12) - 2);
        String note = sheet.notes().isEmpty() || random.nextInt(8) == 0
                ? "note-9" : sheet.notes().get(random.nextInt(sheet.notes().size())).id();
        CalculationLine line = CalculationLine.typed(random.nextBoolean() ? text() : "q = slope * " + random.nextInt(9));
        return switch (random.nextInt(12)) {
            case 0 -> new SheetEdit.Write(spot, text() + "\n\n" + text(), run());
            case 1 -> new SheetEdit.ChangeText(note, text(), run());
            case 2, 3 -> new SheetEdit.Keep(spot, one(Keepable.values()), random.nextBoolean());
            case 4 -> new SheetEdit.KeepLine(spot, line);
            case 5 -> new SheetEdit.Caption(note, text(), run());
            case 6 -> new SheetEdit.Follow(note, random.nextBoolean());
            case 7 -> new SheetEdit.Move(note, random.nextInt(7) - 3);
            case 8 -> new SheetEdit.Remove(note);
            case 9 -> new SheetEdit.BringBack(note);
            case 10 -> new SheetEdit.WriteLine(random.nextInt(4) - 1, line, run());
            default -> new SheetEdit.RemoveLine(random.nextInt(4) - 1);
        };
    }

    /** Columns that come with what is pasted, dates among them; where the data were given out they are refused. */
    private Edit brought(Desk desk) {
        DataTable dated = Kelp.table().withVariable(0, Variable.ofDates("day",
                new Dates("2024-02-27", one(Dates.Step.values()))));
        return random.nextBoolean()
                ? new WorkEdit.BringColumns(dated, roles(desk))
                : new PartEdit.WriteColumns(random.nextBoolean()
                        ? dated : DataTable.empty(Variable.named("x"), Variable.named("y")), Roles.FIRST_EXPLAINS);
    }

    private String partId(Desk desk) {
        return random.nextInt(6) == 0
                ? "nowhere" : desk.exercise().parts().get(random.nextInt(desk.exercise().parts().size())).id();
    }

    private Edit partEdit(Desk desk) {
        String fresh = desk.exercise().freshId("part");
        return switch (random.nextInt(9)) {
            case 6 -> new PartEdit.Vary(new Varying(one(Varying.Way.values()),
                    List.of(new Range(one(Parameter.values()), -1, random.nextInt(5))), 3 + random.nextInt(3),
                    List.of(new Varying.Telling(text(), text())),
                            List.of(new Wish.KeysClear(), new Wish.Better(new Curve.Line(), new Curve.ThroughOrigin(),
                                    random.nextInt(3)))), run());
            case 7 -> random.nextInt(4) == 0 ? new ExerciseEdit.GoBackTo(Kelp.whole())
                    : random.nextInt(4) == 0 ? new ExerciseEdit.ShowVerdicts(one(Terms.Showing.values()))
                    : random.nextBoolean() ? new ExerciseEdit.DrawAnew(random.nextInt(4))
                    : new ExerciseEdit.DrawFrom(random.nextLong());
            case 8 -> new ExerciseEdit.Publish(new Edition(1 + random.nextInt(3), random.nextInt(5), 1, Map.of(2, 1),
                    desk.exercise().parts()));
            case 0, 1 -> new ExerciseEdit.AddPart(random.nextInt(3) - 1, Part.blank(fresh).withData(Kelp.table())
                    .withBlockAt(0, new Block.Prose(fresh + "-text", text())));
            case 2 -> new ExerciseEdit.MovePart(partId(desk), random.nextInt(4) - 1);
            case 3 -> new ExerciseEdit.RemovePart(partId(desk));
            case 4 -> new ExerciseEdit.AddBlock(partId(desk), random.nextInt(4) - 1,
                    new Block.Plot(desk.exercise().freshId("figure"), some(Layer.class), frame(), text()));
            default -> new PartEdit.WriteHeading(text(), run());
        };
    }

    /** A change of a table. */
    public TableEdit table(DataTable table) {
        int row = row(table);
        int column = column(table);
        return switch (random.nextInt(14)) {
            case 0, 1, 2 -> new TableEdit.Type(row, column, cell());
            case 3 -> new TableEdit.Paste(row, column, IntStream.range(0, random.nextInt(4))
                    .mapToObj(_ -> IntStream.range(0, random.nextInt(4)).mapToObj(_ -> cell()).toList()).toList());
            case 4 -> new TableEdit.Clear(row, column, row(table), column(table));
            case 5 -> new TableEdit.Fill(row, column, Math.min(row(table), 500), column(table));
            case 6 -> new TableEdit.InsertRows(row, 1 + random.nextInt(3));
            case 7 -> new TableEdit.RemoveRows(rows(table));
            case 8 -> new TableEdit.MoveRows(row, row(table), random.nextInt(5) - 2);
            case 9 -> new TableEdit.SetAside(rows(table), text());
            case 10 -> new TableEdit.TakeBack(rows(table));
            case 11 -> new TableEdit.Name(column, new Variable(text(), text(), text()));
            case 12 -> random.nextBoolean()
                    ? new TableEdit.InsertColumn(column, Variable.named(text())) : new TableEdit.RemoveColumn(column);
            default -> new TableEdit.MoveColumn(column, random.nextInt(5) - 2);
        };
    }

    private Edit passing(Desk desk) {
        OptionalInt row = random.nextBoolean() ? OptionalInt.empty() : OptionalInt.of(Math.max(0, row(Kelp.work(desk).table())));
        return switch (random.nextInt(4)) {
            case 0 -> new Edit.Select(Selection.of(row));
            case 1 -> new Edit.Hover(row);
            case 2 -> new Edit.GoTo(partId(desk));
            default -> new Edit.TurnTo(Optional.of(taskId(desk)));
        };
    }

    private Edit plot(Desk desk) {
        Slot slot = one(Slot.values());
        OptionalDouble place = random.nextInt(4) == 0 ? OptionalDouble.empty() : OptionalDouble.of(number());
        return switch (random.nextInt(23)) {
            case 19 -> new ChanceEdit.PlayChance(one(Play.values()), random.nextInt(4));
            case 20 -> new ChanceEdit.Draw(random.nextInt(300) - 1);
            case 21 -> new ChanceEdit.NumberRun(random.nextInt(9));
            case 22 -> new ChanceEdit.Watch(random.nextInt(3) == 0 ? new Watched.R() : random.nextBoolean()
                    ? new Watched.OfCoefficient(random.nextInt(5) - 1) : new Watched.FittedAt(number()));
            case 16 -> new PlotEdit.ShowForm(new EquationNotation(random.nextBoolean(), random.nextBoolean(),
                    one(EquationNotation.Base.values())));
            case 17 -> new PlotEdit.ShowLevel(random.nextInt(4) == 0 ? number() : 0.5 + random.nextDouble() / 2);
            case 18 -> new PlotEdit.DressPlot(Dress.USUAL.withPoints(one(Hue.values()))
                    .with(slot, one(Hue.values())).with(one(Sign.values())));
            case 0 -> new PlotEdit.ShowLayer(one(Layer.values()), random.nextBoolean());
            case 1 -> new PlotEdit.ReadAt(place);
            case 2 -> new PlotEdit.ReadAtY(place);
            case 3 -> new PlotEdit.Pin(List.of(number(), number()));
            case 4, 5 -> new PlotEdit.AddCurve(curve());
            case 6 -> new PlotEdit.ChangeCurve(slot, curve());
            case 7 -> new PlotEdit.RemoveCurve(slot);
            case 8 -> new PlotEdit.ShowCurve(slot, random.nextBoolean());
            case 9 -> new PlotEdit.FitOnly(Set.copyOf(rows(Kelp.work(desk).table())));
            case 10 -> new PlotEdit.TakeInHand(slot);
            case 11 -> new PlotEdit.Try(new Trial(random.nextBoolean()
                    ? new Curve.Line() : new Curve.Exponential(FittedOn.LOGARITHMS),
                    List.of(new Trial.Handle(number(), number()), new Trial.Handle(number(), number()))), random.nextInt(3));
            case 12 -> new PlotEdit.PutLabel(slot, new LabelPlace(random.nextDouble(), random.nextDouble(), 1),
                    random.nextInt(3));
            case 13 -> new PlotEdit.SpaceAxis(random.nextBoolean(), one(Spacing.values()));
            case 14 -> random.nextBoolean()
                    ? new PlotEdit.ShowStrip(one(StripKind.values())) : new PlotEdit.ShowBelow(one(Below.values()));
            default -> new PlotEdit.ShowFrame(frame());
        };
    }

    private Optional<Frame> frame() {
        try {
            return random.nextInt(3) == 0 ? Optional.empty() : Optional.of(new Frame(number(), number(), number(), number()));
        } catch (IllegalArgumentException e) {
            return Optional.of(new Frame(-1, 60, 0, 1e6));
        }
    }

    private Curve curve() {
        List<Curve> curves = List.of(new Curve.Line(), new Curve.ThroughOrigin(), new Curve.Polynomial(2 + random.nextInt(5)),
                new Curve.Exponential(one(FittedOn.values())),
                new Curve.Power(one(FittedOn.values())), new Curve.Logarithmic(),
                        new Curve.OwnTerms(List.of(Term.ONE, Term.ROOT)));
        return curves.get(random.nextInt(curves.size()));
    }

    private Edit draft(Desk desk) {
        Answer answer = switch (random.nextInt(5)) {
            case 0 -> new Answer.Typed(cell());
            case 4 -> new Answer.Reached(Held.NOTHING, Optional.of(one(Reason.values())));
            case 1 -> new Answer.Sentence(text());
            case 2 -> new Predictions(List.of(new Predicted(cell(),
                    Optional.of(random.nextBoolean() ? Trust.TRUSTED : Trust.DOUBTED))));
            default -> Described.NOTHING.with(one(Description.Direction.values())).with(one(Description.Form.values()))
                    .with(one(Description.Strength.values())).with(one(Description.Unusual.values()));
        };
        return new Edit.Draft(taskId(desk), answer, run());
    }

    private Edit taskEdit(Desk desk) {
        Exercise exercise = desk.exercise();
        return switch (random.nextInt(4)) {
            case 0 -> new ExerciseEdit.AddBlock(partId(desk), random.nextInt(5) - 1,
                    new Block.Asked(new EnterData(Kelp.explain().terms().withTitle(text()), 1 + random.nextInt(3))));
            case 1 -> new ExerciseEdit.RemoveBlock(taskId(desk));
            case 2 -> new ExerciseEdit.MoveBlock(taskId(desk), partId(desk), random.nextInt(9) - 2);
            default -> exercise.tasks().isEmpty()
                    ? new ExerciseEdit.ChangeBlock(new Block.Prose("text-1", text()), run())
                    : change(exercise.tasks().get(random.nextInt(exercise.tasks().size())));
        };
    }

    private Edit change(Task task) {
        return new ExerciseEdit.ChangeBlock(new Block.Asked(random.nextBoolean()
                ? task.with(task.terms().withTitle(text())) : task.with(task.terms().withTries(random.nextInt(3)))), run());
    }

    private Optional<String> run() {
        return random.nextBoolean() ? Optional.empty() : Optional.of("field " + random.nextInt(3));
    }

    private String taskId(Desk desk) {
        List<Task> tasks = desk.exercise().tasks();
        return tasks.isEmpty() || random.nextInt(12) == 0 ? "none" : tasks.get(random.nextInt(tasks.size())).id();
    }

    private Roles roles(Desk desk) {
        int x = Math.max(0, column(desk.exercise().first().data()));
        int y = Math.max(0, column(desk.exercise().first().data()));
        return x == y ? new Roles(x, x + 1) : new Roles(x, y);
    }

    private int row(DataTable table) {
        return switch (random.nextInt(12)) {
            case 0 -> -1 - random.nextInt(3);
            case 1 -> table.size() + random.nextInt(4);
            case 2 -> random.nextInt(8) == 0 ? Integer.MIN_VALUE : random.nextInt(8) == 0 ? Integer.MAX_VALUE : 0;
            default -> random.nextInt(Math.max(1, table.size()));
        };
    }

    private List<Integer> rows(DataTable table) {
        List<Integer> rows = new ArrayList<>();
        for (int i = random.nextInt(4); i > 0; i--) {
            rows.add(row(table));
        }
        return rows;
    }

    private int column(DataTable table) {
        return random.nextInt(10) == 0 ? random.nextInt(6) - 2 : random.nextInt(table.width());
    }

    /** A number that a table may hold. */
    public double number() {
        return random.nextInt(4) == 0 ? WILD[random.nextInt(WILD.length)] : Math.round(random.nextGaussian() * 300) / 10.0;
    }

    private String cell() {
        return random.nextInt(4) == 0 ? TEXTS[random.nextInt(TEXTS.length)] : Double.toString(number());
    }

    private String text() {
        return TEXTS[random.nextInt(TEXTS.length)];
    }

    private <T> T one(T[] values) {
        return values[random.nextInt(values.length)];
    }

    private <E extends Enum<E>> Set<E> some(Class<E> family) {
        Set<E> some = EnumSet.noneOf(family);
        for (E member : family.getEnumConstants()) {
            if (random.nextBoolean()) {
                some.add(member);
            }
        }
        return some;
    }
}
