package hestra.desktop.plot;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

import hestra.desk.PlotEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.model.TrialStart;
import hestra.desktop.parts.CurveNames;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Tip;
import hestra.exercise.PlotRules;
import hestra.figure.Slot;
import hestra.fit.Curve;
import hestra.fit.Curve.FittedOn;
import hestra.fit.Term;
import hestra.task.Aid;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Adds a curve beside the line, fitted or tried by eye. */
final class CurveMenu extends MenuButton {

    /** The families on offer; degree, way of fitting and terms are chosen at the readings. */
    private static final List<Curve> FITTED = List.of(new Curve.Polynomial(2), new Curve.Polynomial(3),
            new Curve.Exponential(FittedOn.LOGARITHMS),
            new Curve.Power(FittedOn.LOGARITHMS), new Curve.Logarithmic(), new Curve.Wave(), new Curve.ThroughOrigin(),
            new Curve.OwnTerms(List.of(Term.ONE, Term.X_SQUARED)));

    private static final List<Curve> BY_EYE = List.of(new Curve.Line(), new Curve.ThroughOrigin(), new Curve.Polynomial(2),
            new Curve.Polynomial(3),
            new Curve.Exponential(FittedOn.LOGARITHMS), new Curve.Power(FittedOn.LOGARITHMS), new Curve.Logarithmic());

    private final DeskModel model;
    private final TrialStart trial;
    private final Consumer<String> notice;

    CurveMenu(DeskModel model, TrialStart trial, Consumer<String> notice) {
        super("Curve", new FontIcon(Feather.PLUS));
        this.model = model;
        this.trial = trial;
        this.notice = notice;
        setId("add-curve");
        getStyleClass().setAll("chip", "menu", "menu-chip");
        Tip.set(this, "fit another curve beside the line, or try one by eye");
        setOnShowing(_ -> fill());
        // A menu button without items does not open.
        getItems().add(new MenuItem());
    }

    private void fill() {
        getItems().clear();
        boolean open = model.findings().curves().isOpen(Slot.FIRST);
        PlotRules rules = model.findings().part().rules();
        for (Curve curve : FITTED.stream().filter(rules::offers).toList()) {
            MenuItem item = Literally.said(new MenuItem(CurveNames.of(curve)));
            item.setId("curve-" + curve.code());
            item.setDisable(!open);
            item.setOnAction(_ -> add(curve));
            getItems().add(item);
        }
        if (!open) {
            MenuItem why = Literally.said(new MenuItem(model.findings()
                    .whatOpens(model.findings().isOpen(Aid.CURVES) ? Aid.LINE : Aid.CURVES)));
            why.setDisable(true);
            getItems().addFirst(why);
        }
        boolean trialOpen = model.findings().isOpen(Aid.TRIAL);
        Menu byEye = Literally.said(new Menu(trialOpen ? "Try by eye" : "Try by eye: " + model.findings().whatOpens(Aid.TRIAL)));
        byEye.setDisable(!trialOpen);
        byEye.setId("try");
        for (Curve curve : BY_EYE.stream().filter(rules::offers).toList()) {
            MenuItem item = Literally.said(new MenuItem(curve instanceof Curve.Line ? "Line (T)" : CurveNames.of(curve)));
            item.setId("try-" + curve.code());
            item.setOnAction(_ -> trial.begin(curve));
            byEye.getItems().add(item);
        }
        getItems().addAll(new SeparatorMenuItem(), byEye);
    }

    private void add(Curve curve) {
        if (model.findings().work().curves().slotOf(curve).isEmpty() && model.findings().work().curves().free().isEmpty()) {
            notice.accept("Four curves beside the line are as many as can be told apart. Remove one first: the cross on its "
                    + "chip does it.");
            return;
        }
        model.apply(new PlotEdit.AddCurve(curve));
    }
}
