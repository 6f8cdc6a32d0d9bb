/**
 * What an author is told about an exercise before it is given out: what is unfinished, what tells an answer in advance, what
 * cannot be reached, what reads badly; and the mends that are offered.
 */
package hestra.review;
