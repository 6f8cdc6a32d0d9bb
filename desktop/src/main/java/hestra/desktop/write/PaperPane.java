package hestra.desktop.write;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.DoubleBinding;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

import hestra.desk.Findings;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.desktop.parts.Newest;
import hestra.documents.page.Handout;
import hestra.documents.page.Paper;
import hestra.exercise.Exercise;
import hestra.numbers.Counted;
import hestra.review.ScreenWords;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The handout, or the key to it, as it will come out on paper; it follows what is written. */
final class PaperPane {

    private static final Logger LOG = LoggerFactory.getLogger(PaperPane.class);
    private static final Duration CALM = Duration.millis(600);
    private static final double LEAST_WIDTH = 260;
    /** What is left free beside a page. */
    private static final double AROUND = 48;

    private final DeskModel model;
    private final Choices<Boolean> which;
    private final Choices<Paper> papers;
    private final Label told = new Label("Laying out the pages\u2026");
    private final VBox pages = new VBox();
    private final RemarkList screenWords;
    private final ScrollPane scroll;
    private final Newest<List<byte[]>> drawing = new Newest<>("pages");
    private final PauseTransition pause = new PauseTransition(CALM);
    private boolean key;
    private Paper paper = Paper.A4;
    private Exercise drawn;

    PaperPane(DeskModel model) {
        this.model = model;
        which = new Choices<>("paper-which", List.of(false, true), it -> it ? "key" : "handout", it -> {
            key = it;
            draw();
        });
        papers = new Choices<>("paper-size", List.of(Paper.values()), Paper::title, it -> {
            paper = it;
            draw();
        });
        which.show(Optional.of(key));
        papers.show(Optional.of(paper));
        told.setId("paper-told");
        told.getStyleClass().add("small");
        HBox ask = new HBox(10, which, papers, told);
        ask.setAlignment(Pos.CENTER_LEFT);
        pages.setId("paper-pages");
        pages.getStyleClass().add("paper-pages");
        screenWords = new RemarkList(model, "paper-remarks", ScreenWords::of, true);
        VBox pane = new VBox(ask, screenWords, pages);
        pane.getStyleClass().add("paper-pane");
        scroll = new ScrollPane(pane);
        scroll.setId("paper-pane");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        pause.setOnFinished(_ -> draw());
    }

    Node node() {
        return scroll;
    }

    /** Follows what is written, while it is there to be seen. */
    void show(Findings findings) {
        screenWords.show(findings.exercise());
        if (drawn == null) {
            draw();
        } else if (!drawn.equals(findings.exercise())) {
            pause.playFromStart();
        }
    }

    /** Lays them out beside the window's thread; those of an earlier state are let go. */
    private void draw() {
        Exercise exercise = model.desk().exercise();
        boolean ofKey = key;
        Paper on = paper;
        drawn = exercise;
        drawing.run(() -> Handout.pictures(exercise, ofKey, on), this::fill, failure -> {
            LOG.error("the pages cannot be laid out", failure);
            told.setText("The pages could not be laid out. What you wrote is as it was; the log says why.");
        });
    }

    private void fill(List<byte[]> pictures) {
        List<Node> shown = new ArrayList<>();
        for (int i = 0; i < pictures.size(); i++) {
            ImageView view = new ImageView(new Image(new ByteArrayInputStream(pictures.get(i))));
            view.setPreserveRatio(true);
            view.setSmooth(true);
            view.fitWidthProperty().bind(width());
            StackPane page = new StackPane(view);
            page.getStyleClass().add("paper-page");
            page.setId("paper-page-" + (i + 1));
            page.setFocusTraversable(true);
            page.setAccessibleText("page " + (i + 1) + " of " + pictures.size());
            shown.add(page);
        }
        pages.getChildren().setAll(shown);
        told.setText(Counted.of(pictures.size(), "page"));
    }

    private DoubleBinding width() {
        return Bindings.createDoubleBinding(() -> Math.max(LEAST_WIDTH, scroll.getViewportBounds().getWidth() - AROUND),
                scroll.viewportBoundsProperty());
    }
}
