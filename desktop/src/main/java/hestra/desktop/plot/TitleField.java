package hestra.desktop.plot;

import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.layout.StackPane;

import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Names;
import hestra.figure.Dress;
import hestra.numbers.Words;

/** Where the plot's title is typed; an empty one is none. */
final class TitleField extends PlaceField {

    private static final double WIDEST = 340;

    private final DeskModel model;

    TitleField(DeskModel model, Runnable after) {
        super("plot-title", "Title of the plot. Then Enter.", WIDEST, after);
        this.model = model;
        Names.as(this, "title of the plot");
        StackPane.setAlignment(this, Pos.TOP_CENTER);
        StackPane.setMargin(this, new Insets(0, 20, 0, 62));
    }

    /** Comes with the title as it is, or with what is on the axes. */
    void open() {
        Findings findings = model.findings();
        String now = findings.work().plot().dress().title();
        open(now.isEmpty() ? Words.capitalized(findings.y().described() + " against " + findings.x().described()) : now);
    }

    @Override
    void keep(String text) {
        Dress dress = model.findings().work().plot().dress();
        Dress titled = dress.withTitle(text);
        if (!titled.equals(dress)) {
            model.apply(new PlotEdit.DressPlot(titled));
        }
    }
}
