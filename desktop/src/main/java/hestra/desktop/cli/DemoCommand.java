package hestra.desktop.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;

import hestra.desk.Desk;
import hestra.desktop.demo.KelpBlades;
import hestra.desktop.demo.KelpClass;
import hestra.desktop.tour.Tour;
import hestra.desktop.window.HestraApp;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Opens the demo exercise, or goes through it without a display. */
@Command(name = "demo", description = "Open the exercise “Kelp blades” of the demo scenario.", mixinStandardHelpOptions = true)
public final class DemoCommand implements Callable<Integer> {

    private static final long SEED = 28;

    @Spec
    private CommandSpec spec;

    @Option(names = "--offscreen", paramLabel = "DIR",
            description = "Needs no display: go through the whole example and write pictures, the hand-in and a report to DIR.")
    private Path folder;

    @Option(names = "--class", description = "Open Mark on a made-up class of 28 hand-ins.")
    private boolean ofClass;

    @Override
    public Integer call() {
        if (folder != null) {
            return offscreen();
        }
        Optional<String> missing = Display.missing();
        if (missing.isPresent()) {
            spec.commandLine().getErr().println(missing.get());
            return 1;
        }
        HestraApp.show(ofClass ? demoClass() : demo());
        return 0;
    }

    /**
     * Mark on the made-up class, whose hand-ins are made where they are not there yet; what was marked of them before is found
     * again.
     */
    private static HestraApp.Start demoClass() {
        return HestraApp.Start.toMark(() -> Optional.of(Desk.open(KelpBlades.exercise())), state -> {
            Path hands = state.resolve("demo-class");
            if (!Files.exists(hands.resolve(KelpClass.BROKEN))) {
                KelpClass.write(hands, SEED);
            }
            return hands;
        });
    }

    /** The demo exercise, to be shown. */
    public static HestraApp.Start demo() {
        return new HestraApp.Start(() -> Optional.of(Desk.open(KelpBlades.exercise())), Optional.empty());
    }

    private int offscreen() {
        Display.doWithout();
        try {
            Tour.run(folder).forEach(file -> spec.commandLine().getOut().println(file));
            return 0;
        } catch (IOException e) {
            spec.commandLine().getErr().println("The example could not be written to " + folder + ": " + e.getMessage());
            return 1;
        }
    }
}
