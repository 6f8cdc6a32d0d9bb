package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.function.IntPredicate;
import java.util.stream.Stream;

import hestra.Kelp;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.Step;
import hestra.documents.file.FailingFiles;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.documents.page.GiveBack;
import hestra.documents.page.Paper;
import hestra.exercise.ClassList;
import hestra.exercise.Exercise;
import hestra.marking.ClassKey;
import hestra.marking.ClassWork;
import hestra.marking.DecisionSubject;
import hestra.marking.DecisionValue;
import hestra.marking.Marking;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * A disk of which the n-th thing that is asked fails, for every n, and one of which everything from the n-th on does: nothing is
 * ever half-written, what was there before is there as it was, what was confirmed is there, and nothing is thrown but that it
 * cannot be done.
 */
class FailingDiskTest {

    private static final int MOST = 3_000;

    @TempDir
    private Path folder;

    /** What is done on a disk that fails, and what has to be so afterwards. */
    @FunctionalInterface
    private interface Trial {
        /** Does it, and gives what is looked at when the disk is well again. */
        Afterwards on(FailingFiles disk, Path fresh) throws IOException;
    }

    /** What has to be so. */
    @FunctionalInterface
    private interface Afterwards {
        void look(String when) throws IOException;
    }

    private void forEveryPlace(Trial trial) throws IOException {
        for (IntFunction<IntPredicate> way : List.<IntFunction<IntPredicate>>of(n -> it -> it == n, n -> it -> it >= n)) {
            boolean fails = true;
            for (int n = 1; fails; n++) {
                assertThat(n).as("it comes to an end").isLessThan(MOST);
                FailingFiles disk = new FailingFiles(way.apply(n));
                Path fresh = Files.createTempDirectory(folder, "n");
                trial.on(disk, fresh).look("failing at " + n + (way.apply(n).test(n + 1) ? " and from there on" : ""));
                fails = disk.haveFailed();
            }
        }
    }

    private static List<String> names(Path where) throws IOException {
        try (Stream<Path> files = Files.list(where)) {
            return files.map(it -> it.getFileName().toString()).sorted().toList();
        }
    }

    private static <T> T done(Result<T> result) {
        assertThat(result).isInstanceOf(Result.Done.class);
        return ((Result.Done<T>) result).value();
    }

    @Test
    void anExerciseIsSavedOrIsAsItWas() throws IOException {
        Exercise before = Kelp.whole();
        Exercise after = before.withTexts("Another", "", "");
        forEveryPlace((disk, fresh) -> {
            Path file = fresh.resolve("kelp.hestra");
            ExerciseFile.write(before, file);
            boolean saved;
            try {
                ExerciseFile.write(after, disk.path(file));
                saved = true;
            } catch (IOException e) {
                saved = false;
            }
            boolean confirmed = saved;
            return when -> {
                Exercise there = done(ExerciseFile.read(file));
                assertThat(there).as(when).isIn(before, after);
                assertThat(!confirmed || there.equals(after)).as(when + ": what was confirmed is there").isTrue();
                assertThat(names(fresh).stream().filter(it -> !it.startsWith(".hestra-"))).as(when)
                        .containsExactly("kelp.hestra");
            };
        });
    }

    @Test
    void everyEditThatWasConfirmedIsInTheJournalAndNoOther() throws IOException {
        forEveryPlace((disk, fresh) -> {
            Path file = fresh.resolve("kelp.jsonl");
            try (JournalFile journal = JournalFile.open(file, Desk.open(Kelp.whole())).journal()) {
                journal.add(new Step(1, new Edit.Name("Ida")));
            }
            List<String> confirmed = new ArrayList<>(List.of("Ida"));
            try (JournalFile journal = JournalFile.open(disk.path(file), Desk.open(Kelp.whole())).journal()) {
                for (String name : List.of("Ida F", "Ida Fe", "Ida Fenn")) {
                    add(journal, name, confirmed);
                }
            } catch (IOException e) {
                assertThat(e.getMessage()).isNotBlank();
            }
            return when -> {
                JournalFile.Opened opened = JournalFile.open(file, Desk.open(Kelp.whole()));
                opened.journal().close();
                assertThat(opened.trouble()).as(when).isEmpty();
                assertThat(opened.history().present().work().student()).as(when).isEqualTo(confirmed.getLast());
                assertThat(opened.restored()).as(when).isEqualTo(confirmed.size());
            };
        });
    }

    private static void add(JournalFile journal, String name, List<String> confirmed) {
        try {
            journal.add(new Step(2, new Edit.Name(name)));
            confirmed.add(name);
        } catch (IOException e) {
            // It is held, and tried again.
            assertThat(e.getMessage()).isNotBlank();
        }
    }

    /** What cannot be read just now is neither damaged nor not there: a marking taken for that would be begun anew. */
    @Test
    void aMarkingThatCannotBeReadJustNowIsNotTakenForDamaged() throws IOException {
        Marking anns = Marking.none("kelp").decide(new DecisionSubject.LeftOut("a.handin"), Optional.of(new DecisionValue.Yes()),
                "ann");
        forEveryPlace((disk, fresh) -> {
            Path file = fresh.resolve("kelp.marks");
            KeptMarking.at(file).keep(new MarksFile("Kelp", anns, List.of()), 0);
            Optional<Result<Optional<MarksFile>>> opened;
            try {
                opened = Optional.of(KeptMarking.at(disk.path(file)).open());
            } catch (IOException e) {
                opened = Optional.empty();
            }
            Optional<Result<Optional<MarksFile>>> found = opened;
            return when -> assertThat(found.map(it -> done(it).orElseThrow().marking())).as(when).isIn(Optional.empty(),
                    Optional.of(anns));
        });
    }

    @Test
    void nobodysDecisionIsLost() throws IOException {
        Marking none = Marking.none("kelp");
        Marking anns = none.decide(new DecisionSubject.LeftOut("a.handin"), Optional.of(new DecisionValue.Yes()), "ann");
        Marking bos = none.decide(new DecisionSubject.LeftOut("b.handin"), Optional.of(new DecisionValue.Yes()), "bo");
        forEveryPlace((disk, fresh) -> {
            Path file = fresh.resolve("kelp.marks");
            KeptMarking bo = KeptMarking.at(disk.path(file));
            KeptMarking.at(file).keep(new MarksFile("Kelp", anns, List.of()), 0);
            boolean kept;
            try {
                bo.keep(new MarksFile("Kelp", bos, List.of()), 0);
                kept = true;
            } catch (IOException e) {
                kept = false;
            }
            boolean confirmed = kept;
            return when -> {
                Marking there = done(MarksFile.read(file)).marking();
                assertThat(there.all()).as(when).containsAll(anns.all());
                assertThat(!confirmed || there.all().containsAll(bos.all())).as(when).isTrue();
            };
        });
    }

    @Test
    void copiesAreWholeAndPagesAreListedWhereTheyFail() throws IOException {
        Path hands = Files.createDirectories(folder.resolve("hands"));
        Publication.Readers names = new Publication.Readers.Named(ClassList.of(List.of("Ida Fenn")));
        Publication published = Publication.write(Kelp.whole(), names, folder.resolve("copies"), Progress.UNWATCHED);
        Exercise copy = done(ExerciseFile.read(published.files().getFirst()));
        Worked.handIn(copy, hands.resolve("ida.handin"), new Edit.Name("Ida Fenn"));
        Exercise own = new ExerciseEdit.Publish(published.edition()).appliedTo(Kelp.whole());
        ClassWork work = done(HandIns.ofFolder(hands, Optional.of(own), it -> Marking.none(it.id())));
        forEveryPlace((disk, fresh) -> {
            Path out = fresh.resolve("out");
            try {
                Publication.write(Kelp.whole(), names, disk.path(out), Progress.UNWATCHED);
            } catch (IOException e) {
                assertThat(e.getMessage()).isNotBlank();
            }
            GiveBack.Written written = new GiveBack(work, ClassKey.of(own), false, "3 May 2026")
                    .write(disk.path(hands), disk.path(fresh.resolve("back")), EnumSet.of(GiveBack.Form.HTML), Paper.A4,
                            Progress.UNWATCHED);
            return when -> {
                assertThat(written.files().size() + written.failures().size()).as(when).isEqualTo(1);
                for (Path file : written.files()) {
                    assertThat(Path.of(file.toString())).as(when).isNotEmptyFile();
                }
                if (Files.exists(out)) {
                    for (String name : names(out)) {
                        assertThat(!name.endsWith(ExerciseFile.ENDING)
                                || ExerciseFile.read(out.resolve(name)) instanceof Result.Done).as(when + ": " + name).isTrue();
                    }
                }
            };
        });
    }

    @Test
    void whatCannotBeReadIsRefusedInASentence() throws IOException {
        Path hands = Files.createDirectories(folder.resolve("hands"));
        Worked.handIn(Kelp.whole(), hands.resolve("ida.handin"), new Edit.Name("Ida Fenn"));
        Worked.handIn(Kelp.whole(), hands.resolve("pim.handin"), new Edit.Name("Pim Oster"));
        forEveryPlace((disk, _) -> {
            Result<ClassWork> read = HandIns.ofFolder(disk.path(hands), Optional.of(Kelp.whole()), it -> Marking.none(it.id()));
            Result<Desk> opened = HestraFile.read(disk.path(hands.resolve("none.hestra")));
            return when -> {
                assertThat(opened).as(when).isInstanceOf(Result.Refused.class);
                if (read instanceof Result.Refused<ClassWork>(String message)) {
                    assertThat(message).as(when).isNotBlank();
                } else {
                    assertThat(done(read).roll().students().size() + done(read).roll().asides().size()).as(when).isEqualTo(2);
                }
            };
        });
    }
}
