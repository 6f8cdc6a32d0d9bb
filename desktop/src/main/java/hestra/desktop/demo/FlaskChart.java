package hestra.desktop.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Objects;

import hestra.tracing.KnownAxis;
import hestra.tracing.Picture;
import hestra.tracing.PictureAxes;
import hestra.tracing.PicturePoint;
import hestra.tracing.Tracing;

/**
 * A chart of the cooling flask, of which the numbers are lost, and where its author placed the points. The picture was drawn
 * once, since type is drawn a little otherwise on each machine.
 */
final class FlaskChart {

    private static final String PICTURE = "/demo/flask-chart.png";
    private static final double LEFT = 66.5;
    private static final double BOTTOM = 460.2;
    private static final double AT_60_MINUTES = 466.6;
    private static final double AT_60_DEGREES = 125.55;
    private static final double[][] POINTS = {{66.5, 118.9}, {93.2, 166.3}, {119.8, 218.1}, {146.5, 253.8}, {173.2, 286.2},
            {199.9, 313.0}, {226.5, 334.7}, {253.2, 358.1}, {279.9, 368.7}, {306.6, 389.9},
            {333.2, 395.5}, {359.9, 408.9}, {386.6, 415.0}, {413.3, 420.0}, {439.9, 427.9}, {466.6, 435.7}};

    private FlaskChart() {}

    static Picture picture() {
        try (InputStream in = Objects.requireNonNull(FlaskChart.class.getResourceAsStream(PICTURE))) {
            return Picture.of(in.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Axes from 0 to 60 minutes and 0 to 60 degrees, and every point. */
    static Tracing placed() {
        PictureAxes axes = new PictureAxes(new KnownAxis(new PicturePoint(LEFT, BOTTOM), 0,
                new PicturePoint(AT_60_MINUTES, BOTTOM), 60, false),
                new KnownAxis(new PicturePoint(LEFT, BOTTOM), 0, new PicturePoint(LEFT, AT_60_DEGREES), 60, false));
        return new Tracing(axes, Arrays.stream(POINTS).map(it -> new PicturePoint(it[0], it[1])).toList());
    }
}
