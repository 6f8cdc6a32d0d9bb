package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

import hestra.fit.Curve;
import hestra.sentences.Aspect;
import hestra.sentences.WordList;

/**
 * What is explained in a sentence, and what of the sentence is looked at.
 *
 * @param about what is explained
 * @param curve of which curve; nothing for the line
 * @param at where, for a prediction
 * @param xNames what else the explanatory variable may be called
 * @param yNames what else the response may be called
 * @param off what is not looked at
 * @param model a good sentence, shown after the last try; may be empty
 * @param words words of the author's own, as in the word files: a heading, a colon and words with commas between, a line each;
 *     may be empty
 * @param frame the sentence that is filled in, its gaps written ___; empty for a sentence of the student's own
 * @param leaves the share of the marks, 0 to 1, that a sentence with a misconception can earn at most; nothing for half of them
 */
public record Explaining(Aspect.About about, Optional<Curve> curve, OptionalDouble at, List<String> xNames, List<String> yNames,
        Set<Aspect> off, String model, String words, String frame, OptionalDouble leaves) {

    /** A slope, looked at in full, without a model. */
    public static final Explaining SLOPE = of(Aspect.About.SLOPE);

    public Explaining {
        xNames = List.copyOf(xNames);
        yNames = List.copyOf(yNames);
        off = Set.copyOf(off);
        if (leaves.isPresent() && !(leaves.getAsDouble() >= 0 && leaves.getAsDouble() <= 1)) {
            throw new IllegalArgumentException("a misconception leaves between none and all of the marks, not "
                    + leaves.getAsDouble());
        }
    }

    /** Another quantity, looked at in full, without a model. */
    public static Explaining of(Aspect.About about) {
        return new Explaining(about, Optional.empty(), OptionalDouble.empty(), List.of(), List.of(), Set.of(), "", "", "",
                OptionalDouble.empty());
    }

    public Explaining about(Aspect.About other) {
        return new Explaining(other, isOfAnyCurve(other) ? curve : Optional.empty(), at, xNames, yNames, Set.of(), model, words,
                frame.equals(SentenceFrame.usual(about)) ? SentenceFrame.usual(other) : frame, leaves);
    }

    /** At another place; nothing for the mean. */
    public Explaining at(OptionalDouble place) {
        return new Explaining(about, curve, place, xNames, yNames, off, model, words, frame, leaves);
    }

    public Explaining of(Curve other) {
        return new Explaining(about, other instanceof Curve.Line ? Optional.empty() : Optional.of(other), at, xNames, yNames, off,
                model, words, frame, leaves);
    }

    /** Of which curve. */
    public Curve ofCurve() {
        return curve.orElse(new Curve.Line());
    }

    /** Whether every curve has what is explained, not the line alone. */
    public static boolean isOfAnyCurve(Aspect.About about) {
        return about == Aspect.About.R_SQUARED || about == Aspect.About.S || about == Aspect.About.PREDICTION;
    }

    public Explaining withXNames(List<String> names) {
        return new Explaining(about, curve, at, names, yNames, off, model, words, frame, leaves);
    }

    public Explaining withYNames(List<String> names) {
        return new Explaining(about, curve, at, xNames, names, off, model, words, frame, leaves);
    }

    public Explaining without(Set<Aspect> aspects) {
        return new Explaining(about, curve, at, xNames, yNames, aspects, model, words, frame, leaves);
    }

    public Explaining withModel(String sentence) {
        return new Explaining(about, curve, at, xNames, yNames, off, sentence, words, frame, leaves);
    }

    public Explaining withWords(String lines) {
        return new Explaining(about, curve, at, xNames, yNames, off, model, lines, frame, leaves);
    }

    public Explaining withFrame(String gapped) {
        return new Explaining(about, curve, at, xNames, yNames, off, model, words, gapped, leaves);
    }

    /** The share of the marks that a sentence with a misconception can earn at most; nothing for half of them. */
    public Explaining withLeaves(OptionalDouble share) {
        return new Explaining(about, curve, at, xNames, yNames, off, model, words, frame, share);
    }

    /** The sentence that is filled in; nothing where the student writes one. */
    public Optional<SentenceFrame> gapped() {
        return Optional.of(SentenceFrame.of(frame)).filter(it -> it.gaps() > 0);
    }

    /** The words of the language with the author's own; without them where they cannot be read. */
    WordList list() {
        return words.isBlank() || problemWith(words).isPresent() ? WordList.ENGLISH : WordList.ENGLISH.with(words);
    }

    /** What is wrong with words of one's own, as a sentence; nothing where they can be read. */
    public static Optional<String> problemWith(String lines) {
        try {
            WordList.of(lines);
            return Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.of(e.getMessage());
        }
    }
}
