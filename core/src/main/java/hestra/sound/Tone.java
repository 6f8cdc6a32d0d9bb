package hestra.sound;

import java.util.List;

/**
 * A tone.
 *
 * @param at when it begins, in seconds
 * @param lasts for how long, in seconds; above 0
 * @param pitches its pitch in hertz at equal steps of time, at least one; between them it glides
 * @param from where it is heard at its beginning, from −1 (left) to 1 (right)
 * @param to where it is heard at its end
 * @param loudness from 0 to 1
 * @param voice how it sounds
 */
record Tone(double at, double lasts, List<Double> pitches, double from, double to, double loudness, Voice voice) {

    /** How a tone sounds. */
    enum Voice {
        /** Struck: loud at once, dying away. */
        POINT,
        /** Held: as loud all along. */
        CURVE,
        /** A short soft knock. */
        TICK
    }

    Tone {
        pitches = List.copyOf(pitches);
    }

    /** A tone of one pitch at one place. */
    static Tone at(double at, double lasts, double pitch, double place, double loudness, Voice voice) {
        return new Tone(at, lasts, List.of(pitch), place, place, loudness, voice);
    }

    /** The same so many seconds later. */
    Tone later(double seconds) {
        return new Tone(at + seconds, lasts, pitches, from, to, loudness, voice);
    }

    /** The pitch when a share of it is over, from 0 to 1; between two given ones by the ratio. */
    double pitch(double share) {
        double place = Math.clamp(share, 0, 1) * (pitches.size() - 1);
        int below = (int) Math.min(Math.floor(place), Math.max(0, pitches.size() - 2));
        if (pitches.size() == 1) {
            return pitches.getFirst();
        }
        double low = pitches.get(below);
        return low * Math.pow(pitches.get(below + 1) / low, place - below);
    }
}
