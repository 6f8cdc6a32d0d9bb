/**
 * Hand-ins of a class: answers that say the same together, decisions of markers, how they are undone and merged, what each
 * student earns, what a class got wrong, what is doubtful in a hand-in, and its steps gone through again.
 */
package hestra.marking;
