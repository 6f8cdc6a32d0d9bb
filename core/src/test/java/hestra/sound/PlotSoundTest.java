package hestra.sound;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import java.util.stream.IntStream;

import hestra.chance.Asked;
import hestra.chance.Play;
import hestra.chance.Run;
import hestra.chance.Watched;
import hestra.data.Pairs;
import hestra.figure.Frame;
import hestra.figure.Scale;
import hestra.figure.SmallPlot;
import hestra.figure.Spacing;
import hestra.fit.Curve;
import hestra.sound.PlotSound.Part;
import hestra.sound.PlotSound.Place;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What is told from the sound alone: heights, the sign of a slope, a point far from its line, the ear. */
class PlotSoundTest {

    private static final Scale X = new Scale(0, 10, 0, 1);
    private static final Scale Y = new Scale(0, 10, 0, 1);

    private static Optional<DoubleFunction<OptionalDouble>> line(double a, double b) {
        return Optional.of(x -> OptionalDouble.of(a + b * x));
    }

    /** The pitch between two times, by counting how often the louder ear's wave goes up through 0. */
    private static double pitch(Waves waves, double from, double to) {
        float[] ear = energy(waves.left(), waves, from, to) > energy(waves.right(), waves, from, to)
                ? waves.left() : waves.right();
        int first = -1;
        int last = -1;
        int ups = 0;
        for (int i = Math.max(1, (int) (from * waves.rate())); i < Math.min(ear.length, to * waves.rate()); i++) {
            if (ear[i - 1] < 0 && ear[i] >= 0) {
                first = first < 0 ? i : first;
                last = i;
                ups++;
            }
        }
        return (ups - 1.0) * waves.rate() / (last - first);
    }

    private static double energy(float[] ear, Waves waves, double from, double to) {
        double sum = 0;
        for (int i = (int) (from * waves.rate()); i < Math.min(ear.length, to * waves.rate()); i++) {
            sum += ear[i] * ear[i];
        }
        return sum;
    }

    private static List<Place> along(double a, double b) {
        return IntStream.rangeClosed(1, 9).mapToObj(x -> new Place(x, a + b * x)).toList();
    }

    @Test
    void aPileIsHighestInItsMiddleAndOursIsStruckWhereItStands() {
        Pairs pairs = Pairs.of(IntStream.range(0, 12).asDoubleStream().toArray(),
                new double[] {3, 1, 4, 1, 5, 9, 2, 6, 5, 3, 5, 8});
        Run run = (Run) Run.of(new Run.Setup(Play.SHUFFLE, pairs, new Curve.Line(), Watched.SLOPE, 4, 0.95, Optional.empty()));
        run.make(3_000);
        PlotSound pile = PlotSound.of(Asked.of(run, 3_000, 0.95));
        DoubleFunction<OptionalDouble> height = pile.curve().orElseThrow();
        assertThat(height.apply(0).orElseThrow()).isGreaterThan(2 * height.apply(run.ours()).orElseThrow());
        assertThat(pile.points()).extracting(Place::x).hasSize(3).contains(run.ours());
        Waves waves = new PlotSound(pile.x(), pile.y(), pile.points(), pile.curve(), false, List.of()).play(Part.CURVE, 4);
        assertThat(pitch(waves, 1.95, 2.05)).as("slopes of shuffles lie about 0").isGreaterThan(2 * pitch(waves, 0.35, 0.5));
    }

    /** Half way up the axis is one and a quarter octaves above 220 Hz; the ends are 220 and 220 · 2^2.5. */
    @Test
    void thePitchFollowsTheHeightOnTheAxis() {
        PlotSound plot = new PlotSound(X, Y, List.of(new Place(2, 0), new Place(5, 5), new Place(8, 10)), Optional.empty(), true,
                List.of());
        Waves waves = plot.play(Part.POINTS, 4);
        assertThat(pitch(waves, 0.8, 0.96)).isEqualTo(220, within(4.0));
        assertThat(pitch(waves, 2.0, 2.16)).isEqualTo(523.25, within(6.0));
        assertThat(pitch(waves, 3.2, 3.36)).isEqualTo(1244.5, within(12.0));
    }

    @Test
    void theSignOfTheSlopeIsHeard() {
        Waves rising = new PlotSound(X, Y, along(1, 0.8), line(1, 0.8), true, List.of()).play(Part.CURVE, 4);
        Waves falling = new PlotSound(X, Y, along(9, -0.8), line(9, -0.8), true, List.of()).play(Part.CURVE, 4);
        Waves level = new PlotSound(X, Y, along(5, 0), line(5, 0), true, List.of()).play(Part.CURVE, 4);
        assertThat(pitch(rising, 3.0, 3.4)).isGreaterThan(1.5 * pitch(rising, 0.6, 1.0));
        assertThat(pitch(falling, 3.0, 3.4)).isLessThan(pitch(falling, 0.6, 1.0) / 1.5);
        assertThat(pitch(level, 3.0, 3.4)).isEqualTo(pitch(level, 0.6, 1.0), within(2.0));
    }

    @Test
    void aPointFarFromTheLineIsHeardInTheResiduals() {
        List<Place> points = IntStream.rangeClosed(1, 9).mapToObj(x -> new Place(x, x == 6 ? 9 : 0.5 * x + 1)).toList();
        Waves waves = new PlotSound(X, Y, points, line(1, 0.5), true, List.of()).play(Part.RESIDUALS, 6);
        for (int x = 1; x <= 9; x++) {
            double heard = pitch(waves, x * 0.6, x * 0.6 + 0.06);
            assertThat(heard).as("at " + x).isEqualTo(x == 6 ? 880 : 440, within(25.0));
        }
    }

    @Test
    void aSmallPlotIsHeardOnItsOwnFrameWithTheLineThatIsDrawnInIt() {
        Pairs points = Pairs.of(new double[] {1, 5, 9}, new double[] {0, 5, 10});
        SmallPlot small = new SmallPlot("x", "y", points, Optional.of(new SmallPlot.Straight(10, -1)), new Frame(0, 10, 0, 10));
        PlotSound plot = PlotSound.of(small);
        assertThat(plot.parts()).contains(Part.BOTH).doesNotContain(Part.RESIDUALS);
        Waves line = plot.play(Part.CURVE, 4);
        assertThat(pitch(line, 3.0, 3.4)).as("the wrong line falls").isLessThan(pitch(line, 0.6, 1.0) / 1.5);
        Waves struck = plot.play(Part.POINTS, 4);
        assertThat(pitch(struck, 0.4, 0.5)).isEqualTo(220, within(6.0));
        assertThat(plot.playAll(2).seconds()).as("three parts").isBetween(7.0, 8.5);
    }

    @Test
    void leftIsHeardOnTheLeft() {
        PlotSound plot = new PlotSound(X, Y, List.of(new Place(0.5, 5), new Place(9.5, 5)), Optional.empty(), true, List.of());
        Waves waves = plot.play(Part.POINTS, 2);
        assertThat(energy(waves.left(), waves, 0, 1)).isGreaterThan(5 * energy(waves.right(), waves, 0, 1));
        assertThat(energy(waves.right(), waves, 1, 2)).isGreaterThan(5 * energy(waves.left(), waves, 1, 2));
    }

    @Test
    void manyPointsAtOnceAreNotCutOffAndManyMoreAreThinned() {
        List<Place> chord = IntStream.range(0, 3_000).mapToObj(i -> new Place(5, i % 10)).toList();
        Waves waves = new PlotSound(X, Y, chord, Optional.empty(), true, List.of(2.0, 4.0)).play(Part.POINTS, 2);
        float[] left = waves.left();
        double peak = IntStream.range(0, left.length).mapToDouble(i -> Math.abs(left[i])).max().orElseThrow();
        assertThat(peak).isBetween(0.3, 1.0);
        assertThat(new PlotSound(X, Y, chord, Optional.empty(), true, List.of()).tones(Part.POINTS, 2))
                .hasSizeLessThanOrEqualTo(PlotSound.MOST);
    }

    @Test
    void aLogarithmicAxisIsHeardAsItIsDrawn() {
        Scale log = new Scale(1, 1000, 0, 1, Spacing.LOGARITHMIC);
        PlotSound plot = new PlotSound(X, log, List.of(), Optional.empty(), true, List.of());
        assertThat(plot.pitch(Math.sqrt(1000))).as("half way up").isEqualTo(220 * Math.pow(2, 1.25), within(1e-9));
        assertThat(plot.pitch(-1)).as("what has no place is at the foot").isEqualTo(220);
    }

    @Test
    void theSamplesAreWrittenLowByteFirstLeftThenRight() {
        Waves waves = new PlotSound(X, Y, List.of(new Place(0, 5)), Optional.empty(), true, List.of()).play(Part.POINTS, 1);
        byte[] pcm = waves.pcm();
        assertThat(pcm).hasSize(waves.left().length * 4);
        int i = 100;
        int left = (pcm[4 * i] & 0xFF) | pcm[4 * i + 1] << 8;
        assertThat(left / 32767.0).isEqualTo(waves.left()[i], within(1e-4));
        assertThat(waves.seconds()).isEqualTo(0.31, within(0.02));
    }
}
