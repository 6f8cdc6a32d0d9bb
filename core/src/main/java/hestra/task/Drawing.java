package hestra.task;

import java.util.Optional;

import hestra.figure.Frame;

/**
 * How a plot is drawn, as far as its author is asked for it.
 *
 * @param title stands above it; may be empty
 * @param frame the part of the plane that it shows; nothing for the one that fits the data
 */
public record Drawing(String title, Optional<Frame> frame) {

    /** The plot as it is drawn by itself. */
    public static final Drawing BY_ITSELF = new Drawing("", Optional.empty());
}
