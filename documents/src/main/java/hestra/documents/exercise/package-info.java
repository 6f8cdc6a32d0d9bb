/** Exercises, hand-ins, journals and the marks of a class as files: JSON in archives, and what the members of each family are called in it. */
package hestra.documents.exercise;
