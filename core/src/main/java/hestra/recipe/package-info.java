/**
 * Made-up data by a recipe: how x comes about, the true curve, the scatter about it, what is odd, and how an instrument would
 * round. A recipe and its seed always give the same table.
 */
package hestra.recipe;
