package hestra.documents.file;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Path;

import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

import hestra.sound.Waves;

/** Sound as the Java platform plays and writes it: 16 bits a sample, two ears. */
public final class SoundFile {

    private static final int BITS = 16;
    private static final int EARS = 2;

    private SoundFile() {}

    /** The format of waves. */
    public static AudioFormat format(Waves waves) {
        return new AudioFormat(waves.rate(), BITS, EARS, true, false);
    }

    /** Writes waves as a WAV file, in the place of what was there. */
    public static void write(Path file, Waves waves) throws IOException {
        byte[] pcm = waves.pcm();
        AudioFormat format = format(waves);
        FileWriting.write(file, out -> {
            try (AudioInputStream sound = new AudioInputStream(new ByteArrayInputStream(pcm), format,
                    pcm.length / format.getFrameSize())) {
                AudioSystem.write(sound, AudioFileFormat.Type.WAVE, out);
            }
        });
    }
}
