package hestra.desktop.plot;

import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;

import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desktop.model.DeskModel;
import hestra.figure.Dress;

import static hestra.desktop.parts.Presence.present;

/** Where the plot's title is typed: Enter keeps it, so does going elsewhere, Escape leaves it as it was; an empty one is none. */
final class TitleField extends TextField {

    private static final double WIDEST = 340;

    private final DeskModel model;
    private final Runnable after;

    /**
     * A field that is not there until it is opened.
     *
     * @param after is run when the title has been typed or left
     */
    TitleField(DeskModel model, Runnable after) {
        this.model = model;
        this.after = after;
        setId("plot-title");
        getStyleClass().add("title-field");
        setAlignment(Pos.CENTER);
        setMaxWidth(WIDEST);
        setAccessibleText("title of the plot");
        setPromptText("Title of the plot. Then Enter.");
        StackPane.setAlignment(this, Pos.TOP_CENTER);
        StackPane.setMargin(this, new Insets(0, 20, 0, 62));
        present(this, false);
        setOnAction(_ -> {
            keep();
            after.run();
        });
        setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                present(this, false);
                after.run();
                event.consume();
            }
        });
        focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                keep();
            }
        });
    }

    /** Comes with the title as it is, or with what is on the axes, to be typed over. */
    void open() {
        Findings findings = model.findings();
        String now = findings.work().plot().dress().title();
        setText(now.isEmpty() ? usual(findings) : now);
        present(this, true);
        requestFocus();
        selectAll();
    }

    private static String usual(Findings findings) {
        String text = findings.y().described() + " against " + findings.x().described();
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private void keep() {
        if (isVisible()) {
            present(this, false);
            Dress dress = model.findings().work().plot().dress();
            Dress titled = dress.withTitle(getText());
            if (!titled.equals(dress)) {
                model.apply(new PlotEdit.DressPlot(titled));
            }
        }
    }
}
