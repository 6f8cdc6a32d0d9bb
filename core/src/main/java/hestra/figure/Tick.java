package hestra.figure;

/**
 * A tick of an axis.
 *
 * @param value where it stands
 * @param text what is written at it
 */
record Tick(double value, String text) {}
