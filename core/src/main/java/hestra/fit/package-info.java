/**
 * The straight line of least squares, its inference and its predictions. Knows {@code data} and {@code numbers}.
 */
package hestra.fit;
