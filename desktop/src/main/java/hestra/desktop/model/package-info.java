/**
 * The one place where the open desk changes, and from which every view hears of it: as a whole, and part by part.
 */
package hestra.desktop.model;
