/**
 * The state of the working window, every edit of it, and what follows from it.
 */
package hestra.desk;
