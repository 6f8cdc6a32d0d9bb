/**
 * Data read off a picture of a plot: two known points on each axis say what a place in the picture means.
 */
package hestra.tracing;
