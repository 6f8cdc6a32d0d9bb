package hestra.desktop.working;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;

import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desktop.app.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.exercise.Aid;
import hestra.figure.Below;
import hestra.fit.Fit;
import hestra.fit.LineFit;
import hestra.fit.LinearFit;
import hestra.working.MatrixWorking;
import hestra.working.SumsWorking;

import static hestra.desktop.parts.Presence.present;

/** The hand calculation below the plot: by sums, or by matrices. What is held back is not shown by its working either. */
public final class WorkingView extends BorderPane {

    private static final int MOST_ROWS = 2_000;

    private final DeskModel model;
    private final Label message = new Label();
    private Choices<Below> which;
    private SumsTable sums;
    private Findings shown;

    public WorkingView(DeskModel model) {
        this.model = model;
        getStyleClass().add("working");
        setId("working");
        model.watch(this::show);
    }

    /** Built when it is first asked for: a desk without it starts sooner. */
    private void build() {
        sums = new SumsTable(model);
        which = new Choices<>("below", List.of(Below.values()), Below::title, it -> model.apply(new PlotEdit.ShowBelow(it)));
        message.getStyleClass().add("small");
        message.setWrapText(true);
        Label title = new Label("Calculation");
        title.getStyleClass().add("working-title");
        HBox head = new HBox(title, which);
        HBox.setHgrow(title, Priority.ALWAYS);
        title.setMaxWidth(Double.MAX_VALUE);
        head.setAlignment(Pos.CENTER_LEFT);
        head.getStyleClass().add("working-head");
        setTop(head);
    }

    private void show(Findings findings) {
        Below below = findings.work().plot().below();
        boolean visible = below != Below.RESIDUALS;
        present(this, visible);
        if (!visible) {
            shown = null;
            return;
        }
        if (sums == null) {
            build();
        }
        which.show(Optional.of(below));
        Optional<Aid> closed = Stream.of(Aid.LINE, Aid.EQUATION, Aid.R, Aid.R_SQUARED, Aid.RESIDUALS).filter(aid -> !findings.isOpen(aid)).findFirst();
        if (closed.isPresent()) {
            say("The calculation stands here. " + findings.whatOpens(closed.get()) + ".");
        } else if (below == Below.SUMS) {
            sums(findings);
        } else if (shown == null || shown.pairs() != findings.pairs() || shown.slotInHand() != findings.slotInHand() || shown.fitInHand() != findings.fitInHand()
                || !(getCenter() instanceof ScrollPane)) {
            matrices(findings);
        }
        shown = findings;
    }

    private void sums(Findings findings) {
        Optional<SumsWorking> working = findings.fit().line().filter(_ -> findings.pairs().size() <= MOST_ROWS).flatMap((LineFit line) -> SumsWorking.of(line, findings.pairs()));
        if (working.isPresent()) {
            sums.show(findings, working.get());
            setCenter(sums);
        } else {
            say(findings.fit() instanceof Fit.None(String reason) ? reason : findings.pairs().size() > MOST_ROWS
                    ? "With more than " + MOST_ROWS + " points a calculation by hand is not written out."
                    : "These values are too large or too small to be written out. Use another unit.");
        }
    }

    private void matrices(Findings findings) {
        Optional<Node> matrices = findings.fitInHand().filter(LinearFit.class::isInstance).map(LinearFit.class::cast)
                .flatMap(fit -> MatrixWorking.of(fit, findings.pairs())).map(it -> MatrixPane.of(it, findings.desk().style()));
        if (matrices.isPresent()) {
            ScrollPane scroll = new ScrollPane(matrices.get());
            scroll.setFitToHeight(true);
            setCenter(scroll);
        } else {
            say(findings.fitInHand().filter(LinearFit.class::isInstance).isPresent()
                    ? "Matrices are written out for up to " + MatrixWorking.MOST + " points."
                    : "Matrices solve curves that are sums of terms: take the line, a polynomial, a logarithmic curve or own terms in hand.");
        }
    }

    private void say(String text) {
        message.setText(text);
        StackPane.setAlignment(message, Pos.CENTER);
        setCenter(new StackPane(message));
    }
}
