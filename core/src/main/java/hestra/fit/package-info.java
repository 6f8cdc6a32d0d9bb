/**
 * Curves and their fits: lines, polynomials, exponential, power and logarithmic curves, waves and own terms, on the values or on
 * a logarithmic scale; with their coefficients, inference, diagnostics, residuals, predictions and inverse; and a fit that leaves
 * out what stands apart. Knows {@code data}, {@code summary} and {@code numbers}.
 */
package hestra.fit;
