package hestra.figure;

import java.util.Random;
import java.util.stream.DoubleStream;

import hestra.data.Variable;
import hestra.numbers.NumberStyle;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

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
                assertThat(ticks.values().get(k) - ticks.values().get(k - 1))
                        .isEqualTo(ticks.step(), within(ticks.step() * 1e-3));
            }
        }
    }

    @Test
    void theStepIsTheRoundOneThatIsNearest() {
        double[][] steps = {{1.49, 1}, {1.51, 2}, {2.99, 2}, {3.01, 5}, {6.99, 5}, {7.01, 10}};
        for (double[] step : steps) {
            assertThat(Ticks.niceStep(step[0])).as("%s", step[0]).isEqualTo(step[1]);
            assertThat(Ticks.niceStep(step[0] * 1e-4)).as("%s", step[0]).isCloseTo(step[1] * 1e-4, withinPercentage(1e-9));
        }
    }

    @Test
    void aPowerOfTenIsTakenOutFromAHundredThousandOnAndBelowSteps() {
        assertThat(Ticks.between(0, 99_000, 6).power()).isZero();
        assertThat(Ticks.between(0, 100_000, 6).power()).isEqualTo(5);
        assertThat(Ticks.between(0, 0.005, 6).power()).as("steps of a thousandth").isZero();
        assertThat(Ticks.between(0, 0.0025, 6).power()).as("steps of half a thousandth").isEqualTo(-3);
        assertThat(Ticks.along(new Scale(0.001, 90_000, 0, 300, Spacing.LOGARITHMIC), 20).values()).contains(0.002, 50_000.0);
        assertThat(Ticks.along(new Scale(0.001, 100_000, 0, 300, Spacing.LOGARITHMIC), 20).values()).doesNotContain(0.002);
        assertThat(Ticks.along(new Scale(0.0009, 90_000, 0, 300, Spacing.LOGARITHMIC), 20).values()).doesNotContain(0.002);
    }

    @Test
    void labelsHaveAsManyDecimalsAsTheStepNeeds() {
        Ticks tenths = Ticks.between(0, 0.5, 6);
        assertThat(tenths.label(0.3, NumberStyle.STANDARD)).isEqualTo("0.3");
        assertThat(Ticks.between(0, 60, 7).label(10, NumberStyle.STANDARD)).isEqualTo("10");
        assertThat(Ticks.between(-4, 4, 5).label(-2, NumberStyle.STANDARD)).isEqualTo("−2");
    }

    @Test
    void veryLargeAndVerySmallTicksHaveTheirPowerOfTenInCommon() {
        Ticks large = Ticks.between(0, 4e9, 5);
        assertThat(large.label(2e9, NumberStyle.STANDARD)).isEqualTo("2");
        assertThat(large.powerInWords()).isEqualTo("10⁹");
        Ticks small = Ticks.between(-3e-7, 5e-7, 5);
        assertThat(small.values().stream().map(it -> small.label(it, NumberStyle.STANDARD))).containsExactly("−2", "0", "2", "4");
        assertThat(new Variable("shoots", "height of the shoots", "mm").axisTitle(small.powerInWords()))
                .isEqualTo("height of the shoots (10⁻⁷ mm)");
        assertThat(new Variable("shoots", "", "").axisTitle("10⁻⁷")).isEqualTo("shoots (10⁻⁷)");
        assertThat(Ticks.between(0, 60, 7).power()).isZero();
        Random random = new Random(9);
        for (int i = 0; i < 500; i++) {
            double low = random.nextGaussian() * Math.pow(10, random.nextInt(30) - 15);
            Ticks ticks = Ticks.between(low, low + Math.abs(low) * (0.01 + random.nextDouble()) + 1e-300, 6);
            for (double tick : ticks.values()) {
                double read = Double.parseDouble(ticks.label(tick, NumberStyle.STANDARD)
                        .replace(NumberStyle.MINUS, '-')) * Math.pow(10, ticks.power());
                assertThat(read).as("text times power is the value").isCloseTo(tick, within(Math.abs(ticks.step()) * 1e-6));
            }
        }
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
    void aScaleGoesThereAndBack() {
        Scale scale = new Scale(0, 50, 400, 20);
        assertThat(scale.pixel(0)).isEqualTo(400);
        assertThat(scale.value(scale.pixel(12.5))).isEqualTo(12.5, within(1e-12));
        assertThat(scale.perPixel(7)).isEqualTo(50.0 / 380, within(1e-12));
    }

    @Test
    void equalRatiosAreEquallyLongOnALogarithmicScale() {
        Scale scale = new Scale(1, 1000, 0, 300, Spacing.LOGARITHMIC);
        assertThat(scale.pixel(10)).isEqualTo(100, within(1e-9));
        assertThat(scale.pixel(100)).isEqualTo(200, within(1e-9));
        assertThat(scale.value(250)).isEqualTo(Math.pow(10, 2.5), within(1e-9));
        assertThat(scale.pixel(-1)).isNaN();
        assertThat(scale.value(100.5) - scale.value(99.5)).isCloseTo(scale.perPixel(10), withinPercentage(0.01));
        assertThatThrownBy(() -> new Scale(0, 10, 0, 100, Spacing.LOGARITHMIC)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void ticksOfALogarithmicAxisAreRoundAndInside() {
        assertThat(Ticks.along(new Scale(1, 1000, 0, 300, Spacing.LOGARITHMIC), 4).values())
                .containsExactly(1.0, 10.0, 100.0, 1000.0);
        assertThat(Ticks.along(new Scale(1, 20, 0, 300, Spacing.LOGARITHMIC), 6).values())
                .containsExactly(1.0, 2.0, 5.0, 10.0, 20.0);
        assertThat(Ticks.along(new Scale(40, 60, 0, 300, Spacing.LOGARITHMIC), 5).values())
                .as("part of a decade").contains(45.0, 50.0, 55.0);
        assertThat(Ticks.along(new Scale(1e-300, 1e300, 0, 300, Spacing.LOGARITHMIC), 5).values()).hasSizeBetween(3, 7);
        Ticks ticks = Ticks.along(new Scale(0.001, 1e8, 0, 300, Spacing.LOGARITHMIC), 5);
        assertThat(ticks.values().stream().map(it -> ticks.label(it, NumberStyle.STANDARD)).toList()).doesNotHaveDuplicates();
    }

    @Test
    void aLogarithmicFrameHoldsTheValuesAboveZero() {
        Random random = new Random(4);
        for (int i = 0; i < 300; i++) {
            double[] values = random.doubles(6).map(it -> Math.pow(10, 8 * it - 4)).toArray();
            values[0] = -values[0];
            Frame frame = Frame.around(DoubleStream.of(values), Spacing.LOGARITHMIC, DoubleStream.of(values), Spacing.LINEAR);
            assertThat(frame.xLow()).isPositive();
            assertThat(DoubleStream.of(values).filter(it -> it > 0).allMatch(it -> it >= frame.xLow() && it <= frame.xHigh()))
                    .isTrue();
            assertThat(frame.yLow()).isLessThanOrEqualTo(values[0]);
        }
        assertThat(Frame.around(DoubleStream.of(0, -3), Spacing.LOGARITHMIC, DoubleStream.of(1), Spacing.LINEAR).xLow())
                .isPositive();
    }

    @Test
    void anAxisHasAtLeastThreeNumbersHoweverLittleRoomThereIs() {
        Random random = new Random(20_261_201);
        for (int i = 0; i < 20_000; i++) {
            double low = (random.nextDouble() - 0.3) * Math.pow(10, random.nextInt(9) - 3);
            double high = low + random.nextDouble() * Math.pow(10, random.nextInt(9) - 3) + 1e-4;
            for (int about = 2; about <= 10; about++) {
                Ticks ticks = Ticks.between(low, high, about);
                assertThat(ticks.values().size()).as(low + " to " + high + ", about " + about)
                        .isBetween(3, Math.max(7, 2 * about));
                assertThat(ticks.values()).allMatch(it -> it >= low - ticks.step() * 1e-6 && it <= high + ticks.step() * 1e-6);
            }
        }
        assertThat(Ticks.between(1, 9.9, 3).values()).as("5 alone says nothing").containsExactly(2.0, 4.0, 6.0, 8.0);
    }
}
