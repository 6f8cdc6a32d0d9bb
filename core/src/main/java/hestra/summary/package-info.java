/**
 * What can be said of one or two variables before any curve: means, spread, quartiles, correlation, ranks. Knows {@code
 * data} and {@code numbers}.
 */
package hestra.summary;
