package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import hestra.chance.Play;
import hestra.feedback.Mistake;

/** What the number that is read off a pile says. */
public enum ChanceMeaning {
    CHANCE_OF_NONE(Play.SHUFFLE, "the chance that the two have nothing to do with each other", Mistake.P_AS_CHANCE_OF_NONE),
    IF_UNRELATED(Play.SHUFFLE, "how often one at least this far from 0 comes up if the two have nothing to do with each other"),
    OURS_COULD_BE(Play.SHUFFLE, "how far ours could be off", Mistake.ZERO_FOR_OURS),
    SHARE_OF_POINTS_SHUFFLED(Play.SHUFFLE, "the share of the points that do not fit the line"),
    AROUND_ZERO(Play.DRAW_AGAIN, "where most would lie if the two had nothing to do with each other", Mistake.OURS_FOR_ZERO),
    SHARE_OF_POINTS(Play.DRAW_AGAIN, "between which values most of the points lie"),
    COULD_BE_OFF(Play.DRAW_AGAIN, "how far ours could be off: other points like these could well give anything between the ends"),
    SURE_SIZE(Play.DRAW_AGAIN, "that the true one is exactly in the middle of the pile");

    private final Play play;
    private final String words;
    private final Optional<Mistake> mistake;

    ChanceMeaning(Play play, String words) {
        this(play, words, Optional.empty());
    }

    ChanceMeaning(Play play, String words, Mistake mistake) {
        this(play, words, Optional.of(mistake));
    }

    ChanceMeaning(Play play, String words, Optional<Mistake> mistake) {
        this.play = play;
        this.words = words;
        this.mistake = mistake;
    }

    /** "It says …" */
    public String inWords() {
        return words;
    }

    /** The mistake that one makes who takes it for this. */
    Optional<Mistake> mistake() {
        return mistake;
    }

    /** What is offered for a play. */
    public static List<ChanceMeaning> of(Play play) {
        return Stream.of(values()).filter(it -> it.play == play).toList();
    }

    /** What the number of a play says. */
    static ChanceMeaning right(Play play) {
        return play == Play.SHUFFLE ? IF_UNRELATED : COULD_BE_OFF;
    }
}
