package hestra.desktop.figure;

import java.util.Optional;
import javafx.scene.layout.Region;

import hestra.data.Pairs;
import hestra.desktop.look.Look;
import hestra.figure.Thumbnail;
import hestra.fit.Trial;

/** A plot so small that it shows the shape of the cloud alone. */
public final class SmallPlot {

    private SmallPlot() {}

    /** The plot of some pairs; an empty one where there are none. */
    public static Region of(Optional<Pairs> pairs, Look look, double width, double height) {
        return of(pairs, Optional.empty(), look, width, height);
    }

    /** The same with a curve tried by eye. */
    public static Region of(Optional<Pairs> pairs, Optional<Trial> trial, Look look, double width, double height) {
        if (pairs.filter(it -> it.size() > 0).isEmpty()) {
            Region blank = new Region();
            blank.setMinSize(width, height);
            blank.setPrefSize(width, height);
            blank.setMaxSize(width, height);
            return blank;
        }
        Pairs shown = pairs.get();
        FigureView view = new FigureView(look, layout -> Thumbnail.describe(shown, trial, layout));
        view.setMinSize(width, height);
        view.setPrefSize(width, height);
        view.setMaxSize(width, height);
        view.setMouseTransparent(true);
        return view;
    }
}
