/**
 * What chance does: the y values dealt out anew, the pairs drawn again with putting back, another sample from the same truth; and
 * the pile of what comes of it. Knows {@code data}, {@code fit}, {@code recipe}, {@code summary} and {@code numbers}.
 */
package hestra.chance;
