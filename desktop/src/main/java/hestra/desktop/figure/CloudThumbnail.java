package hestra.desktop.figure;

import java.util.Optional;
import java.util.function.Function;
import javafx.scene.layout.Region;

import hestra.data.Pairs;
import hestra.desktop.look.Look;
import hestra.figure.Figure;
import hestra.figure.Layout;
import hestra.figure.Thumbnail;
import hestra.task.Sketch;

/** A plot so small that it shows the shape of the cloud alone. */
public final class CloudThumbnail {

    private CloudThumbnail() {}

    /** The plot of some pairs; an empty one where there are none. */
    public static Region of(Optional<Pairs> pairs, Look look, double width, double height) {
        return of(pairs, layout -> Thumbnail.describe(pairs.orElseThrow(), layout), look, width, height);
    }

    /** What an answer looks like. */
    public static Region of(Sketch sketch, Look look, double width, double height) {
        return of(Optional.of(sketch.points()), layout -> Thumbnail.describe(sketch.points(), sketch.marked(), sketch.byEye(),
                sketch.frame(), layout), look, width, height);
    }

    private static Region of(Optional<Pairs> pairs, Function<Layout, Figure> described, Look look, double width, double height) {
        if (pairs.filter(it -> it.size() > 0).isEmpty()) {
            Region blank = new Region();
            blank.setMinSize(width, height);
            blank.setPrefSize(width, height);
            blank.setMaxSize(width, height);
            return blank;
        }
        FigureView view = new FigureView(look, described);
        view.setMinSize(width, height);
        view.setPrefSize(width, height);
        view.setMaxSize(width, height);
        view.setMouseTransparent(true);
        return view;
    }
}
