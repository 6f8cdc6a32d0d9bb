/**
 * Variables, cells as they were typed, the immutable data table, and the pairs a fit may use. Knows {@code numbers}.
 */
package hestra.data;
