package hestra.desktop.plot;

import javafx.animation.AnimationTimer;
import javafx.application.Platform;

import hestra.desk.ChanceInView;
import hestra.desk.Findings;
import hestra.figure.ChanceMarks;
import hestra.figure.PlotContent;

/** The way of the points to the places that chance deals to them; where motion is not wanted they are there at once. */
final class Glide {

    private static final double SECONDS = 0.5;
    private static final double A_SECOND = 1e9;
    /** More points than this are there at once: nobody could follow them. */
    private static final int MOST = 300;

    private final Runnable changed;
    private ChanceMarks seen = ChanceMarks.NONE;
    private int drawn;
    private double share = 1;
    private long since;
    private final AnimationTimer timer = new AnimationTimer() {
        @Override
        public void handle(long now) {
            since = since == 0 ? now : since;
            share = Math.min(1, (now - since) / A_SECOND / SECONDS);
            if (share == 1) {
                stop();
            }
            changed.run();
        }
    };

    /** {@code changed} is run when the points have gone on. */
    Glide(Runnable changed) {
        this.changed = changed;
    }

    /** Begins when there is one draw more than before. */
    void watch(Findings findings) {
        int now = findings.chance().map(ChanceInView::wanted).orElse(0);
        ChanceMarks marks = now == 0 ? ChanceMarks.NONE : findings.plot().chance();
        boolean oneMore = now == drawn + 1 && marks != seen && marks.moves() && marks.dealt().size() <= MOST
                && !Platform.getPreferences().isReducedMotion();
        if (oneMore) {
            since = 0;
            share = 0;
            timer.start();
        } else if (marks != seen) {
            share = 1;
            timer.stop();
        }
        drawn = now;
        seen = marks;
    }

    /** What is to be seen now. */
    PlotContent on(PlotContent content) {
        return share < 1 ? content.gliding(1 - Math.pow(1 - share, 3)) : content;
    }
}
