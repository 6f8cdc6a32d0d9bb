/**
 * The plot and the strip below it, with every gesture and key.
 */
package hestra.desktop.plot;
