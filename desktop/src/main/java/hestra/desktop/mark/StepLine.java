package hestra.desktop.mark;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.IntConsumer;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.Tip;
import hestra.marking.Replay;

/**
 * How work came about, as a line in time: each step a mark on it, answers that were checked and rows that were mended set off. A
 * click or the arrow keys go to a step.
 */
final class StepLine extends VBox {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final double HEIGHT = 24;
    private static final double EDGE = 8;
    private static final double CHECK = 5;
    private static final double MEND = 4;
    private static final double SMALL = 2.2;
    private static final double HERE = 13;
    private static final int MOST_MARKS = 400;
    private static final PseudoClass HERE_STYLE = PseudoClass.getPseudoClass("here");

    private final Replay replay;
    private final IntConsumer chosen;
    private final List<Region> marks = new ArrayList<>();
    private final List<Integer> steps = new ArrayList<>();
    private final Region here = new Region();
    private final Label words = new Label();
    private int at;

    /** The line of a replay; a step that is gone to is told to {@code chosen}. */
    StepLine(Replay replay, IntConsumer chosen) {
        this.replay = replay;
        this.chosen = chosen;
        this.at = replay.moments().size() - 1;
        getStyleClass().add("step-line");
        setId("mark-steps");
        Track track = new Track();
        track.getStyleClass().add("step-track");
        // Of very long work only what stands out is marked; all steps can be gone to.
        boolean all = replay.moments().size() <= MOST_MARKS;
        for (int i = 0; i < replay.moments().size(); i++) {
            Replay.Moment moment = replay.moments().get(i);
            if (!all && moment.checked().isEmpty()) {
                continue;
            }
            Region mark = new Region();
            mark.getStyleClass().add("step-mark");
            mark.getStyleClass().add(moment.checked().map(it -> "step-" + it.name().toLowerCase(Locale.ROOT))
                    .orElse(moment.mends() ? "step-mend" : "step-plain"));
            int step = i;
            mark.setOnMouseClicked(event -> {
                goTo(step);
                event.consume();
            });
            Tip.set(mark, clock(moment) + moment.words());
            marks.add(mark);
            steps.add(i);
            track.getChildren().add(mark);
        }
        here.getStyleClass().add("step-here");
        here.setMouseTransparent(true);
        track.getChildren().add(here);
        track.setFocusTraversable(true);
        track.setId("step-track");
        track.setAccessibleRole(AccessibleRole.SLIDER);
        track.setAccessibleText("How it was done: " + replay.moments().size() + " steps. Left and right go through them.");
        track.setOnKeyPressed(this::key);
        track.setOnMousePressed(event -> {
            track.requestFocus();
            goTo(nearest(event.getX(), track.getWidth()));
        });
        track.setOnMouseDragged(event -> goTo(nearest(event.getX(), track.getWidth())));
        words.getStyleClass().add("step-words");
        words.setId("step-words");
        words.setMinWidth(0);
        HBox foot = new HBox(8, end(0), words, end(replay.moments().size() - 1));
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMaxWidth(Double.MAX_VALUE);
        getChildren().addAll(track, foot);
        tell();
    }

    private Label end(int step) {
        Label label = new Label(step < 0 || replay.moments().get(step).at() == 0
                ? "" : clock(replay.moments().get(step)).strip());
        label.getStyleClass().add("small");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    private static String clock(Replay.Moment moment) {
        return moment.at() == 0 ? "" : CLOCK.format(Instant.ofEpochSecond(moment.at()).atZone(ZoneId.systemDefault())) + " ";
    }

    private void key(KeyEvent event) {
        boolean far = event.isShortcutDown();
        if (event.getCode() == KeyCode.RIGHT) {
            goTo(far ? next(1) : at + 1);
        } else if (event.getCode() == KeyCode.LEFT) {
            goTo(far ? next(-1) : at - 1);
        } else if (event.getCode() == KeyCode.HOME) {
            goTo(0);
        } else if (event.getCode() == KeyCode.END) {
            goTo(replay.moments().size() - 1);
        } else {
            return;
        }
        event.consume();
    }

    /** The next step that stands out: an answer that was checked, or a row that was mended. */
    private int next(int by) {
        int to = at + by;
        while (to > 0 && to < replay.moments().size() - 1 && replay.moments().get(to).checked().isEmpty()
                && !replay.moments().get(to).mends()) {
            to += by;
        }
        return to;
    }

    /** Goes to a step. */
    void goTo(int step) {
        int to = Math.clamp(step, 0, Math.max(0, replay.moments().size() - 1));
        if (to != at && !replay.moments().isEmpty()) {
            at = to;
            tell();
            chosen.accept(to);
        }
    }

    private void tell() {
        words.setText(replay.moments().isEmpty()
                ? "" : (at + 1) + " of " + replay.moments().size() + " · " + replay.moments().get(at).words());
        for (int i = 0; i < marks.size(); i++) {
            marks.get(i).pseudoClassStateChanged(HERE_STYLE, steps.get(i) == at);
        }
        ((Region) getChildren().getFirst()).requestLayout();
    }

    /** Where a step stands, as a share of the line: by its time where times are known. */
    private double place(int step) {
        List<Replay.Moment> moments = replay.moments();
        long first = moments.getFirst().at();
        long last = moments.getLast().at();
        boolean timed = first > 0 && last > first && moments.get(step).at() >= first && moments.get(step).at() <= last;
        return timed ? (double) (moments.get(step).at() - first) / (last - first)
                : moments.size() == 1 ? 0
                : (double) step / (moments.size() - 1);
    }

    private int nearest(double x, double width) {
        int best = at;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < replay.moments().size(); i++) {
            double distance = Math.abs(EDGE + place(i) * (width - 2 * EDGE) - x);
            if (distance < least) {
                least = distance;
                best = i;
            }
        }
        return best;
    }

    /** The line itself. */
    private final class Track extends Pane {
        private final Region rule = new Region();

        Track() {
            rule.getStyleClass().add("step-rule");
            getChildren().add(rule);
            setMinHeight(HEIGHT);
            setPrefHeight(HEIGHT);
        }

        @Override
        protected void layoutChildren() {
            rule.resizeRelocate(EDGE, HEIGHT / 2 - 1, Math.max(0, getWidth() - 2 * EDGE), 2);
            for (int i = 0; i < marks.size(); i++) {
                Replay.Moment moment = replay.moments().get(steps.get(i));
                double radius = moment.checked().isPresent() ? CHECK : moment.mends() ? MEND : SMALL;
                put(marks.get(i), steps.get(i), radius);
            }
            here.setVisible(!replay.moments().isEmpty());
            if (here.isVisible()) {
                put(here, at, HERE / 2);
            }
        }

        private void put(Region mark, int step, double radius) {
            mark.resizeRelocate(EDGE + place(step) * (getWidth() - 2 * EDGE) - radius, HEIGHT / 2 - radius, 2 * radius,
                    2 * radius);
        }
    }
}
