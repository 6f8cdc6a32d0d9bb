package hestra.desktop.plot;

import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;

import hestra.chance.Play;
import hestra.chance.Run;
import hestra.desk.ChanceEdit;
import hestra.desk.ChanceInView;
import hestra.desk.ChanceState;
import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desktop.model.DeskModel;
import hestra.figure.Below;

/**
 * Draws by chance: once, or many times, first so slowly that one sees what is done and then faster; stopped at any time. Goes on
 * by itself with what a long run has left over.
 */
public final class Drawing {

    private static final double A_SECOND = 1e9;
    /** So many draws a second to begin with, growing by this share of themselves a second. */
    private static final double FIRST_RATE = 8;
    private static final double GROWTH = 3;
    /** Between two steps, seconds: each of them is an edit. */
    private static final double BETWEEN = 0.05;
    /** Points that have not moved for so long stand still, seconds. */
    private static final double STILL = 0.15;

    private final DeskModel model;
    private final ReadOnlyBooleanWrapper going = new ReadOnlyBooleanWrapper();
    private int from;
    private int until;
    private int shown;
    private Runnable begun = () -> { };
    private long since;
    private long last;
    /** Whether points have been moved, and since when they stand still. */
    private boolean waits;
    private long stillSince;
    private final AnimationTimer timer = new AnimationTimer() {
        @Override
        public void handle(long now) {
            step(now);
        }
    };

    public Drawing(DeskModel model) {
        this.model = model;
        model.watch(this::show);
    }

    /** Turns a play on, or off when it is on. */
    void toggle(Play play) {
        stop();
        if (model.findings().playing().filter(play::equals).isPresent()) {
            model.apply(new PlotEdit.ShowBelow(Below.RESIDUALS));
        } else {
            model.apply(new ChanceEdit.PlayChance(play, Run.unchosen()));
            begun.run();
        }
    }

    /** Has it told when a play has been turned on. */
    void onBegun(Runnable action) {
        begun = action;
    }

    /** Draws once more, or many times more. */
    void draw(int more) {
        if (model.findings().chance().filter(it -> it.problem().isEmpty()).isEmpty()) {
            return;
        }
        stop();
        from = drawn();
        until = Math.min(Run.MOST_DRAWS, from + more);
        shown = from;
        if (until == from) {
            return;
        }
        if (more == 1 || Platform.getPreferences().isReducedMotion()) {
            model.apply(new ChanceEdit.Draw(until));
            return;
        }
        since = 0;
        going.set(true);
        timer.start();
    }

    /** Stops where it is: what a long run has left over is let go. */
    void stop() {
        if (going.get()) {
            halt();
            model.findings().chance().filter(ChanceInView::isUnderway).flatMap(ChanceInView::asked)
                    .ifPresent(it -> model.apply(new ChanceEdit.Draw(it.pile().draws())));
        }
    }

    private void halt() {
        until = shown;
        waits = false;
        going.set(false);
        timer.stop();
    }

    /** Whether it is being drawn. */
    ReadOnlyBooleanProperty goingProperty() {
        return going.getReadOnlyProperty();
    }

    private int drawn() {
        return model.findings().work().plot().chance().map(ChanceState::drawn).orElse(0);
    }

    private void show(Findings findings) {
        Optional<ChanceInView> underway = findings.chance().filter(ChanceInView::isUnderway);
        if (underway.isPresent()) {
            waits = underway.get().isWaiting();
            stillSince = 0;
            if (!going.get()) {
                until = drawn();
                shown = until;
            }
            going.set(!waits);
            timer.start();
        } else if (waits || going.get() && (shown >= until || findings.chance().isEmpty() || drawn() != shown)) {
            // All is drawn, or something else has been done meanwhile.
            halt();
        }
    }

    private void step(long now) {
        if (!model.isInHand()) {
            // Another part is: it goes on when this one is turned to again, where something is left over.
            halt();
            return;
        }
        if (model.findings().chance().filter(ChanceInView::isUnderway).isPresent()) {
            stillSince = stillSince == 0 ? now : stillSince;
            if (!waits || now - stillSince > STILL * A_SECOND) {
                model.goOn();
            }
            return;
        }
        if (since == 0) {
            since = now;
            last = now;
        } else if (now - last < BETWEEN * A_SECOND) {
            return;
        }
        last = now;
        double t = (now - since) / A_SECOND;
        double by = FIRST_RATE / GROWTH * Math.expm1(GROWTH * t);
        shown = (int) Math.min(until, Math.max(shown + 1.0, from + by));
        model.apply(new ChanceEdit.Draw(shown));
    }
}
