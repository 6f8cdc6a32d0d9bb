/**
 * Reads aloud what has the keyboard and what has changed, through the speech service of the desktop, where the toolkit has no way
 * to a reader of the screen.
 */
package hestra.desktop.speech;
