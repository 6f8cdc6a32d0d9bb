package hestra.desktop.figure;

import java.util.stream.IntStream;

import hestra.figure.Ink;
import hestra.figure.Mark;
import hestra.figure.Places;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class CloudTest {

    private static final int SIDE = 40;
    private static final double RADIUS = 2;

    private static int[] covered(double opacity, double... xy) {
        double[] xs = IntStream.range(0, xy.length / 2).mapToDouble(i -> xy[2 * i]).toArray();
        double[] ys = IntStream.range(0, xy.length / 2).mapToDouble(i -> xy[2 * i + 1]).toArray();
        return new Cloud().stamp(new Mark.Cloud(Places.of(xs, ys, xs.length), RADIUS, Ink.OBSERVED, opacity), SIDE, SIDE).clone();
    }

    private static int at(int[] pixels, int x, int y) {
        return pixels[y * SIDE + x];
    }

    @Test
    void aPointCoversTheAreaOfItsDisc() {
        for (double phase : new double[] {0, 0.2, 0.5, 0.8}) {
            double sum = IntStream.of(covered(0.5, 20 + phase, 20 - phase)).sum() / 255.0;
            assertThat(sum).as("half of pi r squared").isEqualTo(0.5 * Math.PI * RADIUS * RADIUS, within(0.35));
        }
    }

    @Test
    void whereTwoLieOnOneAnotherItIsDenserButNeverMoreThanFull() {
        int once = at(covered(0.4, 20.5, 20.5), 20, 20);
        int twice = at(covered(0.4, 20.5, 20.5, 20.5, 20.5), 20, 20);
        assertThat(once / 255.0).isEqualTo(0.4, within(0.01));
        assertThat(twice / 255.0).as("1 less 0.6 squared").isEqualTo(0.64, within(0.015));
        double[] many = IntStream.range(0, 400).mapToDouble(_ -> 20.5).toArray();
        assertThat(IntStream.of(covered(0.4, many)).max().orElseThrow()).isBetween(250, 255);
    }

    @Test
    void atTheEdgeAPointIsCutOffAndComesOutNowhereElse() {
        int[] left = covered(1, 0.5, 20.5);
        assertThat(at(left, 0, 20)).isEqualTo(255);
        assertThat(IntStream.range(0, SIDE * SIDE).filter(i -> left[i] > 0))
                .allMatch(i -> i % SIDE <= 3 && Math.abs(i / SIDE - 20) <= 3);
        int[] corner = covered(1, SIDE - 0.5, SIDE - 0.5);
        assertThat(at(corner, SIDE - 1, SIDE - 1)).isEqualTo(255);
        assertThat(IntStream.range(0, SIDE * SIDE).filter(i -> corner[i] > 0))
                .allMatch(i -> i % SIDE >= SIDE - 4 && i / SIDE >= SIDE - 4);
    }

    @Test
    void aCloudIsDrawnAnewEachTime() {
        Cloud cloud = new Cloud();
        cloud.stamp(new Mark.Cloud(Places.of(new double[] {5.5}, new double[] {5.5}, 1), RADIUS, Ink.OBSERVED, 1), SIDE, SIDE);
        int[] second = cloud.stamp(new Mark.Cloud(Places.of(new double[] {30.5}, new double[] {30.5}, 1), RADIUS, Ink.OBSERVED,
                1), SIDE, SIDE);
        assertThat(at(second, 5, 5)).isZero();
        assertThat(at(second, 30, 30)).isEqualTo(255);
    }
}
