package hestra.sentences;

/**
 * A part of a text by which something was found, for those who read it.
 *
 * @param from where it begins in the text
 * @param to where it ends
 * @param aspect what was found by it
 * @param isWrong whether it is what makes the sentence wrong, such as the words that claim a cause
 */
public record Passage(int from, int to, Aspect aspect, boolean isWrong) {}
