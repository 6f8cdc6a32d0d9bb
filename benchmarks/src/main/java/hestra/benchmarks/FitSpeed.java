package hestra.benchmarks;

import java.io.PrintStream;
import java.util.HashMap;
import java.util.Map;

import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;

/**
 * Runs {@link Fits} and says how its times stand to one another and to their bars: medians, since another tenant of the machine
 * may take a core away for a second.
 */
public final class FitSpeed {

    private static final double MICROSECONDS = 1000;

    private FitSpeed() {}

    public static void main(String[] arguments) throws RunnerException {
        Map<String, Double> times = new HashMap<>();
        for (RunResult result : new Runner(new OptionsBuilder().include(Fits.class.getName())
                .verbosity(VerboseMode.SILENT).build()).run()) {
            String name = result.getParams().getBenchmark();
            times.put(name.substring(name.lastIndexOf('.') + 1), result.getPrimaryResult().getStatistics().getPercentile(50));
        }
        PrintStream out = System.out;
        out.printf("line, 10^6 points, R^2 0.9: %.0f us, a plain pass %.0f us, ratio %.2f (bar: at most 4)%n",
                times.get("line"), times.get("plainPass"), times.get("line") / times.get("plainPass"));
        out.printf("line, 10^6 points, R^2 0.999: %.0f us, ratio to a plain pass %.2f (bar: at most 4)%n",
                times.get("closeLine"), times.get("closeLine") / times.get("plainPass"));
        out.printf("line, 10^6 points, R^2 within 10^-14 of 1: %.0f us, ratio to a plain pass %.1f (no bar)%n",
                times.get("nearlyPerfectLine"), times.get("nearlyPerfectLine") / times.get("plainPass"));
        out.printf("one of 10^5 points moved: %.2f us, full fit %.0f us, ratio 1/%.0f (bar: at most 1/20)%n",
                times.get("refit"), times.get("fullFit"), times.get("fullFit") / times.get("refit"));
        out.printf("every family, 1,000 points: %.2f ms (bar: under 16)%n", times.get("everyFamily") / MICROSECONDS);
    }
}
