package hestra.task;

import java.util.Optional;

/** Choices made so far, and a sentence. */
public record Described(
        Optional<Description.Direction> direction,
        Optional<Description.Form> form,
        Optional<Description.Strength> strength,
        Optional<Description.Unusual> unusual,
        String sentence)
        implements Answer {

    public static final Described NOTHING =
            new Described(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), "");

    @Override
    public boolean isBlank() {
        return this.equals(NOTHING);
    }

    /** Whether every choice has been made. */
    public boolean isComplete() {
        return direction.isPresent() && form.isPresent() && strength.isPresent() && unusual.isPresent();
    }

    public Described with(Description.Choice choice) {
        return switch (choice) {
            case Description.Direction it -> new Described(Optional.of(it), form, strength, unusual, sentence);
            case Description.Form it -> new Described(direction, Optional.of(it), strength, unusual, sentence);
            case Description.Strength it -> new Described(direction, form, Optional.of(it), unusual, sentence);
            case Description.Unusual it -> new Described(direction, form, strength, Optional.of(it), sentence);
            default -> throw new IllegalArgumentException("no such choice: " + choice);
        };
    }

    public Described withSentence(String text) {
        return new Described(direction, form, strength, unusual, text);
    }
}
