package hestra.desktop.parts;

import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;

import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;

import hestra.documents.file.SoundFile;
import hestra.sound.Waves;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Plays sound, one at a time, off the window's thread. */
public final class SoundPlayer {

    private static final Logger LOG = LoggerFactory.getLogger(SoundPlayer.class);
    private static final int PIECE = 4_096;

    private final AtomicReference<Thread> playing = new AtomicReference<>();

    /** Whether something is being played. */
    public boolean isPlaying() {
        return playing.get() != null;
    }

    /** Ends what is being played. */
    public void stop() {
        Thread before = playing.getAndSet(null);
        if (before != null) {
            before.interrupt();
        }
    }

    /**
     * Plays waves in the place of what is being played.
     *
     * @param cannot is run on the window's thread where this machine plays no sound
     */
    public void play(Waves waves, Runnable cannot) {
        stop();
        Thread thread = Thread.ofPlatform().name("sound").daemon().unstarted(() -> write(waves, cannot));
        playing.set(thread);
        thread.start();
    }

    private void write(Waves waves, Runnable cannot) {
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
            Platform.runLater(cannot);
        } finally {
            playing.compareAndSet(mine, null);
        }
    }
}
