package hestra.task;

import java.util.List;
import java.util.Optional;

import hestra.data.Pairs;
import hestra.figure.Frame;
import hestra.fit.Trial;

/**
 * What an answer looks like that is made in a plot, so that many can be looked at side by side. The points are those of the data
 * wherever they can be, not a copy: a class gives thousands of answers.
 *
 * @param points the points
 * @param marked places that the answer is about
 * @param byEye the curve that was tried by eye; nothing for none
 * @param frame the part of the plane that is shown; nothing for the one that fits the points
 */
public record Sketch(Pairs points, List<Trial.Handle> marked, Optional<Trial> byEye, Optional<Frame> frame) {

    public Sketch {
        marked = List.copyOf(marked);
    }

    /** Points, none of them more than another. */
    static Sketch of(Pairs points) {
        return new Sketch(points, List.of(), Optional.empty(), Optional.empty());
    }

    Sketch marking(List<Trial.Handle> places) {
        return new Sketch(points, places, byEye, frame);
    }

    Sketch with(Optional<Trial> trial) {
        return new Sketch(points, marked, trial, frame);
    }

    Sketch within(Optional<Frame> shown) {
        return new Sketch(points, marked, byEye, shown);
    }
}
