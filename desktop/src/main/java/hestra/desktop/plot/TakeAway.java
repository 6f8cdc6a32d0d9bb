package hestra.desktop.plot;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.image.Image;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;

import hestra.data.Selection;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desktop.look.Look;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Clip;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Tip;
import hestra.documents.page.EquationText;
import hestra.documents.picture.Palette;
import hestra.documents.picture.PlotSheet;
import hestra.figure.Figure;
import hestra.figure.Layer;
import hestra.figure.Layout;
import hestra.figure.ResidualStrip;
import hestra.figure.ScatterPlot;
import hestra.figure.Slot;
import hestra.fit.Equation;
import hestra.fit.Fit;
import hestra.fit.LineFit;
import hestra.numbers.NumberStyle;
import hestra.task.Aid;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Takes the plot, the equation or the readings to another program: what is taken is what is seen. */
public final class TakeAway extends MenuButton {

    private final DeskModel model;
    private final Look look;
    private final PlotView plot;
    private final StripView strip;
    private final Consumer<String> notice;
    private final CheckMenuItem withStrip = new CheckMenuItem("with the residual strip");
    private final CheckMenuItem withEquation = new CheckMenuItem("with the equation");
    private final CheckMenuItem dark = new CheckMenuItem("dark, as in the window");

    /**
     * A button with a menu.
     *
     * @param save asks where to save a plot and does it
     */
    public TakeAway(DeskModel model, Look look, PlotView plot, StripView strip, Consumer<PlotSheet> save,
            Consumer<String> notice) {
        this.model = model;
        this.look = look;
        this.plot = plot;
        this.strip = strip;
        this.notice = notice;
        setId("take-away");
        getStyleClass().addAll("icon-button", "menu", "take-away");
        setGraphic(new FontIcon(Feather.SHARE));
        setAccessibleText("Take away");
        Tip.set(this, "take away the plot, the equation or the readings, for other programs (Ctrl+C in the plot copies it)");
        withStrip.setSelected(true);
        withEquation.setSelected(true);
        MenuItem equation = item("Copy the equation as text", () -> copyEquation(Equation::plain));
        MenuItem mathMl = item("Copy the equation as MathML", () -> copyEquation(EquationText::mathMl));
        MenuItem latex = item("Copy the equation as LaTeX", () -> copyEquation(EquationText::latex));
        MenuItem readings = item("Copy the readings as a table", this::copyReadings);
        getItems().addAll(item("Copy the plot as a picture", this::copyPicture),
                item("Save the plot\u2026", () -> save.accept(sheet())), withStrip, withEquation, dark,
                new SeparatorMenuItem(), equation, mathMl, latex, readings);
        setOnShowing(_ -> {
            boolean open = equation().isPresent();
            List.of(equation, mathMl, latex, withEquation).forEach(it -> it.setDisable(!open));
            readings.setDisable(readings().isEmpty());
            dark.setVisible(look.darkProperty().get());
            withStrip.setDisable(!model.findings().curves().residualsAreOpen());
        });
        plot.onCopy(this::copyPicture);
    }

    private MenuItem item(String text, Runnable action) {
        MenuItem item = Literally.said(new MenuItem(text));
        item.setOnAction(_ -> action.run());
        return item;
    }

    /** The plot as it is seen now, with what is wanted and open, and with nothing selected: on paper, unless dark is wanted. */
    PlotSheet sheet() {
        Findings findings = model.findings().next(model.desk().apply(new Edit.Select(Selection.NONE))
                .apply(new Edit.Hover(OptionalInt.empty())));
        boolean shown = findings.curves().isShown(findings.curves().slotInHand());
        boolean residuals = withStrip.isSelected() && findings.curves().residualsAreOpen() && strip.isVisible() && shown;
        // Where the equation stands beside its curve it is in the picture already.
        boolean named = findings.work().layers().contains(Layer.EQUATIONS);
        Figure points = ScatterPlot.describe(findings.plot(), size(plot.figure()));
        return new PlotSheet(points, residuals ? Optional.ofNullable(strip.figure())
                .map(it -> ResidualStrip.describe(findings.strip(),
                findings.work().plot().strip(), size(it))) : Optional.empty(),
                withEquation.isSelected() && shown && !named
                        ? equation().map(Equation::plain) : Optional.empty(), palette());
    }

    private Layout size(Figure seen) {
        return new Layout(seen.width(), seen.height(), look.type());
    }

    private Palette palette() {
        boolean asSeen = model.findings().work().plot().dress().blackOnWhite() || dark.isSelected() && dark.isVisible();
        return asSeen ? DressMenu.palette(model, look) : Palette.ON_WHITE;
    }

    private Optional<Equation> equation() {
        Findings findings = model.findings();
        return findings.isOpen(Aid.EQUATION) || findings.curves().slotInHand() == Slot.TRIAL ? findings.curves().curveInHand()
                .map(findings.numbers()::equation) : Optional.empty();
    }

    private void copyPicture() {
        try {
            ClipboardContent content = new ClipboardContent();
            content.putImage(new Image(new ByteArrayInputStream(sheet().png())));
            Clipboard.getSystemClipboard().setContent(content);
            notice.accept("The plot is on the clipboard as a picture.");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void copyEquation(Function<Equation, String> form) {
        equation().ifPresent(equation -> copy(form.apply(equation), "The equation is on the clipboard."));
    }

    private void copyReadings() {
        copy(String.join("\n", readings()) + "\n", "The readings are on the clipboard.");
    }

    private void copy(String text, String message) {
        Clip.put(text);
        notice.accept(message);
    }

    /** A line for each reading that is open: its name, a tab, its value in full. */
    private List<String> readings() {
        Findings findings = model.findings();
        List<String> lines = new ArrayList<>();
        NumberStyle style = findings.numbers().style();
        findings.curves().fitInHand().flatMap(Fit::curveFit).ifPresent(fit -> {
            if (findings.isOpen(Aid.EQUATION)) {
                fit.coefficients().forEach(it -> lines.add(it.name() + "\t" + style.typed(it.value())));
                fit.goodness().residualStandardError().ifPresent(s -> lines.add("s\t" + style.typed(s)));
            }
            if (findings.isOpen(Aid.R) && fit instanceof LineFit line) {
                line.r().ifPresent(value -> lines.add("r\t" + style.typed(value)));
            }
            if (findings.isOpen(Aid.R_SQUARED)) {
                fit.goodness().rSquared().ifPresent(value -> lines.add("R\u00b2\t" + style.typed(value)));
            }
            lines.add("n\t" + fit.n());
            findings.curves().prediction().ifPresent(it -> lines.add(findings.y().name() + " at " + findings.x()
                    .name() + " " + style.typed(it.x()) + "\t" + style.typed(it.fitted())));
        });
        return lines;
    }
}
