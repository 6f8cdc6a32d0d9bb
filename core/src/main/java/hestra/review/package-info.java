/**
 * What an author is told about an exercise before it is given out.
 */
package hestra.review;
