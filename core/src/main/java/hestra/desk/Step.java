package hestra.desk;

import java.util.Optional;

/**
 * An edit with the time at which it was made.
 *
 * @param at seconds since 1970, UTC, by the clock of whoever made it; 0 where that is not known
 * @param edit what was done, or taken back
 */
public record Step(long at, Edit edit) {

    /** The last second of the year 9999, the last that can be shown. */
    public static final long LATEST = 253_402_300_799L;

    public Step {
        if (at < 0 || at > LATEST) {
            throw new IllegalArgumentException("a time of " + at);
        }
    }

    /**
     * This step and the next one as one, where that goes on with this, as a letter does with a text; nothing where they are two.
     */
    public Optional<Step> joined(Step next) {
        return edit instanceof Edit.Lasting before && next.edit instanceof Edit.Lasting now && now.continues(before)
                ? Optional.of(new Step(next.at, now.joinedTo(before))) : Optional.empty();
    }

    /** An edit at a time that a clock or a file says; where that cannot be, it is not known. */
    public static Step at(long said, Edit edit) {
        return new Step(said < 0 || said > LATEST ? 0 : said, edit);
    }
}
