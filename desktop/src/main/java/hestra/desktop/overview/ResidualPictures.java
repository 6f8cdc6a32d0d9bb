package hestra.desktop.overview;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.layout.TilePane;

import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desktop.figure.FigureView;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Tip;
import hestra.figure.ResidualStrip;
import hestra.figure.StripKind;

/** The residuals in four ways, small and side by side; one that is pressed comes into the strip below the plot. */
final class ResidualPictures extends TilePane {

    private static final PseudoClass IN_STRIP = PseudoClass.getPseudoClass("in-strip");
    private static final List<StripKind> KINDS = List.of(StripKind.AGAINST_X, StripKind.AGAINST_FITTED, StripKind.IN_ORDER,
            StripKind.NORMAL);
    private static final double WIDTH = 176;
    private static final double HEIGHT = 118;

    private final List<FigureView> figures = new ArrayList<>();
    private final List<Button> buttons = new ArrayList<>();

    ResidualPictures(DeskModel model, Look look) {
        getStyleClass().add("residual-pictures");
        setPrefColumns(2);
        for (StripKind kind : KINDS) {
            FigureView figure = new FigureView(look,
                    layout -> ResidualStrip.describeAlone(model.findings().strip().kept(), kind, layout));
            figure.setPrefSize(WIDTH, HEIGHT);
            figure.setMinSize(WIDTH, HEIGHT);
            figure.setMouseTransparent(true);
            figures.add(figure);
            Button button = Literally.said(new Button(kind.title()));
            button.setGraphic(figure);
            button.setContentDisplay(ContentDisplay.BOTTOM);
            button.getStyleClass().setAll("residual-picture");
            button.setId("residuals-" + kind.name().toLowerCase(Locale.ROOT));
            Tip.set(button, kind.meaning() + ". Press to see it large, below the plot");
            button.setOnAction(_ -> model.apply(new PlotEdit.ShowStrip(kind)));
            buttons.add(button);
            getChildren().add(button);
        }
    }

    void show(Findings findings) {
        figures.forEach(FigureView::changed);
        for (int i = 0; i < KINDS.size(); i++) {
            buttons.get(i).pseudoClassStateChanged(IN_STRIP, findings.work().plot().strip() == KINDS.get(i));
        }
    }
}
