/**
 * Variants of an exercise, each with data of its own, and the copies that students get of them.
 */
package hestra.variants;
