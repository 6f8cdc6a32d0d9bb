/**
 * Light and dark, the size of type, typefaces and the style sheet, whose colours come from tokens.
 */
package hestra.desktop.look;
