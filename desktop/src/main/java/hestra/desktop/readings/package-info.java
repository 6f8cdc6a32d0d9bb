/**
 * Equation, statistics and predictions of the curve in hand, and the comparison of curves.
 */
package hestra.desktop.readings;
