package hestra.benchmarks;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

import hestra.desk.Desk;
import hestra.desk.OwnSheet;
import hestra.desk.SheetEdit;
import hestra.desktop.demo.ReedHeights;
import hestra.documents.page.Page;
import hestra.documents.page.PageFile;
import hestra.documents.page.Paper;
import hestra.documents.page.StudyPage;
import hestra.task.Keepable;

/** How long a report with six figures takes as each kind of file. */
public final class Reports {

    private static final int ROUNDS = 12;
    private static final int WARMING = 4;
    private static final int FIGURES = 6;

    private Reports() {}

    public static void main(String[] arguments) throws IOException {
        PrintStream out = System.out;
        Desk desk = ReedHeights.study();
        for (int i = 2; i < FIGURES; i++) {
            desk = desk.apply(new SheetEdit.Keep(OwnSheet.Spot.before(99), Keepable.FIGURE, false));
        }
        Desk study = desk;
        Path folder = Files.createTempDirectory("hestra-reports");
        for (String ending : PageFile.ENDINGS) {
            List<Long> times = new ArrayList<>();
            for (int round = 0; round < ROUNDS; round++) {
                long from = System.nanoTime();
                Page page = StudyPage.of(study, "Ida Fenn", "3 May 2026");
                PageFile.write(page, Paper.A4, folder.resolve("report" + ending));
                times.add((System.nanoTime() - from) / 1_000_000);
            }
            long cold = times.getFirst();
            List<Long> warm = times.subList(WARMING, ROUNDS).stream().sorted().toList();
            out.printf("%s: first %d ms, warm %d ms (median of %d), %d KB%n", ending, cold, warm.get(warm.size() / 2),
                    warm.size(), Files.size(folder.resolve("report" + ending)) / 1024);
        }
    }
}
