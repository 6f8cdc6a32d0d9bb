/**
 * Variables, cells as they were typed, the immutable data table with every edit of it, the roles of its columns, and the pairs
 * that a fit may use. Knows {@code numbers}.
 */
package hestra.data;
