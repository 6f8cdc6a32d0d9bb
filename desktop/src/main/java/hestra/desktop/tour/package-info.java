/**
 * The full example without a display: the steps of a student, of an author and of a marker, into pictures and a report.
 */
package hestra.desktop.tour;
