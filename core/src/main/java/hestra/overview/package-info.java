/** The numbers of two variables and of a curve at one look, each with a sentence that says what it means for these data. */
package hestra.overview;
