/**
 * The full example without a display: the steps of a student and of an author, into pictures and a report.
 */
package hestra.desktop.tour;
