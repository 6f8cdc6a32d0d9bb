package hestra.benchmarks;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import javafx.animation.AnimationTimer;
import javafx.scene.input.KeyCode;
import javafx.scene.robot.Robot;
import javafx.stage.Stage;

import hestra.desk.Desk;
import hestra.desk.Findings;
import hestra.desktop.demo.OrrinBay;
import hestra.desktop.files.OpenDesk;
import hestra.desktop.files.Settings;
import hestra.desktop.look.Look;
import hestra.desktop.look.Looks;
import hestra.desktop.tour.FxThread;
import hestra.desktop.window.MainWindow;
import hestra.documents.exercise.HestraFile;
import hestra.documents.exercise.Publication;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.documents.page.Handout;
import hestra.documents.page.Paper;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.exercise.Varying;
import hestra.exercise.Wish;
import hestra.feedback.Quantity;
import hestra.feedback.Reading;
import hestra.recipe.Parameter;
import hestra.recipe.Range;
import hestra.variants.Variant;
import hestra.variants.Variants;

/**
 * What an author waits for in Write: variants with wishes beside plain copies, a large exercise beside the demo's, a handout, and
 * the frames while a text is typed. With "typing" the last alone.
 */
public final class Workshop {

    private static final int COPIES = 200;
    private static final int TURNS = 5;
    private static final int PRINTED = 30;
    private static final int LETTERS = 200;
    private static final double MILLISECOND = 1e6;
    private static final PrintStream OUT = System.out;

    private Workshop() {}

    public static void main(String[] arguments) throws IOException {
        // Keys that are computed: sealed ones are the same work in both.
        Exercise plain = OrrinBay.sets().get(2).exercise();
        Exercise varied = plain.withFirst(part -> part.with(Varying.NONE.with(Varying.Way.NEW_DATA)
                .withRanges(List.of(new Range(Parameter.B, -0.5, -0.3)))
                .withWishes(List.of(new Wish.Between(Reading.of(Quantity.R), OptionalDouble.of(-0.85), OptionalDouble.of(-0.7)),
                new Wish.KeysClear()))));
        if (arguments.length > 0 && arguments[0].equals("typing")) {
            FxThread.start();
            FxThread.call(() -> {
                Looks.prepare();
                return null;
            });
            typing(plain);
            FxThread.stop();
            return;
        }
        List<Double> copies = new ArrayList<>();
        List<Double> variants = new ArrayList<>();
        for (int turn = 0; turn < TURNS; turn++) {
            copies.add(Times.timed(() -> published(plain)));
            variants.add(Times.timed(() -> published(varied)));
        }
        OUT.printf("%d copies written: plain %.0f ms, variants with two wishes %.0f ms, ratio %.2f (bar 2)%n", COPIES,
                Times.median(copies), Times.median(variants), Times.median(variants) / Times.median(copies));
        opening(plain);
        printing(varied);
        typing(plain);
        FxThread.stop();
    }

    private static void published(Exercise exercise) throws IOException {
        Path folder = Files.createTempDirectory("hestra-copies");
        Publication publication = Publication.write(exercise, new Publication.Readers.Count(COPIES), folder, Progress.UNWATCHED);
        if (publication.files().size() != COPIES || !publication.missed().isEmpty()) {
            throw new IllegalStateException("not all were written as wished");
        }
        for (Path file : publication.files()) {
            Files.delete(file);
        }
        Files.delete(folder);
    }

    /** From the file to all that the window shows of it: the demo exercise, and one of 40 tasks in 4 parts. */
    private static void opening(Exercise demo) throws IOException {
        List<Part> parts = new ArrayList<>();
        Exercise large = demo;
        for (int i = 0; i < 3; i++) {
            large = large.withPartAt(large.parts().size(), large.fresh(OrrinBay.sets().get(i + 1).exercise().first()));
        }
        while (large.tasks().size() < 40) {
            Part last = large.parts().getLast();
            large = large.with(last.withBlockAt(last.blocks().size(), large.fresh(last.blocks().getLast())));
        }
        parts.addAll(large.parts());
        Path small = Files.createTempFile("hestra-demo", ".hestra");
        Path big = Files.createTempFile("hestra-large", ".hestra");
        HestraFile.write(Desk.open(demo), small);
        HestraFile.write(Desk.open(large), big);
        List<Double> one = new ArrayList<>();
        List<Double> other = new ArrayList<>();
        Path state = Files.createTempDirectory("hestra-state");
        FxThread.start();
        FxThread.call(() -> {
            Looks.prepare();
            return null;
        });
        for (int turn = 0; turn < 2 * TURNS; turn++) {
            one.add(Times.timed(() -> opened(small, state)));
            other.add(Times.timed(() -> opened(big, state)));
        }
        OUT.printf("opened in Write: the demo exercise %.0f ms, %d tasks in %d parts %.0f ms, ratio %.2f (bar 1.3)%n",
                Times.median(one), large.tasks().size(), parts.size(), Times.median(other),
                        Times.median(other) / Times.median(one));
        Files.delete(small);
        Files.delete(big);
    }

    private static void opened(Path file, Path state) throws IOException {
        Desk desk = switch (HestraFile.read(file)) {
            case Result.Done<Desk>(Desk read) -> read;
            case Result.Refused<Desk>(String message) -> throw new IllegalStateException(message);
        };
        Findings.of(desk).tasks();
        Stage stage = window(desk.exercise(), state);
        FxThread.call(() -> {
            stage.getScene().getRoot().applyCss();
            stage.getScene().getRoot().layout();
            stage.hide();
            return null;
        });
    }

    private static Stage window(Exercise exercise, Path state) throws IOException {
        return FxThread.call(() -> {
            MainWindow window = new MainWindow(OpenDesk.passing(Desk.open(exercise), ""), Settings.in(state), null, new Look());
            Stage opened = new Stage();
            opened.setScene(window.scene(1280, 800));
            opened.show();
            window.show(MainWindow.View.WRITE);
            return opened;
        });
    }

    private static void printing(Exercise varied) throws IOException {
        Path file = Files.createTempFile("hestra-handout", ".pdf");
        List<Double> times = new ArrayList<>();
        for (int turn = 0; turn < TURNS; turn++) {
            times.add(Times.timed(() -> {
                List<Variant> variants = IntStream.rangeClosed(1, PRINTED)
                        .mapToObj(number -> Variants.draw(varied, number)).toList();
                Handout.write(varied, variants, List.of(), Paper.A4, file, Progress.UNWATCHED);
            }));
        }
        OUT.printf("a handout of %d variants: first %.1f s, median %.1f s, %d KB (bar 10 s)%n", PRINTED, times.getFirst() / 1000,
                Times.median(times) / 1000, Files.size(file) >> 10);
        Files.delete(file);
    }

    /** A letter each frame into the first text. */
    private static void typing(Exercise exercise) throws IOException {
        Stage stage = window(exercise, Files.createTempDirectory("hestra-state"));
        FxThread.settle();
        FxThread.call(() -> {
            stage.getScene().lookup("#write-text-1").requestFocus();
            return null;
        });
        FxThread.settle();
        CompletableFuture<List<Double>> done = new CompletableFuture<>();
        FxThread.call(() -> {
            Robot robot = new Robot();
            new AnimationTimer() {
                private final List<Double> waits = new ArrayList<>();
                private long typed;

                @Override
                public void handle(long now) {
                    if (typed > 0) {
                        waits.add((System.nanoTime() - typed) / MILLISECOND);
                    }
                    if (waits.size() >= LETTERS) {
                        stop();
                        done.complete(waits);
                        return;
                    }
                    typed = System.nanoTime();
                    robot.keyType(waits.size() % 7 == 6 ? KeyCode.SPACE : KeyCode.E);
                }
            }.start();
            return null;
        });
        List<Double> waits = done.join();
        Collections.sort(waits);
        OUT.printf("a letter typed into a text, from the key to the next frame: median %.1f ms, 95 %% below %.1f ms (bar 20)%n",
                waits.get(waits.size() / 2), waits.get(waits.size() * 95 / 100));
        FxThread.call(() -> {
            stage.hide();
            return Optional.empty();
        });
    }
}
