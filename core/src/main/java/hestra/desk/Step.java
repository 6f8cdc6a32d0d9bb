package hestra.desk;

/**
 * An edit with the time at which it was made.
 *
 * @param at seconds since 1970, UTC, by the clock of whoever made it; 0 where that is not known
 * @param edit what was done, or taken back
 */
public record Step(long at, Edit edit) {}
