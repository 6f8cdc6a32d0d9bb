/**
 * Arithmetic with twice the digits, and numbers as text: how they are read and how they are shown. Knows nothing.
 */
package hestra.numbers;
