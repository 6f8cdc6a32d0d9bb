/**
 * The sheet: the blocks of all parts in one scroll, and a form for each kind of task.
 */
package hestra.desktop.sheet;
