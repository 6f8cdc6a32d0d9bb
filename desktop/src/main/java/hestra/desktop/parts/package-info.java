/**
 * Controls that views share.
 */
package hestra.desktop.parts;
