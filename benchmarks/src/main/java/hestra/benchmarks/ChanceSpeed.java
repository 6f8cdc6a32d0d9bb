package hestra.benchmarks;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;

/** Runs {@link Shuffles} and says how its times stand to one another and to their bars: medians. */
public final class ChanceSpeed {

    private ChanceSpeed() {}

    public static void main(String[] arguments) throws RunnerException {
        Map<String, Double> times = new HashMap<>();
        for (RunResult result : new Runner(new OptionsBuilder().include(Shuffles.class.getName())
                .verbosity(VerboseMode.SILENT).build()).run()) {
            String name = result.getParams().getBenchmark();
            times.put(name.substring(name.lastIndexOf('.') + 1) + result.getParams().getParam("pairs"),
                    result.getPrimaryResult().getStatistics().getPercentile(50));
        }
        for (String pairs : List.of("100", "10000")) {
            double bare = times.get("bareDeals" + pairs);
            System.out.printf("10,000 draws of %s pairs: shuffle %.0f ms, %.2f of bare deals; draw again %.0f ms, %.2f of these "
                    + "(bar of shuffles: %s)%n", pairs, times.get("shuffle" + pairs), times.get("shuffle" + pairs) / bare,
                    times.get("drawAgain" + pairs), times.get("drawAgain" + pairs) / bare, pairs.equals("100") ? "60 ms" : "5 s");
        }
    }
}
