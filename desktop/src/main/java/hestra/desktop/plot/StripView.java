package hestra.desktop.plot;

import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.StackPane;

import hestra.desk.Edit;
import hestra.desk.PlotEdit;
import hestra.desktop.figure.FigureView;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Tip;
import hestra.figure.Below;
import hestra.figure.Figure;
import hestra.figure.Figure.Hit;
import hestra.figure.ResidualStrip;
import hestra.figure.StripKind;

import static hestra.desktop.parts.Presence.present;

/** The residual strip: shares its x axis, selection and pointer with the plot above it. */
public final class StripView extends StackPane {

    private final DeskModel model;
    private final FigureView view;

    public StripView(DeskModel model, Look look) {
        this.model = model;
        this.view = new FigureView(look, () -> DressMenu.palette(model, look), layout -> ResidualStrip.describe(model.findings().strip(), model.findings().work().plot().strip(), layout));
        MenuButton kinds = kinds();
        StackPane.setAlignment(kinds, Pos.TOP_RIGHT);
        StackPane.setMargin(kinds, new Insets(11, 24, 0, 0));
        getChildren().addAll(view, kinds);
        getStyleClass().add("strip");
        setId("strip");
        model.watch(findings -> {
            boolean shown = findings.work().plot().below() == Below.RESIDUALS;
            present(this, shown);
            view.changed();
            kinds.setVisible(findings.residualsAreOpen());
            kinds.setText(findings.work().plot().strip().title());
        });
        addEventHandler(MouseEvent.MOUSE_MOVED, event -> model.apply(new Edit.Hover(row(event))));
        addEventHandler(MouseEvent.MOUSE_EXITED, _ -> model.apply(new Edit.Hover(OptionalInt.empty())));
        addEventHandler(MouseEvent.MOUSE_PRESSED, event -> model.apply(new Edit.Select(row(event))));
    }

    private MenuButton kinds() {
        MenuButton button = new MenuButton();
        button.setId("strip-kind");
        button.getStyleClass().setAll("quiet", "menu", "strip-kind");
        Tip.set(button, "how to look at the residuals");
        for (StripKind kind : StripKind.values()) {
            MenuItem item = new MenuItem(kind.title());
            item.setId("strip-" + kind.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            item.setOnAction(_ -> model.apply(new PlotEdit.ShowStrip(kind)));
            button.getItems().add(item);
        }
        button.getItems().add(new SeparatorMenuItem());
        for (Below below : List.of(Below.SUMS, Below.MATRICES)) {
            MenuItem item = new MenuItem("calculation " + below.title());
            item.setId("below-" + below.name().toLowerCase(Locale.ROOT));
            item.setOnAction(_ -> model.apply(new PlotEdit.ShowBelow(below)));
            button.getItems().add(item);
        }
        return button;
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
