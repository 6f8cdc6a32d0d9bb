/**
 * Exercises, studies, hand-ins, journals and markings as files: JSON in archives, and what the members of each family are called
 * in it; and the folder of a class.
 */
package hestra.documents.exercise;
