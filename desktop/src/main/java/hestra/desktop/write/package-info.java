/**
 * The workshop of an author: the outline of parts and blocks, the data of the part in hand, and a set of fields for each kind of
 * task.
 */
package hestra.desktop.write;
