package hestra.documents.exercise;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

import javax.imageio.ImageIO;

import hestra.Kelp;
import hestra.data.TableEdit;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.OwnSheet;
import hestra.desk.RandomEdits;
import hestra.desk.SheetEdit;
import hestra.desk.Step;
import hestra.desk.WorkEdit;
import hestra.documents.file.Result;
import hestra.documents.picture.PictureFile;
import hestra.documents.table.DataExport;
import hestra.documents.table.DataFile;
import hestra.documents.table.TextData;
import hestra.exercise.Block;
import hestra.exercise.ClassList;
import hestra.exercise.Exercise;
import hestra.fit.Curve;
import hestra.marking.ClassWork;
import hestra.marking.HandIn;
import hestra.marking.Marking;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;
import hestra.task.Answer;
import hestra.task.Keepable;
import hestra.task.OwnEquation;
import hestra.task.Predict;
import hestra.task.Predicted;
import hestra.task.Predicting;
import hestra.task.Predictions;
import hestra.task.Terms;
import hestra.task.Trust;
import hestra.task.WantedFigure;
import hestra.task.WriteEquation;
import hestra.task.WriteSection;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Every reader is given good input that was damaged by chance: each says what it read or why it cannot, none fails, none takes
 * long. {@code -Dhestra.mutations} says how many inputs in all, {@code -Dhestra.seed} which.
 */
class ReadersTest {

    private static final int USUAL = 1_000;
    private static final int MUTATIONS = Integer.getInteger("hestra.mutations", USUAL);
    private static final long SEED = Long.getLong("hestra.seed", 20_261_126);
    private static final double MOST_SECONDS = 5;
    private static final int OF = 1000;

    /** What reads an input; it tells whether it found anything. */
    @FunctionalInterface
    private interface Reader {
        boolean read(byte[] input) throws IOException;
    }

    /**
     * A reader under trial.
     *
     * @param name what it reads
     * @param share of a thousand inputs, so many are for it
     * @param good inputs that it reads
     * @param reader the reader
     */
    private record Trial(String name, int share, List<byte[]> good, Reader reader) {}

    @TempDir
    Path folder;

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    static HandIn handIn() {
        WriteSection section = new WriteSection(Terms.of("report", "Write it up", "Write.", 2),
                Set.of(WantedFigure.PLOT_WITH_LINE), 3);
        WriteEquation equation = new WriteEquation(Terms.of("equation", "Write it", "Write it.", 2), new Curve.Line(), 3);
        Exercise exercise = Kelp.whole().withFirst(part -> part.withBlockAt(99, new Block.Asked(section))
                .withBlockAt(99, new Block.Asked(equation))
                .withTasks(task -> task instanceof Predict predict
                ? predict.with(Predicting.USUAL.with(Optional.of(Predicting.Band.MEAN)).withMeaning(true)
                        .counting(OwnEquation.HALF)) : task));
        return HandIn.of(Desk.open(exercise)
                .apply(new Edit.Draft("equation", new Answer.Typed("y = 2 + 0.5x"))).apply(new Edit.Check("equation"))
                .apply(new SheetEdit.Write(OwnSheet.Spot.before(0), "It grows by half a centimetre.", Optional.empty()))
                .apply(new SheetEdit.Keep(OwnSheet.Spot.before(1), Keepable.FIGURE, false))
                .apply(new SheetEdit.Keep(OwnSheet.Spot.before(2), Keepable.READINGS, true)).apply(new Edit.Check("report"))
                .apply(new WorkEdit.ChangeTable(new TableEdit.Type(4, 0, "10")))
                .apply(new WorkEdit.ChangeTable(new TableEdit.Type(4, 1, "7.2"))).apply(new Edit.Check("enter"))
                .apply(new WorkEdit.ChangeTable(new TableEdit.SetAside(Kelp.SLIP_ROW, "misread"))).apply(new Edit.Check("slip"))
                .apply(new Edit.Draft("explain", new Answer.Sentence("It grows."))).apply(new Edit.Check("explain"))
                .apply(new Edit.Draft("predict", new Predictions(List.of(new Predicted("4.0",
                Optional.of(Trust.TRUSTED), Optional.of("3.8"), Optional.of("4.2")),
                Predicted.NOTHING.with(Trust.MEANINGLESS)))))
                .apply(new Edit.Check("predict")).apply(new Edit.Name("Ida Fenn")));
    }

    private byte[] written(String name) throws IOException {
        Path file = folder.resolve("good" + name);
        switch (name) {
            case ".hestra" -> ExerciseFile.write(FilesTest.rich(), file);
            case "-study.hestra" -> HestraFile.write(StudyFileTest.rich(), file);
            case ".handin" -> HandInFile.write(handIn(), file);
            default -> DataExport.write(Kelp.table(), file);
        }
        return Files.readAllBytes(file);
    }

    private static byte[] png() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    private byte[] journal() throws IOException {
        Path file = folder.resolve("journals").resolve("good.jsonl");
        try (JournalFile journal = JournalFile.open(file, Desk.open(Kelp.whole())).journal()) {
            RandomEdits edits = new RandomEdits(SEED);
            for (int i = 0; i < 80; i++) {
                journal.add(new Step(1_700_000_000, edits.next(Desk.open(Kelp.whole()))));
            }
        }
        return Files.readAllBytes(file);
    }

    private static boolean isDone(Result<?> reading) {
        return reading instanceof Result.Done<?>;
    }

    private boolean readData(String name, byte[] input) throws IOException {
        Path file = Files.write(folder.resolve(name), input);
        return isDone(DataFile.take(file, DecimalMark.POINT, _ -> true));
    }

    private boolean marked(byte[] input) throws IOException {
        Path one = Files.createDirectories(folder.resolve("class"));
        Files.write(one.resolve("one.handin"), input);
        Result<ClassWork> marks = HandIns.ofFolder(one, Optional.of(Kelp.whole()), exercise -> Marking.none(exercise.id()));
        HandInFile.steps(one.resolve("one.handin"), DecimalMark.POINT);
        return marks instanceof Result.Done<ClassWork>(ClassWork read) && !Gradebook.csv(read, ClassList.NONE).isEmpty()
                && !read.roll().students().isEmpty();
    }

    private boolean replayed(byte[] input) throws IOException {
        Path file = folder.resolve("journals").resolve("one.jsonl");
        Files.write(file, input);
        JournalFile.Opened opened = JournalFile.open(file, Desk.open(Kelp.whole()));
        opened.journal().close();
        try (Stream<Path> copies = Files.list(file.getParent())) {
            for (Path copy : copies.filter(it -> !it.getFileName().toString().startsWith("good")).toList()) {
                Files.delete(copy);
            }
        }
        return opened.restored() > 0;
    }

    private List<Trial> trials() throws IOException {
        List<byte[]> texts = List.of(bytes("Kelp, counted in May\n\ndays;length (cm)\n38;34,1\n40;37,3\n41;1 234,5\n"),
                bytes("days\tlength\n38\t34.1 cm\n40\t−37.3\n\"4\"\"1\"\t1,234.5\n"),
                        bytes("id,date,x\nA,10/11/2026,1/2\nB,12/11/2026,1½\n"), bytes("1 2\n3 4\n5 x\n"),
                "tray;salinity\nå;5,5\n".getBytes(StandardCharsets.UTF_16));
        List<byte[]> numbers = List.of(bytes("1,234.5"), bytes("−0.80 cm"), bytes("2 × 10^5"), bytes("3½"), bytes("1e-9"),
                bytes("12 %"), bytes("٢٫٥"), bytes("10/20"), bytes("0.123.456"));
        return List.of(
                new Trial("numbers", 300, numbers, input -> NumberReading.ofAnswer(new String(input, StandardCharsets.UTF_8),
                        DecimalMark.POINT) instanceof NumberReading.Value
                        | NumberReading.ofMeasurement(new String(input, StandardCharsets.UTF_8),
                                DecimalMark.COMMA) instanceof NumberReading.Value),
                new Trial("clipboard text", 250, texts,
                        input -> isDone(TextData.understand(new String(input, StandardCharsets.UTF_8), DecimalMark.POINT))),
                new Trial("text files", 170, texts, input -> readData("one.csv", input)),
                new Trial("exercises", 90, List.of(written(".hestra")),
                        input -> isDone(ExerciseFile.read(Files.write(folder.resolve("one.hestra"), input)))),
                new Trial("studies", 90, List.of(written("-study.hestra")),
                        input -> isDone(HestraFile.read(Files.write(folder.resolve("one.hestra"), input)))),
                new Trial("hand-ins, marked", 90, List.of(written(".handin")), this::marked),
                new Trial("journals", 40, List.of(journal()), this::replayed),
                new Trial(".xlsx", 20, List.of(written(".xlsx")), input -> readData("one.xlsx", input)),
                new Trial(".ods", 20, List.of(written(".ods")), input -> readData("one.ods", input)),
                new Trial("pictures", 20, List.of(png()),
                        input -> isDone(PictureFile.read(Files.write(folder.resolve("one.png"), input)))));
    }

    /**
     * Damages the bytes, or, of an archive, most times what is packed in it, since few of its bytes can change and leave it one.
     */
    private static byte[] damaged(byte[] good, Mutation mutation, Random random) throws IOException {
        if (good[0] != 'P' || random.nextInt(4) == 0) {
            return mutation.of(good);
        }
        Map<String, byte[]> entries = new TreeMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(good))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                entries.put(entry.getName(), zip.readAllBytes());
            }
        }
        String chosen = new ArrayList<>(entries.keySet()).get(random.nextInt(entries.size()));
        entries.put(chosen, mutation.of(entries.get(chosen)));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
                zip.closeEntry();
            }
        }
        return out.toByteArray();
    }

    @Test
    void noReaderFailsOrTakesLongWhateverItIsGiven() throws IOException {
        List<String> failures = new ArrayList<>();
        Random random = new Random(SEED);
        Mutation mutation = new Mutation(SEED);
        StringBuilder report = new StringBuilder();
        double slowest = 0;
        for (Trial trial : trials()) {
            for (byte[] good : trial.good) {
                trial.reader.read(good);
            }
            int inputs = (int) ((long) MUTATIONS * trial.share / OF);
            int read = 0;
            double slow = 0;
            for (int i = 0; i < inputs; i++) {
                byte[] input = damaged(trial.good.get(i % trial.good.size()), mutation, random);
                long start = System.nanoTime();
                try {
                    read += trial.reader.read(input) ? 1 : 0;
                } catch (Exception | StackOverflowError | OutOfMemoryError e) {
                    failures.add(trial.name + " " + i + ": " + e + " at " + e.getStackTrace()[0]);
                }
                slow = Math.max(slow, (System.nanoTime() - start) / 1e9);
            }
            report.append(String.format("%s: %d inputs, %d of them read, none over %.2f s%n", trial.name, inputs, read, slow));
            assertThat(inputs < USUAL || read > 0 && read < inputs).as(trial.name + ": some are read and some refused").isTrue();
            slowest = Math.max(slowest, slow);
        }
        if (MUTATIONS > USUAL) {
            long heap = ManagementFactory.getMemoryPoolMXBeans().stream().filter(it -> it.getType() == MemoryType.HEAP)
                    .map(MemoryPoolMXBean::getPeakUsage).mapToLong(it -> it.getUsed()).sum();
            System.out.print(report);
            System.out.printf("seed %d: %d failures, slowest %.2f s, most heap in use %d MB%n", SEED, failures.size(), slowest,
                    heap >> 20);
        }
        assertThat(failures).isEmpty();
        assertThat(slowest).isLessThan(MOST_SECONDS);
    }
}
