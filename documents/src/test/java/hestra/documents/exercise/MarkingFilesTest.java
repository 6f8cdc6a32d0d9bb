package hestra.documents.exercise;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import hestra.Kelp;
import hestra.data.Cell;
import hestra.data.TableEdit;
import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.Step;
import hestra.desk.WorkEdit;
import hestra.documents.file.Archive;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.documents.page.ClassPage;
import hestra.documents.page.GiveBack;
import hestra.documents.page.HtmlPage;
import hestra.documents.page.Paper;
import hestra.documents.table.NameList;
import hestra.exercise.ClassList;
import hestra.exercise.Copy;
import hestra.exercise.Edition;
import hestra.exercise.Exercise;
import hestra.exercise.Issue;
import hestra.feedback.Quantity;
import hestra.marking.ClassKey;
import hestra.marking.ClassResult;
import hestra.marking.ClassWork;
import hestra.marking.Decision;
import hestra.marking.DecisionScope;
import hestra.marking.DecisionSubject;
import hestra.marking.DecisionValue;
import hestra.marking.Ground;
import hestra.marking.Marking;
import hestra.marking.MarkingKey;
import hestra.marking.Pace;
import hestra.marking.Received;
import hestra.marking.Replay;
import hestra.marking.Student;
import hestra.marking.StudentAnswers;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.task.Answer;
import hestra.task.Task;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Markings as files, what is read of a class, and what is given back. */
class MarkingFilesTest {

    private static final Exercise EXERCISE = Kelp.exercise(Kelp.read(Quantity.SLOPE, new Rounding.Places(2)), Kelp.explain())
            .withFirst(part -> part.withHeld(Set.of()));
    private static final String SCRIPT = "<script>alert(1)</script>";
    private static final String FORMULA = "=HYPERLINK(\"http://x\")";

    @TempDir
    private Path folder;

    private static <T> T done(Result<T> result) {
        return ((Result.Done<T>) result).value();
    }

    private Path handIn(String file, String student, String number, String sentence) throws IOException {
        return Worked.handIn(EXERCISE, folder.resolve("hands").resolve(file), new Edit.Name(student),
                new Edit.Draft("read", new Answer.Typed(number)), new Edit.Check("read"),
                new Edit.Draft("explain", new Answer.Sentence(sentence)),
                new Edit.Check("explain"));
    }

    private ClassWork work(Marking marking) {
        return done(HandIns.ofFolder(folder.resolve("hands"), Optional.of(EXERCISE), _ -> marking));
    }

    private static final Marking NONE = Marking.none(EXERCISE.id());
    private static final Ground GROUND = new Ground(2, Set.of("0011223344556677:right:2.0", "8899aabbccddeeff:right:2.0"),
            Set.of("0a0b0c0d"));

    /** Marks for the answers to the number, as they are. */
    private static Marking give(ClassWork work, DecisionScope whom, double marks, String by) {
        Task read = work.exercise().task("read").orElseThrow();
        return work.marking().decide(new DecisionSubject.Marks("read", whom), Optional.of(new DecisionValue.Points(marks,
                Ground.of(read, work.students(read, whom)))), by);
    }

    @Test
    void aMarkingIsReadAsItWasWrittenALineADecision() throws IOException {
        Marking marking = NONE.decide(new DecisionSubject.Marks("read", new DecisionScope.Group("right")),
                Optional.of(new DecisionValue.Points(1.5, GROUND)), "ann")
                .decide(new DecisionSubject.Said("", new DecisionScope.One("ida fenn"), "ann-1"),
                Optional.of(new DecisionValue.Yes()), "ann")
                .decide(new DecisionSubject.Wording("ann-1"),
                Optional.of(new DecisionValue.Comment("Why “so”?\nLook again.", 0.5)), "ann")
                .decide(new DecisionSubject.Due(), Optional.of(new DecisionValue.Moment(1_700_000_000)), "bo")
                .decide(new DecisionSubject.Apart("a.handin"), Optional.of(new DecisionValue.Yes()), "bo")
                .decide(new DecisionSubject.Alone("read", "pim"), Optional.of(new DecisionValue.Yes(Optional.of(GROUND))), "bo")
                .decide(new DecisionSubject.Marks("read", new DecisionScope.All()),
                Optional.of(new DecisionValue.Points(2, GROUND)), "bo")
                .decide(new DecisionSubject.Marks("read", new DecisionScope.All()), Optional.empty(), "ann");
        Path file = folder.resolve("kelp.marks");
        new MarksFile("Kelp", marking, List.of()).write(file);
        assertThat(done(MarksFile.read(file))).isEqualTo(new MarksFile("Kelp", marking, List.of()));
        assertThat(Files.readAllLines(file)).hasSize(1 + marking.all().size());
    }

    @Test
    void aLineThatIsNotUnderstoodIsKeptAndSpoilsNoOther() throws IOException {
        Path file = folder.resolve("kelp.marks");
        new MarksFile("Kelp", NONE.decide(new DecisionSubject.Due(), Optional.of(new DecisionValue.Moment(5)), "ann"), List.of())
                .write(file);
        List<String> lines = new ArrayList<>(Files.readAllLines(file));
        lines.add(1, "{\"matter\":{\"kind\":\"grade\",\"letter\":\"A\"},\"by\":\"cy\"}");
        lines.add("torn {");
        lines.add("{\"matter\":{\"kind\":\"due\"},\"value\":{\"kind\":\"points\",\"marks\":-1},"
                + "\"by\":\"ann\",\"count\":1,\"over\":{}}");
        Files.write(file, lines);
        MarksFile read = done(MarksFile.read(file));
        assertThat(read.marking().value(new DecisionSubject.Due())).contains(new DecisionValue.Moment(5));
        assertThat(read.strange()).hasSize(3);
        read.write(file);
        assertThat(Files.readAllLines(file)).containsExactlyInAnyOrderElementsOf(lines);
    }

    @Test
    void whatIsNoMarkingIsRefusedWithAReason() throws IOException {
        Path file = Files.writeString(folder.resolve("x.marks"), "hello");
        assertThat(MarksFile.read(file)).isInstanceOf(Result.Refused.class);
        Files.writeString(file, "");
        assertThat(((Result.Refused<MarksFile>) MarksFile.read(file)).message()).contains("not a marking");
        Files.writeString(file, "{\"format\":\"hestra-marking\",\"version\":99,\"exercise\":\"k\",\"title\":\"K\"}");
        assertThat(((Result.Refused<MarksFile>) MarksFile.read(file)).message()).contains("newer Hestra");
        Files.writeString(file, "{\"format\":\"hestra-marking\",\"version\":1}");
        assertThat(((Result.Refused<MarksFile>) MarksFile.read(file)).message()).contains("damaged");
    }

    @Test
    void namesAndAnswersOfStrangersDoNoHarmAnywhere() throws IOException {
        handIn("a.handin", SCRIPT, SCRIPT, "A blade <img src=x onerror=alert(1)> grows 0.52 cm \u202egnol.");
        handIn("b.handin", FORMULA, "0.52", FORMULA);
        handIn("c.handin", "\u202eneff \u200badI", "0.52", "x");
        ClassWork work = work(NONE);
        assertThat(work.roll().students()).extracting(Student::name).doesNotContain("\u202e").contains("neff adI");
        assertThat(Gradebook.csv(work, ClassList.NONE).lines()
                .map(line -> line.charAt(0) == '"' ? line.charAt(1) : line.charAt(0))).doesNotContain('=');
        Path book = folder.resolve("marks.xlsx");
        Gradebook.write(work, ClassList.NONE, book);
        try (XSSFWorkbook workbook = new XSSFWorkbook(new ByteArrayInputStream(Files.readAllBytes(book)))) {
            Sheet sheet = workbook.getSheetAt(0);
            sheet.forEach(row -> row.forEach(cell -> assertThat(cell.getCellType()).isNotEqualTo(CellType.FORMULA)));
            assertThat(sheet.getRow(2).getCell(1).getCellType()).isEqualTo(CellType.NUMERIC);
        }
        ClassKey key = ClassKey.of(EXERCISE);
        String ofClass = HtmlPage.of(ClassPage.of(ClassResult.of(work), "today", true));
        assertThat(ofClass).doesNotContain("<script>alert").contains("&lt;script&gt;");
        Path back = folder.resolve("back");
        List<Path> pages = new GiveBack(work, key, true, "today")
                .write(folder.resolve("hands"), back, EnumSet.allOf(GiveBack.Form.class), Paper.A4, Progress.UNWATCHED).files();
        assertThat(pages).hasSize(6).allSatisfy(page -> assertThat(page.getParent()).isEqualTo(back));
        for (Path page : pages) {
            if (page.toString().endsWith(".html")) {
                assertThat(Files.readString(page)).doesNotContain("<script>alert")
                        .doesNotContain("<img src=x").doesNotContain("\u202e");
            } else {
                try (var pdf = Loader.loadPDF(page.toFile())) {
                    assertThat(pdf.getDocumentCatalog().getOpenAction()).isNull();
                    assertThat(new PDFTextStripper().getText(pdf)).contains("of 8 marks");
                }
            }
        }
    }

    @Test
    void whatAStudentGetsBackSaysWhatThePersonDecided() throws IOException {
        handIn("ida.handin", "Ida Fenn", "0.9", "On average a blade gets 0.515 cm longer with each day.");
        ClassWork first = work(NONE);
        Student ida = first.roll().students().getFirst();
        Marking marking = give(first, new DecisionScope.Group(ida.marked().at("read").group()), 2, "ann")
                .decide(new DecisionSubject.Wording("c"), Optional.of(new DecisionValue.Comment("0.9 will do this time", 0.5)),
                "ann")
                .decide(new DecisionSubject.Said("read", new DecisionScope.One(ida.key()), "c"),
                Optional.of(new DecisionValue.Yes()), "ann")
                .decide(new DecisionSubject.Wording("w"), Optional.of(new DecisionValue.Comment("A careful piece of work.", 0)),
                "ann")
                .decide(new DecisionSubject.Said("", new DecisionScope.One(ida.key()), "w"), Optional.of(new DecisionValue.Yes()),
                "ann");
        ClassWork work = work(marking);
        Path back = folder.resolve("back");
        new GiveBack(work, ClassKey.of(EXERCISE), true, "3 May 2026")
                .write(folder.resolve("hands"), back, EnumSet.of(GiveBack.Form.HTML), Paper.A4, Progress.UNWATCHED);
        String page = Files.readString(back.resolve("Kelp, Ida Fenn.html"));
        assertThat(page).contains("Ida Fenn").contains("1.5 of 2 marks").contains("0.9 will do this time (−0.5 marks)")
                .contains("A careful piece of work.").contains("The answer: 0.52").contains("still to be read")
                .contains("7.5 of 8 marks").contains("3 May 2026");
        assertThat(page).as("what Hestra said was overruled").doesNotContain("This is not the slope");
        assertThat(HtmlPage.of(new GiveBack(work, ClassKey.of(EXERCISE), false, "")
                .page(work.roll().students().getFirst(), done(HandInFile.read(folder.resolve("hands").resolve("ida.handin"))))))
                .doesNotContain("The answer:");
    }

    @Test
    void aChangedExerciseInAHandInChangesNothing() throws IOException {
        Exercise easier = EXERCISE.withFirst(part -> part.withData(Kelp.table()
                .withCell(0, 1, Cell.of("99", DecimalMark.POINT))));
        Worked.handIn(easier.withTexts("You have won", "", "All right!"), folder.resolve("hands").resolve("a.handin"),
                new Edit.Name("Ida"), new Edit.Draft("read", new Answer.Typed("-11.5")), new Edit.Check("read"));
        ClassWork work = work(NONE);
        assertThat(work.total(work.roll().students().getFirst())).isZero();
        assertThat(work.roll().students().getFirst().handedIn().note()).contains("differs from yours");
        String page = HtmlPage.of(new GiveBack(work, ClassKey.of(EXERCISE), true, "")
                .page(work.roll().students().getFirst(), done(HandInFile.read(folder.resolve("hands").resolve("a.handin")))));
        assertThat(page).doesNotContain("You have won").doesNotContain("All right!").contains("The answer: 0.52");
    }

    @Test
    void anExerciseThatHasLostATaskStillMarksTheRest() throws IOException {
        handIn("a.handin", "Ida", "0.52", "x");
        Exercise shorter = EXERCISE.withFirst(part -> part.withoutBlock("explain"));
        ClassWork work = done(HandIns.ofFolder(folder.resolve("hands"), Optional.of(shorter), _ -> NONE));
        assertThat(work.total(work.roll().students().getFirst())).isEqualTo(2);
        assertThat(work.roll().students().getFirst().handedIn().note())
                .isEqualTo("It answers 1 task that your exercise no longer has.");
    }

    @Test
    void theGradebookIsInTheOrderOfAListAndNobodyIsLeftOut() throws IOException {
        handIn("a.handin", "Ida Fenn", "0.52", "x");
        handIn("b.handin", "Tove Marsh", "7", "x");
        Files.writeString(folder.resolve("hands").resolve("c.handin"), "broken");
        List<List<String>> records = Gradebook.records(work(NONE), ClassList.of(List.of("Tove Marsh", "Pim Oster", "IDA fenn")));
        assertThat(records).extracting(List::getFirst).containsExactly("name", "Tove Marsh", "Pim Oster", "Ida Fenn", "c.handin");
        assertThat(records.get(2)).endsWith("", "8", "nothing handed in");
        assertThat(records.get(3).get(1)).isEqualTo("2");
        assertThat(records.get(1).get(1)).isEqualTo("0");
        assertThat(records.get(3).getLast()).contains("still to be read");
    }

    @Test
    void aFolderFullOfOtherThingsIsNoTrouble() throws IOException {
        Path many = Files.createDirectories(folder.resolve("hands"));
        for (int i = 0; i < 10_000; i++) {
            Files.createFile(many.resolve("photo-" + i + ".jpg"));
        }
        assertThat(done(HandIns.in(many))).isEmpty();
        handIn("a.handin", "Ida", "0.52", "x");
        assertThat(done(HandIns.in(many))).hasSize(1);
        assertThat(work(NONE).roll().students()).hasSize(1);
    }

    /** Of an exercise that was changed after it was given out: what was answered is what stood there then. */
    @Test
    void aCopyThatDiffersFromOnesOwnIsToldAndNoOther() throws IOException {
        handIn("a.handin", "Ida", "0.52", "x");
        Map<String, Exercise> others = Map.of("mark", EXERCISE.with(DecimalMark.COMMA),
                "data", EXERCISE.withFirst(part -> part.withTableEdited(new TableEdit.Type(3, 1, "77"),
                        EXERCISE.mark())),
                "title", EXERCISE.withTexts("Kelp again", EXERCISE.place(), EXERCISE.heading()));
        for (Map.Entry<String, Exercise> other : others.entrySet()) {
            Worked.handIn(other.getValue(), folder.resolve("hands").resolve(other.getKey() + ".handin"),
                    new Edit.Name(other.getKey()));
        }
        Map<String, Boolean> told = work(NONE).roll().students().stream().collect(Collectors.toMap(Student::name,
                it -> it.handedIn().note().contains("Its copy of the exercise differs from yours")));
        assertThat(told).as("a title asks nothing").isEqualTo(Map.of("Ida", false, "mark", true, "data", true, "title", false));
    }

    @Test
    void aHandInThatIsTooLargeSaysSoAndStopsNothing() throws IOException {
        handIn("a.handin", "Ida", "0.52", "x");
        Path large = handIn("b.handin", "Pim", "0.52", "x");
        Map<String, String> entries = new HashMap<>(done(Archive.read(large)).entries());
        char[] much = new char[33 * 1024 * 1024];
        Arrays.fill(much, ' ');
        entries.put("work.json", entries.get("work.json") + new String(much));
        new Archive(entries).write(large, Archive.MOST_BYTES);
        ClassWork work = work(NONE);
        assertThat(work.roll().students().size() + work.roll().asides().size()).isEqualTo(2);
        assertThat(work.roll().students()).extracting(Student::name).contains("Ida");
    }

    @Test
    void aDiskThatIsFullWhileGivingBackIsToldAndWhatWasWrittenStays() throws IOException {
        handIn("a.handin", "Ida", "0.52", "x");
        Path blocked = Files.writeString(folder.resolve("back"), "a file where the folder should be");
        ClassWork work = work(NONE);
GiveBack.Written written = new GiveBack(work, ClassKey.of(EXERCISE), true, "")
        .write(folder.resolve("hands"), blocked, EnumSet.of(GiveBack.Form.HTML), Paper.A4, Progress.UNWATCHED);
        assertThat(written.files()).isEmpty();
        assertThat(written.failures()).singleElement().asString().startsWith("Ida: the page could not be written");
        assertThat(Files.readString(blocked)).startsWith("a file where");
    }

    @Test
    void whatFailsForOneStudentIsListedAndTheOthersGetTheirPages() throws IOException {
        handIn("a.handin", "Ida", "0.52", "x");
        handIn("b.handin", "\ud83d\udc1a".repeat(80), "0.52", "x");
        handIn("c.handin", "Tove " + "\u6d77".repeat(90), "0.52", "x");
        ClassWork work = work(NONE);
        Files.delete(folder.resolve("hands").resolve("a.handin"));
        GiveBack.Written written = new GiveBack(work, ClassKey.of(EXERCISE), true, "")
                .write(folder.resolve("hands"), folder.resolve("back"), EnumSet.of(GiveBack.Form.HTML), Paper.A4,
                        Progress.UNWATCHED);
        assertThat(written.files()).as("names are cut by bytes").hasSize(2).allMatch(Files::exists);
        assertThat(written.failures()).singleElement().asString().startsWith("Ida: ");
    }

    @Test
    void claimsThatCannotBeArePointedOut() {
        long now = 1_790_000_000;
        StudentAnswers.Copied copy = new StudentAnswers.Copied(1, 0, "Ida Fenn");
        assertThat(HandIns.doubts(script("ida  FENN", copy, now), Issue.NONE, now)).isEmpty();
        assertThat(HandIns.doubts(script("Pim", copy, now), Issue.NONE, now)).singleElement().asString()
                .contains("the copy made for Ida Fenn");
        assertThat(HandIns.doubts(script("Ida Fenn", copy, 253_402_300_799L), Issue.NONE, now)).singleElement().asString()
                .contains("has not come yet");
        assertThat(HandIns.doubts(script("Ida Fenn", copy, now + 3600), Issue.NONE, now)).as("clocks differ").isEmpty();
    }

    @Test
    void aVariantThatWasMadeForAnotherIsPointedOut() {
        long now = 1_790_000_000;
        Edition edition = new Edition(1, 4, 7, Map.of(), EXERCISE.parts()).with(ClassList.of(List.of("Ida Fenn", "Roon, Tavi")));
        Issue given = Issue.NONE.publishing(edition);
        assertThat(HandIns.doubts(script("Ida Fenn", new StudentAnswers.Copied(1, 1, ""), now), given, now))
                .as("the name was taken out of the copy").isEmpty();
        assertThat(HandIns.doubts(script("tavi roon", new StudentAnswers.Copied(1, 2, ""), now), given, now)).isEmpty();
        assertThat(HandIns.doubts(script("Ida Fenn", new StudentAnswers.Copied(1, 2, ""), now), given, now))
                .containsExactly("Variant 2 was made for Roon, Tavi.");
        assertThat(HandIns.doubts(script("Ida Fenn", new StudentAnswers.Copied(1, 2, "Ida Fenn"), now), given, now))
                .as("both put right but the variant").containsExactly("Variant 2 was made for Roon, Tavi.");
        assertThat(HandIns.doubts(script("Ida Fenn", new StudentAnswers.Copied(1, 4, ""), now), given, now))
                .containsExactly("Variant 1 was made for Ida Fenn, and this is variant 4.");
        assertThat(HandIns.doubts(script("Pim", new StudentAnswers.Copied(1, 4, ""), now), given, now))
                .as("a numbered copy for anybody").isEmpty();
        assertThat(HandIns.doubts(script("Pim", new StudentAnswers.Copied(1, 5, ""), now), given, now))
                .containsExactly("No variant 5 of edition 1 was given out.");
        assertThat(HandIns.doubts(script("Ida Fenn", new StudentAnswers.Copied(2, 9, ""), now), given, now))
                .as("nothing is known of that edition").isEmpty();
    }

    /** A number and a group come in with the list, stand in the exercise and in Mark, and come out in the gradebook. */
    @Test
    void whatElseAListSaysComesOutAgain() throws IOException {
        handIn("a.handin", "Ida Fenn", "0.52", "x");
        ClassList list = ((Result.Done<NameList>) NameList.of("number\tname\tgroup\n007\tRoon, Tavi\tA\n4711\tIda Fenn\tB\n"))
                .value().list();
        assertThat(list.headings()).containsExactly("number", "group");
        Exercise given = EXERCISE.with(EXERCISE.issue().publishing(new Edition(1, 2, 7, Map.of(), EXERCISE.parts()).with(list)));
        ClassWork work = ((Result.Done<ClassWork>) HandIns.ofFolder(folder.resolve("hands"), Optional.of(given),
                it -> Marking.none(it.id()))).value();
        List<List<String>> records = Gradebook.records(work, ClassList.NONE);
        assertThat(records.getFirst()).startsWith("name", "number", "group");
        assertThat(records.get(1)).startsWith("Roon, Tavi", "007", "A").endsWith("nothing handed in");
        assertThat(records.get(2)).startsWith("Ida Fenn", "4711", "B", "2");
        assertThat(work.listed(work.roll().students().getFirst())).isEqualTo("number 4711, group B");
        assertThat(Gradebook.records(work, ClassList.of(List.of("Ida Fenn"))).getFirst())
                .as("another list has what it says").doesNotContain("number");
        ExerciseFile.write(given, folder.resolve("own.hestra"));
        assertThat(ExerciseFile.read(folder.resolve("own.hestra"))).isEqualTo(Result.done(given));
    }

    /** Two of one name on a list are told apart by the variants that were made for them. */
    @Test
    void twoOfOneNameKeepTheirOwnLines() throws IOException {
        ClassList list = ((Result.Done<NameList>) NameList.of("name,number\nIda Fenn,1\nPim,2\nIda Fenn,3\n")).value().list();
        Exercise plain = EXERCISE.with(Optional.<Copy>empty());
        Publication publication = Publication.write(plain, new Publication.Readers.Named(list), folder.resolve("copies"),
                Progress.UNWATCHED);
        Exercise own = new ExerciseEdit.Publish(publication.edition()).appliedTo(plain);
        Path hands = Files.createDirectories(folder.resolve("hands"));
        for (int i : new int[] {2, 0}) {
            Exercise copy = ((Result.Done<Exercise>) ExerciseFile.read(publication.files().get(i))).value();
            Worked.handIn(copy, hands.resolve(i + ".handin"), new Edit.Draft("read", new Answer.Typed(i == 2 ? "0.52" : "7")),
                    new Edit.Check("read"), new Edit.Name("Ida Fenn"));
        }
        List<List<String>> records = Gradebook.records(((Result.Done<ClassWork>) HandIns.ofFolder(hands, Optional.of(own),
                it -> Marking.none(it.id()))).value(), ClassList.NONE);
        assertThat(records.get(1)).startsWith("Ida Fenn (1)", "1", "0");
        assertThat(records.get(2)).startsWith("Pim", "2").endsWith("nothing handed in");
        assertThat(records.get(3)).startsWith("Ida Fenn (2)", "3", "2");
        assertThat(records).hasSize(4);
    }

    private static StudentAnswers script(String student, StudentAnswers.Copied copy, long at) {
        return new StudentAnswers(student, "kelp", "Kelp", Optional.of(copy), Map.of(), 1,
                Optional.of(new Pace(0, at, 60, Map.of())));
    }

    @Test
    void aListByFamilyNamesFindsTheStudents() throws IOException {
        handIn("a.handin", "Bo Lindqvist", "0.52", "x");
        assertThat(Gradebook.csv(work(NONE), ClassList.of(List.of("Lindqvist, Bo"))).lines().toList()).hasSize(2).last()
                .asString().startsWith("Bo Lindqvist,2");
    }

    @Test
    void aFolderOfAnotherExerciseIsSaidInALine() throws IOException {
        handIn("a.handin", "Ida", "0.52", "x");
        Result<ClassWork> read = HandIns.ofFolder(folder.resolve("hands"), Optional.of(EXERCISE.called("another")),
                it -> Marking.none(it.id()));
        assertThat(read).isInstanceOfSatisfying(Result.Refused.class, refused -> assertThat(refused.message())
                .contains("None of the 1 hand-in").contains("another exercise"));
    }

    @Test
    void readingCanBeStoppedAndTellsHowFarItIs() throws IOException {
        for (int i = 0; i < 60; i++) {
            handIn("%02d.handin".formatted(i), "student " + i, "0.52", "x");
        }
        List<Path> files = done(HandIns.in(folder.resolve("hands")));
        List<Received> seen = new ArrayList<>();
        List<Double> shares = new ArrayList<>();
        assertThatThrownBy(() -> HandIns.of(ClassKey.of(EXERCISE)).read(files, seen::addAll, share -> {
            shares.add(share);
            return false;
        })).isInstanceOf(Progress.Stopped.class);
        assertThat(seen).hasSizeBetween(1, 59);
        assertThat(shares).hasSize(1).allMatch(share -> share > 0 && share < 1);
    }

    @Test
    void stepsOfAStrangerDoNoHarm() {
        List<Step> steps = List.of(new Step(1, new Edit.Name("x")),
                new Step(2, new WorkEdit.ChangeTable(new TableEdit.Paste(0, 0,
                        Arrays.asList((List<String>) null, List.of("1"))))), new Step(3, new Edit.Undo()));
        Replay replay = Replay.of(MarkingKey.of(EXERCISE), steps);
        assertThat(replay.whole()).isFalse();
        assertThat(replay.moments()).hasSize(1);
    }

    @Test
    void mergedMarkingsHoldTheDecisionsOfBoth() {
        MarksFile ann = new MarksFile("Kelp", NONE.decide(new DecisionSubject.Marks("read", new DecisionScope.All()),
                Optional.of(new DecisionValue.Points(1, GROUND)), "ann"), List.of("odd 1"));
        MarksFile bo = new MarksFile("Kelp", NONE.decide(new DecisionSubject.Marks("read", new DecisionScope.All()),
                Optional.of(new DecisionValue.Points(2, GROUND)), "bo"), List.of("odd 2", "odd 1"));
        assertThat(ann.with(bo).strange()).containsExactly("odd 1", "odd 2");
        assertThat(ann.with(bo).marking()).isEqualTo(bo.with(ann).marking());
        assertThat(ann.with(bo).marking().conflicts()).singleElement()
                .satisfies(conflict -> assertThat(conflict).extracting(Decision::by).containsExactly("ann", "bo"));
    }

    @Test
    void anExerciseThatIsWrittenOtherwiseIsTheSame() throws IOException {
        Path file = handIn("a.handin", "Ida", "0.52", "x");
        Map<String, String> entries = new HashMap<>(done(Archive.read(file)).entries());
        entries.put("exercise.json", entries.get("exercise.json").replace("\n", "\n "));
        new Archive(entries).write(file, Archive.MOST_BYTES);
        assertThat(work(NONE).roll().students().getFirst().handedIn().note()).isEmpty();
    }
}
