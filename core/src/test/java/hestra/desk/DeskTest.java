package hestra.desk;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Pairs;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.feedback.Quantity;
import hestra.figure.Frame;
import hestra.figure.Layer;
import hestra.figure.PlotContent;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.summary.Suspicion;
import hestra.task.Aid;
import hestra.task.Answer;
import hestra.task.Describe;
import hestra.task.Described;
import hestra.task.Description;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;
import hestra.task.Description.Strength;
import hestra.task.Description.Unusual;
import hestra.task.FindSlip;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.Terms;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class DeskTest {

    private static Desk after(Exercise exercise, Edit... edits) {
        Desk desk = Desk.open(exercise);
        for (Edit edit : edits) {
            desk = desk.apply(edit);
        }
        return desk;
    }

    private static Described described() {
        return Described.NOTHING.with(Direction.RISING).with(Form.STRAIGHT).with(Strength.STRONG).with(Unusual.ONE);
    }

    @Test
    void opensWithTheGivenTableAndNoRolesWhereATaskAsksForThem() {
        Desk desk = Desk.open(Kelp.whole());
        assertThat(Kelp.work(desk).table().size()).isEqualTo(4);
        assertThat(Kelp.work(desk).roles()).isEmpty();
        assertThat(Kelp.work(Desk.open(Kelp.exercise())).roles()).contains(Roles.FIRST_EXPLAINS);
    }

    @Test
    void typedAndPastedTextsBecomeCells() {
        Desk desk = after(Kelp.whole(), new WorkEdit.ChangeTable(new TableEdit.Type(4, 0, "10")),
                new WorkEdit.ChangeTable(new TableEdit.Type(4, 1, "oops")),
                new WorkEdit.ChangeTable(new TableEdit.Paste(5, 0, List.of(List.of("12", "8,1"), List.of("14")))));
        assertThat(Kelp.work(desk).table().cell(4, 1)).isInstanceOf(Cell.Unreadable.class);
        assertThat(Kelp.work(desk).table().cell(5, 1)).isEqualTo(new Cell.Measured("8,1", 8.1));
        assertThat(Findings.of(desk).pairs().n()).isEqualTo(5);
        assertThat(Kelp.work(after(Kelp.exercise(), new WorkEdit.ChangeTable(new TableEdit.Clear(0, 0, 99, 1)))).table().size())
                .isZero();
        assertThat(Kelp.work(after(Kelp.exercise(), new WorkEdit.ChangeTable(new TableEdit.Clear(1, 1, 1, 1)))).table()
                .cell(1, 1)).isEqualTo(Cell.EMPTY);
    }

    @Test
    void editsOfRowsAndTasksThatAreNotThereChangeNothing() {
        Desk desk = Desk.open(Kelp.whole());
        List<Edit> nowhere = List.of(new WorkEdit.ChangeTable(new TableEdit.Type(-1, 0, "1")),
                new WorkEdit.ChangeTable(new TableEdit.Type(0, 9, "1")),
                new WorkEdit.ChangeTable(new TableEdit.Type(DataTable.MOST_ROWS, 0, "1")), new WorkEdit.MovePoint(77, 1, 1, 1),
                        new WorkEdit.MovePoint(0, Double.NaN, 1, 1),
                new WorkEdit.ChooseRoles(new Roles(0, 7)), new Edit.Draft("none", new Answer.Typed("1")), new Edit.Check("none"),
                new PlotEdit.ReadAt(OptionalDouble.of(Double.POSITIVE_INFINITY)),
                        new PartEdit.WriteTable(new TableEdit.Name(9, Variable.named("x"))),
                new ExerciseEdit.MoveBlock("none", "part-1", 1), new ExerciseEdit.RemoveBlock("none"),
                        new WorkEdit.ChangeTable(new TableEdit.TakeBack(50)),
                        new WorkEdit.ChangeTable(new TableEdit.RemoveRows(List.of(99))),
                new ExerciseEdit.AddBlock("part-1", 1, new Block.Asked(Kelp.roles())), new PartEdit.WriteRoles(new Roles(0, 5)));
        for (Edit edit : nowhere) {
            assertThat(desk.apply(edit)).as(edit.toString()).isEqualTo(desk);
        }
    }

    @Test
    void aMovedPointTakesItsNewValues() {
        Desk desk = after(Kelp.exercise(), new WorkEdit.MovePoint(0, 3, 4.5, 1));
        assertThat(Kelp.work(desk).table().cell(0, 0).text()).isEqualTo("3");
        assertThat(Kelp.work(desk).table().cell(0, 1).text()).isEqualTo("4.5");
    }

    @Test
    void aPointThatIsSetAsideLeavesTheFitAndComesBack() {
        Desk aside = after(Kelp.exercise(), new WorkEdit.ChangeTable(new TableEdit.SetAside(2, "misread")));
        assertThat(Findings.of(aside).fit().line().orElseThrow().n()).isEqualTo(4);
        assertThat(Findings.of(aside.apply(new WorkEdit.ChangeTable(new TableEdit.TakeBack(2)))).fit().line().orElseThrow().n())
                .isEqualTo(5);
    }

    @Test
    void theFrameFollowsThePointsThatTakePartAndKeepsThoseSetAsideNearby() {
        Desk far = after(Kelp.exercise(), new WorkEdit.MovePoint(2, 6, 500, 1));
        assertThat(Findings.of(far).frame().yHigh()).isGreaterThan(500);
        assertThat(Findings.of(far.apply(new WorkEdit.ChangeTable(new TableEdit.SetAside(2, "far off")))).frame().yHigh())
                .isLessThan(20);
        Frame near = Findings.of(after(Kelp.exercise(), new WorkEdit.ChangeTable(new TableEdit.SetAside(4, "nearby")))).frame();
        assertThat(near.yHigh()).isGreaterThan(7.2);
    }

    @Test
    void aCheckKeepsTheAnswerAndCountsTheTry() {
        ReadValue read = Kelp.read(Quantity.SLOPE, new Rounding.Places(2));
        Desk desk = after(Kelp.exercise(read), new Edit.Draft("read", new Answer.Typed("1.95")), new Edit.Check("read"));
        assertThat(desk.triesLeft(read)).isEqualTo(2);
        assertThat(Findings.of(desk).task("read").verdict().orElseThrow().isRight()).isFalse();
        Desk right = desk.apply(new Edit.Draft("read", new Answer.Typed("0.52"))).apply(new Edit.Check("read"));
        assertThat(Findings.of(right).task("read").done()).isTrue();
        assertThat(Findings.of(right).earned()).isEqualTo(2);
    }

    @Test
    void noTryIsSpentOnAnUnfinishedAnswerAndNoneIsLeftAfterTheLast() {
        ReadValue read = Kelp.read(Quantity.SLOPE, new Rounding.Places(2));
        Desk desk = after(Kelp.exercise(read), new Edit.Check("read"), new Edit.Draft("read", new Answer.Typed("abc")),
                new Edit.Check("read"));
        assertThat(desk.work().attempts()).isEmpty();
        Desk spent = desk;
        for (int i = 0; i < 5; i++) {
            spent = spent.apply(new Edit.Draft("read", new Answer.Typed("7" + i))).apply(new Edit.Check("read"));
        }
        assertThat(spent.work().attemptsAt("read")).hasSize(3);
        assertThat(Findings.of(spent).task("read").done()).isTrue();
    }

    @Test
    void anUnchangedAnswerCostsNoTryAndOneThatWasChangedAndChangedBackDoes() {
        ReadValue read = Kelp.read(Quantity.SLOPE, new Rounding.Places(2));
        Edit seven = new Edit.Draft("read", new Answer.Typed("7"));
        Desk once = after(Kelp.exercise(read), seven, new Edit.Check("read"));
        Desk twice = once.apply(new Edit.Check("read")).apply(new Edit.TurnTo(Optional.of("read"))).apply(new Edit.Check("read"));
        assertThat(twice.work().attemptsAt("read")).hasSize(1);
        assertThat(Findings.of(twice).unready(read)).hasValueSatisfying(why -> assertThat(why).contains("just checked"));
        Desk back = once.apply(new Edit.Draft("read", new Answer.Typed("8"))).apply(new Edit.Check("read")).apply(seven)
                .apply(new Edit.Check("read"));
        assertThat(back.work().attemptsAt("read")).hasSize(3);
    }

    @Test
    void theBestAttemptCounts() {
        Describe describe = Kelp.describe();
        Desk desk = after(Kelp.exercise(describe), new Edit.Draft("describe", described().with(Strength.WEAK)),
                new Edit.Check("describe"),
                new Edit.Draft("describe", described().with(Strength.WEAK).with(Form.CURVED)), new Edit.Check("describe"));
        assertThat(Findings.of(desk).task("describe").earned()).isEqualTo(3);
    }

    @Test
    void aidsStayClosedUntilTheDescriptionIsRight() {
        Desk desk = Desk.open(Kelp.whole());
        Findings closed = Findings.of(desk);
        assertThat(Aid.all()).noneMatch(closed::isOpen);
        assertThat(closed.curves().visibleLine()).isEmpty();
        assertThat(closed.curves().residual(0)).isEmpty();
        assertThat(closed.whatOpens(Aid.R)).isEqualTo("Opens with task 3, Describe");
        Task asking = Kelp.describe().with(Kelp.describe().terms().withTitle("What do you see?"));
        assertThat(Findings.of(Desk.open(Kelp.exercise(asking))).whatOpens(Aid.R)).as("a sentence may end behind a question")
                .isEqualTo("Opens with task 1, \u201cWhat do you see?\u201d");
        assertThat(closed.strip().notice()).contains("task 3");
        Desk wrong = desk.apply(new Edit.Draft("describe", described().with(Strength.WEAK))).apply(new Edit.Check("describe"));
        assertThat(Aid.all()).as("any description, however wrong, does not do").noneMatch(Findings.of(wrong)::isOpen);
        Findings open = Findings.of(wrong.apply(new Edit.Draft("describe", described())).apply(new Edit.Check("describe")));
        assertThat(Aid.all()).allMatch(open::isOpen);
        assertThat(open.curves().visibleLine()).isPresent();
        assertThat(open.curves().residual(0)).isPresent();
    }

    @Test
    void theAuthorChoosesWhenAidsOpen() {
        for (Terms.Opening opening : Terms.Opening.values()) {
            Task task = Kelp.describe().with(Kelp.describe().terms().withTries(2).opening(opening));
            Desk desk = Desk.open(Kelp.exercise(task));
            Desk once = desk.apply(new Edit.Draft("describe", described().with(Strength.WEAK))).apply(new Edit.Check("describe"));
            Desk twice = once.apply(new Edit.Draft("describe", described().with(Strength.WEAK).with(Form.CURVED)))
                    .apply(new Edit.Check("describe"));
            List<Boolean> open = Stream.of(desk, once, twice).map(it -> Findings.of(it).isOpen(Aid.R)).toList();
            assertThat(open).as(opening.inWords()).isEqualTo(switch (opening) {
                case RIGHT -> List.of(false, false, false);
                case DONE -> List.of(false, false, true);
                case GIVEN -> List.of(false, true, true);
            });
        }
    }

    @Test
    void whatATaskOpensIsHeldBackAndWhatNoneOpensAnyMoreIsNot() {
        Exercise blank = Exercise.blank("new").withFirst(part -> part.withData(Kelp.table()));
        assertThat(Aid.all()).allMatch(Findings.of(Desk.open(blank))::isOpen);
        Desk described = Desk.open(blank).apply(new ExerciseEdit.AddBlock("part-1", 1, new Block.Asked(Kelp.describe())));
        assertThat(described.exercise().first().held()).isEqualTo(Aid.all());
        Desk less = described.apply(new ExerciseEdit.ChangeBlock(new Block.Asked(Kelp.describe()
                .with(Kelp.describe().terms().opening(Set.of(Aid.LINE, Aid.R))))));
        assertThat(less.exercise().first().held()).containsExactlyInAnyOrder(Aid.LINE, Aid.R);
        assertThat(less.apply(new ExerciseEdit.RemoveBlock("describe")).exercise().first().held()).isEmpty();
        Desk byHand = Desk.open(blank).apply(new Edit.InPart("part-1", new PartEdit.WriteHeld(Set.of(Aid.EQUATION))));
        assertThat(byHand.apply(new ExerciseEdit.AddBlock("part-1", 1, new Block.Asked(Kelp.roles()))).exercise().first().held())
                .as("what the author holds back stays so").containsExactly(Aid.EQUATION);
    }

    @Test
    void aProposedDescriptionFollowsTheSlipThatIsAdded() {
        Exercise exercise = Exercise.blank("new").withFirst(part -> part.withData(Kelp.table()));
        Task proposed = new Describe(Kelp.describe().terms(), Description.proposedFor(Kelp.truth(exercise).pairsWithSlips()));
        Desk desk = Desk.open(exercise).apply(new ExerciseEdit.AddBlock("part-1", 1, new Block.Asked(proposed)));
        Task slip = new FindSlip(Kelp.slip().terms(), 4, 1, "720");
        Desk slipped = desk.apply(new ExerciseEdit.AddBlock("part-1", 2, new Block.Asked(slip)));
        // With 720 in the place of 7.2 four points are left on a line, and one far off it.
        assertThat(((Describe) slipped.exercise().task("describe").orElseThrow()).key().unusual()).isEqualTo(Unusual.ONE);
        assertThat(slipped.apply(new ExerciseEdit.RemoveBlock("slip")).exercise().task("describe")).contains(proposed);
        Task own = Kelp.describe();
        Desk kept = Desk.open(exercise).apply(new ExerciseEdit.AddBlock("part-1", 1, new Block.Asked(own)))
                .apply(new ExerciseEdit.AddBlock("part-1", 2, new Block.Asked(slip)));
        assertThat(kept.exercise().task("describe")).as("what the author chose stays").contains(own);
    }

    @Test
    void theAnswerToDataTasksIsTheTableAsItStands() {
        Desk desk = after(Kelp.whole(), new WorkEdit.ChangeTable(new TableEdit.Type(4, 0, "10")),
                new WorkEdit.ChangeTable(new TableEdit.Type(4, 1, "7.2")),
                new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "9")));
        assertThat(desk.standing(Kelp.enter(1))).isEqualTo(new Answer.Entered(List.of(List.of("10", "7.2"))));
        assertThat(desk.standing(Kelp.slip())).isEqualTo(new Answer.Treated("50", Optional.empty(), List.of(0)));
        assertThat(desk.apply(new WorkEdit.ChangeTable(new TableEdit.SetAside(Kelp.SLIP_ROW, "why"))).standing(Kelp.slip()))
                .isEqualTo(new Answer.Treated("50", Optional.of("why"), List.of(0)));
    }

    @Test
    void theTaskInHandIsTheFirstNotDoneOrTheOneTurnedTo() {
        Desk desk = Desk.open(Kelp.whole());
        assertThat(Findings.of(desk).taskInHand()).contains("enter");
        assertThat(Findings.of(desk.apply(new Edit.TurnTo(Optional.of("explain")))).taskInHand()).contains("explain");
        assertThat(Findings.of(desk.apply(new Edit.TurnTo(Optional.of("gone")))).taskInHand()).contains("enter");
        assertThat(Findings.of(Desk.open(Kelp.exercise())).taskInHand()).isEmpty();
    }

    @Test
    void predictionSaysWhetherTheDataSupportIt() {
        Exercise open = Kelp.exercise().withFirst(part -> part.withHeld(Set.of()));
        Findings inside = Findings.of(after(open, new PlotEdit.ReadAt(OptionalDouble.of(4))));
        assertThat(inside.curves().prediction().orElseThrow().inside()).isTrue();
        Findings outside = Findings.of(after(open, new PlotEdit.ReadAt(OptionalDouble.of(200))));
        assertThat(outside.curves().prediction().orElseThrow().beyond()).isEqualTo(190);
        assertThat(outside.frame().xHigh()).as("the reading line is in view").isGreaterThanOrEqualTo(200);
        assertThat(Findings.of(after(open)).curves().prediction()).isEmpty();
    }

    @Test
    void layersAndFrameAreShownAsChosen() {
        Exercise open = Kelp.exercise().withFirst(part -> part.withHeld(Set.of()));
        Frame frame = new Frame(0, 5, 0, 5);
        Desk desk = after(open, new PlotEdit.ShowLayer(Layer.SQUARES, true), new PlotEdit.ShowLayer(Layer.LINE, false),
                new PlotEdit.ShowFrame(Optional.of(frame)));
        assertThat(Findings.of(desk).plot().layers()).as("the squares of a line that is hidden are hidden with it")
                .doesNotContain(Layer.LINE, Layer.SQUARES, Layer.RESIDUALS);
        assertThat(Findings.of(desk.apply(new PlotEdit.ShowLayer(Layer.LINE, true))).plot().layers()).contains(Layer.SQUARES);
        assertThat(Findings.of(desk).frame()).isEqualTo(frame);
        assertThat(Findings.of(desk.apply(new PlotEdit.ShowFrame(Optional.empty()))).frame()).isNotEqualTo(frame);
        assertThat(Findings.of(after(Kelp.whole(), new PlotEdit.ShowLayer(Layer.SQUARES, true))).plot().layers())
                .doesNotContain(Layer.SQUARES);
    }

    @Test
    void whatHasNotChangedIsTakenOver() {
        Findings before = Findings.of(Desk.open(Kelp.whole()));
        Findings hovered = before.next(before.desk().apply(new Edit.Hover(OptionalInt.of(1))));
        assertThat(hovered.fit()).isSameAs(before.fit());
        assertThat(hovered.tasks()).isSameAs(before.tasks());
        Findings typed = before.next(before.desk().apply(new WorkEdit.ChangeTable(new TableEdit.Type(4, 0, "10"))));
        assertThat(typed.pairs()).isNotSameAs(before.pairs());
    }

    @Test
    void theInstructorWritesTextsVariablesAndTasks() {
        Desk desk = after(Kelp.exercise(), new ExerciseEdit.WriteTexts("T", "P", "H"),
                new ExerciseEdit.ChangeBlock(new Block.Prose("text-1", "prose"), Optional.of("text-1")),
                new PartEdit.WriteTable(new TableEdit.Name(1, new Variable("mass", "", "g"))),
                        new ExerciseEdit.AddBlock("part-1", 1, new Block.Asked(Kelp.explain())),
                new ExerciseEdit.AddBlock("part-1", 1, new Block.Asked(Kelp.roles())),
                        new ExerciseEdit.MoveBlock("explain", "part-1", 1), new PartEdit.WriteHeld(Set.of()));
        assertThat(desk.exercise().title()).isEqualTo("T");
        assertThat(desk.exercise().first().y().name()).isEqualTo("mass");
        assertThat(Kelp.work(desk).table().variable(1).name()).isEqualTo("mass");
        assertThat(desk.exercise().tasks()).extracting(Task::id).containsExactly("explain", "roles");
        assertThat(desk.apply(new ExerciseEdit.RemoveBlock("explain")).exercise().tasks()).hasSize(1);
        assertThat(desk.exercise().first().held()).isEmpty();
    }

    @Test
    void otherDataBeginTheWorkAfreshAndOtherTextsDoNot() {
        Desk worked = after(Kelp.exercise(), new WorkEdit.ChangeTable(new TableEdit.Type(0, 1, "9")));
        assertThat(Kelp.work(worked.apply(new ExerciseEdit.ChangeBlock(new Block.Prose("text-1", "new"), Optional.of("text-1"))))
                .table().cell(0, 1).text()).isEqualTo("9");
        assertThat(Kelp.work(worked.apply(new PartEdit.WriteColumns(Kelp.table().withoutRows(List.of(4)), Roles.FIRST_EXPLAINS)))
                .table().cell(0, 1).text()).isEqualTo("3.1");
        assertThat(Kelp.work(worked.apply(new Edit.StartAgain())).table()).isEqualTo(Kelp.truth(Kelp.exercise()).given());
    }

    @Test
    void hoverAndSelectionGoWithRowsThatGo() {
        Desk desk = after(Kelp.exercise(), new Edit.Select(OptionalInt.of(3)),
                new WorkEdit.ChangeTable(new TableEdit.RemoveRows(List.of(3))));
        assertThat(desk.selected()).isEmpty();
        assertThat(Kelp.work(desk).table().size()).isEqualTo(4);
        assertThat(Kelp.work(after(Kelp.exercise(), new WorkEdit.ChangeTable(new TableEdit.InsertRows(1, 1))))
                .table().row(1).isEmpty()).isTrue();
    }

    @Test
    void rowsInsertedAboveDoNotDisturbWhatIsAsked() {
        Desk desk = Desk.open(Kelp.exercise(Kelp.enter(2), Kelp.slip()));
        for (Edit edit : List.of(new WorkEdit.ChangeTable(new TableEdit.InsertRows(0, 1)),
                new WorkEdit.ChangeTable(new TableEdit.Paste(4, 0, List.of(List.of("7", "9.0"), List.of("8", "10.0")))),
                new WorkEdit.ChangeTable(new TableEdit.Type(Kelp.SLIP_ROW + 1, 1, "5.0")))) {
            desk = desk.apply(edit);
        }
        assertThat(desk.standing(Kelp.enter(2))).isEqualTo(new Answer.Entered(List.of(List.of("7", "9.0"),
                List.of("8", "10.0"))));
        assertThat(desk.standing(Kelp.slip())).isEqualTo(new Answer.Treated("5.0", Optional.empty(), List.of()));
    }

    @Test
    void aRowThatWasRemovedNoLongerAgrees() {
        Desk desk = Desk.open(Kelp.exercise(Kelp.slip())).apply(new WorkEdit.ChangeTable(new TableEdit.RemoveRows(List.of(0))));
        assertThat(((Answer.Treated) desk.standing(Kelp.slip())).othersChanged()).containsExactly(0);
    }

    @Test
    void whatWasGivenOutCanBePutBack() {
        Desk desk = Desk.open(Kelp.exercise(Kelp.slip()));
        Desk changed = desk.apply(new WorkEdit.ChangeTable(new TableEdit.MoveRows(0, 0, 2)))
                .apply(new WorkEdit.MovePoint(2, 3.5, 99, 1)).apply(new WorkEdit.ChangeTable(new TableEdit.SetAside(2, "odd")));
        assertThat(Findings.of(changed).original(2, 1)).isEqualTo(Optional.of(Kelp.table().cell(0, 1).text()));
        assertThat(Findings.of(changed).original(0, 1)).as("not changed").isEmpty();
        Desk restored = changed.apply(new WorkEdit.Restore(2));
        assertThat(Kelp.work(restored).table().row(2)).isEqualTo(Kelp.work(desk).table().row(0));
    }

    @Test
    void columnsThatWereGivenOutMayBeNamedAndNoMore() {
        Desk desk = Desk.open(Kelp.exercise());
        assertThat(desk.apply(new WorkEdit.ChangeTable(new TableEdit.InsertColumn(0, Variable.named("z"))))).isEqualTo(desk);
        assertThat(desk.apply(new WorkEdit.BringColumns(Kelp.table(), Roles.FIRST_EXPLAINS))).isEqualTo(desk);
        Desk named = desk.apply(new WorkEdit.ChangeTable(new TableEdit.Name(0, Variable.named("z"))));
        assertThat(Findings.of(named).x().name()).isEqualTo("z");
        assertThat(named.exercise()).as("the exercise's own stay").isEqualTo(desk.exercise());
        Desk heading = named.apply(new Edit.InPart("part-1", new PartEdit.WriteHeading("Part one", Optional.empty())));
        assertThat(Findings.of(heading).x().name())
                .as("what the author does elsewhere leaves the student's names").isEqualTo("z");
        assertThat(Findings.of(heading.apply(new Edit.InPart("part-1",
                new PartEdit.WriteTable(new TableEdit.Name(0, Variable.named("t")))))).x().name()).isEqualTo("t");
    }

    @Test
    void columnsOfOwnDataComeAndGoAndTheRolesFollow() {
        Desk desk = Desk.open(Exercise.blank("own")).apply(new WorkEdit.BringColumns(Kelp.table(), new Roles(1, 0)));
        assertThat(Findings.of(desk).x().name()).isEqualTo("length");
        Desk wider = desk.apply(new WorkEdit.ChangeTable(new TableEdit.InsertColumn(0, Variable.named("z"))));
        assertThat(Findings.of(wider).x().name()).isEqualTo("length");
        assertThat(Findings.of(wider).pairs().n()).isEqualTo(5);
        Desk chosen = wider.apply(new WorkEdit.ChooseRoles(new Roles(0, 2)));
        assertThat(Findings.of(chosen).y().name())
                .as("a column that the student put in can stand on an axis").isEqualTo("length");
        assertThat(Kelp.work(wider.apply(new WorkEdit.ChangeTable(new TableEdit.RemoveColumn(0)))).table())
                .isEqualTo(Kelp.table());
        assertThat(desk.apply(new WorkEdit.BringColumns(Kelp.table(), new Roles(0, 5))))
                .as("roles beyond the columns").isEqualTo(desk);
    }

    @Test
    void whatIsSelectedGoesWithItsRow() {
        Desk desk = Desk.open(Kelp.exercise()).apply(new Edit.Select(OptionalInt.of(1)));
        assertThat(desk.apply(new WorkEdit.ChangeTable(new TableEdit.InsertRows(0, 1))).selected()).hasValue(2);
        assertThat(desk.apply(new WorkEdit.ChangeTable(new TableEdit.RemoveRows(List.of(1)))).selected()).isEmpty();
    }

    @Test
    void namesGroupsAndCountsComeFromTheirColumns() {
        DataTable table = DataTable.empty(Variable.named("rope"), Variable.named("days"), Variable.named("length"),
                Variable.named("shore"), Variable.named("n"));
        table = new TableEdit.Paste(0, 0, List.of(List.of("Ash", "1", "2", "north", "1"),
                List.of("Birch", "2", "4", "south", "3"), List.of("Elm", "3", "7", "north", "x")))
                .appliedTo(table, DecimalMark.POINT);
        DataTable whole = table;
        Roles roles = new Roles(1, 2, OptionalInt.of(0), OptionalInt.of(3), OptionalInt.of(4));
        Findings findings = Findings.of(Desk.open(Exercise.blank("ropes").withFirst(part -> part.withColumns(whole, roles))
                .withFirst(part -> part.withHeld(Set.of()))));
        assertThat(findings.pairs().n()).as("one and three, and one whose count is no number").isEqualTo(4);
        assertThat(findings.pairs().leftOut()).extracting(Pairs.LeftOut::reason).containsExactly(Pairs.Reason.COUNT);
        assertThat(findings.plot().groups()).containsExactly("north", "south");
        assertThat(findings.plot().points()).extracting(PlotContent.Point::name).containsExactly("Ash", "Birch", "Elm");
        assertThat(findings.plot().points()).extracting(PlotContent.Point::group).containsExactly(0, 1, 0);
        assertThat(findings.plot().points()).extracting(PlotContent.Point::count).containsExactly(1, 3, 1);
    }

    @Test
    void whateverIsDoneFindingsFromTheOnesBeforeAreThoseFromScratch() {
        Desk desk = Desk.open(Kelp.exercise());
        Findings findings = Findings.of(desk);
        List<Edit> edits = List.of(new WorkEdit.MovePoint(1, 4.5, 7, 1), new WorkEdit.MovePoint(1, 4.6, 7.25, 1),
                new WorkEdit.ChangeTable(new TableEdit.Type(2, 1, "abc")),
                new WorkEdit.ChangeTable(new TableEdit.Type(2, 1, "5.5")),
                        new WorkEdit.ChangeTable(new TableEdit.SetAside(0, "odd")), new WorkEdit.MovePoint(0, 1, 1, 2),
                new WorkEdit.ChangeTable(new TableEdit.TakeBack(0)), new PlotEdit.ShowFrame(Optional.of(new Frame(0, 5, 0, 5))),
                        new WorkEdit.MovePoint(3, 40, 50, 3),
                new PlotEdit.ShowFrame(Optional.empty()), new WorkEdit.ChangeTable(new TableEdit.MoveRows(0, 1, 2)),
                        new WorkEdit.ChangeTable(new TableEdit.Type(9, 0, "12")),
                new WorkEdit.ChangeTable(new TableEdit.Type(9, 1, "9")));
        for (Edit edit : edits) {
            desk = desk.apply(edit);
            findings = findings.next(desk);
            Findings fresh = Findings.of(desk);
            assertThat(findings.plot()).as(edit.toString()).isEqualTo(fresh.plot());
            assertThat(findings.pairs().xs().toArray()).isEqualTo(fresh.pairs().xs().toArray());
            assertThat(findings.pairs().ys().toArray()).isEqualTo(fresh.pairs().ys().toArray());
            assertThat(findings.pairs().leftOut()).isEqualTo(fresh.pairs().leftOut());
        }
    }

    @Test
    void whatATaskAsksToBeFoundIsNotPointedOut() {
        DataTable table = DataTable.empty(Variable.named("days"), Variable.named("length"));
        for (int i = 0; i < 12; i++) {
            table = new TableEdit.Paste(i, 0, List.of(List.of(Integer.toString(i + 1),
                    i == 5 ? "8.0" : Double.toString(2 + i * 1.2)))).appliedTo(table, DecimalMark.POINT);
        }
        FindSlip slip = new FindSlip(Kelp.slip().terms(), 5, 1, "80");
        DataTable whole = table;
        Exercise exercise = Exercise.blank("slips").withFirst(part -> part.withData(whole))
                .withFirst(part -> part.withTasks(List.of(slip)));
        Desk asked = Desk.open(exercise);
        assertThat(Findings.of(asked).suspicions()).isEmpty();
        Desk free = Desk.open(exercise.withFirst(part -> part.withTasks(List.of())))
                .apply(new WorkEdit.ChangeTable(new TableEdit.Type(5, 1, "80")));
        assertThat(Findings.of(free).suspicions()).extracting(Suspicion::kind).containsExactly(Suspicion.Kind.SCALE);
        Desk mended = asked.apply(new WorkEdit.ChangeTable(new TableEdit.Type(5, 1, "8.0"))).apply(new Edit.Check(slip.id()))
                .apply(new WorkEdit.ChangeTable(new TableEdit.Type(7, 1, "104")));
        assertThat(Findings.of(mended).suspicions()).as("once it is found, others are")
                .extracting(Suspicion::row).containsExactly(7);
    }

    /** A point that was moved in one task would make right readings of the next ones wrong. */
    @Test
    void whatIsAskedOfTheDataAsGivenWaitsUntilMovedPointsArePutBack() {
        Exercise exercise = Kelp.exercise(Kelp.read(Quantity.SLOPE, new Rounding.Places(2)))
                .withFirst(part -> part.withHeld(Set.of()));
        Desk desk = Desk.open(exercise).apply(new Edit.Draft("read", new Answer.Typed("0.52")));
        Task read = exercise.tasks().getFirst();
        assertThat(Findings.of(desk).unready(read)).isEmpty();
        Desk moved = desk.apply(new WorkEdit.MovePoint(3, 8, 9, 1));
        assertThat(Findings.of(moved).unready(read).orElseThrow()).startsWith("Row 4 is not as it was given out")
                .contains("As given");
        assertThat(Findings.of(moved.apply(new Edit.Check("read"))).task("read").isTried()).as("it costs no try").isFalse();
        assertThat(Findings.of(moved.apply(new WorkEdit.Restore(3))).unready(read)).isEmpty();
        Desk aside = moved.apply(new WorkEdit.ChangeTable(new TableEdit.SetAside(List.of(3), "odd")));
        assertThat(Findings.of(aside).unready(read)).as("what is set aside is another matter").isEmpty();
    }

    /** Whatever is judged by the data waits, not numbers alone. */
    @Test
    void sentencesAndDescriptionsOfMovedPointsWaitToo() {
        Exercise exercise = Kelp.exercise(Kelp.describe(), Kelp.explain()).withFirst(part -> part.withHeld(Set.of()));
        Desk desk = Desk.open(exercise)
                .apply(new Edit.Draft("explain", new Answer.Sentence("A kelp blade is 0.52 m longer for each day.")))
                .apply(new Edit.Draft("describe", new Described(Optional.of(Direction.RISING), Optional.of(Form.STRAIGHT),
                        Optional.of(Strength.STRONG), Optional.of(Unusual.NONE), "")));
        Desk moved = desk.apply(new WorkEdit.MovePoint(3, 8, 9, 1));
        for (Task task : exercise.tasks()) {
            assertThat(Findings.of(desk).unready(task)).as(task.id()).isEmpty();
            assertThat(Findings.of(moved).unready(task).orElseThrow()).as(task.id()).contains("not as it was given out");
        }
    }

    /** Where something is mistyped on purpose the sentence would tell which value is right. */
    @Test
    void whereValuesAreToBeCorrectedNothingIsSaidOfThoseThatAreNotAsGiven() {
        Exercise exercise = Kelp.whole().withFirst(part -> part.withHeld(Set.of()));
        Task read = exercise.task("read").orElseThrow();
        Desk moved = Desk.open(exercise).apply(new WorkEdit.ChooseRoles(Roles.FIRST_EXPLAINS))
                .apply(new Edit.Draft("read", new Answer.Typed("0.52"))).apply(new WorkEdit.MovePoint(1, 4, 9, 1));
        assertThat(Kelp.work(moved).table().cell(1, 1).text()).as("it was moved").isEqualTo("9");
        assertThat(Findings.of(moved).unready(read)).isEmpty();
    }
}
