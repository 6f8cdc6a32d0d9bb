package hestra.desktop;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;

import hestra.desktop.cli.CheckCommand;
import hestra.desktop.cli.DemoCommand;
import hestra.desktop.cli.Display;
import hestra.desktop.cli.FitCommand;
import hestra.desktop.cli.HandoutCommand;
import hestra.desktop.cli.JudgeCommand;
import hestra.desktop.cli.MarkCommand;
import hestra.desktop.cli.OpenCommand;
import hestra.desktop.cli.ReportCommand;
import hestra.desktop.cli.VariantsCommand;
import hestra.desktop.files.Version;
import hestra.desktop.window.HestraApp;
import org.slf4j.LoggerFactory;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** The command line. Without a command, the desk opens where it was left. */
@Command(name = "hestra", description = "Interactive exercises on two measured variables.",
        mixinStandardHelpOptions = true, versionProvider = Main.Told.class,
        subcommands = {DemoCommand.class, OpenCommand.class, MarkCommand.class, JudgeCommand.class, CheckCommand.class,
                VariantsCommand.class, HandoutCommand.class, FitCommand.class, ReportCommand.class})
public final class Main implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(arity = "0..1", paramLabel = "FILE",
            description = "data (.csv, .xlsx, .ods, text) to look at, or an exercise, a study or a hand-in to open")
    private Path file;

    public static void main(String[] arguments) {
        System.exit(isWindow(arguments) ? window(arguments)
                : commandLine(new PrintWriter(System.out, true, StandardCharsets.UTF_8),
                        new PrintWriter(System.err, true, StandardCharsets.UTF_8)).execute(arguments));
    }

    /**
     * Whether the arguments plainly ask for a window. Such a start does not go through the command line's library, which
     * takes a third of a second to load: a person is waiting. Whatever is less plain goes the usual way.
     */
    private static boolean isWindow(String[] arguments) {
        return Display.missing().isEmpty() && (arguments.length == 0 || arguments.length == 1 && arguments[0].equals("demo"));
    }

    private static int window(String[] arguments) {
        HestraApp.show(arguments.length == 0 ? OpenCommand.last() : DemoCommand.demo());
        return 0;
    }

    /** The commands, with what they print going here: exit code 0, 1 where a thing cannot be done, 2 for wrong usage. */
    public static CommandLine commandLine(PrintWriter out, PrintWriter err) {
        // What goes wrong and is foreseen nowhere ends in a sentence too, and in the log of who asks for all of it.
        return new CommandLine(new Main()).setOut(out).setErr(err).setExecutionExceptionHandler((failure, command, _) -> {
            LoggerFactory.getLogger(Main.class).debug("{} failed", command.getCommandName(), failure);
            command.getErr().println("This could not be done: " + Optional.ofNullable(failure.getMessage())
                    .filter(it -> !it.isBlank()).orElse(failure.getClass().getSimpleName()) + ".");
            return 1;
        });
    }

    /** What {@code --version} says. */
    static final class Told implements CommandLine.IVersionProvider {

        @Override
        public String[] getVersion() {
            return Version.here().lines().toArray(String[]::new);
        }
    }

    @Override
    public Integer call() {
        if (file != null && !Files.exists(file) && !file.toString().contains(".")) {
            throw new CommandLine.ParameterException(spec.commandLine(),
                    "There is no command and no file called “" + file + "”.");
        }
        return spec.subcommands().get("open").execute(file == null ? new String[0] : new String[] {file.toString()});
    }
}
