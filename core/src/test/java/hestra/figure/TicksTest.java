package hestra.figure;

import java.util.Random;
import java.util.stream.DoubleStream;

import hestra.numbers.NumberStyle;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

class TicksTest {

    @Test
    void stepsAreOneTwoOrFiveTimesAPowerOfTen() {
        assertThat(Ticks.between(0, 60, 7).values()).containsExactly(0.0, 10.0, 20.0, 30.0, 40.0, 50.0, 60.0);
        assertThat(Ticks.between(0, 1, 6).values()).containsExactly(0.0, 0.2, 0.4, 0.6, 0.8, 1.0);
        assertThat(Ticks.between(-4, 4, 5).values()).containsExactly(-4.0, -2.0, 0.0, 2.0, 4.0);
    }

    @Test
    void ticksLieBetweenTheEndsWhateverTheEndsAre() {
        Random random = new Random(1);
        for (int i = 0; i < 500; i++) {
            double low = random.nextGaussian() * Math.pow(10, random.nextInt(12) - 6);
            double high = low + random.nextDouble() * Math.pow(10, random.nextInt(12) - 6) + Math.abs(low) * 1e-6 + 1e-9;
            Ticks ticks = Ticks.between(low, high, 2 + random.nextInt(8));
            double tolerance = ticks.step() * 1e-6;
            assertThat(ticks.values()).allMatch(tick -> tick >= low - tolerance && tick <= high + tolerance);
            for (int k = 1; k < ticks.values().size(); k++) {
                assertThat(ticks.values().get(k) - ticks.values().get(k - 1)).isEqualTo(ticks.step(), within(ticks.step() * 1e-3));
            }
        }
    }

    @Test
    void labelsHaveAsManyDecimalsAsTheStepNeeds() {
        Ticks tenths = Ticks.between(0, 0.5, 6);
        assertThat(tenths.label(0.3, NumberStyle.STANDARD)).isEqualTo("0.3");
        assertThat(Ticks.between(0, 60, 7).label(10, NumberStyle.STANDARD)).isEqualTo("10");
        assertThat(Ticks.between(-4, 4, 5).label(-2, NumberStyle.STANDARD)).isEqualTo("−2");
        assertThat(Ticks.between(0, 4e9, 5).label(2e9, NumberStyle.STANDARD)).isEqualTo("2 × 10⁹");
    }

    @Test
    void aFrameShowsAllValuesOnRoundEdges() {
        Frame frame = Frame.around(DoubleStream.of(4, 43), DoubleStream.of(7.2, 42.1));
        assertThat(frame.xLow()).isZero();
        assertThat(frame.xHigh()).isEqualTo(60);
        assertThat(frame.yHigh()).isBetween(50.0, 60.0);
    }

    @Test
    void aFrameOfNothingOneValueOrEqualValuesCanBeDrawn() {
        assertThat(Frame.around(DoubleStream.empty(), DoubleStream.empty())).isEqualTo(new Frame(0, 10, 0, 10));
        for (double value : new double[] {0, 5, -7, 1e9, 1e-9, 2026}) {
            Frame frame = Frame.around(DoubleStream.of(value), DoubleStream.of(value, value));
            assertThat(frame.xLow()).isLessThanOrEqualTo(value);
            assertThat(frame.xHigh()).isGreaterThanOrEqualTo(value);
        }
    }

    @Test
    void everyFrameHoldsItsData() {
        Random random = new Random(2);
        for (int i = 0; i < 500; i++) {
            double centre = random.nextGaussian() * Math.pow(10, random.nextInt(20) - 10);
            double spread = Math.pow(10, random.nextInt(20) - 10);
            double[] values = random.doubles(5).map(it -> centre + spread * it).toArray();
            Frame frame = Frame.around(DoubleStream.of(values), DoubleStream.of(values));
            assertThat(DoubleStream.of(values).allMatch(it -> it >= frame.xLow() && it <= frame.xHigh())).isTrue();
        }
    }

    @Test
    void zoomingKeepsThePointUnderThePointerInPlace() {
        Frame frame = new Frame(0, 60, 0, 50).zoomed(0.5, 40, 10);
        assertThat((40 - frame.xLow()) / (frame.xHigh() - frame.xLow())).isEqualTo(40.0 / 60, within(1e-12));
        assertThat(frame.yHigh() - frame.yLow()).isEqualTo(25, within(1e-12));
        assertThat(new Frame(0, 60, 0, 50).moved(5, -5)).isEqualTo(new Frame(5, 65, -5, 45));
    }

    @Test
    void zoomingStopsBeforeTheArithmeticDoes() {
        Frame frame = new Frame(1e6, 1e6 + 1, 0, 1);
        for (int i = 0; i < 400; i++) {
            frame = frame.zoomed(0.5, 1e6 + 0.3, 0.3);
        }
        assertThat(frame.xHigh()).isGreaterThan(frame.xLow());
        for (int i = 0; i < 4000; i++) {
            frame = frame.zoomed(2, 1e6, 0.3);
        }
        assertThat(frame.xHigh() - frame.xLow()).isFinite();
        assertThatThrownBy(() -> new Frame(1, 1, 0, 1)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aScaleGoesThereAndBack() {
        Scale scale = new Scale(0, 50, 400, 20);
        assertThat(scale.pixel(0)).isEqualTo(400);
        assertThat(scale.value(scale.pixel(12.5))).isEqualTo(12.5, within(1e-12));
        assertThat(scale.perPixel()).isEqualTo(50.0 / 380, within(1e-12));
    }
}
