package hestra.sound;

import java.util.List;

/** Sound for two ears, as samples from −1 to 1. */
public final class Waves {

    private static final double RISE = 0.006;
    private static final double FALL = 0.02;
    private static final double DYING = 5;
    private static final double TAIL = 0.15;

    private final int rate;
    private final float[] left;
    private final float[] right;

    private Waves(int rate, float[] left, float[] right) {
        this.rate = rate;
        this.left = left;
        this.right = right;
    }

    /** Tones together, at so many samples a second; where they are louder than 1 together, all are softer. */
    static Waves of(List<Tone> tones, int rate) {
        double ends = tones.stream().mapToDouble(tone -> tone.at() + tone.lasts()).max().orElse(0) + TAIL;
        int samples = (int) Math.ceil(ends * rate);
        Waves waves = new Waves(rate, new float[samples], new float[samples]);
        tones.forEach(waves::add);
        waves.soften();
        return waves;
    }

    private void add(Tone tone) {
        int first = (int) Math.round(tone.at() * rate);
        int count = (int) Math.round(tone.lasts() * rate);
        double phase = 0;
        for (int i = 0; i < count && first + i < left.length; i++) {
            double share = (double) i / count;
            phase += 2 * Math.PI * tone.pitch(share) / rate;
            double sample = tone.loudness() * envelope(tone, i, count) * wave(tone.voice(), phase);
            // Equally loud wherever it is: the squares of both ears add up to 1.
            double angle = (tone.from() + (tone.to() - tone.from()) * share + 1) * Math.PI / 4;
            left[first + i] += (float) (sample * Math.cos(angle));
            right[first + i] += (float) (sample * Math.sin(angle));
        }
    }

    /** Points are brighter than curves, so that a point is told from the curve that it lies on. */
    private static double wave(Tone.Voice voice, double phase) {
        return voice == Tone.Voice.POINT ? 0.75 * Math.sin(phase) + 0.25 * Math.sin(2 * phase) : Math.sin(phase);
    }

    private double envelope(Tone tone, int sample, int count) {
        double rise = Math.min(1, sample / (RISE * rate));
        double fall = Math.min(1, (count - sample) / (FALL * rate));
        double dying = tone.voice() == Tone.Voice.CURVE ? 1 : Math.exp(-DYING * sample / count);
        return rise * fall * dying;
    }

    private void soften() {
        double peak = 0;
        for (int i = 0; i < left.length; i++) {
            peak = Math.max(peak, Math.max(Math.abs(left[i]), Math.abs(right[i])));
        }
        for (int i = 0; peak > 1 && i < left.length; i++) {
            left[i] /= (float) peak;
            right[i] /= (float) peak;
        }
    }

    /** How many samples there are a second. */
    public int rate() {
        return rate;
    }

    /** How long it lasts. */
    public double seconds() {
        return (double) left.length / rate;
    }

    public float[] left() {
        return left.clone();
    }

    public float[] right() {
        return right.clone();
    }

    /** As pulse code modulation: 16 bits a sample, the lower byte first, left and right in turn. */
    public byte[] pcm() {
        byte[] bytes = new byte[left.length * 4];
        for (int i = 0; i < left.length; i++) {
            put(bytes, 4 * i, left[i]);
            put(bytes, 4 * i + 2, right[i]);
        }
        return bytes;
    }

    private static void put(byte[] bytes, int at, float sample) {
        int value = Math.round(Math.clamp(sample, -1f, 1f) * Short.MAX_VALUE);
        bytes[at] = (byte) value;
        bytes[at + 1] = (byte) (value >> 8);
    }
}
