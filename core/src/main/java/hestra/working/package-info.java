/**
 * The hand calculation of a line by sums and by matrices, and formulas over results. Knows {@code data}, {@code numbers},
 * {@code summary} and {@code fit}.
 */
package hestra.working;
