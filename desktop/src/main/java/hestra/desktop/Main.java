package hestra.desktop;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.Callable;

import hestra.desktop.cli.DemoCommand;
import hestra.desktop.cli.FitCommand;
import hestra.desktop.cli.MarkCommand;
import hestra.desktop.cli.OpenCommand;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** The command line. Without a command, the desk opens where it was left. */
@Command(name = "hestra", description = "Interactive exercises on two measured variables.",
        mixinStandardHelpOptions = true, version = "Hestra 0.1",
        subcommands = {DemoCommand.class, OpenCommand.class, MarkCommand.class, FitCommand.class})
public final class Main implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    public static void main(String[] arguments) {
        System.exit(commandLine(new PrintWriter(System.out, true, StandardCharsets.UTF_8),
                new PrintWriter(System.err, true, StandardCharsets.UTF_8)).execute(arguments));
    }

    /** The commands, with what they print going here: exit code 0, 1 where a thing cannot be done, 2 for wrong usage. */
    public static CommandLine commandLine(PrintWriter out, PrintWriter err) {
        return new CommandLine(new Main()).setOut(out).setErr(err);
    }

    @Override
    public Integer call() {
        return spec.subcommands().get("open").execute();
    }
}
