/** All numbers of the two variables and of the curve in hand, beside the plot, each with what it says. */
package hestra.desktop.overview;
