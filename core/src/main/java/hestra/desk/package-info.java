/**
 * The state of the working window: the work on each part, what is pointed at, every edit of it with undo, and what follows from
 * it all. Edits say themselves what comes of them: {@code WorkEdit} and {@code PlotEdit} are the student's in one part,
 * {@code PartEdit} the author's in one part, {@code ExerciseEdit} the author's of the whole.
 */
package hestra.desk;
