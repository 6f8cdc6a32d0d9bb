package hestra.benchmarks;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import hestra.data.TableEdit;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.Step;
import hestra.desk.WorkEdit;
import hestra.desktop.demo.KelpBlades;
import hestra.documents.exercise.ExerciseFile;
import hestra.documents.exercise.JournalFile;
import hestra.documents.exercise.JournalSummary;
import hestra.exercise.Block;

/**
 * How large the journal of a term's work becomes and how long it takes to open and to be listed among recent work: a text of
 * 20,000 letters that is typed at five a second, written at each pause, as the window does, and 2,000 cells. Opening is also told
 * as a multiple of opening the exercise's file.
 */
public final class TermsWork {

    private static final int LETTERS = 20_000;
    private static final int AT_ONCE = 4;
    private static final int CELLS = 2_000;
    private static final int ROUNDS = 7;

    private TermsWork() {}

    public static void main(String[] arguments) throws IOException {
        PrintStream out = System.out;
        Path folder = Files.createTempDirectory("hestra-term");
        Path file = folder.resolve("kelp.jsonl");
        Desk begun = Desk.open(KelpBlades.exercise());
        StringBuilder text = new StringBuilder();
        try (JournalFile journal = JournalFile.open(file, begun).journal()) {
            for (int i = 0; i < LETTERS; i += AT_ONCE) {
                text.append(i % 60 == 0 ? ".\n\nIt" : " kelp".substring(0, AT_ONCE));
                journal.add(new Step(i, new ExerciseEdit.ChangeBlock(new Block.Prose("text-1", text.toString()),
                        Optional.of("run " + i / 100))));
            }
            for (int i = 0; i < CELLS; i++) {
                journal.add(new Step(LETTERS + i, new Edit.InPart("part-1",
                        new WorkEdit.ChangeTable(new TableEdit.Type(i % 20, 1, Integer.toString(i))))));
            }
        }
        Path saved = folder.resolve("kelp.exercise");
        ExerciseFile.write(begun.exercise(), saved);
        double reference = median(() -> ExerciseFile.read(saved));
        double opening = median(() -> JournalFile.resume(file).journal().close());
        double listing = median(() -> JournalSummary.of(file));
        out.printf("the journal: %,d KB; opened in %.0f ms, %.1f x opening the exercise's file (%.1f ms); "
                + "listed in %.2f ms (bars: 5,000 KB and 1,000 ms)%n",
                Files.size(file) / 1024, opening, opening / reference, reference, listing);
    }

    private static double median(Times.Work work) throws IOException {
        List<Double> times = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            times.add(Times.timed(work));
        }
        return Times.median(times);
    }
}
