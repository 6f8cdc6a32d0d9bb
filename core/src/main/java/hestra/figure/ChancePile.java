package hestra.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;

import hestra.chance.Asked;
import hestra.chance.Pile;
import hestra.chance.Play;
import hestra.figure.Figure.Area;
import hestra.figure.Mark.Anchor;
import hestra.figure.Mark.Face;
import hestra.fit.Interval;
import hestra.numbers.NumberStyle;

/**
 * Describes the pile of what chance gave: how many draws came to about each number, with ours among them, those as far from the
 * middle as ours filled, or the middle of the pile beside the interval by formula, or the truth.
 */
public final class ChancePile {

    private static final double TOP = 20;
    private static final double BOTTOM = 42;
    private static final double ROOM = 0.06;
    private static final double BAR = 17;
    private static final int MOST_BARS = 60;
    private static final int FEWEST_BARS = 8;
    private static final double GAP = 1;
    private static final double NOTE = 12;
    private static final double BESIDE = 11;
    private static final double LETTER = 0.56;
    private static final double ASIDE = 5;
    private static final double SAME = 1e-9;
    /** No end of the scale lies further out than so many times the range of the pile's middle. */
    private static final double FAR = 3;
    private static final double MIDDLE = 0.98;
    private static final double BRACKET = 4;

    private final Asked asked;
    private final Pile pile;
    private final Layout layout;
    private final NumberStyle style;
    private final Area area;
    private final Scale x;
    private final List<Mark> ground = new ArrayList<>();
    private final List<Mark> lines = new ArrayList<>();
    private final List<Mark> front = new ArrayList<>();

    private ChancePile(Asked asked, NumberStyle style, Layout layout) {
        this.asked = asked;
        this.pile = asked.pile();
        this.style = style;
        this.layout = layout;
        this.area = layout.area(TOP * layout.type(), BOTTOM * layout.type());
        Interval range = range();
        this.x = new Scale(range.low(), range.high(), area.left(), area.right());
    }

    /** The pile; before anything is drawn a place that says what to do. */
    public static Figure describe(Optional<Asked> asked, String notice, NumberStyle style, Layout layout) {
        return asked.map(it -> new ChancePile(it, style, layout).figure(notice)).orElseGet(() -> {
            Area area = layout.area(TOP * layout.type(), BOTTOM * layout.type());
            List<Mark> ground = new ArrayList<>();
            layout.paper(ground, area);
            layout.notice(ground, area, notice);
            return new Figure(layout.width(), layout.height(), area, new Scale(0, 1, area.left(), area.right()),
                    new Scale(0, 1, area.bottom(), area.top()), new Figure.Sheets(ground, List.of(), List.of(), List.of()),
                    Spots.NONE);
        });
    }

    /** All that is drawn lies in it, but for draws very far out. */
    private Interval range() {
        double[] values = pile.values();
        Optional<Interval> middle = pile.middle(MIDDLE);
        double reach = middle.map(it -> FAR * (it.high() - it.low())).filter(it -> it > 0).orElse(Double.POSITIVE_INFINITY);
        double least = middle.map(it -> it.low() - reach).orElse(Double.NEGATIVE_INFINITY);
        double greatest = middle.map(it -> it.high() + reach).orElse(Double.POSITIVE_INFINITY);
        DoubleStream ends = values.length == 0 ? DoubleStream.empty()
                : DoubleStream.of(Math.max(values[0], least), Math.min(values[values.length - 1], greatest));
        DoubleStream ours = pile.play() == Play.SHUFFLE
                ? DoubleStream.of(pile.ours(), 2 * pile.centre() - pile.ours()) : DoubleStream.of(pile.ours());
        DoubleStream formula = pile.play() == Play.DRAW_AGAIN
                ? asked.interval().stream().flatMapToDouble(it -> DoubleStream.of(it.low(), it.high())) : DoubleStream.empty();
        double[] all = DoubleStream.concat(DoubleStream.concat(ends, ours), DoubleStream.concat(formula, asked.run().truth()
                .stream())).toArray();
        double low = DoubleStream.of(all).min().orElse(0);
        double high = DoubleStream.of(all).max().orElse(1);
        double span = high - low > SAME * Math.max(Math.abs(low), Math.abs(high))
                ? high - low : Math.max(Math.abs(low), 1e-3) * 0.5;
        return new Interval(low - ROOM * span, high + ROOM * span);
    }

    private Figure figure(String title) {
        layout.paper(ground, area);
        Ticks ticks = Ticks.between(x.low(), x.high(), (int) Math.clamp(area.width() / (70 * layout.type()), 3, 10));
        for (double tick : ticks.values()) {
            layout.tick(ground, x.pixel(tick), area.bottom() + layout.size(17), ticks.label(tick, style), Anchor.MIDDLE);
        }
        layout.title(ground, area.left() + area.width() / 2, area.bottom() + layout.size(36), title, false);
        bars();
        ground.add(new Mark.Line(area.left(), area.bottom(), area.right(), area.bottom(), Stroke.solid(Ink.RULE, 1)));
        if (pile.play() == Play.DRAW_AGAIN) {
            middles();
        }
        if (pile.play() == Play.SHUFFLE) {
            upright(2 * pile.centre() - pile.ours(), Stroke.dashed(Ink.BEST, 1.6, 4, 3));
        }
        upright(pile.ours(), Stroke.solid(Ink.BEST, 2.4));
        OptionalDouble truth = asked.run().truth();
        truth.ifPresent(it -> upright(it, Stroke.dashed(Ink.INK, 2, 6, 4)));
        if (truth.isPresent() && truth.getAsDouble() == pile.ours()) {
            name(pile.ours(), "ours, taken as true", Ink.BEST, true);
        } else {
            boolean right = truth.isEmpty() || pile.ours() > truth.getAsDouble();
            name(pile.ours(), "ours", Ink.BEST, right);
            truth.ifPresent(it -> name(it, "true", Ink.INK, !right));
        }
        return new Figure(layout.width(), layout.height(), area, x, new Scale(0, 1, area.bottom(), area.top()),
                new Figure.Sheets(ground, lines, List.of(), front), Spots.NONE);
    }

    private void upright(double value, Stroke stroke) {
        if (x.contains(value)) {
            lines.add(new Mark.Line(x.pixel(value), area.top(), x.pixel(value), area.bottom(), stroke));
        }
    }

    /** Writes what an upright line is above it, to one side; to the other where the side wanted has no room. */
    private void name(double value, String name, Ink ink, boolean right) {
        if (x.contains(value)) {
            double px = x.pixel(value);
            double room = layout.size(NOTE) * LETTER * name.length() + ASIDE;
            boolean fits = right ? px + room < layout.width() : px - room < 0;
            front.add(new Mark.Label(fits ? px + ASIDE : px - ASIDE, area.top() - layout.size(6), name, Face.STRONG,
                    layout.size(NOTE), ink, fits ? Anchor.START : Anchor.END, false));
        }
    }

    /** Where the bars stand: ours, and its mirror image, are the ends of bars where that is fine enough. */
    private double[] edges() {
        double span = x.high() - x.low();
        double bars = Math.clamp(Math.floor(area.width() / BAR), FEWEST_BARS, MOST_BARS);
        double usual = span / bars;
        double off = Math.abs(pile.ours() - pile.centre());
        boolean aligned = pile.play() == Play.SHUFFLE && off > usual / 2;
        double width = aligned ? off / Math.max(1, Math.rint(off / usual)) : usual;
        double from = aligned ? pile.centre() : x.low();
        int below = (int) Math.ceil((from - x.low()) / width);
        int above = (int) Math.ceil((x.high() - from) / width);
        double[] edges = new double[below + above + 1];
        for (int i = 0; i < edges.length; i++) {
            edges[i] = from + (i - below) * width;
        }
        return edges;
    }

    private void bars() {
        double[] edges = edges();
        double width = edges[1] - edges[0];
        int[] all = new int[edges.length - 1];
        int[] filled = new int[edges.length - 1];
        for (int draw = 1; draw <= pile.draws(); draw++) {
            OptionalDouble found = pile.value(draw);
            if (found.isEmpty()) {
                continue;
            }
            double value = found.getAsDouble();
            boolean far = pile.play() == Play.SHUFFLE && pile.isAsFar(value);
            boolean missed = asked.run().truth().isPresent() && pile.isMissed(draw);
            // What is as far as ours stands outside of it, whatever rounding does to the end of a bar.
            double placed = far ? value + Math.signum(value - pile.centre()) * SAME * width : value;
            int at = (int) Math.clamp(Math.floor((placed - edges[0]) / width), 0, all.length - 1);
            all[at]++;
            filled[at] += far || missed ? 1 : 0;
        }
        int most = 1;
        for (int count : all) {
            most = Math.max(most, count);
        }
        double head = pile.play() == Play.DRAW_AGAIN ? layout.size(32) : layout.size(6);
        double one = (area.height() - head) / Math.max(most, FEWEST_BARS);
        for (int i = 0; i < all.length; i++) {
            double left = Math.max(area.left(), x.pixel(edges[i]) + GAP / 2);
            double right = Math.min(area.right(), x.pixel(edges[i + 1]) - GAP / 2);
            bar(left, right, one * all[i], Ink.CHANCE_PALE);
            bar(left, right, one * filled[i], Ink.CHANCE_FAR);
        }
    }

    private void bar(double left, double right, double height, Ink ink) {
        if (height > 0 && right > left) {
            ground.add(new Mark.Box(left, area.bottom() - height, right - left, height, 0, ink, 1));
        }
    }

    /** The middle of the pile, and the interval by formula below it. */
    private void middles() {
        pile.middle(asked.level()).ifPresent(it -> bracket(it, area.top() + layout.size(6), "drawn", Ink.CHANCE_FAR));
        asked.interval().ifPresent(it -> bracket(it, area.top() + layout.size(20), "formula", Ink.BEST));
    }

    private void bracket(Interval interval, double y, String name, Ink ink) {
        double left = Math.clamp(x.pixel(interval.low()), area.left(), area.right());
        double right = Math.clamp(x.pixel(interval.high()), area.left(), area.right());
        lines.add(new Mark.Line(left, y, right, y, Stroke.solid(ink, 2.4)));
        lines.add(new Mark.Line(left, y - BRACKET, left, y + BRACKET, Stroke.solid(ink, 1.6)));
        lines.add(new Mark.Line(right, y - BRACKET, right, y + BRACKET, Stroke.solid(ink, 1.6)));
        boolean fits = right + ASIDE + layout.size(NOTE) * LETTER * name.length() < layout.width();
        front.add(new Mark.Label(fits ? right + ASIDE : left - ASIDE, y + layout.size(4), name, Face.TEXT, layout.size(BESIDE),
                ink,
                fits ? Anchor.START : Anchor.END, false));
    }
}
