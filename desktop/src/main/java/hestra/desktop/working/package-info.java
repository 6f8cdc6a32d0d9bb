/**
 * The hand calculation, unfolded column by column and by matrices.
 */
package hestra.desktop.working;
