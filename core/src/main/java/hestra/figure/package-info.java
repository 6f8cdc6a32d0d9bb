/**
 * A plot as a description: scales, ticks, marks and what lies under the pointer. Painters elsewhere draw it.
 */
package hestra.figure;
