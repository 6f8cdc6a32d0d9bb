package hestra.desktop.working;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;

import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.desktop.parts.Clip;
import hestra.desktop.parts.Tip;
import hestra.documents.page.WorkingText;
import hestra.figure.Below;
import hestra.fit.Fit;
import hestra.fit.LineFit;
import hestra.fit.LinearFit;
import hestra.task.Aid;
import hestra.task.FillIn;
import hestra.task.Keepable;
import hestra.working.MatrixWorking;
import hestra.working.SumsWorking;

import static hestra.desktop.parts.Presence.present;

/** The hand calculation below the plot: by sums, or by matrices. What is held back is not shown by its working either. */
public final class WorkingView extends BorderPane {

    private static final int MOST_ROWS = 2_000;

    private final DeskModel model;
    private final Label message = new Label();
    private final Optional<Consumer<Keepable>> keep;
    private final Button copy = new Button("Copy");
    private final Button onSheet = new Button("On the sheet");
    /** Writes the calculation that is shown as text. */
    private Optional<Supplier<String>> text = Optional.empty();
    private Choices<Below> which;
    private SumsTable sums;
    private Findings shown;
    private Optional<FillPane> filling = Optional.empty();

    /** The view; {@code keep} keeps the calculation on a sheet of one's own, where there is one. */
    public WorkingView(DeskModel model, Optional<Consumer<Keepable>> keep) {
        this.model = model;
        this.keep = keep;
        getStyleClass().add("working");
        setId("working");
        model.watch(this::show);
    }

    /** Built when it is first asked for: a desk without it starts sooner. */
    private void build() {
        sums = new SumsTable(model);
        which = new Choices<>("below", List.of(Below.RESIDUALS, Below.SUMS, Below.MATRICES), Below::title, it ->
                model.apply(new PlotEdit.ShowBelow(it)));
        message.getStyleClass().add("small");
        message.setWrapText(true);
        Label title = new Label("Calculation");
        title.getStyleClass().add("working-title");
        copy.setId("copy-calculation");
        copy.getStyleClass().setAll("quiet");
        Tip.set(copy, "copy the calculation as a table, its numbers in full");
        copy.setOnAction(_ -> text.ifPresent(it -> Clip.put(it.get())));
        HBox head = new HBox(title, copy, which);
        keep.ifPresent(it -> {
            onSheet.setId("keep-calculation");
            onSheet.getStyleClass().setAll("quiet");
            Tip.set(onSheet, "put the calculation on your sheet");
            onSheet.setOnAction(_ -> it.accept(model.findings().work().plot().below() == Below.SUMS
                    ? Keepable.SUMS : Keepable.MATRICES));
            head.getChildren().add(2, onSheet);
        });
        HBox.setHgrow(title, Priority.ALWAYS);
        title.setMaxWidth(Double.MAX_VALUE);
        head.setAlignment(Pos.CENTER_LEFT);
        head.getStyleClass().add("working-head");
        setTop(head);
    }

    private void show(Findings findings) {
        Below below = findings.below();
        boolean visible = below == Below.SUMS || below == Below.MATRICES;
        present(this, visible);
        if (!visible) {
            shown = null;
            return;
        }
        if (sums == null) {
            build();
        }
        which.show(Optional.of(below));
        Optional<FillIn> fill = findings.fillIn();
        which.setDisable(fill.isPresent());
        if (fill.isPresent()) {
            fill(findings, fill.get());
            shown = null;
            return;
        }
        filling = Optional.empty();
        Optional<Aid> closed = Stream.of(Aid.LINE, Aid.EQUATION, Aid.R, Aid.R_SQUARED, Aid.RESIDUALS)
                .filter(aid -> !findings.isOpen(aid)).findFirst();
        if (closed.isPresent()) {
            say(findings.placeOf(closed.get(), "The calculation", false));
        } else if (below == Below.SUMS) {
            sums(findings);
        } else if (shown == null || shown.pairs() != findings.pairs()
                || shown.curves().slotInHand() != findings.curves().slotInHand()
                || shown.curves().fitInHand() != findings.curves().fitInHand()
                || !(getCenter() instanceof ScrollPane)) {
            matrices(findings);
        }
        shown = findings;
    }

    private void fill(Findings findings, FillIn fill) {
        String task = findings.taskInHand().orElseThrow();
        if (filling.filter(it -> it.isOf(task, fill)).isEmpty()) {
            filling = Optional.of(new FillPane(model, task, fill, findings.numbers().style()));
        }
        text = Optional.empty();
        copy.setVisible(false);
        onSheet.setVisible(false);
        filling.get().show(findings);
        if (getCenter() != filling.get()) {
            setCenter(filling.get());
        }
    }

    /** Where typing goes: the next cell to fill in, where there is one. */
    public Optional<Node> entry() {
        return filling.flatMap(FillPane::entry);
    }

    private void sums(Findings findings) {
        Optional<SumsWorking> working = findings.fit().line().filter(_ -> findings.pairs().size() <= MOST_ROWS)
                .flatMap((LineFit line) -> SumsWorking.of(line, findings.pairs()));
        if (working.isPresent()) {
            sums.show(findings, working.get());
            setCenter(sums);
            offer(() -> WorkingText.sums(working.get(), findings.work().plot().unfolded(), findings.x().name(),
                    findings.y().name(), findings.numbers().style()));
        } else {
            say(findings.fit() instanceof Fit.None(String reason) ? reason : findings.pairs().size() > MOST_ROWS
                    ? "With more than " + MOST_ROWS + " points a calculation by hand is not written out."
                    : "These values are too large or too small to be written out. Use another unit.");
        }
    }

    private void matrices(Findings findings) {
        Optional<MatrixWorking> matrices = findings.curves().fitInHand()
                .filter(LinearFit.class::isInstance).map(LinearFit.class::cast)
                .flatMap(fit -> MatrixWorking.of(fit, findings.pairs()));
        if (matrices.isPresent()) {
            ScrollPane scroll = new ScrollPane(MatrixPane.of(matrices.get(), findings.numbers().style()));
            scroll.setFitToHeight(true);
            setCenter(scroll);
            offer(() -> WorkingText.matrices(matrices.get(), findings.numbers().style()));
        } else {
            say(findings.curves().fitInHand().filter(LinearFit.class::isInstance).isPresent()
                    ? "Matrices are written out for up to " + MatrixWorking.MOST + " points."
                    : "Matrices solve curves that are sums of terms: select the line, a polynomial, a logarithmic curve or own "
                    + "terms.");
        }
    }

    private void offer(Supplier<String> calculation) {
        text = Optional.of(calculation);
        copy.setVisible(true);
        onSheet.setVisible(true);
    }

    private void say(String why) {
        text = Optional.empty();
        copy.setVisible(false);
        onSheet.setVisible(false);
        message.setText(why);
        StackPane.setAlignment(message, Pos.CENTER);
        setCenter(new StackPane(message));
    }
}
