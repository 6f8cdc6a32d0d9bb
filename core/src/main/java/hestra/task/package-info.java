/**
 * The kinds of task, one file each with all that a kind knows of itself; answers; what is right in the data, and what a task may
 * see of the student's work.
 */
package hestra.task;
