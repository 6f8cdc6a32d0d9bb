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
        assertThat(one.keep(file(ann)).isNone()).isTrue();
        KeptMarking.News news = other.keep(file(bo));
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
        one.keep(file(ann));
        other.open();
        MarkingHistory bo = MarkingHistory.of(read(file), "bo");
        one.keep(file(ann.undo()));
        assertThat(read(file).value(matter(3))).as("a marking that was put in and taken out").isEmpty();
        bo = decide(bo, 2);
        KeptMarking.News news = other.keep(file(bo));
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
                    KeptMarking.News news = random.nextInt(3) > 0 ? kept.get(who).keep(file(window.get())) : kept.get(who).news();
                    window.updateAndGet(it -> it.along(news.come(), news.gone()));
                }
            }
            for (int i = 0; i < 4; i++) {
                KeptMarking.News news = kept.get(i % 2).keep(file(windows.get(i % 2).get()));
                windows.get(i % 2).updateAndGet(it -> it.along(news.come(), news.gone()));
            }
            assertThat(windows.get(0).get().present()).as("seed %d", seed)
                    .isEqualTo(windows.get(1).get().present()).isEqualTo(read(file));
        }
    }
}
