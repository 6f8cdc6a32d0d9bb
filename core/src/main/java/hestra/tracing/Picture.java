package hestra.tracing;

import java.util.Arrays;

/**
 * A picture as its file holds it, PNG or JPEG: immutable.
 */
public final class Picture {

    /** The most bytes that a picture kept in an exercise may have. */
    public static final int MOST_BYTES = 8 * 1024 * 1024;

    private final byte[] bytes;
    private final int hash;

    private Picture(byte[] bytes) {
        this.bytes = bytes;
        this.hash = Arrays.hashCode(bytes);
    }

    /** A picture of these bytes of a file, at most {@value #MOST_BYTES}. */
    public static Picture of(byte[] bytes) {
        if (bytes.length == 0 || bytes.length > MOST_BYTES) {
            throw new IllegalArgumentException("a picture of " + bytes.length + " bytes");
        }
        return new Picture(bytes.clone());
    }

    /** A copy of the file's bytes. */
    public byte[] bytes() {
        return bytes.clone();
    }

    @Override
    public boolean equals(Object other) {
        return other == this || other instanceof Picture picture && picture.hash == hash && Arrays.equals(picture.bytes, bytes);
    }

    @Override
    public int hashCode() {
        return hash;
    }

    @Override
    public String toString() {
        return "picture of " + bytes.length + " bytes";
    }
}
