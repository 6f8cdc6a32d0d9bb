/**
 * Verdicts; the judging of a number and of a sentence against the key and against what mistakes give; and the registry of
 * mistakes, in which each is one constant. Knows no exercises.
 */
package hestra.feedback;
