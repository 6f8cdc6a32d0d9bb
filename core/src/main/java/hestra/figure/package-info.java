/**
 * A plot as a description: scales, ticks, curves, labels, marks and what lies under the pointer. Painters elsewhere draw it.
 */
package hestra.figure;
