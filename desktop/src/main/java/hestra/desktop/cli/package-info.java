/**
 * The commands of the command line.
 */
package hestra.desktop.cli;
