package hestra.desktop.plot;

import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import javafx.application.Platform;

import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;

import hestra.desktop.model.DeskModel;
import hestra.documents.file.SoundFile;
import hestra.sound.PlotSound;
import hestra.sound.PlotSound.Part;
import hestra.sound.PlotSound.Place;
import hestra.sound.Waves;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Plays the plot as it is drawn: what of it, how fast, and point by point as one walks. */
final class Hearing {

    private static final Logger LOG = LoggerFactory.getLogger(Hearing.class);
    private static final double[] SECONDS = {1.5, 2.5, 4, 6, 9, 14};
    private static final int USUAL = 2;
    private static final int PIECE = 4_096;

    private final DeskModel model;
    private final Consumer<String> say;
    private final AtomicReference<Thread> playing = new AtomicReference<>();
    private Part part = Part.POINTS;
    private int speed = USUAL;
    private boolean whileWalking;

    /** Plays the plot of a desk; {@code say} tells what is played. */
    Hearing(DeskModel model, Consumer<String> say) {
        this.model = model;
        this.say = say;
    }

    private PlotSound sound() {
        return PlotSound.of(model.findings().plot(), model.findings().curves().residualsAreOpen());
    }

    /** Plays it from left to right; what is being played ends. */
    void playOrStop() {
        if (playing.get() != null) {
            stop();
            say.accept("Stopped");
            return;
        }
        PlotSound sound = sound();
        if (sound.points().isEmpty()) {
            say.accept("There is nothing to be heard: the plot shows no points");
            return;
        }
        part = sound.parts().contains(part) ? part : Part.POINTS;
        say.accept("Playing " + part.inWords() + " from left to right · S stops · Shift+S plays something else");
        play(sound.play(part, SECONDS[speed]));
    }

    /** Goes on to what else can be heard, and plays it. */
    void playNext() {
        List<Part> parts = sound().parts();
        part = parts.get((parts.indexOf(part) + 1) % parts.size());
        stop();
        playOrStop();
    }

    /** Plays faster or slower from here on. */
    void change(int by) {
        speed = Math.clamp(speed + by, 0, SECONDS.length - 1);
        say.accept(String.format(Locale.ROOT, "From left to right in %s seconds", trimmed(SECONDS[speed])));
    }

    private static String trimmed(double seconds) {
        return seconds == Math.rint(seconds) ? Integer.toString((int) seconds) : Double.toString(seconds);
    }

    /** Has each point sound as one walks to it, or no more. */
    void toggleWalking() {
        whileWalking = !whileWalking;
        say.accept(whileWalking ? "Each point sounds as you walk to it · M ends it" : "Points no longer sound");
    }

    /** One walked to the point of a row. */
    void walkedTo(int row) {
        if (whileWalking) {
            model.findings().plot().points().stream().filter(it -> it.row() == row).findFirst()
                    .ifPresent(it -> {
                        stop();
                        play(sound().point(new Place(it.x(), it.y())));
                    });
        }
    }

    private void stop() {
        Thread before = playing.getAndSet(null);
        if (before != null) {
            before.interrupt();
        }
    }

    private void play(Waves waves) {
        Thread thread = Thread.ofPlatform().name("sound").daemon().unstarted(() -> write(waves));
        playing.set(thread);
        thread.start();
    }

    private void write(Waves waves) {
        Thread mine = Thread.currentThread();
        try (SourceDataLine line = AudioSystem.getSourceDataLine(SoundFile.format(waves))) {
            line.open(SoundFile.format(waves), PIECE * 2);
            line.start();
            byte[] pcm = waves.pcm();
            for (int at = 0; at < pcm.length && playing.get() == mine; at += PIECE) {
                line.write(pcm, at, Math.min(PIECE, pcm.length - at));
            }
            if (playing.get() == mine) {
                line.drain();
            }
        } catch (LineUnavailableException | IllegalArgumentException e) {
            LOG.info("Nothing can be played", e);
            Platform.runLater(() -> say.accept("This machine plays no sound. “hestra fit … --sound FILE” writes it to a file"));
        } finally {
            playing.compareAndSet(mine, null);
        }
    }
}
