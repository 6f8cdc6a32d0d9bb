/**
 * A plot to be heard: from left to right in time and from the left ear to the right, higher for higher y.
 */
package hestra.sound;
