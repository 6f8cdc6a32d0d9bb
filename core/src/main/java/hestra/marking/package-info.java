/**
 * Hand-ins and the marks they earn.
 */
package hestra.marking;
