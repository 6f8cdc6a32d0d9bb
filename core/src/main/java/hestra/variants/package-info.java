/**
 * Variants of an exercise, each with data of its own that are the same for ever, and the copies that students get of them, with
 * answers sealed. Knows {@code exercise} and {@code recipe}.
 */
package hestra.variants;
