package hestra.desktop.plot;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;

import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.SoundPlayer;
import hestra.sound.PlotSound;
import hestra.sound.PlotSound.Part;
import hestra.sound.PlotSound.Place;
import hestra.sound.Waves;

/** Plays the plot as it is drawn: what of it, how fast, and point by point as one walks. */
final class Hearing {

    private static final double[] SECONDS = {1.5, 2.5, 4, 6, 9, 14};
    private static final int USUAL = 2;

    private final DeskModel model;
    private final Consumer<String> say;
    private final SoundPlayer player = new SoundPlayer();
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
        if (player.isPlaying()) {
            player.stop();
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
        player.stop();
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
                    .ifPresent(it -> play(sound().point(new Place(it.x(), it.y()))));
        }
    }

    private void play(Waves waves) {
        player.play(waves, () -> say.accept("This machine plays no sound. “hestra fit … --sound FILE” writes it to a file"));
    }
}
