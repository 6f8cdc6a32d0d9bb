package hestra.task;

import java.util.Optional;

import hestra.chance.Play;
import hestra.feedback.Mistake;

/** What follows from a pile. */
public enum ChanceConclusion {
    PROVES_NONE("the two have nothing to do with each other", "the two have nothing to do with each other"),
    LEAVES_OPEN("chance alone does this often enough: the data leave it open",
            "0 is among what fits these data: they leave it open"),
    SPEAKS_AGAINST("chance alone seldom does this: the data speak against \u201cnothing to do with each other\u201d",
            "0 is not among what fits these data: they speak against \u201cnothing to do with each other\u201d"),
    CAUSE("the one causes the other", "the one causes the other");

    private final String shuffled;
    private final String drawn;

    ChanceConclusion(String shuffled, String drawn) {
        this.shuffled = shuffled;
        this.drawn = drawn;
    }

    /** In a sentence that begins with "So". */
    public String inWords(Play play) {
        return play == Play.SHUFFLE ? shuffled : drawn;
    }

    /** The mistake that one makes who concludes this where {@code right} follows; nothing where none is known. */
    Optional<Mistake> mistake(ChanceConclusion right) {
        return switch (this) {
            case SPEAKS_AGAINST, LEAVES_OPEN -> this == right ? Optional.empty() : Optional.of(Mistake.DECISION_REVERSED);
            case PROVES_NONE -> Optional.of(Mistake.NOTHING_PROVED);
            case CAUSE -> Optional.of(Mistake.CAUSE_CLAIMED);
        };
    }
}
