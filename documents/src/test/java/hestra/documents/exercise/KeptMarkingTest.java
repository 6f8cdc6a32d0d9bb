package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.atomic.AtomicReference;

import hestra.documents.file.Result;
import hestra.marking.DecisionSubject;
import hestra.marking.DecisionValue;
import hestra.marking.Marking;
import hestra.marking.MarkingHistory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** Two windows keep one marking: neither writes over the other. */
class KeptMarkingTest {

    @TempDir
    private Path folder;

    private static DecisionSubject matter(int i) {
        return new DecisionSubject.LeftOut("file " + i);
    }

    private static MarkingHistory decide(MarkingHistory history, int i) {
        return history.decide("leaving out", List.of(MarkingHistory.Choice.of(matter(i), new DecisionValue.Yes())));
    }

    private static MarksFile file(MarkingHistory history) {
        return new MarksFile("Kelp", history.present(), List.of());
    }

    /** Keeps the marking of a window that has heard of all that was found so far. */
    private static KeptMarking.News keep(KeptMarking place, MarkingHistory mine) throws IOException {
        return place.keep(file(mine), place.after(0).size());
    }

    private Marking read(Path file) {
        return ((Result.Done<MarksFile>) MarksFile.read(file)).value().marking();
    }

    @Test
    void whatBothDecideIsThereAndComesToTheOther() throws IOException {
        Path file = folder.resolve("markings").resolve("kelp.marks");
        KeptMarking one = KeptMarking.at(file);
        KeptMarking other = KeptMarking.at(file);
        assertThat(one.open()).isEqualTo(Result.done(Optional.empty()));
        MarkingHistory ann = decide(MarkingHistory.of(Marking.none("kelp"), "ann"), 1);
        MarkingHistory bo = decide(MarkingHistory.of(Marking.none("kelp"), "bo"), 2);
        assertThat(keep(one, ann).isNone()).isTrue();
        KeptMarking.News news = keep(other, bo);
        assertThat(news.come()).extracting(it -> it.matter()).containsExactly(matter(1));
        bo = bo.along(news.come(), news.gone());
        assertThat(read(file)).isEqualTo(bo.present());
        KeptMarking.News forAnn = one.news();
        assertThat(forAnn.come()).extracting(it -> it.matter()).containsExactly(matter(2));
        ann = ann.along(forAnn.come(), forAnn.gone());
        assertThat(ann.present()).isEqualTo(bo.present());
        assertThat(one.news().isNone()).as("said once").isTrue();
        assertThat(ann.undo().present().value(matter(2))).as("undo takes back one's own").isPresent();
    }

    @Test
    void whatIsTakenBackOutIsGoneForBoth() throws IOException {
        Path file = folder.resolve("kelp.marks");
        KeptMarking one = KeptMarking.at(file);
        KeptMarking other = KeptMarking.at(file);
        MarkingHistory brought = decide(MarkingHistory.of(Marking.none("kelp"), "cy"), 3);
        MarkingHistory ann = decide(MarkingHistory.of(Marking.none("kelp"), "ann"), 1).with(brought.present());
        keep(one, ann);
        other.open();
        MarkingHistory bo = MarkingHistory.of(read(file), "bo");
        keep(one, ann.undo());
        assertThat(read(file).value(matter(3))).as("a marking that was put in and taken out").isEmpty();
        bo = decide(bo, 2);
        KeptMarking.News news = keep(other, bo);
        assertThat(read(file).value(matter(3))).as("does not come back by the other").isEmpty();
        assertThat(bo.along(news.come(), news.gone()).present()).isEqualTo(read(file));
    }

    /** Any number of decisions of two windows, in any order: both and the file come to the same. */
    @Test
    void twoWindowsAlwaysComeToTheSame() throws IOException {
        for (int seed = 0; seed < 60; seed++) {
            Random random = new Random(seed);
            Path file = folder.resolve("kelp " + seed + ".marks");
            List<KeptMarking> kept = List.of(KeptMarking.at(file), KeptMarking.at(file));
            List<AtomicReference<MarkingHistory>> windows = new ArrayList<>();
            for (String by : List.of("ann", "bo")) {
                windows.add(new AtomicReference<>(MarkingHistory.of(Marking.none("kelp"), by)));
            }
            for (int step = 0; step < 24; step++) {
                int who = random.nextInt(2);
                AtomicReference<MarkingHistory> window = windows.get(who);
                int what = random.nextInt(8);
                window.updateAndGet(it -> what < 6 ? decide(it, what) : what == 6 ? it.undo() : it.redo());
                if (random.nextBoolean()) {
                    KeptMarking.News news = random.nextInt(3) > 0 ? keep(kept.get(who), window.get()) : kept.get(who).news();
                    window.updateAndGet(it -> it.along(news.come(), news.gone()));
                }
            }
            for (int i = 0; i < 4; i++) {
                KeptMarking.News news = keep(kept.get(i % 2), windows.get(i % 2).get());
                windows.get(i % 2).updateAndGet(it -> it.along(news.come(), news.gone()));
            }
            assertThat(windows.get(0).get().present()).as("seed %d", seed)
                    .isEqualTo(windows.get(1).get().present()).isEqualTo(read(file));
        }
    }

    /** What was found of another's is in the file, though the marking that is written was made before it was heard of. */
    @Test
    void whatIsHeardOfLateIsNotWrittenOver() throws IOException {
        Path file = folder.resolve("kelp.marks");
        KeptMarking one = KeptMarking.at(file);
        KeptMarking other = KeptMarking.at(file);
        MarkingHistory ann = decide(MarkingHistory.of(Marking.none("kelp"), "ann"), 1);
        keep(other, decide(MarkingHistory.of(Marking.none("kelp"), "bo"), 2));
        assertThat(one.news().come()).extracting(it -> it.matter()).containsExactly(matter(2));
        one.keep(file(ann), 0);
        assertThat(read(file).value(matter(1))).isPresent();
        assertThat(read(file).value(matter(2))).as("it was found, and not heard of yet").isPresent();
        assertThat(other.news().gone()).as("nobody has taken it back").isEmpty();
        assertThat(one.after(0)).singleElement().satisfies(news -> assertThat(news.come()).hasSize(1));
        assertThat(one.after(1)).isEmpty();
    }

    /** Two windows that hear late of each other and whose markings are written late: nothing that either decided is lost. */
    @Test
    void windowsThatAreSlowLoseNothing() throws IOException {
        for (int seed = 0; seed < 60; seed++) {
            Random random = new Random(seed);
            Path file = folder.resolve("slow " + seed + ".marks");
            List<Slow> windows = List.of(new Slow(KeptMarking.at(file), "ann"), new Slow(KeptMarking.at(file), "bo"));
            for (int step = 0; step < 40; step++) {
                int who = random.nextInt(2);
                Slow window = windows.get(who);
                switch (random.nextInt(4)) {
                    // Each decides on other things, so that nothing of theirs may be replaced.
                    case 0 -> window.decide(2 * random.nextInt(30) + who);
                    case 1 -> window.place.news();
                    case 2 -> window.hear();
                    default -> window.write();
                }
            }
            for (int i = 0; i < 4; i++) {
                Slow window = windows.get(i % 2);
                window.write();
                window.hear();
                window.place.news();
                window.hear();
            }
            List<Integer> all = windows.stream().flatMap(it -> it.decided.stream()).toList();
            assertThat(all).as("seed %d", seed).allSatisfy(i -> assertThat(read(file).value(matter(i))).isPresent());
            assertThat(windows).allSatisfy(it -> assertThat(it.history.present()).isEqualTo(read(file)));
        }
    }

    /** A window that writes what it has decided, and hears of what the other has, some time later. */
    private static final class Slow {
        private final KeptMarking place;
        private final List<Integer> decided = new ArrayList<>();
        private MarkingHistory history;
        private MarkingHistory unwritten;
        private int heard;
        private int heardThen;

        Slow(KeptMarking place, String by) {
            this.place = place;
            this.history = MarkingHistory.of(Marking.none("kelp"), by);
            this.unwritten = history;
        }

        void decide(int i) {
            history = KeptMarkingTest.decide(history, i);
            decided.add(i);
            unwritten = history;
            heardThen = heard;
        }

        void hear() {
            for (KeptMarking.News news : place.after(heard)) {
                heard++;
                history = history.along(news.come(), news.gone());
            }
        }

        void write() throws IOException {
            place.keep(file(unwritten), heardThen);
        }
    }
}
