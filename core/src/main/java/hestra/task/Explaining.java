package hestra.task;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;

import hestra.sentences.Aspect;

/**
 * What is explained in a sentence, and what of the sentence is looked at.
 *
 * @param about what is explained
 * @param at where, for a prediction
 * @param xNames what else the explanatory variable may be called
 * @param yNames what else the response may be called
 * @param off what is not looked at
 * @param model a good sentence, shown after the last try; may be empty
 */
public record Explaining(Aspect.About about, OptionalDouble at, List<String> xNames, List<String> yNames, Set<Aspect> off, String model) {

    /** A slope, looked at in full, without a model. */
    public static final Explaining SLOPE = of(Aspect.About.SLOPE);

    public Explaining {
        xNames = List.copyOf(xNames);
        yNames = List.copyOf(yNames);
        off = Set.copyOf(off);
    }

    /** Another quantity, looked at in full, without a model. */
    public static Explaining of(Aspect.About about) {
        return new Explaining(about, OptionalDouble.empty(), List.of(), List.of(), Set.of(), "");
    }

    public Explaining about(Aspect.About other) {
        return new Explaining(other, at, xNames, yNames, Set.of(), model);
    }

    public Explaining at(double x) {
        return new Explaining(about, OptionalDouble.of(x), xNames, yNames, off, model);
    }

    public Explaining withXNames(List<String> names) {
        return new Explaining(about, at, names, yNames, off, model);
    }

    public Explaining withYNames(List<String> names) {
        return new Explaining(about, at, xNames, names, off, model);
    }

    public Explaining without(Set<Aspect> aspects) {
        return new Explaining(about, at, xNames, yNames, aspects, model);
    }

    public Explaining withModel(String sentence) {
        return new Explaining(about, at, xNames, yNames, off, sentence);
    }
}
