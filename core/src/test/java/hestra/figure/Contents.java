package hestra.figure;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

import hestra.Kelp;
import hestra.data.Fineness;
import hestra.data.Pairs;
import hestra.data.Selection;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.CurveOnData;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;
import hestra.fit.Precision;
import hestra.numbers.NumberStyle;

/** Contents of plots of the five blades of kelp, and one set aside. */
final class Contents {

    static final Layout SIZE = new Layout(600, 500, 1);
    static final LineFit LINE = LeastSquares.line(Pairs.of(Kelp.DAYS, Kelp.LENGTHS)).line().orElseThrow();

    Plane plane = new Plane(Kelp.table().variable(0), Kelp.table().variable(1), new Frame(0, 20, 0, 12));
    List<PlotContent.Point> points = blades();
    List<String> groups = List.of();
    Set<Integer> only = Set.of();
    List<DrawnCurve> curves = new ArrayList<>();
    Optional<DrawnCurve> inHand = Optional.empty();
    Handles handles = Handles.NONE;
    Influence influence = Influence.NONE;
    Set<Layer> layers;
    Dress dress = Dress.USUAL;
    ReadingLines reading = ReadingLines.NONE;
    OptionalInt selected = OptionalInt.empty();
    String notice = "";

    Contents(Set<Layer> layers) {
        this.layers = layers;
    }

    /** A curve fitted to the blades. */
    static CurveFit fit(Curve curve) {
        return LeastSquares.fit(curve, Pairs.of(Kelp.DAYS, Kelp.LENGTHS)).curveFit().orElseThrow();
    }

    /** The blades with their parabola in hand, the line not drawn. */
    static Contents parabola() {
        return new Contents(EnumSet.of(Layer.POINTS, Layer.LINE)).holding(Slot.FIRST, fit(new Curve.Polynomial(2)), "ŷ = 1");
    }

    /** The blades with their line in hand, drawn where the layers say so. */
    static Contents withLine(Set<Layer> layers) {
        Contents contents = new Contents(layers).holding(Slot.LINE, LINE, "");
        if (!layers.contains(Layer.LINE)) {
            contents.curves.clear();
        }
        return contents;
    }

    static List<PlotContent.Point> blades() {
        List<PlotContent.Point> points = new ArrayList<>();
        for (int i = 0; i < Kelp.DAYS.length; i++) {
            points.add(new PlotContent.Point(i, Kelp.DAYS[i], Kelp.LENGTHS[i], false));
        }
        points.add(new PlotContent.Point(5, 15, 11, true));
        return points;
    }

    Contents with(Frame frame) {
        plane = new Plane(plane.x(), plane.y(), frame, plane.xSpacing(), plane.ySpacing());
        return this;
    }

    Contents with(Spacing x, Spacing y) {
        plane = new Plane(plane.x(), plane.y(), plane.frame(), x, y);
        return this;
    }

    /** With one more curve, which is in hand. */
    Contents holding(Slot slot, CurveOnData curve, String equation) {
        DrawnCurve drawn = new DrawnCurve(slot, curve, equation, Optional.empty());
        curves.add(drawn);
        inHand = Optional.of(drawn);
        return this;
    }

    Contents reading(double x) {
        reading = ReadingLines.at(x);
        return this;
    }

    PlotContent content() {
        return new PlotContent(plane, new PlotContent.Data(points, groups, only),
                new PlotContent.Lines(curves, inHand, handles, influence, ChanceMarks.NONE),
                new PlotContent.Look(layers, dress, new Precision(NumberStyle.STANDARD, new Fineness(0), new Fineness(1)),
                        0.95),
                new PlotContent.Attention(reading, Selection.of(selected), OptionalInt.empty()), notice);
    }

    Figure figure() {
        return ScatterPlot.describe(content(), SIZE);
    }

    static <T extends Mark> List<T> marks(List<Mark> sheet, Class<T> kind) {
        return sheet.stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    static List<String> texts(List<Mark> sheet) {
        return marks(sheet, Mark.Label.class).stream().map(Mark.Label::text).toList();
    }
}
