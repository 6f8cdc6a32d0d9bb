package hestra.desktop.plot;

import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;

import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Clip;
import hestra.desktop.parts.Literally;
import hestra.figure.Hue;
import hestra.figure.Slot;
import hestra.fit.Equation;
import hestra.task.Aid;

/** What can be done with one curve, from its chip, from the curve itself and from its equation. */
final class CurveActions extends ContextMenu {

    CurveActions(DeskModel model, Slot slot) {
        Findings findings = model.findings();
        boolean shown = findings.curves().isShown(slot);
        MenuItem select = item("curve-select", "Select", () -> model.apply(new PlotEdit.TakeInHand(slot)));
        select.setDisable(!shown || findings.curves().slotInHand() == slot);
        MenuItem hide = item("curve-hide", shown ? "Hide" : "Show", () -> model.apply(new PlotEdit.ShowCurve(slot, !shown)));
        hide.setDisable(!findings.curves().isOpen(slot));
        MenuItem copy = item("curve-copy", "Copy the equation", () -> model.findings().curves().curveAt(slot)
                .map(model.findings().numbers()::equation).map(Equation::plain).ifPresent(Clip::put));
        copy.setDisable(findings.curves().curveAt(slot).isEmpty() || slot != Slot.TRIAL && !findings.isOpen(Aid.EQUATION));
        Menu hues = new Menu("Colour");
        for (Hue hue : Hue.values()) {
            hues.getItems().add(item("curve-hue-" + hue.inWords(), hue.inWords(),
                    () -> model.apply(new PlotEdit.DressPlot(model.findings().work().plot().dress().with(slot, hue)))));
        }
        getItems().addAll(select, hide, copy, hues);
        if (slot != Slot.LINE) {
            getItems().add(item("curve-remove", "Remove", () -> model.apply(new PlotEdit.RemoveCurve(slot))));
        }
    }

    private static MenuItem item(String id, String text, Runnable action) {
        MenuItem item = Literally.said(new MenuItem(text));
        item.setId(id);
        item.setOnAction(_ -> action.run());
        return item;
    }
}
