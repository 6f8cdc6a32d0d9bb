package hestra.overview;

/**
 * A number as it is read, and what it says.
 *
 * @param text the number; a dash where it is not defined or held back
 * @param meaning a sentence about it in the words of these data; why there is none where there is none
 */
public record Entry(String text, String meaning) {}
