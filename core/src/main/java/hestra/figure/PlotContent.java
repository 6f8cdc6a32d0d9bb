package hestra.figure;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.ToDoubleFunction;

import hestra.data.Selection;
import hestra.data.Variable;
import hestra.fit.CurveFit;
import hestra.fit.Precision;
import hestra.numbers.NumberStyle;

/**
 * What a plot is to show.
 *
 * @param plane the variables and the part of the plane
 * @param data the points
 * @param lines what is drawn among them
 * @param look how it looks
 * @param attention what is read off and pointed at
 * @param notice what to say instead where there is nothing to show; may be empty
 */
public record PlotContent(Plane plane, Data data, Lines lines, Look look, Attention attention, String notice) {

    /**
     * The points.
     *
     * @param points those set aside among them
     * @param groups the names of the groups, in the order of their signs; none where the points are not grouped
     * @param only the rows whose points alone take part; empty for all that are not set aside
     */
    public record Data(List<Point> points, List<String> groups, Set<Integer> only) {

        public static final Data NONE = new Data(List.of(), List.of(), Set.of());
    }

    /**
     * What is drawn among the points.
     *
     * @param curves the curves to draw
     * @param inHand the curve that residuals, intervals and the reading line are of; nothing where there is none or it is held
     *         back
     * @param handles where the curve tried by eye is held
     * @param influence what each point does to the curve in hand
     * @param chance what chance has dealt or drawn
     */
    public record Lines(List<DrawnCurve> curves, Optional<DrawnCurve> inHand, Handles handles, Influence influence,
            ChanceMarks chance) {

        public static final Lines NONE = new Lines(List.of(), Optional.empty(), Handles.NONE, Influence.NONE, ChanceMarks.NONE);
    }

    /**
     * How it looks.
     *
     * @param layers what is shown
     * @param dress signs, titles and legends
     * @param precision how numbers look, and with how many digits
     * @param level the level of intervals
     */
    public record Look(Set<Layer> layers, Dress dress, Precision precision, double level) {}

    /**
     * What is read off and pointed at.
     *
     * @param reading what is read off
     * @param selection the selected rows
     * @param hovered the row under the pointer
     */
    public record Attention(ReadingLines reading, Selection selection, OptionalInt hovered) {

        public static final Attention NONE = new Attention(ReadingLines.NONE, Selection.NONE, OptionalInt.empty());
    }

    /**
     * One observed pair.
     *
     * @param row the row of the table, from 0
     * @param setAside whether it takes no part
     * @param name what it is called; empty for no name
     * @param group the index of its group; 0 where there are none
     * @param count how often it was observed
     */
    public record Point(int row, double x, double y, boolean setAside, String name, int group, int count) {

        /** A point without a name, observed once. */
        public Point(int row, double x, double y, boolean setAside) {
            this(row, x, y, setAside, "", 0, 1);
        }

        /** The same point elsewhere. */
        public Point movedTo(double newX, double newY) {
            return new Point(row, newX, newY, setAside, name, group, count);
        }

        Sign sign() {
            return Sign.of(group);
        }
    }

    /** More points than this are drawn as a cloud, without a mark of its own for each, and without residuals and squares. */
    static final int MOST_MARKS = 2_000;

    /** The points alone, each called by the number of its row. */
    public PlotContent numbered() {
        Data numbered = new Data(data.points().stream().map(it -> new Point(it.row(), it.x(), it.y(), it.setAside(),
                Integer.toString(it.row() + 1), it.group(), it.count())).toList(), data.groups(), data.only());
        return new PlotContent(plane, numbered, Lines.NONE, new Look(Set.of(Layer.POINTS, Layer.NAMES), look.dress(),
                look.precision(), look.level()), Attention.NONE, notice);
    }

    /** The same, but for what is pointed at and read: as the instructor sees it. */
    public PlotContent atRest(String newNotice) {
        return new PlotContent(plane, data, new Lines(curves(), inHand(), Handles.NONE, Influence.NONE, ChanceMarks.NONE), look,
                Attention.NONE,
                newNotice);
    }

    /** The same as it stands on a sheet: what is read off it stays, what is pointed at and held does not. */
    public PlotContent kept() {
        return new PlotContent(plane, data, new Lines(curves(), inHand(), Handles.NONE, influence(), chance()), look,
                new Attention(reading(), Selection.NONE, OptionalInt.empty()), notice);
    }

    /** The same without the equations beside the curves, for a small figure that has no room for them. */
    public PlotContent withoutEquations() {
        List<DrawnCurve> bare = curves().stream()
                .map(curve -> new DrawnCurve(curve.slot(), curve.curve(), "", Optional.empty())).toList();
        return new PlotContent(plane, data, new Lines(bare, inHand(), handles(), influence(), chance()), look, attention, notice);
    }

    public List<Point> points() {
        return data.points;
    }

    public List<String> groups() {
        return data.groups;
    }

    public Set<Integer> only() {
        return data.only;
    }

    public List<DrawnCurve> curves() {
        return lines.curves;
    }

    public Optional<DrawnCurve> inHand() {
        return lines.inHand;
    }

    public Handles handles() {
        return lines.handles;
    }

    public Influence influence() {
        return lines.influence;
    }

    public ChanceMarks chance() {
        return lines.chance;
    }

    /** The same on the way to the places that chance has dealt to the points. */
    public PlotContent gliding(double share) {
        return new PlotContent(plane, data, new Lines(curves(), inHand(), handles(), influence(), chance().gliding(share)), look,
                attention, notice);
    }

    public Set<Layer> layers() {
        return look.layers;
    }

    public Dress dress() {
        return look.dress;
    }

    public Precision precision() {
        return look.precision;
    }

    public double level() {
        return look.level;
    }

    public ReadingLines reading() {
        return attention.reading;
    }

    public Selection selection() {
        return attention.selection;
    }

    public OptionalInt hovered() {
        return attention.hovered;
    }

    /** Whether there are so many points that they are drawn as a cloud. */
    boolean isCloudy() {
        return points().size() > MOST_MARKS;
    }

    /** The sign of a point: its group's, or the dress's where there are no groups. */
    Sign sign(Point point) {
        return groups().isEmpty() ? dress().sign() : point.sign();
    }

    /** Whether a point takes part in the fit. */
    boolean takesPart(Point point) {
        return !point.setAside && (only().isEmpty() || only().contains(point.row));
    }

    /** The row that is pointed at, or else the one in hand. */
    OptionalInt current() {
        return hovered().isPresent() ? hovered() : selection().inHand();
    }

    /** Whether a point is selected or under the pointer. */
    boolean isPointedAt(Point point) {
        return selection().has(point.row) || hovered().isPresent() && hovered().getAsInt() == point.row;
    }

    boolean shows(Layer layer) {
        return layers().contains(layer);
    }

    Variable x() {
        return plane.x();
    }

    Variable y() {
        return plane.y();
    }

    /** The fit in hand, with its intervals; nothing for a curve tried by eye. */
    Optional<CurveFit> fitInHand() {
        return inHand().map(DrawnCurve::curve).filter(CurveFit.class::isInstance).map(CurveFit.class::cast);
    }

    /** How numbers look. */
    NumberStyle style() {
        return precision().style();
    }

    /** The mean response of the points that take part; nothing where there are none. */
    OptionalDouble meanY() {
        return mean(Point::y);
    }

    /** The mean of the explanatory variable over the points that take part; nothing where there are none. */
    OptionalDouble meanX() {
        return mean(Point::x);
    }

    private OptionalDouble mean(ToDoubleFunction<Point> value) {
        double sum = 0;
        double n = 0;
        for (Point point : points()) {
            if (takesPart(point)) {
                sum += value.applyAsDouble(point) * point.count;
                n += point.count;
            }
        }
        return n == 0 || !Double.isFinite(sum) ? OptionalDouble.empty() : OptionalDouble.of(sum / n);
    }
}
