package hestra.desktop.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;

import hestra.desk.Desk;
import hestra.desktop.demo.KelpBlades;
import hestra.desktop.tour.Tour;
import hestra.desktop.window.HestraApp;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Opens the demo exercise, or goes through it without a display. */
@Command(name = "demo", description = "Open the exercise “Kelp blades” of the demo scenario.", mixinStandardHelpOptions = true)
public final class DemoCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Option(names = "--offscreen", paramLabel = "DIR",
            description = "Needs no display: go through the whole example and write pictures, the hand-in and a report to DIR.")
    private Path folder;

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
        HestraApp.show(demo());
        return 0;
    }

    /** The demo exercise, to be shown. */
    public static HestraApp.Start demo() {
        return new HestraApp.Start(() -> Optional.of(Desk.open(KelpBlades.exercise())), Optional.empty());
    }

    private int offscreen() {
        try {
            Tour.run(folder).forEach(file -> spec.commandLine().getOut().println(file));
            return 0;
        } catch (IOException e) {
            spec.commandLine().getErr().println("The example could not be written to " + folder + ": " + e.getMessage());
            return 1;
        }
    }
}
