package hestra.documents.page;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.desk.Desk;
import hestra.desk.Findings;
import hestra.desk.OwnSheet;
import hestra.desk.SheetEdit;
import hestra.desk.WorkEdit;
import hestra.documents.file.Progress;
import hestra.exercise.Exercise;
import hestra.exercise.SquaredPaper;
import hestra.numbers.DecimalMark;
import hestra.task.Aid;
import hestra.task.Keepable;
import hestra.task.Kind;
import hestra.task.Kinds;
import hestra.task.Task;
import hestra.task.Truth;
import hestra.variants.Variants;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Handouts and keys of exercises of every sort, drawn and looked at: no page ends within a piece, which would leave ink at the
 * very end of its text, and every page but the last is filled.
 */
class FilledPagesTest {

    private static final int EXERCISES = Integer.getInteger("hestra.pages", 4);
    private static final long SEED = Long.getLong("hestra.seed", 20261202);
    /** The last line of a page is not quite at its end. */
    private static final double HAIR = 0.03;
    private static final int FINENESS = 36;
    private static final double POINT = FINENESS / 72.0;
    private static final double MARGIN = Paper.MARGIN / 25.4 * 72;
    private static final String WORDS = "the tide brings weed and shells to the slip where boats are mended in the autumn ";

    @TempDir
    private Path folder;

    private static String words(Random random, int most) {
        int length = 1 + random.nextInt(most);
        return WORDS.repeat(length / WORDS.length() + 1).substring(0, length).strip() + ".";
    }

    private static DataTable data(Random random) {
        int rows = 3 + random.nextInt(58);
        boolean longNames = random.nextInt(3) == 0;
        Variable x = new Variable(longNames ? "time since the blade settled" : "days", "time since settling", "days");
        Variable y = new Variable(longNames ? "length of the longest blade" : "length", "blade length", "cm");
        List<Row> all = IntStream.range(0, rows).mapToObj(i -> Row.of(Cell.of(i + 1, DecimalMark.POINT),
                Cell.of(Math.round(10 * (3 + 0.9 * i + 2 * random.nextGaussian())) / 10.0, DecimalMark.POINT))).toList();
        return new DataTable(List.of(x, y), all);
    }

    static Exercise exercise(Random random) {
        DataTable data = data(random);
        Truth truth = Kelp.exercise().withFirst(part -> part.withData(data)).first().truth(DecimalMark.POINT);
        List<Task> tasks = new ArrayList<>();
        int count = 1 + random.nextInt(12);
        for (int i = 0; i < count; i++) {
            Kind kind = Kinds.ALL.get(random.nextInt(Kinds.ALL.size()));
            Task task = kind.create("t" + i, truth);
            tasks.add(task.with(task.terms().withPrompt(words(random, random.nextInt(8) == 0 ? 900 : 160))
                    .withWhy(words(random, 90))));
        }
        String prose = IntStream.range(0, random.nextInt(5)).mapToObj(_ -> words(random, 500))
                .collect(Collectors.joining("\n\n"));
        Exercise exercise = Exercise.ofOnePart("many", "Many", "Orrin Bay", words(random, 70), prose, data, Roles.FIRST_EXPLAINS,
                tasks, Aid.all(), DecimalMark.POINT);
        SquaredPaper ground = SquaredPaper.values()[random.nextInt(3)];
        return exercise.withFirst(part -> part.withRules(part.rules().with(ground)));
    }

    /** With the curves open, rows set aside and a figure or two kept. */
    private static Desk worked(Exercise exercise, Random random) {
        Desk desk = Desk.open(exercise.withFirst(part -> part.withHeld(Set.of())));
        for (int row = 0; row < random.nextInt(3); row++) {
            desk = desk.apply(new WorkEdit.ChangeTable(new TableEdit.SetAside(List.of(row), words(random, 40))));
        }
        for (Keepable kept : List.of(Keepable.FIGURE, Keepable.READINGS, Keepable.RESIDUALS, Keepable.SUMMARY)) {
            if (random.nextInt(3) == 0) {
                desk = desk.apply(new SheetEdit.Keep(OwnSheet.Spot.before(0), kept, false));
            }
        }
        return desk;
    }

    @Test
    void noPieceIsCutAndEveryPageButTheLastIsFilled() throws IOException {
        Random random = new Random(SEED);
        List<String> wrong = new ArrayList<>();
        int pages = 0;
        List<String> thin = new ArrayList<>();
        for (int i = 0; i < EXERCISES; i++) {
            Exercise exercise = exercise(random);
            Paper paper = random.nextBoolean() ? Paper.A4 : Paper.LETTER;
            for (String sort : List.of("handout", "key", "write-up")) {
                Path file = folder.resolve("pages.pdf");
                switch (sort) {
                    case "handout" -> Handout.write(exercise, List.of(Variants.draw(exercise, 0)), List.of(), paper, file,
                            Progress.UNWATCHED);
                    case "key" -> Handout.writeKey(exercise, List.of(Variants.draw(exercise, 0)), paper, file,
                            Progress.UNWATCHED);
                    default -> PageFile.write(WriteUp.of(Findings.of(worked(exercise, random)), "today"), paper, file);
                }
                try (PDDocument document = Loader.loadPDF(file.toFile())) {
                    int count = document.getNumberOfPages();
                    for (int page = 0; page < count; page++) {
                        pages++;
                        Ink ink = Ink.of(new PDFRenderer(document).renderImageWithDPI(page, FINENESS), paper);
                        String which = "exercise " + i + ", " + sort + ", page " + (page + 1) + " of " + count;
                        if (ink.atTheEnd) {
                            wrong.add(which + " is cut");
                        }
                        if (ink.last <= 0) {
                            wrong.add(which + " is empty");
                        }
                        if (page < count - 1 && ink.last < Paging.WELL_FILLED - HAIR) {
                            thin.add(which + " is filled to " + Math.round(100 * ink.last) + " %");
                        }
                    }
                }
            }
        }
        if (EXERCISES > 100) {
            System.out.println(pages + " pages of " + EXERCISES + " exercises, keys and write-ups, seed " + SEED + ": "
                    + wrong.size() + " cut or empty, " + thin.size() + " not well filled " + thin);
        }
        assertThat(wrong).isEmpty();
        assertThat(thin).as("where the next thing is large, a page may end early").hasSizeLessThanOrEqualTo(1 + pages / 50);
    }

    /** Where ink is on a page: down to which share of the text's height, and whether at its very end. */
    private record Ink(double last, boolean atTheEnd) {

        static Ink of(BufferedImage page, Paper paper) {
            int top = (int) Math.ceil(MARGIN * POINT);
            int bottom = (int) Math.floor((MARGIN + paper.textHeight()) * POINT);
            int last = -1;
            for (int y = top; y < bottom; y++) {
                for (int x = 0; x < page.getWidth(); x++) {
                    if ((page.getRGB(x, y) & 0xFF) < 200) {
                        last = y;
                    }
                }
            }
            return new Ink((last - top) / (double) (bottom - top), last >= bottom - 2);
        }
    }

    /** Whatever is asked, a heading of a task is not the last thing on a page. */
    @Test
    void theKindsAreAllThere() {
        Random random = new Random(SEED);
        Set<Kind.Group> groups = EnumSet.noneOf(Kind.Group.class);
        for (int i = 0; i < 40; i++) {
            exercise(random).tasks().forEach(task -> groups.add(task.kind().group()));
        }
        assertThat(groups).hasSameSizeAs(Kind.Group.values());
    }
}
