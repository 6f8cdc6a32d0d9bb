package hestra.documents.page;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.StringReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import javax.xml.parsers.DocumentBuilderFactory;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desk.WorkEdit;
import hestra.documents.exercise.Gradebook;
import hestra.documents.exercise.HandIns;
import hestra.documents.exercise.Worked;
import hestra.documents.file.Result;
import hestra.documents.picture.Palette;
import hestra.documents.picture.PictureFile;
import hestra.exercise.Block;
import hestra.exercise.ClassList;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.exercise.PartMarks;
import hestra.feedback.Quantity;
import hestra.figure.Ink;
import hestra.figure.Layer;
import hestra.figure.Slot;
import hestra.figure.StripKind;
import hestra.fit.Curve;
import hestra.marking.ClassWork;
import hestra.marking.Marking;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.task.Answer;
import hestra.task.Describe;
import hestra.task.Described;
import hestra.task.Description.Direction;
import hestra.task.Description.Form;
import hestra.task.Description.Strength;
import hestra.task.Description.Unusual;
import hestra.task.ReadValue;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.tracing.Picture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.xml.sax.InputSource;

import static org.assertj.core.api.Assertions.assertThat;

class WriteUpTest {

    private static final Exercise OPEN = Kelp.exercise(Kelp.read(Quantity.SLOPE, new Rounding.Places(2)), Kelp.explain())
            .withFirst(part -> part.withHeld(Set.of()));

    private static Desk done() {
        return Desk.open(OPEN).apply(new Edit.Draft("read", new Answer.Typed("1.95"))).apply(new Edit.Check("read"))
                .apply(new Edit.Draft("read", new Answer.Typed("0.52"))).apply(new Edit.Check("read"))
                .apply(new Edit.Draft("explain", new Answer.Sentence("<script>alert(1)</script> & more")))
                .apply(new Edit.Check("explain"))
                .apply(new WorkEdit.ChangeTable(new TableEdit.SetAside(4, "odd"))).apply(new Edit.Name("Ida <b>Fenn</b>"));
    }

    @Test
    void thePageHoldsAnswersVerdictsEquationAndData() {
        String page = HtmlPage.of(WriteUp.of(Findings.of(done()), ""));
        assertThat(page).contains("0.52").contains("✓ Right.").contains("2 tries").contains("<svg").contains("<math")
                .contains("<mtext>length</mtext>").contains("<del>7.2</del>").contains("set aside: odd").contains("Comments");
    }

    @Test
    void aLabelOfManyPagesIsCutShortInThePlotAndIsNoLongWork() {
        Exercise exercise = Kelp.exercise().withFirst(part -> part.withHeld(Set.of()))
                .withFirst(part -> part.withData(Kelp.table()
                        .withVariable(0, new Variable("n".repeat(50_000), "kelp ".repeat(40_000), "u".repeat(50_000)))));
        String page = HtmlPage.of(WriteUp.of(Findings.of(Desk.open(exercise)), ""));
        assertThat(page.length()).as("its letters are not all drawn as shapes").isLessThan(2_000_000);
    }

    @Test
    void linksOfTheProseLeadToTheWebOnly() {
        String page = HtmlPage.of(WriteUp.of(Findings.of(Desk.open(Kelp.exercise()
                .withFirst(part -> part.withBlock(new Block.Prose("text-1",
                        "[x](data:text/html,hello) [y](https://orrin.example)"))))), ""));
        assertThat(page).contains("https://orrin.example").doesNotContain("data:text");
    }

    @Test
    void thePageTellsOfEveryCurveDrawnAndOfThePredictionsKept() {
        Desk desk = Desk.open(Kelp.whole().withFirst(part -> part.withTasks(List.of()))
                .withFirst(part -> part.withHeld(Set.of())));
        for (Edit edit : List.of(new PlotEdit.AddCurve(new Curve.Polynomial(2)), new PlotEdit.AddCurve(new Curve.Logarithmic()),
                new PlotEdit.ShowCurve(Slot.SECOND, false),
                new PlotEdit.TakeInHand(Slot.LINE), new PlotEdit.Pin(List.of(6.0, 20.0)))) {
            desk = desk.apply(edit);
        }
        String page = HtmlPage.of(WriteUp.of(Findings.of(desk), ""));
        assertThat(page).contains("Line of least squares").contains("Quadratic curve").contains("adjusted R²")
                .doesNotContain("Logarithmic curve");
        // The line passes through the means: 5.04 at 6 days; at 20 days it is 1.95 + 0.515 · 20.
        assertThat(page).contains(">5.04<").contains(">12.25<").contains("beyond the data");
        assertThat(page.split("<math", -1)).hasSize(3);
        String closed = HtmlPage.of(WriteUp.of(Findings.of(Desk.open(Kelp.whole().withFirst(part -> part.withTasks(List.of())))
                .apply(new PlotEdit.Pin(List.of(6.0)))), ""));
        assertThat(closed).doesNotContain(">5.04<").doesNotContain("Predictions of");
    }

    @Test
    void whatAStudentTypesIsTextNotMarkup() {
        String page = HtmlPage.of(WriteUp.of(Findings.of(done()), ""));
        assertThat(page).doesNotContain("<script").doesNotContain("<b>Fenn").contains("&lt;script&gt;");
        String prose = Prose.html("<img src=x onerror=alert(1)> [a](javascript:alert(1)) ![b](http://example.org/x.png) *so*");
        assertThat(prose).doesNotContain("<img").doesNotContain("javascript:").contains("<em>so</em>");
    }

    @Test
    void eachPartStandsOnThePageWithItsBlocksInTheirOrder() {
        Picture picture = ((Result.Done<Picture>) PictureFile.of(new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB))).value();
        Exercise two = Kelp.exercise(Kelp.read(Quantity.N, new Rounding.Places(0)))
                .withPartAt(1, Part.blank("part-2").withHeading("Crabs & claws").withData(Kelp.table()).withBlocks(List.of(
                new Block.Prose("text-2", "There are {n} *claws*."),
                        new Block.Illustration("picture-1", picture, "A claw", "a claw beside a \"ruler\""),
                new Block.Asked(Kelp.explain()), new Block.Plot("figure-1", Set.of(Layer.LINE), Optional.empty(), "All {n}"),
                        new Block.Printed("table-1", "As printed"),
                new Block.Formula("formula-1", "b < 1"))));
        String page = HtmlPage.of(WriteUp.of(Findings.of(Desk.open(two)), ""));
        assertThat(page).contains("Crabs &amp; claws", "There are 5 <em>claws</em>.", "src=\"data:image/png;base64,",
                "alt=\"a claw beside a &quot;ruler&quot;\"", "<figcaption>All 5</figcaption>",
                "<caption>As printed</caption>", "b &lt; 1");
        List<String> inOrder = List.of("Prose.", "1 · Read", "Crabs &amp; claws", "There are 5", "A claw", "2 · Explain", "All 5",
                "As printed", "b &lt; 1");
        assertThat(inOrder.stream().map(page::indexOf)).doesNotContain(-1).isSorted();
        assertThat(page.split("<svg", -1))
                .as("the plot that the task of the second part is about, and the one on its sheet; counting points is about none")
                .hasSize(3);
    }

    @Test
    void heldBackAidsAreNotOnThePage() {
        String page = HtmlPage.of(WriteUp.of(Findings.of(Desk.open(Kelp.whole())), ""));
        assertThat(page).doesNotContain("<math").doesNotContain("R²</span>").contains("no name").contains("not answered");
    }

    @Test
    void thePlotIsWellFormedSvgWithADiscForEachPoint() throws Exception {
        String page = HtmlPage.of(WriteUp.of(Findings.of(done()), ""));
        Matcher svg = Pattern.compile("<svg.*?</svg\\s*>", Pattern.DOTALL).matcher(page);
        assertThat(svg.find()).isTrue();
        var document = DocumentBuilderFactory.newInstance().newDocumentBuilder()
                .parse(new InputSource(new StringReader(svg.group())));
        assertThat(document.getDocumentElement().getAttribute("viewBox")).isEqualTo("0 0 456 283");
        assertThat(document.getDocumentElement().getAttribute("aria-label")).contains("blade length");
        // Four discs, of which the first has its edge as a circle of its own, and the ring of the point set aside.
        assertThat(document.getElementsByTagName("circle").getLength()).isBetween(4 + 1, 4 + 2);
    }

    @Test
    void bothLooksNameEveryInkAndTextHasEnoughContrast() {
        for (Palette palette : List.of(Palette.LIGHT, Palette.DARK)) {
            for (Ink ground : List.of(Ink.PAPER, Ink.SURFACE)) {
                for (Ink ink : List.of(Ink.INK, Ink.MUTED, Ink.RIGHT, Ink.NEARLY, Ink.WRONG, Ink.RESIDUAL, Ink.OBSERVED)) {
                    assertThat(contrast(palette.rgb(ink), palette.rgb(ground)))
                            .as("%s on %s", ink, ground).isGreaterThanOrEqualTo(4.5);
                }
            }
            assertThat(contrast(palette.rgb(Ink.CALLOUT_TEXT), palette.rgb(Ink.CALLOUT))).isGreaterThanOrEqualTo(4.5);
            assertThat(contrast(palette.rgb(Ink.CALLOUT_NOTE), palette.rgb(Ink.CALLOUT))).isGreaterThanOrEqualTo(4.5);
        }
    }

    /** The contrast ratio of the Web Content Accessibility Guidelines 2.1. */
    private static double contrast(int a, int b) {
        double light = Math.max(luminance(a), luminance(b));
        double dark = Math.min(luminance(a), luminance(b));
        return (light + 0.05) / (dark + 0.05);
    }

    private static double luminance(int rgb) {
        return 0.2126 * channel(rgb >> 16 & 0xFF) + 0.7152 * channel(rgb >> 8 & 0xFF) + 0.0722 * channel(rgb & 0xFF);
    }

    private static double channel(int value) {
        double share = value / 255.0;
        return share <= 0.03928 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
    }

    private static void handIn(Path folder, String file, String student, String answer, Exercise exercise) throws IOException {
        Worked.handIn(exercise, folder.resolve(file), new Edit.Draft("read", new Answer.Typed(answer)), new Edit.Check("read"),
                new Edit.Name(student));
    }

    private static String csv(Path folder, Optional<Exercise> own) {
        return Gradebook.csv(((Result.Done<ClassWork>) HandIns.ofFolder(folder, own, exercise -> Marking.none(exercise.id())))
                .value(), ClassList.NONE);
    }

    @Test
    void aFolderOfHandInsIsMarkedALineEach(@TempDir Path folder) throws IOException {
        handIn(folder, "a.handin", "Ida Fenn", "0.52", OPEN);
        handIn(folder, "b.handin", "Tove, Marsh", "0.515", OPEN);
        Files.writeString(folder.resolve("c.handin"), "broken");
        handIn(folder, "d.handin", "=2+3", "7", OPEN);
        handIn(folder, "e.handin", "Else", "0.52",
                Exercise.ofOnePart("other", "Other", "", "", "", Kelp.table(), OPEN.first().roles(), OPEN.tasks(), Set.of(),
                        DecimalMark.POINT));
        Files.writeString(folder.resolve("readme.txt"), "not a hand-in");
        assertThat(csv(folder, Optional.empty()).lines()).satisfiesExactly(
                line -> assertThat(line).isEqualTo("name,Read,Explain,total,of,note"),
                line -> assertThat(line).startsWith("'=2+3,0,0,0,8"),
                line -> assertThat(line).isEqualTo("Ida Fenn,2,0,2,8,"),
                line -> assertThat(line).isEqualTo("\"Tove, Marsh\",1,0,1,8,"),
                line -> assertThat(line).startsWith("c.handin,,,,,").contains("not a Hestra file"),
                line -> assertThat(line).startsWith("e.handin,,,,,").contains("another exercise"));
    }

    @Test
    void aPageThatTellsNoVerdictDoesNotTellWhichAnswerIsTheBetter() {
        ReadValue read = Kelp.read(Quantity.SLOPE, new Rounding.Places(2));
        for (Terms.Showing when : List.of(Terms.Showing.AT_ONCE, Terms.Showing.AFTER_MARKING)) {
            Desk desk = Desk.open(Kelp.exercise(read.with(read.terms().withVerdict(when))))
                    .apply(new Edit.Draft("read", new Answer.Typed("0.52"))).apply(new Edit.Check("read"))
                    .apply(new Edit.Draft("read", new Answer.Typed("1.95"))).apply(new Edit.Check("read"));
            String page = HtmlPage.of(WriteUp.ofHandIn(Findings.of(desk), "today"));
            boolean told = when == Terms.Showing.AT_ONCE;
            assertThat(page.contains("the best one here")).as("%s", when).isEqualTo(told);
            assertThat(page).as("%s", when).contains(told ? ">0.52<" : ">1.95<").doesNotContain(told ? ">1.95<" : ">0.52<");
        }
    }

    @Test
    void marksOfAClassAreRoundedAsTheExerciseSays(@TempDir Path folder) throws IOException {
        Describe describe = new Describe(Kelp.describe().terms().withMarks(1), Kelp.describe().key());
        Described three = Described.NOTHING.with(Direction.RISING).with(Form.STRAIGHT)
                .with(Strength.STRONG).with(Unusual.NONE);
        for (PartMarks to : PartMarks.values()) {
            Worked.handIn(Kelp.exercise(describe).with(to), folder.resolve("a.handin"), new Edit.Draft("describe", three),
                    new Edit.Check("describe"), new Edit.Name("Ida"));
            String marks = switch (to) {
                case WHOLE -> "0";
                case HALVES -> "0.5";
                case QUARTERS -> "0.75";
                case TENTHS -> "0.8";
            };
            assertThat(csv(folder, Optional.empty()).lines().skip(1).findFirst()).contains("Ida," + marks + "," + marks + ",1,");
        }
    }

    @Test
    void theInstructorsOwnExerciseDecidesAndADifferenceIsNoted(@TempDir Path folder) throws IOException {
        handIn(folder, "a.handin", "Ida", "9.9", OPEN.withFirst(part -> part.withData(Kelp.table()
                .withCell(0, 1, Cell.of("99", DecimalMark.POINT)))));
        assertThat(csv(folder, Optional.of(OPEN)).lines().skip(1).findFirst().orElseThrow()).contains("marked with yours");
        assertThat(HandIns.ofFolder(folder.resolve("none"), Optional.empty(), it -> Marking.none(it.id())))
                .isInstanceOf(Result.Refused.class);
        Path empty = Files.createDirectory(folder.resolve("empty"));
        assertThat(((Result.Refused<ClassWork>) HandIns.ofFolder(empty, Optional.empty(), it -> Marking.none(it.id()))).message())
                .contains("no hand-ins");
        assertThat(((Result.Refused<ClassWork>) HandIns.ofFolder(folder.resolve("a.handin"), Optional.empty(),
                it -> Marking.none(it.id()))).message()).contains("not a folder");
    }

    @Test
    void aVerdictThatComesAfterHandingInIsNotOnThePageBefore() {
        Task late = Kelp.read(Quantity.SLOPE, new Rounding.Places(2));
        Task task = late.with(late.terms().withVerdict(Terms.Showing.AFTER_HANDING_IN));
        Findings findings = Findings.of(Desk.open(Kelp.exercise(task)).apply(new Edit.Draft("read", new Answer.Typed("1.95")))
                .apply(new Edit.Check("read")));
        String verdict = findings.task("read").verdict().orElseThrow().message().split("\\.")[0];
        assertThat(HtmlPage.of(WriteUp.of(findings, ""))).contains("1.95").doesNotContain(verdict)
                .doesNotContain("<p class=\"wrong\"");
        assertThat(HtmlPage.of(WriteUp.ofHandIn(findings, ""))).contains(verdict).contains("<p class=\"wrong\"");
    }

    @Test
    void thePlotStandsOnceBeforeTheTasksAboutThePointsAndOnceBeforeThoseAboutACurve() {
        Exercise exercise = Kelp.exercise(Kelp.describe(), Kelp.read(Quantity.SLOPE, new Rounding.Places(2)), Kelp.predict(4),
                Kelp.explain()).withFirst(part -> part.withHeld(Set.of()));
        Desk desk = Desk.open(exercise).apply(new PlotEdit.ShowLayer(Layer.SQUARES, true))
                .apply(new PlotEdit.ShowStrip(StripKind.HISTOGRAM)).apply(new PlotEdit.Pin(List.of()));
        String page = HtmlPage.of(WriteUp.of(Findings.of(desk), ""));
        List<String> labels = Pattern.compile("aria-label=\"([^\"]+)\"").matcher(page).results().map(it -> it.group(1)).toList();
        assertThat(labels).satisfiesExactly(points -> assertThat(points).contains("no curve"), curve -> assertThat(curve)
                .contains("line of least squares").contains("0.515"));
        List<String> inOrder = List.of(labels.getFirst(), "1 · Describe", labels.getLast(), "2 · Read", "3 · Predict",
                "4 · Explain", "The data", "Comments");
        assertThat(inOrder.stream().map(page::indexOf)).doesNotContain(-1).isSorted();
    }

    @Test
    void marksAreOnThePageWhereTheyMayBeSeen() {
        assertThat(HtmlPage.of(WriteUp.of(Findings.of(done()), "3 May 2026"))).as("of the task, and of all")
                .contains("2 tries · 2 of 2 marks").contains(" of 8 marks").contains("3 May 2026");
        Task late = Kelp.read(Quantity.SLOPE, new Rounding.Places(2));
        Task task = late.with(late.terms().withVerdict(Terms.Showing.AFTER_HANDING_IN));
        Findings findings = Findings.of(Desk.open(Kelp.exercise(task)).apply(new Edit.Draft("read", new Answer.Typed("0.52")))
                .apply(new Edit.Check("read")));
        assertThat(HtmlPage.of(WriteUp.of(findings, ""))).doesNotContain(" marks");
        assertThat(HtmlPage.of(WriteUp.ofHandIn(findings, ""))).contains("2 of 2 marks");
    }
}
