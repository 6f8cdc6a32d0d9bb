/**
 * Exercises as an author wrote them: parts with their data, their aids and rules, and the blocks of their sheets. Knows {@code task}.
 */
package hestra.exercise;
