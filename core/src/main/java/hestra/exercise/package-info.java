/**
 * Exercises as an author wrote them: parts with their data, their aids and rules, the blocks of their sheets, how they vary, the
 * editions that were given out; and the attempts at a task, judged. Knows {@code task}.
 */
package hestra.exercise;
