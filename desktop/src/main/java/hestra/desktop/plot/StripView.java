package hestra.desktop.plot;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.geometry.Pos;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import hestra.data.Selection;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.PlotDescription;
import hestra.desk.PlotEdit;
import hestra.desktop.figure.FigureView;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Tip;
import hestra.figure.Below;
import hestra.figure.Figure;
import hestra.figure.Figure.Hit;
import hestra.figure.Figure.Spot;
import hestra.figure.ResidualStrip;
import hestra.figure.StripKind;

import static hestra.desktop.parts.Presence.present;

/** The residual strip: shares its x axis, selection and pointer with the plot above it. */
public final class StripView extends VBox {

    private final DeskModel model;
    private final FigureView view;

    public StripView(DeskModel model, Look look) {
        this.model = model;
        this.view = new FigureView(look, () -> DressMenu.palette(model, look),
                layout -> ResidualStrip.describe(model.findings().strip(), model.findings().work().plot().strip(), layout));
        MenuButton kinds = kinds();
        HBox head = new HBox(kinds);
        head.getStyleClass().add("strip-head");
        head.setAlignment(Pos.CENTER_RIGHT);
        VBox.setVgrow(view, Priority.ALWAYS);
        getChildren().addAll(head, view);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleHelp("Left and right walk through the points along x.");
        getStyleClass().add("strip");
        setId("strip");
        model.watch(findings -> {
            boolean shown = findings.below() == Below.RESIDUALS;
            present(this, shown);
            view.changed();
            kinds.setVisible(findings.curves().residualsAreOpen());
            kinds.setText(findings.work().plot().strip().title());
        });
        addEventHandler(MouseEvent.MOUSE_MOVED, event -> model.apply(new Edit.Hover(row(event))));
        addEventHandler(MouseEvent.MOUSE_EXITED, _ -> model.apply(new Edit.Hover(OptionalInt.empty())));
        addEventHandler(MouseEvent.MOUSE_PRESSED, event -> {
            requestFocus();
            model.apply(new Edit.Select(row(event)));
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::typed);
    }

    /** Left and right walk through the points. */
    private void typed(KeyEvent event) {
        boolean walks = event.getTarget() == this && view.figure() != null
                && (event.getCode() == KeyCode.LEFT || event.getCode() == KeyCode.RIGHT);
        if (walks) {
            List<Spot> spots = view.figure().spots().stream().toList();
            Optional<Spot> from = model.desk().selected().stream().boxed().findFirst().flatMap(view.figure().spots()::ofRow);
            Walk.along(spots, from, event.getCode() == KeyCode.LEFT ? -1 : 1).ifPresent(next -> {
                model.apply(new Edit.Select(Selection.of(next.row())));
            });
            event.consume();
        }
    }

    /** The point in hand; with none what is drawn. */
    @Override
    public Object queryAccessibleAttribute(AccessibleAttribute attribute, Object... parameters) {
        return attribute == AccessibleAttribute.TEXT ? inWords() : super.queryAccessibleAttribute(attribute, parameters);
    }

    private String inWords() {
        Findings findings = model.findings();
        OptionalInt row = findings.desk().selection().inHand();
        boolean onPoint = row.isPresent() && row.getAsInt() < findings.work().table().size()
                && findings.curves().residualsAreOpen();
        return onPoint ? PointText.of(findings, row.getAsInt()) : PlotDescription.ofStrip(findings);
    }

    private MenuButton kinds() {
        MenuButton button = new MenuButton();
        button.setId("strip-kind");
        button.getStyleClass().setAll("quiet", "menu", "strip-kind");
        Tip.set(button, "how the residuals are shown");
        for (StripKind kind : StripKind.values()) {
            MenuItem item = Literally.said(new MenuItem(kind.title()));
            item.setId("strip-" + kind.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            item.setOnAction(_ -> model.apply(new PlotEdit.ShowStrip(kind)));
            button.getItems().add(item);
        }
        button.getItems().add(new SeparatorMenuItem());
        for (Below below : List.of(Below.SUMS, Below.MATRICES)) {
            MenuItem item = Literally.said(new MenuItem("calculation " + below.title()));
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
        return view.figure() != null && view.figure().hit(event.getX() - view.getLayoutX(),
                event.getY() - view.getLayoutY()) instanceof Hit.OnPoint(int row)
                ? OptionalInt.of(row)
                : OptionalInt.empty();
    }
}
