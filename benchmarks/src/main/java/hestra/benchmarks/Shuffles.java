package hestra.benchmarks;

import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;

import hestra.chance.Play;
import hestra.chance.Run;
import hestra.chance.Watched;
import hestra.data.Pairs;
import hestra.fit.Curve;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Ten thousand draws of chance beside as many bare deals of an array. */
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 7, time = 1)
@Fork(value = 1, jvmArgsAppend = {"-XX:+UseSerialGC", "--sun-misc-unsafe-memory-access=allow"})
@State(Scope.Benchmark)
public class Shuffles {

    static final int DRAWS = 10_000;

    @Param({"100", "10000"})
    private int pairs;
    private double[] x;
    private double[] y;
    private Pairs data;

    @Setup
    public void data() {
        Random random = new Random(4);
        x = random.doubles(pairs, 0, 10).toArray();
        y = Arrays.stream(x).map(it -> it + random.nextGaussian()).toArray();
        data = Pairs.of(x, y);
    }

    @Benchmark
    public Run shuffle() {
        return made(Play.SHUFFLE);
    }

    @Benchmark
    public Run drawAgain() {
        return made(Play.DRAW_AGAIN);
    }

    private Run made(Play play) {
        Run run = (Run) Run.of(new Run.Setup(play, data, new Curve.Line(), Watched.SLOPE, 1, 0.95, Optional.empty()));
        run.make(DRAWS);
        return run;
    }

    /** The reference: the deals alone, from one stream. */
    @Benchmark
    public double bareDeals() {
        SplittableRandom random = new SplittableRandom(1);
        double sum = 0;
        double[] dealt = y.clone();
        for (int draw = 0; draw < DRAWS; draw++) {
            for (int i = dealt.length - 1; i > 0; i--) {
                int other = random.nextInt(i + 1);
                double kept = dealt[other];
                dealt[other] = dealt[i];
                dealt[i] = kept;
            }
            sum += dealt[0];
        }
        return sum;
    }
}
