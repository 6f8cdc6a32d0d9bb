/**
 * The view of somebody who marks a class: answers that say the same together, a student's work with how it came about, and the
 * class.
 */
package hestra.desktop.mark;
