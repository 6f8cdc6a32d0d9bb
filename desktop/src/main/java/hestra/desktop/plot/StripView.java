package hestra.desktop.plot;

import java.util.OptionalInt;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.StackPane;

import hestra.desk.Edit;
import hestra.desktop.app.DeskModel;
import hestra.desktop.app.Look;
import hestra.figure.Figure;
import hestra.figure.Figure.Hit;
import hestra.figure.ResidualStrip;

/** The residual strip: shares its x axis, selection and pointer with the plot above it. */
public final class StripView extends StackPane {

    private final DeskModel model;
    private final FigureView view;

    public StripView(DeskModel model, Look look) {
        this.model = model;
        this.view = new FigureView(look, layout -> ResidualStrip.describe(model.findings().strip(), layout));
        getChildren().add(view);
        getStyleClass().add("strip");
        setId("strip");
        model.watch(_ -> view.changed());
        addEventHandler(MouseEvent.MOUSE_MOVED, event -> model.apply(new Edit.Hover(row(event))));
        addEventHandler(MouseEvent.MOUSE_EXITED, _ -> model.apply(new Edit.Hover(OptionalInt.empty())));
        addEventHandler(MouseEvent.MOUSE_PRESSED, event -> model.apply(new Edit.Select(row(event))));
    }

    /** The figure as it is shown. */
    Figure figure() {
        return view.figure();
    }

    private OptionalInt row(MouseEvent event) {
        return view.figure() != null && view.figure().hit(event.getX(), event.getY()) instanceof Hit.OnPoint(int row)
                ? OptionalInt.of(row)
                : OptionalInt.empty();
    }
}
