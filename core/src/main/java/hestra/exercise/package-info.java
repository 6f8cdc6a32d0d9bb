/**
 * Exercises, tasks, answers and aids, as an instructor wrote them and a student gives them.
 */
package hestra.exercise;
