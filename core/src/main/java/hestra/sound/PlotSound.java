package hestra.sound;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.chance.Asked;
import hestra.data.Pairs;
import hestra.figure.ChancePile;
import hestra.figure.DrawnCurve;
import hestra.figure.Figure;
import hestra.figure.Frame;
import hestra.figure.Ink;
import hestra.figure.Layout;
import hestra.figure.Mark;
import hestra.figure.PlotContent;
import hestra.figure.Scale;
import hestra.figure.ScatterPlot;
import hestra.figure.SmallPlot;
import hestra.figure.Ticks;
import hestra.fit.CurveOnData;
import hestra.numbers.NumberStyle;

/**
 * A scatter plot as it is heard. Time and ear follow x: the left edge of the axis is the beginning and the left ear. The pitch
 * follows y over two and a half octaves, so that equal steps on the axis are equal intervals. Points are struck, at one place as
 * a chord; a curve is a glide; residuals are steps about the tone a′ of 440 Hz, the largest of them an octave away. Each tick of
 * the x axis is a soft knock.
 *
 * @param x the axis along; its pixels are not used
 * @param y the axis upward
 * @param points what was observed
 * @param curve the fitted y at an x; nothing where there is none or it is held back
 * @param residuals whether the residuals from it may be heard
 * @param ticks values of x at which the axis knocks
 */
public record PlotSound(Scale x, Scale y, List<Place> points, Optional<DoubleFunction<OptionalDouble>> curve, boolean residuals,
        List<Double> ticks) {

    /** A point that was observed. */
    public record Place(double x, double y) {}

    /** What is heard. */
    public enum Part {
        POINTS("the points"),
        CURVE("the curve"),
        BOTH("points and curve"),
        RESIDUALS("the residuals");

        private final String words;

        Part(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }
    }

    /** Of how many samples a second sound is made. */
    public static final int RATE = 22_050;

    /** More points than these are not told apart by any ear: so many are heard, evenly along x. */
    static final int MOST = 400;
    static final double LOWEST = 220;
    static final double OCTAVES = 2.5;
    static final double MIDDLE = 440;
    private static final double STRUCK = 0.16;
    private static final double PAUSE = 0.8;
    private static final double KNOCK = 0.03;
    private static final double KNOCK_PITCH = 1_800;
    private static final int GLIDE_STEPS = 60;
    private static final int ABOUT_TICKS = 6;
    private static final double BETWEEN_BARS = 1;
    private static final Layout ANY = new Layout(600, 400, 1);

    public PlotSound {
        points = List.copyOf(points);
        ticks = List.copyOf(ticks);
    }

    /** A plot as it is drawn: its points but those set aside, and the curve in hand where it is drawn. */
    public static PlotSound of(PlotContent plot, boolean residuals) {
        Figure figure = ScatterPlot.describe(plot, ANY);
        Optional<CurveOnData> curve = plot.lines().inHand().filter(it -> plot.lines().curves().stream()
                .anyMatch(drawn -> drawn.slot() == it.slot())).map(DrawnCurve::curve);
        return of(figure.x(), figure.y(), plot.points().stream().filter(it -> !it.setAside())
                .map(it -> new Place(it.x(), it.y())).toList(), curve, residuals);
    }

    /** Pairs and a curve fitted to them, each axis as long as the data and a tenth more. */
    public static PlotSound of(Pairs pairs, Optional<CurveOnData> curve) {
        return of(around(pairs.xs().toArray()), around(pairs.ys().toArray()), places(pairs), curve, true);
    }

    /** A small plot, with its line where it has one. */
    public static PlotSound of(SmallPlot plot) {
        Frame frame = plot.frame();
        Scale along = new Scale(frame.xLow(), frame.xHigh(), 0, 1);
        Optional<DoubleFunction<OptionalDouble>> line = plot.line().map(it -> at -> OptionalDouble.of(it.at(at)));
        return new PlotSound(along, new Scale(frame.yLow(), frame.yHigh(), 0, 1), places(plot.points()), line, false,
                Ticks.along(along, ABOUT_TICKS).values());
    }

    /** A pile: the heights of its bars are a glide; its ends are struck, and ours where it stands. */
    public static PlotSound of(Asked pile) {
        Figure figure = ChancePile.describe(Optional.of(pile), "", NumberStyle.STANDARD, ANY);
        List<Mark.Box> bars = figure.ground().stream().filter(Mark.Box.class::isInstance).map(Mark.Box.class::cast)
                .filter(it -> it.fill() == Ink.CHANCE_PALE).toList();
        DoubleUnaryOperator height = at -> bars.stream().filter(it -> it.x() <= figure.x().pixel(at)
                && figure.x().pixel(at) <= it.x() + it.width() + BETWEEN_BARS).mapToDouble(Mark.Box::height).findFirst()
                .orElse(0);
        double highest = bars.stream().mapToDouble(Mark.Box::height).max().orElse(1);
        List<Place> struck = DoubleStream.concat(DoubleStream.of(pile.pile().ours()), DoubleStream.of(pile.pile().values()))
                .filter(figure.x()::contains).sorted().mapToObj(at -> new Place(at, height.applyAsDouble(at))).toList();
        List<Place> ends = struck.isEmpty() ? List.of() : List.of(struck.getFirst(), struck.getLast());
        double ours = pile.pile().ours();
        return new PlotSound(figure.x(), new Scale(0, highest, 0, 1), Stream.concat(ends.stream(),
                Stream.of(new Place(ours, height.applyAsDouble(ours)))).distinct().toList(),
                Optional.of(at -> OptionalDouble.of(height.applyAsDouble(at))), false,
                Ticks.along(figure.x(), ABOUT_TICKS).values());
    }

    private static List<Place> places(Pairs pairs) {
        return IntStream.range(0, pairs.size()).mapToObj(i -> new Place(pairs.x(i), pairs.y(i))).toList();
    }

    private static PlotSound of(Scale x, Scale y, List<Place> places, Optional<CurveOnData> curve, boolean residuals) {
        Optional<DoubleFunction<OptionalDouble>> fitted = curve.map(it -> it::fitted);
        return new PlotSound(x, y, places, fitted, residuals, Ticks.along(x, ABOUT_TICKS).values());
    }

    private static Scale around(double[] values) {
        double low = Arrays.stream(values).min().orElse(0);
        double high = Arrays.stream(values).max().orElse(1);
        double room = high > low ? (high - low) / 20 : Math.max(1, Math.abs(low) / 20);
        return new Scale(low - room, high + room, 0, 1);
    }

    /** What can be heard of it: curve and residuals where there is a curve. */
    public List<Part> parts() {
        List<Part> ofCurve = residuals ? List.of(Part.values()) : List.of(Part.POINTS, Part.CURVE, Part.BOTH);
        return curve.isEmpty() ? List.of(Part.POINTS) : ofCurve;
    }

    /** A part of it from left to right. */
    public Waves play(Part part, double seconds) {
        return Waves.of(tones(part, seconds), RATE);
    }

    /** All that can be heard of it, one after the other, each from left to right. */
    public Waves playAll(double seconds) {
        List<Tone> tones = new ArrayList<>();
        for (int i = 0; i < parts().size(); i++) {
            double after = i * (seconds + PAUSE);
            tones(parts().get(i), seconds).forEach(tone -> tones.add(tone.later(after)));
        }
        return Waves.of(tones, RATE);
    }

    /** One point by itself, heard where it stands. */
    public Waves point(Place place) {
        return Waves.of(List.of(Tone.at(0, 2 * STRUCK, pitch(place.y()), ear(place.x()), 0.6, Tone.Voice.POINT)), RATE);
    }

    List<Tone> tones(Part part, double seconds) {
        List<Tone> tones = new ArrayList<>();
        for (double tick : ticks) {
            if (x.contains(tick)) {
                tones.add(Tone.at(share(tick) * seconds, KNOCK, KNOCK_PITCH, ear(tick), 0.08, Tone.Voice.TICK));
            }
        }
        if (part == Part.POINTS || part == Part.BOTH) {
            heard().forEach(it -> tones.add(struck(it, pitch(it.y()), seconds)));
        }
        if (part == Part.CURVE || part == Part.BOTH) {
            curve.ifPresent(fitted -> glide(fitted, seconds, part == Part.BOTH ? 0.18 : 0.4).ifPresent(tones::add));
        }
        if (part == Part.RESIDUALS) {
            curve.ifPresent(fitted -> tones.addAll(steps(fitted, seconds)));
        }
        return tones;
    }

    private List<Place> heard() {
        List<Place> shown = points.stream().filter(it -> x.contains(it.x()) && y.contains(it.y()))
                .sorted(Comparator.comparingDouble(Place::x)).toList();
        int step = 1 + Math.max(0, shown.size() - 1) / MOST;
        return IntStream.range(0, shown.size()).filter(i -> i % step == 0).mapToObj(shown::get).toList();
    }

    private Tone struck(Place place, double pitch, double seconds) {
        return Tone.at(share(place.x()) * seconds, STRUCK, pitch, ear(place.x()), 0.5, Tone.Voice.POINT);
    }

    /** Over the part of the axis in which there are points. */
    private Optional<Tone> glide(DoubleFunction<OptionalDouble> fitted, double seconds, double loudness) {
        List<Place> heard = heard();
        if (heard.isEmpty()) {
            return Optional.empty();
        }
        double from = share(heard.getFirst().x());
        double to = Math.max(share(heard.getLast().x()), from + 0.02);
        List<Double> pitches = new ArrayList<>();
        for (int i = 0; i <= GLIDE_STEPS; i++) {
            double at = x.value(x.from() + (from + (to - from) * i / GLIDE_STEPS) * (x.to() - x.from()));
            OptionalDouble value = fitted.apply(at);
            pitches.add(value.isPresent() ? pitch(value.getAsDouble()) : pitches.isEmpty() ? LOWEST : pitches.getLast());
        }
        return Optional.of(new Tone(from * seconds, (to - from) * seconds, pitches, 2 * from - 1, 2 * to - 1, loudness,
                Tone.Voice.CURVE));
    }

    private List<Tone> steps(DoubleFunction<OptionalDouble> fitted, double seconds) {
        List<Tone> tones = new ArrayList<>();
        List<Place> heard = heard();
        double largest = heard.stream().mapToDouble(it -> Math.abs(residual(it, fitted))).max().orElse(0);
        for (Place place : heard) {
            double steps = largest == 0 ? 0 : residual(place, fitted) / largest;
            tones.add(struck(place, MIDDLE * Math.pow(2, steps), seconds));
        }
        tones.add(new Tone(0, seconds, List.of(MIDDLE), -1, 1, 0.05, Tone.Voice.CURVE));
        return tones;
    }

    private static double residual(Place place, DoubleFunction<OptionalDouble> fitted) {
        OptionalDouble value = fitted.apply(place.x());
        return value.isPresent() ? place.y() - value.getAsDouble() : 0;
    }

    /** How far along the axis a value stands, from 0 to 1. */
    private double share(double value) {
        return Math.clamp((x.pixel(value) - x.from()) / (x.to() - x.from()), 0, 1);
    }

    private double ear(double value) {
        return 2 * share(value) - 1;
    }

    /** The pitch of a y; beyond the axis that of its edge. */
    double pitch(double value) {
        double height = (y.pixel(value) - y.from()) / (y.to() - y.from());
        return LOWEST * Math.pow(2, OCTAVES * (Double.isNaN(height) ? 0 : Math.clamp(height, 0, 1)));
    }
}
